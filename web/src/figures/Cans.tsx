import { t } from '@lingui/core/macro';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';

/** Spray cans for a coat; the last one as full as it will be used. */
export function Cans({ cans, kind }: { cans: Schemas['Value']; kind: string }) {
  const whole = Math.max(1, Math.min(8, Math.ceil(cans.value - 1e-9)));
  return (
    <svg
      width={whole * 74}
      height="170"
      viewBox={`0 0 ${whole * 74} 170`}
      role="img"
      aria-label={t`${cans.text} cans for this coat`}
    >
      {Array.from({ length: whole }, (_, i) => {
        const used = Math.min(1, Math.max(0, cans.value - i));
        return (
          <g key={i} transform={`translate(${i * 74 + 8} 0)`}>
            <rect x="0" y={160 - 112 * used} width="56" height={112 * used} fill={hatch(kind)} />
            <path
              d="M0 160V48Q0 34 16 32V22H40V32Q56 34 56 48V160Z"
              fill="none"
              stroke={tok('ink')}
              strokeWidth="2.4"
            />
            <rect x="20" y="12" width="16" height="10" fill={tok('ink')} />
          </g>
        );
      })}
    </svg>
  );
}
