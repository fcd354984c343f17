import { Box, Button, useMediaQuery } from '@mui/material';
import { useDeferredValue, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, settle, type Schemas } from '../api/client';
import { useAsIf, usePlan, usePlanWrite, useWindows } from '../api/hooks';
import { WindowRibbons } from '../figures/WindowRibbons';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { QuantityField } from '../parts/QuantityField';
import { when } from '../parts/time';
import { useMoving, type Moving } from '../parts/useMoving';
import { useZoom } from '../parts/Zoom';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';
import { ChosenWork } from './ChosenWork';

function until(instant: string | null, now: string): string {
  if (instant === null) return 'never';
  const minutes = Math.max(0, Math.round((new Date(instant).getTime() - new Date(now).getTime()) / 60_000));
  return minutes < 60
    ? `${minutes} min`
    : minutes < 2880
      ? `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`
      : `${Math.floor(minutes / 1440)} d ${Math.floor((minutes % 1440) / 60)} h`;
}

/** Zone by zone along the last coat, and what it stands by when. */
/** When the film lets the next coat on. */
function windowWords(band: Schemas['WindowBand'], now: string, gone: boolean): string {
  if (gone) return `since ${when(band.closesAt, now)}. The route gains abrading and wiping.`;
  if (band.phase === 'open') return `at ${when(band.closesAt, now)}; later the film has to be abraded first.`;
  const closes = band.closesAt ? [`closes ${when(band.closesAt, now)}`] : [];
  return `${[`at ${when(band.opensAt, now)}`, ...closes].join(', ')}.`;
}

