import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { mono, textSize, tok } from '../theme/tokens';
import { given } from '../parts/given';

const looks: Record<string, { fill: string; stroke: string; dash?: string; width?: number }> = {
  tank: { fill: 'none', stroke: tok('ink'), width: 3.4 },
  liquid: { fill: hatch('gelcoat'), stroke: tok('deep') },
  stock: { fill: hatch('colour'), stroke: tok('lead') },
  part: { fill: hatch('steel'), stroke: tok('ink'), width: 2 },
  anode: { fill: tok('ink'), stroke: tok('ink') },
  core: { fill: hatch('filler'), stroke: 'none' },
  ply: { fill: hatch('laminate'), stroke: tok('ink') },
  laminate: { fill: hatch('early'), stroke: tok('phos') },
  filler: { fill: hatch('fairing'), stroke: tok('ink') },
  lift: { fill: 'none', stroke: tok('lead'), dash: '7 5', width: 2 },
  section: { fill: 'none', stroke: tok('ink'), width: 1.6 },
  measure: { fill: 'none', stroke: tok('deep'), width: 1.6 },
  pass: { fill: 'none', stroke: tok('lead'), dash: '3 4' },
};

const wide = 560;
const side = 40;

/** A drawing to scale from rectangles with a role; labels stand where they do not cover one another. */
export function WorkDrawing({ drawing }: { drawing: Schemas['DrawingView'] }) {
  const high = Math.min(340, Math.max(70, wide * drawing.ratio));
  const scale = Math.min(wide, high / drawing.ratio);
  const x = (share: number): number => side + (wide - scale) / 2 + share * scale;
  const y = (share: number): number => 24 + share * high;
  const labelled = drawing.marks.filter((m) => m.label !== '' && m.role !== 'measure');
  const foot = y(Math.max(1, ...drawing.marks.map((m) => m.y + m.height)));
  const across = drawing.marks.filter((m) => m.role === 'section');
  return (
    <svg
      viewBox={`0 0 ${wide + 2 * side} ${foot + 40 + (labelled.length - across.length) * 18}`}
      width="100%"
      style={{ display: 'block', maxWidth: 720 }}
      role="img"
      aria-label={[...drawing.marks.map((m) => m.label).filter(Boolean), drawing.caption].join('; ')}
    >
      {drawing.marks.map((m, i) => {
        const look = looks[m.role] ?? { fill: 'none', stroke: tok('ink') };
        const flat = m.width === 0 || m.height === 0;
        return flat ? (
          <path
            key={i}
            d={[
              `M${x(m.x)} ${y(m.y)}L${x(m.x + m.width)} ${y(m.y + m.height)}`,
              ...(m.role === 'measure' ? [`M${x(m.x)} ${y(m.y) - 5}v10M${x(m.x + m.width)} ${y(m.y) - 5}v10`] : []),
            ].join('')}
            stroke={look.stroke}
            strokeWidth={look.width ?? 1.2}
            strokeDasharray={look.dash}
          />
        ) : (
          <rect
            key={i}
            x={x(m.x)}
            y={y(m.y)}
            width={m.width * scale}
            height={Math.max(1, m.height * high)}
            fill={look.fill}
            stroke={look.stroke}
            strokeWidth={look.width ?? 1.2}
            strokeDasharray={look.dash}
          />
        );
      })}
      {drawing.marks
        .filter((m) => m.role === 'measure')
        .map((m) => (
          <text
            key={m.label + String(m.x)}
            x={x(m.x + m.width / 2)}
            y={y(m.y) + 15}
            textAnchor="middle"
            fontSize={textSize.xs}
            fontFamily={mono}
            fill={tok('deep')}
          >
            {m.label}
          </text>
        ))}
      {across.map((m, i) => (
        <text
          key={i}
          x={x(m.x)}
          y={14}
          textAnchor={given(m.x < 0.05, 'start')
            .or(m.x > 0.95, 'end')
            .else('middle')}
          fontSize={textSize.xs}
          fontFamily={mono}
          fill={tok('ink')}
        >
          {m.label}
        </text>
      ))}
      {labelled
        .filter((m) => m.role !== 'section')
        .map((m, i) => (
          <g key={i}>
            <rect
              x={side}
              y={foot + 22 + i * 18}
              width="20"
              height="11"
              fill={looks[m.role]?.fill ?? 'none'}
              stroke={looks[m.role]?.stroke === 'none' ? tok('ink') : looks[m.role]?.stroke}
              strokeDasharray={looks[m.role]?.dash}
            />
            <text x={side + 28} y={foot + 32 + i * 18} fontSize={textSize.s} fontFamily={mono} fill={tok('ink')}>
              {m.label}
            </text>
          </g>
        ))}
      <text x={wide + 2 * side - 4} y={foot + 32} textAnchor="end" fontSize={textSize.xs} fill={tok('ink2')}>
        {drawing.caption}
      </text>
    </svg>
  );
}
