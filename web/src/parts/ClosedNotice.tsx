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
      <Notice tone="deep" title={`This job was closed on ${day(since)}`}>
        Everything can still be read and exported; nothing is written here any more.{' '}
        <Button
          size="small"
          disabled={reopen.isPending}
          onClick={() => {
            reopen.mutate(job);
          }}
        >
          Open it again
        </Button>
        {reopen.isError && <div role="alert">{reopen.error.message}</div>}
      </Notice>
    </Box>
  );
}
