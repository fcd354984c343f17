import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { useWriteTag } from '../../api/register';
import { Notice } from '../../parts/Notice';

/** Plugs are counted in where they are counted out: in the register. */
export function PlugsIn({ view }: { view: Schemas['MaskingView'] }) {
  const write = useWriteTag(view.jobId);
  const go = useNavigate();
  if (view.plugs.length === 0) return null;
  return (
    <Text above={2}>
      <Button
        disabled={write.isPending}
        onClick={() => {
          write.mutate(
            {
              number: null,
              body: {
                kind: 'in',
                what: t`Plugs in ${view.name}`,
                part: view.slug,
                items: view.plugs.map(({ what, size: of, count }) => ({ what, size: of, count })),
              },
            },
            {
              onSuccess: () => {
                void go(`/job/${view.jobId}/register`);
              },
            },
          );
        }}
      >
        <Trans>The plugs are in: count them in the register</Trans>
      </Button>
      {write.isError && (
        <div role="alert">
          <Notice title={t`Not written`}>{write.error.message}</Notice>
        </div>
      )}
    </Text>
  );
}
