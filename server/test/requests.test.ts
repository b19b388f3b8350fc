import fc from 'fast-check';
import {
  COMPANY,
  checkedRows,
  classOf,
  goThrough,
  listOf,
  rework,
  type TestClass,
} from './class-of.js';
import { runningApp, type Answer, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
let company: { id: string; bookId: string };
beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 3);
  ({ ruth } = classes);
  [company] = (await ruth.get('companies')).body;
});
afterAll(() => running.close());

let tokens = 0;
const change = async (bookId: string, ...operations: unknown[]): Promise<Answer> => {
  const { revision } = (await ruth.get(`books/${bookId}`)).body as { revision: number };
  return ruth.post(`books/${bookId}/operations`, { revision, operations, token: `t${tokens++}` });
};

const fresh = async (book: object = COMPANY): Promise<string> =>
  (await ruth.post('companies', { book })).body.bookId as string;

/** What every refusal is: problem+json, with a sentence. */
function isReported({ status, body }: Answer): void {
  expect(status).toBeLessThan(500);
  expect(body).toMatchObject({ status, detail: expect.stringMatching(/^\S.{5,}[.]$/s) });
}

const add = (i: number, rest: object = {}) => ({
  kind: 'add-account',
  account: { id: `x${i}`, name: `Shed ${i}`, ...rest },
});

describe('no change makes a book that does not open', () => {
  it.each<[string, object]>([
    ['a budget beyond counting', add(0, { budget: 1e15 })],
    ['an amount beyond counting', { kind: 'set-opening', id: 'bank', amount: 1e15 }],
    ['a name that shows nothing', add(0, { name: '\u200b\u2800' })],
    ['a character that can’t be printed', add(0, { description: 'a\u0000b' })],
    ['a name of the company that is none', { kind: 'change-company', company: { name: ' ' } }],
    ['a number of another kind', add(0, { number: '💡' })],
    ['an entry of 201 lines', entryOf(201)],
  ])('%s is refused in a sentence', async (_, operation) => {
    const refused = await change(company.bookId, operation);
    isReported(refused);
    expect(refused.status).toBe(422);
    expect((await ruth.get(`books/${company.bookId}`)).status).toBe(200);
  });

  it('amounts whose sum would not be exact are refused where they would come to be', async () => {
    const id = await fresh();
    const huge = (i: number) => ({
      kind: 'record-entry',
      entry: {
        ...{ id: `h${i}`, date: '2027-02-01', kind: 'general' },
        lines: Array.from({ length: 200 }, (_, n) => ({
          account: n % 2 ? 'bank' : 'rent',
          amount: n % 2 ? 1e13 : -1e13,
        })),
      },
    });
    const answers = [];
    for (let i = 0; i < 6; i++) answers.push(await change(id, huge(i)));
    const last = answers.at(-1) as Answer;
    expect(last.status).toBe(422);
    expect(last.body.detail).toMatch(/more than can be reckoned exactly/);
    expect((await ruth.get(`books/${id}`)).status).toBe(200);
  });

  it('a book grows to what a book holds, and no further', async () => {
    const id = await fresh();
    const some = (from: number, count: number) =>
      Array.from({ length: count }, (_, i) => add(from + i));
    for (let n = 0; n < 9; n++) expect((await change(id, ...some(500 * n, 500))).status).toBe(200);
    expect((await change(id, ...some(4500, 490))).status).toBe(200);
    const refused = await change(id, add(9000));
    expect(refused.body.detail).toBe('A book holds at most 5,000 accounts. Leave some out.');
    const { body } = await ruth.get(`books/${id}`);
    expect(body.book.accounts).toHaveLength(5000);
  });
});

function entryOf(lines: number): object {
  const each = (_: unknown, i: number) => ({
    account: i % 2 ? 'bank' : 'rent',
    amount: i % 2 ? 5 : -5,
  });
  const entry = { id: 'long', date: '2027-02-01', kind: 'general' };
  return { kind: 'record-entry', entry: { ...entry, lines: Array.from({ length: lines }, each) } };
}

