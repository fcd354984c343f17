import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test } from 'vitest';
import { json, server, shown } from '../../testing/shown';
import { Unharmed } from './Unharmed';

test('who has looked says so with one tap, at this hour', async () => {
  const asked = server(() => json({ gained: [], because: '' }, 201));
  shown(<Unharmed part="p1" />);
  await userEvent.click(screen.getByRole('button', { name: 'I looked: it is unharmed' }));
  const sent = asked.find((a) => a.method === 'POST');
  expect(sent?.path).toBe('/api/parts/p1/log');
  expect(sent?.body).toMatchObject({ kind: 'unharmed' });
  const { at } = sent?.body as { at: string };
  expect(Math.abs(new Date(at).getTime() - Date.now())).toBeLessThan(60_000);
  expect(screen.queryByText('Not written')).toBeNull();
});

test('what stands against it is said', async () => {
  server(() => json({ detail: 'Nothing has come yet.', errors: [] }, 422));
  shown(<Unharmed part="p1" />);
  await userEvent.click(screen.getByRole('button', { name: 'I looked: it is unharmed' }));
  expect(await screen.findByText('Nothing has come yet.')).toBeTruthy();
});
