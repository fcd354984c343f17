import { Box, Button, LinearProgress, useMediaQuery } from '@mui/material';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { api, settle, type Schemas } from '../api/client';
import { usePlan, usePlanWrite, useTriedPut } from '../api/hooks';
import { YardChart, type Span } from '../figures/YardChart';
import { Failed, Heading, Labelled, Loading, Notice, Title } from '../parts/Bits';
import { when } from '../parts/time';
import { hatch } from '../theme/Hatches';
import { tok } from '../theme/tokens';
import { CalendarAddress } from './CalendarAddress';

const zooms = [['An evening', 12], ['Three days', 72], ['Two weeks', 336], ['Six weeks', 1008]] as const;
const hour = 3_600_000;

function Chosen({ view, work, moved, tried, put, back }: { view: Schemas['PlanView']; work: Schemas['PlannedView']; moved: number | null; tried?: Schemas['TryView']; put: () => void; back: () => void }) {
  const part = view.parts.find((p) => p.id === work.part);
  const start = moved === null ? work.start : new Date(moved).toISOString();
  return (
    <Box sx={{ borderLeft: `6px solid ${tok(tried && tried.breaks.length > 0 ? 'lead' : 'deep')}`, background: tok('sheet'), p: 2 }} aria-live="polite">
      <Box sx={{ fontSize: 14, color: tok('ink2') }}>{part?.name} · {part?.job} · {work.place}</Box>
      <Box sx={{ fontWeight: 700, fontSize: 17 }}>{work.name}</Box>
      <Box className="mono" sx={{ my: 0.5 }}>{when(start, view.now)}{moved === null && ` – ${when(work.end, view.now).replace(/^today /, '')}`}</Box>
      {moved === null ? (
        <>
          <Box sx={{ fontSize: 14.5 }}>{work.why.charAt(0).toUpperCase() + work.why.slice(1)}.{work.who.length > 0 && ` ${work.who.join(' and ')}.`}{work.setUp && ' Set up already by the coat before.'}</Box>
          {work.paid && <Box sx={{ fontSize: 14.5, color: tok('lead'), fontWeight: 650 }}>A window is missed: {work.paid.text} of abrading and wiping come first.</Box>}
          <Box sx={{ fontSize: 14.5 }}>{work.fixed ? 'Under way.' : work.critical ? 'On the longest chain: later moves the end.' : work.slack.si === 0 ? 'Nothing to spare: later moves something else.' : `Can begin ${work.slack.text} later and nothing else moves.`}</Box>
          {work.from && <Box sx={{ fontSize: 14.5 }}>May begin from <span className="mono">{when(work.from, view.now)}</span>{work.until ? <> until <span className="mono">{when(work.until, view.now)}</span></> : ', and no window closes'}.</Box>}
          {work.coat && <Box sx={{ fontSize: 14.5 }}>Wet until {when(work.dry, view.now)}.</Box>}
        </>
      ) : (
        <>
          {tried?.breaks.length === 0 && <Box sx={{ color: tok('zinc'), fontWeight: 700 }}>It may stand there; nothing breaks.</Box>}
          {tried?.breaks.map((b, i) => <Box key={i} sx={{ fontSize: 14.5, py: 0.5, borderTop: `1px solid ${tok('rule')}` }}><Box component="span" sx={{ fontWeight: 700, color: tok('lead') }}>{b.name}</Box> {b.says}; {b.kind === 'late' ? 'until' : 'from'} <span className="mono">{when(b.until, view.now)}</span></Box>)}
          <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
            <Button variant="contained" onClick={put}>Not before then; plan the rest</Button>
            <Button onClick={back}>Back where it was</Button>
          </Box>
        </>
      )}
      {moved === null && <Box sx={{ display: 'flex', gap: 1, mt: 1 }}><Button component={Link} to={`/part/${work.part}/windows`}>Its windows</Button><Button component={Link} to={`/part/${work.part}/record`}>Log it</Button></Box>}
    </Box>
  );
}

