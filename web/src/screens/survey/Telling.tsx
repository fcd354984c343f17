import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, MenuItem, TextField } from '@mui/material';
import { useState } from 'react';
import { useTelling } from '../../api/catalogue';
import { type Schemas } from '../../api/client';
import { tok } from '../../theme/tokens';
import { given } from '../../parts/given';

/** Not sure what it is made of: try a magnet, a thumb, a file, and take one of the materials left. */
export function Telling({
  catalogue,
  choose,
}: {
  catalogue: Schemas['CatalogueView'];
  choose: (substrate: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const [signs, setSigns] = useState<Record<string, string>>({});
  const told = useTelling(signs, open);
  if (!open)
    return (
      <Button
        onClick={() => {
          setOpen(true);
        }}
        aria-expanded={false}
        sx={{ justifySelf: 'start' }}
      >
        <Trans>Not sure? Try a magnet and a file</Trans>
      </Button>
    );
  const answers = (id: string): string[] => [...new Set(catalogue.substrates.flatMap((s) => s.signs[id] ?? []))];
  return (
    <Columns gap={1.5} sx={{ border: `1px solid ${tok('phos')}`, p: 1.5 }}>
      <Columns gap={1.5} cols={{ xs: '1fr', sm: '1fr 1fr' }}>
        {catalogue.signs.map((q) => (
          <TextField
            key={q.id}
            select
            label={q.name}
            value={signs[q.id] ?? ''}
            onChange={(e) => {
              setSigns((s) =>
                Object.fromEntries(Object.entries({ ...s, [q.id]: e.target.value }).filter(([, v]) => v !== '')),
              );
            }}
          >
            <MenuItem value="">
              <Trans>not tried</Trans>
            </MenuItem>
            {answers(q.id).map((a) => (
              <MenuItem key={a} value={a}>
                {a.replace('-', ' ')}
              </MenuItem>
            ))}
          </TextField>
        ))}
      </Columns>
      <Text role="status" size="m" tone="ink2">
        {given(!told.data, t`Working it out …`)
          .or(told.data?.materials.length === 0, t`Nothing fits all of that. Try another spot, under the paint.`)
          .or(Object.keys(signs).length === 0, t`Answer what you can try.`)
          .else(t`${told.data?.materials.length ?? 0} fit, surest first:`)}
      </Text>
      {Object.keys(signs).length > 0 &&
        told.data?.materials.slice(0, 4).map((m) => (
          <Button
            key={m.id}
            onClick={() => {
              choose(m.id);
              setOpen(false);
            }}
            sx={{ display: 'block', textAlign: 'left' }}
          >
            <Text weight="strong">{m.name}</Text>
            <Text size="s">{m.hint}</Text>
          </Button>
        ))}
      <Button
        onClick={() => {
          setOpen(false);
        }}
      >
        <Trans>Close</Trans>
      </Button>
    </Columns>
  );
}
