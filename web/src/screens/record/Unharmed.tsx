import { Box, Button } from '@mui/material';
import { useLog } from '../../api/parts';
import { Notice } from '../../parts/Notice';

/** Who has looked and found nothing of the rain writes it with one tap; the route loses what was put in for it. */
export function Unharmed({ part }: { part: string }) {
  const log = useLog(part);
  return (
    <Box sx={{ mb: 1 }}>
      <Button
        variant="outlined"
        disabled={log.isPending}
        onClick={() => {
          log.mutate({ kind: 'unharmed', at: new Date().toISOString() });
        }}
      >
        I looked: it is unharmed
      </Button>
      {log.error && <Notice title="Not written">{log.error.message}</Notice>}
    </Box>
  );
}
