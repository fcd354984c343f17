import { Columns, Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { dayOf, monthOf } from '../parts/time';
import { tok } from '../theme/tokens';

const told = (half: Schemas['HalfView']) =>
  t`Begun ${dayOf(half.from)}: ${half.finish ? t`done by ${dayOf(half.finish)}` : t`not everything finds its hours`}`;

/** A year in halves of months: full where what is begun then can be closed, open where it cannot. */
export function YearBand({ halves, label }: { halves: Schemas['HalfView'][]; label: string }) {
  return (
    <Columns
      role="img"
      aria-label={label}
      cols={`repeat(${halves.length}, minmax(0, 1fr))`}
      sx={{ rowGap: 0.25, alignContent: 'start' }}
    >
      {halves.map((half) => (
        <Box
          key={half.from}
          title={told(half)}
          sx={{
            height: 26,
            border: `1px solid ${tok('rule')}`,
            borderLeftWidth: half.from.endsWith('-01') ? 2 : 0,
            borderLeftColor: tok('ink2'),
            background: half.open ? tok('zinc') : tok('sheet'),
          }}
        />
      ))}
      {halves.map((half) => (
        <Text
          key={`${half.from} month`}
          size="xs"
          tone="ink2"
          sx={{ gridRow: 2, overflow: 'visible', whiteSpace: 'nowrap' }}
        >
          {half.from.endsWith('-01') ? monthOf(half.from) : ''}
        </Text>
      ))}
    </Columns>
  );
}
