import { Client } from 'pg';
import { rework, checkedRows, classOf, COMPANY, goThrough, type TestClass } from './class-of.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let postgres: TestPostgres;
let url: string;
let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
beforeAll(async () => {
  postgres = await testPostgres();
  url = await postgres.database();
  running = await runningApp(false, url);
  classes = await classOf(running, 4);
  ({ ruth } = classes);
  await Promise.all(classes.students.map((student) => goThrough(running, classes, student)));
  await checkedRows(ruth, classes.exerciseId);
});
afterAll(async () => {
  await running.close();
  await postgres.stop();
});

/** Does to the database what no program should: as a bad disk or a hand at the wrong place would. */
async function behindItsBack(sql: string, values: readonly unknown[] = []): Promise<void> {
  const client = new Client({ connectionString: url });
  await client.connect();
  await client.query(sql, [...values]);
  await client.end();
}

const rows = () => checkedRows(ruth, classes.exerciseId);
const signedIn = async (i: number): Promise<Visitor> => {
  const student = running.visitor();
  const { login, password } = classes.students[i] ?? { login: '', password: '' };
  await student.post('sign-in', { login, password });
  return student;
};

describe('marks given back', () => {
  it('stay as they were given, whatever is accepted, checked again, or changed in the key', async () => {
    const [one, two] = await rows();
    await ruth.post(`tries/${one?.tryId}/give-back`);
    const given = (await rows())[0];
    await ruth.post(`tries/${two?.tryId}/accept`, {
      account: 'sales',
      what: 'type',
      value: 'bank',
    });
    await rework(ruth, classes.exerciseId, {
      keyRules: { points: { 'account.type': 9 } },
    });
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    const [after, other] = await rows();
    expect(after).toMatchObject({ points: given?.points, of: given?.of, state: 'given-back' });
    expect(other?.of).not.toBe(given?.of);
    const results = (await ruth.get(`exercises/${classes.exerciseId}/results`)).body;
    expect(results.checkedWithToday).toBe(true);
  });

  it('what there is to earn is the same before and after something is accepted', async () => {
    const before = (await rows())[1];
    const accepted = { account: 'rent', what: 'type', value: 'bank' };
    await ruth.post(`tries/${before?.tryId}/accept`, accepted);
    const after = (await rows())[1];
    expect(after?.of).toBe(before?.of);
    expect(after?.points).toBeGreaterThan(before?.points ?? Infinity);
  });
});

describe('the checks that a work has had', () => {
  it('stand one beside the other, the newest first, with what came out otherwise; for its instructor only', async () => {
    const tryId = (await rows())[1]?.tryId ?? '';
    const { body: checks } = await ruth.get(`tries/${tryId}/checks`);
    const { points, of } = (await rows())[1] ?? {};
    expect(checks.length).toBeGreaterThan(1);
    expect(checks[0]).toMatchObject({ points, of, isOtherWork: false });
    expect(checks[0].changes).toContainEqual(
      expect.objectContaining({ isBetter: true, ref: 'account.statement:rent' }),
    );
    expect(checks.at(-1)).toMatchObject({ keyVersion: 1, changes: [] });
    expect((await (await signedIn(1)).get(`tries/${tryId}/checks`)).status).toBe(403);
    const { login, password } = (await ruth.post('instructors', { name: 'Ida', login: 'ida' }))
      .body;
    const ida = running.visitor();
    await ida.post('sign-in', { login, password });
    expect((await ida.get(`tries/${tryId}/checks`)).status).toBe(404);
  });
});

