import { Box, Button, LinearProgress, useMediaQuery } from '@mui/material';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { type Schemas, api, settle } from '../../api/client';
import { usePlan, usePlanWrite } from '../../api/plan';
import { YardChart } from '../../figures/YardChart';
import { Heading, Title } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { useZoom } from '../../parts/Zoom';
import { when } from '../../parts/time';
import { useMoving } from '../../parts/useMoving';
import { hatch } from '../../theme/Hatches';
import { textSize, tok } from '../../theme/tokens';
import { CalendarAddress } from './CalendarAddress';
import { ChosenWork } from './ChosenWork';
import { Hanging } from './Hanging';
import { Moves } from './Moves';
import { NotBegun } from './NotBegun';

function Offer({ children, busy, take }: { children: ReactNode; busy: boolean; take: () => void }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 1.5, fontSize: textSize.m }}>
      <span>{children}</span>
      <Button size="small" disabled={busy} onClick={take}>
        Take that
      </Button>
    </Box>
  );
}

function Figures({ view }: { view: Schemas['PlanView'] }) {
  const figure = (label: string, text: string, tone: 'ink' | 'lead' = 'ink') => (
    <Labelled label={label}>
      <Box className="mono" sx={{ fontSize: textSize.title, fontWeight: 600, color: tok(tone) }}>
        {text}
      </Box>
    </Labelled>
  );
  return (
    <Box sx={{ display: 'flex', gap: { xs: 2, sm: 4 }, flexWrap: 'wrap', mb: 1.5 }}>
      {view.finish &&
        figure(view.without.length > 0 ? 'what has room is done' : 'all done', when(view.finish, view.now))}
      {view.bound && view.without.length === 0 && figure('no plan ends before', when(view.bound, view.now))}
      {view.handsOn && figure('hands on', view.handsOn.text)}
      {view.paid && figure('making good missed windows', view.paid.text, view.paid.value > 0 ? 'lead' : 'ink')}
      {view.late && view.late.value > 0 && figure('past due dates', view.late.text, 'lead')}
    </Box>
  );
}

