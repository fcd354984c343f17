import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Menu, MenuItem, TextField } from '@mui/material';
import { type ChangeEvent, useRef, useState } from 'react';
import { Refusal, type Schemas, api, settle } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Explained } from '../../parts/Explained';
import { QuantityField } from '../../parts/QuantityField';
import { tok } from '../../theme/tokens';

export type Shape = Record<string, string>;

type Kind = Schemas['ShapeKind'];

const quick = ['plate', 'strip', 'box-section', 'tube', 'lattice'];

/** What both kinds have is kept; what only the new one has begins at its usual size; the rest is dropped. */
export function asKind(shape: Shape, kind: Kind): Shape {
  const kept: Shape = { kind: kind.kind, name: shape['name'] ?? '' };
  for (const f of kind.fields) {
    const had = shape[f.name];
    const value =
      had !== undefined && had !== '' && (f.options.length === 0 || f.options.includes(had)) ? had : f.start;
    if (value !== '') kept[f.name] = value;
  }
  return kept;
}

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
  const list = useRef<HTMLInputElement>(null);
  const [listError, setListError] = useState('');
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const bring = async (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = '';
    if (!file) return;
    try {
      const read = await settle(api.POST('/api/shapes/list', { body: { text: await file.text() } }));
      setListError('');
      change([...shapes, ...read.shapes]);
    } catch (cause) {
      setListError(cause instanceof Refusal ? cause.said : t`The file cannot be read.`);
    }
  };
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
                        set(index, { [f.name]: e.target.value });
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
                      set(index, { [f.name]: v });
                    }}
                  />
                );
              })}
            </Columns>
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
      <Row gap={1} wrap above={1}>
        {kinds
          .filter((k) => quick.includes(k.kind))
          .sort((a, b) => quick.indexOf(a.kind) - quick.indexOf(b.kind))
          .map((k) => (
            <Button
              key={k.kind}
              onClick={() => {
                add(k);
              }}
            >
              <Trans>Add {k.kind.replace('-', ' ')}</Trans>
            </Button>
          ))}
        <Button
          aria-haspopup="menu"
          onClick={(e) => {
            setMenu(e.currentTarget);
          }}
        >
          <Trans>Add another shape …</Trans>
        </Button>
        <Menu
          anchorEl={menu}
          open={menu !== null}
          onClose={() => {
            setMenu(null);
          }}
        >
          {kinds.map((k) => (
            <MenuItem
              key={k.kind}
              onClick={() => {
                setMenu(null);
                add(k);
              }}
            >
              {k.label}
            </MenuItem>
          ))}
        </Menu>
        <Button onClick={() => list.current?.click()}>
          <Trans>Open a list (CSV)</Trans>
        </Button>
        <input
          ref={list}
          type="file"
          accept=".csv,text/csv,text/plain"
          hidden
          aria-label={t`List of dimensions`}
          onChange={(e) => {
            void bring(e);
          }}
        />
      </Row>
      {listError && (
        <div role="alert">
          <Notice title={t`Nothing was taken from the list`}>{listError}</Notice>
        </div>
      )}
    </section>
  );
}