describe('what is judged before anything looks into it', () => {
  it('more than 500 changes, however they are nested', async () => {
    const several = (operations: unknown[]) => ({ kind: 'several', operations });
    const renames = Array.from({ length: 120 }, (_, i) => ({
      ...{ kind: 'rename-account', id: 'bank', name: `Bank ${i}` },
    }));
    const refused = await change(company.bookId, ...Array(5).fill(several(renames)));
    expect(refused.body.detail).toMatch(/^At most 500 changes/);
    expect((await change(company.bookId, ...Array(4).fill(several(renames)))).status).toBe(200);
  });

  it.each([
    ['200,000 brackets', `{"operations":${'['.repeat(30_000)}${']'.repeat(30_000)}}`, 400],
    ['a body of 7 MB at the door', `{"login":"${'x'.repeat(7_000_000)}"}`, 413],
    ['no JSON', '{"login":', 400],
    ['a list', '[1,2]', 400],
    ['a text', '"x"', 400],
  ])('%s', async (_, text, status) => {
    const answer = await fetch(`${running.address}/api/sign-in`, {
      method: 'POST',
      headers: { 'x-gleddo': '1', 'content-type': 'application/json' },
      body: text,
    });
    expect(answer.status).toBe(status);
    isReported({ status, body: await answer.json() });
  });

  it('a company without a body, without a book, or with a field beside it', async () => {
    const bare = await fetch(`${running.address}/api/companies`, {
      method: 'POST',
      headers: { 'x-gleddo': '1', cookie: ruth.cookies },
    });
    expect(await bare.json()).toMatchObject({ faults: [{ code: 'company.no-book' }] });
    for (const body of [{}, { book: null }, { book: 'x' }, { book: COMPANY, name: 'Other' }]) {
      const refused = await ruth.post('companies', body);
      expect(refused.status).toBe(422);
      isReported(refused);
    }
  });

  it('a change of 900 KB is looked at, one of 1.1 MB is not', async () => {
    const sized = (size: number) =>
      ruth.post(`books/${company.bookId}/operations`, {
        ...{ revision: 0, token: `size-${size}` },
        operations: [{ kind: 'rename-account', id: 'bank', name: 'x'.repeat(size) }],
      });
    const [looked, not] = [await sized(900_000), await sized(1_100_000)];
    expect([looked.status, not.status]).toEqual([422, 413]);
    isReported(looked);
    isReported(not);
  });

  it('something that is not JSON is refused by its kind', async () => {
    const answer = await fetch(`${running.address}/api/sign-in`, {
      method: 'POST',
      headers: { 'x-gleddo': '1', 'content-type': 'text/xml' },
      body: '<a/>',
    });
    expect(answer.status).toBe(415);
  });
});

/** Rules of a key that say nothing are those of a key without any. */
const isWithoutRules = (body: object): boolean =>
  'keyRules' in body && (body.keyRules === null || Array.isArray(body.keyRules));

describe('what is kept of an exercise', () => {
  it.each<[string, object]>([
    ...(['keyRules', 'title', 'brief', 'entriesMayChange', 'askPause'] as const).map(
      (field): [string, object] => [`null for ${field}`, { [field]: null }],
    ),
    ['a blank title', { title: '   ' }],
    ['a title that shows nothing', { title: '\u200b' }],
    ['a brief with a NUL', { brief: 'a\u0000b' }],
    ['rules that are a list', { keyRules: [] }],
    ['points below zero', { keyRules: { points: { 'account.type': -1 } } }],
    ['a field that there is not', { owner: 'me' }],
  ])('%s is refused in a sentence', async (_, body) => {
    const path = `exercises/${classes.exerciseId}`;
    const before = (await ruth.get(path)).body;
    isReported(await ruth.patch(path, body));
    if (!isWithoutRules(body)) isReported(await rework(ruth, classes.exerciseId, { ...body }));
    expect((await ruth.get(path)).body).toEqual(before);
  });

  it('an address with a NUL, or with what is no id, leads nowhere', async () => {
    for (const path of [
      'books/%00',
      'exercises/a%00b',
      'tries/..%2F..',
      `groups/${'x'.repeat(200)}`,
    ]) {
      const answer = await ruth.get(path);
      expect(answer.status).toBe(404);
      isReported(answer);
    }
  });
});

