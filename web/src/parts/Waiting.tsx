import { Box } from '@mui/material';
import { tok } from '../theme/tokens';
import { Notice } from './Notice';

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
