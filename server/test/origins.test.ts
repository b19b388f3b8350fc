import { EXERCISE_PARTS, partChanges, type ExerciseParts, type PartChange } from '@gleddo/core';
import { classOf, COMPANY, rework, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
let vera: { readonly id: string; readonly at: Visitor };

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 1);
  ({ ruth } = classes);
  const made = await ruth.post('instructors', { name: 'Vera', login: 'vera' });
  const at = running.visitor();
  await at.post('sign-in', { login: 'vera', password: made.body.password });
  vera = { id: (await at.get('me')).body.id, at };
});
afterAll(() => running.close());

const share = (how: string) =>
  ruth.put(`sharing/exercises/${classes.exerciseId}`, { personId: vera.id, how });
const open = async (who: Visitor, id: string) => (await who.get(`exercises/${id}`)).body;
/** What makes the second of the first: as a page finds it. */
const changesTo = (from: ExerciseParts, to: ExerciseParts): PartChange[] =>
  partChanges(EXERCISE_PARTS, from, to);

const NONE = { count: 0, latest: [] };

const PNG =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

describe('an exercise before and after', () => {
  it('is told as it stood after any of its changes, and goes back to it where that is wanted', async () => {
    const { exerciseId } = classes;
    const first = await open(ruth, exerciseId);
    const now = await rework(ruth, exerciseId, { title: 'Second name' });
    await rework(ruth, exerciseId, { title: 'Third name', brief: 'Another brief.' });
    const then = await ruth.get(`exercises/${exerciseId}/as-of/${String(first.revision)}`);
    expect(then.body.parts).toMatchObject({ title: first.title, brief: first.brief });
    expect(now.status).toBe(200);
    const latest = await open(ruth, exerciseId);
    const { parts } = (await ruth.get(`exercises/${exerciseId}/as-of/${String(latest.revision)}`))
      .body;
    const back = changesTo(parts, then.body.parts);
    expect(back.map(({ at }) => at).sort()).toEqual(['/brief', '/title']);
    const gone = await ruth.post(`exercises/${exerciseId}/take-over`, { changes: back });
    expect(gone.body).toMatchObject({ title: first.title, brief: first.brief });
  });

  it('refuses a change that was never made', async () => {
    const refused = await ruth.get(`exercises/${classes.exerciseId}/as-of/4000`);
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toContain('Choose one of its changes');
  });
});

describe('a copy taken from a colleague', () => {
  let copy: string;
  it('is one’s own and knows what it is a copy of; nobody copies what they may not look at', async () => {
    const path = `exercises/${classes.exerciseId}/copy`;
    expect((await vera.at.post(path)).status).toBe(404);
    await share('look');
    const made = await vera.at.post(path);
    expect(made.body).toMatchObject({ may: 'own', isCopy: true, state: 'draft' });
    copy = made.body.id;
    const origin = await vera.at.get(`exercises/${copy}/origin`);
    expect(origin.body).toMatchObject({ by: 'Ruth Marsh', key: NONE, start: NONE });
    expect(changesTo(origin.body.base, origin.body.now)).toEqual([]);
    expect((await ruth.get(`exercises/${copy}/origin`)).status).toBe(404);
  });

  it('is told what changed there since, and takes over what fits; what it changed itself stays', async () => {
    await rework(ruth, classes.exerciseId, {
      ...{ title: 'Ruth’s new title', brief: 'Ruth’s new brief.' },
      guide: { steps: [{ id: 's1', title: 'Look first' }] },
    });
    await rework(vera.at, copy, { title: 'Vera’s own title' });
    const { body: origin } = await vera.at.get(`exercises/${copy}/origin`);
    const changes = changesTo(origin.base, origin.now);
    expect(changes.map(({ at }) => at)).toEqual(
      expect.arrayContaining(['/title', '/brief', '/guide/steps/s1']),
    );
    const path = `exercises/${copy}/take-over`;
    const all = await vera.at.post(path, { changes });
    expect(all.status).toBe(409);
    expect(await open(vera.at, copy)).toMatchObject({ title: 'Vera’s own title', guide: {} });
    const fits = changes.filter(({ at }) => at !== '/title');
    expect((await vera.at.post(path, { changes: fits })).body).toMatchObject({
      ...{ title: 'Vera’s own title', brief: 'Ruth’s new brief.' },
      guide: { steps: [{ id: 's1', title: 'Look first' }] },
    });
  });

  it('follows the key and the start, change by change, once; what does not fit is told', async () => {
    const { keyBookId } = await open(ruth, classes.exerciseId);
    const { keyBookId: ownKey } = await open(vera.at, copy);
    const change = (who: Visitor, id: string, operations: readonly object[], token: string) =>
      who.post(`books/${id}/operations`, { revision: 0, token, operations });
    const rename = (account: string, name: string) => ({
      kind: 'rename-account',
      id: account,
      name,
    });
    const named = async (account: string): Promise<string> =>
      (await vera.at.get(`books/${ownKey}`)).body.book.accounts.find(
        ({ id }: { id: string }) => id === account,
      )?.name;
    const done = await change(ruth, keyBookId, [rename('rent', 'Rent of the shop')], 'ruth-1');
    expect(done.status).toBe(200);
    await change(ruth, keyBookId, [rename('stock', 'Lamps in stock')], 'ruth-2');
    await change(
      vera.at,
      ownKey,
      [{ kind: 'delete-account', id: 'stock', children: 'refuse' }],
      'vera-1',
    );
    const { body: origin } = await vera.at.get(`exercises/${copy}/origin`);
    expect(origin.key.latest.map(({ says }: { says: string }) => says)).toEqual([
      expect.stringContaining('Lamps in stock'),
      expect.stringContaining('Rent of the shop'),
    ]);
    const path = `exercises/${copy}/origin/books`;
    const taken = await Promise.all([vera.at.post(path), vera.at.post(path)]);
    expect(taken.map(({ status }) => status)).toEqual([200, 200]);
    expect(taken[0]?.body).toMatchObject({ done: 1, refused: [expect.any(String)] });
    expect(await named('rent')).toBe('Rent of the shop');
    expect((await vera.at.get(`exercises/${copy}/origin`)).body.key).toEqual(NONE);
  });

  it('says so where the other is no longer shared', async () => {
    await ruth.remove(`sharing/exercises/${classes.exerciseId}/${vera.id}`);
    const refused = await vera.at.get(`exercises/${copy}/origin`);
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toContain('no longer shared with you');
    expect((await open(vera.at, copy)).title).toBe('Vera’s own title');
  });
});

