import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { type Schemas } from '../../api/client';
import { useWithout } from '../../api/jobs';
import { useAlternatives } from '../../api/ways';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { type Step } from './step';

/** What a step cannot be done without, and the way round it where it is not there. */
export function Asked({ step, view, part }: { step: Step; view: Schemas['RouteView']; part: string }) {
  const ways = useAlternatives(part, view.number);
  const without = useWithout(view.jobId, part);
  return (
    <Text above={1.25}>
      <Labelled label={t`It asks for`}>
        {step.asks.map((a) => (
          <Row key={a.id} gap={1} align="center" wrap>
            <span title={a.hint}>{a.name}</span>
            <Button
              size="small"
              disabled={without.isPending || !ways.data}
              onClick={() => {
                without.mutate([...(ways.data?.without ?? []), a.id]);
              }}
            >
              <Trans>Not here: plan without</Trans>
            </Button>
          </Row>
        ))}
      </Labelled>
      {without.isError && (
        <div role="alert">
          <Notice title={t`Not planned again`}>{without.error.message}</Notice>
        </div>
      )}
    </Text>
  );
}
