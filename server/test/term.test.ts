import { checkedRows, classOf, signedIn, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
let students: Visitor[];

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 3);
  ({ ruth } = classes);
  students = await signedIn(running, classes);
  for (const student of students.slice(0, 2)) {
    await student.post(`my-exercises/${classes.exerciseId}/begin`);
    await student.post(`my-exercises/${classes.exerciseId}/hand-in`);
  }
  await checkedRows(ruth, classes.exerciseId);
});
afterAll(() => running.close());

const path = () => `groups/${classes.groupId}/marks`;
const counts = async () =>
  (await ruth.get(path())).body.rows.map(
    ({ marks }: { marks: { counts: string }[] }) => marks[0]?.counts,
  );
const own = async (at: number) => (await students[at]?.get('my-exercises/term'))?.body;

it('counts nothing before works are given back, and tells a student nothing of it', async () => {
  expect(await counts()).toEqual(['waits', 'waits', 'not-yet']);
  const [term] = await own(0);
  expect(term).toMatchObject({ group: 'Evening class', tenths: null });
  expect(term.marks).toEqual([
    { exerciseId: classes.exerciseId, points: null, of: null, counts: 'waits' },
  ]);
});

it('tells a student nothing of a mark that is given back without being shown', async () => {
  const rows = await checkedRows(ruth, classes.exerciseId);
  const shows = { marks: false, notes: true, key: false, copy: false, tells: 'there' };
  const given = await ruth.post(`tries/${rows[0]?.tryId ?? ''}/give-back`, { shows });
  expect(given.body).toMatchObject({ state: 'given-back', shows: { marks: false } });
  const [term] = await own(0);
  expect(term).toMatchObject({ tenths: null });
  expect(term.marks[0]).toMatchObject({ points: null, of: null, counts: 'waits' });
  expect((await ruth.get(path())).body.rows[0].marks[0].counts).toBe('counts');
  await ruth.post(`tries/${rows[0]?.tryId ?? ''}/take-back`);
});

it('counts what was given back, and what is missing by then; who was ill is excused', async () => {
  const shows = { marks: true, notes: true, key: false, copy: false, tells: 'there' };
  await ruth.post(`exercises/${classes.exerciseId}/give-back`, { shows });
  expect((await own(0))[0].tenths).not.toBeNull();
  expect(await counts()).toEqual(['counts', 'counts', 'missing']);
  const { rows } = (await ruth.get(path())).body;
  expect(rows[2].tenths).toBe(0);
  const until = new Date(Date.now() + 3_600_000).toISOString();
  const closed = { groupId: classes.groupId, opensAt: null, late: 'told' };
  const times = (closesAt: string | null) =>
    ruth.put(`exercises/${classes.exerciseId}/times`, { ...closed, closesAt });
  await times(until);
  expect(await counts()).toEqual(['counts', 'counts', 'not-yet']);
  await times(null);
  const ill = { exerciseId: classes.exerciseId, personId: classes.ids[2] };
  const excused = await ruth.patch(path(), { ...ill, isExcused: true });
  expect(excused.body.rows[2]).toMatchObject({ tenths: null });
  expect((await own(2))[0].tenths).toBeNull();
  await ruth.patch(path(), { ...ill, isExcused: false });
  expect(await counts()).toEqual(['counts', 'counts', 'missing']);
});

it('weighs exercises, leaves out the worst, and refuses what it can’t be told', async () => {
  const weighed = await ruth.patch(path(), { exerciseId: classes.exerciseId, weight: 0 });
  expect(weighed.body.exercises).toMatchObject([{ weight: 0 }]);
  expect(weighed.body.rows[0].marks[0].counts).toBe('no-weight');
  expect((await ruth.patch(path(), { dropWorst: 1 })).body.dropWorst).toBe(1);
  expect((await ruth.patch(path(), { dropWorst: -1 })).status).toBe(400);
  expect((await ruth.patch(path(), { exerciseId: 'none', weight: 2 })).status).toBe(404);
  expect((await ruth.patch(path(), {})).status).toBe(422);
  const stranger = { exerciseId: classes.exerciseId, personId: 'nobody', isExcused: true };
  expect((await ruth.patch(path(), stranger)).status).toBe(404);
});

it('stays with the one person that two were', async () => {
  const { exerciseId, groupId, ids } = classes;
  const [into = '', , from = ''] = ids;
  for (const personId of [into, from]) {
    await ruth.patch(path(), { exerciseId, personId, isExcused: true });
    expect((await ruth.post(`groups/${groupId}/members/${personId}/link`)).status).toBe(200);
  }
  const merged = await ruth.post(`groups/${groupId}/members/${from}/merge`, { into });
  expect(merged.status).toBe(200);
  expect(await counts()).toEqual(['excused', 'no-weight']);
});

it('is seen by who teaches or assists, and changed by who teaches', async () => {
  expect((await students[0]?.get(path()))?.status).toBe(403);
  const made = await ruth.post('instructors', { name: 'Otto Fell', login: 'otto' });
  const otto = running.visitor();
  await otto.post('sign-in', { login: 'otto', password: made.body.password });
  expect((await otto.get(path())).status).toBe(404);
  const { id } = (await otto.get('me')).body;
  await ruth.put(`sharing/groups/${classes.groupId}`, { personId: id, how: 'assist' });
  expect((await otto.get(path())).body.mayChange).toBe(false);
  expect((await otto.patch(path(), { dropWorst: 2 })).status).toBe(422);
});
