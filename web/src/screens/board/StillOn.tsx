import { Row } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { useLog } from '../../api/parts';
import { Notice } from '../../parts/Notice';

/** A part on what was worked already: it is off by now, which is written down in one tap, or it comes off first. */
export function StillOn({ still }: { still: Schemas['StillOnView'] }) {
  const log = useLog(still.partId);
  return (
    <Notice title={t`On what was worked already`}>
      {still.says}
      <Row gap={2} align="center" wrap above={1}>
        <Button
          size="small"
          disabled={log.isPending}
          onClick={() => {
            log.mutate({ kind: 'finish', step: still.off, at: new Date().toISOString() });
          }}
        >
          <Trans>It is off: write that down</Trans>
        </Button>
        <Link to={`/part/${still.partId}/record`}>
          <Trans>Its record</Trans>
        </Link>
      </Row>
      {log.isError && <div role="alert">{log.error.message}</div>}
    </Notice>
  );
}
