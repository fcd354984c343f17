import { t } from '@lingui/core/macro';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';

/** The area of a part, shape beside shape; what is open or not coated stands at the end as an outline. */
export function AreaBar({ line }: { line: Schemas['AreaLine'] }) {
  const starts = line.shapes.reduce<number[]>((at, s) => [...at, (at[at.length - 1] ?? 0) + s.share * 100], [0]);
  const end = starts[starts.length - 1] ?? 0;
  const bare = line.shapes.reduce((sum, s) => sum + s.notShare * 100, 0);
  return (
    <svg
      width="100%"
      height="24"
      role="img"
      aria-label={[
        `${line.name}: ${line.shapes.map((s) => `${s.name} ${s.area.text}`).join(', ')}`,
        ...(bare > 0 ? [t`not coated ${line.notCoated.text}`] : []),
      ].join('; ')}
    >
      {line.shapes.map((s, i) => (
        <rect
          key={`${s.name}-${i}`}
          x={`${starts[i] ?? 0}%`}
          y="1"
          width={`${Math.max(s.share * 100, 0.15)}%`}
          height="22"
          fill={hatch(line.hatch)}
          stroke={tok('ink')}
          strokeWidth="1.2"
        />
      ))}
      {bare > 0 && (
        <rect
          x={`${end}%`}
          y="1"
          width={`${bare}%`}
          height="22"
          fill="none"
          stroke={tok('phos')}
          strokeWidth="1.2"
          strokeDasharray="4 3"
        />
      )}
    </svg>
  );
}
