import pg from 'pg';
import { classOf, goThrough, type TestClass } from './class-of.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let house: TestClass;
let head: Visitor;

beforeAll(async () => {
  running = await runningApp(false);
  house = await classOf(running, 5);
  head = house.ruth;
  for (const student of house.students.slice(0, 3)) await goThrough(running, house, student);
});
afterAll(() => running.close());

interface Left {
  readonly id: string;
  readonly name: string;
  readonly mayTakeBack: boolean;
}

const leavings = async (who = head): Promise<Left[]> => (await who.get('leavings')).body;
const term = (days: number, fate: string) => head.put('leavings/term', { days, fate });

async function studentIn(i: number): Promise<Visitor> {
  const student = running.visitor();
  const { login, password } = house.students[i] as TestClass['students'][number];
  await student.post('sign-in', { login, password });
  return student;
}

async function members(): Promise<{ id: string; name: string }[]> {
  return (await head.get(`groups/${house.groupId}`)).body.members;
}

const rows = async (): Promise<{ student: string; tryId: string | null }[]> =>
  (await head.get(`exercises/${house.exerciseId}/results`)).body.rows;

describe('what is deleted', () => {
  it('is said before, stays until its term, and can be taken back', async () => {
    const path = `leavings/exercise/${house.exerciseId}`;
    expect((await head.get(path)).body).toEqual({
      ...{ name: 'Place them', days: 30, fate: 'deleted', becomes: 'deleted' },
      hangs: { works: 3 },
    });
    expect((await head.post(path)).status).toBe(204);
    expect(await leavings()).toMatchObject([{ name: 'Place them', mayTakeBack: true }]);
    expect(await rows()).toHaveLength(5);
    expect((await head.ask('delete', path)).status).toBe(204);
    expect(await leavings()).toEqual([]);
  });

  it('as a student: their works go, nobody else’s, and they are signed out', async () => {
    await term(0, 'deleted');
    const [first] = await members();
    const student = await studentIn(0);
    expect((await student.get('me')).status).toBe(200);
    await head.post(`leavings/person/${first?.id}`);
    expect((await student.get('me')).status).toBe(401);
    expect(await members()).toHaveLength(4);
    expect((await rows()).filter(({ tryId }) => tryId !== null)).toHaveLength(2);
  });

  it('or made nameless: the work stays and counts, nobody signs in as its student', async () => {
    await term(0, 'nameless');
    const [second] = await members();
    const link = await head.post(`groups/${house.groupId}/members/${second?.id}/link`);
    expect(link.status).toBe(200);
    await head.post(`leavings/person/${second?.id}`);
    const come = await running.visitor().get(`links/${link.body.token}`);
    expect(come.status).toBe(422);
    const { login, password } = house.students[1] as TestClass['students'][number];
    expect((await running.visitor().post('sign-in', { login, password })).status).toBe(422);
    expect(await members()).toHaveLength(3);
    const kept = (await rows()).filter(({ student }) => student === 'Somebody who left');
    expect(kept).toHaveLength(1);
    expect(kept[0]?.tryId).not.toBeNull();
    expect(JSON.stringify(await rows())).not.toContain('Student 002');
  });

  it('a student asks for themselves; whoever teaches them does not take it back', async () => {
    await term(30, 'deleted');
    const student = await studentIn(2);
    const { id } = (await student.get('me')).body;
    const { body } = await student.get(`leavings/person/${id}`);
    expect(body).toMatchObject({ name: 'Student 003', hangs: { works: 1 } });
    await student.post(`leavings/person/${id}`);
    expect(await leavings(student)).toMatchObject([{ id, mayTakeBack: true }]);
    const other = await instructorOf('Ada Finch', 'ada');
    expect((await other.ask('delete', `leavings/person/${id}`)).status).toBe(404);
    expect(await leavings(other)).toEqual([]);
    expect((await student.ask('delete', `leavings/person/${id}`)).status).toBe(204);
    await head.post(`leavings/person/${id}`);
    expect(await leavings(student)).toMatchObject([{ by: 'Ruth Marsh' }]);
    await student.post(`leavings/person/${id}`);
    expect(await leavings(student)).toMatchObject([{ by: 'Student 003' }]);
    await student.ask('delete', `leavings/person/${id}`);
  });

  it('nobody deletes what is not theirs, nor the head of the house', async () => {
    const student = await studentIn(2);
    const other = await instructorOf('Bo Reed', 'bo');
    const [third, fourth] = (await members()).slice(-2);
    for (const who of [student, other]) {
      expect((await who.post(`leavings/exercise/${house.exerciseId}`)).status).toBe(404);
      expect((await who.post(`leavings/group/${house.groupId}`)).status).toBe(404);
      expect((await who.post(`leavings/person/${fourth?.id}`)).status).toBe(404);
      expect((await who.put('leavings/term', { days: 0, fate: 'deleted' })).status).toBe(403);
    }
    const own = (await other.get('me')).body.id;
    expect((await other.post(`leavings/person/${own}`)).body.faults[0].code).toBe(
      'leaving.ask-head',
    );
    const { id } = (await head.get('me')).body;
    expect((await head.post(`leavings/person/${id}`)).body.faults[0].code).toBe('leaving.head');
    expect((await head.post(`leavings/person/${third?.id}`, { heir: own })).status).toBe(422);
    expect((await head.put('leavings/term', { days: -1, fate: 'gone' })).status).toBe(400);
    expect(await leavings()).toEqual([]);
  });

  it('an instructor leaves: their things pass to another, or go with them', async () => {
    await term(0, 'deleted');
    const [giver, heir, goer] = await Promise.all([
      instructorOf('Cy Dale', 'cy'),
      instructorOf('Di Moss', 'di'),
      instructorOf('Ed Lane', 'ed'),
    ]);
    for (const who of [giver, goer]) await who.post('groups', { name: 'Morning class' });
    const idOf = async (who: Visitor) => (await who.get('me')).body.id as string;
    const to = await idOf(heir);
    expect((await head.post(`leavings/person/${await idOf(giver)}`, { heir: to })).status).toBe(
      204,
    );
    expect((await heir.get('groups')).body).toMatchObject([{ name: 'Morning class' }]);
    await head.post(`leavings/person/${await idOf(goer)}`);
    expect((await goer.get('me')).status).toBe(401);
    const names = ((await head.get('instructors')).body as Left[]).map(({ name }) => name);
    expect(names).not.toContain('Cy Dale');
    expect(names).not.toContain('Ed Lane');
  });

  it('a class takes along who is in no other one, and the exercise stays', async () => {
    await term(0, 'deleted');
    const { body } = await head.get(`leavings/group/${house.groupId}`);
    expect(body.hangs).toEqual({ students: 4, works: 2 });
    await head.post(`leavings/group/${house.groupId}`);
    expect((await head.get('groups')).body).toEqual([]);
    expect((await head.get(`exercises/${house.exerciseId}`)).status).toBe(200);
    await head.post(`leavings/exercise/${house.exerciseId}`);
    expect((await head.get('exercises')).body).toEqual([]);
    const { people } = (await head.get('house')).body;
    expect(people).toBeLessThan(6);
  });
});

