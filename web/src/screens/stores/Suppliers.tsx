import { Columns, Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Checkbox, FormControlLabel, TextField } from '@mui/material';
import { type Schemas, api, settle } from '../../api/client';
import { useStoreWrite } from '../../api/store';
import { useForm } from '../../parts/form';
import { Heading } from '../../parts/Headings';
import { Refused } from '../../parts/Refused';

const goods = [
  ['paint', msg`paint`],
  ['chemicals', msg`cleaners, baths`],
  ['consumables', msg`abrasives, tape …`],
] as const;

interface Sellers {
  suppliers: { name: string; leadDays: string; sells: string[] }[];
}

/** Who sells what, best liked first, and how long it takes to come. */
export function Suppliers({ view }: { view: Schemas['StoreView'] }) {
  const save = useStoreWrite((body: Schemas['SuppliersBody']) => settle(api.PUT('/api/store/suppliers', { body })));
  const { form, set, field, value, submit, rest, dirty, pending } = useForm<Sellers>({
    suppliers: view.suppliers.map((s) => ({ ...s, leadDays: String(s.leadDays) })),
  });
  const send = async ({ suppliers }: Sellers) => {
    await save.mutateAsync({
      version: view.suppliersVersion,
      suppliers: suppliers.map((s) => ({ ...s, leadDays: Number(s.leadDays) })),
    });
    form.reset({ suppliers });
  };
  const list = value('suppliers');
  return (
    <Box component="section" aria-label={t`Sellers`}>
      <Heading>
        <Trans>Who sells it</Trans>
      </Heading>
      {list.value.map((s, i) => (
        <Columns key={i} gap={1} align="start" cols="minmax(0,1fr) 92px auto" ruled inset={1}>
          <TextField size="small" label={t`Name`} {...field(`suppliers.${i}.name`)} />
          <TextField
            size="small"
            label={t`Days`}
            {...field(`suppliers.${i}.leadDays`)}
            slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          />
          <Button
            size="small"
            aria-label={t`Take ${s.name || t`this one`} out`}
            onClick={() => {
              list.onChange(list.value.filter((_, k) => k !== i));
            }}
          >
            <Trans>Out</Trans>
          </Button>
          <Text across>
            {goods.map(([id, name]) => (
              <FormControlLabel
                key={id}
                control={
                  <Checkbox
                    size="small"
                    checked={s.sells.includes(id)}
                    onChange={(_, on) => {
                      set(`suppliers.${i}.sells`, on ? [...s.sells, id] : s.sells.filter((g) => g !== id));
                    }}
                  />
                }
                label={
                  <Text as="span" size="m">
                    {spoken(name)}
                  </Text>
                }
              />
            ))}
          </Text>
        </Columns>
      ))}
      {rest && <Refused error={rest} />}
      <Row gap={1}>
        <Button
          onClick={() => {
            list.onChange([...list.value, { name: '', leadDays: '2', sells: ['paint'] }]);
          }}
        >
          <Trans>One more</Trans>
        </Button>
        {dirty && (
          <Button variant="contained" disabled={pending} onClick={submit(send)}>
            <Trans>Keep</Trans>
          </Button>
        )}
      </Row>
    </Box>
  );
}
