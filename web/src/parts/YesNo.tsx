import { Trans } from '@lingui/react/macro';
import { MenuItem, TextField } from '@mui/material';

/** A question with two answers, among others that have more. */
export function YesNo({
  label,
  hint,
  value,
  change,
}: {
  label: string;
  hint: string;
  value: boolean;
  change: (on: boolean) => void;
}) {
  return (
    <TextField
      select
      label={label}
      value={value ? 'yes' : 'no'}
      onChange={(e) => {
        change(e.target.value === 'yes');
      }}
      helperText={hint}
    >
      <MenuItem value="no">
        <Trans>no</Trans>
      </MenuItem>
      <MenuItem value="yes">
        <Trans>yes</Trans>
      </MenuItem>
    </TextField>
  );
}