async function instructorOf(name: string, login: string, head = house.ruth): Promise<Visitor> {
  const { body } = await head.post('instructors', { name, login });
  const visitor = head === house.ruth ? running.visitor() : shared.visitor();
  await visitor.post('sign-in', { login, password: body.password });
  return visitor;
}

let shared: RunningApp;

describe('what is due', () => {
  let postgres: TestPostgres;
  beforeAll(async () => (postgres = await testPostgres()));
  afterAll(() => postgres.stop());

  it('passes to the head where the heir left meanwhile; what can’t be done holds up nothing else', async () => {
    const url = await postgres.database();
    shared = await runningApp(false, url);
    const { ruth } = await classOf(shared, 1);
    const made = [];
    for (const login of ['fi', 'gus', 'hal'])
      made.push(await instructorOf(`Ms ${login}`, login, ruth));
    const [giver, heir, last] = made as [Visitor, Visitor, Visitor];
    const idOf = async (who: Visitor) => (await who.get('me')).body.id as string;
    const [from, to, other] = await Promise.all([idOf(giver), idOf(heir), idOf(last)]);
    await giver.post('groups', { name: 'Night class' });
    await ruth.post(`leavings/person/${from}`, { heir: to });
    await ruth.put('leavings/term', { days: 0, fate: 'nameless' });
    await ruth.post(`leavings/person/${to}`);
    const client = new pg.Client({ connectionString: url });
    await client.connect();
    await client.query(`update leavings set due_at = now() - interval '1 hour'`);
    // The class can’t be deleted, whatever for.
    await client.query(
      `create function broken() returns trigger language plpgsql as $$ begin raise 'broken'; end $$`,
    );
    await client.query(
      `create trigger broken before delete on groups for each row when (old.name = 'Evening class') execute function broken()`,
    );
    const [evening] = (await ruth.get('groups')).body as Left[];
    await ruth.post(`leavings/group/${evening?.id}`);
    expect((await ruth.get(`leavings/person/${other}`)).body.becomes).toBe('deleted');
    await ruth.post(`leavings/person/${other}`);
    await client.end();
    const names = ((await ruth.get('groups')).body as Left[]).map(({ name }) => name).sort();
    expect(names).toEqual(['Evening class', 'Night class']);
    expect((await ruth.get('instructors')).body).toHaveLength(1);
    expect(await leavings(ruth)).toMatchObject([{ name: 'Evening class' }]);
    await shared.close();
  });
});
