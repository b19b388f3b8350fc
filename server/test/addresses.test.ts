import { request as httpRequest } from 'node:http';
import fc from 'fast-check';
import { classOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 3);
  ({ ruth } = classes);
});
afterAll(() => running.close());

interface Raw {
  readonly status: number;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
  readonly text: string;
}

/** A request whose address goes out letter by letter as it is written: no client tidies it up. */
function raw(
  path: string,
  { body, cookie = '' }: { readonly body?: object; readonly cookie?: string } = {},
): Promise<Raw> {
  const { hostname, port } = new URL(running.address);
  const sent = body === undefined ? null : JSON.stringify(body);
  return new Promise((resolve, reject) => {
    const asked = httpRequest(
      {
        ...{ hostname, port, path, method: sent === null ? 'GET' : 'POST' },
        headers: {
          ...{ 'x-gleddo': '1', cookie, accept: 'text/html,application/json' },
          ...(sent === null ? {} : { 'content-type': 'application/json' }),
        },
      },
      (answer) => {
        let text = '';
        answer.on('data', (part) => (text += String(part)));
        answer.on('end', () =>
          resolve({ status: answer.statusCode ?? 0, headers: answer.headers, text }),
        );
      },
    );
    asked.on('error', reject);
    asked.end(sent ?? '');
  });
}

/** Ways of writing an address: letters as numbers, once or twice, capitals, slashes, dots. */
const written = (address: string): fc.Arbitrary<string> =>
  fc
    .array(fc.constantFrom('as-it-is', 'percent', 'twice', 'capital'), {
      minLength: address.length,
      maxLength: address.length,
    })
    .chain((ways) =>
      fc
        .constantFrom('', '/', '/.', '//', '?x', '%3f', ';', '/%2e', '%00', '%20')
        .map(
          (end) =>
            '/' +
            [...address.slice(1)].map((letter, i) => as(letter, ways[i] ?? '')).join('') +
            end,
        ),
    );

function as(letter: string, way: string): string {
  if (letter === '/' && way !== 'percent') return letter;
  const code = letter.charCodeAt(0).toString(16).padStart(2, '0');
  if (way === 'percent') return `%${code}`;
  if (way === 'twice') return `%25${code}`;
  return way === 'capital' ? letter.toUpperCase() : letter;
}

describe('an address, however it is written', () => {
  it('has the same limits: tries at one account are counted, whatever the address', async () => {
    const { login } = classes.students[0] as { login: string };
    const paths = ['/api/%73ign-in', '/api/sign-in', '/%61pi/sign-in', '/api/sign%2din'];
    const statuses: number[] = [];
    for (let i = 0; i < 30; i++) {
      const path = paths[i % paths.length] ?? '';
      const body = {
        login: i % 2 ? login : ` ${login.toUpperCase()}\u200b`,
        password: `wrong ${i}`,
      };
      statuses.push((await raw(path, { body })).status);
    }
    expect(statuses.filter((status) => status === 422).length).toBeLessThanOrEqual(10);
    expect(statuses.filter((status) => status === 429).length).toBeGreaterThanOrEqual(20);
  });

  it('gives the description of the API to nobody who may not have it', async () => {
    for (const path of ['/api/%64ocs', '/%61pi/docs-json', '/api/docs%2djson', '/api/%64ocs/'])
      expect((await raw(path)).status).toBe(404);
  });

  it('of the API is kept by nobody; none that was found otherwise answers anything of it', async () => {
    const [one, other] = ['/api/welcome', '/api/docs-json'];
    const sample = fc.sample(fc.oneof(written(one ?? ''), written(other ?? '')), {
      numRuns: 400,
      seed: 20_29,
    });
    for (const path of sample) {
      const { status, headers, text } = await raw(path);
      expect([200, 302, 400, 404]).toContain(status);
      const isPage = /text\/html/.test(String(headers['content-type']));
      if (!isPage)
        expect({ path, kept: headers['cache-control'] }).toEqual({ path, kept: 'no-store' });
      expect(text).not.toMatch(/openapi/);
    }
  });
});

