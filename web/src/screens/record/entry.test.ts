import { expect, test } from 'vitest';
import type { Schemas } from '../../api/client';
import { begun, line } from './entry';

const entry = {
  id: 'e1',
  kind: 'finish',
  stepKey: 's1',
  stepName: 'Coat',
  at: '2026-05-13T08:10:00Z',
  temperature: '18 °C',
  humidity: '55 %',
  note: 'thin',
  used: '400 mL',
  film: '',
} as unknown as Schemas['EntryView'];

const about = { correcting: null, step: 's2', coat: true, asked: '' };

test('what was left alone is not said', () => {
  const typed = { ...begun(null, 's2'), at: '2026-05-13T09:30', note: '  ', used: '0.4 L' };
  expect(line(typed, about)).toEqual({
    kind: 'finish',
    at: new Date('2026-05-13T09:30').toISOString().replace('.000Z', 'Z'),
    step: 's2',
    used: '0.4 L',
  });
  expect(line(typed, { ...about, coat: false, step: null })).not.toHaveProperty('used');
});

test('only air that was read goes along', () => {
  const typed = { ...begun(null, ''), temperature: '12 C' };
  expect(line(typed, about)).toMatchObject({ temperature: '12 C' });
  expect(line(typed, about)).not.toHaveProperty('humidity');
});

test('a correction keeps the hour and the air that nobody changed', () => {
  const sent = line(begun(entry, ''), { ...about, correcting: entry, step: 's1' });
  expect(sent).toEqual({
    kind: 'correction',
    at: entry.at,
    step: 's1',
    note: 'thin',
    corrects: 'e1',
    withdrawn: false,
  });
  const gone = line({ ...begun(entry, ''), withdrawn: true, used: '500 mL' }, { ...about, correcting: entry });
  expect(gone).toMatchObject({ withdrawn: true, used: '500 mL' });
});

test('why it goes on all the same is said only where it was asked', () => {
  const typed = { ...begun(null, 's2'), reason: 'the tent is up' };
  expect(line(typed, { ...about, asked: '/outside' })).toMatchObject({ outside: 'the tent is up' });
  expect(line(typed, { ...about, asked: '/despite' })).toMatchObject({ despite: 'the tent is up' });
  expect(line(typed, about)).not.toHaveProperty('outside');
});
