import { axisDay } from '../parts/time';
import { mono, textSize, tok } from '../theme/tokens';
import { given } from '../parts/given';

export interface Span {
  from: number;
  to: number;
}
interface Tick {
  t: number;
  label: string;
  strong: boolean;
}

function ticks({ from, to }: Span): Tick[] {
  const hours = (to - from) / 3_600_000;
  const every = given(hours <= 16, 1)
    .or(hours <= 80, 6)
    .or(hours <= 400, 24)
    .else(168);
  const list: Tick[] = [];
  const d = new Date(from);
  d.setMinutes(0, 0, 0);
  for (; d.getTime() <= to; d.setHours(d.getHours() + 1)) {
    if (
      d.getTime() < from ||
      (every < 24 ? d.getHours() % every !== 0 : d.getHours() !== 0 || (every === 168 && d.getDay() !== 1))
    )
      continue;
    const strong = d.getHours() === 0;
    list.push({
      t: d.getTime(),
      strong,
      label: strong ? axisDay(d, hours) : `${String(d.getHours()).padStart(2, '0')}:00`,
    });
  }
  return list;
}

/** Labels that would run into the one before are left out; days have the word before hours. */
function spaced(list: Tick[], x: (t: number) => number, right: number): Tick[] {
  const kept = new Set<number>();
  for (const strong of [true, false]) {
    for (const { t, strong: s } of list) {
      if (s === strong && x(t) < right - 46 && [...kept].every((k) => Math.abs(x(k) - x(t)) > (strong ? 64 : 48)))
        kept.add(t);
    }
  }
  return list.map((k) => (kept.has(k.t) ? k : { ...k, label: '' }));
}

/** Lines of hours and days with their names, as many as have room. */
export function TimeAxis({
  span,
  x,
  right,
  top,
  bottom,
}: {
  span: Span;
  x: (t: number) => number;
  right: number;
  top: number;
  bottom: number;
}) {
  return spaced(ticks(span), x, right).map(({ t, label, strong }) => (
    <g key={t}>
      <path d={`M${x(t)} ${top - 8}V${bottom}`} stroke={tok('rule')} strokeWidth={strong ? 2 : 1} />
      {label && (
        <text x={x(t) + 3} y={top - 12} fontSize={textSize.xs} fill={tok('ink2')} fontFamily={mono}>
          {label}
        </text>
      )}
    </g>
  ));
}
