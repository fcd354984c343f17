import { Row, Text } from '../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, useColorScheme } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { Link, Outlet } from 'react-router';
import { api, settle, type Schemas } from '../api/client';
import { textSize, tok, wide } from '../theme/tokens';
import { Notice } from '../parts/Notice';
import { Mark } from './Mark';
import { SignedOut } from './SignedOut';
import { LanguageChoice } from '../words/LanguageChoice';
import { Undo } from './Undo';
import { MainViews } from './MainViews';

export function Shell({ account }: { account: Schemas['AccountView'] }) {
  const client = useQueryClient();
  const { mode, setMode } = useColorScheme();
  const us = account.units === 'us';
  const switchUnits = async () => {
    await settle(api.PATCH('/api/account', { body: { units: us ? 'metric' : 'us' } }));
    // What was under way before is in the units of before.
    await client.cancelQueries();
    await client.invalidateQueries();
  };
  const leave = async () => {
    await settle(api.DELETE('/api/session'));
    client.clear();
    window.location.assign('/');
  };
  const quiet = {
    border: 0,
    color: tok('ink2'),
    minWidth: { xs: 36, sm: 44 },
    px: { xs: 0.25, sm: 1 },
    fontSize: { xs: textSize.s, sm: textSize.l },
    whiteSpace: 'nowrap',
    '&:hover': { border: 0, background: tok('wash') },
  };
  return (
    <>
      <Box
        component="a"
        href="#main"
        sx={{
          position: 'absolute',
          left: -9999,
          '&:focus': { left: 8, top: 8, background: tok('sheet'), p: 1, zIndex: 20 },
        }}
      >
        <Trans>To the content</Trans>
      </Box>
      <Row
        as="header"
        align="center"
        sx={{ gap: { xs: 0.5, sm: 2.5 }, px: { xs: 1, sm: 3 }, height: 54, borderBottom: `2px solid ${tok('ink')}` }}
      >
        <Box
          component={Link}
          to="/"
          aria-label={t`Unbowed Hull, today`}
          sx={{
            display: 'flex',
            alignItems: 'center',
            gap: 1.5,
            color: tok('ink'),
            textDecoration: 'none',
            minHeight: 44,
          }}
        >
          <Mark />
          <Text
            as="span"
            size="xl"
            sx={{ ...wide, fontStretch: '118%', fontWeight: 800, display: { xs: 'none', sm: 'inline' } }}
          >
            Unbowed Hull
          </Text>
        </Box>
        <MainViews />
        <Box
          component={Link}
          to="/yard"
          aria-label={t`${account.workshop}: local rules and figures`}
          sx={{
            ml: 'auto',
            fontSize: textSize.m,
            color: tok('ink2'),
            display: { xs: 'none', md: 'flex' },
            alignItems: 'center',
            minHeight: 44,
          }}
        >
          {account.workshop}
        </Box>
        <Text size="m" tone="ink2" sx={{ display: { xs: 'none', lg: 'block' } }}>
          {account.name}
        </Text>
        <Row sx={{ ml: { xs: 'auto', md: 0 } }}>
          <LanguageChoice />
          <Button
            sx={quiet}
            onClick={() => {
              void switchUnits();
            }}
            aria-label={us ? t`Units: US. Switch to metric` : t`Units: metric. Switch to US`}
          >
            {us ? t`US units` : t`Metric`}
          </Button>
          <Button
            sx={quiet}
            onClick={() => {
              setMode(mode === 'dark' ? 'light' : 'dark');
            }}
            aria-label={mode === 'dark' ? t`Switch to the light look` : t`Switch to the dark look`}
          >
            {mode === 'dark' ? t`Light` : t`Dark`}
          </Button>
          <Button
            sx={quiet}
            onClick={() => {
              void leave();
            }}
          >
            <Trans>Sign out</Trans>
          </Button>
        </Row>
      </Row>
      {account.catalogueFault && (
        <Box role="alert" sx={{ px: { xs: 2, sm: 3 } }}>
          <Notice title={t`The yard’s own catalogue cannot be read any more`}>
            <Trans>
              Everything is reckoned by the shipped one until it is mended on the page of{' '}
              <Link to="/yard">the yard</Link>: {account.catalogueFault}
            </Trans>
          </Notice>
        </Box>
      )}
      <SignedOut account={account} />
      <Undo />
      <Text as="main" id="main" widest={1600} sx={{ mx: 'auto' }}>
        <Outlet />
      </Text>
    </>
  );
}