describe('a work that is opened again', () => {
  it('is gone on with, handed in and checked anew; the checks before stay; only its instructor does it', async () => {
    const { tryId, of } = (await rows())[3] ?? {};
    const student = await signedIn(3);
    expect((await student.post(`tries/${tryId}/open-again`)).status).toBe(403);
    await ruth.post(`tries/${tryId}/give-back`);
    await student.get(`my-exercises/${classes.exerciseId}`);
    expect((await ruth.post(`tries/${tryId}/open-again`)).status).toBe(204);
    const again = await ruth.post(`tries/${tryId}/open-again`);
    expect(again.status).toBe(422);
    expect(again.body.detail).toMatch(/is working on it already/);
    const mine = (await student.get(`my-exercises/${classes.exerciseId}`)).body;
    expect(mine).toMatchObject({ state: 'working', points: null, results: null, key: null });
    expect((await ruth.get(`tries/${tryId}`)).status).toBe(422);
    const { revision, book } = (await student.get(`books/${mine.bookId}`)).body;
    const changed = await student.post(`books/${mine.bookId}/operations`, {
      ...{ revision, token: 'again' },
      operations: [{ kind: 'rename-account', id: book.accounts[0].id, name: 'Once more' }],
    });
    expect(changed.status).toBe(200);
    await student.post(`my-exercises/${classes.exerciseId}/hand-in`);
    const row = (await rows())[3];
    expect(row).toMatchObject({ tryId, checked: 'checked', state: 'handed-in' });
    expect(row?.of).toBeGreaterThanOrEqual(of ?? 0);
    const { body: checks } = await ruth.get(`tries/${tryId}/checks`);
    expect(checks[0]).toMatchObject({ isOtherWork: true });
  });

  it('is what was begun, where a file was handed in instead', async () => {
    await rework(ruth, classes.exerciseId, { mayFile: true });
    const student = await signedIn(3);
    const tryId = (await rows())[3]?.tryId;
    await ruth.post(`tries/${tryId}/open-again`);
    const begun = (await student.get(`my-exercises/${classes.exerciseId}`)).body.bookId;
    const cells = [
      ['Account', 'Debit', 'Credit'],
      ['Bank', '10.00', ''],
      ['Sales', '', '10.00'],
    ];
    const filed = { fileName: 'work.csv', table: { cells } };
    const sent = await student.post(`my-exercises/${classes.exerciseId}/file`, filed);
    expect(sent.status).toBeLessThan(300);
    const { personId } = (await rows())[3] as unknown as { personId: string };
    expect((await student.get(`my-exercises/${classes.exerciseId}`)).body.bookId).not.toBe(begun);
    const files = `exercises/${classes.exerciseId}/files`;
    expect((await ruth.post(files, { ...filed, personId })).status).toBeLessThan(300);
    await rows();
    expect((await ruth.post(`tries/${tryId}/open-again`)).status).toBe(204);
    const mine = (await student.get(`my-exercises/${classes.exerciseId}`)).body;
    expect(mine).toMatchObject({ state: 'working', bookId: begun });
    expect((await student.get(`books/${begun}`)).body.mayChange).toBe(true);
    await student.post(`my-exercises/${classes.exerciseId}/hand-in`);
    expect((await rows())[3]).toMatchObject({ state: 'handed-in', checked: 'checked' });
  });
});

describe('a work that can’t be checked', () => {
  it('is told at that work; the others are checked, and it is checked once it can be', async () => {
    const [, , third] = await rows();
    const { bookId } = (await (await signedIn(2)).get(`my-exercises/${classes.exerciseId}`)).body;
    await behindItsBack("update books set state = state || '~' where id = $1", [bookId]);
    await running.killAndStartAgain();
    ruth = running.visitor();
    await ruth.post('sign-in', { login: 'ruth', password: 'a long password' });
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    const found = await rows();
    expect(found[2]).toMatchObject({
      checked: 'failed',
      checkFault: expect.stringMatching(
        /^This work could not be checked\. The book can’t be read\./,
      ),
    });
    expect(found[3]?.checked).toBe('checked');
    const opened = await ruth.get(`books/${bookId}`);
    expect(opened.body.faults[0].code).toBe('book.unreadable');
    const back = await ruth.post(`books/${bookId}/set-back`, { revision: 3 });
    expect(back.status).toBe(200);
    expect((await ruth.get(`books/${bookId}`)).status).toBe(200);
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    expect((await rows())[2]).toMatchObject({ checked: 'checked', tryId: third?.tryId });
  });

  it('a company’s book whose newest can’t be read is set back, and goes on from there', async () => {
    const { body: company } = await ruth.post('companies', { book: COMPANY });
    const path = `books/${company.bookId}`;
    const rename = (name: string, revision: number) =>
      ruth.post(`${path}/operations`, {
        ...{ revision, token: name, operations: [{ kind: 'rename-account', id: 'bank', name }] },
      });
    for (let i = 0; i < 3; i++) await rename(`Bank ${i}`, i);
    await behindItsBack("update books set state = '{}' where id = $1", [company.bookId]);
    await running.killAndStartAgain();
    ruth = running.visitor();
    await ruth.post('sign-in', { login: 'ruth', password: 'a long password' });
    expect((await ruth.get(path)).status).toBe(422);
    expect((await ruth.get(`${path}/history`)).body).toHaveLength(3);
    expect((await ruth.post(`${path}/set-back`, { revision: 2 })).body).toEqual({ revision: 4 });
    const { book, revision } = (await ruth.get(path)).body;
    expect([revision, book.accounts[0].name]).toEqual([4, 'Bank 1']);
    expect((await rename('Bank again', 4)).body.revision).toBe(5);
    expect((await ruth.post(`${path}/set-back`, { revision: 9 })).status).toBe(422);
    const [latest] = (await ruth.get('house/happened')).body.rows;
    expect(latest.what).toBe('set a book back to an earlier moment');
  });

  it('a work handed in meanwhile is not set back by its student', async () => {
    const student = await signedIn(1);
    const { bookId } = (await student.get(`my-exercises/${classes.exerciseId}`)).body;
    const before = (await student.get(`books/${bookId}`)).body.book;
    const late = await student.post(`books/${bookId}/set-back`, { revision: 1 });
    expect(late.body.detail).toMatch(/^This work has been handed in/);
    expect((await student.get(`books/${bookId}`)).body.book).toEqual(before);
    expect((await ruth.post(`books/${bookId}/set-back`, { revision: 1 })).status).toBe(422);
  });

  it('that the server is at fault is no fault of the work, and tells nothing of the database', async () => {
    await behindItsBack('alter table checks rename to checks_away');
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    await behindItsBack('alter table checks_away rename to checks');
    for (const { checkFault } of await rows())
      expect(checkFault ?? '').not.toMatch(/insert|query|checks|params/i);
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    expect((await rows()).map(({ checked }) => checked)).toEqual(Array(4).fill('checked'));
  });
});

