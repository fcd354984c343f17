/** The names under which answers of the server are kept, each once: what goes stale is named by the same. */
import type { Schemas } from './client';

export interface Tools {
  vessel: string;
  scale: string;
  helper: string;
  tray: string;
}

export interface WhatIf {
  coats: string;
  loss: string;
  breeze: string;
  method: string;
}

const part = (id: string) => ['part', id] as const;

export const keys = {
  session: ['session'] as const,
  catalogue: ['catalogue'] as const,
  workshop: ['workshop'] as const,
  gear: ['gear'] as const,
  today: ['today'] as const,
  jobs: ['jobs'] as const,
  job: (id: string) => ['jobs', id] as const,
  closed: (archived: boolean, page: number, search: string) => ['closed', archived, page, search] as const,
  store: ['store'] as const,
  crew: ['crew'] as const,
  calendar: ['calendar'] as const,
  part,
  survey: (id: string) => [...part(id), 'survey'] as const,
  masking: (id: string) => [...part(id), 'masking'] as const,
  route: (id: string) => [...part(id), 'route'] as const,
  mix: (id: string, tools: Tools) => [...part(id), 'mix', tools] as const,
  cover: (id: string, step: string) => [...part(id), 'cover', step] as const,
  pour: (id: string, step: string, tools: Tools, poured: number, zero: number) =>
    [...part(id), 'pour', step, tools, poured, zero] as const,
  windows: (id: string) => [...part(id), 'windows'] as const,
  record: (id: string) => [...part(id), 'record'] as const,
  help: (id: string) => [...part(id), 'help'] as const,
  year: (id: string) => [...part(id), 'year'] as const,
  worth: (id: string) => [...part(id), 'worth'] as const,
  photos: (id: string) => [...part(id), 'photos'] as const,
  partFilms: (id: string) => [...part(id), 'films'] as const,
  partFilm: (id: string, version: number, film: string) => [...part(id), 'films', version, film] as const,
  beside: (id: string, question: string, answer: string) => [...part(id), 'beside', question, answer] as const,
  /** By version of the route: another route has other ways beside it. */
  alternatives: (id: string, version: number) => [...part(id), 'alternatives', version] as const,
  answers: (id: string, version: number, question: string) => [...part(id), 'alternatives', version, question] as const,
  boards: ['board'] as const,
  board: (job: string) => ['board', job] as const,
  quantities: (job: string, ask: WhatIf) => ['board', job, 'quantities', ask] as const,
  cards: (job: string) => ['cards', job] as const,
  register: (job: string) => ['register', job] as const,
  label: (code: string) => ['label', code] as const,
  triedCard: (job: string, body: Schemas['WorkCardBody']) => ['cards', job, 'try', body] as const,
  plan: ['plan'] as const,
  nextHour: ['plan', 'next'] as const,
  floor: ['plan', 'floor'] as const,
  triedPut: (id: string, start: string | null) => ['plan', 'try', id, start] as const,
  asIf: (place: string, heat: string, dry: string, room: string) => ['plan', 'as-if', place, heat, dry, room] as const,
  telling: (signs: Record<string, string>) => ['telling', signs] as const,
  understood: (of: string | undefined, typed: string) => ['understood', of, typed] as const,
  films: (substrate: string) => ['films', substrate] as const,
  verdicts: (substrate: string, below: string) => ['verdicts', substrate, below] as const,
  verdict: (substrate: string, below: string, above: string) => ['verdict', substrate, below, above] as const,
  ownCatalogue: ['own-catalogue'] as const,
  checkedOwn: (text: string) => ['own-catalogue', 'check', text] as const,
};
