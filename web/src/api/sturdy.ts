/**
 * Sends what the interface writes so that a lost answer does no harm: each write carries a key that the server counts
 * once, the same key until an answer has come; a page whose session was renewed gets its token and sends again.
 */
const STALE = 'The page is out of date';
const TRIES = 3;
const PAUSE_MS = 700;

let token = '';
/** Keys of writes that nobody answered yet, by what was sent. */
const unanswered = new Map<string, string>();

/** Every write carries the token of the session. */
export function setToken(value: string): void {
  token = value;
}

const newKey = (): string =>
  [...crypto.getRandomValues(new Uint8Array(16))].map((b) => b.toString(16).padStart(2, '0')).join('');
const pause = (ms: number): Promise<void> =>
  new Promise((done) => {
    setTimeout(done, ms);
  });

async function isStale(response: Response): Promise<boolean> {
  if (response.status !== 403) return false;
  const problem = (await response
    .clone()
    .json()
    .catch(() => null)) as { title?: string } | null;
  return problem?.title === STALE;
}

async function renewToken(): Promise<void> {
  const session = (await (await fetch('/api/session')).json()) as { token: string };
  token = session.token;
}

/** Sends once, and again where the network failed: the key makes sure that it counts once. */
async function send(request: Request): Promise<Response> {
  for (let tries = 1; ; tries++) {
    try {
      return await fetch(request.clone());
    } catch (cause) {
      if (tries >= TRIES) throw cause;
      await pause(PAUSE_MS * tries);
    }
  }
}

export async function sturdyFetch(request: Request): Promise<Response> {
  if (request.method === 'GET') return fetch(request);
  const asked = [request.method, request.url, await request.clone().text()].join('\n');
  const key = unanswered.get(asked) ?? newKey();
  unanswered.set(asked, key);
  const keyed = (): Request => {
    const r = request.clone();
    r.headers.set('X-Hull-Token', token);
    r.headers.set('Idempotency-Key', key);
    return r;
  };
  let response = await send(keyed());
  if (await isStale(response)) {
    await renewToken();
    response = await send(keyed());
  }
  unanswered.delete(asked);
  return response;
}
