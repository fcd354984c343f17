import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { type Tools } from '../../api/keys';
import { usePour } from '../../api/parts';
import { PourColumn } from '../../figures/PourColumn';
import { textSize, tok } from '../../theme/tokens';
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
        <Box
          sx={{
            borderLeft: `6px solid ${tok(given(reading?.over, 'lead').or(reading?.isIn, 'zinc').else('deep'))}`,
            pl: 1.5,
            mb: 1,
          }}
        >
          <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
            {next.name}
            {by === 'scale' ? t`, pour until the scale reads` : t`, measure`}
          </Box>
          <Box className="mono" sx={{ fontSize: textSize.huge, lineHeight: 1.1, fontWeight: 600 }}>
            {by === 'scale' ? (next.scale?.text ?? '?') : next.volume.text}
          </Box>
          {reading && (
            <Box
              role="status"
              sx={{
                fontSize: textSize.xl,
                fontWeight: 700,
                color: tok(given(reading.over, 'lead').or(reading.isIn, 'zinc').else('ink')),
              }}
            >
              <span className="mono">{reading.net?.text}</span>
              {reading.stable ? '' : ' ~'} · {reading.words}
            </Box>
          )}
          {on && pour && !pour.connected && (
            <Box role="status" sx={{ color: tok('lead'), fontWeight: 650 }}>
              {pour.words}
            </Box>
          )}
        </Box>
      )}
      <Box sx={{ display: 'flex', gap: 1, my: 1, flexWrap: 'wrap' }}>
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
            <Box sx={{ fontWeight: 700, alignSelf: 'center' }}>
              <Trans>Stir, scrape the sides, pour into a second cup, stir again.</Trans>
            </Box>
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
      </Box>
      <PourColumn parts={card.parts} poured={poured} by={by} level={reading?.level} />
      {reading?.simulated && (
        <Box sx={{ fontSize: textSize.s, color: tok('ink2'), mt: 0.5 }}>
          <Trans>{reading.device}: nothing real is weighed.</Trans>{' '}
          <a href={reading.page} target="_blank" rel="noreferrer" style={{ color: 'inherit' }}>
            <Trans>Pour on it</Trans>
          </a>
          .
        </Box>
      )}
    </Box>
  );
}
