import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { textSize, tok } from '../theme/tokens';

export function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box>
      <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>{label}</Box>
      <Box>{children}</Box>
    </Box>
  );
}
