import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';

/** Other views of the plan, and planning it again. */
export function PlanButtons({
  view,
  busy,
  make,
}: {
  view: Schemas['PlanView'];
  busy: boolean;
  make: (body: Schemas['PlanBody']) => void;
}) {
  return (
    <>
      <Button component={Link} to="/schedule/days">
        <Trans>Day by day</Trans>
      </Button>
      <Button component={Link} to="/schedule/year">
        <Trans>The year</Trans>
      </Button>
      <Button component={Link} to="/schedule/floor">
        <Trans>The floor</Trans>
      </Button>
      <Button
        variant={view.outdated.length > 0 || view.status === 'none' ? 'contained' : 'outlined'}
        disabled={busy}
        onClick={() => {
          make({});
        }}
      >
        {view.status === 'none' ? t`Make a plan` : t`Plan again`}
      </Button>
      {view.pinned && (
        <Button
          disabled={busy}
          onClick={() => {
            make({ fresh: true, note: t`from scratch` });
          }}
        >
          <Trans>From scratch</Trans>
        </Button>
      )}
    </>
  );
}
