import { given } from '../../parts/given';
import { mono, textSize, tok } from '../../theme/tokens';

export type Point = readonly [number, number];

/** What a drawing of a shape is given: its sizes in metres, and as they are written. */
export interface Drawn {
  kind: string;
  d: Record<string, number>;
  text: Record<string, string>;
}

export const outline = { stroke: tok('ink'), strokeWidth: 1.6, strokeLinejoin: 'round' as const };
export const plain = { ...outline, fill: tok('wash') };
export const cut = { ...outline, strokeWidth: 2, fill: 'url(#hatch-steel)' };
export const hollow = { ...outline, strokeWidth: 1.4, fill: tok('sheet') };

export const path = (points: readonly Point[]): string => `M${points.map((p) => p.join(' ')).join(' L')} Z`;

/** A dimension line; its text stands left of an upright line, beside a slanting one, above a level one. */
export function Dim({ from, to, label, off = [0, 0] }: { from: Point; to: Point; label: string; off?: Point }) {
  const [x1, y1] = [from[0] + off[0], from[1] + off[1]];
  const [x2, y2] = [to[0] + off[0], to[1] + off[1]];
  const upright = Math.abs(x1 - x2) < 1;
  const slant = !upright && Math.abs(y1 - y2) > 1;
  return (
    <g>
      <path d={`M${x1} ${y1} L${x2} ${y2}`} stroke={tok('lead')} strokeWidth="1.2" />
      <circle cx={x1} cy={y1} r="2.4" fill={tok('lead')} />
      <circle cx={x2} cy={y2} r="2.4" fill={tok('lead')} />
      <text
        x={(x1 + x2) / 2 + given(upright, -8).or(slant, 12).else(0)}
        y={(y1 + y2) / 2 + given(upright, 4).or(slant, 14).else(15)}
        fontSize={textSize.s}
        fontFamily={mono}
        textAnchor={given(upright, 'end').or(slant, 'start').else('middle')}
        fill={tok('ink')}
        paintOrder="stroke"
        stroke={tok('sheet')}
        strokeWidth="4"
      >
        {label}
      </text>
    </g>
  );
}
