import type { ClassRow, MyTry, MyTryDetail } from '@gleddo/contract';
import { RULE_SETS } from '@gleddo/core';
import pg from 'pg';
import { checkedRows, classOf, rework, type TestClass } from './class-of.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let postgres: TestPostgres;
let running: RunningApp;
let client: pg.Client;
let house: TestClass;
let one: Visitor;
let other: Visitor;

const ALWAYS = { opensAt: null, closesAt: null, late: 'told' };
const SHOWS = { shows: { marks: true, notes: true, tells: 'now', key: false, copy: false } };

beforeAll(async () => {
  postgres = await testPostgres();
  const url = await postgres.database();
  running = await runningApp(false, url);
  client = new pg.Client({ connectionString: url });
  await client.connect();
});
afterAll(async () => {
  await client.end();
  await running.close();
  await postgres.stop();
});
beforeEach(async () => {
  house = await classOf(running, 2);
  [one, other] = (await Promise.all(house.students.map(signedIn))) as [Visitor, Visitor];
});

async function signedIn({ login, password }: { login: string; password: string }) {
  const visitor = running.visitor();
  await visitor.post('sign-in', { login, password });
  return visitor;
}

const path = () => `my-exercises/${house.exerciseId}`;
const setTimes = (times: object) =>
  house.ruth.put(`exercises/${house.exerciseId}/times`, {
    ...{ groupId: house.groupId, ...ALWAYS, ...times },
  });
const mine = async (who: Visitor): Promise<MyTryDetail> => (await who.get(path())).body;
async function rowOf(who: number): Promise<ClassRow> {
  await checkedRows(house.ruth, house.exerciseId);
  const { body } = await house.ruth.get(`exercises/${house.exerciseId}/results`);
  return (body.rows as ClassRow[]).find(({ personId }) => personId === house.ids[who]) as ClassRow;
}

/** Hands in with some accounts at their place, and has it given back. */
async function goes(who: Visitor, at: number, names: readonly string[]): Promise<void> {
  const { bookId } = await mine(who);
  const { body } = await who.get(`books/${bookId}`);
  const operations = names.map((name, i) => ({
    ...{ kind: 'add-account', index: body.book.accounts.length + i },
    account: { id: `own-${name.toLowerCase()}`, name, number: `${1010 + i}`, type: 'bank' },
  }));
  if (operations.length > 0)
    await who.post(`books/${bookId}/operations`, { revision: 0, token: `t-${at}`, operations });
  expect((await who.post(`${path()}/hand-in`)).status).toBe(200);
  const { tryId } = await rowOf(at);
  const back = await house.ruth.post(`tries/${tryId ?? ''}/give-back`, SHOWS);
  expect(back.status).toBe(200);
}

