import { runningApp, type Answer, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let ruth: Visitor;
let ines: Visitor;
/** Every id that the server has given out to the instructor; what a book calls its own accounts stands in no address. */
const ids = new Set<string>();

const IN_KEY = 'Only the key says so';
const IN_NOTE = 'Only the instructor reads this so far';
const IN_REHEARSAL = 'Only the rehearsal has this';

/** So long are those that the server makes. */
const GIVEN_OUT = 12;

const idsIn = (value: unknown): void => {
  if (typeof value !== 'object' || value === null) return;
  for (const [key, each] of Object.entries(value))
    if (typeof each === 'string' && /^(id|\w+Id)$/.test(key)) {
      if (each.length >= GIVEN_OUT) ids.add(each);
    } else idsIn(each);
};

const asked = async (path: string): Promise<Answer['body']> => {
  const { body } = await ruth.get(path);
  idsIn(body);
  return body as Answer['body'];
};

const rename = (bookId: string, revision: number, name: string) =>
  ruth.post(`books/${bookId}/operations`, {
    revision,
    token: name,
    operations: [{ kind: 'rename-account', id: 'bank', name }],
  });

beforeAll(async () => {
  running = await runningApp(true);
  ruth = await running.person('ruth.marsh');
  ines = await running.person('ines.okafor');
  const exercises = (await asked('exercises')) as { id: string; title: string }[];
  for (const path of ['companies', 'groups']) await asked(path);
  for (const { id } of exercises) await asked(`exercises/${id}`);
  const id = exercises.find(({ title }) => /^Quarter-end/.test(title))?.id ?? '';
  const { keyBookId } = await asked(`exercises/${id}`);
  const { revision } = await asked(`books/${keyBookId}`);
  await rename(keyBookId, revision, IN_KEY);
  await ruth.post(`exercises/${id}/trial-run/begin`);
  const trialRun = await asked(`exercises/${id}/trial-run`);
  await rename(trialRun.bookId, 0, IN_REHEARSAL);
  const { rows } = await asked(`exercises/${id}/results`);
  for (const row of rows as { tryId: string | null; student: string }[])
    if (row.tryId !== null && row.student === 'Ines Okafor')
      await ruth.post(`tries/${row.tryId}/notes`, { text: IN_NOTE, points: 1 });
});
afterAll(() => running.close());

const AT_ONCE = 16;

interface Route {
  readonly method: 'get' | 'post' | 'patch' | 'delete';
  readonly path: string;
}

/** Every route that the server has, as it tells itself. */
async function routes(): Promise<Route[]> {
  const { body } = await ruth.get('docs-json');
  const { paths } = body as { paths: Record<string, Record<string, unknown>> };
  return Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => ({
      method: method as Route['method'],
      path: path.replace(/^\/api\//, ''),
    })),
  );
}

/** A route with each id in the place of its parameters. */
const filled = ({ path }: Route): string[] =>
  path.includes('{') ? [...ids].map((id) => path.replaceAll(/\{\w+\}/g, id)) : [path];

describe('whatever a student asks for', () => {
  it('no answer holds the key, a note not given back, or the instructor’s own try', async () => {
    const all = (await routes()).filter(({ path }) => !/sign-out|demo-sign-in|sign-in/.test(path));
    expect(all.length).toBeGreaterThan(30);
    const described: string[] = [];
    const asked = all.filter(({ method, path }) => method === 'get' && !path.endsWith('/events'));
    const look = async (path: string) => {
      const { body } = await ines.get(path);
      const text = JSON.stringify(body);
      for (const secret of [IN_KEY, IN_NOTE, IN_REHEARSAL])
        if (text.includes(secret)) described.push(`${path}: ${secret}`);
    };
    const paths = asked.flatMap(filled);
    for (let at = 0; at < paths.length; at += AT_ONCE)
      await Promise.all(paths.slice(at, at + AT_ONCE).map(look));
    expect(described).toEqual([]);
  });

  it('nothing that belongs to the instructor is changed by any route', async () => {
    const before = await Promise.all([...ids].map((id) => ruth.get(`books/${id}`)));
    // Where platforms send people each answer leads to a page: without what a platform says, to one that refuses.
    const all = (await routes()).filter(
      ({ method, path }) => method !== 'get' && !/sign|launch|my-exercises/.test(path),
    );
    const done: string[] = [];
    for (const route of all)
      for (const path of filled(route).slice(0, 12)) {
        const body = {
          revision: 0,
          token: 'x',
          operations: [],
          title: 'Mine now',
          name: 'x',
          text: 'x',
          points: 3,
        };
        const { status } = await ines.ask(route.method, path, body);
        if (status < 400) done.push(`${route.method} ${path}: ${status}`);
      }
    expect(done).toEqual([]);
    const after = await Promise.all([...ids].map((id) => ruth.get(`books/${id}`)));
    expect(after).toEqual(before);
  });
});

