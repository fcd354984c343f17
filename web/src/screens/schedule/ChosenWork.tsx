import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { when } from '../../parts/time';
import { type Moving, instant } from '../../parts/useMoving';
import { textSize, tok } from '../../theme/tokens';
import { given } from '../../parts/given';

/** The chosen step of a plan: why it is where it is; where it was moved, what that breaks, and a way to have it so. */
export function ChosenWork({
  view,
  work,
  moving,
  put,
  within = false,
}: {
  view: Schemas['PlanView'];
  work: Schemas['PlannedView'];
  moving: Moving;
  put: (body: Schemas['PutBody']) => void;
  within?: boolean;
}) {
  const { moved, back } = moving;
  const tried = moved === null ? undefined : moving.tried;
  const part = view.parts.find((p) => p.id === work.part);
  const start = moved === null ? work.start : new Date(moved).toISOString();
  return (
    <Box
      sx={{
        borderLeft: `6px solid ${tok(tried && tried.breaks.length > 0 ? 'lead' : 'deep')}`,
        background: tok('sheet'),
        p: 2,
      }}
      aria-live="polite"
    >
      <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
        {part?.name} · {part?.job} · {work.place}
      </Box>
      <Box sx={{ fontWeight: 700, fontSize: textSize.xl }}>{work.name}</Box>
      <Box className="mono" sx={{ my: 0.5 }}>
        {when(start, view.now)}
        {moved === null && ` – ${when(work.end, view.now).replace(/^today /, '')}`}
      </Box>
      {moved === null ? (
        <>
          <Box sx={{ fontSize: textSize.m }}>
            {work.why.charAt(0).toUpperCase() + work.why.slice(1)}.
            {work.who.length > 0 && ` ${work.who.join(' and ')}.`}
            {work.setUp && ' Set up already by the coat before.'}
          </Box>
          {work.paid && (
            <Box sx={{ fontSize: textSize.m, color: tok('lead'), fontWeight: 650 }}>
              A window is missed: {work.paid.text} of abrading, wiping or rinsing again come first.
            </Box>
          )}
          <Box sx={{ fontSize: textSize.m }}>
            {given(work.fixed, 'Under way.')
              .or(work.critical, 'On the longest chain: later moves the end.')
              .or(work.slack.value === 0, 'Nothing to spare: later moves something else.')
              .else(`Can begin ${work.slack.text} later and nothing else moves.`)}
          </Box>
          {work.from && (
            <Box sx={{ fontSize: textSize.m }}>
              May begin from <span className="mono">{when(work.from, view.now)}</span>
              {work.until ? (
                <>
                  {' '}
                  until <span className="mono">{when(work.until, view.now)}</span>
                </>
              ) : (
                ', and no window closes'
              )}
              .
            </Box>
          )}
          {work.hangs.map((h) => (
            <Box key={h} sx={{ fontSize: textSize.m, color: tok('brass'), fontWeight: 650 }}>
              It hangs on the forecast: {h}.
            </Box>
          ))}
          {work.coat && <Box sx={{ fontSize: textSize.m }}>Wet until {when(work.dry, view.now)}.</Box>}
        </>
      ) : (
        <>
          {tried?.breaks.length === 0 && (
            <Box sx={{ color: tok('zinc'), fontWeight: 700 }}>It may stand there; nothing breaks.</Box>
          )}
          {tried?.breaks.map((b, i) => (
            <Box key={i} sx={{ fontSize: textSize.m, py: 0.5, borderTop: `1px solid ${tok('rule')}` }}>
              <Box component="span" sx={{ fontWeight: 700, color: tok('lead') }}>
                {b.name}
              </Box>{' '}
              {b.says}; {b.kind === 'late' ? 'until' : 'from'} <span className="mono">{when(b.until, view.now)}</span>
            </Box>
          ))}
          <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
            <Button
              variant="contained"
              onClick={() => {
                put({ id: work.id, start: instant(moved) });
                back();
              }}
            >
              Not before then; plan the rest
            </Button>
            <Button onClick={back}>Back where it was</Button>
          </Box>
        </>
      )}
      {moved === null && !within && (
        <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
          <Button component={Link} to={`/part/${work.part}/windows`}>
            Its windows
          </Button>
          <Button component={Link} to={`/part/${work.part}/record`}>
            Log it
          </Button>
        </Box>
      )}
    </Box>
  );
}
