import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { textSize, tok } from '../theme/tokens';
import type { Frame } from './WindowRibbons';

const at = (s?: string | null): number | null => (s === null || s === undefined ? null : new Date(s).getTime());

/** A coat that is laid: hatched while too early, full when open, tapering as it runs out, torn once gone. */
export function LaidRibbon({
  band,
  covered,
  row,
  frame: { narrow, x, x0, x1, to, from },
}: {
  band: Schemas['WindowBand'];
  covered: boolean;
  row: number;
  frame: Frame;
}) {
  const c = row + (narrow ? 50 : 26);
  const opens = at(band.opensAt);
  const closes = at(band.closesAt);
  const again = at(band.againAt);
  const early = x(at(band.laidAt) ?? from);
  const a = opens === null ? x1 : x(opens);
  const b = closes === null ? x1 : x(closes);
  const taper = closes !== null && closes <= to;
  const k = a + (b - a) * 0.45;
  const shut = again !== null && closes !== null && again > closes;
  const torn =
    !shut && closes !== null && closes < to
      ? Array.from({ length: 10 }, (_, n) => `L${Math.min(x1, b + 7 * (n + 1))} ${c + (n % 2 ? 5 : -5)}`).join(' ')
      : '';
  return (
    <g>
      <text x={narrow ? x0 : 0} y={narrow ? row + 14 : c - 3} fontSize={textSize.m} fontWeight="640" fill={tok('ink')}>
        {band.name}
      </text>
      <text x={narrow ? x0 : 0} y={narrow ? row + 30 : c + 14} fontSize={textSize.s} fill={tok('ink2')}>
        {band.coat}
        {covered ? t` · recoated` : ''}
      </text>
      {a > early && (
        <rect
          x={early}
          y={c - 9}
          width={Math.max(0, a - early)}
          height="18"
          fill={hatch('early')}
          stroke={tok('phos')}
        />
      )}
      {b > a && (
        <path
          d={
            taper
              ? `M${a} ${c - 13} H${k} L${b} ${c - 2} V${c + 2} L${k} ${c + 13} H${a} Z`
              : `M${a} ${c - 13} H${b} V${c + 13} H${a} Z`
          }
          fill={covered ? tok('phos') : tok('lead')}
          opacity={covered ? 0.45 : 0.92}
        />
      )}
      {shut && !covered && x(again) > b && (
        <>
          <rect
            x={b}
            y={c - 9}
            width={x(again) - b}
            height="18"
            fill="none"
            stroke={tok('lead')}
            strokeWidth="2"
            strokeDasharray="6 3"
          />
          <path
            d={`M${b} ${c - 9}L${x(again)} ${c + 9}M${b} ${c + 9}L${x(again)} ${c - 9}`}
            stroke={tok('lead')}
            strokeWidth="1.4"
          />
          <text x={b + 4} y={c + 25} fontSize={textSize.xs} fill={tok('lead')}>
            <Trans>shut: a new coat would lift it</Trans>
          </text>
          {again < to && (
            <rect
              x={x(again)}
              y={c - 9}
              width={Math.max(0, x1 - x(again))}
              height="18"
              fill={tok('zinc')}
              opacity={0.7}
            />
          )}
        </>
      )}
      {torn && !covered && <path d={`M${b} ${c} ${torn}`} fill="none" stroke={tok('ink')} strokeWidth="1.6" />}
      {torn && !covered && b + 84 < x1 - 84 && (
        <text x={b + 84} y={c + 5} fontSize={textSize.xs} fill={tok('ink')}>
          <Trans>abrade first</Trans>
        </text>
      )}
      {opens === null && (
        <text x={early + 6} y={c + 5} fontSize={textSize.xs} fill={tok('lead')}>
          <Trans>not curing here</Trans>
        </text>
      )}
    </g>
  );
}

/**
 * When each zone of a coat opens and closes: where it was begun, half way, where it was ended; a mark where the next
 * coat gets there.
 */
export function ZoneLines({
  zones,
  y,
  frame: { x, x1, to },
}: {
  zones: Schemas['ZoneView'][];
  y: number;
  frame: Frame;
}) {
  return zones.map((z, n) => {
    const [o, c, r] = [at(z.opens), at(z.closes), at(z.reached)];
    return (
      <g key={n}>
        {o !== null && o < to && (
          <path d={`M${x(o)} ${y + n * 3}H${c === null ? x1 : x(c)}`} stroke={tok('deep')} strokeWidth="1.6">
            <title>{[t`where the coat was begun`, t`half way`, t`where it was ended`][n]}</title>
          </path>
        )}
        {r !== null && <circle cx={x(r)} cy={y + n * 3} r="1.8" fill={tok('ink')} />}
      </g>
    );
  });
}