function Moves({ view }: { view: Schemas['PlanView'] }) {
  const moves = view.moves.filter((m) => m.from !== null && !m.slip);
  const slips = view.moves.filter((m) => m.slip).length;
  if (!view.again) return null;
  const name = (part: string): string => view.parts.find((p) => p.id === part)?.name ?? '';
  return (
    <Box component="section" aria-label="What moved">
      <Heading>{moves.length === 0 ? (slips > 0 ? 'Only slips' : 'Nothing had to move') : `${moves.length} ${moves.length === 1 ? 'thing' : 'things'} moved`}</Heading>
      <Box sx={{ fontSize: 14, color: tok('ink2'), mb: 0.5 }}>{view.note}</Box>
      {moves.slice(0, 8).map((m) => (
        <Box key={m.id} sx={{ borderTop: `1px solid ${tok('rule')}`, py: 0.75, fontSize: 14.5 }}>
          <Box sx={{ fontWeight: 650 }}>{name(m.part)}: {m.name}</Box>
          <Box className="mono" sx={{ fontSize: 13.5 }}>{m.from && when(m.from, view.now)} → {m.to ? when(m.to, view.now) : 'no room'}</Box>
          {m.stays !== '' && <Box>{m.stays.charAt(0).toUpperCase() + m.stays.slice(1)}</Box>}
          <Box sx={{ color: tok('ink2') }}>{m.stays === '' ? m.why : `now ${m.why}`}{m.paid && `; ${m.paid.text} of abrading first`}</Box>
        </Box>
      ))}
      {slips > 0 && <Box sx={{ fontSize: 14, color: tok('ink2'), borderTop: `1px solid ${tok('rule')}`, py: 0.75 }}>{slips} more by less than an hour.</Box>}
      {moves.length > 8 && <Box sx={{ fontSize: 14, color: tok('ink2') }}>and {moves.length - 8} more that follow from these</Box>}
    </Box>
  );
}

function Figures({ view }: { view: Schemas['PlanView'] }) {
  const figure = (label: string, text: string, tone: 'ink' | 'lead' = 'ink') => <Labelled label={label}><Box className="mono" sx={{ fontSize: 22, fontWeight: 600, color: tok(tone) }}>{text}</Box></Labelled>;
  return (
    <Box sx={{ display: 'flex', gap: { xs: 2, sm: 4 }, flexWrap: 'wrap', mb: 1.5 }}>
      {view.finish && figure('all done', when(view.finish, view.now))}
      {view.bound && figure('no plan ends before', when(view.bound, view.now))}
      {view.handsOn && figure('hands on', view.handsOn.text)}
      {view.paid && figure('abrading for missed windows', view.paid.text, view.paid.si > 0 ? 'lead' : 'ink')}
      {view.late && view.late.si > 0 && figure('past due dates', view.late.text, 'lead')}
    </Box>
  );
}

