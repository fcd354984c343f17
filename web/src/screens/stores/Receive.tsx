import { Row } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Autocomplete, Box, Button, TextField } from '@mui/material';
import { type ChangeEvent, type SubmitEvent, useRef, useState } from 'react';
import { Refusal, type Schemas, api, settle } from '../../api/client';
import { useStoreWrite } from '../../api/store';
import { Heading } from '../../parts/Headings';
import { QuantityField } from '../../parts/QuantityField';
import { Refused } from '../../parts/Refused';

const empty = { batch: '', colour: '', size: '', count: '1', label: '', cabinet: '', price: '' };

/** Tins that came in: one batch by hand, or a whole table. */
export function Receive({ view }: { view: Schemas['StoreView'] }) {
  const [material, setMaterial] = useState<Schemas['Option'] | null>(null);
  const [f, setF] = useState(empty);
  const receive = useStoreWrite((body: Schemas['TinBody']) => settle(api.POST('/api/store/tins', { body })));
  const table = useStoreWrite((body: Schemas['CsvBody']) => settle(api.POST('/api/store/tins/import', { body })));
  const file = useRef<HTMLInputElement>(null);
  const wrong = receive.error instanceof Refusal ? receive.error : null;
  const at = (field: string) => {
    const said = wrong?.at(`/${field}`);
    return said ? { error: true, helperText: said } : {};
  };
  const set = (field: keyof typeof empty) => (e: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => {
    setF({ ...f, [field]: e.target.value });
  };
  const submit = (e: SubmitEvent) => {
    e.preventDefault();
    receive.mutate(
      {
        material: material?.id ?? '',
        batch: f.batch,
        colour: f.colour || null,
        size: f.size,
        count: Number(f.count),
        label: f.label || null,
        cabinet: f.cabinet,
        price: f.price || null,
      },
      {
        onSuccess: () => {
          setF({ ...empty, cabinet: f.cabinet });
        },
      },
    );
  };
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
      <Box component="form" onSubmit={submit} sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
        <Autocomplete
          sx={{ gridColumn: '1 / -1' }}
          options={view.kinds}
          value={material}
          onChange={(_, v) => {
            setMaterial(v);
          }}
          getOptionLabel={(o) => o.name}
          isOptionEqualToValue={(a, b) => a.id === b.id}
          renderInput={(p) => <TextField {...p} label={t`What`} {...at('material')} />}
        />
        <TextField
          label={t`Colour`}
          value={f.colour}
          onChange={set('colour')}
          {...at('colour')}
          placeholder={t`none, or any`}
        />
        <TextField label={t`Batch`} value={f.batch} onChange={set('batch')} {...at('batch')} />
        <QuantityField
          label={t`Tin size`}
          of="volume,mass,count"
          placeholder="2.5 L"
          value={f.size}
          onChange={(size) => {
            setF((before) => ({ ...before, size }));
          }}
          error={at('size').helperText}
        />
        <TextField
          label={t`How many`}
          value={f.count}
          onChange={set('count')}
          {...at('count')}
          slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        />
        <TextField
          label={t`Good until, by its label`}
          type="date"
          value={f.label}
          onChange={set('label')}
          {...at('label')}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField label={t`Cabinet`} value={f.cabinet} onChange={set('cabinet')} {...at('cabinet')} />
        <TextField label={t`Price of one`} value={f.price} onChange={set('price')} {...at('price')} />
        <Button
          type="submit"
          variant="contained"
          disabled={receive.isPending || !material}
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
      {table.isError && <Refused error={table.error} title={t`Nothing was taken in`} />}
    </Box>
  );
}
