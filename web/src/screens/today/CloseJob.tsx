import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from '@mui/material';
import { useCloseJob } from '../../api/closed';
import { type Schemas } from '../../api/client';
import { Notice } from '../../parts/Notice';

/** Closes the book of a job; where work is left, that has to be said. */
export function CloseJob({ job, close }: { job: Schemas['JobView']; close: () => void }) {
  const write = useCloseJob(job.id);
  const left = job.parts.filter((p) => !p.handedOver);
  const few = left
    .slice(0, 5)
    .map((p) => t`${p.name} (${p.stepsDone} of ${p.stepsAll} steps)`)
    .join(', ');
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs">
      <DialogTitle>
        <Trans>Close {job.name}</Trans>
      </DialogTitle>
      <DialogContent>
        <Trans>
          It leaves Today, the schedule and what the store is asked for. Record, routes, photos and the job file stay
          and can be read; it can be opened again.
        </Trans>
        {left.length > 0 && (
          <Notice
            tone="brass"
            title={plural(left.length, { one: 'One part has work left', other: '# parts have work left' })}
          >
            {left.length > 5
              ? t`${few} and ${left.length - 5} more. It would stay undone.`
              : t`${few}. It would stay undone.`}
          </Notice>
        )}
        {write.isError && (
          <div role="alert">
            <Notice title={t`Not closed`}>{write.error.message}</Notice>
          </div>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>
          <Trans>Keep it open</Trans>
        </Button>
        <Button
          variant="contained"
          disabled={write.isPending}
          onClick={() => {
            write.mutate(left.length > 0, { onSuccess: close });
          }}
        >
          {left.length > 0 ? t`Close it, work undone` : t`Close it`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
