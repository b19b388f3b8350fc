import type { AnswerOf, BodyOf, Method, PathOf } from '@gleddo/contract';

/** A fault with its place, as the server says it. */
export interface Fault {
  readonly at: string;
  readonly code: string;
  readonly says: string;
}

/** An answer that is not the wanted one: refused, not signed in, not found, a fault of the program. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    detail: string,
    readonly faults: readonly Fault[],
  ) {
    super(detail);
  }
}

/** The server could not be reached. */
export class Unreachable extends Error {
  constructor() {
    super(
      'The server can’t be reached. What you typed is kept here and is sent as soon as it answers.',
    );
  }
}

async function problemOf(response: Response): Promise<Problem> {
  try {
    const body = (await response.json()) as { detail?: string; faults?: Fault[] };
    return new Problem(response.status, body.detail ?? response.statusText, body.faults ?? []);
  } catch {
    return new Problem(
      response.status,
      'The server answered in a way that is not understood. Try again.',
      [],
    );
  }
}

/** What goes behind a path: `?from=3`. */
type Query = Readonly<Record<string, string | number | null>>;

function queryText(query: Query | undefined): string {
  const said = Object.entries(query ?? {}).flatMap(([name, value]) =>
    value === null ? [] : [[name, String(value)] as [string, string]],
  );
  return said.length === 0 ? '' : `?${new URLSearchParams(said).toString()}`;
}

async function answered(method: Method, path: string, body?: unknown): Promise<unknown> {
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, {
      method,
      headers: {
        'x-gleddo': '1',
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
  } catch {
    throw new Unreachable();
  }
  if (!response.ok) throw await problemOf(response);
  return response.status === 204 ? undefined : response.json();
}

/** What is sent: nothing, where the route needs nothing. */
type Sent<M extends Method, P extends string> =
  undefined extends BodyOf<M, P> ? [body?: BodyOf<M, P>] : [body: BodyOf<M, P>];

/** Asks the server; a change is sent with our own header, which no other site can set. */
export const ask = <M extends Method, P extends PathOf<M>>(
  method: M,
  path: P,
  ...[body]: Sent<M, P>
): Promise<AnswerOf<M, P>> => answered(method, path, body) as Promise<AnswerOf<M, P>>;

export const get = <P extends PathOf<'GET'>>(path: P, query?: Query): Promise<AnswerOf<'GET', P>> =>
  answered('GET', path + queryText(query)) as Promise<AnswerOf<'GET', P>>;

export const post = <P extends PathOf<'POST'>>(
  path: P,
  ...[body]: Sent<'POST', P>
): Promise<AnswerOf<'POST', P>> =>
  answered('POST', path, body ?? {}) as Promise<AnswerOf<'POST', P>>;
