import { Columns, Text } from '../../theme/layout';
import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, useMediaQuery } from '@mui/material';
import { useParams } from 'react-router';
import { type Schemas, api, settle } from '../../api/client';
import { useWindows } from '../../api/parts';
import { usePlan, usePlanWrite } from '../../api/plan';
import { WindowRibbons } from '../../figures/WindowRibbons';
import { Heading, Title } from '../../parts/Headings';
import { Labelled } from '../../parts/Labelled';
import { Notice } from '../../parts/Notice';
import { Failed, Loading } from '../../parts/Waiting';
import { useZoom } from '../../parts/Zoom';
import { useMoving } from '../../parts/useMoving';
import { tok } from '../../theme/tokens';
import { AsIf } from './AsIf';
import { NextCoat } from './NextCoat';
import { Now } from './Now';
import { Planned } from './Planned';
import { FilmHours } from './FilmHours';
import { WindowKey } from '../../figures/WindowKey';
import { AirNow } from './AirNow';

export function Windows() {
  const { part = '' } = useParams();
  const windows = useWindows(part);
  const plan = usePlan();
  const put = usePlanWrite((body: Schemas['PutBody']) => settle(api.POST('/api/plan/put', { body })));
  const narrow = useMediaQuery('(max-width: 700px)');
  const zoom = useZoom();
  const moving = useMoving(true, plan.data?.work);
  if (windows.isPending) return <Loading />;
  if (windows.isError) return <Failed error={windows.error} />;
  const view = windows.data;
  if (view.obstacle)
    return (
      <Text widest={720} sx={{ p: 3 }}>
        <Title>
          <Trans>No window yet</Trans>
        </Title>
        <Notice title={t`What stands in the way`}>{view.obstacle}</Notice>
      </Text>
    );
  return (
    <Columns cols={{ xs: '1fr', md: '372px minmax(0,1fr)' }} sx={{ minHeight: { md: 'calc(100vh - 123px)' } }}>
      <Columns gap={3} roomy sheet sx={{ borderRight: { md: `1px solid ${tok('rule')}` }, alignContent: 'start' }}>
        <Now view={view} />
        <NextCoat view={view} />
        <AirNow view={view} />
        {view.findings.length > 0 && (
          <Box>
            <Heading>
              <Trans>What the record shows</Trans>
            </Heading>
            {view.findings.map((f, i) => (
              <Notice key={i} title={`${f.stepName}: ${f.says}`}>
                {f.consequence}
              </Notice>
            ))}
          </Box>
        )}
      </Columns>
      <Text roomy shrinks>
        <Heading>{view.cards.length > 0 ? t`When each film lets you in` : t`When each step may begin`}</Heading>
        {zoom.controls}
        <WindowRibbons view={view} plan={plan.data} span={zoom.span(view.now)} narrow={narrow} moving={moving} />
        <WindowKey />
        <Planned
          plan={plan.data}
          part={part}
          moving={moving}
          put={(body) => {
            put.mutate(body);
          }}
          busy={put.isPending}
        />
        {view.air.matters.length > 0 && (
          <Text above={2}>
            <Labelled label={t`Keeps a wet film off in the next two days`}>
              {view.air.matters.map((m) => (
                <Text key={m} size="m">
                  {m}
                </Text>
              ))}
            </Labelled>
          </Text>
        )}
        {view.air.sun !== '' && (
          <Text size="m" above={1}>
            {view.air.sun}{' '}
            <Text as="span" tone="ink2">
              {view.air.sunHow}
            </Text>
          </Text>
        )}
        <AsIf now={view.air} />
        <FilmHours cards={view.cards} />
      </Text>
    </Columns>
  );
}
