import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import type { Schemas } from '../api/client';
import { when } from '../parts/time';
import type { Moving } from '../parts/useMoving';
import { hatch } from '../theme/Hatches';
import { textSize, tok } from '../theme/tokens';
import { ZoneLines } from './LaidRibbon';
import type { Frame } from './WindowRibbons';
import { given } from '../parts/given';

interface Props {
  work: Schemas['PlannedView'];
  before: number | null;
  now: string;
  row: number;
  frame: Frame;
  moving: Moving;
}

/**
 * A step of the plan in the window in which it may begin, as that is with everything where it stands or is dragged
 * to.
 */
export function PlannedRibbon({ work: k, before, now, row, frame, moving }: Props) {
  const { narrow, x, x0, x1, from, to } = frame;
  const on = moving.chosen === k.id;
  const shift = on && moving.moved !== null ? moving.moved - new Date(k.start).getTime() : 0;
  const [s, e, dry] = [k.start, k.end, k.dry].map((instant) => new Date(instant).getTime() + shift) as [
    number,
    number,
    number,
  ];
  const may = moving.tried?.windows.find((w) => w.id === k.id) ?? k;
  const opens = may.from === null ? null : new Date(may.from).getTime();
  const closes = may.until === null ? null : new Date(may.until).getTime();
  const c = row + (narrow ? 32 : 17);
  const [a, b, wet] = [x(s), x(e), x(dry)];
  const width = Math.max(3, b - a);
  const bad = moving.broken.has(k.id);
  const [o, z] = [opens === null ? x1 : x(opens), closes === null ? x1 : x(closes)];
  const taper = o + (z - o) * 0.45;
  // Beside the ribbons there is room for the step or for its product, not for both on one line.
  const lines = narrow ? [k.name] : k.name.split(/(?<=: )/);
  return (
    <>
      <g
        tabIndex={0}
        role="button"
        data-work={k.id}
        aria-pressed={on}
        style={{ cursor: k.fixed ? 'default' : 'grab', outlineOffset: 1 }}
        aria-label={
          [
            t`${k.name}, ${when(new Date(s).toISOString(), now)} to ${when(new Date(e).toISOString(), now)}; may begin`,
            t`from ${when(may.from, now)}`,
            ...(may.until ? [t`until ${when(may.until, now)}`] : []),
          ].join(' ') + (bad ? t`, breaks` : '')
        }
        {...moving.grip(k, ((to - from) / (x1 - x0)) * frame.width)}
      >
        <rect
          x="0"
          y={row + 1}
          width={x1}
          height={(narrow ? 48 : 32) - 2}
          fill={on ? tok('wash') : 'transparent'}
          opacity={on ? 0.5 : 1}
        />
        <text
          clipPath={narrow ? undefined : 'url(#step-names)'}
          fontSize={textSize.s}
          fontWeight={k.coat ? 640 : 450}
          fill={tok('ink')}
        >
          {lines.map((line, n) => (
            <tspan key={line} x={narrow ? x0 : 0} y={narrow ? row + 14 : c + 4 + (n - (lines.length - 1) / 2) * 14}>
              {line}
            </tspan>
          ))}
        </text>
        {before !== null && opens !== null && o > x(before) && (
          <rect x={x(before)} y={c - 6} width={o - x(before)} height="12" fill={hatch('early')} opacity="0.7" />
        )}
        {closes !== null && z > o && (
          <path
            d={`M${o} ${c - 11}H${taper}L${z} ${c - 2}V${c + 2}L${taper} ${c + 11}H${o}Z`}
            fill={tok('lead')}
            opacity="0.3"
          />
        )}
        {closes !== null && closes < to && closes > from && (
          <path d={`M${z} ${c}l5 -4 5 8 5 -8 5 8`} fill="none" stroke={tok('ink')} strokeWidth="1.3" />
        )}
        {closes === null && opens !== null && o < x1 && (
          <path d={`M${o} ${c + 11}H${x1}`} stroke={tok('zinc')} strokeWidth="1.4" opacity="0.6" />
        )}
        {k.coat && wet > b && (
          <rect
            x={b}
            y={c - 4}
            width={wet - b}
            height="8"
            fill={hatch('early')}
            stroke={tok('phos')}
            strokeWidth="0.8"
          />
        )}
        <rect
          x={a}
          y={c - 9}
          width={width}
          height="18"
          fill={given(k.coat, hatch('colour')).or(k.fixed, tok('ink')).else(tok('phos'))}
          stroke={bad ? tok('lead') : tok('ink')}
          strokeWidth={bad ? 3 : 1}
        />
        {k.rework && (
          <path d={`M${a} ${c - 11}l3 -4 3 4 3 -4 3 4`} fill="none" stroke={tok('lead')} strokeWidth="1.8" />
        )}
        {on && (
          <rect x={a - 3} y={c - 12} width={width + 6} height="24" fill="none" stroke={tok('lead')} strokeWidth="2.4" />
        )}
      </g>
      {on && (
        <g aria-hidden="true" pointerEvents="none">
          <ZoneLines zones={moving.tried?.zones ?? []} y={c + 9} frame={frame} />
        </g>
      )}
      {bad && (
        <text
          aria-hidden="true"
          pointerEvents="none"
          x={narrow ? x1 : a}
          y={narrow ? row + 14 : c - 11}
          textAnchor={narrow ? 'end' : 'start'}
          fontSize={textSize.xs}
          fontWeight="700"
          fill={tok('lead')}
        >
          <Trans>breaks</Trans>
        </text>
      )}
    </>
  );
}
