import { Columns, Text } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import type { MessageDescriptor } from '@lingui/core';
import { msg, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { MenuItem, TextField } from '@mui/material';
import type { Schemas } from '../../api/client';
import type { Form } from '../../parts/form';
import type { CrewDraft } from './crew';

export const weights: [string, MessageDescriptor][] = [
  ['day', msg`A day longer until all is done`],
  ['good', msg`An hour of making good`],
  ['visit', msg`One more day somebody comes in`],
  ['set_up', msg`Setting up and cleaning a gun or brush`],
  ['turn', msg`Turning to another part`],
];

/** What a usual year is like here, and what things are worth when schedules are compared. */
export function Weights({ crew, of }: { crew: Schemas['CrewView']; of: Form<CrewDraft> }) {
  const { field } = of;
  return (
    <Columns gap={1.5}>
      <TextField
        select
        label={t`A usual year here`}
        {...field('climate', t`holds where no forecast reaches: when the frost ends, when a coat has its hours`)}
      >
        {crew.climates.map((c) => (
          <MenuItem key={c.id} value={c.id}>
            {c.name}: {c.hint}
          </MenuItem>
        ))}
      </TextField>
      <Text size="m" tone="ink2">
        <Trans>
          What things are worth, in hours of hands. The schedule with the smallest sum is taken; due dates come first.
        </Trans>
      </Text>
      <Columns gap={1.5} cols={{ xs: '1fr', sm: '1fr 1fr' }}>
        {weights.map(([id, label]) => (
          <TextField
            key={id}
            label={spoken(label)}
            {...field(`worth.${id}`)}
            type="number"
            slotProps={{ htmlInput: { min: 0, step: 0.05 } }}
          />
        ))}
      </Columns>
    </Columns>
  );
}
