import { Box } from '@mui/material';
import { NavLink, Outlet, useParams } from 'react-router';
import { useSurvey } from '../api/hooks';
import { Failed, Loading } from '../parts/Bits';
import { tok } from '../theme/tokens';

const views = [['survey', 'Survey'], ['route', 'Route'], ['mix', 'Mix'], ['windows', 'Windows'], ['record', 'Record']] as const;

/** The views of one part: along the top on a desk, along the bottom on a phone. */
export function PartFrame() {
  const { part = '' } = useParams();
  const survey = useSurvey(part);
  if (survey.isPending) return <Loading />;
  if (survey.isError) return <Failed error={survey.error} />;
  return (
    <>
      <Box component="nav" aria-label="Views of this part" sx={{ display: 'flex', alignItems: 'stretch', gap: { sm: 0.5 }, px: { xs: 0, sm: 3 }, borderBottom: { sm: `1px solid ${tok('rule')}` }, borderTop: { xs: `2px solid ${tok('ink')}`, sm: 0 }, position: { xs: 'fixed', sm: 'static' }, bottom: 0, left: 0, right: 0, background: tok('ground'), zIndex: 10 }}>
        <Box sx={{ display: { xs: 'none', sm: 'flex' }, alignItems: 'center', pr: 2, fontWeight: 700 }}>{survey.data.name}</Box>
        {views.map(([to, label]) => (
          <Box
            key={to} component={NavLink} to={to}
            sx={{ flex: { xs: 1, sm: 'none' }, textAlign: 'center', px: { xs: 0.5, sm: 1.75 }, minHeight: { xs: 56, sm: 44 }, display: 'flex', alignItems: 'center', justifyContent: 'center', textDecoration: 'none', color: tok('ink'), fontWeight: 600, fontSize: { xs: 14, sm: 15 }, '&.active': { background: tok('ink'), color: tok('sheet') } }}
          >
            {label}
          </Box>
        ))}
      </Box>
      <Box sx={{ pb: { xs: 9, sm: 3 } }}><Outlet key={part} /></Box>
    </>
  );
}
