import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { textSize, tok } from '../theme/tokens';

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
    <Box
      sx={{
        borderLeft: `6px solid ${tok(tone)}`,
        background: tone === 'lead' ? tok('leadWash') : tok('wash'),
        p: 1.5,
        my: 1,
      }}
    >
      <Box sx={{ fontWeight: 700, color: tok(tone) }}>{title}</Box>
      {children && <Box sx={{ fontSize: textSize.m }}>{children}</Box>}
    </Box>
  );
}