describe('several tries', () => {
  it('are as many as the class has; each begins from the start, and the one before stays as it was given back', async () => {
    expect((await setTimes({ tries: 2, counts: 'best' })).status).toBe(200);
    await one.post(`${path()}/begin`);
    const first = await mine(one);
    expect((await one.post(`${path()}/begin-again`)).body.bookId).toBe(first.bookId);
    await goes(one, 0, ['Bank']);
    const { tryId } = first;
    await house.ruth.post(`tries/${tryId ?? ''}/notes`, { text: 'Look at the van.', points: 2 });
    const back = await mine(one);
    expect(back).toMatchObject({ state: 'given-back', mayTryAgain: true, earlier: [] });
    expect(back.points).toBeGreaterThan(0);

    const again = (await one.post(`${path()}/begin-again`)).body as MyTryDetail;
    expect(again).toMatchObject({
      ...{ state: 'working', points: null, results: null, notes: null, mayTryAgain: false },
      earlier: [{ number: 1, points: back.points, of: back.of }],
      counted: { points: back.points, of: back.of },
    });
    expect(again.bookId).not.toBe(first.bookId);
    const started = (await one.get(`books/${again.bookId ?? ''}`)).body.book;
    expect(started.accounts.some(({ id }: { id: string }) => id === 'own-bank')).toBe(false);
    const before = (await one.get(`${path()}/earlier/1`)).body as MyTryDetail;
    expect(before).toMatchObject({
      state: 'given-back',
      points: back.points,
      bookId: first.bookId,
    });
    expect(before.notes).toEqual(back.notes);
    expect(before.results).toEqual(back.results);
    const looked = await house.ruth.get(`tries/${tryId ?? ''}/earlier/1`);
    expect(looked.body).toMatchObject({
      ...{ state: 'given-back', may: 'look', next: null, points: back.points, of: back.of },
      notes: [expect.objectContaining({ text: 'Look at the van.' })],
    });
    expect(looked.body.results.length).toBeGreaterThan(0);
    expect((await house.ruth.get(`tries/${tryId ?? ''}/earlier/2`)).status).toBe(404);
    expect((await one.get(`tries/${tryId ?? ''}/earlier/1`)).status).toBe(403);
    const old = await one.get(`books/${first.bookId ?? ''}`);
    expect([old.status, old.body.mayChange]).toEqual([200, false]);

    const own = await one.get('me/data');
    expect([own.status, JSON.stringify(own.body)]).toEqual([
      200,
      expect.stringContaining('Look at the van.'),
    ]);

    await goes(one, 0, []);
    const last = await mine(one);
    expect(last).toMatchObject({ mayTryAgain: false, counted: { points: back.points } });
    expect(last.points).toBeLessThan(back.points ?? 0);
    const refused = await one.post(`${path()}/begin-again`);
    expect([refused.status, refused.body.detail]).toEqual([
      422,
      expect.stringContaining('You have had all 2 tries'),
    ]);
  });

  it('are nobody else’s, and no key or mark goes out while another is worked on', async () => {
    await setTimes({ tries: 3 });
    await one.post(`${path()}/begin`);
    const { bookId } = await mine(one);
    await goes(one, 0, []);
    await one.post(`${path()}/begin-again`);
    expect((await other.get(`${path()}/earlier/1`)).status).toBe(404);
    expect((await other.get(`books/${bookId ?? ''}`)).status).toBe(404);
    expect((await one.get(`${path()}/earlier/2`)).status).toBe(404);
    expect(await mine(one)).toMatchObject({ key: null, results: null, points: null });
  });

  it('count in the term and for the class as it is said: the best, the last, the mean', async () => {
    await setTimes({ tries: 2, counts: 'best' });
    await one.post(`${path()}/begin`);
    await goes(one, 0, ['Bank']);
    const first = await mine(one);
    await one.post(`${path()}/begin-again`);
    expect(await rowOf(0)).toMatchObject({ state: 'working', tryNumber: 2 });
    await goes(one, 0, []);
    const last = await mine(one);
    const termMark = async (counts: string) => {
      await setTimes({ tries: 2, counts });
      const { body } = await house.ruth.get(`groups/${house.groupId}/marks`);
      const [row] = body.rows as { personId: string; marks: { points: number }[] }[];
      const counted = (await rowOf(0)).counted?.points;
      const [own] = (await one.get('my-exercises')).body as MyTry[];
      expect(own?.counted?.points).toBe(counted);
      expect(row?.marks[0]?.points).toBe(counted);
      return counted;
    };
    expect(await termMark('best')).toBe(first.points);
    expect(await termMark('last')).toBe(last.points);
    expect(await termMark('mean')).toBe(Math.round(((first.points ?? 0) + (last.points ?? 0)) / 2));
  });

  it('count as they did when the class has it no more, and a note written meanwhile is lost by neither', async () => {
    await setTimes({ tries: 2, counts: 'last' });
    await one.post(`${path()}/begin`);
    await goes(one, 0, []);
    const { tryId } = await mine(one);
    await house.ruth.post(`tries/${tryId ?? ''}/notes`, { text: 'Well begun.', points: 3 });
    const { points } = await mine(one);
    expect(points).toBe(3);
    const note = async (text: string) => {
      const { status } = await house.ruth.post(`tries/${tryId ?? ''}/notes`, { text, points: 0 });
      return status < 300 ? [text] : [];
    };
    const again = one.post(`${path()}/begin-again`);
    const accepted = (await Promise.all(['a', 'b', 'c', 'd', 'e'].map(note))).flat();
    expect((await again).status).toBe(200);
    const before = ((await one.get(`${path()}/earlier/1`)).body as MyTryDetail).notes ?? [];
    const { rows } = await client.query(`select text from notes where try_id = $1`, [tryId]);
    const found = [...before, ...rows].map(({ text }: { text: string }) => text);
    expect(found).toEqual(expect.arrayContaining(accepted));
    await goes(one, 0, []);
    const last = await mine(one);
    expect(last.counted?.points).toBe(last.points);
    expect(last.points).toBeLessThan(points ?? 0);
    await house.ruth.post(`exercises/${house.exerciseId}/take-back`, {
      ...{ groupId: house.groupId, sure: true },
    });
    expect((await mine(one)).counted?.points).toBe(last.points);
  });

  it('the key of one that was given back is not shown while another is worked on', async () => {
    await setTimes({ tries: 2 });
    await one.post(`${path()}/begin`);
    await one.post(`${path()}/hand-in`);
    const { tryId } = await rowOf(0);
    const shows = { ...SHOWS.shows, key: true };
    await house.ruth.post(`tries/${tryId ?? ''}/give-back`, { shows });
    expect((await mine(one)).key).not.toBeNull();
    await one.post(`${path()}/begin-again`);
    const earlier = async () => ((await one.get(`${path()}/earlier/1`)).body as MyTryDetail).key;
    expect(await earlier()).toBeNull();
    await one.post(`${path()}/hand-in`);
    expect(await earlier()).toBeNull();
    await rowOf(0);
    await house.ruth.post(`tries/${tryId ?? ''}/give-back`, { shows });
    expect(await earlier()).not.toBeNull();
  });

  it('another is begun once, however often it is asked for at once', async () => {
    await setTimes({ tries: 9 });
    await one.post(`${path()}/begin`);
    await goes(one, 0, []);
    const all = await Promise.all(
      Array.from({ length: 6 }, () => one.post(`${path()}/begin-again`)),
    );
    expect(new Set(all.map(({ status }) => status))).toEqual(new Set([200]));
    expect(new Set(all.map(({ body }) => body.bookId)).size).toBe(1);
    expect((await mine(one)).earlier).toHaveLength(1);
  });

  it('a work that is not back yet is not tried again; nor is what has closed', async () => {
    await setTimes({ tries: 2 });
    await one.post(`${path()}/begin`);
    await one.post(`${path()}/hand-in`);
    const soon = await one.post(`${path()}/begin-again`);
    expect([soon.status, soon.body.detail]).toEqual([
      422,
      expect.stringContaining('not given back'),
    ]);
    const { tryId } = await rowOf(0);
    await house.ruth.post(`tries/${tryId ?? ''}/give-back`, SHOWS);
    await setTimes({ closesAt: new Date(Date.now() - 3_600_000).toISOString(), late: 'refused' });
    expect((await mine(one)).mayTryAgain).toBe(false);
    expect((await one.post(`${path()}/begin-again`)).body.detail).toContain('closed');
  });

  it('how many, how long and what counts are taken within bounds alone', async () => {
    for (const odd of [{ tries: 0 }, { tries: 21 }, { minutes: 4 }, { counts: 'worst' }])
      expect((await setTimes(odd)).status).toBe(400);
  });
});

