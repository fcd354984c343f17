import { Aside, Columns, Row, Text } from '../../theme/layout';
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
import { tok } from '../../theme/tokens';
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
    <Columns cols={{ xs: 'minmax(0,1fr)', md: 'minmax(0,1fr) 340px' }}>
      <Text roomy shrinks>
        <Row gap={2} align="end" justify="space-between">
          <Title sub={t`what is still to do, the store counted first`}>
            <Trans>Enough of everything</Trans>
          </Title>
          <Text below={1.5} sx={{ textAlign: 'right' }}>
            <Text className="mono" size="figure" tone="brass" weight="middle">
              {view.price}
            </Text>
            <Text size="s" tone="ink2">
              {view.difference || t`to buy, by typical prices`}
            </Text>
          </Text>
        </Row>
        <Otherwise ask={ask} change={setAsk} methods={view.methods} />
        {view.films.length === 0 && (
          <Notice tone="deep" title={t`No coat is left to lay`}>
            <Trans>Take a part in, or give one a service that wants a film; its paint appears here.</Trans>
          </Notice>
        )}
        <Text as="ul" aria-label={t`Films`} plain>
          {view.films.map((f) => (
            <Film key={f.product} film={f} />
          ))}
        </Text>
        {view.films.length > 0 && (
          <Row gap={2} align="center" size="s" tone="ink2" above={0.5}>
            <svg width="26" height="12" aria-hidden="true">
              <rect x="1" y="1" width="24" height="10" fill={hatch('epoxy')} stroke={tok('ink')} />
            </svg>
            <Trans>on the part</Trans>{' '}
            <svg width="26" height="12" aria-hidden="true">
              <rect x="1" y="1" width="24" height="10" fill="none" stroke={tok('phos')} strokeDasharray="4 3" />
            </svg>
            <Trans>lost on the way; all bars to one scale</Trans>
          </Row>
        )}
        <Areas view={view} />
        {view.goods.length > 0 && (
          <Text as="section" aria-label={t`What goes with it`} above={4}>
            <Heading>
              <Trans>What goes with it</Trans>
            </Heading>
            <Box sx={{ columns: { xs: 1, sm: 2 }, columnGap: 4 }}>
              {view.goods.map((g) => (
                <Columns
                  key={g.id}
                  gap={1}
                  cols="minmax(0,1fr) auto"
                  size="m"
                  ruled
                  inset={0.5}
                  sx={{ breakInside: 'avoid' }}
                >
                  <Box>
                    {g.name}
                    {g.note && (
                      <Text size="xs" tone="ink2">
                        {g.note}
                      </Text>
                    )}
                  </Box>
                  <Box sx={{ textAlign: 'right' }}>
                    <Box className="mono">{g.amount.text}</Box>
                    {g.tins.length === 0 && (
                      <Text size="xs" tone="zinc" weight="middle">
                        <Trans>in the store</Trans>
                      </Text>
                    )}
                  </Box>
                </Columns>
              ))}
            </Box>
          </Text>
        )}
      </Text>
      <Aside aria-label={t`To buy`}>
        <Orders job={job} view={view} csv={`/api/jobs/${job}/shopping${query ? `?${query}` : ''}`} />
      </Aside>
    </Columns>
  );
}
