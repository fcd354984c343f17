import { Columns } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, MenuItem, TextField } from '@mui/material';
import type { Schemas } from '../../api/client';
import { QuantityField } from '../../parts/QuantityField';

export type Covered = Schemas['CoveredBody'];

const words = {
  across: { plug: msg`Diameter`, tape: msg`Width`, film: msg`Width`, line: msg`Width` },
  along: { plug: msg`Length`, tape: msg`Length`, film: msg`Length`, line: msg`Length` },
} as const;

/** One sort of place that stays bare: what it is, how many, how large, on which shape. */
export function Cover({
  one,
  index,
  view,
  catalogue,
  shapes,
  change,
  drop,
  at,
}: {
  one: Covered;
  index: number;
  view: Schemas['SurveyView'];
  catalogue: Schemas['CatalogueView'];
  shapes: string[];
  change: (one: Covered) => void;
  drop: () => void;
  at: (pointer: string) => string | undefined;
}) {
  const sort = catalogue.coverings.find((c) => c.id === one.kind);
  const isSomething = sort?.by !== 'nothing';
  const pointer = (field: string) => `/part/covered/${String(index)}/${field}`;
  // What nobody touched is the stored number; it is shown as the reader says it.
  const shown = (v: Covered['across']) => (typeof v === 'number' ? (view.sizes[String(v)] ?? `${String(v)} m`) : v);
  return (
    <Columns
      as="fieldset"
      aria-label={t`Covered ${String(index + 1)}`}
      gap={1.25}
      align="start"
      cols={{ xs: '84px 1fr', sm: '84px 1.4fr 1fr 1fr' }}
      ruled
      sx={{ border: 0, m: 0, p: 0, py: 1.5 }}
    >
      {isSomething && (
        <TextField
          label={t`Count`}
          data-pointer={pointer('count')}
          value={one.count ?? ''}
          onChange={(e) => {
            const count = Number.parseInt(e.target.value, 10);
            change({ ...one, count: Number.isNaN(count) ? null : count });
          }}
          error={!!at(pointer('count'))}
          helperText={at(pointer('count'))}
          slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        />
      )}
      <TextField
        select
        label={t`What`}
        sx={isSomething ? {} : { gridColumn: { xs: '1 / -1', sm: '1 / 3' } }}
        value={one.kind}
        onChange={(e) => {
          const to = catalogue.coverings.find((c) => c.id === e.target.value);
          change({
            ...one,
            kind: e.target.value,
            across: to?.sizes['across'] ? (one.across ?? to.sizes['across']) : null,
            along: to?.sizes['along'] ? (one.along ?? to.sizes['along']) : null,
          });
        }}
        helperText={sort?.hint}
      >
        {catalogue.coverings.map((c) => (
          <MenuItem key={c.id} value={c.id}>
            {c.name}
          </MenuItem>
        ))}
      </TextField>
      {(['across', 'along'] as const).map((field) =>
        sort?.sizes[field] ? (
          <QuantityField
            key={field}
            label={spoken(words[field][sort.by as keyof (typeof words)['across']])}
            of="length"
            pointer={pointer(field)}
            value={shown(one[field]) ?? ''}
            onChange={(v) => {
              change({ ...one, [field]: v });
            }}
            error={at(pointer(field))}
          />
        ) : null,
      )}
      {isSomething && (
        <TextField
          label={t`Which`}
          placeholder={t`bearing bores`}
          value={one.name ?? ''}
          onChange={(e) => {
            change({ ...one, name: e.target.value });
          }}
          sx={{ gridColumn: { xs: '1 / -1', sm: '1 / 3' } }}
        />
      )}
      {isSomething && shapes.length > 1 && (
        <TextField
          select
          label={t`On`}
          value={shapes.includes(one.on ?? '') ? one.on : ''}
          onChange={(e) => {
            change({ ...one, on: e.target.value });
          }}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
          <MenuItem value="">
            <Trans>any of it</Trans>
          </MenuItem>
          {shapes.map((s) => (
            <MenuItem key={s} value={s}>
              {s}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Button
        size="small"
        onClick={drop}
        aria-label={t`Remove covered ${String(index + 1)}`}
        sx={{ justifySelf: 'end' }}
      >
        <Trans>Remove</Trans>
      </Button>
    </Columns>
  );
}
