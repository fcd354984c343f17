import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { type Tools } from '../../api/keys';
import { usePour } from '../../api/parts';
import { PourColumn } from '../../figures/PourColumn';
import { tok } from '../../theme/tokens';
import { given } from '../../parts/given';

/** The pour: the column, the next target large, and the scale's reading as it comes. */
export function MixAtScale({
  card,
  by,
  tools,
  scaleIsThere,
}: {
  card: Schemas['CoatCard'];
  by: 'scale' | 'volume';
  tools: Tools;
  scaleIsThere: boolean;
}) {
  const { part = '' } = useParams();
  const [poured, setPoured] = useState(0);
  const [zero, setZero] = useState(0);
  const [live, setLive] = useState(false);
  const on = live && by === 'scale';
  const pour = usePour(part, card.stepKey, tools, poured, zero, on).data;
  const next = card.parts[poured];
  const reading = on && pour?.connected ? pour : null;
  return (
    <Box>
      {next && (
        <Text
          below={1}
          sx={{
            borderLeft: `6px solid ${tok(given(reading?.over, 'lead').or(reading?.isIn, 'zinc').else('deep'))}`,
            pl: 1.5,
          }}
        >
          <Text size="m" tone="ink2">
            {next.name}
            {by === 'scale' ? t`, pour until the scale reads` : t`, measure`}
          </Text>
          <Text className="mono" size="huge" weight="middle" sx={{ lineHeight: 1.1 }}>
            {by === 'scale' ? (next.scale?.text ?? '?') : next.volume.text}
          </Text>
          {reading && (
            <Text
              role="status"
              size="xl"
              tone={given(reading.over, 'lead').or(reading.isIn, 'zinc').else('ink')}
              weight="strong"
            >
              <span className="mono">{reading.net?.text}</span>
              {reading.stable ? '' : ' ~'} · {reading.words}
            </Text>
          )}
          {on && pour && !pour.connected && (
            <Text role="status" tone="lead" weight="firm">
              {pour.words}
            </Text>
          )}
        </Text>
      )}
      <Row gap={1} wrap above={1} below={1}>
        {next ? (
          <Button
            variant="contained"
            sx={{ minHeight: 56 }}
            onClick={() => {
              setPoured(poured + 1);
            }}
          >
            <Trans>{next.name} is in</Trans>
          </Button>
        ) : (
          card.parts.length > 0 && (
            <Text weight="strong" sx={{ alignSelf: 'center' }}>
              <Trans>Stir, scrape the sides, pour into a second cup, stir again.</Trans>
            </Text>
          )
        )}
        {poured > 0 && (
          <Button
            onClick={() => {
              setPoured(poured - 1);
            }}
          >
            <Trans>Back</Trans>
          </Button>
        )}
        {by === 'scale' && scaleIsThere && (
          <Button
            aria-pressed={live}
            onClick={() => {
              setLive(!live);
            }}
          >
            {live ? t`Leave the scale` : t`Read the scale`}
          </Button>
        )}
        {reading && (
          <Button
            onClick={() => {
              setZero(reading.grossG);
            }}
          >
            <Trans>Zero with the cup on</Trans>
          </Button>
        )}
      </Row>
      <PourColumn parts={card.parts} poured={poured} by={by} level={reading?.level} />
      {reading?.simulated && (
        <Text size="s" tone="ink2" above={0.5}>
          <Trans>{reading.device}: nothing real is weighed.</Trans>{' '}
          <a href={reading.page} target="_blank" rel="noreferrer" style={{ color: 'inherit' }}>
            <Trans>Pour on it</Trans>
          </a>
          .
        </Text>
      )}
    </Box>
  );
}
