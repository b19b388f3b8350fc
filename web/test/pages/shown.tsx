import { jest } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import { App } from 'antd';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';

/** What a server answers to a request, such as `GET exercises/e1`. */
export type Answers = Readonly<Record<string, (body: unknown) => unknown>>;

interface Asked {
  readonly what: string;
  readonly body: unknown;
}

/** Stands in for the server; answers what was asked of it. */
export function serverThat(answers: Answers): readonly Asked[] {
  const asked: Asked[] = [];
  globalThis.fetch = ((path: string, init: RequestInit = {}) => {
    const what = `${init.method ?? 'GET'} ${path.replace(/^\/api\//, '')}`;
    const body: unknown = init.body === undefined ? undefined : JSON.parse(String(init.body));
    asked.push({ what, body });
    const answer = answers[what];
    if (!answer) throw new Error(`nobody answers ${what}`);
    const said = answer(body);
    const status = said instanceof Refusing ? said.status : said === undefined ? 204 : 200;
    const json = said instanceof Refusing ? said.problem : said;
    return Promise.resolve({
      ...{ ok: status < 300, status, statusText: '' },
      json: () => Promise.resolve(json),
    });
  }) as unknown as typeof fetch;
  return asked;
}

/** An answer that says no. */
export class Refusing {
  constructor(
    readonly status: number,
    readonly problem: object,
  ) {}
}

/** Shows a piece of a page, with all that pages stand in. */
export function shown(piece: ReactNode): void {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  render(
    <QueryClientProvider client={queries}>
      <App>
        <MemoryRouter>{piece}</MemoryRouter>
      </App>
    </QueryClientProvider>,
  );
}

/** What React itself finds wrong on a page is a fault. */
const complaints: string[] = [];
beforeEach(() => {
  complaints.length = 0;
  jest.spyOn(console, 'error').mockImplementation((...said) => {
    complaints.push(said.map(String).join(' ').slice(0, 400));
  });
});
afterEach(() => expect(complaints).toEqual([]));
