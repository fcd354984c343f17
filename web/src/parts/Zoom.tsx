import { Row } from '../theme/layout';
import { spoken } from '../words/spoken';
import { msg, t } from '@lingui/core/macro';
import { Button } from '@mui/material';
import { useState } from 'react';
import type { Span } from '../figures/TimeAxis';

const zooms = [
  [msg`An evening`, 12],
  [msg`Three days`, 72],
  [msg`Two weeks`, 336],
  [msg`Six weeks`, 1008],
] as const;
const most = 1008;
const hour = 3_600_000;

/** How much time is shown, from one evening to six weeks, and from when on. */
export function useZoom() {
  const [zoom, setZoom] = useState(72);
  const [ahead, setAhead] = useState(0);
  const span = (now: string): Span => {
    const from =
      Math.floor(new Date(now).getTime() / hour) * hour - Math.min(12, zoom / 10) * hour + ahead * zoom * hour * 0.75;
    return { from, to: from + zoom * hour };
  };
  const controls = (
    <Row gap={0.5} wrap below={1} role="group" aria-label={t`How much time is shown`}>
      {zooms.map(([label, hours]) => (
        <Button
          key={hours}
          size="small"
          aria-pressed={zoom === hours}
          variant={zoom === hours ? 'contained' : 'outlined'}
          onClick={() => {
            setZoom(hours);
            setAhead(0);
          }}
        >
          {spoken(label)}
        </Button>
      ))}
      <Row gap={0.5}>
        <Button
          size="small"
          aria-label={t`Earlier`}
          disabled={ahead === 0}
          onClick={() => {
            setAhead(ahead - 1);
          }}
        >
          ◀
        </Button>
        <Button
          size="small"
          aria-label={t`Later`}
          disabled={(ahead + 1) * zoom > most}
          onClick={() => {
            setAhead(ahead + 1);
          }}
        >
          ▶
        </Button>
      </Row>
    </Row>
  );
  return { span, controls };
}
