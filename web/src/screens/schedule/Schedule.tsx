import { Columns, Row, Text } from '../../theme/layout';
import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
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
import { tok } from '../../theme/tokens';
import { CalendarAddress } from './CalendarAddress';
import { ChosenWork } from './ChosenWork';
import { Hanging } from './Hanging';
import { Moves } from './Moves';
import { NotBegun } from './NotBegun';

function Offer({ children, busy, take }: { children: ReactNode; busy: boolean; take: () => void }) {
  return (
    <Row gap={1.5} align="center" wrap size="m" below={1.5}>
      <span>{children}</span>
      <Button size="small" disabled={busy} onClick={take}>
        <Trans>Take that</Trans>
      </Button>
    </Row>
  );
}

function Figures({ view }: { view: Schemas['PlanView'] }) {
  const figure = (label: string, text: string, tone: 'ink' | 'lead' = 'ink') => (
    <Labelled label={label}>
      <Text className="mono" size="title" tone={tone} weight="middle">
        {text}
      </Text>
    </Labelled>
  );
  return (
    <Row wrap below={1.5} sx={{ gap: { xs: 2, sm: 4 } }}>
      {view.finish &&
        figure(view.unplaced.length > 0 ? t`what has room is done` : t`all done`, when(view.finish, view.now))}
      {view.bound && view.unplaced.length === 0 && figure(t`no plan ends before`, when(view.bound, view.now))}
      {view.handsOn && figure(t`hands on`, view.handsOn.text)}
      {view.rework && figure(t`making good missed windows`, view.rework.text, view.rework.value > 0 ? 'lead' : 'ink')}
      {view.late && view.late.value > 0 && figure(t`past due dates`, view.late.text, 'lead')}
    </Row>
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
    <Columns cols={{ xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 330px' }}>
      <Text roomy shrinks>
        <Row gap={1.5} align="start" wrap>
          <Box sx={{ flex: 1, minWidth: 200 }}>
            <Title
              sub={view.madeAt ? t`plan ${String(view.version)}, made ${when(view.madeAt, view.now)}` : t`no plan yet`}
            >
              <Trans>When everything is done</Trans>
            </Title>
          </Box>
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
              make.mutate({});
            }}
          >
            {view.status === 'none' ? t`Make a plan` : t`Plan again`}
          </Button>
          {view.pinned && (
            <Button
              disabled={busy}
              onClick={() => {
                make.mutate({ fresh: true, note: t`from scratch` });
              }}
            >
              <Trans>From scratch</Trans>
            </Button>
          )}
        </Row>
        {busy && (
          <Text role="status" below={1}>
            <Text size="m">
              {view.tries > 0
                ? t`Planning: ${view.done} of ${view.tries} orders worked out. You can leave this page.`
                : t`Planning … You can leave this page.`}
            </Text>
            <LinearProgress
              aria-label={t`Orders worked out`}
              variant={view.tries > 0 ? 'determinate' : 'indeterminate'}
              value={view.tries > 0 ? (100 * view.done) / view.tries : undefined}
            />
          </Text>
        )}
        {view.status === 'failed' && (
          <div role="alert">
            <Notice title={t`The last plan could not be made`}>
              <Trans>The one before it is shown. Plan again; if that fails too, say so to whoever runs this.</Trans>
            </Notice>
          </div>
        )}
        {make.isError && (
          <div role="alert">
            <Notice title={t`Not planned`}>{make.error.message}</Notice>
          </div>
        )}
        {view.outdated.length > 0 && (
          <Notice tone="brass" title={t`This plan may no longer hold: ${view.outdated.join(', ')}.`}>
            <Trans>Plan again: what is done or under way stays, the rest moves as little as it can.</Trans>
          </Notice>
        )}
        {view.found && !busy && (
          <Offer
            busy={busy}
            take={() => {
              make.mutate({ found: true, note: t`found by searching on, to end earlier` });
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
              make.mutate({ fresh: true, note: t`from scratch, to end earlier` });
            }}
          >
            <Trans>
              Planned from scratch it would end <span className="mono">{when(view.better, view.now)}</span>, with more
              moved.
            </Trans>
          </Offer>
        )}
        <NotBegun view={view} />
        <Figures view={view} />
        {view.work.length === 0 && view.status !== 'none' && !busy && (
          <Notice tone="deep" title={t`Nothing is left to do`}>
            <Trans>Take a part in; its work appears here.</Trans>
          </Notice>
        )}
        {zoom.controls}
        <YardChart view={view} span={zoom.span(view.now)} width={narrow ? 380 : 880} moving={moving} />
        <Row gap={2} wrap size="s" tone="ink2" above={1} aria-hidden="true">
          <span>
            <svg width="26" height="13">
              <rect width="26" height="13" fill={hatch('colour')} stroke={tok('ink')} />
            </svg>{' '}
            <Trans>coat</Trans>
          </span>
          <span>
            <svg width="26" height="13">
              <rect width="26" height="13" fill={hatch('early')} stroke={tok('phos')} />
            </svg>{' '}
            <Trans>wet, or closed to wet films</Trans>
          </span>
          <span>
            <svg width="26" height="13">
              <rect y="2" width="26" height="9" fill={tok('phos')} />
            </svg>{' '}
            <Trans>other work</Trans>
          </span>
          <span>
            <svg width="26" height="13">
              <rect x="1" y="2" width="24" height="9" fill={tok('phos')} stroke={tok('ink')} strokeWidth="2" />
            </svg>{' '}
            <Trans>longest chain</Trans>
          </span>
          <span>
            <svg width="26" height="13">
              <path d="M2 10l4-6 4 6 4-6 4 6" fill="none" stroke={tok('lead')} strokeWidth="1.8" />
            </svg>{' '}
            <Trans>make good first</Trans>
          </span>
          <span>
            <svg width="12" height="13">
              <circle cx="6" cy="6" r="3.2" fill={tok('brass')} />
            </svg>{' '}
            <Trans>hangs on the forecast</Trans>
          </span>
        </Row>
        <Text size="s" tone="ink2" above={0.5}>
          <Trans>Choose a block; drag it or use ← → (with Shift an hour) to see what breaks.</Trans>
        </Text>
      </Text>
      <Columns
        as="aside"
        aria-label={t`About the plan`}
        gap={3}
        roomy
        sx={{ background: tok('ground'), borderLeft: { lg: `1px solid ${tok('rule')}` }, alignContent: 'start' }}
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
        {view.unplaced.length > 0 && (
          <Box component="section" aria-label={t`No room`}>
            <Heading>
              <Trans>Finds no room</Trans>
            </Heading>
            {view.parts
              .map((p) => ({ part: p, lost: view.unplaced.filter((l) => l.part === p.id) }))
              .filter(({ lost }) => lost.length > 0)
              .map(({ part, lost }) => (
                <Text key={part.id} size="m" inset={0.5}>
                  <b>{part.name}</b>: {plural(lost.length, { one: 'one step waits', other: '# steps wait' })}
                  <Trans>, {lost[0]?.name} first</Trans>
                  {view.closed.some((c) => c.part === part.id) ? '.' : `: ${lost[0]?.says ?? ''}.`}
                </Text>
              ))}
          </Box>
        )}
        <Box component="section" aria-label={t`Weather that matters`}>
          <Heading>
            <Trans>Weather that matters</Trans>
          </Heading>
          {view.places.map((p) => (
            <Text key={p.name} size="m" ruled inset={0.75}>
              <b>{p.name}</b> <span className="mono">{p.air}</span>
              {p.matters.slice(0, 3).map((m) => (
                <Box key={m}>{m}</Box>
              ))}
              {p.matters.length === 0 && (
                <Text tone="zinc" weight="middle">
                  <Trans>open to films for two days</Trans>
                </Text>
              )}
              {p.sun !== '' && <Text tone="ink2">{p.sun}</Text>}
            </Text>
          ))}
          <Text size="s" tone="ink2" above={0.5}>
            {view.places[0]?.source}
          </Text>
          <Hanging view={view} choose={moving.choose} />
        </Box>
        <CalendarAddress />
      </Columns>
    </Columns>
  );
}
