import { Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { Notice } from './Notice';

export function Loading() {
  return (
    <Text role="status" tone="ink2" sx={{ p: 3 }}>
      <Trans>Working it out …</Trans>
    </Text>
  );
}

export function Failed({ error }: { error: unknown }) {
  return (
    <Box sx={{ p: 2 }}>
      <Notice title={t`This did not work`}>{error instanceof Error ? error.message : t`Unknown error.`}</Notice>
    </Box>
  );
}