describe('an instructor’s own try at an exercise', () => {
  it('is nobody else’s, and counts nowhere', async () => {
    const [exercise] = (await asked('exercises')) as { id: string; tries: number }[];
    const path = `exercises/${exercise?.id}/trial-run`;
    const { bookId } = await asked(path);
    expect((await ines.get(path)).status).toBe(403);
    expect((await ines.get(`books/${bookId}`)).status).toBe(404);
    const book = await asked(`books/${bookId}`);
    expect(book).toMatchObject({ by: 'student', mayChange: true });
    const { rows } = await asked(`exercises/${exercise?.id}/results`);
    expect(rows).toHaveLength(24);
    expect(exercise?.tries).toBe(23);
  });

  it('is held to a student’s rules, checked as it stands, and begun again from the start', async () => {
    const [exercise] = (await asked('exercises')) as { id: string }[];
    const path = `exercises/${exercise?.id}/trial-run`;
    const { bookId } = await asked(path);
    const { revision } = await asked(`books/${bookId}`);
    const scheme = { kind: 'change-scheme', scheme: 'non-current-first', places: [] };
    const refused = await ruth.post(`books/${bookId}/operations`, {
      revision,
      token: 's',
      operations: [scheme],
    });
    expect(refused.status).toBe(422);
    const marks = (await ruth.post(`${path}/check`)).body;
    // 100 as it is handed out; the name that the key has had since says the same.
    expect(marks).toMatchObject({ points: 0, of: 100 });
    expect(marks.results[0].told.there).toMatch(/\.$/);
    const again = (await ruth.post(`${path}/begin`)).body;
    expect(again.bookId).not.toBe(bookId);
    expect((await ruth.get(`books/${again.bookId}`)).body.revision).toBe(0);
  });

  it('has no marks before it is begun, and says so', async () => {
    const exercises = (await asked('exercises')) as { id: string; state: string }[];
    const draft = exercises.find(({ state }) => state === 'draft');
    const answer = await ruth.post(`exercises/${draft?.id}/trial-run/check`);
    expect(answer.status).toBe(422);
    expect(answer.body.detail).toMatch(/Begin it first/);
  });

  it('can be a copy of the key with faults in it: they cost their marks, nothing else does', async () => {
    const [exercise] = (await asked('exercises')) as { id: string }[];
    const path = `exercises/${exercise?.id}/trial-run`;
    const spoilt = await ruth.post(`${path}/spoil`, { faults: { 'wrong-statement': 2 }, seed: 4 });
    expect(spoilt.body.spoilt).toBe(true);
    const { body: marks } = await ruth.post(`${path}/check`);
    const lost = marks.results.filter(({ outcome }: { outcome: string }) => outcome === 'not-met');
    expect(lost.map(({ check }: { check: string }) => check)).toEqual([
      ...['account.statement', 'account.statement'],
    ]);
    expect([marks.of - marks.points, marks.scaledFrom]).toEqual([3, 230]);
    for (const faults of ['all', { 'wrong-statement': 1e9 }, { nonsense: 1 }, null])
      expect((await ruth.post(`${path}/spoil`, { faults, seed: 4 })).status).toBe(400);
    expect((await ruth.post(`${path}/begin`)).body.spoilt).toBe(false);
  });
});
