import createClient from 'openapi-fetch';
import { signedOut } from './signedOut';
import { sturdyFetch } from './sturdy';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

export const api = createClient<paths>({ baseUrl: '', fetch: sturdyFetch });

/** What went wrong, in the server's words, with the place in the body where there is one. */
export class Refusal extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly pointer: string,
    readonly accepted: string,
  ) {
    super(message);
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
    throw new Refusal(cause instanceof TypeError ? 'The server cannot be reached.' : String(cause), 0, '', '');
  });
  if (answer.response.ok) return answer.data as T;
  if (answer.response.status === 401 && !answer.response.url.endsWith('/api/sign-in')) signedOut.tell();
  const problem = answer.error as Partial<Schemas['ProblemDocument']> | undefined;
  const first = problem?.errors?.[0];
  throw new Refusal(
    problem?.detail ?? 'Something went wrong.',
    answer.response.status,
    first?.pointer ?? '',
    first?.accepted ?? '',
  );
}
