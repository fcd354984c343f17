import { t } from '@lingui/core/macro';
import type { Schemas } from '../api/client';
import type { Moving } from '../parts/useMoving';
import { textSize, tok } from '../theme/tokens';
import { PlaceBand } from './PlaceBand';
import { TimeAxis, type Span } from './TimeAxis';
import { YardBlock, row } from './YardBlock';
import { BeginsIn } from './BeginsIn';
import { YardPeople } from './YardPeople';

const place = 64;

interface Props {
  view: Schemas['PlanView'];
  span: Span;
  width: number;
  moving: Moving;
}

/** The yard along time: a row a part, who works when, and the air of every place below. */
export function YardChart({ view, span, width: w, moving }: Props) {
  const { chosen } = moving;
  const narrow = w < 620;
  const x0 = narrow ? 4 : 158;
  const x1 = w - 6;
  const x = (at: number): number => x0 + ((x1 - x0) * (at - span.from)) / (span.to - span.from);
  const clip = (at: number): number => Math.min(Math.max(at, span.from), span.to);
  const along = { span, x, clip, step: ((span.to - span.from) / (x1 - x0)) * w };
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
              .map((k) => (
                <BeginsIn key={k.id} k={k} y={y} along={along} />
              ))}
            {view.work
              .filter((k) => k.part === p.id)
              .map((k) => (
                <YardBlock key={k.id} k={k} part={p.name} y={y} along={along} view={view} moving={moving} />
              ))}
          </g>
        );
      })}
      <YardPeople view={view} top={rowsEnd + 8} narrow={narrow} along={along} />
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
