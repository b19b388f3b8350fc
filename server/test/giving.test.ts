import {
  COMPANY,
  checkedRows,
  classOf,
  goThrough,
  listOf,
  rework,
  type Row,
  type TestClass,
} from './class-of.js';
import { SHIPPED_SCHEMES, type Told } from '@gleddo/core';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
let rows: Row[];
const students: Visitor[] = [];

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 4);
  ({ ruth } = classes);
  for (const who of classes.students) {
    await goThrough(running, classes, who);
    const student = running.visitor();
    await student.post('sign-in', { login: who.login, password: who.password });
    students.push(student);
  }
  rows = await checkedRows(ruth, classes.exerciseId);
});
afterAll(() => running.close());

const ALL = { marks: true, notes: true, tells: 'now', key: true, copy: true };
const UNTOLD = { there: '', belongs: '', why: '', now: '' };
const mine = async (i: number) =>
  (await students[i]?.get(`my-exercises/${classes.exerciseId}`))?.body ?? {};
const give = (i: number, shows?: object) =>
  ruth.post(`tries/${rows[i]?.tryId}/give-back`, shows === undefined ? {} : { shows });

describe('what a student gets back', () => {
  it('is what its instructor chose, and no more', async () => {
    await give(0, { marks: false, notes: true, tells: 'there', key: false, copy: false });
    const back = await mine(0);
    expect(back).toMatchObject({ points: null, of: null, key: null, scaledFrom: null });
    expect(back.results.length).toBeGreaterThan(0);
    const said = back.results.map(({ told }: { told: Told }) => told.there);
    expect(said.some((there: string) => there !== '')).toBe(true);
    const given = COMPANY.accounts.map(({ name }) => name);
    const wanted = COMPANY.accounts.map(({ type }) => type);
    const types = (SHIPPED_SCHEMES[0]?.types ?? [])
      .filter(
        ({ id, name }) => wanted.includes(id) && id !== 'bank' && !given.join().includes(name),
      )
      .map(({ name }) => name);
    expect(types.length).toBeGreaterThan(1);
    expect(types.filter((name) => said.join(' ').includes(name))).toEqual([]);
    const ofLines = back.results.filter(({ check }: { check: string }) => /line|total/.test(check));
    for (const { told } of ofLines) expect(told.there).not.toMatch(/\d/);
    for (const result of back.results)
      expect(result).toMatchObject({
        points: 0,
        of: 0,
        told: { ...UNTOLD, there: expect.any(String) },
        causes: [],
        difference: null,
      });
    const ids = COMPANY.accounts.map(({ id }) => id).filter((id) => id.length > 3);
    expect(ids.filter((id) => JSON.stringify(back).includes(`"${id}"`))).toEqual([]);
    const refs = new Set(back.results.map(({ ref }: { ref: string }) => ref));
    const from = back.results.flatMap((each: { from: string[] }) => each.from);
    expect(from.filter((ref: string) => !refs.has(ref))).toEqual([]);
    const listed = (await students[0]?.get('my-exercises'))?.body;
    expect(listed).toMatchObject([{ points: null, of: null, state: 'given-back' }]);
    const copy = await students[0]?.post(`my-exercises/${classes.exerciseId}/copy`);
    expect(copy?.status).toBe(422);
    expect(copy?.body.detail).toMatch(/did not allow it\.$/);
  });

  it('is chosen for the next ones, too; all of it where all of it is shown', async () => {
    await give(1);
    expect((await mine(1)).shows).toEqual({
      ...ALL,
      marks: false,
      tells: 'there',
      key: false,
      copy: false,
    });
    await give(2, ALL);
    const back = await mine(2);
    expect(back.points).toBe(rows[2]?.points);
    expect(back.key.accounts).toHaveLength(10);
    expect(back.results.some(({ told }: { told: Told }) => told.belongs !== '')).toBe(true);
  });

  it('is refused where it is not said of each part', async () => {
    const odd = await give(3, { marks: 'yes' });
    expect(odd.status).toBe(400);
    expect(odd.body.detail).toMatch(/whether it is shown/);
  });
});

