import { Columns } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { MenuItem, TextField } from '@mui/material';
import type { Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { QuantityField } from '../../parts/QuantityField';
import type { Section } from './draft';

type Room = Schemas['RoomBody'];

const blank: Room = { long: '', wide: '', way: 'stands', weight: '' };

/** How much floor the part takes while it is worked and cures, and what it weighs. */
export function RoomTaken({ view, catalogue, draft, set, at }: Section) {
  const room = draft.fields.room ?? blank;
  const put = (change: Partial<Room>) => {
    set({ fields: { ...draft.fields, room: { ...blank, ...room, ...change } } });
  };
  const shown = (v: Room['long'], of = '') =>
    typeof v === 'number' ? (view.sizes[`${of}${String(v)}`] ?? String(v)) : (v ?? '');
  return (
    <section aria-label={t`Room and weight`}>
      <Heading>
        <Trans>How much room does it take, and what does it weigh?</Trans>
      </Heading>
      <Columns gap={1.5} cols={{ xs: '1fr 1fr', sm: '1fr 1fr 1.3fr 1fr' }}>
        {(['long', 'wide'] as const).map((side) => (
          <QuantityField
            key={side}
            label={side === 'long' ? t`Long` : t`Wide`}
            of="length"
            pointer={`/part/room/${side}`}
            value={shown(room[side])}
            onChange={(v) => {
              put({ [side]: v });
            }}
            error={at(`/part/room/${side}`)}
            hint={side === 'long' ? t`as it is kept; else reckoned` : undefined}
          />
        ))}
        <TextField
          select
          label={t`It`}
          value={room.way ?? 'stands'}
          onChange={(e) => {
            put({ way: e.target.value });
          }}
        >
          {catalogue.keeps.map((k) => (
            <MenuItem key={k.id} value={k.id}>
              {k.name}
            </MenuItem>
          ))}
        </TextField>
        <QuantityField
          label={t`Weighs`}
          of="mass"
          pointer="/part/room/weight"
          value={shown(room.weight, 'kg ')}
          onChange={(v) => {
            put({ weight: v });
          }}
          error={at('/part/room/weight')}
          hint={t`over 25 kg two lift it`}
        />
      </Columns>
    </section>
  );
}