describe('adding students', () => {
  it('is one step: a name that can’t be taken leaves nobody behind', async () => {
    const { body: group } = await ruth.post('groups', { name: 'Morning class' });
    const path = `groups/${group.id}/members`;
    isReported(await ruth.post(path, listOf(['One Reed', 'Two Reed', 'Thr\u0000ee'])));
    isReported(await ruth.post(path, { students: listOf(['One Reed', 'One Reed']).students }));
    expect((await ruth.get(`groups/${group.id}`)).body.members).toEqual([]);
  });

  it('sent again, since the answer was lost, it adds nobody twice and tells passwords that work', async () => {
    const { body: group } = await ruth.post('groups', { name: 'Late class' });
    const sent = { ...listOf(['Ada Reed', 'Ben Reed']), token: 'lost-answer' };
    const path = `groups/${group.id}/members`;
    const [first, again] = [await ruth.post(path, sent), await ruth.post(path, sent)];
    expect(again.body.added.map(({ id }: { id: string }) => id).sort()).toEqual(
      first.body.added.map(({ id }: { id: string }) => id).sort(),
    );
    for (const { login, password } of again.body.added)
      expect((await running.visitor().post('sign-in', { login, password })).status).toBe(200);
    const { members } = (await ruth.get(`groups/${group.id}`)).body;
    expect(members).toHaveLength(2);
  });

  it('sent twice at once, it adds nobody twice', async () => {
    const { body: group } = await ruth.post('groups', { name: 'Double class' });
    const sent = { ...listOf(['Eve Reed', 'Fay Reed', 'Gus Reed']), token: 'twice-at-once' };
    const send = () => ruth.post(`groups/${group.id}/members`, sent);
    const answers = await Promise.all([send(), send(), send()]);
    expect(answers.map(({ status }) => status)).toEqual([201, 201, 201]);
    const ids = answers.map(({ body }) => body.added.map(({ id }: { id: string }) => id).sort());
    expect(new Set(ids.map(String)).size).toBe(1);
    expect((await ruth.get(`groups/${group.id}`)).body.members).toHaveLength(3);
  });

  it('two lists with the same name at once: that student is in the class once', async () => {
    const { body: group } = await ruth.post('groups', { name: 'Two lists' });
    const send = (...names: string[]) =>
      ruth.post(`groups/${group.id}/members`, { students: listOf(names).students });
    const answers = await Promise.all([send('Hal Reed', 'Ida Reed'), send('Jon Reed', 'Hal Reed')]);
    expect(answers.map(({ status }) => status)).toEqual([201, 201]);
    expect((await ruth.get(`groups/${group.id}`)).body.members).toHaveLength(3);
  });
});

describe('limits', () => {
  it('count for an account, not for an address: a class signs in within a minute', async () => {
    const { body: group } = await ruth.post('groups', { name: 'Big class' });
    const names = Array.from({ length: 26 }, (_, i) => `Learner ${i}`);
    const { added } = (await ruth.post(`groups/${group.id}/members`, listOf(names))).body;
    const statuses = await Promise.all(
      (added as { login: string; password: string }[]).map(
        async ({ login, password }) =>
          (await running.visitor().post('sign-in', { login, password })).status,
      ),
    );
    expect(new Set(statuses)).toEqual(new Set([200]));
  });

  it('stop one who tries one account again and again, whatever address they claim', async () => {
    const statuses = [];
    for (let i = 0; i < 12; i++) {
      const answer = await fetch(`${running.address}/api/sign-in`, {
        method: 'POST',
        headers: {
          ...{ 'x-gleddo': '1', 'content-type': 'application/json' },
          'x-forwarded-for': `10.0.0.${i}`,
        },
        body: JSON.stringify({ login: 'learner.1', password: 'guess' }),
      });
      statuses.push(answer.status);
    }
    expect(statuses.slice(-2)).toEqual([429, 429]);
  });
});

describe('what a student could read the key from', () => {
  it('is not in the tray: its ids are its own, and its order a seed’s', async () => {
    const student = running.visitor();
    const [{ login, password }] = classes.students as [{ login: string; password: string }];
    await student.post('sign-in', { login, password });
    const { bookId } = (await student.post(`my-exercises/${classes.exerciseId}/begin`)).body;
    const { accounts } = (await student.get(`books/${bookId}`)).body.book as {
      accounts: { id: string; name: string }[];
    };
    const ids = new Set(COMPANY.accounts.map(({ id }) => id));
    for (const { id } of accounts) expect(ids.has(id)).toBe(false);
    const names = COMPANY.accounts.map(({ name }) => name);
    expect(accounts.map(({ name }) => name).sort()).toEqual([...names].sort());
  });

  it('is asked for as often as the exercise allows, and counted', async () => {
    await rework(ruth, classes.exerciseId, { checkWhileWorking: true, askLimit: 2 });
    const student = running.visitor();
    const [{ login, password }] = classes.students as [{ login: string; password: string }];
    await student.post('sign-in', { login, password });
    const ask = () => student.post(`my-exercises/${classes.exerciseId}/check`);
    const answers = await Promise.all([ask(), ask(), ask(), ask()]);
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 200, 422, 422]);
    const refused = answers.find(({ status }) => status === 422) as Answer;
    expect(refused.body.detail).toMatch(
      /^You have asked 2 times, as often as this exercise allows/,
    );
    await rework(ruth, classes.exerciseId, { askLimit: null, askPause: 10 });
    expect((await ask()).body.detail).toMatch(
      /^You asked a moment ago\. Ask again in \d+ minutes\.$/,
    );
    const { asks } = (await student.get(`my-exercises/${classes.exerciseId}`)).body;
    expect(asks).toMatchObject({ asked: 2, limit: null, nextAt: expect.any(String) });
  });
});

