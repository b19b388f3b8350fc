import { checkedRows, classOf, type TestClass } from './class-of.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type Answer, type RunningApp, type Visitor } from './running-app.js';
import { untilThere } from './until-there.js';

let postgres: TestPostgres;
beforeAll(async () => (postgres = await testPostgres()));
afterAll(() => postgres.stop());

const RESTARTS = 10;
/** Asked until it is done. */
async function untilDone(ask: () => Promise<Answer>): Promise<Answer['body']> {
  const { status, body } = await untilThere(ask);
  expect({ status, detail: body.detail }).toEqual({ status: 200, detail: undefined });
  return body;
}

interface During {
  /** Over when PostgreSQL is restarted no more. */
  readonly until: Promise<unknown>;
  /** Told of each change that was done. */
  onChange(): void;
}

/** Begins, and keeps changing until the house is told to hand in. */
async function worksAndHandsIn(
  student: Visitor,
  { exerciseId }: TestClass,
  { until, onChange }: During,
): Promise<number> {
  let isOver = false;
  void until.then(() => (isOver = true));
  const begun = await untilDone(() => student.post(`my-exercises/${exerciseId}/begin`));
  const path = `books/${begun.bookId}`;
  const opened = await untilDone(() => student.get(path));
  const [account] = opened.book.accounts as { id: string }[];
  let changes = 0;
  while (!isOver) {
    const name = `Name ${++changes}`;
    const operations = [{ kind: 'rename-account', id: account?.id, name }];
    const token = `${begun.bookId}-${changes}`;
    await untilDone(() => student.post(`${path}/operations`, { revision: 0, token, operations }));
    onChange();
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  await untilDone(() => student.post(`my-exercises/${exerciseId}/hand-in`));
  return changes;
}

async function signedIn(
  servers: readonly RunningApp[],
  { students }: TestClass,
): Promise<Visitor[]> {
  const all: Visitor[] = [];
  for (const [i, { login, password }] of students.entries()) {
    const student = servers[i % servers.length]?.visitor();
    if (!student) continue;
    expect((await student.post('sign-in', { login, password })).status).toBe(200);
    all.push(student);
  }
  return all;
}

describe.each([1, 2])('PostgreSQL restarted ten times while sixty work, servers: %i', (count) => {
  it('every server lives, each change and each hand-in is done once, or told to be tried again', async () => {
    const url = await postgres.database();
    const servers: RunningApp[] = [];
    for (let i = 0; i < count; i++) servers.push(await runningApp(false, url));
    const [one] = servers;
    if (!one) return;
    const classes = await classOf(one, 60);
    const students = await signedIn(servers, classes);
    let onChange = () => {};
    const isWorking = new Promise<void>((resolve) => (onChange = resolve));
    const restarts = (async () => {
      await isWorking;
      for (let i = 0; i < RESTARTS; i++) {
        await new Promise((resolve) => setTimeout(resolve, 200));
        await postgres.restart();
      }
    })();
    const changes = await Promise.all(
      students.map((student) =>
        worksAndHandsIn(student, classes, { until: restarts, onChange: () => onChange() }),
      ),
    );
    const rows = await checkedRows(classes.ruth, classes.exerciseId);
    expect(rows).toHaveLength(60);
    for (const row of rows) expect(row).toMatchObject({ state: 'handed-in', checked: 'checked' });
    expect(Math.max(...changes)).toBeGreaterThan(0);
    for (const running of servers)
      expect((await running.visitor().get('welcome')).status).toBe(200);
    expect(new Set(await Promise.all(servers.map((server) => server.close())))).toEqual(
      new Set([0]),
    );
  });
});
