import { t } from '@lingui/core/macro';
import { type Schemas } from '../../api/client';
import { textSize, tok } from '../../theme/tokens';

interface Plate {
  name: string;
  /** What holds it to the one below, in words. */
  by: string;
  own: boolean;
  stays: boolean;
}

const W = 300;
const H = 46;
const SLANT = 26;

/** Pulled apart along its bolts: what the part sits on at the bottom, what comes off it first at the top. */
export function Plates({
  own,
  below,
  above,
}: {
  own: string;
  below: { name: string; by: string; stays: boolean }[];
  above: Schemas['SurveyView']['tied'];
}) {
  const plates: Plate[] = [
    ...above.map((tie) => ({ name: tie.name, by: tie.by || tie.words, own: false, stays: tie.stays })),
    { name: own, by: below[0]?.by ?? '', own: true, stays: below[0]?.stays ?? false },
    ...below.map((b) => ({ name: b.name, by: '', own: false, stays: false })),
  ];
  const height = plates.length * (H + 22);
  return (
    <svg
      viewBox={`0 0 ${String(W)} ${String(height)}`}
      role="img"
      aria-label={t`Pulled apart, from what comes off first down: ${plates.map((p) => p.name).join(', ')}`}
      style={{ width: '100%', maxWidth: 340, display: 'block' }}
    >
      {plates.map((p, n) => {
        const y = n * (H + 22) + 6;
        const bolt = n < plates.length - 1;
        const corners = [
          [SLANT, y],
          [W, y],
          [W - SLANT, y + H],
          [0, y + H],
        ];
        return (
          <g key={`${p.name}-${String(n)}`}>
            {bolt &&
              [34, W - 34].map((x) => (
                <line
                  key={x}
                  x1={x}
                  x2={x}
                  y1={y + H / 2}
                  y2={y + H + 22 + H / 2}
                  stroke={tok('ink2')}
                  strokeWidth={p.stays ? 4 : 1.5}
                  strokeDasharray={p.stays ? undefined : '3 4'}
                />
              ))}
            <polygon
              points={corners.map((c) => c.join(',')).join(' ')}
              fill={tok(p.own ? 'deep' : 'sheet')}
              stroke={tok('ink')}
              strokeWidth={1.5}
            />
            <text
              x={W / 2}
              y={y + H / 2 + 5}
              textAnchor="middle"
              fill={tok(p.own ? 'sheet' : 'ink')}
              style={{ fontSize: textSize.m, fontWeight: p.own ? 700 : 500 }}
            >
              {p.name.length > 34 ? `${p.name.slice(0, 33)}…` : p.name}
            </text>
            {bolt && p.by && (
              <text x={W / 2} y={y + H + 15} textAnchor="middle" fill={tok('ink2')} style={{ fontSize: textSize.s }}>
                {p.by.length > 40 ? `${p.by.slice(0, 39)}…` : p.by}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