describe('a copy in which a work is put right', () => {
  const path = () => `my-exercises/${classes.exerciseId}/copy`;

  it('is the student’s alone, checked at once, and changes no marks', async () => {
    const [, , student] = students;
    expect((await student?.post(`${path()}/check`))?.status).toBe(422);
    const begun = await Promise.all([student?.post(path()), student?.post(path())]);
    const copies = new Set(begun.map((each) => each?.body.copyBookId as string));
    expect(copies.size).toBe(1);
    const [copy] = copies;
    expect((await students[1]?.get(`books/${copy}`))?.status).toBe(404);
    expect((await ruth.get(`books/${copy}`)).body.mayChange).toBe(false);
    const before = (await student?.post(`${path()}/check`))?.body;
    expect(before).toMatchObject({ points: rows[2]?.points, of: rows[2]?.of });

    const { book, revision } = (await student?.get(`books/${copy}`))?.body ?? {};
    const rent = book.accounts.find(({ name }: { name: string }) => name === 'Rent');
    const move = {
      kind: 'move-account',
      id: rent.id,
      type: 'premises',
      parent: null,
      number: null,
    };
    const moved = await student?.post(`books/${copy}/operations`, {
      ...{ revision, token: 'put-right', operations: [move] },
    });
    expect(moved?.status).toBe(200);
    const after = (await student?.post(`${path()}/check`))?.body;
    expect(after.points).toBeGreaterThan(before.points);
    expect((await mine(2)).points).toBe(rows[2]?.points);
    const { body } = await ruth.get(`exercises/${classes.exerciseId}/results`);
    expect(body.counts).toMatchObject({ inClass: 4, handedIn: 4 });
  });

  it('tells no more than was given back: no marks, no sentence, no name of the key', async () => {
    const other = await classOf(running, 1);
    const [who] = other.students as [TestClass['students'][number]];
    await goThrough(running, other, who);
    const student = running.visitor();
    await student.post('sign-in', { login: who.login, password: who.password });
    const [row] = await checkedRows(other.ruth, other.exerciseId);
    const shows = { marks: false, notes: true, tells: null, key: false, copy: true };
    await other.ruth.post(`tries/${row?.tryId}/give-back`, { shows });
    const copy = `my-exercises/${other.exerciseId}/copy`;
    await student.post(copy);
    const checked = (await student.post(`${copy}/check`)).body;
    expect(checked).toMatchObject({ points: null, of: null });
    expect(checked.results.length).toBeGreaterThan(0);
    for (const result of checked.results)
      expect(result).toMatchObject({
        points: 0,
        of: 0,
        told: UNTOLD,
        causes: [],
        difference: null,
      });
    const ids = COMPANY.accounts.map(({ id }) => id).filter((id) => id.length > 3);
    expect(ids.filter((id) => JSON.stringify(checked).includes(`"${id}"`))).toEqual([]);
  });

  it('is not there for who has not got the work back', async () => {
    expect((await students[3]?.post(path()))?.status).toBe(422);
  });
});

describe('what the whole counts', () => {
  it('is what its instructor says, in previews and marks, and the points behind it are told', async () => {
    const { keyRules } = (await ruth.get(`exercises/${classes.exerciseId}`)).body;
    await rework(ruth, classes.exerciseId, { keyRules: { ...keyRules, total: 20 } });
    const preview = (await ruth.get(`exercises/${classes.exerciseId}/check-again/preview`)).body;
    const [row] = preview.rows.filter(({ state }: { state: string }) => state === 'handed-in');
    expect(row.newOf).toBe(20);
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    const now = (await checkedRows(ruth, classes.exerciseId))[3];
    expect(now).toMatchObject({ of: 20, points: row.newPoints });
    const marked = (await ruth.get(`tries/${rows[3]?.tryId}`)).body;
    expect(marked.scaledFrom).toBeGreaterThan(20);
  });
});

