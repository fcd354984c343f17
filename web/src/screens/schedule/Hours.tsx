import { Columns } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { TextField } from '@mui/material';
import { textSize } from '../../theme/tokens';
import { type Week, days } from './week';

export function Hours({ label, week, change }: { label: string; week: Week; change: (week: Week) => void }) {
  return (
    <Columns
      role="group"
      aria-label={label}
      gap={1}
      cols={{ xs: '1fr 1fr', sm: 'repeat(4, 1fr)', lg: 'repeat(4, 1fr)' }}
    >
      {days.map(([d, name]) => (
        <TextField
          key={d}
          label={spoken(name)}
          value={week[d] ?? ''}
          placeholder={t`off`}
          onChange={(e) => {
            change({ ...week, [d]: e.target.value });
          }}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'aria-label': `${label}, ${spoken(name)}` } }}
          sx={{ '& input': { fontSize: textSize.s } }}
        />
      ))}
    </Columns>
  );
}
