import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { api, settle } from '../../api/client';
import { keys } from '../../api/keys';
import { usePlanWrite } from '../../api/plan';
import { Labelled } from '../../parts/Labelled';

/** The day by whose evening the job is to be done; the schedule is planned again with it. */
export function Due({ job, due }: { job: string; due: string | null }) {
  const client = useQueryClient();
  const save = usePlanWrite(async (day: string | null) => {
    await settle(api.PUT('/api/jobs/{job}/due', { params: { path: { job } }, body: { due: day } }));
    await client.invalidateQueries({ queryKey: keys.board(job) });
    return settle(api.POST('/api/plan', { body: { note: t`a due date has changed` } }));
  });
  return (
    <Labelled label={t`to be done by`}>
      <TextField
        type="date"
        size="small"
        key={due}
        defaultValue={due ?? ''}
        error={save.isError}
        disabled={save.isPending}
        onBlur={(e) => {
          if (e.target.value !== (due ?? '')) save.mutate(e.target.value === '' ? null : e.target.value);
        }}
        slotProps={{ htmlInput: { 'aria-label': t`To be done by` } }}
        sx={{ width: 170 }}
      />
      {save.isError && (
        <Text role="alert" size="m" tone="lead">
          {save.error.message}
        </Text>
      )}
      {save.isPending && (
        <Text role="status" size="m">
          <Trans>Planning again …</Trans>
        </Text>
      )}
      {save.isSuccess && (
        <Text role="status" size="m" tone="zinc">
          <Trans>Kept; the schedule follows.</Trans>
        </Text>
      )}
    </Labelled>
  );
}
