import { Box, Button, MenuItem, TextField } from '@mui/material';
import { useEffect, useRef, useState, type ChangeEvent } from 'react';
import { Link, useParams } from 'react-router';
import { api, Refusal, settle, type Schemas } from '../api/client';
import { useCatalogue, useSaveSurvey, useSurvey } from '../api/hooks';
import { Findings } from './Findings';
import { Photos } from './Photos';
import { Telling } from './Telling';
import { Worth } from './Worth';
import { ShapeDrawing } from '../figures/ShapeDrawing';
import { Failed, Heading, Loading, Notice, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { tok } from '../theme/tokens';

type Shape = Record<string, string>;
/** Where a shape of the draft came from, so that what nobody touched goes back as it was stored, not as it was shown. */
const source = '_of';

interface Draft {
  name: string;
  substrate: string;
  conditions: { id: string; grade: string; extent: string }[];
  shapes: Shape[];
  service: string;
  finish: string;
  method: string;
  small: boolean;
  water: string;
  zoneOf: string;
  mountedOn: string;
  replacement: string;
  place: { id: string; name: string; kind: string; temperature: string; humidity: string; hazards: string[] };
}

function draftOf(view: Schemas['SurveyView']): Draft {
  const place = view.places.find((p) => p.id === view.place) ?? { id: view.place, name: '', kind: 'heated-bay', temperature: '18 C', humidity: '55 %', hazards: [] };
  return {
    zoneOf: view.zoneOf ?? '', mountedOn: view.mountedOn ?? '', replacement: view.replacement,
    name: view.name, substrate: view.substrate, service: view.service, finish: view.finish, method: view.method, small: view.smallOrLattice, water: view.waterLies,
    conditions: view.conditions.map(({ id, grade, extent }) => ({ id, grade, extent })),
    shapes: view.shapes.shapes.map((s, i) => ({ ...s.dimensions, kind: s.kind, name: s.name, [source]: String(i) })),
    place: { id: place.id, name: place.name, kind: place.kind, temperature: place.temperature, humidity: place.humidity, hazards: place.hazards },
  };
}

/** A bare number gets the unit that stood in the field; a typed unit always wins. */
function withUnit(typed: string, before: string): string {
  const unit = /[^\d.\s+\-/].*$/.exec(before)?.[0] ?? '';
  return /^\s*[+-]?[\d.\s/]+$/.test(typed) && unit ? `${typed.trim()} ${unit}` : typed;
}

function QuantityField({ label, value, onChange, error, placeholder }: { label: string; value: string; onChange: (v: string) => void; error?: string | undefined; placeholder?: string }) {
  const before = useRef(value);
  return (
    <TextField
      label={label} value={value} error={!!error} helperText={error} placeholder={placeholder ?? ''} slotProps={{ inputLabel: { shrink: true }, htmlInput: { className: 'mono' } }}
      onFocus={() => { before.current = value; }}
      onChange={(e) => { onChange(e.target.value); }}
      onBlur={(e) => { const full = withUnit(e.target.value, before.current || (placeholder ?? '')); if (full !== value) onChange(full); }}
    />
  );
}

/** A text nobody changed stands for the stored value, which may be finer than what is shown and in other units. */
const asStored = (typed: string, shown: string | undefined, si: number | undefined): string | number => (si !== undefined && typed === shown ? si : typed);

const bodyOf = (draft: Draft, view: Schemas['SurveyView'], version: number): Schemas['SurveyBody'] => ({
  version,
  part: {
    id: view.slug, name: draft.name, substrate: draft.substrate, service: draft.service, finish: draft.finish, place: draft.place.id, method: draft.method, small_or_lattice: draft.small, water_lies: draft.water,
    ...(draft.zoneOf ? { zone_of: draft.zoneOf } : {}), ...(draft.mountedOn ? { mounted_on: draft.mountedOn } : {}), ...(draft.replacement.trim() ? { replacement: draft.replacement } : {}),
    ...(Object.keys(view.schools).length > 0 ? { schools: view.schools } : {}),
    conditions: draft.conditions.map((c) => {
      const was = view.conditions.find((x) => x.id === c.id);
      return { ...c, extent: asStored(c.extent, was?.extent, was?.extentSi) };
    }),
    shapes: draft.shapes.map((s) => {
      const was = view.shapes.shapes[Number(s[source] ?? -1)];
      return Object.fromEntries(Object.entries(s).filter(([k, v]) => k !== source && v.trim() !== '').map(([k, v]) => [k, asStored(v, was?.dimensions[k], was?.si[k])]));
    }),
  },
  place: placeOf(draft, view),
});

function placeOf(draft: Draft, view: Schemas['SurveyView']): Schemas['PlaceBody'] {
  const was = view.places.find((p) => p.id === draft.place.id);
  return { ...draft.place, temperature: asStored(draft.place.temperature, was?.temperature, was?.temperatureSi), humidity: asStored(draft.place.humidity, was?.humidity, was?.humiditySi) };
}

function Editor({ view: opened, catalogue }: { view: Schemas['SurveyView']; catalogue: Schemas['CatalogueView'] }) {
  const { part = '' } = useParams();
  const save = useSaveSurvey(part);
  const [view] = useState(opened);
  const [draft, setDraft] = useState(() => draftOf(view));
  const [shapes, setShapes] = useState(view.shapes);
  const [place, setPlace] = useState(view.places.find((p) => p.id === view.place));
  const [state, setState] = useState<'saved' | 'saving' | 'refused'>('saved');
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [chosen, setChosen] = useState(0);
  const version = useRef(view.version);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const first = useRef(true);
  const mutate = save.mutateAsync;

  useEffect(() => {
    if (first.current) { first.current = false; return; }
    setState('saving');
    const timer = setTimeout(() => {
      queue.current = queue.current.then(async () => {
        try {
          const measured = await settle(api.POST('/api/shapes', { body: { shapes: bodyOf(draft, view, 1).part.shapes } }));
          setShapes(measured);
          const unread = measured.shapes.findIndex((s) => s.error !== '');
          if (unread >= 0) throw new Refusal(measured.shapes[unread]?.error ?? '', 422, `/part/shapes/${unread}${measured.shapes[unread]?.pointer ?? ''}`, '');
          const stored = await mutate(bodyOf(draft, view, version.current));
          version.current = stored.version;
          setPlace(stored.places.find((p) => p.id === stored.place));
          setRefusal(null);
          setState('saved');
        } catch (cause) {
          setRefusal(cause instanceof Refusal ? cause : new Refusal('That did not work.', 0, '', ''));
          setState('refused');
        }
      });
    }, 450);
    return () => { clearTimeout(timer); };
  }, [draft, view, mutate]);

  const list = useRef<HTMLInputElement>(null);
  const [listError, setListError] = useState('');
  const bring = async (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = '';
    if (!file) return;
    try {
      const read = await settle(api.POST('/api/shapes/list', { body: { text: await file.text() } }));
      setListError('');
      setDraft((d) => ({ ...d, shapes: [...d.shapes, ...read.shapes] }));
    } catch (cause) {
      setListError(cause instanceof Refusal ? `${cause.message}${cause.accepted ? ` Accepted: ${cause.accepted}.` : ''}` : 'The file cannot be read.');
    }
  };
  const set = (change: Partial<Draft>) => { setDraft((d) => ({ ...d, ...change })); };
  const setShape = (index: number, change: Shape) => { set({ shapes: draft.shapes.map((s, i) => (i === index ? { ...s, ...change } : s)) }); };
  const at = (pointer: string): string | undefined => (refusal?.pointer === pointer ? `${refusal.message}${refusal.accepted ? ` Accepted: ${refusal.accepted}.` : ''}` : undefined);
  const known = refusal !== null && (refusal.pointer.startsWith('/part/shapes/') || ['/place/temperature', '/place/humidity', '/part/name', '/part/replacement'].includes(refusal.pointer) || refusal.pointer.startsWith('/part/conditions/'));
  const choices = (label: string, value: string, options: Schemas['Option'][], change: (v: string) => void) => (
    <TextField select label={label} value={value} onChange={(e) => { change(e.target.value); }} helperText={options.find((o) => o.id === value)?.hint}>
      {options.map((o) => <MenuItem key={o.id} value={o.id}>{o.name}</MenuItem>)}
    </TextField>
  );
  const substrate = catalogue.substrates.find((s) => s.id === draft.substrate);
  const drawn = shapes.shapes[chosen];
  const occurs = (families: string[], id: string) => families.length === 0 || families.some((f) => catalogue.substrates.find((s) => s.id === id)?.families.includes(f));
  /** What cannot occur on the new material is dropped with it, and so is a service it is not for. */
  const madeOf = (id: string) => {
    const suited = catalogue.services.filter((s) => s.substrates.includes(id));
    set({ substrate: id, conditions: draft.conditions.filter((c) => occurs(catalogue.conditions.find((x) => x.id === c.id)?.families ?? [], id)), service: suited.some((s) => s.id === draft.service) ? draft.service : suited[0]?.id ?? draft.service });
  };
  const grid = { display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } };

  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0,1fr) 372px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, display: 'grid', gap: 3, alignContent: 'start' }}>
        <Box>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', justifyContent: 'space-between' }}>
            <Title sub="Take in and judge">{draft.name || 'Unnamed part'}</Title>
            <Box role="status" sx={{ fontSize: 14, fontWeight: 650, color: tok(state === 'refused' ? 'lead' : 'ink2') }}>{state === 'saved' ? 'Stored' : state === 'saving' ? 'Storing …' : 'Not stored yet'}</Box>
          </Box>
          {refusal && !known && <div role="alert"><Notice title="Not stored">{refusal.message} {refusal.accepted && `Accepted: ${refusal.accepted}.`}</Notice></div>}
          <Box sx={grid}>
            <TextField label="Part" value={draft.name} onChange={(e) => { set({ name: e.target.value }); }} error={!!at('/part/name')} helperText={at('/part/name')} />
            <TextField select label="Made of" value={draft.substrate} onChange={(e) => { madeOf(e.target.value); }} helperText={substrate?.tell}>
              {catalogue.substrates.map((s) => <MenuItem key={s.id} value={s.id}>{s.name}</MenuItem>)}
            </TextField>
          </Box>
          <Box sx={{ mt: 1 }}><Telling catalogue={catalogue} choose={madeOf} /></Box>
        </Box>

        <section aria-label="Conditions">
          <Heading>How bad is it?</Heading>
          <Findings
            conditions={catalogue.conditions.filter((c) => occurs(c.families, draft.substrate))} found={draft.conditions} change={(conditions) => { set({ conditions }); }}
            extent={(f, index) => <QuantityField label="of the area" value={f.extent} error={at(`/part/conditions/${index}/extent`)} onChange={(v) => { set({ conditions: draft.conditions.map((x) => (x.id === f.id ? { ...x, extent: v } : x)) }); }} />}
          />
        </section>

        <section aria-label="Size">
          <Heading>How large is it?</Heading>
          {draft.shapes.map((shape, index) => {
            const kind = catalogue.shapes.find((k) => k.kind === shape['kind']);
            const area = shapes.shapes[index];
            return (
              <Box key={index} onFocus={() => { setChosen(index); }} sx={{ borderTop: `1px solid ${tok('rule')}`, borderLeft: `6px solid ${chosen === index ? tok('deep') : 'transparent'}`, pl: 1.5, py: 1.5, display: 'grid', gap: 1.5 }}>
                <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr 1fr auto auto' }, alignItems: 'center' }}>
                  <TextField label="Name" value={shape['name'] ?? ''} onChange={(e) => { setShape(index, { name: e.target.value }); }} />
                  <TextField select label="Shape" value={shape['kind']} onChange={(e) => { set({ shapes: draft.shapes.map((s, i) => (i === index ? { kind: e.target.value, name: s['name'] ?? '', ...(s['length'] ? { length: s['length'] } : {}) } : s)) }); }}>
                    {catalogue.shapes.map((k) => <MenuItem key={k.kind} value={k.kind}>{k.label}</MenuItem>)}
                  </TextField>
                  <Box sx={{ fontSize: 20, minWidth: 90 }}>{area?.area ? <Fig v={area.area} label="Area" /> : <Box component="span" className="mono" sx={{ color: tok('ink2') }}>no area</Box>}</Box>
                  <Button onClick={() => { set({ shapes: draft.shapes.filter((_, i) => i !== index) }); setChosen(0); }} aria-label={`Take out ${shape['name'] ?? 'shape'}`}>Take out</Button>
                </Box>
                <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(auto-fill, minmax(132px, 1fr))' } }}>
                  {kind?.fields.map((f) => {
                    const wrong = area?.pointer === `/${f.name}` && area.error ? area.error : at(`/part/shapes/${index}/${f.name}`);
                    if (f.kind === 'choice') return <TextField key={f.name} select label={f.label} value={shape[f.name] ?? f.options[0] ?? ''} onChange={(e) => { setShape(index, { [f.name]: e.target.value }); }}>{f.options.map((o) => <MenuItem key={o} value={o}>{o}</MenuItem>)}</TextField>;
                    return <QuantityField key={f.name} label={f.label} value={shape[f.name] ?? ''} placeholder={f.kind === 'count' ? '1' : f.required ? '40 mm' : '0 mm'} error={wrong} onChange={(v) => { setShape(index, { [f.name]: v }); }} />;
                  })}
                </Box>
                {area?.error && area.pointer === '' && <Box role="alert" sx={{ color: tok('lead'), fontWeight: 600 }}>{area.error}</Box>}
              </Box>
            );
          })}
          {draft.shapes.length === 0 && <Box sx={{ color: tok('ink2'), mb: 1 }}>Build the part from the shapes it is made of. Type as you measure: 40 mm, 1.2 m, 3 ft 6 in.</Box>}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
            {(['plate', 'strip', 'box-section', 'tube', 'lattice'] as const).map((kind) => {
              const start: Record<string, Shape> = { 'box-section': { width: '40 mm', height: '40 mm', length: '1 m' }, tube: { diameter: '30 mm', length: '1 m' }, plate: { length: '400 mm', width: '300 mm', thickness: '5 mm' }, strip: { width: '1 m', length: '1 m' }, lattice: { diameter: '6 mm', length: '10 m' } };
              return <Button key={kind} onClick={() => { set({ shapes: [...draft.shapes, { kind, name: `Shape ${draft.shapes.length + 1}`, ...start[kind] }] }); setChosen(draft.shapes.length); }}>Add {kind.replace('-', ' ')}</Button>;
            })}
            <Button onClick={() => list.current?.click()}>Open a list (CSV)</Button>
            <input ref={list} type="file" accept=".csv,text/csv,text/plain" hidden aria-label="List of dimensions" onChange={(e) => { void bring(e); }} />
          </Box>
          {listError && <div role="alert"><Notice title="Nothing was taken from the list">{listError}</Notice></div>}
        </section>

        <section aria-label="Service and place">
          <Heading>What is it for, and where is it worked?</Heading>
          <Box sx={grid}>
            {choices('Service', draft.service, catalogue.services.filter((s) => s.substrates.includes(draft.substrate)), (v) => { set({ service: v }); })}
            {choices('Finish wanted', draft.finish, catalogue.finishes, (v) => { set({ finish: v }); })}
            {choices('Worked in', draft.place.kind, catalogue.placeKinds, (v) => { set({ place: { ...draft.place, kind: v, name: catalogue.placeKinds.find((k) => k.id === v)?.name ?? draft.place.name } }); })}
            {choices('Put on with', draft.method, catalogue.methods, (v) => { set({ method: v }); })}
            <QuantityField label="Air temperature there" value={draft.place.temperature} error={at('/place/temperature')} onChange={(v) => { set({ place: { ...draft.place, temperature: v } }); }} />
            <QuantityField label="Relative humidity there" value={draft.place.humidity} error={at('/place/humidity')} onChange={(v) => { set({ place: { ...draft.place, humidity: v } }); }} />
            {view.siblings.length > 0 && choices('Zone of', draft.zoneOf, [{ id: '', name: 'a part of its own', hint: 'or a zone of one piece with another' }, ...view.siblings], (v) => { set({ zoneOf: v }); })}
            {view.siblings.length > 0 && choices('Mounted on', draft.mountedOn, [{ id: '', name: 'nothing', hint: 'what it is taken off from, and goes back on' }, ...view.siblings], (v) => { set({ mountedOn: v }); })}
            <TextField select label="About in that place" value={draft.place.hazards} slotProps={{ select: { multiple: true } }} onChange={(e) => { const v = e.target.value as unknown as string[]; set({ place: { ...draft.place, hazards: v } }); }} helperText="what could meet solvent, water or dust">
              {catalogue.hazards.map((h) => <MenuItem key={h.id} value={h.id}>{h.name}</MenuItem>)}
            </TextField>
            {choices('Wash water lies', draft.water, catalogue.waterLies, (v) => { set({ water: v }); })}
            <TextField select label="Small parts or lattice" value={draft.small ? 'yes' : 'no'} onChange={(e) => { set({ small: e.target.value === 'yes' }); }} helperText="more paint misses them"><MenuItem value="no">no</MenuItem><MenuItem value="yes">yes</MenuItem></TextField>
            <TextField label="Another one would cost" value={draft.replacement} onChange={(e) => { set({ replacement: e.target.value }); }} error={!!at('/part/replacement')} helperText={at('/part/replacement') ?? 'to hold the work against; may stay empty'} />
          </Box>
        </section>

        <section aria-label="Photos"><Photos part={part} /></section>
      </Box>

      <Box component="aside" aria-label="The part as measured" sx={{ p: { xs: 2, sm: 3 }, background: tok('sheet'), borderLeft: { md: `1px solid ${tok('rule')}` }, order: { xs: -1, md: 0 } }}>
        <Box sx={{ position: { md: 'sticky' }, top: 16 }}>
          <Box sx={{ fontSize: 14, color: tok('ink2') }}>Area to coat</Box>
          <Box sx={{ fontSize: 40, mb: 1 }}>{shapes.total ? <Fig v={shapes.total} /> : <span className="mono">not measured</span>}</Box>
          {drawn && <><Box sx={{ fontWeight: 650 }}>{drawn.name}</Box><ShapeDrawing shape={drawn} label={drawn.name} /><Box sx={{ fontSize: 13, color: tok('ink2') }}>Section to scale, length drawn short.</Box></>}
          {place?.dewPoint && <Box sx={{ mt: 2, fontSize: 14.5 }}>Dew point in the {place.name.toLowerCase()}: <Fig v={place.dewPoint} label="Dew point" /></Box>}
          <Button component={Link} to="../route" relative="path" variant="contained" fullWidth sx={{ mt: 2 }}>See the order of work</Button>
          <Worth part={part} />
        </Box>
      </Box>
    </Box>
  );
}

export function Survey() {
  const { part = '' } = useParams();
  const survey = useSurvey(part);
  const catalogue = useCatalogue();
  if (survey.isPending || catalogue.isPending) return <Loading />;
  if (survey.isError) return <Failed error={survey.error} />;
  if (catalogue.isError) return <Failed error={catalogue.error} />;
  return <Editor view={survey.data} catalogue={catalogue.data} key={survey.data.id} />;
}
