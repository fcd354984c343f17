import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { useLog } from '../../api/parts';
import { Notice } from '../../parts/Notice';

/** Who has looked and found nothing of the rain writes it with one tap; the route loses what was put in for it. */
export function Unharmed({ part }: { part: string }) {
  const log = useLog(part);
  return (
    <Text below={1}>
      <Button
        variant="outlined"
        disabled={log.isPending}
        onClick={() => {
          log.mutate({ kind: 'unharmed', at: new Date().toISOString() });
        }}
      >
        <Trans>I looked: it is unharmed</Trans>
      </Button>
      {log.error && <Notice title={t`Not written`}>{log.error.message}</Notice>}
    </Text>
  );
}
