import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { JobMenu } from './JobMenu';
import { PartRow } from './PartRow';
import { useJobChanges } from './useJobChanges';

const CloseJob = lazy(() => import('./CloseJob').then((m) => ({ default: m.CloseJob })));
const Rename = lazy(() => import('./Rename').then((m) => ({ default: m.Rename })));

/** The jobs of the yard with their parts; what is removed can be had back for a minute. */
export function JobList({ jobs }: { jobs: Schemas['JobView'][] }) {
  const [renaming, setRenaming] = useState<Schemas['JobView'] | null>(null);
  const [closing, setClosing] = useState<Schemas['JobView'] | null>(null);
  const { wrong, removeJob, removePart, copyPart, copyJob } = useJobChanges();
  return (
    <Text as="section" aria-label={t`Jobs`} above={3}>
      {jobs.length > 0 && (
        <Heading>
          <Trans>Jobs</Trans>
        </Heading>
      )}
      {wrong && (
        <div role="alert">
          <Notice title={t`Nothing was changed`}>{wrong}</Notice>
        </div>
      )}
      {jobs.map((job) => (
        <Row key={job.id} gap={2} align="start" wrap ruled inset={1}>
          <Box sx={{ minWidth: 150, flex: { xs: 1, sm: 'none' } }}>
            <Text weight="firm">{job.name}</Text>
            <Button component={Link} to={`/job/${job.id}`} size="small" sx={{ mt: 0.5 }}>
              <Trans>The whole job</Trans>
            </Button>
            {job.handedOver && (
              <Button
                size="small"
                sx={{ mt: 0.5 }}
                onClick={() => {
                  setClosing(job);
                }}
              >
                <Trans>All handed over: close it</Trans>
              </Button>
            )}
          </Box>
          <Box sx={{ flex: { sm: 1 }, width: { xs: '100%', sm: 'auto' }, order: { xs: 3, sm: 0 }, minWidth: 200 }}>
            {job.parts.map((p) => (
              <PartRow
                key={p.id}
                p={p}
                job={job.name}
                copy={() => {
                  copyPart(p);
                }}
                remove={() => {
                  removePart(p);
                }}
              />
            ))}
            {job.parts.length === 0 && (
              <Text tone="ink2">
                <Trans>No part taken in yet.</Trans>
              </Text>
            )}
          </Box>
          <Button component="a" href={`/api/jobs/${job.id}/file`} download>
            <Trans>Job file</Trans>
          </Button>
          <JobMenu
            of={job.name}
            choices={[
              [
                t`Rename`,
                () => {
                  setRenaming(job);
                },
              ],
              [
                t`Another like this`,
                () => {
                  copyJob(job);
                },
              ],
              [
                t`Close this job`,
                () => {
                  setClosing(job);
                },
              ],
              [
                t`Remove this job`,
                () => {
                  removeJob(job);
                },
              ],
            ]}
          />
        </Row>
      ))}
      <Button component={Link} to="/closed" size="small" sx={{ mt: 1 }}>
        <Trans>Closed jobs</Trans>
      </Button>
      <Suspense fallback={null}>
        {closing && (
          <CloseJob
            job={closing}
            close={() => {
              setClosing(null);
            }}
          />
        )}
        {renaming && (
          <Rename
            job={renaming}
            close={() => {
              setRenaming(null);
            }}
          />
        )}
      </Suspense>
    </Text>
  );
}
