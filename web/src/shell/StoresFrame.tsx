import { msg, t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Outlet } from 'react-router';
import { Tabs } from './Tabs';

const views = [
  ['', msg`On the shelf`],
  ['over', msg`What over what`],
] as const;

/** The store and what its films may go on. */
export function StoresFrame() {
  return (
    <>
      <Tabs label={t`Views of the store`} name={t`Stores`} views={views} />
      <Box sx={{ pb: { xs: 9, sm: 3 } }}>
        <Outlet />
      </Box>
    </>
  );
}
