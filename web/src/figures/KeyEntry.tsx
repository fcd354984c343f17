import { type ReactNode } from 'react';
import { Row } from '../theme/layout';

/** One sign of a key, drawn, with what it means. */
export function KeyEntry({ size, sign, children }: { size: [number, number]; sign: ReactNode; children: ReactNode }) {
  return (
    <Row as="span" gap={0.75} align="center">
      <svg width={size[0]} height={size[1]}>
        {sign}
      </svg>
      {children}
    </Row>
  );
}
