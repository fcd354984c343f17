import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { type Schemas } from '../../api/client';
import { Heading } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { when } from '../../parts/time';
import { textSize, tok } from '../../theme/tokens';
import { given } from '../../parts/given';

export function NextCoat({ view }: { view: Schemas['WindowsView'] }) {
  const next = view.next;
  if (!next) return null;
  const more = view.cards.some((c) => c.status !== 'done');
  return (
    <Box component="section" aria-label={t`The next coat`}>
      {more && (
        <>
          <Heading>
            <Trans>The next coat may begin</Trans>
          </Heading>
          <Box className="mono" sx={{ fontWeight: 600 }}>
            {next.from ? given(next.from < view.now, t`now`).else(when(next.from, view.now)) : t`never in this air`}
            {next.open && ` – ${next.until ? when(next.until, view.now) : t`no end`}`}
          </Box>
          <Box sx={{ fontSize: textSize.s, color: tok('ink2'), mb: 1.5 }}>
            <Trans>
              so that every zone, from where the last coat was begun to where it was ended, is reached inside its own
              window
            </Trans>
          </Box>
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
      <Box
        component="dl"
        sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, fontSize: textSize.m }}
      >
        {next.ready.map((r) => (
          <Box key={r.what} sx={{ display: 'contents' }}>
            <Box component="dt">{r.what}</Box>
            <Box component="dd" sx={{ m: 0 }}>
              <span className="mono">{r.at && r.at < view.now ? t`now` : when(r.at, view.now)}</span>
              {r.estimate && (
                <Box component="span" sx={{ color: tok('ink2'), fontSize: textSize.s }}>
                  {' '}
                  <Trans>estimate</Trans>
                </Box>
              )}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
