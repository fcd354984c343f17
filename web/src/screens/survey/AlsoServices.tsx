import { t } from '@lingui/core/macro';
import { MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { type Draft, type Fields } from './draft';

/** What the part has to stand beside its service. */
export function AlsoServices({
  catalogue,
  draft,
  put,
  at,
}: {
  catalogue: Schemas['CatalogueView'];
  draft: Draft;
  put: (change: Partial<Fields>) => void;
  at: (pointer: string) => string | undefined;
}) {
  const fields = draft.fields;
  return (
    <TextField
      select
      label={t`It has to stand, too`}
      value={fields.also ?? []}
      onChange={(e) => {
        const value: unknown = e.target.value;
        put({ also: Array.isArray(value) ? value.map(String) : [] });
      }}
      slotProps={{
        select: {
          multiple: true,
          displayEmpty: true,
          renderValue: (value: unknown) =>
            catalogue.services
              .filter((s) => Array.isArray(value) && value.includes(s.id))
              .map((s) => s.name)
              .join(', ') || t`nothing else`,
        },
        inputLabel: { shrink: true },
      }}
      helperText={at('/part/also') ?? t`further services; a film has to stand them all`}
      error={!!at('/part/also')}
    >
      {catalogue.services
        .filter((s) => s.substrates.includes(draft.substrate) && s.id !== fields.service)
        .map((s) => (
          <MenuItem key={s.id} value={s.id}>
            {s.name}
          </MenuItem>
        ))}
    </TextField>
  );
}