describe('parts of another exercise', () => {
  it('speak of the accounts of this one’s key, bring their pictures, and stand beside those of the same id', async () => {
    const { exerciseId } = classes;
    const { body: picture } = await ruth.post(`exercises/${exerciseId}/pictures`, { picture: PNG });
    await rework(ruth, exerciseId, {
      guide: {
        steps: [{ id: 's1', title: 'With a picture', accounts: ['bank', 'van'], sheets: ['p1'] }],
        sheets: [{ id: 'p1', title: 'Seen', kind: 'picture', picture: picture.id }],
      },
    });
    const accounts = COMPANY.accounts
      .filter(({ id }) => !id.startsWith('van'))
      .map((each) => (each.id === 'bank' ? { ...each, id: 'main-account' } : each));
    const book = { ...COMPANY, accounts, opening: undefined, entries: [] };
    const { body: company } = await ruth.post('companies', { book });
    const { body: other } = await ruth.post('exercises', {
      ...{ companyId: company.id, title: 'Another', start: 'company-only' },
    });
    await rework(ruth, other.id, { guide: { steps: [{ id: 's1', title: 'My own' }] } });
    const { body: theirs } = await ruth.get(`exercises/${other.id}/parts-of/${exerciseId}`);
    expect(theirs.lost).toEqual(['1510 Van']);
    const [step] = theirs.parts.guide.steps;
    expect(step).toMatchObject({ id: 's1-2', accounts: ['main-account'], sheets: ['p1'] });
    const took = await ruth.post(`exercises/${other.id}/take-over`, {
      changes: [
        { at: '/guide/steps/s1-2', now: step },
        { at: '/guide/sheets/p1', now: theirs.parts.guide.sheets[0] },
      ],
    });
    expect(took.status).toBe(200);
    expect(took.body.guide.steps.map(({ title }: { title: string }) => title)).toEqual([
      'My own',
      'With a picture',
    ]);
    const own = took.body.guide.sheets[0].picture;
    expect(own).not.toBe(picture.id);
    expect((await ruth.get(`exercises/${other.id}/pictures/${own}`)).status).toBe(200);
  });

  it('whatever is named as a picture, nothing is kept of what is refused, and no more than there is room for', async () => {
    const { exerciseId } = classes;
    const path = `exercises/${exerciseId}/take-over`;
    const sheet = (i: number, picture: unknown) => ({
      ...{ at: `/guide/sheets/odd${String(i)}` },
      now: { id: `odd${String(i)}`, title: 'Odd', kind: 'picture', picture },
    });
    for (const odd of [5, null, { a: 1 }, ['x'], 'x'.repeat(50_000), PNG])
      expect((await ruth.post(path, { changes: [sheet(0, odd)] })).status).toBe(422);
    const { body: company } = await ruth.post('companies', { book: COMPANY });
    const other = await ruth.post('exercises', {
      ...{ companyId: company.id, title: 'Pictured', start: 'company-only' },
    });
    const ids: string[] = [];
    for (let i = 0; i < 60; i++) {
      const kept = await ruth.post(`exercises/${other.body.id}/pictures`, { picture: PNG });
      ids.push(kept.body.id);
    }
    const all = ids.map((id, i) => sheet(i, id));
    const refused = await ruth.post(path, { changes: all });
    expect([refused.status, refused.body.detail]).toEqual([
      422,
      expect.stringContaining('keeps 60 pictures'),
    ]);
    const took = await ruth.post(path, { changes: all.slice(0, 40) });
    expect(took.status).toBe(200);
    expect((await ruth.post(path, { changes: all.slice(40) })).status).toBe(422);
  });
});
