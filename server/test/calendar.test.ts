import type { CalendarRow } from '@gleddo/contract';
import { classOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let house: TestClass;
let ruth: Visitor;
let next: string;
const A_YEAR = 364;
const DAY = 86_400_000;

beforeAll(async () => {
  running = await runningApp(false);
  house = await classOf(running, 3);
  ({ ruth } = house);
  next = (await ruth.post('groups', { name: 'The next class' })).body.id;
});
afterAll(() => running.close());

const rows = async (who = ruth): Promise<CalendarRow[]> => (await who.get('calendar')).body.rows;

describe('the calendar of a term', () => {
  it('tells what opens and closes for each class, and how far they are', async () => {
    const times = { opensAt: '2027-03-01T09:00:00.000Z', closesAt: '2027-03-26T17:00:00.000Z' };
    await ruth.put(`exercises/${house.exerciseId}/times`, {
      ...{ ...times, groupId: house.groupId, late: 'refused' },
    });
    expect(await rows()).toMatchObject([
      {
        ...{ ...times, title: 'Place them', group: 'Evening class', late: 'refused' },
        ...{ students: 3, begun: 0, handedIn: 0, givenBack: 0, givenBackAt: null, mayMove: true },
      },
    ]);
  });

  it('goes to the next class, its days moved by whole weeks, once; what that class has stays', async () => {
    const to = { from: house.groupId, to: next, days: A_YEAR };
    const taken = await ruth.post('calendar/take-over', to);
    expect(taken.body.taken).toBe(1);
    const [before, after] = taken.body.rows as CalendarRow[];
    for (const when of ['opensAt', 'closesAt'] as const)
      expect(Date.parse(after?.[when] ?? '') - Date.parse(before?.[when] ?? '')).toBe(A_YEAR * DAY);
    expect(after).toMatchObject({ group: 'The next class', late: 'refused', students: 0 });
    expect((await ruth.post('calendar/take-over', { ...to, days: 7 })).body.taken).toBe(0);
    expect((await rows()).find(({ groupId }) => groupId === next)).toMatchObject({
      closesAt: after?.closesAt,
    });
  });

  it('is refused with the reason where it can’t be', async () => {
    const { groupId } = house;
    const empty = (await ruth.post('groups', { name: 'An empty one' })).body.id;
    const take = async (from: string, to: string, days: unknown = 7) =>
      ruth.post('calendar/take-over', { from, to, days } as object);
    expect((await take(groupId, groupId)).body.detail).toMatch(/^This is the same class/);
    expect((await take(empty, next)).body.detail).toMatch(/had nothing/);
    expect((await take(groupId, 'not-there')).status).toBe(404);
    expect((await take(groupId, next, 0.5)).status).toBe(400);
    expect((await take(groupId, next, 99_999)).status).toBe(400);
  });

  it('is nobody’s but theirs who teach', async () => {
    const made = await ruth.post('instructors', { name: 'Otto Fell', login: 'otto' });
    const otto = running.visitor();
    await otto.post('sign-in', { login: 'otto', password: made.body.password });
    expect(await rows(otto)).toEqual([]);
    const own = (await otto.post('groups', { name: 'Mine' })).body.id;
    const stolen = { from: house.groupId, to: own, days: 7 };
    expect((await otto.post('calendar/take-over', stolen)).status).toBe(404);
    const given = { from: own, to: house.groupId, days: 7 };
    expect((await otto.post('calendar/take-over', given)).status).toBe(404);
    const { login = '', password = '' } = house.students[0] ?? {};
    const student = running.visitor();
    await student.post('sign-in', { login, password });
    expect((await student.get('calendar')).status).toBe(403);
    expect((await student.post('calendar/take-over', stolen)).status).toBe(403);
  });
});
