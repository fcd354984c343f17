import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import { Link, useMatch } from 'react-router';
import { textSize, tok } from '../theme/tokens';

/** The views of the yard. */
export function MainViews() {
  const home = useMatch('/');
  const stores = useMatch('/stores/*');
  const schedule = useMatch('/schedule');
  return (
    <>
      {(
        [
          ['/', t`Today`, home],
          ['/schedule', t`Schedule`, schedule],
          ['/stores', t`Stores`, stores],
        ] as const
      ).map(([to, label, on]) => (
        <Box
          key={to}
          component={Link}
          to={to}
          aria-current={on ? 'page' : undefined}
          sx={{
            px: { xs: 0.75, sm: 1.5 },
            fontSize: { xs: textSize.m, sm: textSize.l },
            minHeight: 44,
            display: 'flex',
            alignItems: 'center',
            fontWeight: 600,
            textDecoration: 'none',
            color: on ? tok('sheet') : tok('ink'),
            background: on ? tok('ink') : 'none',
          }}
        >
          {label}
        </Box>
      ))}
    </>
  );
}
