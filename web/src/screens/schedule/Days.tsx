import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { usePlan } from '../../api/plan';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { clock, longDay, weekday, when } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';
import { NotBegun } from './NotBegun';

type Work = Schemas['PlannedView'];

/** In order of time, under the day on which each is begun. */
function byDay(work: Work[]): [string, Work[]][] {
  const days = new Map<string, Work[]>();
  for (const w of work) {
    const day = longDay(new Date(w.start));
    days.set(day, [...(days.get(day) ?? []), w]);
  }
  return [...days];
}

function until(w: Work): string {
  const [from, to] = [new Date(w.start), new Date(w.end)];
  return weekday(from) === weekday(to) ? clock(to) : `${weekday(to)} ${clock(to)}`;
}

function Line({ w, view }: { w: Work; view: Schemas['PlanView'] }) {
  const part = view.parts.find((p) => p.id === w.part);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '11rem 1fr 14rem' },
        columnGap: 2,
        alignItems: 'baseline',
        py: 0.75,
        borderTop: `1px solid ${tok('rule')}`,
        breakInside: 'avoid',
      }}
    >
      <Box className="mono">
        <Trans>
          {clock(new Date(w.start))} to {until(w)}
        </Trans>
      </Box>
      <Box>
        <b>{part?.name ?? t`A part`}</b>
        {part && ` (${part.job})`}: {w.name.charAt(0).toLowerCase() + w.name.slice(1)}
        {w.with.length > 0 && (
          <Box sx={{ fontSize: textSize.m }}>
            <Trans>with {w.with.join(', ')}</Trans>
          </Box>
        )}
        {w.paid && (
          <Box sx={{ fontSize: textSize.m, color: tok('lead') }}>
            <Trans>after {w.paid.text} of making good</Trans>
          </Box>
        )}
        {w.until && (
          <Box sx={{ fontSize: textSize.m }}>
            <Trans>
              begun by <span className="mono">{when(w.until, view.now)}</span> at the latest
            </Trans>
          </Box>
        )}
      </Box>
      <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
        {w.who.length === 0 && w.start < w.end && t`nobody of yours, `}
        {w.who.length > 0 && `${w.who.join(t` and `)}, `}
        {w.place}
      </Box>
    </Box>
  );
}

/** The plan to read, or to print and hang up: day by day who, where, with what, from when to when. */
export function Days() {
  const plan = usePlan();
  const [who, setWho] = useState('');
  if (plan.isPending) return <Loading />;
  if (plan.isError) return <Failed error={plan.error} />;
  const view = plan.data;
  const days = byDay(view.work.filter((w) => who === '' || w.who.includes(who)));
  return (
    <Box sx={{ p: { xs: 2, sm: 3 }, maxWidth: 960, '@media print': { p: 0 } }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start', mb: 1 }}>
        <Box sx={{ flexGrow: 1 }}>
          <Title
            sub={
              <>
                <Trans>plan {view.version}</Trans>
                {view.finish && t`, all done ${when(view.finish, view.now)}`}
              </>
            }
          >
            <Trans>Day by day</Trans>
          </Title>
        </Box>
        <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          <Button component={Link} to="/schedule">
            <Trans>As a chart</Trans>
          </Button>
          <Button
            onClick={() => {
              window.print();
            }}
          >
            <Trans>Print</Trans>
          </Button>
          <Button
            component="a"
            href={`/api/plan/days.pdf${who === '' ? '' : `?who=${encodeURIComponent(who)}`}`}
            target="_blank"
            rel="noreferrer"
          >
            <Trans>As a PDF</Trans>
          </Button>
        </Box>
      </Box>
      {view.people.length > 1 && (
        <Box className="no-print" role="group" aria-label={t`Whose work`} sx={{ display: 'flex', gap: 1, mb: 2 }}>
          {['', ...view.people.map((p) => p.name)].map((name) => (
            <Button
              key={name}
              size="small"
              variant={name === who ? 'contained' : 'outlined'}
              aria-pressed={name === who}
              onClick={() => {
                setWho(name);
              }}
            >
              {name === '' ? t`Everybody` : name}
            </Button>
          ))}
        </Box>
      )}
      <NotBegun view={view} />
      {days.length === 0 && (
        <Notice tone="deep" title={view.status === 'none' ? t`Nothing is planned yet` : t`Nothing is left to do`}>
          {view.status === 'none' ? (
            <Link to="/schedule">
              <Trans>Plan the yard</Trans>
            </Link>
          ) : (
            t`Take a part in; its work appears here.`
          )}
        </Notice>
      )}
      {days.map(([day, work]) => (
        <Box component="section" key={day} aria-label={day} sx={{ mb: 3 }}>
          <Box component="h2" sx={{ m: 0, mb: 0.75, fontSize: textSize.xl, breakAfter: 'avoid' }}>
            {day}
          </Box>
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {work.map((w) => (
              <Line key={w.id} w={w} view={view} />
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
