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

/** Asks the server; a change is sent with our own header, which no other site can set. */
export async function ask<T>(
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: unknown,
): Promise<T> {
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
  return response.status === 204 ? (undefined as T) : ((await response.json()) as T);
}

export const get = <T>(path: string): Promise<T> => ask<T>('GET', path);
export const post = <T>(path: string, body: unknown = {}): Promise<T> => ask<T>('POST', path, body);
