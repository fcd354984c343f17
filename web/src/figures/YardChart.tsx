import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import type { Schemas } from '../api/client';
import { when } from '../parts/time';
import type { Moving } from '../parts/useMoving';
import { hatch } from '../theme/Hatches';
import { textSize, tok } from '../theme/tokens';
import { PlaceBand } from './PlaceBand';
import { TimeAxis, type Span } from './TimeAxis';
import { given } from '../parts/given';

type Work = Schemas['PlannedView'];

const row = 30;
const place = 64;

interface Props {
  view: Schemas['PlanView'];
  span: Span;
  width: number;
  moving: Moving;
}

/** The hours in which somebody has a hand on it: what is left overnight is not worked then. */
function hands(k: Work, view: Schemas['PlanView'], s: number, e: number): [number, number][] {
  const spans = view.people.filter((p) => k.who.includes(p.name)).flatMap((p) => p.spans);
  const worked = spans
    .map((w): [number, number] => [Math.max(s, new Date(w.from).getTime()), Math.min(e, new Date(w.to).getTime())])
    .filter(([a, b]) => b > a);
  return worked.length > 0 ? worked : [[s, e]];
}

/** The yard along time: a row a part, who works when, and the air of every place below. */
export function YardChart({ view, span, width: w, moving }: Props) {
  const { chosen, moved, broken } = moving;
  const narrow = w < 620;
  const x0 = narrow ? 4 : 158;
  const x1 = w - 6;
  const x = (at: number): number => x0 + ((x1 - x0) * (at - span.from)) / (span.to - span.from);
  const clip = (at: number): number => Math.min(Math.max(at, span.from), span.to);
  const shown = view.parts.filter((p) =>
    view.work.some(
      (k) => k.part === p.id && new Date(k.end).getTime() > span.from && new Date(k.start).getTime() < span.to,
    ),
  );
  const lead = narrow ? 15 : 0;
  const top = 30;
  const rowsEnd = top + shown.length * (row + lead);
  const peopleEnd = rowsEnd + 8 + view.people.length * 17;
  const height = peopleEnd + 14 + view.places.length * (place + lead);
  const now = new Date(view.now).getTime();

  return (
    <svg
      viewBox={`0 0 ${w} ${height}`}
      width="100%"
      style={{ display: 'block', touchAction: 'pan-y' }}
      role="group"
      aria-label={t`Schedule of the yard`}
    >
      {view.people[0]?.spans.map((s) => {
        const [a, b] = [clip(new Date(s.from).getTime()), clip(new Date(s.to).getTime())];
        return (
          b > a && <rect key={s.from} x={x(a)} y={top} width={x(b) - x(a)} height={rowsEnd - top} fill={tok('sheet')} />
        );
      })}
      <TimeAxis span={span} x={x} right={x1} top={top} bottom={height} />
      {shown.map((p, i) => {
        const y = top + i * (row + lead) + lead;
        return (
          <g key={p.id}>
            <path d={`M0 ${y + row}H${w}`} stroke={tok('rule')} />
            <text
              x={narrow ? x0 : 0}
              y={narrow ? y - 3 : y + 14}
              fontSize={narrow ? 12.5 : 13.5}
              fontWeight="650"
              fill={tok('ink')}
            >
              {p.name.length > 19 ? `${p.name.slice(0, 18)}…` : p.name}
            </text>
            {!narrow && (
              <text x={0} y={y + 26} fontSize={textSize.xs} fill={tok('ink2')}>
                {p.job.length > 24 ? `${p.job.slice(0, 23)}…` : p.job}
              </text>
            )}
            {view.work
              .filter((k) => k.part === p.id && k.id === chosen && k.from && k.until)
              .map((k) => {
                const [a, b] = [x(clip(new Date(k.from ?? 0).getTime())), x(clip(new Date(k.until ?? 0).getTime()))];
                const taper = a + (b - a) * 0.45;
                return (
                  b > a && (
                    <path
                      key="window"
                      d={[
                        `M${a} ${y + 1}H${taper}`,
                        `L${b} ${y + row / 2 - 2}V${y + row / 2 + 2}`,
                        `L${taper} ${y + row - 1}H${a}Z`,
                      ].join('')}
                      fill={tok('lead')}
                      opacity="0.28"
                    />
                  )
                );
              })}
            {view.work
              .filter((k) => k.part === p.id)
              .map((k) => {
                const on = k.id === chosen;
                const shift = on && moved !== null ? moved - new Date(k.start).getTime() : 0;
                const s = new Date(k.start).getTime() + shift;
                const e = new Date(k.end).getTime() + shift;
                const dry = new Date(k.dry).getTime() + shift;
                if (Math.max(e, dry) < span.from || s > span.to) return null;
                const [a, b, c] = [x(clip(s)), x(clip(e)), x(clip(dry))];
                const bad = broken.has(k.id);
                const width = Math.max(3, b - a);
                return (
                  <g
                    key={k.id}
                    tabIndex={0}
                    role="button"
                    data-work={k.id}
                    aria-pressed={on}
                    style={{ cursor: k.fixed ? 'default' : 'grab', outlineOffset: 1 }}
                    aria-label={[
                      `${p.name}: ${k.name}`,
                      t`${when(new Date(s).toISOString(), view.now)} to ${when(new Date(e).toISOString(), view.now)}`,
                      ...(k.critical ? [t`on the longest chain`] : []),
                      ...(k.rework ? [t`after ${k.rework.text} of making good`] : []),
                      ...(k.hangs.length > 0 ? [t`hangs on the forecast`] : []),
                      ...(bad ? ['breaks'] : []),
                    ].join(', ')}
                    {...moving.grip(k, ((span.to - span.from) / (x1 - x0)) * w)}
                  >
                    {k.coat && c > b && (
                      <rect
                        x={b}
                        y={y + 9}
                        width={c - b}
                        height={row - 17}
                        fill={hatch('early')}
                        stroke={tok('phos')}
                        strokeWidth="0.8"
                      />
                    )}
                    <rect x={a} y={y + 2} width={Math.max(width, 8)} height={row - 4} fill="transparent" />
                    {k.coat ? (
                      <rect
                        x={a}
                        y={y + 5}
                        width={width}
                        height={row - 9}
                        fill={hatch('colour')}
                        stroke={given(bad, tok('lead')).or(k.critical, tok('ink')).else(tok('phos'))}
                        strokeWidth={given(bad, 3).or(k.critical, 2).else(1)}
                      />
                    ) : (
                      <>
                        <path d={`M${a} ${y + 15.5}H${a + width}`} stroke={tok('phos')} strokeWidth="2" />
                        {hands(k, view, s, e).map(([p, q]) => (
                          <rect
                            key={p}
                            x={x(clip(p))}
                            y={y + 8}
                            width={Math.max(3, x(clip(q)) - x(clip(p)))}
                            height={row - 15}
                            fill={k.fixed ? tok('ink') : tok('phos')}
                            stroke={given(bad, tok('lead')).or(k.critical, tok('ink')).else(tok('phos'))}
                            strokeWidth={given(bad, 3).or(k.critical, 2).else(1)}
                          />
                        ))}
                      </>
                    )}
                    {k.hangs.length > 0 && <circle cx={a + width / 2} cy={y + 2} r="3.2" fill={tok('brass')} />}
                    {k.rework && (
                      <path d={`M${a} ${y + 4}l3 -4 3 4 3 -4 3 4`} fill="none" stroke={tok('lead')} strokeWidth="1.8" />
                    )}
                    {on && (
                      <rect
                        x={a - 3}
                        y={y + 2}
                        width={width + 6}
                        height={row - 4}
                        fill="none"
                        stroke={tok('lead')}
                        strokeWidth="2.4"
                      />
                    )}
                    {bad && (
                      <text x={a} y={y + 4} fontSize={textSize.xs} fontWeight="700" fill={tok('lead')}>
                        <Trans>breaks</Trans>
                      </text>
                    )}
                  </g>
                );
              })}
          </g>
        );
      })}
      {view.people.map((p, i) => {
        const y = rowsEnd + 8 + i * 17;
        return (
          <g key={p.name}>
            {!narrow && (
              <text x={0} y={y + 11} fontSize={textSize.xs} fill={tok('ink2')}>
                <Trans>{p.name} works</Trans>
              </text>
            )}
            {p.spans.map((s) => {
              const [a, b] = [clip(new Date(s.from).getTime()), clip(new Date(s.to).getTime())];
              return (
                b > a && (
                  <rect
                    key={s.from}
                    x={x(a)}
                    y={y + 2}
                    width={Math.max(1, x(b) - x(a))}
                    height="9"
                    fill={tok('wash')}
                    stroke={tok('phos')}
                  />
                )
              );
            })}
          </g>
        );
      })}
      {view.places.map((air, i) => (
        <PlaceBand
          key={air.name}
          air={air}
          span={span}
          x={x}
          y={peopleEnd + 14 + i * (place + lead) + lead}
          height={place - 12}
          narrow={narrow}
          right={x1}
          left={x0}
        />
      ))}
      {now > span.from && now < span.to && (
        <>
          <path d={`M${x(now)} ${top - 8}V${height}`} stroke={tok('ink')} strokeWidth="2.2" />
          <path d={`M${x(now) - 6} ${top - 14}h12l-6 8z`} fill={tok('ink')} />
        </>
      )}
    </svg>
  );
}
