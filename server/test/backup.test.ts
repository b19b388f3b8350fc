import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { checkedRows, classOf, goThrough } from './class-of.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

const house = join(import.meta.dirname, '../dist/house.mjs');
const folder = mkdtempSync(join(tmpdir(), 'gleddo-backups-'));
let postgres: TestPostgres;
beforeAll(async () => (postgres = await testPostgres()));
afterAll(async () => {
  await postgres.stop();
  rmSync(folder, { recursive: true, force: true });
});

interface Ended {
  readonly status: number | null;
  readonly said: string;
}

/** `gleddo backup …` over the data that the settings name. */
function gleddo(args: readonly string[], env: NodeJS.ProcessEnv): Promise<Ended> {
  const child = spawn(process.execPath, ['--liftoff-only', house, ...args], {
    env: { ...process.env, ...env },
  });
  let said = '';
  child.stdout.on('data', (part) => (said += String(part)));
  child.stderr.on('data', (part) => (said += String(part)));
  return new Promise((resolve) => child.once('exit', (status) => resolve({ status, said })));
}

/** All that an instructor sees of the house. */
async function seen(running: RunningApp): Promise<unknown> {
  const ruth = running.visitor();
  await ruth.post('sign-in', { login: 'ruth', password: 'a long password' });
  const [company] = (await ruth.get('companies')).body;
  const [group] = (await ruth.get('groups')).body;
  const [exercise] = (await ruth.get('exercises')).body;
  const rows = await checkedRows(ruth, exercise.id);
  const books = [];
  for (const { tryId } of rows) if (tryId) books.push((await ruth.get(`tries/${tryId}`)).body);
  return {
    company: (await ruth.get(`books/${company.bookId}`)).body,
    group,
    exercise,
    rows,
    books,
  };
}

type Kind = 'embedded' | 'PostgreSQL';

/** Somewhere to keep data that nothing is in yet. */
async function somewhere(kind: Kind): Promise<{ url: string | undefined; data: string }> {
  const data = mkdtempSync(join(folder, 'data-'));
  return { data, url: kind === 'embedded' ? undefined : await postgres.database() };
}

const settingsOf = ({ url, data }: Awaited<ReturnType<typeof somewhere>>): NodeJS.ProcessEnv => ({
  GLEDDO_DATA: data,
  ...(url === undefined ? {} : { DATABASE_URL: url }),
});

describe.each<[Kind, Kind]>([
  ['embedded', 'embedded'],
  ['embedded', 'PostgreSQL'],
  ['PostgreSQL', 'embedded'],
])('a backup of one that is %s, made while a class works, brought back into %s', (from, to) => {
  it('is whole, holds what stood at one moment, and is the same there', async () => {
    const running = await runningApp(
      false,
      from === 'embedded' ? undefined : await postgres.database(),
    );
    const here = running.data;
    const classes = await classOf(running, 5);
    const [first, ...others] = classes.students;
    if (!first) return;
    await goThrough(running, classes, first);
    const works = Promise.all(others.map((student) => goThrough(running, classes, student)));
    const file = join(folder, `${from}-${to}.backup`);
    const made = await gleddo(['backup', file], here);
    expect(made).toEqual({ status: 0, said: expect.stringContaining('read again whole') });
    await works;
    // What is moved once all is quiet is all there is.
    const before = await seen(running);
    const last = join(folder, `${from}-${to}-last.backup`);
    expect((await gleddo(['backup', last], here)).status).toBe(0);
    await running.close();

    const there = await somewhere(to);
    const back = await gleddo(['restore', last], settingsOf(there));
    expect(back).toEqual({
      status: 0,
      said: expect.stringContaining('tables are back'),
    });
    const again = await gleddo(['restore', last], settingsOf(there));
    expect(again).toEqual({ status: 1, said: expect.stringContaining('not written over') });
    const other = await runningApp(false, there.url, there.data);
    expect(await seen(other)).toEqual(before);
    await goesOn(other);
    await other.close();

    const midway = await somewhere(to);
    expect((await gleddo(['restore', file], settingsOf(midway))).status).toBe(0);
    const half = await runningApp(false, midway.url, midway.data);
    const state = (await seen(half)) as { rows: { state: string }[] };
    expect(state.rows).toHaveLength(5);
    expect(state.rows.some((row) => row.state === 'handed-in')).toBe(true);
    await half.close();
  });
});

/** That what counts by itself counts on: something is written down that was not before. */
async function goesOn(running: RunningApp): Promise<void> {
  const ruth: Visitor = running.visitor();
  await ruth.post('sign-in', { login: 'ruth', password: 'a long password' });
  expect((await ruth.post('groups', { name: 'Another' })).status).toBe(201);
  expect((await ruth.get('house/happened')).status).toBe(200);
}

