import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useHelp } from '../../api/plan';
import { Notice } from '../../parts/Notice';
import { when } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';

const most = 5;

/** What is late or has no hour, before anything else: what closes it, and what would help. */
export function NotBegun({ view }: { view: Schemas['PlanView'] }) {
  const name = (id: string) => view.parts.find((p) => p.id === id)?.name ?? 'a part';
  return (
    <>
      {view.missed.length > 0 && (
        <div role="alert">
          <Notice title="Not done when it is due">
            {view.missed.map((m) => (
              <Box key={m.part}>
                {name(m.part)}: due <span className="mono">{when(m.due, view.now)}</span>,{' '}
                {m.end ? (
                  <>
                    done <span className="mono">{when(m.end, view.now)}</span>
                  </>
                ) : (
                  'without an hour for all of it'
                )}
              </Box>
            ))}
          </Notice>
        </div>
      )}
      {view.closed.slice(0, most).map((c) => (
        <Waits key={`${c.part}/${c.name}`} view={view} closed={c} part={name(c.part)} />
      ))}
      {view.closed.length > most && (
        <Box sx={{ fontSize: textSize.m, mb: 1 }}>And {view.closed.length - most} more have no hour.</Box>
      )}
    </>
  );
}

function Waits({ view, closed, part }: { view: Schemas['PlanView']; closed: Schemas['ClosedView']; part: string }) {
  const [asked, setAsked] = useState(false);
  const what = closed.name.charAt(0).toLowerCase() + closed.name.slice(1);
  return (
    <Notice tone="brass" title={`${part}: ${closed.bares ? 'do not strip it yet' : 'it waits'}`}>
      <Box>
        There is no hour for “{what}”: {closed.says}.
      </Box>
      {closed.air && !asked && (
        <Button
          size="small"
          onClick={() => {
            setAsked(true);
          }}
          sx={{ mt: 0.5 }}
          aria-label={`What would help ${part}?`}
        >
          What would help?
        </Button>
      )}
      {asked && <Help view={view} part={closed.part} />}
    </Notice>
  );
}

function Help({ view, part }: { view: Schemas['PlanView']; part: string }) {
  const help = useHelp(part);
  if (help.isPending) return <Box role="status">Trying what could be otherwise …</Box>;
  if (help.isError) return <Box role="alert">{help.error.message}</Box>;
  const found = help.data;
  return (
    <Box role="status" sx={{ mt: 0.5 }}>
      {found.remedies.map((r) => (
        <Box key={r.says} sx={{ py: 0.25 }}>
          <b>{r.says}</b>: begun <span className="mono">{when(r.opens, view.now)}</span>, done{' '}
          <span className="mono">{when(r.finish, view.now)}</span>
          {r.takes && `; ${r.takes}`}
        </Box>
      ))}
      {found.remedies.length === 0 && found.says === '' && (
        <Box>By itself it has room: it is other work that is in its way.</Box>
      )}
      {found.remedies.length === 0 && found.says !== '' && (
        <Box>Neither heat, dry air, another place of yours nor another film that fits gives it an hour.</Box>
      )}
      {found.season && (
        <Box>
          Or wait: in a usual year ({found.climate.toLowerCase()}) {found.season}.
        </Box>
      )}
      <Box sx={{ fontSize: textSize.s, color: tok('ink2'), mt: 0.5 }}>
        Each was tried with this part alone, in the forecast and what comes after it.
      </Box>
    </Box>
  );
}
