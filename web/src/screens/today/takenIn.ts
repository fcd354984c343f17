import type { Schemas } from '../../api/client';

/** The choice of a place that is not there yet. */
export const another = '+';

/** What is typed where a part is taken in. */
export interface Typed {
  job: string;
  newJob: string;
  name: string;
  substrate: string;
  place: string;
  kind: string;
  placeName: string | null;
}

type Place = Schemas['PlaceLine'];

/** A short id in plain letters that none of the others has. */
export function slugOf(name: string, taken: string[], otherwise: string): string {
  const stem =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 50) || otherwise;
  let id = stem;
  for (let n = 2; taken.includes(id); n += 1) id = `${stem}-${String(n)}`;
  return id;
}

/** The job's places, the one last worked with first; then what else the yard has. One name is one place. */
export function placesFor(jobs: Schemas['JobView'][], job: string): Place[] {
  const own = jobs.find((j) => j.id === job)?.places ?? [];
  const yard = jobs.filter((j) => j.id !== job).flatMap((j) => j.places);
  const seen = new Set<string>();
  return [...[...own].reverse(), ...[...yard].reverse()].filter((p) => !seen.has(p.name) && seen.add(p.name));
}

/** A place of the yard as this job has it, or a new one under an id of its own. */
export function placeBody(
  places: Place[],
  chosen: string,
  fresh: { name: string; kind: string },
  jobs: Schemas['JobView'][],
  job: string,
): Schemas['PlaceBody'] {
  const own = jobs.find((j) => j.id === job)?.places ?? [];
  const ids = own.map((p) => p.id);
  const known = places.find((p) => p.name === chosen);
  if (!known)
    return {
      id: slugOf(fresh.name, ids, 'place'),
      name: fresh.name,
      kind: fresh.kind,
      temperature: '18 C',
      humidity: '55 %',
    };
  const { kind, temperature, humidity, hazards, name } = known;
  return {
    id: own.find((p) => p.name === name)?.id ?? slugOf(name, ids, 'place'),
    name,
    kind,
    temperature,
    humidity,
    hazards,
  };
}

/** What a part begins with; the rest is asked in its survey. */
export function partBody(
  catalogue: Schemas['CatalogueView'],
  name: string,
  substrate: string,
  place: string,
  job: Schemas['JobView'] | undefined,
) {
  const first = (list: Schemas['Option'][]): string => list[0]?.id ?? '';
  return {
    id: slugOf(name, job?.parts.map((p) => p.slug) ?? [], 'part'),
    name,
    substrate,
    service: first(catalogue.services),
    finish: catalogue.finishes[1]?.id ?? first(catalogue.finishes),
    place,
    conditions: [],
    shapes: [],
  };
}
