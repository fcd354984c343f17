import { Box, MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { WorkedIn } from './WorkedIn';
import { type Draft, type Fields } from './draft';

/** What the part is for, where it is worked, and what it hangs on. */
export function ServiceAndPlace({
  view,
  catalogue,
  draft,
  places,
  set,
  at,
}: {
  view: Schemas['SurveyView'];
  catalogue: Schemas['CatalogueView'];
  draft: Draft;
  places: Schemas['SurveyView']['places'];
  set: (change: Partial<Draft>) => void;
  /** What is wrong at a place of the survey, in words. */
  at: (pointer: string) => string | undefined;
}) {
  const fields = draft.fields;
  const put = (change: Partial<Fields>) => {
    set({ fields: { ...fields, ...change } });
  };
  const choices = (label: string, value: string, options: Schemas['Option'][], change: (v: string) => void) => (
    <TextField
      select
      label={label}
      value={value}
      onChange={(e) => {
        change(e.target.value);
      }}
      helperText={options.find((o) => o.id === value)?.hint}
    >
      {options.map((o) => (
        <MenuItem key={o.id} value={o.id}>
          {o.name}
        </MenuItem>
      ))}
    </TextField>
  );
  return (
    <section aria-label="Service and place">
      <Heading>What is it for, and where is it worked?</Heading>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
        {choices(
          'Service',
          fields.service,
          catalogue.services.filter((s) => s.substrates.includes(draft.substrate)),
          (v) => {
            put({ service: v });
          },
        )}
        <TextField
          select
          label="It has to stand, too"
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
                  .join(', ') || 'nothing else',
            },
            inputLabel: { shrink: true },
          }}
          helperText={at('/part/also') ?? 'further services; a film has to stand them all'}
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
        {choices('Finish wanted', fields.finish, catalogue.finishes, (v) => {
          put({ finish: v });
        })}
        <WorkedIn
          places={places}
          kinds={catalogue.placeKinds}
          hazards={catalogue.hazards}
          place={draft.place}
          change={(to) => {
            set({ place: to });
          }}
          error={at}
        />
        {choices('Put on with', fields.method ?? '', catalogue.methods, (v) => {
          put({ method: v });
        })}
        {view.siblings.length > 0 &&
          choices(
            'Zone of',
            fields.zone_of ?? '',
            [{ id: '', name: 'a part of its own', hint: 'or a zone of one piece with another' }, ...view.siblings],
            (v) => {
              put({ zone_of: v });
            },
          )}
        {choices('Wash water lies', fields.water_lies ?? '', catalogue.waterLies, (v) => {
          put({ water_lies: v });
        })}
        {choices('How dark it is in the sun', fields.in_sun ?? '', catalogue.inSun, (v) => {
          put({ in_sun: v });
        })}
        <TextField
          select
          label="Small parts or lattice"
          value={fields.small_or_lattice ? 'yes' : 'no'}
          onChange={(e) => {
            put({ small_or_lattice: e.target.value === 'yes' });
          }}
          helperText="more paint misses them"
        >
          <MenuItem value="no">no</MenuItem>
          <MenuItem value="yes">yes</MenuItem>
        </TextField>
        <TextField
          label="Not begun before"
          type="date"
          data-pointer="/part/begin"
          value={fields.begin ?? ''}
          onChange={(e) => {
            put({ begin: e.target.value });
          }}
          error={!!at('/part/begin')}
          helperText={at('/part/begin') ?? 'for a half that is left to another day or season'}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          label="Another one would cost"
          data-pointer="/part/replacement"
          value={fields.replacement ?? ''}
          onChange={(e) => {
            put({ replacement: e.target.value });
          }}
          error={!!at('/part/replacement')}
          helperText={at('/part/replacement') ?? 'to hold the work against; may stay empty'}
        />
      </Box>
    </section>
  );
}
