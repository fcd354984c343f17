import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../../api/plan';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { longDay, when } from '../../parts/time';
import { NotBegun } from './NotBegun';
import { type Work, type Turn, Line } from './DayLine';

/** In order of time, under the day on which each is begun. */
function byDay(work: Work[]): [string, Turn[]][] {
  const rows = new Map<string, Turn>();
  for (const w of work) {
    const row = w.row === null ? undefined : rows.get(w.row);
    if (row) row.push(w);
    else rows.set(w.id, [w]);
  }
  const days = new Map<string, Turn[]>();
  for (const row of rows.values()) {
    const day = longDay(new Date(row[0].start));
    days.set(day, [...(days.get(day) ?? []), row]);
  }
  return [...days];
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
    <Text roomy widest={960} sx={{ '@media print': { p: 0 } }}>
      <Row gap={1.5} align="flex-start" wrap below={1}>
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
        <Row className="no-print" gap={1} wrap>
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
        </Row>
      </Row>
      {view.people.length > 1 && (
        <Row className="no-print" role="group" aria-label={t`Whose work`} gap={1} below={2}>
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
        </Row>
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
        <Text as="section" key={day} aria-label={day} below={3}>
          <Text as="h2" size="xl" sx={{ m: 0, mb: 0.75, breakAfter: 'avoid' }}>
            {day}
          </Text>
          <Text as="ul" plain>
            {work.map((row) => (
              <Line key={row[0].id} row={row} view={view} />
            ))}
          </Text>
        </Text>
      ))}
    </Text>
  );
}
