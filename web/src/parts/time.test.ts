import { describe, expect, it, vi } from 'vitest';
import { axisDay, clock, day, fromLocalInput, toLocalInput, when } from './time';

const reading = (...languages: string[]) => vi.spyOn(navigator, 'languages', 'get').mockReturnValue(languages);

describe('a day', () => {
  it('is written as the reader of English does', () => {
    reading('en-US', 'de');
    expect(day('2026-05-13')).toBe('May 13, 2026');
    reading('de', 'en-GB');
    expect(day('2026-05-13')).toBe('13 May 2026');
    reading('fr');
    expect(day('2026-05-13')).toBe('13 May 2026');
  });

  it('is a word for today and tomorrow', () => {
    reading('en-GB');
    expect(when('2026-05-13T14:05:00Z', '2026-05-13T08:00:00Z')).toMatch(/^today \d\d:05$/);
    expect(when('2026-05-14T14:05:00Z', '2026-05-13T08:00:00Z')).toMatch(/^tomorrow \d\d:05$/);
    expect(when('2026-05-15T14:05:00Z', '2026-05-13T08:00:00Z')).toMatch(/^Fri,? 15 May \d\d:05$/);
    expect(when(null, '2026-05-13T08:00:00Z')).toBe('not at this temperature');
  });

  it('has the word that its axis has room for', () => {
    reading('en-GB');
    const d = new Date('2026-05-13T12:00:00Z');
    expect(axisDay(d, 40)).toBe('Wed 13');
    expect(axisDay(d, 100)).toMatch(/^Wed,? 13 May$/);
    expect(axisDay(d, 900)).toBe('13 May');
  });

  it('counts 24 hours everywhere', () => {
    reading('en-US');
    expect(clock(new Date(2026, 4, 13, 17, 5))).toBe('17:05');
    expect(clock(new Date(2026, 4, 13, 0, 5))).toBe('00:05');
  });
});

it('goes through the input of a form and back', () => {
  const d = new Date('2026-05-13T14:05:00Z');
  expect(fromLocalInput(toLocalInput(d))).toBe('2026-05-13T14:05:00Z');
  expect(fromLocalInput('soon')).toBe('soon');
});
