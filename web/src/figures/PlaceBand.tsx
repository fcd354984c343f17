import { t } from '@lingui/core/macro';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { mono, textSize, tok } from '../theme/tokens';
import type { Span } from './TimeAxis';

const hour = 3_600_000;
const scale = 40;

/**
 * The air of a place under the work: temperature with its band, hours closed to wet films hatched, rain and wind as
 * marks.
 */
export function PlaceBand({
  air,
  span,
  x,
  y,
  height,
  narrow,
  left,
  right,
}: {
  air: Schemas['PlaceHours'];
  span: Span;
  x: (tick: number) => number;
  y: number;
  height: number;
  narrow: boolean;
  left: number;
  right: number;
}) {
  const from = new Date(air.from).getTime();
  const lowest = Math.min(0, ...air.ticks.map((tick) => tick.at));
  const v = (c: number): number =>
    y + height - (height * (Math.min(Math.max(c, lowest), lowest + scale) - lowest)) / scale;
  const step = Math.max(1, Math.floor((span.to - span.from) / hour / 400));
  const at = air.celsius
    .map((_, i) => i)
    .filter((i) => i % step === 0 && from + (i + 1) * hour > span.from && from + i * hour < span.to);
  const px = (i: number): number => Math.min(Math.max(x(from + i * hour), left), right);
  const line = (list: number[]): string =>
    at.map((i, n) => `${n === 0 ? 'M' : 'L'}${px(i).toFixed(1)} ${v(list[i] ?? 0).toFixed(1)}`).join('');
  const band =
    at.length > 0
      ? `${line(air.high)}${[...at]
          .reverse()
          .map((i) => `L${px(i).toFixed(1)} ${v(air.low[i] ?? 0).toFixed(1)}`)
          .join('')}Z`
      : '';
  const shut: [number, number][] = [];
  for (const i of at) {
    if (!air.closed[i]) continue;
    const open = shut[shut.length - 1];
    if (open?.[1] === i) open[1] = i + step;
    else shut.push([i, i + step]);
  }
  const matters = air.matters.join('; ') || t`Nothing in the next two days keeps a film off.`;
  return (
    <g role="img" aria-label={t`${air.name}: ${air.air} now. ${matters}`}>
      <text
        x={narrow ? left : 0}
        y={narrow ? y - 3 : y + 13}
        fontSize={narrow ? 12.5 : 13.5}
        fontWeight="650"
        fill={tok('ink')}
      >
        {air.name}
      </text>
      {!narrow && (
        <text x={0} y={y + 28} fontSize={textSize.xs} fill={tok('ink2')} fontFamily={mono}>
          {air.air}
        </text>
      )}
      {!narrow && air.kind !== air.name && (
        <text x={0} y={y + 42} fontSize={textSize.xs} fill={tok('ink2')}>
          {air.kind}
        </text>
      )}
      {air.ticks.map((tick) => (
        <path key={tick.at} d={`M${left} ${v(tick.at)}H${right}`} stroke={tok('rule')} strokeWidth="0.7" />
      ))}
      {shut.map(([a, b]) => (
        <rect
          key={a}
          x={px(a)}
          y={y}
          width={Math.max(1, px(b) - px(a))}
          height={height}
          fill={hatch('early')}
          opacity="0.85"
        />
      ))}
      {band && <path d={band} fill={tok('deep')} opacity="0.22" />}
      <path d={line(air.celsius)} fill="none" stroke={tok('deep')} strokeWidth="1.8" />
      {at
        .filter((i) => (air.rain[i] ?? 0) > 0)
        .map((i) => (
          <path key={`r${i}`} d={`M${px(i) + 3} ${y + 3}l-3 8`} stroke={tok('deep')} strokeWidth="1.6" />
        ))}
      {at
        .filter((i) => (air.wind[i] ?? 0) > 4)
        .map((i) => (
          <path
            key={`w${i}`}
            d={`M${px(i)} ${y + height - 4}h6l-2 -3`}
            fill="none"
            stroke={tok('brass')}
            strokeWidth="1.4"
          />
        ))}
      {air.ticks
        .filter((_, i) => i % 2 === 0)
        .map((tick) => (
          <text
            key={tick.at}
            x={right - 2}
            y={v(tick.at) - 2}
            textAnchor="end"
            fontSize={textSize.xs}
            fill={tok('ink2')}
            fontFamily={mono}
          >
            {tick.text}
          </text>
        ))}
    </g>
  );
}
