import { Box } from '@mui/material';
import type { Schemas } from '../api/client';
import { textSize, tok } from '../theme/tokens';

const month = (from: string) =>
  new Date(`${from}T12:00:00Z`).toLocaleString(undefined, { month: 'short', timeZone: 'UTC' });
const day = (from: string) =>
  new Date(`${from}T12:00:00Z`).toLocaleString(undefined, { day: 'numeric', month: 'long', timeZone: 'UTC' });

const told = (half: Schemas['HalfView']) =>
  `Begun ${day(half.from)}: ${half.finish ? `done by ${day(half.finish)}` : 'not everything finds its hours'}`;

/** A year in halves of months: full where what is begun then can be closed, open where it cannot. */
export function YearBand({ halves, label }: { halves: Schemas['HalfView'][]; label: string }) {
  return (
    <Box
      role="img"
      aria-label={label}
      sx={{
        display: 'grid',
        gridTemplateColumns: `repeat(${halves.length}, minmax(0, 1fr))`,
        rowGap: 0.25,
        alignContent: 'start',
      }}
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
        <Box
          key={`${half.from} month`}
          sx={{ fontSize: textSize.xs, color: tok('ink2'), gridRow: 2, overflow: 'visible', whiteSpace: 'nowrap' }}
        >
          {half.from.endsWith('-01') ? month(half.from) : ''}
        </Box>
      ))}
    </Box>
  );
}