describe('names and passwords that others would be taken in by', () => {
  it.each([
    ['a letter of another script', 'ruth.mаrsh'],
    ['letters that only look Latin', 'асе'],
    ['nothing but what is not seen', '\u200b\u200b\u200b'],
    ['a NUL', 'ru\u0000th'],
  ])('%s is refused in a sentence', async (_, login) => {
    const { status, body } = await ruth.post('instructors', { name: 'Another', login });
    expect({ status, code: body.faults?.[0]?.at }).toEqual({ status: 400, code: 'login' });
  });

  it('what is not seen, or written wide, is the name that it looks like', async () => {
    const made = await ruth.post('instructors', { name: 'Ada', login: 'ada\u200d.wells' });
    expect(made.body.login).toBe('ada.wells');
    const again = await ruth.post('instructors', { name: 'Ada', login: 'ａｄａ.ｗells' });
    expect(again.body.faults[0].code).toBe('login.taken');
  });

  it.each(['password123', '1234567890', 'abcabcabcabc', 'ruth-ruth-ruth', 'Password!!!!'])(
    'the password %s is one of those that are tried first',
    async (next) => {
      const { status, body } = await ruth.post('me/password', { old: 'a long password', next });
      expect({ status, code: body.faults[0].code }).toEqual({
        status: 422,
        code: 'password.common',
      });
    },
  );
});

describe('what is sent in an odd shape', () => {
  it.each<[string, 'post' | 'put', () => string, object]>([
    ['a NUL in a sign-in name', 'post', () => 'sign-in', { login: 'a\u0000b', password: 'x' }],
    ['a NUL in a demo person', 'post', () => 'demo-sign-in', { person: 'a\u0000' }],
    ['a field named constructor', 'post', () => 'groups', { name: 'X', constructor: 1 }],
    [
      'a field named __proto__',
      'post',
      () => 'groups',
      JSON.parse('{"name":"X","__proto__":{"a":1}}'),
    ],
    [
      'a list as a picture',
      'post',
      () => `exercises/${classes.exerciseId}/pictures`,
      { picture: [] },
    ],
    ['a list as a step', 'put', () => 'books/none/place', { step: ['a'], ticks: [] }],
    ['a text as ticks', 'put', () => 'books/none/place', { step: 'a', ticks: 'abc' }],
  ])('%s is refused in a sentence', async (_, method, path, body) => {
    const answer = await ruth.ask(method, path(), body);
    expect(answer.status).toBeGreaterThanOrEqual(400);
    expect(answer.status).toBeLessThan(500);
    expect(answer.body.detail).toMatch(/^\S.{5,}[.]$/s);
  });
});

const OWN = 'other words of mine';

describe('a session', () => {
  it('is listed with an end to each; who listens over one that has ended hears no more', async () => {
    const other = running.visitor();
    await other.post('sign-in', { login: 'ruth', password: 'a long password' });
    const [company] = (await ruth.get('companies')).body as { bookId: string }[];
    const heard = await other.hears(company?.bookId ?? '');
    expect(await heard.next()).not.toBeNull();
    const { body: sessions } = await ruth.get('me/sessions');
    expect(sessions.filter(({ isThis }: { isThis: boolean }) => isThis)).toHaveLength(1);
    const theirs = sessions.filter(({ isThis }: { isThis: boolean }) => !isThis);
    for (const { id } of theirs) expect((await ruth.remove(`me/sessions/${id}`)).status).toBe(204);
    expect((await other.get('me')).status).toBe(401);
    expect(await heard.next()).toBeNull();
  });

  it('of who gets a new password ends, with all that is heard over it', async () => {
    const other = running.visitor();
    await other.post('sign-in', { login: 'ruth', password: 'a long password' });
    const [company] = (await ruth.get('companies')).body as { bookId: string }[];
    const heard = await other.hears(company?.bookId ?? '');
    expect(await heard.next()).not.toBeNull();
    expect((await ruth.post('me/password', { old: 'a long password', next: OWN })).status).toBe(
      204,
    );
    expect(await heard.next()).toBeNull();
  });
});

describe('guessing names and passwords', () => {
  it('one name after the other is slowed, and a class from the same address is not', async () => {
    const guesses = Array.from({ length: 120 }, (_, i) =>
      running.visitor().post('sign-in', { login: `some.body${i}`, password: 'a common guess' }),
    );
    const statuses = (await Promise.all(guesses)).map(({ status }) => status);
    expect(statuses.filter((status) => status === 429).length).toBeGreaterThanOrEqual(40);
    // Who has signed in with this browser before comes in even now.
    await ruth.post('sign-out');
    const back = await ruth.post('sign-in', { login: 'ruth', password: OWN });
    expect(back.status).toBe(200);
  });
});
