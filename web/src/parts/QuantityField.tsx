import { TextField } from '@mui/material';
import { useRef } from 'react';

/** A bare number gets the unit that stood in the field; a typed unit always wins. */
export function withUnit(typed: string, before: string): string {
  const unit = /[^\d.\s+\-/].*$/.exec(before)?.[0] ?? '';
  return /^\s*[+-]?[\d.\s/]+$/.test(typed) && unit ? `${typed.trim()} ${unit}` : typed;
}

interface Props { label: string; value: string; onChange: (v: string) => void; error?: string | undefined; placeholder?: string; understood?: string | undefined; pointer?: string; hint?: string }

/** A quantity as people type it, with what was understood of it beside it where that reads differently. */
export function QuantityField({ label, value, onChange, error, placeholder, understood, pointer, hint }: Props) {
  const before = useRef(value);
  const plain = (s: string) => s.replace(/\s+/g, '').toLowerCase();
  const read = understood && value.trim() !== '' && plain(understood) !== plain(value) ? `read as ${understood}` : '';
  return (
    <TextField
      label={label} value={value} error={!!error} helperText={error ?? (read || hint)} placeholder={placeholder ?? ''} data-pointer={pointer} slotProps={{ inputLabel: { shrink: true }, htmlInput: { className: 'mono' } }}
      onFocus={() => { before.current = value; }}
      onChange={(e) => { onChange(e.target.value); }}
      onBlur={(e) => { const full = withUnit(e.target.value, before.current || (placeholder ?? '')); if (full !== value) onChange(full); }}
    />
  );
}