describe('what leaves the server', () => {
  it('is kept by nobody on the way, and the page of the API is for instructors', async () => {
    const answer = await fetch(`${running.address}/api/welcome`);
    expect(answer.headers.get('cache-control')).toBe('no-store');
    const student = running.visitor();
    const [{ login, password }] = classes.students as [{ login: string; password: string }];
    await student.post('sign-in', { login, password });
    for (const path of ['docs', 'docs-json', 'docs/', 'docs-yaml'])
      expect((await student.get(path)).status).toBe(404);
    expect((await ruth.get('docs-json')).status).toBe(200);
  });

  it('moments are not named in a work that has been handed in', async () => {
    const [, second] = classes.students as { login: string; password: string }[];
    await goThrough(running, classes, second as { login: string; password: string });
    const student = running.visitor();
    await student.post('sign-in', { login: second?.login, password: second?.password });
    const [mine] = (await student.get('my-exercises')).body;
    const named = await student.post(`books/${mine.bookId}/moments`, { revision: 0, name: 'Mine' });
    expect(named.body.detail).toMatch(/has been handed in/);
  });
});

describe('whatever is sent', () => {
  const odd = fc.oneof(
    fc.constantFrom<unknown>(
      null,
      '',
      ' ',
      0,
      -1,
      1e15,
      0.5,
      true,
      [],
      {},
      '\u0000',
      'bank',
      'several',
    ),
    fc.string(),
    fc.jsonValue({ maxDepth: 2 }),
  );
  const FIELDS = [
    ...['kind', 'id', 'name', 'account', 'amount', 'number', 'type', 'parent', 'index', 'entry'],
    ...['scheme', 'numberPlan', 'operations', 'date', 'company', 'taxLists', 'children', 'side'],
  ];
  const KINDS = [
    ...['add-account', 'rename-account', 'renumber-account', 'move-account', 'describe-account'],
    ...['state-side', 'retire-account', 'delete-account', 'set-opening', 'record-entry', 'several'],
    ...['change-entry', 'remove-entry', 'change-company', 'change-scheme', 'renumber-all'],
  ];
  const operation = fc
    .tuple(fc.constantFrom(...KINDS), fc.dictionary(fc.constantFrom(...FIELDS), odd))
    .map(([kind, rest]) => ({ id: 'bank', ...rest, kind }));

  it('as operations is done or refused in a sentence; the book still opens', async () => {
    const id = await fresh();
    const sent = fc.sample(fc.array(operation, { minLength: 1, maxLength: 3 }), {
      seed: 20_27,
      numRuns: 250,
    });
    for (const operations of sent) {
      const answer = await change(id, ...operations);
      if (answer.status !== 200) isReported(answer);
    }
    const opened = await ruth.get(`books/${id}`);
    expect(opened.status).toBe(200);
    expect((await ruth.post('companies', { book: opened.body.book })).status).toBe(201);
  });

  it('as bodies is done or refused in a sentence, and the class can still be checked', async () => {
    const { body: docs } = await ruth.get('docs-json');
    const routes = Object.entries(docs.paths as Record<string, object>).flatMap(([path, methods]) =>
      Object.keys(methods)
        .filter((method) => method !== 'get' && !/sign-out|password|sign-in/.test(path))
        .map((method) => ({ method, path: path.replace(/^\/api\//, '') })),
    );
    const body = fc.dictionary(
      fc.constantFrom(
        'title',
        'keyRules',
        'names',
        'groupId',
        'revision',
        'book',
        'text',
        'points',
        'name',
      ),
      odd,
    );
    const ids = [classes.exerciseId, classes.groupId, company.id, company.bookId];
    const asks = fc.sample(fc.tuple(fc.constantFrom(...routes), fc.constantFrom(...ids), body), {
      seed: 20_28,
      numRuns: 400,
    });
    for (const [{ method, path }, id, sent] of asks) {
      const address = path.replaceAll(/\{\w+\}/g, id);
      const answer = await ruth.ask(method as 'post', address, sent);
      if (answer.status >= 400) isReported(answer);
    }
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    const rows = await checkedRows(ruth, classes.exerciseId);
    expect(rows.filter(({ checked }) => checked === 'failed')).toEqual([]);
    expect(running.log).not.toMatch(/"level":50/);
  });

  it('nothing that people wrote, and no password, is in the log', () => {
    expect(running.log).not.toMatch(/argon2|Student 001|Learner|password|params/);
  });
});
