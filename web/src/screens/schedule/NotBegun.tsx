import { Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useHelp } from '../../api/plan';
import { Notice } from '../../parts/Notice';
import { when } from '../../parts/time';

const most = 5;

/** What is late or has no hour, before anything else: what closes it, and what would help. */
export function NotBegun({ view }: { view: Schemas['PlanView'] }) {
  const name = (id: string) => view.parts.find((p) => p.id === id)?.name ?? t`a part`;
  return (
    <>
      {view.missed.length > 0 && (
        <div role="alert">
          <Notice title={t`Not done when it is due`}>
            {view.missed.map((m) => (
              <Box key={m.part}>
                <Trans>
                  {name(m.part)}: due <span className="mono">{when(m.due, view.now)}</span>,
                </Trans>{' '}
                {m.end ? (
                  <>
                    <Trans>
                      done <span className="mono">{when(m.end, view.now)}</span>
                    </Trans>
                  </>
                ) : (
                  t`without an hour for all of it`
                )}
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
      {asked && <Help view={view} part={closed.part} />}
    </Notice>
  );
}

function Help({ view, part }: { view: Schemas['PlanView']; part: string }) {
  const help = useHelp(part);
  if (help.isPending)
    return (
      <Box role="status">
        <Trans>Trying what could be otherwise …</Trans>
      </Box>
    );
  if (help.isError) return <Box role="alert">{help.error.message}</Box>;
  const found = help.data;
  return (
    <Text role="status" above={0.5}>
      {found.remedies.map((r) => (
        <Text key={r.says} inset={0.25}>
          <Trans>
            <b>{r.says}</b>: begun <span className="mono">{when(r.opens, view.now)}</span>, done{' '}
            <span className="mono">{when(r.finish, view.now)}</span>
          </Trans>
          {r.takes && `; ${r.takes}`}
        </Text>
      ))}
      {found.remedies.length === 0 && found.says === '' && (
        <Box>
          <Trans>By itself it has room: it is other work that is in its way.</Trans>
        </Box>
      )}
      {found.remedies.length === 0 && found.says !== '' && (
        <Box>
          <Trans>
            Nothing that was tried gives it an hour: heat, dry air, another place or film, another way to put it on.
          </Trans>
        </Box>
      )}
      {found.season && (
        <Box>
          <Trans>
            Or wait: in a usual year ({found.climate.toLowerCase()}) {found.season}.
          </Trans>
        </Box>
      )}
      <Text size="s" tone="ink2" above={0.5}>
        <Trans>Each was tried with this part alone, in the forecast and what comes after it.</Trans>
      </Text>
    </Text>
  );
}
