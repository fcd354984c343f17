import { listed } from '../../parts/listed';
import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { another, slugOf } from '../today/takenIn';
import { AirThere } from './AirThere';

export interface DraftPlace {
  id: string;
  name: string;
  kind: string;
  temperature: string;
  humidity: string;
  hazards: string[];
}

export const draftPlace = (p: Schemas['PlaceView']): DraftPlace => ({
  id: p.id,
  name: p.name,
  kind: p.kind,
  temperature: p.temperature,
  humidity: p.humidity,
  hazards: p.hazards,
});

interface Props {
  places: Schemas['PlaceView'][];
  kinds: Schemas['Option'][];
  hazards: Schemas['Option'][];
  place: DraftPlace;
  change: (place: DraftPlace) => void;
  error: (pointer: string) => string | undefined;
}

/** Where the part is worked: one of the job's places or a new one, what it is like, and who else is there. */
export function WorkedIn({ places, kinds, hazards, place, change, error }: Props) {
  const stored = places.find((p) => p.id === place.id);
  const others = stored?.users ?? [];
  const choose = (id: string) => {
    const known = places.find((p) => p.id === id);
    change(
      known
        ? draftPlace(known)
        : {
            id: slugOf(
              'place',
              places.map((p) => p.id),
              'place',
            ),
            name: t`New place`,
            kind: place.kind,
            temperature: '18 °C',
            humidity: '55 %',
            hazards: [],
          },
    );
  };
  const kind = kinds.find((k) => k.id === place.kind);
  return (
    <>
      <TextField
        select
        label={t`Worked in`}
        value={place.id}
        onChange={(e) => {
          choose(e.target.value);
        }}
        helperText={
          others.length > 0 ? t`Also worked there: ${others.join(', ')}.` : t`nothing else of this job is there`
        }
      >
        {places.map((p) => (
          <MenuItem key={p.id} value={p.id}>
            {p.name || t`Without a name`}
          </MenuItem>
        ))}
        {!stored && <MenuItem value={place.id}>{place.name || t`New place`}</MenuItem>}
        <MenuItem value={another}>
          <Trans>A new place …</Trans>
        </MenuItem>
      </TextField>
      <TextField
        label={t`What the place is called`}
        value={place.name}
        onChange={(e) => {
          change({ ...place, name: e.target.value });
        }}
        error={!!error('/place/name')}
        helperText={error('/place/name')}
        data-pointer="/place/name"
      />
      <TextField
        select
        label={t`Kind of place`}
        value={place.kind}
        onChange={(e) => {
          change({
            ...place,
            kind: e.target.value,
            name:
              kinds.some((k) => k.name === place.name) || place.name === 'New place'
                ? (kinds.find((k) => k.id === e.target.value)?.name ?? place.name)
                : place.name,
          });
        }}
        helperText={kind?.hint}
      >
        {kinds.map((k) => (
          <MenuItem key={k.id} value={k.id}>
            {k.name}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={t`About in that place`}
        value={place.hazards}
        slotProps={{ select: { multiple: true } }}
        onChange={(e) => {
          const v = e.target.value as unknown as string[];
          change({ ...place, hazards: v });
        }}
        helperText={t`what could meet solvent, water or dust`}
      >
        {hazards.map((h) => (
          <MenuItem key={h.id} value={h.id}>
            {h.name}
          </MenuItem>
        ))}
      </TextField>
      <AirThere place={place} stored={stored} change={change} error={error} />
      {others.length > 0 && (
        <Text size="m" flag="brass" across sx={{ pl: 1.5 }}>
          <Trans>
            What you change of {place.name || t`this place`} changes for {listed(others)} too. Choose "A new place …"
            where only this part moves.
          </Trans>
        </Text>
      )}
    </>
  );
}
