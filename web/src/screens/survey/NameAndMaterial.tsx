import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Box, MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Telling } from './Telling';
import type { Draft } from './draft';

/** What the part is called and made of, and how to tell. */
export function NameAndMaterial({
  catalogue,
  draft,
  set,
  madeOf,
  at,
}: {
  catalogue: Schemas['CatalogueView'];
  draft: Draft;
  set: (change: Partial<Draft>) => void;
  madeOf: (substrate: string) => void;
  at: (pointer: string) => string | undefined;
}) {
  const substrate = catalogue.substrates.find((s) => s.id === draft.substrate);
  return (
    <>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        <TextField
          label={t`Part`}
          data-pointer="/part/name"
          value={draft.name}
          onChange={(e) => {
            set({ name: e.target.value });
          }}
          error={!!at('/part/name')}
          helperText={at('/part/name')}
        />
        <TextField
          select
          label={t`Made of`}
          value={draft.substrate}
          onChange={(e) => {
            madeOf(e.target.value);
          }}
          helperText={substrate?.tell}
        >
          {catalogue.substrates.map((s) => (
            <MenuItem key={s.id} value={s.id}>
              {s.name}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      <Text above={1}>
        <Telling catalogue={catalogue} choose={madeOf} />
      </Text>
    </>
  );
}