describe('from one database to another', () => {
  it('is counted and compared, there and back', async () => {
    const running = await runningApp(false);
    const classes = await classOf(running, 3);
    await Promise.all(classes.students.map((student) => goThrough(running, classes, student)));
    const before = await seen(running);
    await running.stop();
    const url = await postgres.database();
    const moved = await gleddo(['move', '--to', url], running.data);
    expect(moved).toEqual({ status: 0, said: expect.stringContaining('each as it was') });
    await running.close();
    const { data } = await somewhere('embedded');
    const back = await gleddo(['move', '--to', data], { DATABASE_URL: url });
    expect(back).toEqual({ status: 0, said: expect.stringContaining('each as it was') });
    const again = await runningApp(false, undefined, data);
    expect(await seen(again)).toEqual(before);
    await again.close();
  });
});

describe('a file that is no whole backup', () => {
  const file = join(folder, 'whole.backup');
  beforeAll(async () => {
    const running = await runningApp(false);
    await classOf(running, 1);
    expect((await gleddo(['backup', file], running.data)).status).toBe(0);
    await running.close();
  });

  it.each<[string, (whole: Buffer) => Buffer, RegExp]>([
    ['another file', () => gzipSync('{"format":"gleddo-book"}\n'), /is no backup of Gleddo/],
    ['nothing packed', () => Buffer.from('hello'), /can’t be read/],
    [
      'its end cut off',
      (whole) => whole.subarray(0, whole.length - 40),
      /can’t be read|breaks off/,
    ],
    [
      'a row changed',
      (whole) => changed(whole, 'Quay Lamps', 'Quay Lumps'),
      /was changed or damaged/,
    ],
    ['a newer one', (whole) => changed(whole, /"level":\d+/, '"level":9999'), /newer Gleddo/],
  ])('%s is refused, and nothing is written', async (_, broken, says) => {
    const other = join(folder, 'broken.backup');
    writeFileSync(other, broken(readFileSync(file)));
    const there = await somewhere('embedded');
    const refused = await gleddo(['restore', other], settingsOf(there));
    expect(refused).toEqual({ status: 1, said: expect.stringMatching(says) });
  });

  it('a folder without a database is told', async () => {
    const { data } = await somewhere('embedded');
    const refused = await gleddo(['backup', join(folder, 'none')], { GLEDDO_DATA: data });
    expect(refused).toEqual({ status: 1, said: expect.stringContaining('There is no database') });
  });

  it('what is not understood is wrong usage', async () => {
    for (const args of [[], ['backup'], ['move', 'there'], ['restore', 'a', 'b']])
      expect((await gleddo(args, { GLEDDO_DATA: folder })).status).toBe(2);
  });
});

const changed = (whole: Buffer, from: string | RegExp, to: string): Buffer =>
  gzipSync(gunzipSync(whole).toString().replace(from, to));

describe('a house that an older program kept', () => {
  const older = join(import.meta.dirname, 'older');
  it.each(readdirSync(older))(
    '%s is brought up to date, with every mark as it was',
    async (file) => {
      const there = await somewhere('embedded');
      const back = await gleddo(['restore', join(older, file)], settingsOf(there));
      expect(back).toEqual({ status: 0, said: expect.stringContaining('tables are back') });
      const running = await runningApp(false, undefined, there.data);
      const ruth = running.visitor();
      await ruth.post('sign-in', { login: 'ruth', password: 'a long password' });
      const [exercise] = (await ruth.get('exercises')).body;
      const marks = async () =>
        (await checkedRows(ruth, exercise.id)).map(({ state, points }) => ({ state, points }));
      const asItWas = [
        { state: 'given-back', points: 27 },
        { state: 'handed-in', points: 27 },
        { state: 'not-started', points: null },
      ];
      expect(await marks()).toEqual(asItWas);
      await ruth.post(`exercises/${exercise.id}/check-again`);
      expect(await marks()).toEqual(asItWas);
      await goesOn(running);
      await running.close();
    },
  );
});

describe('whoever lost a password and has nobody to ask', () => {
  it('has a new one from the command, and is signed out everywhere', async () => {
    const running = await runningApp(false);
    await classOf(running, 1);
    await running.stop();
    const unknown = await gleddo(['password', 'nobody'], running.data);
    expect(unknown).toEqual({ status: 1, said: expect.stringContaining('Nobody signs in as') });
    const { status, said } = await gleddo(['password', 'Ruth'], running.data);
    expect(status).toBe(0);
    const password = / signs in with (\S+) now/.exec(said)?.[1] ?? '';
    const again = await runningApp(false, undefined, running.data.GLEDDO_DATA);
    const back = again.visitor();
    expect(
      (await back.post('sign-in', { login: 'ruth', password: 'a long password' })).status,
    ).toBe(422);
    expect((await back.post('sign-in', { login: 'ruth', password })).status).toBe(200);
    await again.close();
  });
});
