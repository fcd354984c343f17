import { Box } from '@mui/material';
import { Outlet, useParams } from 'react-router';
import { useJobs } from '../api/jobs';
import { Tabs } from './Tabs';

const views = [
  ['', 'Course'],
  ['quantities', 'Quantities'],
  ['register', 'Register'],
  ['cards', 'Work cards'],
] as const;

/** The views of a whole job. */
export function JobFrame() {
  const { job = '' } = useParams();
  const jobs = useJobs();
  return (
    <>
      <Tabs label="Views of this job" name={jobs.data?.jobs.find((j) => j.id === job)?.name ?? ''} views={views} />
      <Box sx={{ pb: { xs: 9, sm: 3 } }}>
        <Outlet key={job} />
      </Box>
    </>
  );
}
