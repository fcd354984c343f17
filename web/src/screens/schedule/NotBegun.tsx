import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Notice } from '../../parts/Notice';
import { when } from '../../parts/time';
import { WouldHelp } from './WouldHelp';

const most = 5;

/** By the day they are due, the parts that have no hour for all of it. */
function never(view: Schemas['PlanView']): Map<string, string[]> {
  const parts = new Map<string, string[]>();
  for (const m of view.missed) if (!m.end) parts.set(m.due, [...(parts.get(m.due) ?? []), m.part]);
  return parts;
}

/** What is late or has no hour, before anything else: what closes it, and what would help. */
export function NotBegun({ view }: { view: Schemas['PlanView'] }) {
  const name = (id: string) => view.parts.find((p) => p.id === id)?.name ?? t`a part`;
  return (
    <>
      {view.missed.length > 0 && (
        <div role="alert">
          <Notice title={t`Not done when it is due`}>
            {view.missed
              .filter((m) => m.end)
              .map((m) => (
                <Box key={m.part}>
                  <Trans>
                    {name(m.part)}: due <span className="mono">{when(m.due, view.now)}</span>, done{' '}
                    <span className="mono">{when(m.end ?? '', view.now)}</span>
                  </Trans>
                </Box>
              ))}
            {[...never(view)].map(([due, parts]) => (
              <Box key={due}>
                <Trans>
                  Due <span className="mono">{when(due, view.now)}</span> and without an hour for all of it:{' '}
                  {parts.map(name).join(', ')}
                </Trans>
              </Box>
            ))}
          </Notice>
        </div>
      )}
      {view.closed.slice(0, most).map((c) => (
        <Waits
          key={`${c.part}/${c.name}`}
          view={view}
          closed={c}
          part={name(c.part)}
          others={c.with.map(name).join(', ')}
        />
      ))}
      {view.closed.length > most && (
        <Text size="m" below={1}>
          <Trans>And {view.closed.length - most} more have no hour.</Trans>
        </Text>
      )}
    </>
  );
}

function Waits({
  view,
  closed,
  part,
  others,
}: {
  view: Schemas['PlanView'];
  closed: Schemas['ClosedView'];
  part: string;
  others: string;
}) {
  const [asked, setAsked] = useState(false);
  const what = closed.name.charAt(0).toLowerCase() + closed.name.slice(1);
  return (
    <Notice tone="brass" title={`${part}: ${closed.bares ? t`do not strip it yet` : t`it waits`}`}>
      <Box>
        <Trans>
          There is no hour for “{what}”: {closed.says}.
        </Trans>
      </Box>
      {others && (
        <Box>
          <Trans>With it wait: {others}.</Trans>
        </Box>
      )}
      {closed.air && !asked && (
        <Button
          size="small"
          onClick={() => {
            setAsked(true);
          }}
          sx={{ mt: 0.5 }}
          aria-label={t`What would help ${part}?`}
        >
          <Trans>What would help?</Trans>
        </Button>
      )}
      {asked && <WouldHelp view={view} part={closed.part} />}
    </Notice>
  );
}