describe('an exercise', () => {
  it('goes to several classes, each by itself; taking it back from one asks, and takes nothing away', async () => {
    const { body: other } = await ruth.post('groups', { name: 'Second class' });
    const path = `exercises/${classes.exerciseId}`;
    await ruth.post(`${path}/hand-out`, { groupId: other.id });
    const { handedOutTo } = (await ruth.get(path)).body;
    expect(handedOutTo.map(({ begun }: { begun: number }) => begun)).toEqual([4, 0]);
    const asked = await ruth.post(`${path}/take-back`, { groupId: classes.groupId });
    expect(asked.body.detail).toMatch(/^4 of Evening class have begun/);
    await ruth.post(`${path}/take-back`, { groupId: classes.groupId, sure: true });
    const student = await signedIn(0);
    const [mine] = (await student.get('my-exercises')).body;
    expect(mine).toMatchObject({ exerciseId: classes.exerciseId, state: 'given-back' });
    expect((await student.get(`my-exercises/${classes.exerciseId}`)).body.results).not.toBeNull();
    await ruth.post(`${path}/hand-out`, { groupId: classes.groupId });
  });
});

describe('a password that was forgotten', () => {
  it('is set anew by the instructor; who was signed in with the old one is not any more', async () => {
    const student = await signedIn(3);
    const { members } = (await ruth.get(`groups/${classes.groupId}`)).body;
    const { id, login } = members[3];
    const made = (await ruth.post(`groups/${classes.groupId}/members/${id}/password`)).body;
    expect(made).toMatchObject({ login, password: expect.stringMatching(/^\w{12}$/) });
    expect((await student.get('me')).status).toBe(401);
    const again = running.visitor();
    expect((await again.post('sign-in', { login, password: made.password })).status).toBe(200);
    const wrong = await again.post('me/password', { old: 'guess', next: 'another long one' });
    expect(wrong.body.detail).toBe('This is not the password that you have now.');
    const own = { old: made.password, next: 'another long one' };
    expect((await again.post('me/password', own)).status).toBe(204);
    expect((await again.get('me')).status).toBe(200);
    expect((await running.visitor().post('sign-in', { login, password: own.next })).status).toBe(
      200,
    );
  });

  it('other instructors are made by the first, have what is theirs, and reset nobody else’s', async () => {
    const added = (await ruth.post('instructors', { name: 'Tom Reed', login: ' tom ' })).body;
    const tom = running.visitor();
    await tom.post('sign-in', { login: added.login, password: added.password });
    expect((await tom.get('companies')).body).toEqual([]);
    expect((await tom.get('groups')).body).toEqual([]);
    expect((await tom.get('instructors')).status).toBe(403);
    const { members } = (await ruth.get(`groups/${classes.groupId}`)).body;
    const theirs = `groups/${classes.groupId}/members/${members[0].id}/password`;
    expect((await tom.post(theirs)).status).toBe(404);
    expect((await ruth.post('instructors', { name: 'Tom', login: 'TOM' })).status).toBe(422);
    const list = (await ruth.get('instructors')).body as { id: string; login: string }[];
    const tomId = list.find(({ login }) => login === 'tom')?.id;
    const made = (await ruth.post(`instructors/${tomId}/password`)).body;
    expect((await tom.get('me')).status).toBe(401);
    expect((await tom.post('sign-in', { login: 'tom', password: made.password })).status).toBe(200);
    const happened = (await ruth.get('house/happened')).body.rows as { what: string }[];
    expect(happened.map(({ what }) => what)).toContain('set a new password for');
  });
});
