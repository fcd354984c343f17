import { StepsDone } from '../../parts/StepsDone';
import { Row, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type Schemas, api, settle } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { mayUndo } from '../../shell/Undo';
import { tok } from '../../theme/tokens';
import { JobMenu } from './JobMenu';

const CloseJob = lazy(() => import('./CloseJob').then((m) => ({ default: m.CloseJob })));
const Rename = lazy(() => import('./Rename').then((m) => ({ default: m.Rename })));

/** The jobs of the yard with their parts; what is removed can be had back for a minute. */
export function JobList({ jobs }: { jobs: Schemas['JobView'][] }) {
  const client = useQueryClient();
  const go = useNavigate();
  const [renaming, setRenaming] = useState<Schemas['JobView'] | null>(null);
  const [closing, setClosing] = useState<Schemas['JobView'] | null>(null);
  const [wrong, setWrong] = useState('');
  const doing = (work: () => Promise<unknown>) => {
    setWrong('');
    work()
      .then(() => client.invalidateQueries())
      .catch((cause: unknown) => {
        setWrong(cause instanceof Error ? cause.message : t`That did not work.`);
      });
  };
  const removeJob = (job: Schemas['JobView']) => {
    const params = { path: { job: job.id } };
    doing(async () => {
      await settle(api.DELETE('/api/jobs/{job}', { params }));
      mayUndo(t`${job.name} is removed, with all its parts.`, async () => {
        await settle(api.POST('/api/jobs/{job}/restore', { params }));
        await client.invalidateQueries();
      });
    });
  };
  const removePart = (part: Schemas['PartLine']) => {
    const params = { path: { part: part.id } };
    doing(async () => {
      await settle(api.DELETE('/api/parts/{part}', { params }));
      mayUndo(t`${part.name} is removed.`, async () => {
        await settle(api.POST('/api/parts/{part}/restore', { params }));
        await client.invalidateQueries();
      });
    });
  };
  const copyPart = (part: Schemas['PartLine']) => {
    doing(async () => {
      const copy = await settle(api.POST('/api/parts/{part}/copy', { params: { path: { part: part.id } } }));
      await go(`/part/${copy.id}/survey`);
    });
  };
  const copyJob = (job: Schemas['JobView']) => {
    doing(() => settle(api.POST('/api/jobs/{job}/copy', { params: { path: { job: job.id } } })));
  };
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
              <Row key={p.id} gap={1} align="center">
                <Box
                  component={Link}
                  to={`/part/${p.id}/survey`}
                  sx={{
                    flex: 1,
                    display: 'flex',
                    minHeight: 44,
                    flexDirection: { xs: 'column', sm: 'row' },
                    alignItems: { xs: 'start', sm: 'center' },
                    py: { xs: 0.5, sm: 0 },
                    gap: { xs: 0, sm: 1.5 },
                    color: tok('ink'),
                    textDecoration: 'none',
                    '&:hover': { textDecoration: 'underline' },
                  }}
                >
                  <span>{p.name}</span>
                  <Text as="span" size="m" tone="ink2">
                    <StepsDone part={p} />
                  </Text>
                </Box>
                <JobMenu
                  of={t`${p.name} of ${job.name}`}
                  choices={[
                    [
                      t`Another like this`,
                      () => {
                        copyPart(p);
                      },
                    ],
                    [
                      t`Remove this part`,
                      () => {
                        removePart(p);
                      },
                    ],
                  ]}
                />
              </Row>
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
