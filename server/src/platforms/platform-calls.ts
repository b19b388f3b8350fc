import { Injectable } from '@nestjs/common';
import { nanoid } from 'nanoid';
import { OwnKeys } from './own-keys.js';
import type { Platform } from './platforms.service.js';

/** In milliseconds. */
const WITHIN = 10_000;
/** In seconds: how long what we sign for a platform holds, and how much earlier a token is taken to have ended. */
const HOLDS = 300;
const EARLIER = 60;
const LONGEST_ANSWER = 4_000_000;

/** What a platform did not do; whether it is away altogether, so that nothing else need be asked of it now. */
export class PlatformFault extends Error {
  constructor(
    why: string,
    readonly isAway = false,
  ) {
    super(why);
  }
}

interface Token {
  readonly value: string;
  readonly until: number;
}

interface Call {
  readonly url: string;
  readonly scope: string;
  readonly accept?: string;
  readonly send?: { readonly type: string; readonly body: object };
}

interface Called {
  readonly body: unknown;
  /** Where the rest stands; null: that was all. */
  readonly next: string | null;
}

/** Asks a platform, with a token of the scope that is needed (OAuth 2.0 client credentials, signed assertions). */
@Injectable()
export class PlatformCalls {
  private readonly tokens = new Map<string, Token>();

  constructor(private readonly own: OwnKeys) {}

  async ask(platform: Platform, { url, scope, accept, send }: Call): Promise<Called> {
    const token = await this.tokenOf(platform, scope);
    const answer = await reach(url, {
      method: send ? 'POST' : 'GET',
      headers: {
        authorization: `Bearer ${token}`,
        ...(accept !== undefined && { accept }),
        ...(send && { 'content-type': send.type }),
      },
      ...(send && { body: JSON.stringify(send.body) }),
    });
    if (answer.status === 401) this.tokens.delete(nameOf(platform, scope));
    return { body: await bodyOf(answer), next: nextOf(answer) };
  }

  private async tokenOf(platform: Platform, scope: string): Promise<string> {
    const known = this.tokens.get(nameOf(platform, scope));
    if (known && known.until > Date.now()) return known.value;
    const { clientId, tokenUrl } = platform;
    const said = { iss: clientId, sub: clientId, jti: nanoid() };
    const answer = await reach(tokenUrl, {
      method: 'POST',
      headers: { 'content-type': 'application/x-www-form-urlencoded' },
      body: new URLSearchParams({
        grant_type: 'client_credentials',
        client_assertion_type: 'urn:ietf:params:oauth:client-assertion-type:jwt-bearer',
        client_assertion: await this.own.sign(said, tokenUrl, HOLDS),
        scope,
      }),
    });
    const { access_token: value, expires_in: lasts } = (await bodyOf(answer)) as {
      access_token?: unknown;
      expires_in?: unknown;
    };
    if (typeof value !== 'string') throw new PlatformFault('It gave no access token.');
    const seconds = typeof lasts === 'number' ? lasts : HOLDS;
    const until = Date.now() + Math.max(0, seconds - EARLIER) * 1_000;
    this.tokens.set(nameOf(platform, scope), { value, until });
    return value;
  }
}

const nameOf = ({ id, tokenUrl }: Platform, scope: string): string => `${id} ${tokenUrl} ${scope}`;

async function reach(url: string, asked: RequestInit): Promise<Response> {
  try {
    return await fetch(url, { ...asked, redirect: 'error', signal: AbortSignal.timeout(WITHIN) });
  } catch {
    throw new PlatformFault('It could not be reached.', true);
  }
}

async function bodyOf(answer: Response): Promise<unknown> {
  if (!answer.ok) throw new PlatformFault(`It answered ${answer.status}.`, answer.status >= 500);
  const text = await bounded(answer);
  if (text === '') return {};
  try {
    return JSON.parse(text);
  } catch {
    throw new PlatformFault('What it answered can’t be read.');
  }
}

async function bounded(answer: Response): Promise<string> {
  const parts: Uint8Array[] = [];
  let size = 0;
  for await (const part of answer.body ?? []) {
    size += (part as Uint8Array).length;
    if (size > LONGEST_ANSWER) throw new PlatformFault('It answered more than is read.');
    parts.push(part as Uint8Array);
  }
  return Buffer.concat(parts).toString('utf8');
}

/** The address of the next page, as the header that links pages says (RFC 8288). */
function nextOf(answer: Response): string | null {
  for (const part of (answer.headers.get('link') ?? '').split(',')) {
    const [at = '', ...rest] = part.split(';').map((each) => each.trim());
    if (rest.includes('rel="next"') && at.startsWith('<')) return at.slice(1, -1);
  }
  return null;
}
