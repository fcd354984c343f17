import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { type Schemas } from '../../api/client';
import { when } from '../../parts/time';
import { Offer } from './Offer';

/** Plans that would end sooner, with more moved. */
export function Offers({
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
      {view.found && !busy && (
        <Offer
          busy={busy}
          take={() => {
            make({ found: true, note: t`found by searching on, to end earlier` });
          }}
        >
          <Trans>
            The search went on since and found a plan that ends{' '}
            <span className="mono">{when(view.found, view.now)}</span>, {view.sooner?.text} sooner, with more moved.
          </Trans>
        </Offer>
      )}
      {view.better && !view.found && (
        <Offer
          busy={busy}
          take={() => {
            make({ fresh: true, note: t`from scratch, to end earlier` });
          }}
        >
          <Trans>
            Planned from scratch it would end <span className="mono">{when(view.better, view.now)}</span>, with more
            moved.
          </Trans>
        </Offer>
      )}
    </>
  );
}
