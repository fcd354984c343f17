import { msg, t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Outlet, useParams } from 'react-router';
import { useJob } from '../api/closed';
import { ClosedNotice } from '../parts/ClosedNotice';
import { Tabs } from './Tabs';

const views = [
  ['', msg`Course`],
  ['quantities', msg`Quantities`],
  ['register', msg`Register`],
  ['cards', msg`Work cards`],
] as const;

/** The views of a whole job. */
export function JobFrame() {
  const { job = '' } = useParams();
  const read = useJob(job);
  return (
    <>
      <Tabs label={t`Views of this job`} name={read.data?.name ?? ''} views={views} />
      <ClosedNotice job={job} since={read.data?.closedAt} />
      <Box sx={{ pb: { xs: 9, sm: 3 } }}>
        <Outlet key={job} />
      </Box>
    </>
  );
}
