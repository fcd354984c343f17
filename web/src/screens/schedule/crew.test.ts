import { expect, test } from 'vitest';
import type { Schemas } from '../../api/client';
import { drafted, helper, sent } from './crew';

const crew = {
  version: 3,
  people: [{ name: 'Wren', hours: { mon: ['8:00-12:30', '13:00-17:00'] }, off: ['2026-12-03'] }],
  quiet: { sun: ['0:00-24:00'] },
  off: [],
  floors: { 'Heated bay': '24 m2' },
  gear: { 'spray-gun': 2 },
  climate: 'coast',
  worth: { day: 4, turn: 0.25 },
} as unknown as Schemas['CrewView'];

test('what is typed goes back as it came', () => {
  const draft = drafted(crew);
  expect(draft.people[0]?.hours['mon']).toBe('8:00-12:30, 13:00-17:00');
  expect(draft.people[0]?.hours['tue']).toBe('');
  expect(draft.floors).toBe('Heated bay: 24 m2');
  expect(sent(draft, 3)).toEqual({ ...crew });
});

test('a comma is a point in a figure, and empty places of a list are none', () => {
  const draft = { ...drafted(crew), off: ' 2026-12-25, ,', worth: { day: '4,5' } };
  expect(sent(draft, 3)).toMatchObject({ off: ['2026-12-25'], worth: { day: 4.5 } });
});

test('a new helper is there on Saturday mornings', () => {
  expect(helper().hours['sat']).toBe('9:00-13:00');
});
