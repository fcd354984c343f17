import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import { useArchive, useReopen } from '../../api/closed';
import { type Schemas } from '../../api/client';
import { day } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';

/** One job that is over, with its parts as they were when it was closed. */
export function ClosedLine({ job }: { job: Schemas['ClosedJob'] }) {
  const reopen = useReopen();
  const archive = useArchive();
  const wrong = reopen.error ?? archive.error;
  return (
    <Box
      component="li"
      sx={{
        listStyle: 'none',
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', sm: '200px minmax(0,1fr) auto' },
        gap: { xs: 0.5, sm: 2 },
        alignItems: 'start',
        borderTop: `1px solid ${tok('rule')}`,
        py: 1,
      }}
    >
      <Box>
        <Box component={Link} to={`/job/${job.id}`} sx={{ fontWeight: 650, color: tok('ink') }}>
          {job.name}
        </Box>
        <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
          <Trans>closed {day(job.closedAt)}</Trans>
        </Box>
      </Box>
      <Box sx={{ fontSize: textSize.m }}>
        {job.note && <Box sx={{ color: tok('ink2') }}>{job.note}</Box>}
        {job.parts.map((p) => (
          <Box key={p.id}>
            <Box component={Link} to={`/part/${p.id}/record`} sx={{ color: tok('ink') }}>
              {p.name}
            </Box>{' '}
            <Box component="span" sx={{ color: tok('ink2') }}>
              <Trans>
                {p.substrate} ·{' '}
                <span className="mono">
                  {p.stepsDone}/{p.stepsAll}
                </span>{' '}
                steps done
              </Trans>
            </Box>
          </Box>
        ))}
        {job.parts.length === 0 && (
          <Box sx={{ color: tok('ink2') }}>
            <Trans>No part was taken in.</Trans>
          </Box>
        )}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
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
      </Box>
    </Box>
  );
}
