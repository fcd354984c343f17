import { Row } from '../../theme/layout';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import type { ReactNode } from 'react';

export function Offer({ children, busy, take }: { children: ReactNode; busy: boolean; take: () => void }) {
  return (
    <Row gap={1.5} align="center" wrap size="m" below={1.5}>
      <span>{children}</span>
      <Button size="small" disabled={busy} onClick={take}>
        <Trans>Take that</Trans>
      </Button>
    </Row>
  );
}
