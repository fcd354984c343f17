import { tok } from '../theme/tokens';
import { row, type Work, type Along } from './YardBlock';

/** The window in which the chosen step may begin, running out. */
export function BeginsIn({ k, y, along }: { k: Work; y: number; along: Along }) {
  const { x, clip } = along;
  const [a, b] = [x(clip(new Date(k.from ?? 0).getTime())), x(clip(new Date(k.until ?? 0).getTime()))];
  const taper = a + (b - a) * 0.45;
  return (
    b > a && (
      <path
        key="window"
        d={[
          `M${a} ${y + 1}H${taper}`,
          `L${b} ${y + row / 2 - 2}V${y + row / 2 + 2}`,
          `L${taper} ${y + row - 1}H${a}Z`,
        ].join('')}
        fill={tok('lead')}
        opacity="0.28"
      />
    )
  );
}