describe('a test', () => {
  it('is practised once it is given back, not before, and not while another try is open', async () => {
    await rework(house.ruth, house.exerciseId, { ...RULE_SETS.test });
    await setTimes({ tries: 2 });
    const practise = () => one.post('practices', { exerciseId: house.exerciseId });
    const listed = async () => ((await one.get('my-exercises')).body as MyTry[])[0]?.mayPractise;
    const isRefused = async () => {
      const { status, body } = await practise();
      expect([status, body.detail]).toEqual([422, expect.stringContaining('once your work')]);
      expect(await listed()).toBe(false);
    };
    await isRefused();
    await one.post(`${path()}/begin`);
    await isRefused();
    await goes(one, 0, []);
    expect(await listed()).toBe(true);
    const begun = await practise();
    expect(begun.status).toBe(201);
    await one.post(`${path()}/begin-again`);
    await isRefused();
    const checked = await one.post(`practices/${begun.body.id}/check`);
    expect(checked.body.described).toBe('so-far');
  });
});

describe('the time of a try', () => {
  const passes = (minutes: number) =>
    client.query(
      `update tries set started_at = now() - make_interval(mins => $1) where exercise_id = $2`,
      [minutes, house.exerciseId],
    );

  it('runs from when it is begun; what is open then is handed in as it stands', async () => {
    await setTimes({ minutes: 60 });
    expect((await mine(one)).times).toMatchObject({ minutes: 60, shutsAt: null, closesAt: null });
    await one.post(`${path()}/begin`);
    await other.post(`${path()}/begin`);
    const { times } = await mine(one);
    expect(Date.parse(times.closesAt ?? '') - Date.now()).toBeGreaterThan(58 * 60_000);
    await rework(house.ruth, house.exerciseId, { brief: 'Another.' });
    await house.ruth.put(`exercises/${house.exerciseId}/more-time`, {
      ...{ personId: house.ids[1], until: new Date(Date.now() + 3_600_000).toISOString() },
    });
    await passes(62);
    while ((await mine(one)).state !== 'handed-in')
      await new Promise((resolve) => setTimeout(resolve, 200));
    expect((await mine(one)).cameIn).toMatchObject({ byItself: true, lateBy: 0 });
    expect((await mine(other)).state).toBe('working');
  });
});
