import { Columns } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, MenuItem, TextField } from '@mui/material';
import type { Schemas } from '../../api/client';
import { another, states } from './draft';

type Thing = Schemas['TaggedItemBody'];

/** The things on a tag, counted; what becomes of each of them. */
export function Things({
  items,
  into,
  set,
  at,
}: {
  items: Thing[];
  into: boolean;
  set: (items: Thing[]) => void;
  at: (pointer: string) => string | undefined;
}) {
  const put = (n: number, change: Partial<Thing>) => {
    set(items.map((one, i) => (i === n ? { ...one, ...change } : one)));
  };
  return (
    <Columns gap={1.25} across>
      {items.map((one, n) => {
        const wrong = (field: string) => at(`/items/${String(n)}/${field}`);
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
              value={one.count ?? ''}
              onChange={(e) => {
                const count = Number.parseInt(e.target.value, 10);
                put(n, { count: Number.isNaN(count) ? null : count });
              }}
              error={!!(wrong('count') ?? wrong('done'))}
              helperText={wrong('count') ?? wrong('done')}
              slotProps={{ htmlInput: { inputMode: 'numeric' } }}
            />
            <TextField
              label={t`What`}
              placeholder={into ? t`silicone plug` : t`countersunk screw`}
              value={one.what}
              onChange={(e) => {
                put(n, { what: e.target.value });
              }}
              error={!!wrong('what')}
              helperText={wrong('what')}
              sx={{ gridColumn: { xs: '2 / -1', sm: 'auto' } }}
            />
            <TextField
              label={t`Size`}
              placeholder="M4 × 12"
              value={one.size ?? ''}
              onChange={(e) => {
                put(n, { size: e.target.value });
              }}
              error={!!wrong('size')}
              helperText={wrong('size')}
              sx={{ gridColumn: { xs: into ? '1 / -1' : '1 / 3', sm: 'auto' } }}
            />
            {!into && (
              <TextField
                select
                label={t`State`}
                value={one.state ?? 'reuse'}
                onChange={(e) => {
                  put(n, { state: e.target.value });
                }}
              >
                {Object.entries(states).map(([id, words]) => (
                  <MenuItem key={id} value={id}>
                    {spoken(words)}
                  </MenuItem>
                ))}
              </TextField>
            )}
            {items.length > 1 && (
              <Button
                size="small"
                onClick={() => {
                  set(items.filter((_, i) => i !== n));
                }}
                aria-label={t`Remove thing ${String(n + 1)}`}
                sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' }, justifySelf: 'end', alignSelf: 'center' }}
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
          set([...items, another()]);
        }}
        sx={{ justifySelf: 'start' }}
      >
        <Trans>Another thing on this tag</Trans>
      </Button>
    </Columns>
  );
}
