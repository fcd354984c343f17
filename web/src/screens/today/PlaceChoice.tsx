import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { useForm } from '../../parts/form';
import { another, type placesFor, type Typed } from './takenIn';

type Form = ReturnType<typeof useForm<Typed>>;
type Place = ReturnType<typeof placesFor>[number];

/** Where the part is worked: a place that is there, or a new one. */
export function PlaceChoice({
  of,
  places,
  chosen,
  kinds,
}: {
  of: Form;
  places: Place[];
  chosen: string;
  kinds: Schemas['CatalogueView']['placeKinds'];
}) {
  const { field, value } = of;
  const kindName = (id: string) => kinds.find((k) => k.id === id)?.name ?? id;
  const place = places.find((p) => p.name === chosen);
  const kind = value('kind').value;
  return (
    <>
      <TextField
        select
        label={t`Worked in`}
        {...field('place')}
        value={chosen}
        helperText={
          place
            ? `${kindName(place.kind)}${place.users.length > 0 ? t`; also there: ${place.users.join(', ')}` : ''}`
            : t`its air is set in the survey`
        }
      >
        {places.map((p) => (
          <MenuItem key={p.name} value={p.name}>
            {p.name}
          </MenuItem>
        ))}
        <MenuItem value={another}>
          <Trans>A new place …</Trans>
        </MenuItem>
      </TextField>
      {!place && (
        <TextField
          select
          label={t`Kind of place`}
          {...field('kind')}
          helperText={kinds.find((k) => k.id === kind)?.hint}
        >
          {kinds.map((k) => (
            <MenuItem key={k.id} value={k.id}>
              {k.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {!place && (
        <TextField
          label={t`What the place is called`}
          {...field('placeName')}
          value={value('placeName').value ?? kindName(kind)}
          required
        />
      )}
    </>
  );
}