/** When everything is done: the yard along time, what keeps it, and what happens when something is put elsewhere. */
export function Schedule() {
  const plan = usePlan();
  const make = usePlanWrite((body: Schemas['PlanBody']) => settle(api.POST('/api/plan', { body })));
  const put = usePlanWrite((body: Schemas['PutBody']) => settle(api.POST('/api/plan/put', { body })));
  const narrow = useMediaQuery('(max-width: 700px)');
  const [zoom, setZoom] = useState(72);
  const [ahead, setAhead] = useState(0);
  const [chosen, setChosen] = useState('');
  const [moved, setMoved] = useState<number | null>(null);
  const tried = useTriedPut(chosen, useDeferredValue(moved === null ? null : new Date(moved).toISOString().replace(/\.\d+Z$/, 'Z')));
  if (plan.isPending) return <Loading />;
  if (plan.isError) return <Failed error={plan.error} />;
  const view = plan.data;
  const now = new Date(view.now).getTime();
  const from = Math.floor(now / hour) * hour - Math.min(12, zoom / 10) * hour + ahead * zoom * hour * 0.75;
  const span: Span = { from, to: from + zoom * hour };
  const work = view.work.find((k) => k.id === chosen);
  const choose = (id: string) => { if (id !== chosen) { setChosen(id); setMoved(null); } };
  const busy = make.isPending || put.isPending || ['wanted', 'working'].includes(view.status);
  const broken = new Set(moved === null ? [] : (tried.data?.breaks ?? []).map((b) => b.id));
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', lg: 'minmax(0,1fr) 330px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, minWidth: 0 }}>
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'start' }}>
          <Box sx={{ flex: 1, minWidth: 200 }}><Title sub={view.madeAt ? `plan ${String(view.version)}, made ${when(view.madeAt, view.now)}` : 'no plan yet'}>When everything is done</Title></Box>
          <Button variant={view.outdated.length > 0 || view.status === 'none' ? 'contained' : 'outlined'} disabled={busy} onClick={() => { make.mutate({}); }}>{view.status === 'none' ? 'Make a plan' : 'Plan again'}</Button>
          {view.pinned && <Button disabled={busy} onClick={() => { make.mutate({ fresh: true, note: 'from scratch' }); }}>From scratch</Button>}
        </Box>
        {busy && <Box role="status" sx={{ mb: 1 }}><Box sx={{ fontSize: 14 }}>Planning{view.tries > 0 ? `: ${String(view.done)} of ${String(view.tries)} orders worked out` : ' …'}. You can leave this page.</Box><LinearProgress aria-label="Orders worked out" variant={view.tries > 0 ? 'determinate' : 'indeterminate'} value={view.tries > 0 ? (100 * view.done) / view.tries : undefined} /></Box>}
        {view.status === 'failed' && <div role="alert"><Notice title="The last plan could not be made">The one before it is shown. Plan again; if that fails too, say so to whoever runs this.</Notice></div>}
        {make.isError && <div role="alert"><Notice title="Not planned">{make.error.message}</Notice></div>}
        {view.outdated.length > 0 && <Notice tone="brass" title={`This plan may no longer hold: ${view.outdated.join(', ')}.`}>Plan again: what is done or under way stays, the rest moves as little as it can.</Notice>}
        {view.better && <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 1.5, fontSize: 14.5 }}><span>Planned from scratch it would end <span className="mono">{when(view.better, view.now)}</span>, with more moved.</span><Button size="small" disabled={busy} onClick={() => { make.mutate({ fresh: true, note: 'from scratch, to end earlier' }); }}>Take that</Button></Box>}
        <Figures view={view} />
        {view.work.length === 0 && view.status !== 'none' && !busy && <Notice tone="deep" title="Nothing is left to do">Take a part in; its work appears here.</Notice>}
        <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', mb: 1 }} role="group" aria-label="How much time is shown">
          {zooms.map(([label, hours]) => <Button key={hours} size="small" aria-pressed={zoom === hours} variant={zoom === hours ? 'contained' : 'outlined'} onClick={() => { setZoom(hours); setAhead(0); }}>{label}</Button>)}
          <Button size="small" aria-label="Earlier" disabled={ahead === 0} onClick={() => { setAhead(ahead - 1); }}>◀</Button>
          <Button size="small" aria-label="Later" disabled={(ahead + 1) * zoom > 1008} onClick={() => { setAhead(ahead + 1); }}>▶</Button>
        </Box>
        <YardChart view={view} span={span} width={narrow ? 380 : 880} chosen={chosen} moved={moved} broken={broken} choose={choose} move={setMoved} />
        <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', fontSize: 13, color: tok('ink2'), mt: 1 }} aria-hidden="true">
          <span><svg width="26" height="13"><rect width="26" height="13" fill={hatch('colour')} stroke={tok('ink')} /></svg> coat</span>
          <span><svg width="26" height="13"><rect width="26" height="13" fill={hatch('early')} stroke={tok('phos')} /></svg> wet, or closed to wet films</span>
          <span><svg width="26" height="13"><rect y="2" width="26" height="9" fill={tok('phos')} /></svg> other work</span>
          <span><svg width="26" height="13"><rect x="1" y="2" width="24" height="9" fill={tok('phos')} stroke={tok('ink')} strokeWidth="2" /></svg> longest chain</span>
          <span><svg width="26" height="13"><path d="M2 10l4-6 4 6 4-6 4 6" fill="none" stroke={tok('lead')} strokeWidth="1.8" /></svg> abrade first</span>
        </Box>
        <Box sx={{ fontSize: 13.5, color: tok('ink2'), mt: 0.5 }}>Choose a block; drag it or use ← → (with Shift an hour) to see what breaks.</Box>
      </Box>
      <Box component="aside" aria-label="About the plan" sx={{ p: { xs: 2, sm: 3 }, background: tok('ground'), borderLeft: { lg: `1px solid ${tok('rule')}` }, display: 'grid', gap: 3, alignContent: 'start' }}>
        {work && <Chosen view={view} work={work} moved={moved} tried={tried.data} put={() => { put.mutate({ id: work.id, start: new Date(moved ?? 0).toISOString().replace(/\.\d+Z$/, 'Z') }); setMoved(null); }} back={() => { setMoved(null); }} />}
        <Moves view={view} />
        {view.without.length > 0 && <Box component="section" aria-label="No room"><Heading>Finds no room</Heading>{view.without.slice(0, 6).map((l) => <Box key={l.id} sx={{ fontSize: 14.5, py: 0.5 }}><b>{view.parts.find((p) => p.id === l.part)?.name}: {l.name}</b>: {l.says}</Box>)}</Box>}
        <Box component="section" aria-label="Weather that matters">
          <Heading>Weather that matters</Heading>
          {view.places.map((p) => <Box key={p.name} sx={{ borderTop: `1px solid ${tok('rule')}`, py: 0.75, fontSize: 14 }}><b>{p.name}</b> <span className="mono">{p.air}</span>{p.matters.slice(0, 3).map((m) => <Box key={m}>{m}</Box>)}{p.matters.length === 0 && <Box sx={{ color: tok('zinc'), fontWeight: 600 }}>open to films for two days</Box>}</Box>)}
          <Box sx={{ fontSize: 13, color: tok('ink2'), mt: 0.5 }}>{view.places[0]?.source}</Box>
        </Box>
        <CalendarAddress />
      </Box>
    </Box>
  );
}
