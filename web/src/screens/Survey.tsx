import { Box, Button, MenuItem, TextField } from '@mui/material';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useBlocker, useParams } from 'react-router';
import { api, Refusal, settle, type Schemas } from '../api/client';
import { useCatalogue, useSaveSurvey, useSurvey } from '../api/hooks';
import { Findings } from './Findings';
import { NotStored } from './NotStored';
import { Photos } from './Photos';
import { Shapes, type Shape } from './Shapes';
import { Telling } from './Telling';
import { draftPlace, WorkedIn, type DraftPlace } from './WorkedIn';
import { Worth } from './Worth';
import { ShapeDrawing } from '../figures/ShapeDrawing';
import { Failed, Heading, Loading, Title } from '../parts/Bits';
import { Fig } from '../parts/Fig';
import { QuantityField } from '../parts/QuantityField';
import { tok } from '../theme/tokens';

/**
 * Where a shape of the draft came from, so that what nobody touched goes back as it was stored, not as it was shown.
 */
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
  place: DraftPlace;
}

function draftOf(view: Schemas['SurveyView']): Draft {
  const place = view.places.find((p) => p.id === view.place);
  return {
    zoneOf: view.zoneOf ?? '',
    mountedOn: view.mountedOn ?? '',
    replacement: view.replacement,
    name: view.name,
    substrate: view.substrate,
    service: view.service,
    finish: view.finish,
    method: view.method,
    small: view.smallOrLattice,
    water: view.waterLies,
    conditions: view.conditions.map(({ id, grade, extent }) => ({ id, grade, extent })),
    shapes: view.shapes.shapes.map((s, i) => ({ ...s.dimensions, kind: s.kind, name: s.name, [source]: String(i) })),
    place: place
      ? draftPlace(place)
      : { id: view.place, name: '', kind: 'heated-bay', temperature: '18 C', humidity: '55 %', hazards: [] },
  };
}

/** A text nobody changed stands for the stored value, which may be finer than what is shown and in other units. */
const asStored = (typed: string, shown: string | undefined, si: number | undefined): string | number =>
  si !== undefined && typed === shown ? si : typed;

const bodyOf = (draft: Draft, view: Schemas['SurveyView'], version: number): Schemas['SurveyBody'] => ({
  version,
  part: {
    id: view.slug,
    name: draft.name,
    substrate: draft.substrate,
    service: draft.service,
    finish: draft.finish,
    place: draft.place.id,
    method: draft.method,
    small_or_lattice: draft.small,
    water_lies: draft.water,
    ...(draft.zoneOf ? { zone_of: draft.zoneOf } : {}),
    ...(draft.mountedOn ? { mounted_on: draft.mountedOn } : {}),
    ...(draft.replacement.trim() ? { replacement: draft.replacement } : {}),
    ...(Object.keys(view.schools).length > 0 ? { schools: view.schools } : {}),
    conditions: draft.conditions.map((c) => {
      const was = view.conditions.find((x) => x.id === c.id);
      return { ...c, extent: asStored(c.extent, was?.extent, was?.extentSi) };
    }),
    shapes: draft.shapes.map((s) => {
      const was = view.shapes.shapes[Number(s[source] ?? -1)];
      return Object.fromEntries(
        Object.entries(s)
          .filter(([k, v]) => k !== source && v.trim() !== '')
          .map(([k, v]) => [k, asStored(v, was?.dimensions[k], was?.si[k])]),
      );
    }),
  },
  place: placeOf(draft, view),
});

function placeOf(draft: Draft, view: Schemas['SurveyView']): Schemas['PlaceBody'] {
  const was = view.places.find((p) => p.id === draft.place.id);
  return {
    ...draft.place,
    temperature: asStored(draft.place.temperature, was?.temperature, was?.temperatureSi),
    humidity: asStored(draft.place.humidity, was?.humidity, was?.humiditySi),
  };
}

