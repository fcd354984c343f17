import { Row } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Autocomplete, Box, Button, TextField } from '@mui/material';
import { type ChangeEvent, useRef } from 'react';
import { type Schemas, api, settle } from '../../api/client';
import { useStoreWrite } from '../../api/store';
import { useForm } from '../../parts/form';
import { Heading } from '../../parts/Headings';
import { QuantityField } from '../../parts/QuantityField';
import { Refused } from '../../parts/Refused';

const empty = { material: '', batch: '', colour: '', size: '', count: '1', label: '', cabinet: '', price: '' };

/** Tins that came in: one batch by hand, or a whole table. */
export function Receive({ view }: { view: Schemas['StoreView'] }) {
  const receive = useStoreWrite((body: Schemas['TinBody']) => settle(api.POST('/api/store/tins', { body })));
  const { form, field, value, submit, rest } = useForm<typeof empty>(empty);
  const send = async (f: typeof empty) => {
    await receive.mutateAsync({
      ...f,
      colour: f.colour || null,
      count: Number(f.count),
      label: f.label || null,
      price: f.price || null,
    });
    form.reset({ ...empty, material: f.material, cabinet: f.cabinet });
  };
  const what = value('material');
  const table = useStoreWrite((body: Schemas['CsvBody']) => settle(api.POST('/api/store/tins/import', { body })));
  const file = useRef<HTMLInputElement>(null);
  const bring = async (e: ChangeEvent<HTMLInputElement>) => {
    const chosen = e.target.files?.[0];
    e.target.value = '';
    if (chosen) table.mutate({ text: await chosen.text() });
  };
  return (
    <Box component="section" aria-label={t`Came in`}>
      <Heading>
        <Trans>Came in</Trans>
      </Heading>
      <Box component="form" onSubmit={submit(send)} sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
        <Autocomplete
          sx={{ gridColumn: '1 / -1' }}
          options={view.kinds}
          value={view.kinds.find((k) => k.id === what.value) ?? null}
          onChange={(_, v) => {
            what.onChange(v?.id ?? '');
          }}
          getOptionLabel={(o) => o.name}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          renderInput={(p) => <TextField {...p} label={t`What`} error={!!what.error} helperText={what.error} />}
        />
        <TextField label={t`Colour`} {...field('colour')} placeholder={t`none, or any`} />
        <TextField label={t`Batch`} {...field('batch')} />
        <QuantityField label={t`Tin size`} of="volume,mass,count" placeholder="2.5 L" {...value('size')} />
        <TextField label={t`How many`} {...field('count')} slotProps={{ htmlInput: { inputMode: 'numeric' } }} />
        <TextField
          label={t`Good until, by its label`}
          type="date"
          {...field('label')}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField label={t`Cabinet`} {...field('cabinet')} />
        <TextField label={t`Price of one`} {...field('price')} />
        <Button
          type="submit"
          variant="contained"
          disabled={receive.isPending || what.value === ''}
          sx={{ gridColumn: '1 / -1' }}
        >
          <Trans>Put it on the shelf</Trans>
        </Button>
      </Box>
      <Row gap={1} wrap above={1}>
        <Button onClick={() => file.current?.click()}>
          <Trans>Open a table (CSV)</Trans>
        </Button>
        <Button
          component="a"
          href={`data:text/csv;charset=utf-8,${encodeURIComponent(view.csvExample)}`}
          download="stock.csv"
        >
          <Trans>An example of one</Trans>
        </Button>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv,text/plain"
          hidden
          aria-label={t`Table of tins`}
          onChange={(e) => {
            void bring(e);
          }}
        />
      </Row>
      {rest && <Refused error={rest} title={t`Not stored`} />}
      {table.isError && <Refused error={table.error} title={t`Nothing was taken in`} />}
    </Box>
  );
}
