import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { startServer } from '../../scripts/server.mjs';

type Method = 'get' | 'post' | 'patch' | 'put' | 'delete';

export interface Answer {
  readonly status: number;
  /** Whatever was answered; a test says what it expects of it. */
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  readonly body: any;
}

interface Led {
  readonly status: number;
  /** Where it leads; null: it is the page itself. */
  readonly to: string | null;
  readonly text: string;
}

/** One person's browser: keeps the cookies, sends our header. */
export class Visitor {
  private jar = new Map<string, string>();

  constructor(private readonly address: string) {}

  async ask(method: Method, path: string, body?: object): Promise<Answer> {
    const to = request(this.address);
    const asked = to[method](`/api/${path}`).set('x-gleddo', '1').set('cookie', this.cookies);
    const answer = await (body ? asked.send(body) : asked);
    const set = answer.headers['set-cookie'] as unknown as string[] | undefined;
    for (const each of set ?? []) this.keep(each);
    const isJson = /json/.test(answer.headers['content-type'] ?? '');
    return { status: answer.status, body: isJson ? JSON.parse(answer.text) : answer.text };
  }

  /** Goes to an address as a browser does, by itself or with the fields of a form: where it is led, and the page. */
  async led(address: string, form?: Readonly<Record<string, string>>): Promise<Led> {
    const isOurs = new URL(address).port === new URL(this.address).port;
    const answer = await fetch(address, {
      ...{ redirect: 'manual', headers: isOurs ? { cookie: this.cookies } : {} },
      ...(form && { method: 'POST', body: new URLSearchParams(form) }),
    });
    if (isOurs) for (const each of answer.headers.getSetCookie()) this.keep(each);
    const to = answer.headers.get('location');
    return { status: answer.status, to, text: await answer.text() };
  }

  /** What a request of one's own making is to carry. */
  get cookies(): string {
    return [...this.jar].map(([name, value]) => `${name}=${value}`).join('; ');
  }

  private keep(set: string): void {
    const [, name = '', value = ''] = /^([^=]+)=([^;]*)/.exec(set) ?? [];
    if (value === '') this.jar.delete(name);
    else this.jar.set(name, value);
  }

  /** Takes over the cookie of somebody who is signed in at another server. */
  comeInAs(other: Visitor): void {
    this.jar = new Map(other.jar);
  }

  /** Listens to what the server tells of a book: `next` answers each revision that was told, in their order. */
  async hears(bookId: string): Promise<Heard> {
    const ends = new AbortController();
    const { cookies: cookie } = this;
    const path = `${this.address}/api/books/${bookId}/events`;
    const answer = await fetch(path, { headers: { cookie }, signal: ends.signal });
    return new Heard(answer, ends);
  }

  get = (path: string) => this.ask('get', path);
  post = (path: string, body: object = {}) => this.ask('post', path, body);
  patch = (path: string, body: object) => this.ask('patch', path, body);
  put = (path: string, body: object) => this.ask('put', path, body);
  remove = (path: string) => this.ask('delete', path);
}

/** A stream of server-sent events, read one by one. */
export class Heard {
  private described = '';
  private readonly reader;

  constructor(
    readonly answer: Response,
    private readonly ends: AbortController,
  ) {
    this.reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader();
  }

  /** The next revision told; null when the stream has ended. */
  async next(): Promise<number | null> {
    for (;;) {
      const found = /data: \{"revision":(\d+)\}\n/.exec(this.described);
      if (found) {
        this.described = this.described.slice(found.index + found[0].length);
        return Number(found[1]);
      }
      const read = await this.reader?.read();
      if (!read || read.done) return null;
      this.described += read.value;
    }
  }

  end(): void {
    this.ends.abort();
  }
}

export interface RunningApp {
  readonly address: string;
  /** The settings that name its data. */
  readonly data: NodeJS.ProcessEnv;
  /** Everything that the server has logged so far. */
  readonly log: string;
  visitor(): Visitor;
  /** A person of the demo world, signed in. */
  person(login: string): Promise<Visitor>;
  /** Kills the process without a word, and starts another on the same data. */
  killAndStartAgain(): Promise<void>;
  /** Another server on the same database. */
  another(): Promise<RunningApp>;
  /** Ends it as an operator does, and leaves its data. */
  stop(): Promise<number | null>;
  /** The same, and clears its data away; answers its exit status. */
  close(): Promise<number | null>;
}

/** Most live for seconds: the database's code is compiled once, not a second time for speed. */
const node = ['--liftoff-only'];

function copyTemplate(demo: boolean, folder: string): void {
  const { GLEDDO_DEMO_TEMPLATE = '', GLEDDO_TEMPLATE = '' } = process.env;
  if (demo) cpSync(GLEDDO_DEMO_TEMPLATE, folder, { recursive: true });
  else cpSync(GLEDDO_TEMPLATE, join(folder, 'database'), { recursive: true });
}

/**
 * The built server over a fresh copy of the template database, or over a PostgreSQL: the one at `url`, or the one
 * that TEST_DATABASE_URL names.
 */
export async function runningApp(
  demo: boolean,
  url = process.env['TEST_DATABASE_URL'],
  madeBefore: string | null = null,
): Promise<RunningApp> {
  const folder = madeBefore ?? mkdtempSync(join(tmpdir(), 'gleddo-test-'));
  if (url === undefined && madeBefore === null) copyTemplate(demo, folder);
  const env = {
    GLEDDO_DATA: folder,
    GLEDDO_DEMO: demo ? '1' : '0',
    GLEDDO_LOG: 'warn',
    GLEDDO_OUTBOX: join(folder, 'outbox'),
    ...(url === undefined ? {} : { DATABASE_URL: url }),
  };
  let now = await startServer({ node, env });
  let before = '';
  return {
    get address() {
      return now.address;
    },
    data: { GLEDDO_DATA: folder, ...(url === undefined ? {} : { DATABASE_URL: url }) },
    get log() {
      return before + now.said();
    },
    visitor: () => new Visitor(now.address),
    async person(login) {
      const found = new Visitor(now.address);
      const { status } = await found.post('demo-sign-in', { person: login });
      if (status !== 200) throw new Error(`${login} is not one of the demo people`);
      return found;
    },
    async killAndStartAgain() {
      await now.end('SIGKILL');
      before += now.said();
      now = await startServer({ node, env });
    },
    another: () => runningApp(demo, url),
    stop: () => now.end(),
    async close() {
      const status = await now.end();
      rmSync(folder, { recursive: true, force: true });
      return status;
    },
  };
}
