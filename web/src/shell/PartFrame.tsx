import { msg, t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Outlet, useParams } from 'react-router';
import { useSurvey } from '../api/parts';
import { ClosedNotice } from '../parts/ClosedNotice';
import { Failed, Loading } from '../parts/Waiting';
import { Tabs } from './Tabs';

const views = [
  ['survey', msg`Survey`],
  ['film', msg`Film`],
  ['route', msg`Route`],
  ['mix', msg`Mix`],
  ['windows', msg`Windows`],
  ['record', msg`Record`],
] as const;

/** The views of one part. */
export function PartFrame() {
  const { part = '' } = useParams();
  const survey = useSurvey(part);
  if (survey.isPending) return <Loading />;
  if (survey.isError) return <Failed error={survey.error} />;
  return (
    <>
      <Tabs label={t`Views of this part`} name={survey.data.name} of={survey.data.jobName} views={views} />
      <ClosedNotice job={survey.data.jobId} since={survey.data.jobClosed} />
      <Box sx={{ pb: { xs: 9, sm: 3 } }}>
        <Outlet key={part} />
      </Box>
    </>
  );
}
