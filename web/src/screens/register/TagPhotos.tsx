import { Row } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { type Tag } from '../../api/register';
import { PhotoLink } from '../../parts/PhotoLink';

/** Photos of what a tag hangs on. */
export function TagPhotos({ tag }: { tag: Tag }) {
  return (
    <>
      {tag.photos.length > 0 && (
        <Row gap={1} wrap above={1}>
          {tag.photos.map((p) => (
            <PhotoLink key={p.id} url={p.url} alt={t`Tag ${String(tag.number)}: ${p.caption}`} />
          ))}
        </Row>
      )}
    </>
  );
}
