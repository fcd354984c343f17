import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Text } from '../theme/layout';
import { tok } from '../theme/tokens';

const tile = { width: '100%', aspectRatio: '4 / 3', objectFit: 'cover' };
const row = { height: 64 };

/** A small photo that opens the large one; says so where it cannot be had, and asks for it again when wanted. */
export function PhotoLink({ url, alt, inTile = false }: { url: string; alt: string; inTile?: boolean }) {
  const [away, setAway] = useState(false);
  const size = inTile ? tile : row;
  const edge = `1px solid ${tok('ink')}`;
  if (away)
    return (
      <Box role="status" sx={{ ...size, minHeight: 64, border: edge, p: 1, overflow: 'auto' }}>
        <Text size="s" tone="ink2">
          <Trans>This photo cannot be shown now.</Trans>
        </Text>
        <Button
          onClick={() => {
            setAway(false);
          }}
          aria-label={t`Try again: ${alt}`}
        >
          <Trans>Try again</Trans>
        </Button>
      </Box>
    );
  return (
    <a href={url} target="_blank" rel="noreferrer">
      <Box
        component="img"
        src={`${url}?small=1`}
        alt={alt}
        loading="lazy"
        onError={() => {
          setAway(true);
        }}
        sx={{ display: 'block', ...size, border: edge }}
      />
    </a>
  );
}
