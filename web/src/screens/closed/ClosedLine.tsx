import { StepsDone } from '../../parts/StepsDone';
import { Columns, Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { useArchive, useReopen } from '../../api/closed';
import { type Schemas } from '../../api/client';
import { day } from '../../parts/time';
import { tok } from '../../theme/tokens';

/** One job that is over, with its parts as they were when it was closed. */
export function ClosedLine({ job }: { job: Schemas['ClosedJob'] }) {
  const reopen = useReopen();
  const archive = useArchive();
  const wrong = reopen.error ?? archive.error;
  return (
    <Columns
      as="li"
      align="start"
      cols={{ xs: '1fr', sm: '200px minmax(0,1fr) auto' }}
      ruled
      inset={1}
      sx={{ listStyle: 'none', gap: { xs: 0.5, sm: 2 } }}
    >
      <Box>
        <Box component={Link} to={`/job/${job.id}`} sx={{ fontWeight: 650, color: tok('ink') }}>
          {job.name}
        </Box>
        <Text size="m" tone="ink2">
          <Trans>closed {day(job.closedAt)}</Trans>
        </Text>
      </Box>
      <Text size="m">
        {job.note && <Text tone="ink2">{job.note}</Text>}
        {job.parts.map((p) => (
          <Box key={p.id}>
            <Box component={Link} to={`/part/${p.id}/record`} sx={{ color: tok('ink') }}>
              {p.name}
            </Box>{' '}
            <Text as="span" tone="ink2">
              <StepsDone part={p} />
            </Text>
          </Box>
        ))}
        {job.parts.length === 0 && (
          <Text tone="ink2">
            <Trans>No part was taken in.</Trans>
          </Text>
        )}
      </Text>
      <Row gap={1} wrap>
        <Button
          component="a"
          href={`/api/jobs/${job.id}/file`}
          download
          size="small"
          aria-label={t`Job file of ${job.name}`}
        >
          <Trans>Job file</Trans>
        </Button>
        <Button
          size="small"
          disabled={archive.isPending}
          onClick={() => {
            archive.mutate({ job: job.id, archived: !job.archived });
          }}
        >
          {job.archived ? t`Take it out` : t`Put it away`}
        </Button>
        <Button
          size="small"
          disabled={reopen.isPending}
          onClick={() => {
            reopen.mutate(job.id);
          }}
        >
          <Trans>Open it again</Trans>
        </Button>
        {wrong && <div role="alert">{wrong.message}</div>}
      </Row>
    </Columns>
  );
}
