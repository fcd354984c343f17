import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useCloseJob } from '../../api/closed';
import { type Schemas } from '../../api/client';
import { Notice } from '../../parts/Notice';
import { wide } from '../../theme/tokens';

/** Closes the book of a job; where work is left, that has to be said. */
export function CloseJob({ job, close }: { job: Schemas['JobView']; close: () => void }) {
  const write = useCloseJob(job.id);
  const left = job.parts.filter((p) => !p.handedOver);
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs">
      <DialogTitle sx={wide}>Close {job.name}</DialogTitle>
      <DialogContent>
        It leaves Today, the schedule and what the store is asked for. Record, routes, photos and the job file stay and
        can be read; it can be opened again.
        {left.length > 0 && (
          <Notice
            tone="brass"
            title={left.length === 1 ? 'One part has work left' : `${left.length} parts have work left`}
          >
            {left
              .slice(0, 5)
              .map((p) => `${p.name} (${String(p.stepsDone)} of ${String(p.stepsAll)} steps)`)
              .join(', ')}
            {left.length > 5 ? ` and ${String(left.length - 5)} more` : ''}. It would stay undone.
          </Notice>
        )}
        {write.isError && (
          <div role="alert">
            <Notice title="Not closed">{write.error.message}</Notice>
          </div>
        )}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button onClick={close}>Keep it open</Button>
        <Button
          variant="contained"
          disabled={write.isPending}
          onClick={() => {
            write.mutate(left.length > 0, { onSuccess: close });
          }}
        >
          {left.length > 0 ? 'Close it, work undone' : 'Close it'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
