import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Link } from 'react-router';
import { Notice } from '../../parts/Notice';

/** What is left in or left over, said before the next step closes it. */
export function Closing({ job, says }: { job: string; says: string[] }) {
  if (says.length === 0) return null;
  return (
    <Notice title={t`Before the next step closes it`}>
      {says.map((s) => (
        <div key={s}>{s}</div>
      ))}
      <Link to={`/job/${job}/register?way=together`}>
        <Trans>Tick it off in the register</Trans>
      </Link>
    </Notice>
  );
}
