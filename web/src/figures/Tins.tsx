import { Row, Text } from '../theme/layout';
import type { Schemas } from '../api/client';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';

/** Packs to buy, drawn by size with the hatch of what is in them. */
export function Tins({ tins, kind }: { tins: Schemas['TinView'][]; kind: string }) {
  const drawn = tins.flatMap((t) =>
    Array.from({ length: Math.min(t.count, 6) }, (_, i) => ({ ...t, key: `${t.size}-${i}` })),
  );
  return (
    <Row gap={0.75} align="flex-end">
      <svg width={drawn.length * 30} height="44" aria-hidden="true">
        {drawn.map((t, i) => {
          const side = 14 + 12 * Math.cbrt(t.share);
          const height = side * 1.35;
          return (
            <g key={t.key} transform={`translate(${i * 30 + 2} ${42 - height})`}>
              <rect width={side} height={height} fill={hatch(kind)} stroke={tok('ink')} strokeWidth="1.4" />
              <path d={`M0 0h${side}`} stroke={tok('ink')} strokeWidth="3.4" />
            </g>
          );
        })}
      </svg>
      <Text size="s" mono>
        {tins.map((t) => `${t.count} × ${t.size}`).join(' + ')}
      </Text>
    </Row>
  );
}
