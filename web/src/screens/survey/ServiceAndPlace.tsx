import { Columns } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { YesNo } from '../../parts/YesNo';
import { WorkedIn } from './WorkedIn';
import { type Draft, type Fields } from './draft';
import { AlsoServices } from './AlsoServices';

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
    <section aria-label={t`Service and place`}>
      <Heading>
        <Trans>What is it for, and where is it worked?</Trans>
      </Heading>
      <Columns gap={2} cols={{ xs: '1fr', sm: '1fr 1fr' }}>
        {choices(
          t`Service`,
          fields.service,
          catalogue.services.filter((s) => s.substrates.includes(draft.substrate)),
          (v) => {
            put({ service: v });
          },
        )}
        <AlsoServices catalogue={catalogue} draft={draft} put={put} at={at} />
        {choices(t`Finish wanted`, fields.finish, catalogue.finishes, (v) => {
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
        {choices(t`Put on with`, fields.method ?? '', catalogue.methods, (v) => {
          put({ method: v });
        })}
        {view.siblings.length > 0 &&
          choices(
            t`Zone of`,
            fields.zone_of ?? '',
            [{ id: '', name: t`a part of its own`, hint: t`or a zone of one piece with another` }, ...view.siblings],
            (v) => {
              put({ zone_of: v });
            },
          )}
        {choices(t`Wash water lies`, fields.water_lies ?? '', catalogue.waterLies, (v) => {
          put({ water_lies: v });
        })}
        {choices(t`How dark it is in the sun`, fields.in_sun ?? '', catalogue.inSun, (v) => {
          put({ in_sun: v });
        })}
        <YesNo
          label={t`Small parts or lattice`}
          hint={t`more paint misses them`}
          value={fields.small_or_lattice ?? false}
          change={(on) => {
            put({ small_or_lattice: on });
          }}
        />
        <YesNo
          label={t`Worked from below`}
          hint={t`overhead a coat takes half as long again`}
          value={fields.overhead ?? false}
          change={(on) => {
            put({ overhead: on });
          }}
        />
        <TextField
          label={t`Not begun before`}
          type="date"
          data-pointer="/part/begin"
          value={fields.begin ?? ''}
          onChange={(e) => {
            put({ begin: e.target.value });
          }}
          error={!!at('/part/begin')}
          helperText={at('/part/begin') ?? t`for a half that is left to another day or season`}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          label={t`Another one would cost`}
          data-pointer="/part/replacement"
          value={fields.replacement ?? ''}
          onChange={(e) => {
            put({ replacement: e.target.value });
          }}
          error={!!at('/part/replacement')}
          helperText={at('/part/replacement') ?? t`to hold the work against; may stay empty`}
        />
      </Columns>
    </section>
  );
}
