import { Text } from '../theme/layout';
import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import { textSize, wide } from '../theme/tokens';

export function Title({ children, sub }: { children: ReactNode; sub?: ReactNode }) {
  return (
    <Text below={1.5}>
      {sub && (
        <Text size="m" tone="ink2">
          {sub}
        </Text>
      )}
      <Box
        component="h1"
        sx={{ m: 0, fontSize: { xs: textSize.title, md: textSize.headline }, lineHeight: 1.15, ...wide }}
      >
        {children}
      </Box>
    </Text>
  );
}

export function Heading({ children }: { children: ReactNode }) {
  return (
    <Text as="h2" size="xl" sx={{ m: 0, mb: 1, lineHeight: 1.2, ...wide }}>
      {children}
    </Text>
  );
}
