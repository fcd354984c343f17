import { Text } from '../theme/layout';
import type { ReactNode } from 'react';
import { tok } from '../theme/tokens';

/** A block that wants attention: red lead for now, brass for care. */
export function Notice({
  tone = 'lead',
  title,
  children,
}: {
  tone?: 'lead' | 'brass' | 'deep';
  title: string;
  children?: ReactNode;
}) {
  return (
    <Text
      above={1}
      below={1}
      sx={{ borderLeft: `6px solid ${tok(tone)}`, background: tone === 'lead' ? tok('leadWash') : tok('wash'), p: 1.5 }}
    >
      <Text tone={tone} weight="strong">
        {title}
      </Text>
      {children && <Text size="m">{children}</Text>}
    </Text>
  );
}
