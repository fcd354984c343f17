import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { Row } from '../../theme/layout';

/** Writes the line, or withdraws what did not happen. */
export function WriterButtons({
  correcting,
  off,
  withdraw,
  done,
}: {
  correcting: boolean;
  off: boolean;
  withdraw: () => void;
  done: () => void;
}) {
  return (
    <Row gap={1} wrap across>
      <Button type="submit" variant="contained" disabled={off} sx={{ minHeight: 56, px: 4 }}>
        {correcting ? t`Write the correction` : t`Write it down`}
      </Button>
      {correcting && (
        <Button onClick={withdraw} sx={{ minHeight: 56 }}>
          <Trans>It did not happen</Trans>
        </Button>
      )}
      {correcting && (
        <Button onClick={done} sx={{ minHeight: 56 }}>
          <Trans>Leave it</Trans>
        </Button>
      )}
    </Row>
  );
}
