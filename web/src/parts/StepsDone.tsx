import { Trans } from '@lingui/react/macro';
import type { Schemas } from '../api/client';

/** "Carbon steel sheet or section · 16/23 steps done". */
export function StepsDone({ part }: { part: Pick<Schemas['PartLine'], 'substrate' | 'stepsDone' | 'stepsAll'> }) {
  return (
    <Trans>
      {part.substrate} ·{' '}
      <span className="mono">
        {part.stepsDone}/{part.stepsAll}
      </span>{' '}
      steps done
    </Trans>
  );
}
