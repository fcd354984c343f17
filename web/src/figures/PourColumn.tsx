import { t } from '@lingui/core/macro';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { mono, textSize, tok } from '../theme/tokens';
import { given } from '../parts/given';

const fills = ['epoxy', 'colour', 'early'];
const top = 34;
const bottom = 258;
const height = bottom - top - 26;

const reads = (part: Schemas['MixPart'], by: 'scale' | 'volume'): string =>
  by === 'scale' ? (part.scale?.text ?? t`no density`) : part.volume.text;

/**
 * A mixing cup with a mark for every part: what it reads by volume and on one scale; the next pour stands out, the
 * live level rises in it.
 */
export function PourColumn({
  parts,
  poured,
  by,
  level,
}: {
  parts: Schemas['MixPart'][];
  poured: number;
  by: 'scale' | 'volume';
  level?: number;
}) {
  const y = (share: number): number => bottom - share * height;
  // Labels keep a hand's breadth from each other, from the bottom up, however thin the layers are.
  const labels = parts.reduce<number[]>(
    (done, part) => [...done, Math.min(y(part.top) + 4, (done[done.length - 1] ?? Infinity) - 46)],
    [],
  );
  const live = level === undefined ? null : y(level);
  return (
    <svg
      viewBox="0 0 340 270"
      width="100%"
      style={{ maxWidth: 390, display: 'block' }}
      role="img"
      aria-label={parts
        .map((p) => `${p.name}: ${by === 'scale' ? t`scale to ${reads(p, by)}` : p.volume.text}`)
        .join(', ')}
    >
      {parts.map((part, i) => {
        const from = y(parts[i - 1]?.top ?? 0);
        const to = y(part.top);
        const done = i < poured;
        const next = i === poured;
        return (
          <g key={part.name}>
            <rect
              x="34"
              y={to}
              width="132"
              height={Math.max(from - to, 1)}
              fill={given(done, hatch(fills[i] ?? 'early'))
                .or(next, tok('leadWash'))
                .else('none')}
            />
            {next && live !== null && live < from && (
              <rect x="34" y={live} width="132" height={from - live} fill={hatch(fills[i] ?? 'early')} />
            )}
            <path
              d={`M28 ${to} h150`}
              stroke={next ? tok('lead') : tok('ink')}
              strokeWidth={next ? 3 : 1.4}
              strokeDasharray={done || next ? undefined : '5 4'}
            />
            <path d={`M178 ${to} L190 ${(labels[i] ?? to) - 4}`} stroke={next ? tok('lead') : tok('ink')} />
            <text
              x="196"
              y={(labels[i] ?? to) - 4}
              fontSize={textSize.m}
              fontWeight="650"
              fill={next ? tok('lead') : tok('ink')}
            >
              {part.name}
            </text>
            <text
              x="196"
              y={(labels[i] ?? to) + 15}
              fontSize={next ? 22 : 16}
              fontWeight="600"
              fontFamily={mono}
              fill={next ? tok('lead') : tok('ink')}
              dy={next ? 4 : 0}
            >
              {reads(part, by)}
            </text>
          </g>
        );
      })}
      {live !== null && <path d={`M22 ${live} h150`} stroke={tok('deep')} strokeWidth="3" />}
      {live !== null && <path d={`M22 ${live} l-12 -7 v14z`} fill={tok('deep')} />}
      <path
        d={[
          `M30 ${top} L34 ${bottom}`,
          `Q34 ${bottom + 8} 42 ${bottom + 8} H158`,
          `Q166 ${bottom + 8} 166 ${bottom} L170 ${top}`,
        ].join(' ')}
        fill="none"
        stroke={tok('ink')}
        strokeWidth="3"
      />
      <text x="100" y="20" textAnchor="middle" fontSize={textSize.s} fill={tok('ink2')}>
        {by === 'scale' ? t`scale reads, never taring` : t`each part by volume`}
      </text>
    </svg>
  );
}
