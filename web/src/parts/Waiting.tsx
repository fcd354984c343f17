import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { tok } from '../theme/tokens';
import { Notice } from './Notice';

export function Loading() {
  return (
    <Box role="status" sx={{ p: 3, color: tok('ink2') }}>
      <Trans>Working it out …</Trans>
    </Box>
  );
}

export function Failed({ error }: { error: unknown }) {
  return (
    <Box sx={{ p: 2 }}>
      <Notice title={t`This did not work`}>{error instanceof Error ? error.message : t`Unknown error.`}</Notice>
    </Box>
  );
}