function NextCoat({ view }: { view: Schemas['WindowsView'] }) {
  const next = view.next;
  if (!next) return null;
  const more = view.cards.some((c) => c.status !== 'done');
  return (
    <Box component="section" aria-label="The next coat">
      {more && (
        <>
          <Heading>The next coat may begin</Heading>
          <Box className="mono" sx={{ fontWeight: 600 }}>
            {!next.from ? 'never in this air' : next.from < view.now ? 'now' : when(next.from, view.now)}
            {next.open && ` – ${next.until ? when(next.until, view.now) : 'no end'}`}
          </Box>
          <Box sx={{ fontSize: 13.5, color: tok('ink2'), mb: 1.5 }}>
            so that every zone, from where the last coat was begun to where it was ended, is reached inside its own
            window
          </Box>
          {!next.open && (
            <Notice title="No start suits every zone">
              {next.advice.map((a) => (
                <Box key={a}>{a}</Box>
              ))}
            </Notice>
          )}
        </>
      )}
      <Heading>Ready for</Heading>
      <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 2, fontSize: 14.5 }}>
        {next.ready.map((r) => (
          <Box key={r.what} sx={{ display: 'contents' }}>
            <Box component="dt">{r.what}</Box>
            <Box component="dd" sx={{ m: 0 }}>
              <span className="mono">{r.at && r.at < view.now ? 'now' : when(r.at, view.now)}</span>
              {r.estimate && (
                <Box component="span" sx={{ color: tok('ink2'), fontSize: 13 }}>
                  {' '}
                  estimate
                </Box>
              )}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** What a heater or a dehumidifier would make of the place. */
function AsIf({ now }: { now: Schemas['PlaceHours'] }) {
  const [heat, setHeat] = useState('');
  const [dry, setDry] = useState('');
  const [room, setRoom] = useState('');
  const asked = useAsIf(now.name, useDeferredValue(heat), useDeferredValue(dry), useDeferredValue(room));
  return (
    <Box component="section" aria-label="As if" sx={{ mt: 2.5 }}>
      <Heading>If {now.name} were heated or dried</Heading>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'start' }}>
        <QuantityField
          label="Heated to"
          of="temperature"
          placeholder="18 C"
          value={heat}
          onChange={setHeat}
          error={asked.isError}
          sx={{ width: 130 }}
        />
        <QuantityField
          label="Dried to"
          of="relative humidity"
          placeholder="55 %"
          value={dry}
          onChange={setDry}
          error={asked.isError}
          sx={{ width: 130 }}
        />
        <QuantityField
          label="Room"
          of="volume"
          placeholder="120 m3"
          value={room}
          onChange={setRoom}
          error={asked.isError}
          sx={{ width: 130 }}
        />
        {asked.isError && (
          <Box role="alert" sx={{ color: tok('lead'), fontSize: 14.5 }}>
            {asked.error.message}
          </Box>
        )}
        {asked.data && (
          <Box role="status" sx={{ fontSize: 14.5 }}>
            <span className="mono">{asked.data.air.air}</span>, dew margin{' '}
            <Fig v={asked.data.air.dewMargin} label="Dew margin" />; closed to wet films for{' '}
            <b className="mono">{asked.data.air.shutHours} h</b> of the next two days instead of{' '}
            <span className="mono">{now.shutHours} h</span>.
            {asked.data.water && (
              <>
                {' '}
                The dehumidifier takes out <Fig v={asked.data.water} label="Water in a day" /> of water a day.
              </>
            )}{' '}
            An unvented burner adds water and lights vapour.
          </Box>
        )}
      </Box>
    </Box>
  );
}

function Now({ view }: { view: Schemas['WindowsView'] }) {
  const band = view.bands[view.bands.length - 1];
  const next = view.cards.find((c) => c.status !== 'done');
  if (!band && view.cards.length === 0)
    return (
      <Box>
        <Title sub="No film goes on this part">When each step may begin</Title>
        <Box>Its route lays no coat; its planned steps stand in the hours in which they may begin.</Box>
      </Box>
    );
  if (!band)
    return (
      <Box>
        <Title sub="No coat logged yet">When each film lets you in</Title>
        <Box>Log the first coat in the record; from then on its clock runs on the air you log.</Box>
      </Box>
    );
  const open = band.phase === 'open';
  const gone =
    band.phase === 'lapsed' || (band.phase === 'cured' && band.closesAt !== null && band.closesAt < view.now);
  return (
    <Box>
      <Title sub={`${band.name}, ${band.coat}`}>
        {next ? `Next: ${next.name}, coat ${next.coat}` : 'The last coat is on'}
      </Title>
      <Box
        sx={{
          borderLeft: `6px solid ${tok(open || gone ? 'lead' : 'phos')}`,
          background: open || gone ? tok('leadWash') : tok('wash'),
          p: 1.5,
        }}
      >
        <Box sx={{ fontWeight: 700, color: tok(open || gone ? 'lead' : 'ink2') }}>
          {!next ? 'Full cure in' : open ? (band.closesAt ? 'Closes in' : 'Open') : gone ? 'Closed' : 'Opens in'}
        </Box>
        <Box className="mono" sx={{ fontSize: 40, fontWeight: 600, lineHeight: 1.1 }}>
          {!next
            ? until(band.fullAt, view.now)
            : open
              ? until(band.closesAt, view.now)
              : gone
                ? 'abrade first'
                : until(band.opensAt, view.now)}
        </Box>
        <Box sx={{ fontSize: 14.5 }}>
          {next ? windowWords(band, view.now, gone) : `about ${when(band.fullAt, view.now)}`}
        </Box>
      </Box>
      <Button
        component={Link}
        to={gone ? '../route' : '../record'}
        relative="path"
        variant="contained"
        sx={{ mt: 1.5 }}
      >
        {gone ? 'See what the route needs' : next ? 'Log this coat' : 'Open the record'}
      </Button>
    </Box>
  );
}

/** What is planned on this part: the chosen step, or how to choose one. */
function Planned({
  plan,
  part,
  moving,
  put,
  busy,
}: {
  plan?: Schemas['PlanView'];
  part: string;
  moving: Moving;
  put: (body: Schemas['PutBody']) => void;
  busy: boolean;
}) {
  const work = plan?.work.find((k) => k.id === moving.chosen && k.part === part);
  if (!plan) return null;
  if (work)
    return (
      <Box sx={{ mb: 2, maxWidth: 640 }}>
        <ChosenWork view={plan} work={work} moving={moving} put={put} within />
      </Box>
    );
  const any = plan.work.some((k) => k.part === part);
  return (
    <Box sx={{ fontSize: 14, color: tok('ink2'), mb: 1 }} role="status">
      {busy ? (
        'Planning …'
      ) : any ? (
        'Choose a planned step; drag it or use ← → (with Shift an hour) to see what breaks.'
      ) : (
        <>
          No step of it is planned yet.{' '}
          <Button component={Link} to="/schedule" size="small">
            Plan the yard
          </Button>
        </>
      )}
    </Box>
  );
}

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
              <Box sx={{ fontSize: 22 }}>
                <Fig v={view.dewMargin} label="Dew margin" />
              </Box>
            </Labelled>
          </Box>
          <Box sx={{ fontSize: 14, color: tok('ink2') }}>
            {view.airSource}; from here on {view.air.source}
          </Box>
          <Box sx={{ mt: 1, fontWeight: 700, color: tok(view.mayCoat ? 'zinc' : 'lead') }}>
            {view.mayCoat ? 'A film may go on.' : 'No film in this air:'}
          </Box>
          {view.gateWarnings.map((w) => (
            <Box key={w} sx={{ fontSize: 14.5 }}>
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
          sx={{ display: 'flex', gap: 2.5, flexWrap: 'wrap', fontSize: 13.5, color: tok('ink2'), my: 1.5 }}
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
                <Box key={m} sx={{ fontSize: 14.5 }}>
                  {m}
                </Box>
              ))}
            </Labelled>
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
                '& th': { fontSize: 13.5, color: tok('ink2'), fontWeight: 500 },
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
                      <td key={i}>{v ? <Fig v={v} /> : i === 2 ? 'no limit' : 'not curing'}</td>
                    ))}
                    <td>
                      <Fig v={c.dewMargin} label="Dew margin" />
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
