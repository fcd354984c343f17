import { Columns, Row } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';

export type Tie = Schemas['LinkBody'];

/** Relations of what can be taken off and put back, or left on and shielded. */
export const fastened = ['mounted-on', 'covers', 'bonded-to', 'seals', 'inside'];

export function TieRow({
  tie,
  index,
  view,
  catalogue,
  change,
  drop,
  at,
}: {
  tie: Tie;
  index: number;
  view: Schemas['SurveyView'];
  catalogue: Schemas['CatalogueView'];
  change: (tie: Tie) => void;
  drop: () => void;
  at: (pointer: string) => string | undefined;
}) {
  const pointer = (field: string) => `/part/links/${String(index)}/${field}`;
  const wrong = at(pointer('to')) ?? at('/part/mounted_on');
  return (
    <Columns
      as="fieldset"
      aria-label={t`Tie ${String(index + 1)}`}
      gap={1.25}
      ruled
      sx={{ border: 0, m: 0, p: 0, py: 1.5 }}
    >
      <Columns gap={1.25} cols={{ xs: '1fr', sm: '1fr 1fr' }}>
        <TextField
          select
          label={t`It`}
          value={tie.as}
          onChange={(e) => {
            change({ ...tie, as: e.target.value });
          }}
          helperText={catalogue.relations.find((r) => r.id === tie.as)?.hint}
        >
          {catalogue.relations.map((r) => (
            <MenuItem key={r.id} value={r.id}>
              {r.name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label={t`Which part`}
          data-pointer={pointer('to')}
          value={tie.to}
          onChange={(e) => {
            change({ ...tie, to: e.target.value });
          }}
          error={!!wrong}
          helperText={wrong}
        >
          {view.siblings.map((s) => (
            <MenuItem key={s.id} value={s.id}>
              {s.name}
            </MenuItem>
          ))}
        </TextField>
        {fastened.includes(tie.as) && (
          <>
            <TextField
              label={t`Held by`}
              placeholder={t`four M8 bolts, nyloc nuts`}
              value={tie.by ?? ''}
              onChange={(e) => {
                change({ ...tie, by: e.target.value });
              }}
              error={!!at(pointer('by'))}
              helperText={at(pointer('by'))}
            />
            <TextField
              label={t`Its turn to come off`}
              placeholder={t`any`}
              value={tie.order ?? ''}
              onChange={(e) => {
                const turn = Number.parseInt(e.target.value, 10);
                change({ ...tie, order: Number.isNaN(turn) ? null : turn });
              }}
              error={!!at(pointer('order'))}
              helperText={at(pointer('order')) ?? t`1 comes off first and goes back last`}
              slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            />
          </>
        )}
      </Columns>
      <Row align="center" wrap sx={{ columnGap: 2 }}>
        {fastened.includes(tie.as) && (
          <>
            <FormControlLabel
              label={t`stays on, shielded`}
              control={
                <Checkbox
                  checked={tie.stays ?? false}
                  onChange={(_, stays) => {
                    change({ ...tie, stays });
                  }}
                />
              }
            />
            <FormControlLabel
              label={t`torqued or carries load`}
              control={
                <Checkbox
                  checked={tie.loaded ?? false}
                  onChange={(_, loaded) => {
                    change({ ...tie, loaded });
                  }}
                />
              }
            />
          </>
        )}
        <Button size="small" onClick={drop} sx={{ ml: 'auto' }} aria-label={t`Remove tie ${String(index + 1)}`}>
          <Trans>Remove</Trans>
        </Button>
      </Row>
    </Columns>
  );
}
