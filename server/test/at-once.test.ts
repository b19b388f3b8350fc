import { Client } from 'pg';
import { rework, checkedRows, classOf, goThrough, type TestClass } from './class-of.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp } from './running-app.js';
import { untilThere } from './until-there.js';

let postgres: TestPostgres;
beforeAll(async () => (postgres = await testPostgres()));
afterAll(() => postgres.stop());

const SIZE = 30;

describe.each(['embedded', 'shared'] as const)('thirty people at once, %s', (engine) => {
  let running: RunningApp;
  let classes: TestClass;
  beforeAll(async () => {
    running = await runningApp(false, engine === 'shared' ? await postgres.database() : undefined);
  });
  afterAll(() => running.close());

  it.each([1, 2])(
    'sign in, begin, change and hand in: every work is in and marked, time %i',
    async () => {
      classes = await classOf(running, SIZE);
      const all = await Promise.all(
        classes.students.map((student) => goThrough(running, classes, student)),
      );
      expect(new Set(all.flat())).toEqual(new Set([200]));
      const rows = await checkedRows(classes.ruth, classes.exerciseId);
      expect(rows).toHaveLength(SIZE);
      for (const row of rows)
        expect(row).toMatchObject({ state: 'handed-in', checked: 'checked', of: rows[0]?.of });
      expect(running.log).not.toMatch(/"level":50/);
    },
    300_000,
  );

  it('check again, accept and give back at once leave every work checked once and whole', async () => {
    const { ruth, exerciseId } = classes;
    const [one, two] = await checkedRows(ruth, exerciseId);
    const again = () => ruth.post(`exercises/${exerciseId}/check-again`);
    const accept = (tryId: string | null | undefined, value: string) =>
      ruth.post(`tries/${tryId}/accept`, { account: 'rent', what: 'name', value });
    const answers = await Promise.all([
      again(),
      again(),
      accept(one?.tryId, 'Premises'),
      accept(two?.tryId, 'Rooms'),
      ruth.post(`tries/${two?.tryId}/give-back`),
      again(),
    ]);
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 200, 200, 200]);
    const { keyRules } = (await ruth.get(`exercises/${exerciseId}`)).body;
    expect(keyRules.accepts[0].names.sort()).toEqual(['Premises', 'Rooms']);
    const rows = await checkedRows(ruth, exerciseId);
    expect(rows.every(({ checked }) => checked === 'checked')).toBe(true);
  });

  it('stopping a check of the whole class leaves nobody unchecked', async () => {
    const { ruth, exerciseId } = classes;
    const path = `exercises/${exerciseId}/check-again`;
    await Promise.all([ruth.post(path), ruth.post(`${path}/cancel`), ruth.post(`${path}/cancel`)]);
    const rows = await checkedRows(ruth, exerciseId);
    expect(rows.every(({ checked, points }) => checked === 'checked' && points !== null)).toBe(
      true,
    );
  });

  it('of five first visitors exactly one is the first instructor', async () => {
    const url = engine === 'shared' ? await postgres.database() : undefined;
    const fresh = await runningApp(false, url);
    const visitors = Array.from({ length: 5 }, () => fresh.visitor());
    const answers = await Promise.all(
      visitors.map((visitor, i) =>
        visitor.post('first-instructor', {
          ...{ name: `Visitor ${i}`, login: ` visitor${i} `, password: 'a long password' },
        }),
      ),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 422, 422, 422, 422]);
    const at = answers.findIndex(({ status }) => status === 200);
    const signIn = { login: `visitor${at}`, password: 'a long password' };
    expect((await fresh.visitor().post('sign-in', signIn)).body).toMatchObject({ isHead: true });
    await fresh.close();
  });
});

