import { i18n } from '@lingui/core';
import { I18nProvider } from '@lingui/react';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';

/** A component as it stands in the program: under a router, with a cache of its own. */
export function shown(what: ReactNode, at = '/') {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return {
    client,
    ...render(
      <I18nProvider i18n={i18n}>
        <QueryClientProvider client={client}>
          <MemoryRouter initialEntries={[at]}>{what}</MemoryRouter>
        </QueryClientProvider>
      </I18nProvider>,
    ),
  };
}

export interface Asked {
  method: string;
  path: string;
  body: unknown;
  headers: Headers;
}

/** A server that answers as it is told, and remembers what it was asked. */
export function server(answer: (asked: Asked) => Response | Error): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (input: Request | string) => {
    const request = typeof input === 'string' ? new Request(new URL(input, 'http://yard.example')) : input;
    const text = request.method === 'GET' ? '' : await request.clone().text();
    const one = {
      method: request.method,
      path: new URL(request.url).pathname + new URL(request.url).search,
      body: text === '' ? null : (JSON.parse(text) as unknown),
      headers: request.headers,
    };
    asked.push(one);
    const said = answer(one);
    if (said instanceof Error) throw said;
    return said;
  });
  return asked;
}

export const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
