import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
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
            {work.who.length > 0 && ` ${work.who.join(t` and `)}.`}
            {work.setUp && t` Set up already by the coat before.`}
          </Box>
          {work.paid && (
            <Box sx={{ fontSize: textSize.m, color: tok('lead'), fontWeight: 650 }}>
              <Trans>A window is missed: {work.paid.text} of abrading, wiping or rinsing again come first.</Trans>
            </Box>
          )}
          <Box sx={{ fontSize: textSize.m }}>
            {given(work.fixed, t`Under way.`)
              .or(work.critical, t`On the longest chain: later moves the end.`)
              .or(work.slack.value === 0, t`Nothing to spare: later moves something else.`)
              .else(t`Can begin ${work.slack.text} later and nothing else moves.`)}
          </Box>
          {work.from && (
            <Box sx={{ fontSize: textSize.m }}>
              <Trans>
                May begin from <span className="mono">{when(work.from, view.now)}</span>
              </Trans>
              {work.until ? (
                <>
                  {' '}
                  <Trans>
                    until <span className="mono">{when(work.until, view.now)}</span>
                  </Trans>
                </>
              ) : (
                t`, and no window closes`
              )}
              .
            </Box>
          )}
          {work.hangs.map((h) => (
            <Box key={h} sx={{ fontSize: textSize.m, color: tok('brass'), fontWeight: 650 }}>
              <Trans>It hangs on the forecast: {h}.</Trans>
            </Box>
          ))}
          {work.coat && (
            <Box sx={{ fontSize: textSize.m }}>
              <Trans>Wet until {when(work.dry, view.now)}.</Trans>
            </Box>
          )}
        </>
      ) : (
        <>
          {tried?.breaks.length === 0 && (
            <Box sx={{ color: tok('zinc'), fontWeight: 700 }}>
              <Trans>It may stand there; nothing breaks.</Trans>
            </Box>
          )}
          {tried?.breaks.map((b, i) => (
            <Box key={i} sx={{ fontSize: textSize.m, py: 0.5, borderTop: `1px solid ${tok('rule')}` }}>
              <Box component="span" sx={{ fontWeight: 700, color: tok('lead') }}>
                {b.name}
              </Box>{' '}
              {b.says}; {b.kind === 'late' ? t`until` : t`from`} <span className="mono">{when(b.until, view.now)}</span>
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
              <Trans>Not before then; plan the rest</Trans>
            </Button>
            <Button onClick={back}>
              <Trans>Back where it was</Trans>
            </Button>
          </Box>
        </>
      )}
      {moved === null && !within && (
        <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
          <Button component={Link} to={`/part/${work.part}/windows`}>
            <Trans>Its windows</Trans>
          </Button>
          <Button component={Link} to={`/part/${work.part}/record`}>
            <Trans>Log it</Trans>
          </Button>
        </Box>
      )}
    </Box>
  );
}
