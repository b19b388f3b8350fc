import { checkedRows, classOf, goThrough, signedIn, type TestClass } from './class-of.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let postgres: TestPostgres;
let running: RunningApp;
let own: TestClass;
let ruth: Visitor;
let partId: string;
let second: string;
beforeAll(async () => {
  postgres = await testPostgres();
  running = await runningApp(false, await postgres.database());
  own = await classOf(running, 4);
  ({ ruth } = own);
  second = (await ruth.post('shelf/bakery-mended/take', {})).body.id;
});
afterAll(async () => {
  await running.close();
  await postgres.stop();
});

const path = () => `groups/${own.groupId}`;
const parts = async () => (await ruth.get(path())).body.parts;

describe('a group within a class', () => {
  it('has those of the class who were chosen, and nobody else', async () => {
    const [first, other] = own.ids;
    const members = [first, other, 'somebody-else'];
    const made = await ruth.post(`${path()}/parts`, { name: ' Tuesday ', members });
    expect(made.status).toBe(200);
    [{ id: partId }] = made.body.parts;
    expect(made.body.parts).toEqual([
      { id: partId, name: 'Tuesday', students: 2, members: expect.arrayContaining([first, other]) },
    ]);
    const listed = (await ruth.get('groups')).body;
    expect(listed).toHaveLength(1);
    expect(listed[0].parts).toEqual([{ id: partId, name: 'Tuesday', students: 2 }]);
  });

  it('is made once, though it is asked for twice; another of its name is refused', async () => {
    const [first, other] = own.ids;
    const again = await ruth.post(`${path()}/parts`, { name: 'Tuesday', members: [other, first] });
    expect([again.status, again.body.parts.length]).toEqual([200, 1]);
    const twin = await ruth.post(`${path()}/parts`, { name: 'Tuesday', members: [first] });
    expect(twin.status).toBe(422);
    expect(JSON.stringify(twin.body)).toContain('There is a group “Tuesday”');
    const asked = [1, 2, 3].map(() =>
      ruth.post(`${path()}/parts`, { name: 'Once', members: [first] }),
    );
    expect((await Promise.all(asked)).map(({ status }) => status)).toEqual([200, 200, 200]);
    const once = (await parts()).find(({ name }: { name: string }) => name === 'Once');
    expect((await ruth.remove(`${path()}/parts/${once.id}`)).body.parts).toHaveLength(1);
  });

  it('has nobody who is taken out of the class at the same time', async () => {
    const [, , third] = own.ids;
    const members = `${path()}/members/${third ?? ''}`;
    for (let i = 0; i < 6; i++) {
      await ruth.post(`${members}/back`);
      const name = `Round ${i}`;
      await Promise.all([
        ruth.post(`${path()}/parts`, { name, members: [third] }),
        ruth.remove(members),
      ]);
      const made = (await parts()).find((part: { name: string }) => part.name === name);
      expect(made.members).toEqual([]);
      await ruth.remove(`${path()}/parts/${made.id}`);
    }
    await ruth.post(`${members}/back`);
  });

  it('is no class by itself: nobody is added to it, and no list is laid beside it', async () => {
    expect((await ruth.get(`groups/${partId}`)).status).toBe(404);
    const list = { students: [{ name: 'Nell Harbour', number: '', email: '' }] };
    expect((await ruth.post(`groups/${partId}/members`, list)).status).toBe(404);
    expect((await ruth.post(`groups/${partId}/parts`, { name: 'In it', members: [] })).status).toBe(
      404,
    );
  });

  it('is given an exercise that the others do not have, and to whom it counts', async () => {
    const out = await ruth.post(`exercises/${second}/hand-out`, { groupId: partId });
    expect(out.status).toBe(200);
    const students = await signedIn(running, own);
    const begun = await Promise.all(
      students.map(async (each) => (await each.post(`my-exercises/${second}/begin`)).status),
    );
    expect(begun.map((status) => status < 300)).toEqual([true, true, false, false]);
    const [inIt] = own.students;
    if (inIt) await goThrough(running, { ...own, exerciseId: second }, inIt);
    const rows = await checkedRows(ruth, second);
    expect(rows).toHaveLength(2);
    await ruth.post(`exercises/${second}/give-back`);
    const term = (await ruth.get(`${path()}/marks`)).body;
    expect(term.exercises).toHaveLength(2);
    const counts = (student: string) =>
      term.rows
        .find((row: { student: string }) => row.student === student)
        .marks.find((mark: { exerciseId: string }) => mark.exerciseId === second).counts;
    expect(['001', '003', '004'].map((number) => counts(`Student ${number}`))).toEqual([
      'counts',
      'not-given',
      'not-given',
    ]);
    const theirs = (await students[2]?.get('my-exercises/term'))?.body;
    expect(JSON.stringify(theirs)).not.toContain(second);
  });

  it('is not deleted while something is handed out to it', async () => {
    const refused = await ruth.remove(`${path()}/parts/${partId}`);
    expect(refused.status).toBe(422);
    expect(JSON.stringify(refused.body)).toContain('Take it back from this group first');
    expect(await parts()).toHaveLength(1);
  });

  it('is changed one after the other, by whoever teaches; who leaves the class leaves it', async () => {
    const [first, , third] = own.ids;
    const changes = ['Thursday', 'Friday'].map((name) =>
      ruth.put(`${path()}/parts/${partId}`, { name, members: [first, third] }),
    );
    expect((await Promise.all(changes)).map(({ status }) => status)).toEqual([200, 200]);
    const [part] = await parts();
    expect(part.members).toHaveLength(2);
    await ruth.remove(`${path()}/members/${third ?? ''}`);
    expect((await parts())[0].members).toEqual([first]);
    await ruth.post(`${path()}/members/${third ?? ''}/back`);
    expect((await parts())[0].members).toEqual([first]);
  });

  it('is nobody’s who does not teach the class', async () => {
    const [student] = await signedIn(running, own);
    const request = { name: 'Mine', members: [] };
    expect((await student?.post(`${path()}/parts`, request))?.status).toBe(403);
    const made = (await ruth.post('instructors', { name: 'Odile Fenn', login: 'odile' })).body;
    const odile = running.visitor();
    await odile.post('sign-in', { login: 'odile', password: made.password });
    await odile.post('me/first-password', { password: 'another long password' });
    expect((await odile.post(`${path()}/parts`, request)).status).toBe(404);
    const { id: personId } = (await odile.get('me')).body;
    await ruth.put(`sharing/groups/${own.groupId}`, { personId, how: 'assist' });
    expect((await odile.post(`${path()}/parts`, request)).status).toBe(422);
    expect((await odile.get(`exercises/${second}`)).status).toBe(200);
    await ruth.put(`sharing/groups/${own.groupId}`, { personId, how: 'teach' });
    expect((await odile.post(`${path()}/parts`, request)).status).toBe(200);
    expect((await odile.get('groups')).body[0].parts).toHaveLength(2);
  });

  it('goes with its class, and its students with it', async () => {
    const hangs = (await ruth.get(`leavings/group/${own.groupId}`)).body;
    expect(JSON.stringify(hangs)).toContain('"students":4');
  });
});
