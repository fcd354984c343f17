import { Box } from '@mui/material';
import { Outlet } from 'react-router';
import { Tabs } from './Tabs';

const views = [
  ['', 'On the shelf'],
  ['over', 'What over what'],
] as const;

/** The store and what its films may go on. */
export function StoresFrame() {
  return (
    <>
      <Tabs label="Views of the store" name="Stores" views={views} />
      <Box sx={{ pb: { xs: 9, sm: 3 } }}>
        <Outlet />
      </Box>
    </>
  );
}
