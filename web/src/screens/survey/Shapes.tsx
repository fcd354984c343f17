import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, MenuItem, TextField } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Explained } from '../../parts/Explained';
import { tok } from '../../theme/tokens';
import { type Shape, type Kind, asKind } from './asKind';
import { ShapeFields } from './ShapeFields';
import { AddShape } from './AddShape';

interface Props {
  kinds: Kind[];
  shapes: Shape[];
  measured: Schemas['ShapesView'];
  chosen: number;
  choose: (index: number) => void;
  change: (shapes: Shape[]) => void;
  error: (pointer: string) => string | undefined;
  strays: (index: number, fields: string[]) => string[];
}

export function Shapes({ kinds, shapes, measured, chosen, choose, change, error, strays }: Props) {
  const set = (index: number, what: Shape) => {
    change(shapes.map((s, i) => (i === index ? { ...s, ...what } : s)));
  };
  const add = (kind: Kind) => {
    change([...shapes, asKind({ name: t`Shape ${String(shapes.length + 1)}` }, kind)]);
    choose(shapes.length);
  };
  return (
    <section aria-label={t`Size`}>
      <Heading>
        <Trans>How large is it?</Trans>
      </Heading>
      {shapes.map((shape, index) => {
        const kind = kinds.find((k) => k.kind === shape['kind']);
        const area = measured.shapes[index];
        const wrong = (f: string) =>
          area?.pointer === `/${f}` && area.error ? area.error : error(`/part/shapes/${String(index)}/${f}`);
        const lost = kind ? strays(index, ['name', 'kind', ...kind.fields.map((f) => f.name)]) : [];
        return (
          <Columns
            key={index}
            onFocus={() => {
              choose(index);
            }}
            gap={1.5}
            ruled
            inset={1.5}
            sx={{ borderLeft: `6px solid ${chosen === index ? tok('deep') : 'transparent'}`, pl: 1.5 }}
          >
            <Columns gap={1.5} align="center" cols={{ xs: '1fr 1fr', sm: '1fr 1fr auto auto' }}>
              <TextField
                label={t`Name`}
                value={shape['name'] ?? ''}
                onChange={(e) => {
                  set(index, { name: e.target.value });
                }}
                error={!!wrong('name')}
                helperText={wrong('name')}
                data-pointer={`/part/shapes/${String(index)}/name`}
              />
              <TextField
                select
                label={t`Shape`}
                value={shape['kind']}
                onChange={(e) => {
                  const to = kinds.find((k) => k.kind === e.target.value);
                  if (to) change(shapes.map((s, i) => (i === index ? asKind(s, to) : s)));
                }}
              >
                {kinds.map((k) => (
                  <MenuItem key={k.kind} value={k.kind}>
                    {k.label}
                  </MenuItem>
                ))}
              </TextField>
              <Text size="title" sx={{ minWidth: 90 }}>
                {area?.area ? (
                  <Explained v={area.area} label={t`Area`} />
                ) : (
                  <Text as="span" className="mono" tone="ink2">
                    <Trans>no area</Trans>
                  </Text>
                )}
              </Text>
              <Button
                onClick={() => {
                  change(shapes.filter((_, i) => i !== index));
                  choose(0);
                }}
                aria-label={t`Take out ${shape['name'] ?? 'shape'}`}
              >
                <Trans>Take out</Trans>
              </Button>
            </Columns>
            <ShapeFields
              kind={kind}
              shape={shape}
              area={area}
              index={index}
              wrong={wrong}
              set={(what) => {
                set(index, what);
              }}
            />
            {area?.error && area.pointer === '' && (
              <Text role="alert" tone="lead" weight="middle">
                {area.error}
              </Text>
            )}
            {lost.map((l) => (
              <Text role="alert" key={l} tone="lead" weight="middle">
                {l}
              </Text>
            ))}
          </Columns>
        );
      })}
      {shapes.length === 0 && (
        <Text tone="ink2" below={1}>
          <Trans>Build the part from the shapes it is made of. Type as you measure: 40 mm, 1.2 m, 3 ft 6 in.</Trans>
        </Text>
      )}
      <AddShape
        kinds={kinds}
        add={add}
        bring={(more) => {
          change([...shapes, ...more]);
        }}
      />
    </section>
  );
}
