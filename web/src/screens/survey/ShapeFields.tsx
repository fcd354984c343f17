import { Columns } from '../../theme/layout';
import { MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { QuantityField } from '../../parts/QuantityField';
import { type Shape, type Kind } from './asKind';

interface Props {
  kind: Kind | undefined;
  shape: Shape;
  area: Schemas['ShapeView'] | undefined;
  index: number;
  wrong: (field: string) => string | undefined;
  set: (what: Shape) => void;
}

/** The dimensions and counts of a shape, each as it was typed and as it is understood. */
export function ShapeFields({ kind, shape, area, index, wrong, set }: Props) {
  return (
    <Columns gap={1.5} cols={{ xs: '1fr 1fr', sm: 'repeat(auto-fill, minmax(132px, 1fr))' }}>
      {kind?.fields.map((f) => {
        if (f.kind === 'choice')
          return (
            <TextField
              key={f.name}
              select
              label={f.label}
              value={shape[f.name] ?? f.options[0] ?? ''}
              onChange={(e) => {
                set({ [f.name]: e.target.value });
              }}
            >
              {f.options.map((o) => (
                <MenuItem key={o} value={o}>
                  {o}
                </MenuItem>
              ))}
            </TextField>
          );
        return (
          <QuantityField
            key={f.name}
            label={f.label}
            value={shape[f.name] ?? ''}
            placeholder={f.kind === 'count' ? '1' : f.start || f.usual}
            understood={f.kind === 'count' ? undefined : area?.dimensions[f.name]}
            error={wrong(f.name)}
            pointer={`/part/shapes/${String(index)}/${f.name}`}
            onChange={(v) => {
              set({ [f.name]: v });
            }}
          />
        );
      })}
    </Columns>
  );
}
