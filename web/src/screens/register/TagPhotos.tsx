import { Row } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { type Tag } from '../../api/register';
import { tok } from '../../theme/tokens';

/** Photos of what a tag hangs on. */
export function TagPhotos({ tag }: { tag: Tag }) {
  return (
    <>
      {tag.photos.length > 0 && (
        <Row gap={1} wrap above={1}>
          {tag.photos.map((p) => (
            <a key={p.id} href={p.url} target="_blank" rel="noreferrer">
              <Box
                component="img"
                src={`${p.url}?small=1`}
                alt={t`Tag ${String(tag.number)}: ${p.caption}`}
                loading="lazy"
                sx={{ display: 'block', height: 64, border: `1px solid ${tok('ink')}` }}
              />
            </a>
          ))}
        </Row>
      )}
    </>
  );
}
