import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Box, Button } from '@mui/material';
import { type Schemas } from '../../api/client';
import { when } from '../../parts/time';
import { tok } from '../../theme/tokens';

/** A photo with its moment and its words. */
export function PhotoTile({ p, says, drop }: { p: Schemas['PhotoView']; says: string; drop: () => void }) {
  return (
    <>
      <a href={p.url} target="_blank" rel="noreferrer">
        <Box
          component="img"
          src={`${p.url}?small=1`}
          alt={`${says}: ${p.caption}`}
          loading="lazy"
          sx={{
            display: 'block',
            width: '100%',
            aspectRatio: '4 / 3',
            objectFit: 'cover',
            border: `1px solid ${tok('ink')}`,
          }}
        />
      </a>
      <Row align="center" size="s">
        <Text shrinks sx={{ flex: 1 }}>
          <b>{says}</b> {p.caption}
          <Text tone="ink2">{when(p.at, new Date().toISOString())}</Text>
        </Text>
        <Button
          onClick={drop}
          aria-label={t`Take out the photo ${p.caption}`}
          sx={{ minWidth: 44, border: 0, '&:hover': { border: 0 } }}
        >
          ×
        </Button>
      </Row>
    </>
  );
}
