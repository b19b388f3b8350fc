import type { ClassRow, Marked, MyTryDetail } from '@gleddo/contract';
import { checkedRows, classOf, goThrough, rework, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let house: TestClass;
let students: readonly Visitor[];
const HOUR = 3_600_000;
const inHours = (hours: number) => new Date(Date.now() + hours * HOUR).toISOString();
const ALWAYS = { opensAt: null, closesAt: null, late: 'told' };

beforeAll(async () => {
  running = await runningApp(false);
});
beforeEach(async () => {
  house = await classOf(running, 3);
  students = await Promise.all(house.students.map((each) => signedIn(each)));
});
afterAll(() => running.close());

async function signedIn({ login, password }: { login: string; password: string }) {
  const visitor = running.visitor();
  await visitor.post('sign-in', { login, password });
  return visitor;
}

const path = () => `my-exercises/${house.exerciseId}`;
const setTimes = (times: object, groupId = house.groupId) =>
  house.ruth.put(`exercises/${house.exerciseId}/times`, { groupId, ...ALWAYS, ...times });
const moreTime = (who: number, until: string | null) =>
  house.ruth.put(`exercises/${house.exerciseId}/more-time`, {
    ...{ personId: house.ids[who], until },
  });

async function begun(who: number): Promise<MyTryDetail> {
  const { body } = await (students[who] as Visitor).post(`${path()}/begin`);
  return body;
}

async function rowWhere(is: (row: ClassRow) => boolean): Promise<ClassRow> {
  for (;;) {
    const { body } = await house.ruth.get(`exercises/${house.exerciseId}/results`);
    const found = (body.rows as ClassRow[]).find(is);
    if (found) return found;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}

const idOf = (who: number) => house.ids[who] ?? '';

describe('a wish to hand in, without a line', () => {
  const wished = async (at: number) => {
    await begun(0);
    const wishedAt = new Date(at).toISOString();
    const { body } = await (students[0] as Visitor).post(`${path()}/hand-in`, { wishedAt });
    return body as MyTryDetail;
  };

  it('is told with its time, to both; late is what came late all the same', async () => {
    await begun(0);
    const at = Date.now();
    const mine = await wished(at);
    expect(mine).toMatchObject({ state: 'handed-in', cameIn: { byItself: false, lateBy: 0 } });
    expect(Date.parse(mine.cameIn.wishedAt ?? '')).toBe(at);
    const row = await rowWhere(({ state }) => state === 'handed-in');
    expect(row.cameIn.wishedAt).toBe(mine.cameIn.wishedAt);
  });

  it.each([
    ['of before it was begun', -HOUR],
    ['of a time to come', HOUR],
  ])('%s is none', async (_, from) => {
    expect((await wished(Date.now() + from)).cameIn.wishedAt).toBeNull();
  });

  it('that is no time is refused', async () => {
    await begun(0);
    const answer = await (students[0] as Visitor).post(`${path()}/hand-in`, { wishedAt: 'soon' });
    expect(answer.status).toBe(400);
  });
});

describe('before it opens', () => {
  it('an exercise says when, shows nothing of itself, and can be neither begun nor practised', async () => {
    await rework(house.ruth, house.exerciseId, { brief: 'The secret brief', mayPractise: true });
    const { status, body } = await setTimes({ opensAt: inHours(30) });
    expect([status, body.handedOutTo[0].times.zone]).toEqual([200, expect.any(String)]);
    const [one] = students as [Visitor];
    const { body: mine } = await one.get(path());
    expect([mine.brief, mine.times.opensAt]).toEqual(['', body.handedOutTo[0].times.opensAt]);
    const refused = await one.post(`${path()}/begin`);
    expect([refused.status, refused.body.detail]).toEqual([
      422,
      expect.stringMatching(/opens on \w{3} \d{1,2} \w+( \d{4})?, \d\d:\d\d\. Come back then/),
    ]);
    const practised = await one.post('practices', { exerciseId: house.exerciseId });
    expect([practised.status, practised.body.detail]).toEqual([422, refused.body.detail]);
    await setTimes({ opensAt: inHours(-1) });
    expect((await one.get(path())).body.brief).toBe('The secret brief');
    expect((await one.post(`${path()}/begin`)).status).toBe(200);
  });
});

describe('when it closes', () => {
  it('what is still open is handed in as it stands and checked; nobody begins; more time holds for one alone', async () => {
    const [first, second] = [await begun(0), await begun(1)];
    const until = inHours(5);
    expect((await moreTime(1, until)).body.moreTime).toEqual([
      { personId: idOf(1), student: 'Student 002', until },
    ]);
    await setTimes({ closesAt: inHours(-1), late: 'refused' });
    const row = await rowWhere(
      ({ personId, state }) => personId === idOf(0) && state !== 'working',
    );
    expect(row.cameIn).toEqual({ byItself: true, lateBy: 0, wishedAt: null });
    const [one, two, three] = students as [Visitor, Visitor, Visitor];
    const operations = [{ kind: 'rename-account', id: 'bank', name: 'Later' }];
    const changed = await one.post(`books/${first.bookId}/operations`, {
      ...{ revision: 0, token: 'after-it', operations },
    });
    expect(changed.body.detail).toContain('has been handed in');
    expect((await two.get(`books/${second.bookId}`)).body.mayChange).toBe(true);
    expect((await two.get(path())).body.times.closesAt).toBe(until);
    expect(JSON.stringify((await one.get('my-exercises')).body)).not.toContain(until);
    const late = await three.post(`${path()}/begin`);
    expect([late.status, late.body.detail]).toEqual([422, expect.stringContaining('closed on')]);
    const checked = await checkedRows(house.ruth, house.exerciseId);
    expect(checked.find(({ tryId }) => tryId === row.tryId)?.checked).toBe('checked');
  });

  it('a work opened again stays open, though it has closed; another, whose time runs out, does not', async () => {
    await begun(0);
    await begun(1);
    await moreTime(1, inHours(1));
    await setTimes({ closesAt: inHours(-1), late: 'refused' });
    const { tryId } = await rowWhere(
      ({ personId, state }) => personId === idOf(0) && state !== 'working',
    );
    await house.ruth.post(`tries/${tryId}/open-again`);
    await moreTime(1, inHours(-0.5));
    await rowWhere(({ personId, state }) => personId === idOf(1) && state !== 'working');
    const still = await rowWhere(({ personId }) => personId === idOf(0));
    expect(still.state).toBe('working');
    await (students[0] as Visitor).post(`${path()}/hand-in`);
    const back = await rowWhere(
      ({ personId, state }) => personId === idOf(0) && state !== 'working',
    );
    expect(back.cameIn).toEqual({ byItself: false, lateBy: 0, wishedAt: null });
  });

  it('holds for what one who was taken out had begun; a class that one is in gives its own', async () => {
    await begun(0);
    await begun(1);
    const { body: other } = await house.ruth.post('groups', { name: 'Later class' });
    await house.ruth.post(`exercises/${house.exerciseId}/hand-out`, { groupId: other.id });
    await setTimes({ closesAt: inHours(5), late: 'refused' }, other.id);
    await house.ruth.remove(`groups/${house.groupId}/members/${idOf(0)}`);
    await house.ruth.post(`groups/${house.groupId}/members/${idOf(1)}/move`, { to: other.id });
    await setTimes({ closesAt: inHours(-1), late: 'refused' });
    const row = await rowWhere(
      ({ personId, state }) => personId === idOf(0) && state !== 'working',
    );
    expect(row.cameIn.byItself).toBe(true);
    expect((await (students[1] as Visitor).get(path())).body.state).toBe('working');
  });

  it('late work is taken where it may be late, and told by how much', async () => {
    await setTimes({ closesAt: inHours(-2), late: 'told' });
    await begun(0);
    await (students[0] as Visitor).post(`${path()}/hand-in`);
    const { cameIn } = await rowWhere(
      ({ personId, state }) => personId === idOf(0) && state !== 'working',
    );
    expect(cameIn.byItself).toBe(false);
    expect(cameIn.lateBy / HOUR).toBeCloseTo(2, 1);
    expect((await (students[0] as Visitor).get(path())).body.cameIn.lateBy).toBe(cameIn.lateBy);
  });

  it('late work costs what the class was told, as a note that can be taken away, and no more once there is more time', async () => {
    const off = { closesAt: inHours(-25), late: 'told', lateOff: 10 };
    expect((await setTimes({ ...off, lateOff: 101 })).status).toBe(400);
    expect((await setTimes(off)).body.handedOutTo[0].times.lateOff).toBe(10);
    await goThrough(running, house, house.students[0] as { login: string; password: string });
    const [row] = await checkedRows(house.ruth, house.exerciseId);
    const tryId = row?.tryId ?? '';
    const marked = async () => (await house.ruth.get(`tries/${tryId}`)).body as Marked;
    const before = await marked();
    const each = before.of / 10;
    expect(before.notes).toEqual([
      expect.objectContaining({
        ...{ ref: 'late', points: -Math.round(2 * each) },
        text: 'Came late: 10 % of the points for each of the 2 days that had begun.',
      }),
    ]);
    await setTimes({ ...off, lateOff: 20 });
    expect((await marked()).notes.map(({ points }) => points)).toEqual([-Math.round(4 * each)]);
    await moreTime(0, inHours(-1 / 60));
    expect((await marked()).notes).toEqual([]);
    const full = (await marked()).points;
    await moreTime(0, null);
    const again = await marked();
    expect(again.points).toBe(Math.max(0, full - Math.round(4 * each)));
    const { body } = await house.ruth.get(`exercises/${house.exerciseId}/check-again/preview`);
    expect(body).toMatchObject({ rows: [], same: 1 });
    await house.ruth.remove(`tries/${tryId}/notes/${again.notes[0]?.id}`);
    await setTimes({ ...off, lateOff: 30 });
    expect(await marked()).toMatchObject({ points: full, notes: [] });
  });

  it('in the closing minute a hand-in is in time; a server that was away closes when it is back', async () => {
    await begun(0);
    await begun(1);
    await setTimes({ closesAt: new Date(Date.now() - 30_000).toISOString(), late: 'refused' });
    await (students[0] as Visitor).post(`${path()}/hand-in`);
    const inTime = await rowWhere(({ personId }) => personId === idOf(0));
    expect(inTime.cameIn).toEqual({ byItself: false, lateBy: 0, wishedAt: null });
    await setTimes({ closesAt: inHours(-1), late: 'refused' });
    await running.killAndStartAgain();
    const ruth = running.visitor();
    ruth.comeInAs(house.ruth);
    house = { ...house, ruth };
    const row = await rowWhere(
      ({ personId, state }) => personId === idOf(1) && state !== 'working',
    );
    expect(row.cameIn.byItself).toBe(true);
  });

  it('who hands in after the closing is not unlike those whose work came in by itself', async () => {
    await begun(0);
    await setTimes({ closesAt: inHours(-2), late: 'refused' });
    await (students[0] as Visitor).post(`${path()}/hand-in`);
    const row = await rowWhere(({ personId }) => personId === idOf(0));
    expect(row.cameIn).toEqual({ byItself: true, lateBy: 0, wishedAt: null });
  });

  it('a file that the instructor puts beside the class is not late', async () => {
    await setTimes({ closesAt: inHours(-2), late: 'told' });
    const table = {
      cells: [
        ['No.', 'Account', 'Balance'],
        ['1010', 'Bank', '5.00'],
      ],
    };
    const filed = { personId: idOf(0), fileName: 'a.csv', table };
    const { status } = await house.ruth.post(`exercises/${house.exerciseId}/files`, filed);
    expect(status).toBeLessThan(300);
    const row = await rowWhere(
      ({ personId, state }) => personId === idOf(0) && state !== 'not-started',
    );
    expect(row.cameIn).toEqual({ byItself: false, lateBy: 0, wishedAt: null });
  });

  it('where it was taken back from the class, nothing closes: who has begun may finish', async () => {
    await begun(0);
    await begun(1);
    await house.ruth.post(`exercises/${house.exerciseId}/take-back`, {
      ...{ groupId: house.groupId, sure: true },
    });
    const { body: mine } = await (students[0] as Visitor).get(path());
    expect(mine.times.closesAt).toBeNull();
    expect((await (students[0] as Visitor).post(`${path()}/hand-in`)).status).toBe(200);
  });
});

it('times that can’t be are refused, and of what is not theirs nobody says any', async () => {
  const order = await setTimes({ opensAt: inHours(2), closesAt: inHours(1) });
  expect([order.status, order.body.detail]).toEqual([
    422,
    expect.stringContaining('before it opens'),
  ]);
  const odd = ['tomorrow', '2026-W05', '2026-001', '2027-13-45T99:99Z', '9999-12-31T00:00:00Z', 12];
  for (const closesAt of odd) expect((await setTimes({ closesAt })).status).toBe(400);
  expect((await setTimes({ late: 'never' })).status).toBe(400);
  expect((await setTimes({}, 'nobody')).status).toBe(404);
  const stranger = { personId: 'nobody', until: inHours(1) };
  const answer = await house.ruth.put(`exercises/${house.exerciseId}/more-time`, stranger);
  expect(answer.status).toBe(404);
  const work = await goThrough(
    running,
    house,
    house.students[2] as { login: string; password: string },
  );
  expect(new Set(work)).toEqual(new Set([200]));
});

it('today tells what waits and what closes, to its instructor alone', async () => {
  const closesAt = inHours(30);
  await setTimes({ closesAt });
  const [, second] = house.students;
  if (second) await goThrough(running, house, second);
  await begun(0);
  await checkedRows(house.ruth, house.exerciseId);
  const { body } = await house.ruth.get('today');
  const here = (rows: readonly { exerciseId: string }[]) =>
    rows.filter(({ exerciseId }) => exerciseId === house.exerciseId);
  expect(here(body.waits)).toEqual([
    expect.objectContaining({ exerciseId: house.exerciseId, toMark: 1, failed: 0, checking: 0 }),
  ]);
  expect(here(body.coming)).toEqual([
    expect.objectContaining({
      ...{ what: 'closes', at: closesAt, group: 'Evening class' },
      ...{ students: 3, begun: 2, handedIn: 1 },
    }),
  ]);
  const { body: exercises } = await house.ruth.get('exercises');
  expect(body.has).toMatchObject({ exercises: exercises.length, handedOut: expect.any(Number) });
  await house.ruth
    .post('instructors', { name: 'Piet Aalders', login: 'piet' })
    .then(async (made) => {
      const piet = running.visitor();
      await piet.post('sign-in', { login: 'piet', password: made.body.password });
      const own = await piet.get('today');
      expect([own.body.waits, own.body.coming]).toEqual([[], []]);
    });
});
