import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { textSize, tok, wide } from '../theme/tokens';

export function Title({ children, sub }: { children: ReactNode; sub?: ReactNode }) {
  return (
    <Box sx={{ mb: 1.5 }}>
      {sub && <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>{sub}</Box>}
      <Box
        component="h1"
        sx={{ m: 0, fontSize: { xs: textSize.title, md: textSize.headline }, lineHeight: 1.15, ...wide }}
      >
        {children}
      </Box>
    </Box>
  );
}

export function Heading({ children }: { children: ReactNode }) {
  return (
    <Box component="h2" sx={{ m: 0, mb: 1, fontSize: textSize.xl, lineHeight: 1.2, ...wide }}>
      {children}
    </Box>
  );
}
