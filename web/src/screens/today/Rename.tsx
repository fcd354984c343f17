import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { type Schemas, api, settle } from '../../api/client';
import { useForm } from '../../parts/form';
import { Refused } from '../../parts/Refused';

export function Rename({ job, close }: { job: Schemas['JobView']; close: () => void }) {
  const client = useQueryClient();
  const { field, submit, rest, pending } = useForm<{ name: string }>({ name: job.name });
  const send = async ({ name }: { name: string }) => {
    await settle(api.PUT('/api/jobs/{job}', { params: { path: { job: job.id } }, body: { name, note: job.note } }));
    await client.invalidateQueries();
    close();
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs">
      <form onSubmit={submit(send)}>
        <DialogTitle>
          <Trans>Rename the job</Trans>
        </DialogTitle>
        <DialogContent sx={{ pt: '8px !important' }}>
          <TextField label={t`What is being restored`} required fullWidth {...field('name')} />
          {rest && <Refused error={rest} title={t`Not stored`} />}
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>
            <Trans>Leave it</Trans>
          </Button>
          <Button type="submit" variant="contained" disabled={pending}>
            <Trans>Rename</Trans>
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
