import { t } from '@lingui/core/macro';
import createClient from 'openapi-fetch';
import { signedOut } from './signedOut';
import { sturdyFetch } from './sturdy';
import { language } from '../words/words';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

export const api = createClient<paths>({ baseUrl: '', fetch: sturdyFetch });

/** What the server says comes in the language that the interface speaks, not in the browser's. */
api.use({
  onRequest({ request }) {
    request.headers.set('Accept-Language', language());
    return request;
  },
});

type Wrong = Schemas['ProblemError'];

/** What went wrong, in the server's words: each thing with its place in what was sent and what would be accepted. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly errors: Wrong[] = [],
  ) {
    super(message);
  }

  static words(wrong: Wrong): string {
    return wrong.accepted ? t`${wrong.detail} Accepted: ${wrong.accepted}.` : wrong.detail;
  }

  /** The first of them. */
  get said(): string {
    return this.errors[0] ? Refusal.words(this.errors[0]) : this.message;
  }

  /** Where the first of them stands. */
  get pointer(): string {
    return this.errors[0]?.pointer ?? '';
  }

  /** What is wrong with one field; undefined where nothing is. */
  at(pointer: string): string | undefined {
    const wrong = this.errors.find((e) => e.pointer === pointer);
    return wrong && Refusal.words(wrong);
  }
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or a Refusal with what the problem document says. */
export async function settle<T>(pending: Promise<Answer<T>>): Promise<T> {
  const answer = await pending.catch((cause: unknown) => {
    throw new Refusal(0, cause instanceof TypeError ? t`The server cannot be reached.` : String(cause));
  });
  if (answer.response.ok) return answer.data as T;
  if (answer.response.status === 401 && !answer.response.url.endsWith('/api/sign-in')) signedOut.tell();
  const problem = answer.error as Partial<Schemas['ProblemDocument']> | undefined;
  throw new Refusal(answer.response.status, problem?.detail ?? t`Something went wrong.`, problem?.errors);
}
