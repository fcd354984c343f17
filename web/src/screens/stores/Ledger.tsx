import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, TextField } from '@mui/material';
import { type Schemas, api, settle } from '../../api/client';
import { useStoreWrite } from '../../api/store';
import { useForm } from '../../parts/form';
import { QuantityField } from '../../parts/QuantityField';
import { when } from '../../parts/time';
import { Refused } from '../../parts/Refused';

type Movement = { kind: Schemas['MovementBody']['kind']; amount: string; note: string };

export function Ledger({
  tin,
  material,
  now,
  close,
}: {
  tin: Schemas['TinLineView'];
  material: Schemas['MaterialView'];
  now: string;
  close: () => void;
}) {
  const move = useStoreWrite((body: Schemas['MovementBody']) =>
    settle(api.POST('/api/store/tins/{tin}/movements', { params: { path: { tin: tin.id } }, body })),
  );
  const { form, field, value, submit, rest } = useForm<Movement>({ amount: '', note: '', kind: 'used' });
  const send = async (typed: Movement) => {
    const { amount, note, kind } = typed;
    const withAmount = kind === 'used' || kind === 'counted';
    await move.mutateAsync({ kind, ...(withAmount ? { amount } : {}), ...(note.trim() ? { note } : {}) });
    form.reset();
  };
  const amount = value('amount');
  const write = (kind: Movement['kind']) => submit(send, { kind });
  return (
    <Columns gap={1.25} below={1.5} flag="deep" sheet sx={{ p: 2 }}>
      <Row gap={2} justify="space-between">
        <Box>
          <Text weight="strong">
            <Trans>
              {material.name}, batch {tin.batch || t`unmarked`}
            </Trans>
          </Text>
          <Text size="m" tone="ink2">
            <Trans>
              {tin.left.text} of {tin.size.text}
            </Trans>
            {tin.cabinet && ` · ${tin.cabinet}`}
            {tin.expires ? t` · good until ${when(tin.expires, now)}, ${tin.because}` : t` · keeps`}
          </Text>
        </Box>
        <Button onClick={close}>
          <Trans>Close</Trans>
        </Button>
      </Row>
      <Row gap={1} align="start" wrap>
        <QuantityField
          size="small"
          label={t`Amount`}
          of="volume,mass,count"
          {...amount}
          placeholder={tin.left.text}
          sx={{ width: 130 }}
        />
        <TextField size="small" label={t`Note`} {...field('note')} sx={{ width: 200 }} />
        <Button disabled={!amount.value.trim() || move.isPending} onClick={write('used')}>
          <Trans>Used so much</Trans>
        </Button>
        <Button disabled={!amount.value.trim() || move.isPending} onClick={write('counted')}>
          <Trans>So much is in it</Trans>
        </Button>
        {!tin.opened && (
          <Button disabled={move.isPending} onClick={write('opened')}>
            <Trans>Opened</Trans>
          </Button>
        )}
        {tin.canBeActivated && (
          <Button disabled={move.isPending} onClick={write('activated')}>
            <Trans>Activated: start its clock</Trans>
          </Button>
        )}
        {tin.left.value > 0 && (
          <Button disabled={move.isPending} onClick={write('binned')}>
            <Trans>Binned</Trans>
          </Button>
        )}
      </Row>
      {rest && <Refused error={rest} />}
      {tin.movements.length > 0 && (
        <Text as="ol" aria-label={t`Ledger`} size="m" plain>
          {tin.movements.map((m, i) => (
            <Columns as="li" key={i} cols="150px 90px 90px 1fr" ruled inset={0.25}>
              <span className="mono">{when(m.at, now)}</span>
              <span>{m.kind}</span>
              <span className="mono">{m.amount}</span>
              <span>{m.note}</span>
            </Columns>
          ))}
        </Text>
      )}
    </Columns>
  );
}
