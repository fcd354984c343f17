import { Columns, Row, Text } from '../../theme/layout';
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
import { Explained } from '../../parts/Explained';
import { useZoom } from '../../parts/Zoom';
import { useMoving } from '../../parts/useMoving';
import { hatch } from '../../theme/Hatches';
import { textSize, tok } from '../../theme/tokens';
import { AsIf } from './AsIf';
import { NextCoat } from './NextCoat';
import { Now } from './Now';
import { Planned } from './Planned';
import { given } from '../../parts/given';

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
        <Box>
          <Heading>
            <Trans>The air now</Trans>
          </Heading>
          <Row gap={3} wrap>
            <Labelled label={view.place.name}>
              <span className="mono">
                {view.place.temperature} · {view.place.humidity}
              </span>
            </Labelled>
            <Labelled label={t`dew margin`}>
              <Text size="title">
                <Explained v={view.dewMargin} label={t`Dew margin`} />
              </Text>
            </Labelled>
          </Row>
          <Text size="m" tone="ink2">
            <Trans>
              {view.airSource}; from here on {view.air.source}
            </Trans>
          </Text>
          <Text tone={view.mayCoat ? 'zinc' : 'lead'} weight="strong" above={1}>
            {view.mayCoat ? t`A film may go on.` : t`No film in this air:`}
          </Text>
          {view.gateWarnings.map((w) => (
            <Text key={w} size="m">
              {w}
            </Text>
          ))}
        </Box>
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
        <Row gap={2.5} wrap size="s" tone="ink2" above={1.5} below={1.5} aria-hidden="true">
          <span>
            <svg width="38" height="16">
              <rect width="38" height="16" fill={hatch('early')} stroke={tok('phos')} />
            </svg>{' '}
            <Trans>too soon</Trans>
          </span>
          <span>
            <svg width="38" height="20">
              <path d="M0 0h16l22 8v4l-22 8H0z" fill={tok('lead')} />
            </svg>{' '}
            <Trans>open, running out</Trans>
          </span>
          <span>
            <svg width="38" height="14">
              <path d="M0 7l6-5 7 10 7-10 7 10 7-8" fill="none" stroke={tok('ink')} strokeWidth="1.6" />
            </svg>{' '}
            <Trans>gone: abrade</Trans>
          </span>
          <span>
            <svg width="38" height="20">
              <path d="M0 0h16l22 8v4l-22 8H0z" fill={tok('lead')} opacity="0.3" />
            </svg>{' '}
            <Trans>planned step may begin</Trans>
          </span>
        </Row>
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
        {view.cards.length > 0 && (
          <Text above={3} sx={{ overflowX: 'auto' }}>
            <Heading>
              <Trans>Hours of every film in this place</Trans>
            </Heading>
            <Box
              component="table"
              sx={{
                borderCollapse: 'collapse',
                minWidth: 560,
                width: '100%',
                '& th, & td': { textAlign: 'left', borderBottom: `1px solid ${tok('rule')}`, py: 0.75, pr: 2 },
                '& th': { fontSize: textSize.s, color: tok('ink2'), fontWeight: 500 },
              }}
            >
              <thead>
                <tr>
                  <th>
                    <Trans>coat</Trans>
                  </th>
                  <th>
                    <Trans>touch dry</Trans>
                  </th>
                  <th>
                    <Trans>recoat from</Trans>
                  </th>
                  <th>
                    <Trans>recoat until</Trans>
                  </th>
                  <th>
                    <Trans>full cure</Trans>
                  </th>
                  <th>
                    <Trans>dew margin</Trans>
                  </th>
                </tr>
              </thead>
              <tbody>
                {view.cards.map((c) => (
                  <tr key={c.stepKey}>
                    <td>
                      {c.status === 'done' ? '✓ ' : ''}
                      <Trans>
                        {c.name}, coat {c.coat}
                      </Trans>
                    </td>
                    {[c.touch, c.recoatMin, c.recoatMax, c.full].map((v, i) => (
                      <td key={i}>{v ? <Explained v={v} /> : given(i === 2, t`no limit`).else(t`not curing`)}</td>
                    ))}
                    <td>
                      <Explained v={c.dewMargin} label={t`Dew margin`} />
                    </td>
                  </tr>
                ))}
              </tbody>
            </Box>
          </Text>
        )}
      </Text>
    </Columns>
  );
}
