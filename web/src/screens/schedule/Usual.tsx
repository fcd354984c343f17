import { Box, Button } from '@mui/material';
import { textSize, tok } from '../../theme/tokens';
import type { Week } from './week';

const weekdays = ['mon', 'tue', 'wed', 'thu', 'fri'];
const on = (ids: string[], hours: string): Week => Object.fromEntries(ids.map((d) => [d, hours]));
const none = on([...weekdays, 'sat', 'sun'], '');

/** Hours people have, to begin from: they fill the week and are changed there. */
const usual: [string, Week][] = [
  ['Working week', { ...none, ...on(weekdays, '8:00-12:30, 13:00-17:00') }],
  ['Weekday evenings', { ...none, ...on(weekdays, '18:30-21:30') }],
  ['Evenings and Saturdays', { ...none, ...on(weekdays, '18:30-21:30'), sat: '9:00-13:00, 14:00-17:00' }],
  ['Saturdays only', { ...none, sat: '9:00-13:00, 14:00-17:00' }],
  ['Weekends', { ...none, ...on(['sat', 'sun'], '9:00-13:00, 14:00-17:00') }],
];

export function Usual({ who, choose }: { who: string; choose: (week: Week) => void }) {
  return (
    <Box
      role="group"
      aria-label={`Usual hours for ${who}`}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}
    >
      <Box component="span" sx={{ fontSize: textSize.s, color: tok('ink2') }}>
        begin from
      </Box>
      {usual.map(([name, week]) => (
        <Button
          key={name}
          size="small"
          onClick={() => {
            choose(week);
          }}
        >
          {name}
        </Button>
      ))}
    </Box>
  );
}
