import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { type SubmitEvent, useState } from 'react';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { type Layer, type Wish, wished, LayerRow } from './LayerRow';

/** The film that is planned, layer by layer, the top one first as one looks at it. */
export function Layers({
  view,
  busy,
  save,
}: {
  view: Schemas['FilmsView'];
  busy: boolean;
  save: (layers: Schemas['LayerBody'][], stored: () => void) => void;
}) {
  const [wishes, setWishes] = useState<Record<string, Wish>>({});
  const forget = () => {
    setWishes({});
  };
  const of = (l: Layer) => wishes[l.layer] ?? wished(l);
  const changed = view.layers.some((l) => JSON.stringify(of(l)) !== JSON.stringify(wished(l)));
  const submit = (e: SubmitEvent) => {
    e.preventDefault();
    save(
      view.layers
        .map((l) => ({ l, w: of(l) }))
        .filter(({ l, w }) => w.product !== l.layer || w.colour.trim() !== '' || w.texture !== '')
        .map(({ l, w }) => ({
          layer: l.layer,
          instead: w.product === l.layer ? null : w.product,
          colour: w.colour.trim() || null,
          texture: w.texture || null,
        })),
      forget,
    );
  };
  return (
    <Box component="form" onSubmit={submit} aria-label={t`Layer by layer`} sx={{ mb: 3 }}>
      <Heading>
        <Trans>Layer by layer</Trans>
      </Heading>
      {[...view.layers].reverse().map((l) => (
        <LayerRow
          key={l.layer}
          layer={l}
          wish={of(l)}
          colours={view.colours}
          set={(w) => {
            setWishes({ ...wishes, [l.layer]: w });
          }}
        />
      ))}
      {view.idle.length > 0 && (
        <Notice title={t`Decided for layers that this film does not have`}>{view.idle.join('; ')}.</Notice>
      )}
      <Row gap={1} align="baseline" wrap>
        <Button type="submit" variant="contained" size="small" disabled={busy || !changed}>
          <Trans>Plan with these</Trans>
        </Button>
        {view.layersPicked && (
          <Button
            size="small"
            disabled={busy}
            onClick={() => {
              save([], forget);
            }}
          >
            <Trans>Leave the layers to the film</Trans>
          </Button>
        )}
        <Text size="s" tone="ink2">
          <Trans>
            Two colours on one part: take the second in as a zone of it, so that each has its tin and a masked line.
          </Trans>
        </Text>
      </Row>
    </Box>
  );
}
