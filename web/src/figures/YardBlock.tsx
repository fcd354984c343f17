import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import type { Schemas } from '../api/client';
import { when } from '../parts/time';
import type { Moving } from '../parts/useMoving';
import { hatch } from '../theme/Hatches';
import { textSize, tok } from '../theme/tokens';
import { type Span } from './TimeAxis';
import { given } from '../parts/given';

/** Height of a part's row, px. */
export const row = 30;

export type Work = Schemas['PlannedView'];

/** Where a moment lies in the picture, and how far it may reach. */
export interface Along {
  span: Span;
  x: (at: number) => number;
  clip: (at: number) => number;
  /** What one unit of the picture's width is worth when something is dragged, ms. */
  step: number;
}

interface Props {
  k: Work;
  part: string;
  y: number;
  along: Along;
  view: Schemas['PlanView'];
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

/** A step of a part in its row: hatched while wet, marked where it hangs on the forecast or must be made good. */
export function YardBlock({ k, part, y, along, view, moving }: Props) {
  const { span, x, clip, step } = along;
  const { chosen, moved, broken } = moving;
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
      tabIndex={0}
      role="button"
      data-work={k.id}
      aria-pressed={on}
      style={{ cursor: k.fixed ? 'default' : 'grab', outlineOffset: 1 }}
      aria-label={[
        `${part}: ${k.name}`,
        t`${when(new Date(s).toISOString(), view.now)} to ${when(new Date(e).toISOString(), view.now)}`,
        ...(k.critical ? [t`on the longest chain`] : []),
        ...(k.rework ? [t`after ${k.rework.text} of making good`] : []),
        ...(k.hangs.length > 0 ? [t`hangs on the forecast`] : []),
        ...(bad ? ['breaks'] : []),
      ].join(', ')}
      {...moving.grip(k, step)}
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
      {k.rework && <path d={`M${a} ${y + 4}l3 -4 3 4 3 -4 3 4`} fill="none" stroke={tok('lead')} strokeWidth="1.8" />}
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
}