/** When everything is done: the yard along time, what keeps it, and what happens when something is put elsewhere. */
export function Schedule() {
  const plan = usePlan();
  const make = usePlanWrite((body: Schemas['PlanBody']) => settle(api.POST('/api/plan', { body })));
  const put = usePlanWrite((body: Schemas['PutBody']) => settle(api.POST('/api/plan/put', { body })));
  const narrow = useMediaQuery('(max-width: 700px)');
  const zoom = useZoom();
  const moving = useMoving();
  if (plan.isPending) return <Loading />;
  if (plan.isError) return <Failed error={plan.error} />;
  const view = plan.data;
  const work = view.work.find((k) => k.id === moving.chosen);
  const busy = make.isPending || put.isPending || ['wanted', 'working'].includes(view.status);
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 330px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'start' }}>
          <Box sx={{ flex: 1, minWidth: 200 }}>
            <Title
              sub={view.madeAt ? `plan ${String(view.version)}, made ${when(view.madeAt, view.now)}` : 'no plan yet'}
            >
              When everything is done
            </Title>
          </Box>
          <Button component={Link} to="/schedule/days">
            Day by day
          </Button>
          <Button component={Link} to="/schedule/year">
            The year
          </Button>
          <Button component={Link} to="/schedule/floor">
            The floor
          </Button>
          <Button
            variant={view.outdated.length > 0 || view.status === 'none' ? 'contained' : 'outlined'}
            disabled={busy}
            onClick={() => {
              make.mutate({});
            }}
          >
            {view.status === 'none' ? 'Make a plan' : 'Plan again'}
          </Button>
          {view.pinned && (
            <Button
              disabled={busy}
              onClick={() => {
                make.mutate({ fresh: true, note: 'from scratch' });
              }}
            >
              From scratch
            </Button>
          )}
        </Box>
        {busy && (
          <Box role="status" sx={{ mb: 1 }}>
            <Box sx={{ fontSize: textSize.m }}>
              Planning{view.tries > 0 ? `: ${String(view.done)} of ${String(view.tries)} orders worked out` : ' …'}. You
              can leave this page.
            </Box>
            <LinearProgress
              aria-label="Orders worked out"
              variant={view.tries > 0 ? 'determinate' : 'indeterminate'}
              value={view.tries > 0 ? (100 * view.done) / view.tries : undefined}
            />
          </Box>
        )}
        {view.status === 'failed' && (
          <div role="alert">
            <Notice title="The last plan could not be made">
              The one before it is shown. Plan again; if that fails too, say so to whoever runs this.
            </Notice>
          </div>
        )}
        {make.isError && (
          <div role="alert">
            <Notice title="Not planned">{make.error.message}</Notice>
          </div>
        )}
        {view.outdated.length > 0 && (
          <Notice tone="brass" title={`This plan may no longer hold: ${view.outdated.join(', ')}.`}>
            Plan again: what is done or under way stays, the rest moves as little as it can.
          </Notice>
        )}
        {view.found && !busy && (
          <Offer
            busy={busy}
            take={() => {
              make.mutate({ found: true, note: 'found by searching on, to end earlier' });
            }}
          >
            The search went on since and found a plan that ends{' '}
            <span className="mono">{when(view.found, view.now)}</span>, {view.sooner?.text} sooner, with more moved.
          </Offer>
        )}
        {view.better && !view.found && (
          <Offer
            busy={busy}
            take={() => {
              make.mutate({ fresh: true, note: 'from scratch, to end earlier' });
            }}
          >
            Planned from scratch it would end <span className="mono">{when(view.better, view.now)}</span>, with more
            moved.
          </Offer>
        )}
        <NotBegun view={view} />
        <Figures view={view} />
        {view.work.length === 0 && view.status !== 'none' && !busy && (
          <Notice tone="deep" title="Nothing is left to do">
            Take a part in; its work appears here.
          </Notice>
        )}
        {zoom.controls}
        <YardChart view={view} span={zoom.span(view.now)} width={narrow ? 380 : 880} moving={moving} />
        <Box
          sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', fontSize: textSize.s, color: tok('ink2'), mt: 1 }}
          aria-hidden="true"
        >
          <span>
            <svg width="26" height="13">
              <rect width="26" height="13" fill={hatch('colour')} stroke={tok('ink')} />
            </svg>{' '}
            coat
          </span>
          <span>
            <svg width="26" height="13">
              <rect width="26" height="13" fill={hatch('early')} stroke={tok('phos')} />
            </svg>{' '}
            wet, or closed to wet films
          </span>
          <span>
            <svg width="26" height="13">
              <rect y="2" width="26" height="9" fill={tok('phos')} />
            </svg>{' '}
            other work
          </span>
          <span>
            <svg width="26" height="13">
              <rect x="1" y="2" width="24" height="9" fill={tok('phos')} stroke={tok('ink')} strokeWidth="2" />
            </svg>{' '}
            longest chain
          </span>
          <span>
            <svg width="26" height="13">
              <path d="M2 10l4-6 4 6 4-6 4 6" fill="none" stroke={tok('lead')} strokeWidth="1.8" />
            </svg>{' '}
            make good first
          </span>
          <span>
            <svg width="12" height="13">
              <circle cx="6" cy="6" r="3.2" fill={tok('brass')} />
            </svg>{' '}
            hangs on the forecast
          </span>
        </Box>
        <Box sx={{ fontSize: textSize.s, color: tok('ink2'), mt: 0.5 }}>
          Choose a block; drag it or use ← → (with Shift an hour) to see what breaks.
        </Box>
      </Box>
      <Box
        component="aside"
        aria-label="About the plan"
        sx={{
          p: { xs: 2, sm: 3 },
          background: tok('ground'),
          borderLeft: { lg: `1px solid ${tok('rule')}` },
          display: 'grid',
          gap: 3,
          alignContent: 'start',
        }}
      >
        {work && (
          <ChosenWork
            view={view}
            work={work}
            moving={moving}
            put={(body) => {
              put.mutate(body);
            }}
          />
        )}
        <Moves view={view} />
        {view.without.length > 0 && (
          <Box component="section" aria-label="No room">
            <Heading>Finds no room</Heading>
            {view.parts
              .map((p) => ({ part: p, lost: view.without.filter((l) => l.part === p.id) }))
              .filter(({ lost }) => lost.length > 0)
              .map(({ part, lost }) => (
                <Box key={part.id} sx={{ fontSize: textSize.m, py: 0.5 }}>
                  <b>{part.name}</b>: {lost.length === 1 ? 'one step waits' : `${String(lost.length)} steps wait`},{' '}
                  {lost[0]?.name} first
                  {view.closed.some((c) => c.part === part.id) ? '.' : `: ${lost[0]?.says ?? ''}.`}
                </Box>
              ))}
          </Box>
        )}
        <Box component="section" aria-label="Weather that matters">
          <Heading>Weather that matters</Heading>
          {view.places.map((p) => (
            <Box key={p.name} sx={{ borderTop: `1px solid ${tok('rule')}`, py: 0.75, fontSize: textSize.m }}>
              <b>{p.name}</b> <span className="mono">{p.air}</span>
              {p.matters.slice(0, 3).map((m) => (
                <Box key={m}>{m}</Box>
              ))}
              {p.matters.length === 0 && (
                <Box sx={{ color: tok('zinc'), fontWeight: 600 }}>open to films for two days</Box>
              )}
              {p.sun !== '' && <Box sx={{ color: tok('ink2') }}>{p.sun}</Box>}
            </Box>
          ))}
          <Box sx={{ fontSize: textSize.s, color: tok('ink2'), mt: 0.5 }}>{view.places[0]?.source}</Box>
          <Hanging view={view} choose={moving.choose} />
        </Box>
        <CalendarAddress />
      </Box>
    </Box>
  );
}
