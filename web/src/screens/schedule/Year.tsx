import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useJobs } from '../../api/jobs';
import { useCrew, useYear, useYears } from '../../api/plan';
import { YearBand } from '../../figures/YearBand';
import { Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { tok } from '../../theme/tokens';

/** What can be closed before the frost and what waits for spring: each part alone, in a usual year. */
export function Year() {
  const jobs = useJobs();
  const crew = useCrew();
  const open = (jobs.data?.jobs ?? []).flatMap((job) =>
    job.parts.filter((p) => !p.handedOver).map((part) => ({ part, job: job.name })),
  );
  const urgency = useYears(open.map(({ part }) => part.id));
  const climate = crew.data?.climates.find((c) => c.id === crew.data.climate)?.name;
  if (jobs.isPending) return <Loading />;
  if (jobs.isError) return <Failed error={jobs.error} />;
  // All are known before anything changes its place.
  const inTurn = urgency ? [...open].sort((a, b) => (urgency[a.part.id] ?? 0) - (urgency[b.part.id] ?? 0)) : open;
  return (
    <Text roomy widest={1100}>
      <Row gap={1.5} align="flex-start" wrap below={1}>
        <Box sx={{ flexGrow: 1 }}>
          <Title sub={t`what can be closed before the frost, and what waits for spring`}>
            <Trans>The year ahead</Trans>
          </Title>
        </Box>
        <Button component={Link} to="/schedule">
          <Trans>Back to the schedule</Trans>
        </Button>
      </Row>
      {open.length === 0 && (
        <Notice tone="deep" title={t`Nothing is left to do`}>
          <Trans>Take a part in; when in the year it can be closed appears here.</Trans>
        </Notice>
      )}
      <Text as="ul" aria-label={t`Parts`} plain>
        {inTurn.map(({ part, job }) => (
          <PartYear key={part.id} part={part} job={job} />
        ))}
      </Text>
      <Text size="m" tone="ink2" above={2} widest={720}>
        <Trans>
          Full: begun at the start of that half of the month, everything that is left on the part finds its hours, in
          your working hours and in the air that its place has in a usual year. Each is tried with the part alone. A
          usual year is typical; its rainy days are spread evenly.
        </Trans>{' '}
        <Trans>
          The climate{climate ? ` (${climate.toLowerCase()})` : ''} is chosen beside the{' '}
          <Link to="/schedule">working hours</Link>.
        </Trans>
      </Text>
    </Text>
  );
}

function PartYear({ part, job }: { part: Schemas['PartLine']; job: string }) {
  const year = useYear(part.id);
  return (
    <Columns as="li" cols={{ xs: '1fr', md: '17rem 1fr' }} ruled inset={1.5} sx={{ columnGap: 3, rowGap: 0.5 }}>
      <Box>
        <Box component={Link} to={`/part/${part.id}/windows`} sx={{ fontWeight: 700, color: tok('ink') }}>
          {part.name}
        </Box>
        <Text size="m" tone="ink2">
          {job}
        </Text>
        <Text size="m" role="status">
          {year.isPending && t`Trying the year …`}
          {year.isError && year.error.message}
          {year.data?.says}
        </Text>
      </Box>
      {year.data && year.data.halves.length > 0 && (
        <YearBand halves={year.data.halves} label={`${part.name}: ${year.data.says}`} />
      )}
    </Columns>
  );
}
