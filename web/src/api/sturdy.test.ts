import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { json, server } from '../testing/shown';
import { setToken, sturdyFetch } from './sturdy';

const write = (body: unknown) =>
  new Request('http://yard.example/api/parts/1/log', { method: 'POST', body: JSON.stringify(body) });

describe('a write', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    setToken('first');
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it('is sent again with the same key when the answer is lost', async () => {
    let lost = 2;
    const asked = server(() => (lost-- > 0 ? new TypeError('lost') : json({}, 201)));
    const answer = sturdyFetch(write({ kind: 'finish' }));
    await vi.runAllTimersAsync();
    expect((await answer).status).toBe(201);
    expect(asked).toHaveLength(3);
    expect(new Set(asked.map((a) => a.headers.get('Idempotency-Key'))).size).toBe(1);
  });

  it('keeps its key while nobody answered, and takes another once one did', async () => {
    let there = false;
    const asked = server(() => (there ? json({}) : new TypeError('lost')));
    const first = sturdyFetch(write({ kind: 'note' })).catch((e: unknown) => e);
    await vi.runAllTimersAsync();
    expect(await first).toBeInstanceOf(TypeError);
    there = true;
    await sturdyFetch(write({ kind: 'note' }));
    await sturdyFetch(write({ kind: 'note' }));
    const keys = asked.map((a) => a.headers.get('Idempotency-Key'));
    expect(keys[3]).toBe(keys[0]);
    expect(keys[4]).not.toBe(keys[0]);
  });

  it('takes the new token of a renewed session and goes through', async () => {
    const asked = server((a) => {
      if (a.path === '/api/session') return json({ token: 'second' });
      return a.headers.get('X-Hull-Token') === 'second'
        ? json({}, 201)
        : json({ title: 'The page is out of date' }, 403);
    });
    expect((await sturdyFetch(write({ kind: 'note' }))).status).toBe(201);
    expect(asked.map((a) => a.path)).toEqual(['/api/parts/1/log', '/api/session', '/api/parts/1/log']);
  });

  it('is not repeated when it was refused', async () => {
    const asked = server(() => json({ title: 'No' }, 422));
    expect((await sturdyFetch(write({ kind: 'note' }))).status).toBe(422);
    expect(asked).toHaveLength(1);
  });
});
