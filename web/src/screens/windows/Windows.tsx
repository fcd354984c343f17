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
      <Box sx={{ p: 3, maxWidth: 720 }}>
        <Title>No window yet</Title>
        <Notice title="What stands in the way">{view.obstacle}</Notice>
      </Box>
    );
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '372px minmax(0,1fr)' },
        minHeight: { md: 'calc(100vh - 123px)' },
      }}
    >
      <Box
        sx={{
          p: { xs: 2, sm: 3 },
          background: tok('sheet'),
          borderRight: { md: `1px solid ${tok('rule')}` },
          display: 'grid',
          gap: 3,
          alignContent: 'start',
        }}
      >
        <Now view={view} />
        <NextCoat view={view} />
        <Box>
          <Heading>The air now</Heading>
          <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap' }}>
            <Labelled label={view.place.name}>
              <span className="mono">
                {view.place.temperature} · {view.place.humidity}
              </span>
            </Labelled>
            <Labelled label="dew margin">
              <Box sx={{ fontSize: textSize.title }}>
                <Explained v={view.dewMargin} label="Dew margin" />
              </Box>
            </Labelled>
          </Box>
          <Box sx={{ fontSize: textSize.m, color: tok('ink2') }}>
            {view.airSource}; from here on {view.air.source}
          </Box>
          <Box sx={{ mt: 1, fontWeight: 700, color: tok(view.mayCoat ? 'zinc' : 'lead') }}>
            {view.mayCoat ? 'A film may go on.' : 'No film in this air:'}
          </Box>
          {view.gateWarnings.map((w) => (
            <Box key={w} sx={{ fontSize: textSize.m }}>
              {w}
            </Box>
          ))}
        </Box>
        {view.findings.length > 0 && (
          <Box>
            <Heading>What the record shows</Heading>
            {view.findings.map((f, i) => (
              <Notice key={i} title={`${f.stepName}: ${f.says}`}>
                {f.consequence}
              </Notice>
            ))}
          </Box>
        )}
      </Box>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Heading>{view.cards.length > 0 ? 'When each film lets you in' : 'When each step may begin'}</Heading>
        {zoom.controls}
        <WindowRibbons view={view} plan={plan.data} span={zoom.span(view.now)} narrow={narrow} moving={moving} />
        <Box
          sx={{ display: 'flex', gap: 2.5, flexWrap: 'wrap', fontSize: textSize.s, color: tok('ink2'), my: 1.5 }}
          aria-hidden="true"
        >
          <span>
            <svg width="38" height="16">
              <rect width="38" height="16" fill={hatch('early')} stroke={tok('phos')} />
            </svg>{' '}
            too soon
          </span>
          <span>
            <svg width="38" height="20">
              <path d="M0 0h16l22 8v4l-22 8H0z" fill={tok('lead')} />
            </svg>{' '}
            open, running out
          </span>
          <span>
            <svg width="38" height="14">
              <path d="M0 7l6-5 7 10 7-10 7 10 7-8" fill="none" stroke={tok('ink')} strokeWidth="1.6" />
            </svg>{' '}
            gone: abrade
          </span>
          <span>
            <svg width="38" height="20">
              <path d="M0 0h16l22 8v4l-22 8H0z" fill={tok('lead')} opacity="0.3" />
            </svg>{' '}
            planned step may begin
          </span>
        </Box>
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
          <Box sx={{ mt: 2 }}>
            <Labelled label="Keeps a wet film off in the next two days">
              {view.air.matters.map((m) => (
                <Box key={m} sx={{ fontSize: textSize.m }}>
                  {m}
                </Box>
              ))}
            </Labelled>
          </Box>
        )}
        {view.air.sun !== '' && (
          <Box sx={{ mt: 1, fontSize: textSize.m }}>
            {view.air.sun}{' '}
            <Box component="span" sx={{ color: tok('ink2') }}>
              {view.air.sunHow}
            </Box>
          </Box>
        )}
        <AsIf now={view.air} />
        {view.cards.length > 0 && (
          <Box sx={{ mt: 3, overflowX: 'auto' }}>
            <Heading>Hours of every film in this place</Heading>
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
                  <th>coat</th>
                  <th>touch dry</th>
                  <th>recoat from</th>
                  <th>recoat until</th>
                  <th>full cure</th>
                  <th>dew margin</th>
                </tr>
              </thead>
              <tbody>
                {view.cards.map((c) => (
                  <tr key={c.stepKey}>
                    <td>
                      {c.status === 'done' ? '✓ ' : ''}
                      {c.name}, coat {c.coat}
                    </td>
                    {[c.touch, c.recoatMin, c.recoatMax, c.full].map((v, i) => (
                      <td key={i}>{v ? <Explained v={v} /> : given(i === 2, 'no limit').else('not curing')}</td>
                    ))}
                    <td>
                      <Explained v={c.dewMargin} label="Dew margin" />
                    </td>
                  </tr>
                ))}
              </tbody>
            </Box>
          </Box>
        )}
      </Box>
    </Box>
  );
}
