import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from '../../api/client';
import { keys } from '../../api/keys';
import { useForm } from '../../parts/form';
import { Heading } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Refused } from '../../parts/Refused';

/** A job that was bought to be sold: what is left when all is paid, and what an hour of work earns. */
export function Sale({ job, earnings }: { job: string; earnings: Schemas['EarningsView'] }) {
  const client = useQueryClient();
  const { field, submit, rest, pending, dirty, form } = useForm({ bought: earnings.bought, sale: earnings.sale });
  const send = async (typed: { bought: string; sale: string }) => {
    await settle(api.PUT('/api/jobs/{job}/trade', { params: { path: { job } }, body: typed }));
    form.reset(typed);
    await client.invalidateQueries({ queryKey: keys.board(job) });
  };
  return (
    <Text as="section" aria-label={t`For sale`} above={3}>
      <Heading>
        <Trans>For sale</Trans>
      </Heading>
      <Columns as="form" gap={1} above={1.5} onSubmit={submit(send)}>
        <Columns gap={1} cols="1fr 1fr">
          <TextField
            size="small"
            label={t`Paid for it, ${earnings.currency}`}
            {...field('bought')}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
          />
          <TextField
            size="small"
            label={t`To sell for, ${earnings.currency}`}
            {...field('sale')}
            slotProps={{ htmlInput: { inputMode: 'decimal' } }}
          />
        </Columns>
        {rest && <Refused error={rest} />}
        {dirty && (
          <Button type="submit" size="small" disabled={pending} sx={{ justifySelf: 'start' }}>
            <Trans>Reckon</Trans>
          </Button>
        )}
      </Columns>
      {earnings.left && (
        <Columns gap={0.75} above={1.5}>
          <Labelled label={t`Left when all is paid`}>
            <Text className="mono" size="title" weight="middle">
              {earnings.left}
            </Text>
            <Text size="s" tone="ink2">
              = {earnings.how}
            </Text>
          </Labelled>
          {earnings.hour && (
            <Labelled label={t`An hour of work earns`}>
              <span className="mono">{earnings.hour}</span>
            </Labelled>
          )}
          {earnings.says && (
            <Text weight="strong">{earnings.says.charAt(0).toUpperCase() + earnings.says.slice(1)}.</Text>
          )}
        </Columns>
      )}
    </Text>
  );
}