describe('several servers on one PostgreSQL', () => {
  it('start together on an empty database, share the work, and a session ended at one has ended at the other', async () => {
    const url = await postgres.database();
    const [one, other] = await Promise.all([runningApp(false, url), runningApp(false, url)]);
    const classes = await classOf(one, 6);
    const cut = postgres.cutConnections;
    await cut();
    await Promise.all(
      classes.students.map((student, i) => goThrough(i % 2 === 0 ? one : other, classes, student)),
    );
    const rows = await checkedRows(classes.ruth, classes.exerciseId);
    expect(rows.map(({ checked }) => checked)).toEqual(Array(6).fill('checked'));
    const ruthThere = other.visitor();
    ruthThere.comeInAs(classes.ruth);
    const path = `exercises/${classes.exerciseId}`;
    const again = [classes.ruth, ruthThere].map((ruth) => ruth.post(`${path}/check-again`));
    expect((await Promise.all(again)).map(({ status }) => status)).toEqual([200, 200]);
    const rechecked = await checkedRows(ruthThere, classes.exerciseId);
    expect(rechecked.map(({ points }) => points)).toEqual(rows.map(({ points }) => points));
    const there = other.visitor();
    const [student] = classes.students;
    const here = one.visitor();
    await here.post('sign-in', { login: student?.login, password: student?.password });
    there.comeInAs(here);
    expect((await there.get('me')).status).toBe(200);
    await here.post('sign-out');
    expect((await there.get('me')).status).toBe(401);
    await cut();
    await cut();
    for (const running of [one, other])
      expect((await untilThere(() => running.visitor().get('welcome'))).status).toBe(200);
    await Promise.all([one.close(), other.close()]);
    const client = new Client({ connectionString: url });
    await client.connect();
    const texts = `select count(*)::int n from books where state_revision = revision and revision > 0`;
    expect((await client.query(texts)).rows[0].n).toBeGreaterThanOrEqual(6);
    const behind = `select count(*)::int n from books where state_revision < revision`;
    expect((await client.query(behind)).rows[0].n).toBe(0);
    await client.end();
  });

  it('make one version of a key that has changed, however many ask for it at once', async () => {
    const url = await postgres.database();
    const [one, other] = await Promise.all([runningApp(false, url), runningApp(false, url)]);
    const { ruth, exerciseId } = await classOf(one, 1);
    const ruthThere = other.visitor();
    ruthThere.comeInAs(ruth);
    const path = `exercises/${exerciseId}`;
    for (let round = 1; round <= 6; round++) {
      await rework(ruth, exerciseId, { keyRules: { points: { 'account.type': round + 20 } } });
      const asked = Array.from({ length: 12 }, (_, i) =>
        (i % 2 === 0 ? ruth : ruthThere).get(`${path}/results`),
      );
      const versions = (await Promise.all(asked)).map(({ body }) => body.keyVersion as number);
      expect(versions).toEqual(Array(12).fill(round));
    }
    await Promise.all([one.close(), other.close()]);
  });

  it('takes over within seconds what another server had begun, which is gone, or whose clock was another', async () => {
    const url = await postgres.database();
    const one = await runningApp(false, url);
    const classes = await classOf(one, 3);
    await Promise.all(classes.students.map((student) => goThrough(one, classes, student)));
    const before = await checkedRows(classes.ruth, classes.exerciseId);
    const client = new Client({ connectionString: url });
    await client.connect();
    const from = Date.now();
    for (const [i, { tryId }] of before.entries())
      await client.query(
        `insert into check_tasks (id, try_id, state, taken_by, taken_at)
         values ($1, $2, 'running', 'one that is gone', now() + make_interval(hours => $3))`,
        [`gone${i}`, tryId, i - 1],
      );
    const open = async () =>
      (await client.query(`select count(*)::int n from check_tasks where state = 'running'`))
        .rows[0].n;
    while ((await open()) > 0) await new Promise((resolve) => setTimeout(resolve, 100));
    expect(Date.now() - from).toBeLessThan(30_000);
    await client.end();
    await one.close();
  });

  it('checks what another server had begun when it was killed', async () => {
    const url = await postgres.database();
    const one = await runningApp(false, url);
    const classes = await classOf(one, 4);
    await Promise.all(classes.students.map((student) => goThrough(one, classes, student)));
    await one.killAndStartAgain();
    const ruth = one.visitor();
    await ruth.post('sign-in', { login: 'ruth', password: 'a long password' });
    const rows = (await ruth.get(`exercises/${classes.exerciseId}/results`)).body.rows;
    expect(rows.map((row: { state: string }) => row.state)).toEqual(Array(4).fill('handed-in'));
    await one.close();
  });
});
