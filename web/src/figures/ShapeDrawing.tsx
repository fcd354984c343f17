import type { ReactNode } from 'react';
import type { Schemas } from '../api/client';
import { mono, textSize, tok } from '../theme/tokens';
import { given } from '../parts/given';

type Point = readonly [number, number];

/** Outline of the section in metres, x to the right and y up; null where the shape has no straight section. */
function section(kind: string, d: Record<string, number>): Point[] | null {
  const n = (name: string): number => d[name] ?? 0;
  const t = Math.max(n('thickness'), 0.004);
  switch (kind) {
    case 'box-section':
      return [
        [0, 0],
        [n('width'), 0],
        [n('width'), n('height')],
        [0, n('height')],
      ];
    case 'angle': {
      const th = Math.min(n('legA'), n('legB')) / 8;
      return [
        [0, 0],
        [n('legB'), 0],
        [n('legB'), th],
        [th, th],
        [th, n('legA')],
        [0, n('legA')],
      ];
    }
    case 'channel':
      return [
        [0, 0],
        [n('flange'), 0],
        [n('flange'), t],
        [t, t],
        [t, n('web') - t],
        [n('flange'), n('web') - t],
        [n('flange'), n('web')],
        [0, n('web')],
      ];
    case 'i-section': {
      const f = n('flange');
      const h = n('height');
      const a = (f - t) / 2;
      return [
        [0, 0],
        [f, 0],
        [f, t],
        [a + t, t],
        [a + t, h - t],
        [f, h - t],
        [f, h],
        [0, h],
        [0, h - t],
        [a, h - t],
        [a, t],
        [0, t],
      ];
    }
    default:
      return null;
  }
}

const run: Point = [150, -62];

