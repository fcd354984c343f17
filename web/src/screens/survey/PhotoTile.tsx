import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Button } from '@mui/material';
import { type Schemas } from '../../api/client';
import { PhotoLink } from '../../parts/PhotoLink';
import { when } from '../../parts/time';

/** A photo with its moment and its words. */
export function PhotoTile({ p, says, drop }: { p: Schemas['PhotoView']; says: string; drop: () => void }) {
  return (
    <>
      <PhotoLink url={p.url} alt={`${says}: ${p.caption}`} inTile />
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
