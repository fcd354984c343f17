import type { Schemas } from '../../api/client';
import { days, type Week } from './week';

/** Who works when, as it is typed: hours and days of a list between commas. */
export interface CrewDraft {
  people: { name: string; hours: Week; off: string }[];
  quiet: Week;
  off: string;
  floors: string;
  gear: Record<string, number>;
  climate: string;
  worth: Record<string, string>;
}

const list = (text: string): string[] =>
  text
    .split(',')
    .map((s) => s.trim())
    .filter((s) => s !== '');

const asText = (week: Record<string, string[]>): Week =>
  Object.fromEntries(days.map(([d]) => [d, (week[d] ?? []).join(', ')]));

const asHours = (week: Week): Record<string, string[]> =>
  Object.fromEntries(days.map(([d]) => [d, list(week[d] ?? '')] as const).filter(([, spans]) => spans.length > 0));

export const drafted = (crew: Schemas['CrewView']): CrewDraft => ({
  people: crew.people.map((p) => ({ name: p.name, hours: asText(p.hours), off: p.off.join(', ') })),
  quiet: asText(crew.quiet),
  off: crew.off.join(', '),
  floors: Object.entries(crew.floors)
    .map(([p, m]) => `${p}: ${m}`)
    .join(', '),
  gear: crew.gear,
  climate: crew.climate,
  worth: Object.fromEntries(Object.entries(crew.worth).map(([id, hours]) => [id, String(hours)])),
});

export const sent = (d: CrewDraft, version: number): Schemas['CrewBody'] => ({
  version,
  people: d.people.map((p) => ({ name: p.name, hours: asHours(p.hours), off: list(p.off) })),
  quiet: asHours(d.quiet),
  off: list(d.off),
  floors: Object.fromEntries(
    list(d.floors).map((f) => {
      const [place = '', m2 = ''] = f.split(':');
      return [place.trim(), m2.trim()];
    }),
  ),
  gear: d.gear,
  climate: d.climate,
  worth: Object.fromEntries(Object.entries(d.worth).map(([id, hours]) => [id, Number(hours.replace(',', '.'))])),
});

/** Somebody new, there on Saturday mornings. */
export const helper = () => ({ name: '', hours: asText({ sat: ['9:00-13:00'] }), off: '' });
