import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { type SubmitEvent, useState } from 'react';
import { type Schemas, api, settle } from '../../api/client';
import { Notice } from '../../parts/Notice';

export function Rename({ job, close }: { job: Schemas['JobView']; close: () => void }) {
  const client = useQueryClient();
  const [name, setName] = useState(job.name);
  const [wrong, setWrong] = useState('');
  const keep = async (e: SubmitEvent) => {
    e.preventDefault();
    try {
      await settle(api.PUT('/api/jobs/{job}', { params: { path: { job: job.id } }, body: { name, note: job.note } }));
      await client.invalidateQueries();
      close();
    } catch (cause) {
      setWrong(cause instanceof Error ? cause.message : t`That did not work.`);
    }
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs">
      <form
        onSubmit={(e) => {
          void keep(e);
        }}
      >
        <DialogTitle>
          <Trans>Rename the job</Trans>
        </DialogTitle>
        <DialogContent sx={{ pt: '8px !important' }}>
          <TextField
            label={t`What is being restored`}
            value={name}
            onChange={(e) => {
              setName(e.target.value);
            }}
            required
            fullWidth
          />
          {wrong && (
            <div role="alert">
              <Notice title={t`Not stored`}>{wrong}</Notice>
            </div>
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>
            <Trans>Leave it</Trans>
          </Button>
          <Button type="submit" variant="contained">
            <Trans>Rename</Trans>
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
