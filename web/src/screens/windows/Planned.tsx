import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { type Moving } from '../../parts/useMoving';
import { ChosenWork } from '../schedule/ChosenWork';
import { given } from '../../parts/given';

/** What is planned on this part: the chosen step, or how to choose one. */
export function Planned({
  plan,
  part,
  moving,
  put,
  busy,
}: {
  plan?: Schemas['PlanView'];
  part: string;
  moving: Moving;
  put: (body: Schemas['PutBody']) => void;
  busy: boolean;
}) {
  const work = plan?.work.find((k) => k.id === moving.chosen && k.part === part);
  if (!plan) return null;
  if (work)
    return (
      <Text below={2} widest={640}>
        <ChosenWork view={plan} work={work} moving={moving} put={put} within />
      </Text>
    );
  const any = plan.work.some((k) => k.part === part);
  return (
    <Text size="m" tone="ink2" below={1} role="status">
      {given(busy, t`Planning …`)
        .or(any, t`Choose a planned step; drag it or use ← → (with Shift an hour) to see what breaks.`)
        .else(
          <>
            <Trans>No step of it is planned yet.</Trans>{' '}
            <Button component={Link} to="/schedule" size="small">
              <Trans>Plan the yard</Trans>
            </Button>
          </>,
        )}
    </Text>
  );
}
