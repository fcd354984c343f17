import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { type ChangeEvent, lazy, Suspense, useRef, useState } from 'react';
import { Refusal, type Schemas, api, settle } from '../../api/client';
import { useJobs, useToday } from '../../api/jobs';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { clock, longDay } from '../../parts/time';
import { useLater } from '../../parts/useLater';
import { useCalls } from './useCalls';
import { Card } from './Card';
import { NextHour } from './NextHour';
import { NotBegun } from './NotBegun';

// What comes first is shown first; the list below it and the dialog come after.
const JobList = lazy(() => import('./JobList').then((m) => ({ default: m.JobList })));
const TakeIn = lazy(() => import('./TakeIn').then((m) => ({ default: m.TakeIn })));
/** So many cards fill a first screen. */
const FIRST = 4;
const fresh = (c: Schemas['TodayCard']): boolean => c.message === 'Not begun.';

export function Today() {
  const today = useToday();
  const jobs = useJobs();
  const client = useQueryClient();
  const all = useLater();
  const [taking, setTaking] = useState(false);
  const [wrong, setWrong] = useState('');
  const file = useRef<HTMLInputElement>(null);
  const call = useCalls(today.data?.cards ?? [], today.data?.now ?? '');
  const bring = async (e: ChangeEvent<HTMLInputElement>) => {
    const chosen = e.target.files?.[0];
    e.target.value = '';
    if (!chosen) return;
    try {
      setWrong('');
      if (chosen.size > 5_000_000) throw new Error(t`The file is larger than 5 MB; that is the most that is read.`);
      let parsed: unknown;
      try {
        parsed = JSON.parse(await chosen.text());
      } catch {
        throw new Error(t`The file is not JSON. Accepted: a job file as written by "Job file".`);
      }
      await settle(api.POST('/api/jobs/import', { body: parsed as Record<string, unknown> }));
      await client.invalidateQueries();
    } catch (cause) {
      const said = cause instanceof Error ? cause.message : t`That did not work.`;
      setWrong(cause instanceof Refusal ? t`At ${cause.pointer || t`the top`}: ${cause.said}` : said);
    }
  };
  if (today.isPending) return <Loading />;
  if (today.isError) return <Failed error={today.error} />;
  const now = new Date(today.data.now);
  return (
    <Text roomy>
      <Row gap={1.5} align="start" wrap below={1}>
        <Box sx={{ flex: 1, minWidth: 220 }}>
          <Title sub={`${longDay(now)}, ${clock(now)}`}>
            <Trans>What wants you today</Trans>
          </Title>
        </Box>
        <Button
          variant="contained"
          onClick={() => {
            setTaking(true);
          }}
        >
          <Trans>Take a part in</Trans>
        </Button>
        <Button onClick={() => file.current?.click()}>
          <Trans>Open a job file</Trans>
        </Button>
        <input
          ref={file}
          type="file"
          accept=".json,application/json"
          hidden
          aria-label={t`Job file`}
          onChange={(e) => {
            void bring(e);
          }}
        />
      </Row>
      {wrong && (
        <div role="alert">
          <Notice title={t`The file was not stored`}>{wrong}</Notice>
        </div>
      )}
      {today.data.cards.length === 0 && (
        <Text flag="deep" sheet widest={680} sx={{ p: 3 }}>
          <Heading>
            <Trans>The slip is empty</Trans>
          </Heading>
          <Box>
            <Trans>
              Take a part in: say what it is made of, how bad it is and how large, and you get an order of work with its
              reasons, the mix for every coat, and the hours in which the next coat may go on.
            </Trans>
          </Box>
        </Text>
      )}
      <Columns as="ul" gap={1.5} plain>
        {today.data.cards
          .filter((c) => !fresh(c))
          .slice(0, all ? undefined : FIRST)
          .map((card) => (
            <Card key={card.partId} card={card} now={today.data.now} />
          ))}
      </Columns>
      {all && <NextHour />}
      {today.data.cards.some((c) => c.urgency === 'now') &&
        'Notification' in window &&
        Notification.permission === 'default' && (
          <Button size="small" sx={{ mt: 1.5 }} onClick={call}>
            <Trans>Call me before a window closes</Trans>
          </Button>
        )}
      {all && <NotBegun cards={today.data.cards.filter(fresh)} />}
      {all && jobs.data && (
        <Suspense fallback={<Loading />}>
          <JobList jobs={jobs.data.jobs} />
        </Suspense>
      )}
      {taking && (
        <Suspense fallback={null}>
          <TakeIn
            open
            close={() => {
              setTaking(false);
            }}
          />
        </Suspense>
      )}
    </Text>
  );
}
