import { Columns, Row, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Checkbox, FormControlLabel, TextField } from '@mui/material';
import { useState } from 'react';
import { Refusal, type Schemas, api, settle } from '../../api/client';
import { useStoreWrite } from '../../api/store';
import { Heading } from '../../parts/Headings';
import { Refused } from '../../parts/Refused';

const goods = [
  ['paint', msg`paint`],
  ['chemicals', msg`cleaners, baths`],
  ['consumables', msg`abrasives, tape …`],
] as const;

/** Who sells what, best liked first, and how long it takes to come. */
export function Suppliers({ view }: { view: Schemas['StoreView'] }) {
  const [list, setList] = useState(view.suppliers.map((s) => ({ ...s, days: String(s.leadDays) })));
  const save = useStoreWrite((body: Schemas['SuppliersBody']) => settle(api.PUT('/api/store/suppliers', { body })));
  const change = (i: number, with_: Partial<(typeof list)[number]>) => {
    setList(list.map((s, k) => (k === i ? { ...s, ...with_ } : s)));
  };
  const changed =
    JSON.stringify(list.map(({ days, ...s }) => ({ ...s, leadDays: Number(days) }))) !== JSON.stringify(view.suppliers);
  const wrong = (i: number, field: string) =>
    save.error instanceof Refusal ? save.error.at(`/suppliers/${String(i)}/${field}`) : undefined;
  return (
    <Box component="section" aria-label={t`Sellers`}>
      <Heading>
        <Trans>Who sells it</Trans>
      </Heading>
      {list.map((s, i) => (
        <Columns key={i} gap={1} align="start" cols="minmax(0,1fr) 92px auto" ruled inset={1}>
          <TextField
            size="small"
            label={t`Name`}
            value={s.name}
            error={!!wrong(i, 'name')}
            helperText={wrong(i, 'name')}
            onChange={(e) => {
              change(i, { name: e.target.value });
            }}
          />
          <TextField
            size="small"
            label={t`Days`}
            value={s.days}
            error={!!wrong(i, 'leadDays')}
            onChange={(e) => {
              change(i, { days: e.target.value });
            }}
            slotProps={{ htmlInput: { inputMode: 'numeric' } }}
          />
          <Button
            size="small"
            aria-label={t`Take ${s.name || t`this one`} out`}
            onClick={() => {
              setList(list.filter((_, k) => k !== i));
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
                      change(i, { sells: on ? [...s.sells, id] : s.sells.filter((g) => g !== id) });
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
      {save.isError && <Refused error={save.error} />}
      <Row gap={1}>
        <Button
          onClick={() => {
            setList([...list, { name: '', leadDays: 2, days: '2', sells: ['paint'] }]);
          }}
        >
          <Trans>One more</Trans>
        </Button>
        {changed && (
          <Button
            variant="contained"
            disabled={save.isPending}
            onClick={() => {
              save.mutate({
                version: view.suppliersVersion,
                suppliers: list.map((s) => ({ name: s.name, leadDays: Number(s.days), sells: s.sells })),
              });
            }}
          >
            <Trans>Keep</Trans>
          </Button>
        )}
      </Row>
    </Box>
  );
}