function Editor({ view: opened, catalogue }: { view: Schemas['SurveyView']; catalogue: Schemas['CatalogueView'] }) {
  const { part = '' } = useParams();
  const save = useSaveSurvey(part);
  const [view] = useState(opened);
  const [draft, setDraft] = useState(() => draftOf(view));
  const [shapes, setShapes] = useState(view.shapes);
  const [places, setPlaces] = useState(view.places);
  const [state, setState] = useState<'saved' | 'saving' | 'refused'>('saved');
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [chosen, setChosen] = useState(0);
  const version = useRef(view.version);
  const queue = useRef<Promise<boolean>>(Promise.resolve(true));
  const latest = useRef(draft);
  const stored = useRef(draft);
  const mutate = save.mutateAsync;

  /** Stores what stands in the fields now, after whatever is under way; says whether it was taken. */
  const store = useCallback((): Promise<boolean> => {
    queue.current = queue.current.then(async () => {
      const now = latest.current;
      if (now === stored.current) return true;
      try {
        const measured = await settle(api.POST('/api/shapes', { body: { shapes: bodyOf(now, view, 1).part.shapes } }));
        setShapes(measured);
        const unread = measured.shapes.findIndex((s) => s.error !== '');
        if (unread >= 0)
          throw new Refusal(
            measured.shapes[unread]?.error ?? '',
            422,
            `/part/shapes/${String(unread)}${measured.shapes[unread]?.pointer ?? ''}`,
            '',
          );
        const answer = await mutate(bodyOf(now, view, version.current));
        version.current = answer.version;
        stored.current = now;
        setPlaces(answer.places);
        if (latest.current !== now) return true;
        setRefusal(null);
        setState('saved');
        return true;
      } catch (cause) {
        setRefusal(cause instanceof Refusal ? cause : new Refusal('That did not work.', 0, '', ''));
        setState('refused');
        return false;
      }
    });
    return queue.current;
  }, [view, mutate]);

  useEffect(() => {
    latest.current = draft;
    if (draft === stored.current) return;
    const timer = setTimeout(() => {
      void store();
    }, 450);
    return () => {
      clearTimeout(timer);
    };
  }, [draft, store]);

  // Going on stores first; what is refused keeps the page.
  const { state: blocked, proceed, reset } = useBlocker(useCallback(() => latest.current !== stored.current, []));
  useEffect(() => {
    if (blocked === 'blocked')
      void store().then((taken) => {
        if (taken && latest.current === stored.current) proceed();
      });
  }, [blocked, proceed, store]);
  const set = (change: Partial<Draft>) => {
    if (blocked === 'blocked') reset();
    setState('saving');
    setDraft((d) => ({ ...d, ...change }));
  };
  const said = refusal ? `${refusal.message}${refusal.accepted ? ` Accepted: ${refusal.accepted}.` : ''}` : '';
  const at = (pointer: string): string | undefined => (refusal?.pointer === pointer ? said : undefined);
  /** What is wrong with a shape at a field that its kind does not have. */
  const strays = (index: number, fields: string[]): string[] =>
    refusal?.pointer.startsWith(`/part/shapes/${String(index)}/`) &&
    !fields.includes(refusal.pointer.split('/')[4] ?? '')
      ? [said]
      : [];
  const place = places.find((p) => p.id === draft.place.id);
  const choices = (label: string, value: string, options: Schemas['Option'][], change: (v: string) => void) => (
    <TextField
      select
      label={label}
      value={value}
      onChange={(e) => {
        change(e.target.value);
      }}
      helperText={options.find((o) => o.id === value)?.hint}
    >
      {options.map((o) => (
        <MenuItem key={o.id} value={o.id}>
          {o.name}
        </MenuItem>
      ))}
    </TextField>
  );
  const substrate = catalogue.substrates.find((s) => s.id === draft.substrate);
  const drawn = shapes.shapes[chosen];
  const occurs = (families: string[], id: string) =>
    families.length === 0 || families.some((f) => catalogue.substrates.find((s) => s.id === id)?.families.includes(f));
  /** What cannot occur on the new material is dropped with it, and so is a service it is not for. */
  const madeOf = (id: string) => {
    const suited = catalogue.services.filter((s) => s.substrates.includes(id));
    set({
      substrate: id,
      conditions: draft.conditions.filter((c) =>
        occurs(catalogue.conditions.find((x) => x.id === c.id)?.families ?? [], id),
      ),
      service: suited.some((s) => s.id === draft.service) ? draft.service : (suited[0]?.id ?? draft.service),
    });
  };
  const grid = { display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } };

  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0,1fr) 372px' } }}>
      <Box sx={{ p: { xs: 2, sm: 3 }, display: 'grid', gap: 3, alignContent: 'start' }}>
        <Box>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', justifyContent: 'space-between' }}>
            <Title sub="Take in and judge">{draft.name || 'Unnamed part'}</Title>
            <Box
              role="status"
              sx={{ fontSize: 14, fontWeight: 650, color: tok(state === 'refused' ? 'lead' : 'ink2') }}
            >
              {state === 'saved' ? 'Stored' : state === 'saving' ? 'Storing …' : 'Not stored yet'}
            </Box>
          </Box>
          <Box sx={grid}>
            <TextField
              label="Part"
              data-pointer="/part/name"
              value={draft.name}
              onChange={(e) => {
                set({ name: e.target.value });
              }}
              error={!!at('/part/name')}
              helperText={at('/part/name')}
            />
            <TextField
              select
              label="Made of"
              value={draft.substrate}
              onChange={(e) => {
                madeOf(e.target.value);
              }}
              helperText={substrate?.tell}
            >
              {catalogue.substrates.map((s) => (
                <MenuItem key={s.id} value={s.id}>
                  {s.name}
                </MenuItem>
              ))}
            </TextField>
          </Box>
          <Box sx={{ mt: 1 }}>
            <Telling catalogue={catalogue} choose={madeOf} />
          </Box>
        </Box>

        <section aria-label="Conditions">
          <Heading>How bad is it?</Heading>
          <Findings
            conditions={catalogue.conditions.filter((c) => occurs(c.families, draft.substrate))}
            found={draft.conditions}
            change={(conditions) => {
              set({ conditions });
            }}
            extent={(f, index) => (
              <QuantityField
                label="of the area"
                of="percentage"
                value={f.extent}
                error={at(`/part/conditions/${String(index)}/extent`)}
                pointer={`/part/conditions/${String(index)}/extent`}
                onChange={(v) => {
                  set({ conditions: draft.conditions.map((x) => (x.id === f.id ? { ...x, extent: v } : x)) });
                }}
              />
            )}
          />
        </section>

        <Shapes
          kinds={catalogue.shapes}
          shapes={draft.shapes}
          measured={shapes}
          chosen={chosen}
          choose={setChosen}
          change={(to) => {
            set({ shapes: to });
          }}
          error={at}
          strays={strays}
        />

        <section aria-label="Service and place">
          <Heading>What is it for, and where is it worked?</Heading>
          <Box sx={grid}>
            {choices(
              'Service',
              draft.service,
              catalogue.services.filter((s) => s.substrates.includes(draft.substrate)),
              (v) => {
                set({ service: v });
              },
            )}
            {choices('Finish wanted', draft.finish, catalogue.finishes, (v) => {
              set({ finish: v });
            })}
            <WorkedIn
              places={places}
              kinds={catalogue.placeKinds}
              hazards={catalogue.hazards}
              place={draft.place}
              change={(to) => {
                set({ place: to });
              }}
              error={at}
            />
            {choices('Put on with', draft.method, catalogue.methods, (v) => {
              set({ method: v });
            })}
            {view.siblings.length > 0 &&
              choices(
                'Zone of',
                draft.zoneOf,
                [{ id: '', name: 'a part of its own', hint: 'or a zone of one piece with another' }, ...view.siblings],
                (v) => {
                  set({ zoneOf: v });
                },
              )}
            {view.siblings.length > 0 &&
              choices(
                'Mounted on',
                draft.mountedOn,
                [{ id: '', name: 'nothing', hint: 'what it is taken off from, and goes back on' }, ...view.siblings],
                (v) => {
                  set({ mountedOn: v });
                },
              )}
            {choices('Wash water lies', draft.water, catalogue.waterLies, (v) => {
              set({ water: v });
            })}
            <TextField
              select
              label="Small parts or lattice"
              value={draft.small ? 'yes' : 'no'}
              onChange={(e) => {
                set({ small: e.target.value === 'yes' });
              }}
              helperText="more paint misses them"
            >
              <MenuItem value="no">no</MenuItem>
              <MenuItem value="yes">yes</MenuItem>
            </TextField>
            <TextField
              label="Another one would cost"
              data-pointer="/part/replacement"
              value={draft.replacement}
              onChange={(e) => {
                set({ replacement: e.target.value });
              }}
              error={!!at('/part/replacement')}
              helperText={at('/part/replacement') ?? 'to hold the work against; may stay empty'}
            />
          </Box>
        </section>

        <section aria-label="Photos">
          <Photos part={part} />
        </section>
      </Box>

      {refusal && state === 'refused' && (
        <NotStored
          refusal={refusal}
          leaving={blocked === 'blocked'}
          leave={() => {
            proceed?.();
          }}
        />
      )}
      <Box
        component="aside"
        aria-label="The part as measured"
        sx={{
          p: { xs: 2, sm: 3 },
          background: tok('sheet'),
          borderLeft: { md: `1px solid ${tok('rule')}` },
          order: { xs: -1, md: 0 },
        }}
      >
        <Box sx={{ position: { md: 'sticky' }, top: 16 }}>
          <Box sx={{ fontSize: 14, color: tok('ink2') }}>Area to coat</Box>
          <Box sx={{ fontSize: 40, mb: 1 }}>
            {shapes.total ? <Fig v={shapes.total} /> : <span className="mono">not measured</span>}
          </Box>
          {drawn && (
            <>
              <Box sx={{ fontWeight: 650 }}>{drawn.name}</Box>
              <ShapeDrawing shape={drawn} label={drawn.name} />
              <Box sx={{ fontSize: 13, color: tok('ink2') }}>Section to scale, length drawn short.</Box>
            </>
          )}
          {place?.dewPoint && (
            <Box sx={{ mt: 2, fontSize: 14.5 }}>
              Dew point in the {place.name.toLowerCase()}: <Fig v={place.dewPoint} label="Dew point" />
            </Box>
          )}
          <Button component={Link} to="../route" relative="path" variant="contained" fullWidth sx={{ mt: 2 }}>
            See the order of work
          </Button>
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
