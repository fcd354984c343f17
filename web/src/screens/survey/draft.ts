import { type Schemas } from '../../api/client';
import { type Shape } from './Shapes';
import { type DraftPlace, draftPlace } from './WorkedIn';

/**
 * Where a shape of the draft came from, so that what nobody touched goes back as it was stored, not as it was shown.
 */
const source = '_of';

export interface Draft {
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

export function draftOf(view: Schemas['SurveyView']): Draft {
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

export const bodyOf = (draft: Draft, view: Schemas['SurveyView'], version: number): Schemas['SurveyBody'] => ({
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
