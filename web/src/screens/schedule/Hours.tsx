import { Columns } from '../../theme/layout';
import { spoken } from '../../words/spoken';
import { t } from '@lingui/core/macro';
import { TextField } from '@mui/material';
import { textSize } from '../../theme/tokens';
import type { Form } from '../../parts/form';
import type { CrewDraft } from './crew';
import { days } from './week';

/** A week's hours in a form, a field for each day. */
export function Hours({
  label,
  of,
  week,
}: {
  label: string;
  of: Form<CrewDraft>;
  week: 'quiet' | `people.${number}.hours`;
}) {
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
          placeholder={t`off`}
          {...of.field(`${week}.${d}`)}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'aria-label': `${label}, ${spoken(name)}` } }}
          sx={{ '& input': { fontSize: textSize.s } }}
        />
      ))}
    </Columns>
  );
}
