import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { when } from '../../parts/time';
import { given } from '../../parts/given';

export function NextCoat({ view }: { view: Schemas['WindowsView'] }) {
  const next = view.next;
  if (!next) return null;
  const over = next.open && next.until !== null && next.until < view.now;
  const from = next.from ? given(next.from < view.now, t`now`).else(when(next.from, view.now)) : t`never in this air`;
  const span = from + (next.open ? ` – ${next.until ? when(next.until, view.now) : t`no end`}` : '');
  const more = view.cards.some((c) => c.status !== 'done');
  return (
    <Box component="section" aria-label={t`The next coat`}>
      {more && (
        <>
          <Heading>
            <Trans>The next coat may begin</Trans>
          </Heading>
          <Text className="mono" weight="middle">
            {over && next.until ? t`once abraded; without, it was ${when(next.until, view.now)} at the latest` : span}
          </Text>
          <Text size="s" tone="ink2" below={1.5}>
            <Trans>
              so that every zone, from where the last coat was begun to where it was ended, is reached inside its own
              window
            </Trans>
          </Text>
          {!next.open && (
            <Notice title={t`No start suits every zone`}>
              {next.advice.map((a) => (
                <Box key={a}>{a}</Box>
              ))}
            </Notice>
          )}
        </>
      )}
      <Heading>
        <Trans>Ready for</Trans>
      </Heading>
      <Columns as="dl" cols="auto 1fr" size="m" sx={{ m: 0, columnGap: 2 }}>
        {next.ready.map((r) => (
          <Box key={r.what} sx={{ display: 'contents' }}>
            <Box component="dt">{r.what}</Box>
            <Box component="dd" sx={{ m: 0 }}>
              <span className="mono">{r.at && r.at < view.now ? t`now` : when(r.at, view.now)}</span>
              {r.estimate && (
                <Text as="span" size="s" tone="ink2">
                  {' '}
                  <Trans>estimate</Trans>
                </Text>
              )}
            </Box>
          </Box>
        ))}
      </Columns>
    </Box>
  );
}
