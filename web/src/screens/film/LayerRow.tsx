import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Autocomplete, Box, MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';

export type Layer = Schemas['FilmLayerView'];

export type Wish = { product: string; colour: string; texture: string };

export const wished = (l: Layer): Wish => ({ product: l.product, colour: l.colour, texture: l.texture });

/** One layer: which product, in which colour and texture; what there is no choice of is only said. */
export function LayerRow({
  layer,
  wish,
  colours,
  set,
}: {
  layer: Layer;
  wish: Wish;
  colours: string[];
  set: (wish: Wish) => void;
}) {
  return (
    <Columns
      as="fieldset"
      aria-label={`${layer.role}: ${layer.name}`}
      gap={1}
      align="center"
      cols={{ xs: '1fr', sm: '110px minmax(0,2fr) minmax(0,1fr) minmax(0,1fr)' }}
      ruled
      sx={{ border: 0, m: 0, p: 0, py: 1 }}
    >
      <Text size="s" tone="ink2">
        {layer.coats} × {layer.role}
      </Text>
      {layer.products.length > 1 ? (
        <TextField
          select
          size="small"
          label={t`Product`}
          value={wish.product}
          onChange={(e) => {
            set({ ...wish, product: e.target.value, texture: '' });
          }}
        >
          {layer.products.map((p) => (
            <MenuItem key={p.id} value={p.id}>
              {p.name}
            </MenuItem>
          ))}
        </TextField>
      ) : (
        <Box>{layer.name}</Box>
      )}
      {layer.coloured ? (
        <Autocomplete
          freeSolo
          size="small"
          options={colours}
          inputValue={wish.colour}
          onInputChange={(_, colour) => {
            set({ ...wish, colour });
          }}
          renderInput={(p) => <TextField {...p} label={t`Colour`} placeholder={t`any`} />}
        />
      ) : (
        <Text size="s" tone="ink2">
          <Trans>clear</Trans>
        </Text>
      )}
      {layer.textures.length > 0 && wish.product === layer.product ? (
        <TextField
          select
          size="small"
          label={t`Texture`}
          value={wish.texture}
          onChange={(e) => {
            set({ ...wish, texture: e.target.value });
          }}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
        >
          <MenuItem value="">
            <Trans>As it comes</Trans>
          </MenuItem>
          {layer.textures.map((texture) => (
            <MenuItem key={texture.id} value={texture.id}>
              {texture.name}
            </MenuItem>
          ))}
        </TextField>
      ) : (
        <span />
      )}
    </Columns>
  );
}
