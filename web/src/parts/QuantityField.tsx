import { t } from '@lingui/core/macro';
import { TextField, type SxProps } from '@mui/material';
import { useRef } from 'react';
import { useUnderstood } from './useUnderstood';

/** A bare number gets the unit that stood in the field; a typed unit always wins. */
export function withUnit(typed: string, before: string): string {
  const unit = /[^\d.\s+\-/].*$/.exec(before)?.[0] ?? '';
  return /^\s*[+-]?[\d.\s/]+$/.test(typed) && unit ? `${typed.trim()} ${unit}` : typed;
}

interface Props {
  label: string;
  value: string;
  onChange: (v: string) => void;
  /** A refusal in words, or that there is one and the words stand elsewhere. */
  error?: string | boolean | undefined;
  placeholder?: string;
  /** What it may be a quantity of ("volume,mass"); it is then read back as it is typed. */
  of?: string;
  /** What was stored, where that is known already. */
  understood?: string | undefined;
  pointer?: string;
  hint?: string | undefined;
  size?: 'small' | 'medium';
  sx?: SxProps;
}

/** A quantity as people type it, with what was understood of it beside it where that reads differently. */
export function QuantityField({
  label,
  value,
  onChange,
  error,
  placeholder,
  of,
  understood,
  pointer,
  hint,
  size,
  sx,
}: Props) {
  const before = useRef(value);
  const answered = useUnderstood(of, value);
  const shown = understood ?? answered;
  const plain = (s: string) => s.replace(/\s+/g, '').toLowerCase();
  const read = shown && value.trim() !== '' && plain(shown) !== plain(value) ? t`read as ${shown}` : '';
  return (
    <TextField
      label={label}
      value={value}
      error={!!error}
      helperText={typeof error === 'string' ? error : read || hint}
      placeholder={placeholder ?? ''}
      data-pointer={pointer}
      {...(size ? { size } : {})}
      sx={sx ?? {}}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { className: 'mono' } }}
      onFocus={() => {
        before.current = value;
      }}
      onChange={(e) => {
        onChange(e.target.value);
      }}
      onBlur={(e) => {
        const full = withUnit(e.target.value, before.current || (placeholder ?? ''));
        if (full !== value) onChange(full);
      }}
    />
  );
}
