import type { Schemas } from '../api/client';
import { tok } from '../theme/tokens';
import { CoverMark } from './CoverMark';

const [wide, high] = [96, 72];

/** One thing that is covered, by itself: its two measures in proportion. */
export function CoverPicture({ line }: { line: Schemas['MaskingLineView'] }) {
  const across = line.acrossM ?? 0.05;
  const along = line.alongM ?? Math.max(across, 0.05);
  const scale = Math.min(76 / Math.max(along, 0.001), 52 / Math.max(across, 0.001));
  const [w, h] = [Math.max(10, along * scale), Math.max(8, Math.min(across * scale, 52))];
  return (
    <svg width={wide} height={high} viewBox={`0 0 ${String(wide)} ${String(high)}`} aria-hidden="true">
      <rect x="1" y="1" width={wide - 2} height={high - 2} fill="url(#hatch-steel)" stroke={tok('phos')} />
      {line.by === 'line' ? (
        <>
          <rect x="1" y="36" width={wide - 2} height="35" fill={tok('sheet')} />
          <CoverMark by="line" x={1} y={27} wide={wide - 2} high={8} />
        </>
      ) : (
        <CoverMark by={line.by} x={(wide - w) / 2} y={(high - h) / 2} wide={w} high={h} />
      )}
    </svg>
  );
}
