import { t } from '@lingui/core/macro';
import { MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';

export function Field({
  field,
  value,
  change,
  wrong,
}: {
  field: Schemas['DimensionField'];
  value: string;
  change: (v: string) => void;
  wrong?: string;
}) {
  const common = {
    size: 'small' as const,
    label: field.label,
    value,
    onChange: (e: { target: { value: string } }) => {
      change(e.target.value);
    },
    error: !!wrong,
    helperText: wrong,
  };
  return field.kind === 'choice' ? (
    <TextField select {...common} label={field.label} value={value || field.options[0]}>
      {field.options.map((o) => (
        <MenuItem key={o} value={o}>
          {o}
        </MenuItem>
      ))}
    </TextField>
  ) : (
    <TextField
      {...common}
      placeholder={field.required ? '' : t`as usual`}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
