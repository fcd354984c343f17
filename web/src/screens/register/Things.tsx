import { Columns } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, MenuItem, TextField } from '@mui/material';
import type { TagBody } from '../../api/register';
import type { Form } from '../../parts/form';
import { another, isAwaited, states, whole } from './draft';

/** The things on a tag, counted; what becomes of each of them. */
export function Things({ of, into }: { of: Form<TagBody>; into: boolean }) {
  const { field, value } = of;
  const things = value('items');
  return (
    <Columns gap={1.25} across>
      {things.value.map((_, n) => {
        const count = value(`items.${n}.count`);
        const wrong = count.error ?? value(`items.${n}.done`).error;
        return (
          <Columns
            key={n}
            as="fieldset"
            aria-label={t`Thing ${String(n + 1)}`}
            gap={1}
            cols={{ xs: '80px 0.35fr 1fr', sm: '80px 1fr 150px 150px auto' }}
            sx={{ border: 0, m: 0, p: 0 }}
          >
            <TextField
              label={t`Count`}
              value={count.value ?? ''}
              onChange={(e) => {
                count.onChange(whole(e.target.value));
              }}
              error={!!wrong}
              helperText={wrong}
              slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            />
            <TextField
              label={t`What`}
              placeholder={into ? t`silicone plug` : t`countersunk screw`}
              {...field(`items.${n}.what`)}
              sx={{ gridColumn: { xs: '2 / -1', sm: 'auto' } }}
            />
            <TextField
              label={t`Size`}
              placeholder="M4 × 12"
              {...field(`items.${n}.size`)}
              sx={{ gridColumn: { xs: into ? '1 / -1' : '1 / 3', sm: 'auto' } }}
            />
            {!into && (
              <TextField
                select
                label={t`State`}
                {...field(`items.${n}.state`)}
                onChange={(e) => {
                  value(`items.${n}.state`).onChange(e.target.value);
                  if (!isAwaited(e.target.value)) value(`items.${n}.expected`).onChange('');
                }}
              >
                {Object.entries(states).map(([id, words]) => (
                  <MenuItem key={id} value={id}>
                    {spoken(words)}
                  </MenuItem>
                ))}
              </TextField>
            )}
            {!into && isAwaited(things.value[n]?.state) && (
              <TextField
                type="date"
                label={t`Expected on`}
                {...field(`items.${n}.expected`)}
                helperText={field(`items.${n}.expected`).helperText ?? t`the timetable waits for it`}
                slotProps={{ inputLabel: { shrink: true } }}
                sx={{ gridColumn: { xs: '1 / -1', sm: '3 / 5' } }}
              />
            )}
            {things.value.length > 1 && (
              <Button
                size="small"
                onClick={() => {
                  things.onChange(things.value.filter((_, i) => i !== n));
                }}
                aria-label={t`Remove thing ${String(n + 1)}`}
                sx={{
                  gridColumn: { xs: '1 / -1', sm: '5' },
                  gridRow: { sm: '1' },
                  justifySelf: 'end',
                  alignSelf: 'center',
                }}
              >
                <Trans>Remove</Trans>
              </Button>
            )}
          </Columns>
        );
      })}
      <Button
        size="small"
        onClick={() => {
          things.onChange([...things.value, another()]);
        }}
        sx={{ justifySelf: 'start' }}
      >
        <Trans>Another thing on this tag</Trans>
      </Button>
    </Columns>
  );
}
