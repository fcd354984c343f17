import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { tok, wide } from '../theme/tokens';

export function Title({ children, sub }: { children: ReactNode; sub?: ReactNode }) {
  return (
    <Box sx={{ mb: 1.5 }}>
      {sub && <Box sx={{ fontSize: 14, color: tok('ink2') }}>{sub}</Box>}
      <Box component="h1" sx={{ m: 0, fontSize: { xs: 21, md: 24 }, lineHeight: 1.15, ...wide }}>
        {children}
      </Box>
    </Box>
  );
}

export function Heading({ children }: { children: ReactNode }) {
  return (
    <Box component="h2" sx={{ m: 0, mb: 1, fontSize: 17, lineHeight: 1.2, ...wide }}>
      {children}
    </Box>
  );
}

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
      {children && <Box sx={{ fontSize: 14.5 }}>{children}</Box>}
    </Box>
  );
}

export function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box>
      <Box sx={{ fontSize: 13.5, color: tok('ink2') }}>{label}</Box>
      <Box>{children}</Box>
    </Box>
  );
}

export function Loading() {
  return (
    <Box role="status" sx={{ p: 3, color: tok('ink2') }}>
      Working it out …
    </Box>
  );
}

export function Failed({ error }: { error: unknown }) {
  return (
    <Box sx={{ p: 2 }}>
      <Notice title="This did not work">{error instanceof Error ? error.message : 'Unknown error.'}</Notice>
    </Box>
  );
}
