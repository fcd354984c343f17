import { type Schemas } from '../../api/client';
import { type Shape } from './asKind';
import { type DraftPlace, draftPlace } from './WorkedIn';

/**
 * Where a shape of the draft came from, so that what nobody touched goes back as it was stored, not as it was shown.
 */
const source = '_of';

/** The plain fields of a part, under their names in a job file. */
export type Fields = Omit<
  Schemas['PartBody'],
  'id' | 'name' | 'substrate' | 'place' | 'conditions' | 'shapes' | 'schools'
>;

/** What nobody said anything about is left out. */
const said = ({ room, ...fields }: Fields): Fields => {
  const sized = Object.entries(room ?? {}).filter(([k, v]) => v && (k !== 'way' || v !== 'stands'));
  return {
    ...(Object.fromEntries(
      Object.entries(fields).filter(([, v]) => typeof v !== 'string' || v.trim() !== ''),
    ) as Fields),
    ...(room && sized.length > 0 ? { room: { ...Object.fromEntries(sized), way: room.way ?? 'stands' } } : {}),
  };
};

export interface Draft {
  name: string;
  substrate: string;
  conditions: { id: string; grade: string; extent: string }[];
  shapes: Shape[];
  fields: Fields;
  place: DraftPlace;
}

/** What a section of the survey is given: stored, to choose from, as typed, and what was refused where. */
export interface Section {
  view: Schemas['SurveyView'];
  catalogue: Schemas['CatalogueView'];
  draft: Draft;
  set: (change: Partial<Draft>) => void;
  at: (pointer: string) => string | undefined;
}

/** What it is mounted on is one of its ties; the plain word for it in older files is read as one. */
function tied({ mounted_on: on, ...fields }: Fields): Fields {
  const links = fields.links ?? [];
  return on && !links.some((l) => l.as === 'mounted-on')
    ? { ...fields, links: [{ as: 'mounted-on', to: on }, ...links] }
    : fields;
}

export function draftOf(view: Schemas['SurveyView']): Draft {
  const place = view.places.find((p) => p.id === view.place);
  return {
    name: view.name,
    substrate: view.substrate,
    fields: tied(view.fields as Fields),
    conditions: view.conditions.map(({ id, grade, extent }) => ({ id, grade, extent })),
    shapes: view.shapes.shapes.map((s, i) => ({ ...s.dimensions, kind: s.kind, name: s.name, [source]: String(i) })),
    place: place
      ? draftPlace(place)
      : { id: view.place, name: '', kind: 'heated-bay', temperature: '18 C', humidity: '55 %', hazards: [] },
  };
}

/** A text nobody changed stands for the stored value, which may be finer than what is shown and in other units. */
const asStored = (typed: string, shown: string | undefined, value: number | undefined): string | number =>
  value !== undefined && typed === shown ? value : typed;

export const bodyOf = (draft: Draft, view: Schemas['SurveyView'], version: number): Schemas['SurveyBody'] => ({
  version,
  part: {
    id: view.slug,
    name: draft.name,
    substrate: draft.substrate,
    place: draft.place.id,
    ...said(draft.fields),
    ...(Object.keys(view.schools).length > 0 ? { schools: view.schools } : {}),
    conditions: draft.conditions.map((c) => {
      const was = view.conditions.find((x) => x.id === c.id);
      return { ...c, extent: asStored(c.extent, was?.extent, was?.extentValue) };
    }),
    shapes: draft.shapes.map((s) => {
      const was = view.shapes.shapes[Number(s[source] ?? -1)];
      return Object.fromEntries(
        Object.entries(s)
          .filter(([k, v]) => k !== source && v.trim() !== '')
          .map(([k, v]) => [k, asStored(v, was?.dimensions[k], was?.values[k])]),
      );
    }),
  },
  place: placeOf(draft, view),
});

function placeOf(draft: Draft, view: Schemas['SurveyView']): Schemas['PlaceBody'] {
  const was = view.places.find((p) => p.id === draft.place.id);
  return {
    ...draft.place,
    temperature: asStored(draft.place.temperature, was?.temperature, was?.temperatureValue),
    humidity: asStored(draft.place.humidity, was?.humidity, was?.humidityValue),
  };
}
