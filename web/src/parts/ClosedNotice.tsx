import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useReopen } from '../api/closed';
import { Notice } from './Notice';
import { day } from './time';

/** Said above everything of a job that is closed: it can be read, and opened again to go on with it. */
export function ClosedNotice({ job, since }: { job: string; since: string | null | undefined }) {
  const reopen = useReopen();
  if (!since) return null;
  return (
    <Box sx={{ px: { xs: 2, sm: 3 }, pt: 1 }}>
      <Notice tone="deep" title={t`This job was closed on ${day(since)}`}>
        <Trans>Everything can still be read and exported; nothing is written here any more.</Trans>{' '}
        <Button
          size="small"
          disabled={reopen.isPending}
          onClick={() => {
            reopen.mutate(job);
          }}
        >
          <Trans>Open it again</Trans>
        </Button>
        {reopen.isError && <div role="alert">{reopen.error.message}</div>}
      </Notice>
    </Box>
  );
}
