import { Text } from '../theme/layout';
import { Box } from '@mui/material';
import type { ReactNode } from 'react';

export function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box>
      <Text size="s" tone="ink2">
        {label}
      </Text>
      <Box>{children}</Box>
    </Box>
  );
}