describe('a class group among others', () => {
  it('is shown alone, with its own counts', async () => {
    const { body: group } = await ruth.post('groups', { name: 'Morning class' });
    await ruth.post(`groups/${group.id}/members`, listOf(['Early Bird']));
    await ruth.post(`exercises/${classes.exerciseId}/hand-out`, { groupId: group.id });
    const path = `exercises/${classes.exerciseId}/results`;
    const { body: all } = await ruth.get(path);
    expect(all.groups.map(({ name }: { name: string }) => name)).toEqual([
      ...['Evening class', 'Morning class'],
    ]);
    expect(all.counts.inClass).toBe(5);
    const { body: one } = await ruth.get(`${path}?group=${group.id}`);
    expect(one.counts).toMatchObject({ inClass: 1, handedIn: 0 });
    expect(one.rows).toMatchObject([{ student: 'Early Bird', groups: [group.id] }]);
    const { body: other } = await ruth.get(`${path}?group=${classes.groupId}`);
    expect(other.counts).toMatchObject({ inClass: 4, handedIn: 4 });
    expect((await ruth.get(`${path}?group=nobody`)).body.rows).toEqual([]);
    const back = `exercises/${classes.exerciseId}/give-back`;
    await ruth.post(back, { groupId: group.id });
    expect((await checkedRows(ruth, classes.exerciseId)).at(-1)?.state).toBe('handed-in');
    await ruth.post(back, { groupId: classes.groupId, shows: { ...ALL, notes: false } });
    expect((await checkedRows(ruth, classes.exerciseId)).at(-1)?.state).toBe('given-back');
  });

  it('has nothing to put right by where its notes are not shown', async () => {
    expect(await mine(3)).toMatchObject({ results: null, notes: null, shows: { copy: false } });
    const copy = await students[3]?.post(`my-exercises/${classes.exerciseId}/copy`);
    expect(copy?.status).toBe(422);
  });
});

describe('an account that is not to be set up', () => {
  it('is no longer forbidden once the key itself uses it; nothing stands still for that', async () => {
    const path = `exercises/${classes.exerciseId}`;
    const { keyRules, keyBookId } = (await ruth.get(path)).body;
    const forbids = (account: string) => ({
      keyRules: { ...keyRules, accepts: [{ account, forbidden: true }] },
    });
    const used = await rework(ruth, classes.exerciseId, forbids('bank'));
    expect(used.body.faults[0].code).toBe('key.forbidden-used');
    expect((await rework(ruth, classes.exerciseId, forbids('stock'))).status).toBe(200);
    const { revision } = (await ruth.get(`books/${keyBookId}`)).body;
    const opens = { kind: 'set-opening', id: 'stock', amount: 100 };
    await ruth.post(`books/${keyBookId}/operations`, {
      ...{ revision, token: 'stock-opens', operations: [opens] },
    });
    expect((await ruth.get(`${path}/check-again/preview`)).status).toBe(200);
    await rework(ruth, classes.exerciseId, { keyRules });
    const after = (await ruth.get(`books/${keyBookId}`)).body.revision as number;
    await ruth.post(`books/${keyBookId}/operations`, {
      ...{ revision: after, token: 'and-not', operations: [{ ...opens, amount: 0 }] },
    });
  });
});

describe('the versions of a key', () => {
  it('are told with what each changed, and how many works are marked by it', async () => {
    const { body } = await ruth.get(`exercises/${classes.exerciseId}/key-versions`);
    expect(body[0]).toMatchObject({ version: 2, changes: ['The whole counts 20.'] });
    expect(body[1]).toMatchObject({ version: 1, changes: [] });
    expect(body[0].works + body[1].works).toBe(4);
  });
});

describe('the stock of notes', () => {
  it('is one’s own; the same words are kept once, with the newest points', async () => {
    const kept = await ruth.post('note-stock', { text: ' Look at the side. ', points: -1 });
    expect(kept.body).toMatchObject([{ text: 'Look at the side.', points: -1 }]);
    const twice = { text: 'Look at the side.', points: 0 };
    await Promise.all([ruth.post('note-stock', twice), ruth.post('note-stock', twice)]);
    await ruth.post('note-stock', { text: 'Close to it.', points: 1 });
    const { body: notes } = await ruth.get('note-stock');
    expect(
      notes.map(({ text, points }: { text: string; points: number }) => [text, points]),
    ).toEqual([
      ['Close to it.', 1],
      ['Look at the side.', 0],
    ]);
    expect((await ruth.ask('delete', `note-stock/${notes[0].id}`)).body).toHaveLength(1);
    expect((await ruth.post('note-stock', { text: '\u200b', points: 0 })).status).toBe(422);
    expect((await students[0]?.get('note-stock'))?.status).toBe(403);
  });
});
