import { t } from '@lingui/core/macro';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { mono, textSize, tok } from '../theme/tokens';
import { given } from '../parts/given';

interface Props {
  layers: Schemas['LayerView'][];
  substrate: string;
  substrateHatch: string;
  /** How many layers are on at the chosen step; the rest are drawn as what is to come. */
  shown: number;
  caption: string;
}

const left = 8;
const width = 112;
const top = 26;
const room = 250;
const ground = 56;
/** Characters that stand beside the stack. */
const longest = 27;

/** What is too long for a line breaks at the space before its end; the rest goes on below. */
function inTwo(name: string): string[] {
  const at = name.length > longest ? name.lastIndexOf(' ', longest) : -1;
  return at > 0 ? [name.slice(0, at), name.slice(at + 1)] : [name];
}

/** The film stack in cross-section, film thickness to scale, hatched by kind of film. */
export function Strata({ layers, substrate, substrateHatch, shown, caption }: Props) {
  const sum = layers.reduce((total, layer) => total + layer.thickness.value, 0);
  const least = layers.some((layer) => layer.name.length > longest) ? 44 : 34;
  const perMicron = sum > 0 ? Math.min(1.3, Math.max(room, layers.length * least) / sum) : 1;
  const stack = sum * perMicron;
  const base = top + Math.max(stack, layers.length * least, 30) + 6;
  const heights = layers.map((layer) => layer.thickness.value * perMicron);
  const bottoms = heights.map((_, i) => base - heights.slice(0, i).reduce((a, b) => a + b, 0));
  const step = layers.length > 0 ? Math.max(least, stack / layers.length) : least;
  const edge = Array.from({ length: 19 }, (_, i) => `L${left + i * 6} ${base + (i % 2 ? 4 : 0) + ((i * 7) % 4)}`).join(
    ' ',
  );
  const words = layers.map((l, i) => `${l.name} ${l.thickness.text}${i < shown ? '' : t` to come`}`).join(', ');
  return (
    <figure style={{ margin: 0 }}>
      <svg
        viewBox={`0 0 350 ${base + ground + 4}`}
        width="100%"
        style={{ maxWidth: 400, display: 'block' }}
        role="img"
        aria-label={t`Cross-section, bottom to top: ${substrate}${words ? `, ${words}` : t`, no film`}`}
      >
        <text x={left} y={14} fontSize={textSize.s} fill={tok('ink2')}>
          {caption}
        </text>
        {layers.map((layer, i) => {
          const on = i < shown;
          const y = (bottoms[i] ?? 0) - (heights[i] ?? 0);
          const middle = y + (heights[i] ?? 0) / 2;
          const label = base - 4 - step * (i + 0.5);
          return (
            <g key={`${layer.stepKey}-${i}`}>
              <rect
                x={left}
                y={y}
                width={width}
                height={heights[i] ?? 0}
                fill={on ? hatch(layer.hatch) : 'none'}
                stroke={tok('ink')}
                strokeWidth={layer.laid ? 2 : 1}
                strokeDasharray={layer.laid ? undefined : '5 3'}
              />
              <path
                d={`M${left + width} ${middle} L${left + width + 14} ${label} h6`}
                fill="none"
                stroke={tok('ink')}
                strokeWidth="1"
              />
              <text fontSize={textSize.s} fontWeight="640" fill={tok('ink')}>
                {inTwo(layer.name).map((line, n, all) => (
                  <tspan key={line} x={left + width + 25} y={label - 2 - 13 * (all.length - 1 - n)}>
                    {line}
                  </tspan>
                ))}
              </text>
              <text x={left + width + 25} y={label + 13} fontSize={textSize.xs} fill={tok('ink2')} fontFamily={mono}>
                {layer.thickness.text}
                {given(layer.laid, t` · on`)
                  .or(on, '')
                  .else(t` · to come`)}
              </text>
            </g>
          );
        })}
        <path
          d={`M${left} ${base} ${edge} L${left + width} ${base} V${base + ground} H${left} Z`}
          fill={hatch(substrateHatch)}
          stroke={tok('ink')}
          strokeWidth="1.6"
        />
        <path d={`M${left + width} ${base + 30} h20`} stroke={tok('ink')} />
        <text x={left + width + 25} y={base + 34} fontSize={textSize.s} fontWeight="640" fill={tok('ink')}>
          {substrate}
        </text>
      </svg>
    </figure>
  );
}