/** A dimension line; its text stands left of an upright line, beside a slanting one, above a level one. */
function Dim({ from, to, label, off = [0, 0] }: { from: Point; to: Point; label: string; off?: Point }) {
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

/** A shape with its dimensions; the section is to scale, the length is drawn short. */
export function ShapeDrawing({ shape, label }: { shape: Schemas['ShapeView']; label: string }) {
  const d = shape.values;
  const text = shape.dimensions;
  const line = { fill: tok('wash'), stroke: tok('ink'), strokeWidth: 1.6, strokeLinejoin: 'round' as const };
  const points = section(shape.kind, d);
  let drawing: ReactNode = null;
  if (points) {
    const w = Math.max(...points.map((p) => p[0]), 0.001);
    const h = Math.max(...points.map((p) => p[1]), 0.001);
    const scale = 92 / Math.max(w, h);
    const at = (p: Point): Point => [76 + p[0] * scale, 184 - p[1] * scale];
    const front = points.map(at);
    const move = (p: Point): Point => [p[0] + run[0], p[1] + run[1]];
    const path = (list: readonly Point[]): string => `M${list.map((p) => p.join(' ')).join(' L')} Z`;
    drawing = (
      <>
        <path d={path(front.map(move))} {...line} />
        {front.map((p, i) => {
          const q = front[(i + 1) % front.length] ?? p;
          const seen = (p[1] - q[1]) * run[0] + (q[0] - p[0]) * run[1] > 0;
          return seen && <path key={i} d={path([p, q, move(q), move(p)])} {...line} />;
        })}
        <path d={path(front)} fill="url(#hatch-steel)" stroke={tok('ink')} strokeWidth="2" />
        <Dim
          from={at([0, 0])}
          to={at([w, 0])}
          off={[0, 22]}
          label={text['width'] ?? text['flange'] ?? text['legB'] ?? ''}
        />
        <Dim
          from={at([0, 0])}
          to={at([0, h])}
          off={[-22, 0]}
          label={text['height'] ?? text['web'] ?? text['legA'] ?? ''}
        />
        <Dim from={at([w, 0])} to={move(at([w, 0]))} off={[12, 12]} label={text['length'] ?? ''} />
      </>
    );
  } else if (shape.kind === 'tube' || shape.kind === 'round-bar' || shape.kind === 'lattice') {
    const [cx, cy, rx, ry] = [104, 150, 30, 42];
    const wall = given(
      shape.kind === 'tube' && (d['wall'] ?? 0) > 0,
      Math.max(0.2, 1 - (2 * (d['wall'] ?? 0)) / Math.max(d['diameter'] ?? 1, 0.001)),
    )
      .or(shape.kind === 'tube', 0.82)
      .else(0);
    drawing = (
      <>
        <path
          d={[
            `M${cx} ${cy - ry} L${cx + run[0]} ${cy - ry + run[1]}`,
            `A${rx} ${ry} 0 0 1 ${cx + run[0]} ${cy + ry + run[1]}`,
            `L${cx} ${cy + ry} Z`,
          ].join(' ')}
          {...line}
        />
        <ellipse cx={cx} cy={cy} rx={rx} ry={ry} fill="url(#hatch-steel)" stroke={tok('ink')} strokeWidth="2" />
        {wall > 0 && (
          <ellipse
            cx={cx}
            cy={cy}
            rx={rx * wall}
            ry={ry * wall}
            fill={tok('sheet')}
            stroke={tok('ink')}
            strokeWidth="1.4"
          />
        )}
        <Dim from={[cx - rx, cy - ry]} to={[cx - rx, cy + ry]} off={[-14, 0]} label={text['diameter'] ?? ''} />
        <Dim from={[cx, cy + ry]} to={[cx + run[0], cy + ry + run[1]]} off={[8, 14]} label={text['length'] ?? ''} />
      </>
    );
  } else {
    const long = d['length'] ?? d['loa'] ?? d['lwl'] ?? d['diameter'] ?? d['large'] ?? 1;
    const wide = d['width'] ?? d['beam'] ?? d['rise'] ?? d['height'] ?? 1;
    const scale = 190 / Math.max(long, wide * 1.6, 0.001);
    const [w, h] = [Math.max(long * scale, 6), Math.max(wide * scale, 6)];
    const [x, y] = [90 + (190 - w) / 2, 30 + (120 - h) / 2];
    const holes = Math.min(12, Math.round(d['holes'] ?? 0));
    const r = Math.max(1.5, ((d['holeDiameter'] ?? 0) / 2) * scale);
    const cut: Point = [(d['cutoutLength'] ?? 0) * scale, (d['cutoutWidth'] ?? 0) * scale];
    drawing = (
      <>
        {shape.kind === 'dome' && (
          <path
            d={`M${x} ${y + h} A${w / 2} ${h} 0 0 1 ${x + w} ${y + h} A${w / 2} 9 0 0 1 ${x} ${y + h}`}
            {...line}
            fill="url(#hatch-steel)"
          />
        )}
        {shape.kind === 'wheel' && (
          <ellipse cx={x + w / 2} cy={y + h / 2} rx={w / 2} ry={Math.min(60, w / 2)} {...line} />
        )}
        {shape.kind !== 'dome' && shape.kind !== 'wheel' && (
          <path d={`M${x + 8} ${y - 8} h${w} v${h} l-8 8 M${x + w} ${y} l8 -8 M${x} ${y} l8 -8`} {...line} />
        )}
        {shape.kind !== 'dome' && shape.kind !== 'wheel' && (
          <rect x={x} y={y} width={w} height={h} fill="url(#hatch-steel)" stroke={tok('ink')} strokeWidth="2" />
        )}
        {Array.from({ length: holes }, (_, i) => (
          <circle
            key={i}
            cx={x + (w * (i + 1)) / (holes + 1)}
            cy={y + h * (i % 2 ? 0.3 : 0.7)}
            r={r}
            fill={tok('sheet')}
            stroke={tok('ink')}
          />
        ))}
        {cut[0] > 0 && cut[1] > 0 && (
          <rect
            x={x + (w - cut[0]) / 2}
            y={y + (h - cut[1]) / 2}
            width={cut[0]}
            height={cut[1]}
            fill={tok('sheet')}
            stroke={tok('ink')}
          />
        )}
        <Dim
          from={[x, y + h]}
          to={[x + w, y + h]}
          off={[0, 24]}
          label={text['length'] ?? text['loa'] ?? text['lwl'] ?? text['diameter'] ?? text['large'] ?? ''}
        />
        <Dim
          from={[x, y]}
          to={[x, y + h]}
          off={[-16, 0]}
          label={text['width'] ?? text['beam'] ?? text['rise'] ?? text['height'] ?? ''}
        />
      </>
    );
  }
  return (
    <svg
      viewBox="0 0 350 228"
      width="100%"
      style={{ maxWidth: 400, display: 'block' }}
      role="img"
      aria-label={`${label}: ${Object.entries(text)
        .map(([k, v]) => `${k} ${v}`)
        .join(', ')}`}
    >
      {drawing}
      {text['count'] && text['count'] !== '1' && (
        <text
          x="340"
          y="24"
          textAnchor="end"
          fontSize={textSize.title}
          fontWeight="700"
          fontFamily={mono}
          fill={tok('ink')}
        >
          × {text['count']}
        </text>
      )}
    </svg>
  );
}
