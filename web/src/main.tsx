import '@fontsource-variable/archivo/standard.css';
import '@fontsource/spline-sans-mono/400.css';
import '@fontsource/spline-sans-mono/600.css';
import { i18n } from '@lingui/core';
import { I18nProvider } from '@lingui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { CssBaseline, ThemeProvider } from '@mui/material';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { language, speak } from './words/words';
import { Refusal } from './api/client';
import { todayQuery } from './api/jobs';
import { sessionQuery } from './api/session';
import { App } from './shell/App';
import { Broken } from './shell/Broken';
import { longDay } from './parts/time';
import { bringFirst } from './shell/FirstScreen';
import { Hatches } from './theme/Hatches';
import { Ground, theme } from './theme/theme';

const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce ?? '';
const cache = createCache({ key: 'hull', nonce, prepend: true });
const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => count < 2 && error instanceof Refusal && error.status === 0,
      refetchOnWindowFocus: true,
      staleTime: 5_000,
    },
  },
});
const router = createBrowserRouter([{ path: '*', element: <App />, errorElement: <Broken /> }]);
const root = document.getElementById('root');
if (root === null) throw new Error('The page has no root.');
const show = () => {
  createRoot(root).render(
    <I18nProvider i18n={i18n}>
      <CacheProvider value={cache}>
        <ThemeProvider theme={theme} defaultMode="light">
          <CssBaseline />
          <Ground />
          <Hatches />
          <QueryClientProvider client={client}>
            <RouterProvider router={router} />
          </QueryClientProvider>
        </ThemeProvider>
      </CacheProvider>
    </I18nProvider>,
  );
};
// Who is there is known before anything is drawn, and what wants them today is on its way: drawn once, not three times.
const noop = () => undefined;
const spoken = speak(language());
const known = client.query(sessionQuery).catch(noop);
// The first date that is written takes long; the line is waited for meanwhile.
void spoken.then(() => longDay(new Date()));
const isFirst = window.location.pathname === '/';
const first = isFirst ? bringFirst().catch(noop) : null;
/** So long a page is not drawn for want of what stands on it, ms; a head without a body after that. */
const patience = 150;
const late = new Promise((done) => setTimeout(done, patience));
void Promise.all([known, spoken, first])
  .then(([session]) =>
    isFirst && session?.account ? Promise.race([client.query(todayQuery).catch(noop), late]) : undefined,
  )
  .then(show);
