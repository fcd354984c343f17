import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box } from '@mui/material';
import { useDeferredValue, useState } from 'react';
import { useParams } from 'react-router';
import { useQuantities } from '../../api/jobs';
import { Heading, Title } from '../../parts/Headings';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { hatch } from '../../theme/Hatches';
import { textSize, tok } from '../../theme/tokens';
import { Areas } from './Areas';
import { Film } from './Film';
import { Orders } from './Orders';
import { Otherwise } from './Otherwise';
import { planned } from './asPlanned';

/** How much of everything a job takes: areas, films, packs, store, money; as planned and otherwise. */
export function Quantities() {
  const { job = '' } = useParams();
  const [ask, setAsk] = useState(planned);
  const view = useQuantities(job, useDeferredValue(ask)).data;
  const failed = useQuantities(job, planned);
  if (failed.isError) return <Failed error={failed.error} />;
  if (!view) return <Loading />;
  const query = new URLSearchParams(Object.entries(ask).filter(([, v]) => v !== '') as [string, string][]).toString();
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 340px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, alignItems: 'end' }}>
          <Title sub={t`what is still to do, the store counted first`}>
            <Trans>Enough of everything</Trans>
          </Title>
          <Box sx={{ textAlign: 'right', mb: 1.5 }}>
            <Box className="mono" sx={{ fontSize: textSize.figure, fontWeight: 600, color: tok('brass') }}>
              {view.price}
            </Box>
            <Box sx={{ fontSize: textSize.s, color: tok('ink2') }}>
              {view.difference || t`to buy, by typical prices`}
            </Box>
          </Box>
        </Box>
        <Otherwise ask={ask} change={setAsk} methods={view.methods} />
        {view.films.length === 0 && (
          <Notice tone="deep" title={t`No coat is left to lay`}>
            <Trans>Take a part in, or give one a service that wants a film; its paint appears here.</Trans>
          </Notice>
        )}
        <Box component="ul" aria-label={t`Films`} sx={{ p: 0, m: 0 }}>
          {view.films.map((f) => (
            <Film key={f.product} film={f} />
          ))}
        </Box>
        {view.films.length > 0 && (
          <Box
            sx={{ fontSize: textSize.s, color: tok('ink2'), display: 'flex', gap: 2, alignItems: 'center', mt: 0.5 }}
          >
            <svg width="26" height="12" aria-hidden="true">
              <rect x="1" y="1" width="24" height="10" fill={hatch('epoxy')} stroke={tok('ink')} />
            </svg>
            <Trans>on the part</Trans>{' '}
            <svg width="26" height="12" aria-hidden="true">
              <rect x="1" y="1" width="24" height="10" fill="none" stroke={tok('phos')} strokeDasharray="4 3" />
            </svg>
            <Trans>lost on the way; all bars to one scale</Trans>
          </Box>
        )}
        <Areas view={view} />
        {view.goods.length > 0 && (
          <Box component="section" aria-label={t`What goes with it`} sx={{ mt: 4 }}>
            <Heading>
              <Trans>What goes with it</Trans>
            </Heading>
            <Box sx={{ columns: { xs: 1, sm: 2 }, columnGap: 4 }}>
              {view.goods.map((g) => (
                <Box
                  key={g.id}
                  sx={{
                    breakInside: 'avoid',
                    borderTop: `1px solid ${tok('rule')}`,
                    py: 0.5,
                    display: 'grid',
                    gridTemplateColumns: 'minmax(0,1fr) auto',
                    gap: 1,
                    fontSize: textSize.m,
                  }}
                >
                  <Box>
                    {g.name}
                    {g.note && <Box sx={{ fontSize: textSize.xs, color: tok('ink2') }}>{g.note}</Box>}
                  </Box>
                  <Box sx={{ textAlign: 'right' }}>
                    <Box className="mono">{g.amount.text}</Box>
                    {g.tins.length === 0 && (
                      <Box sx={{ fontSize: textSize.xs, color: tok('zinc'), fontWeight: 600 }}>
                        <Trans>in the store</Trans>
                      </Box>
                    )}
                  </Box>
                </Box>
              ))}
            </Box>
          </Box>
        )}
      </Box>
      <Box
        component="aside"
        aria-label={t`To buy`}
        sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` } }}
      >
        <Orders view={view} csv={`/api/jobs/${job}/shopping${query ? `?${query}` : ''}`} />
      </Box>
    </Box>
  );
}
