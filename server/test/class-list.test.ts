import { classOf, COMPANY, listOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
let otto: Visitor;
beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 3);
  ({ ruth } = classes);
  const made = await ruth.post('instructors', { name: 'Otto Fell', login: 'otto' });
  otto = running.visitor();
  await otto.post('sign-in', { login: 'otto', password: made.body.password });
});
afterAll(() => running.close());

/** Somebody’s browser, signed in as a list has just made them; a status other than 200 where that is refused. */
async function signedIn({ login, password }: { login: string; password: string }) {
  const visitor = running.visitor();
  const { status } = await visitor.post('sign-in', { login, password });
  return { visitor, status };
}

const student = (name: string, number = '', email = '') => ({ name, number, email });

async function group(by: Visitor, name: string): Promise<string> {
  return (await by.post('groups', { name })).body.id;
}

const becomes = (plan: { students: { becomes: string }[] }) =>
  plan.students.map((each) => each.becomes);

const namesIn = async (by: Visitor, id: string, which: 'members' | 'former' = 'members') =>
  (await by.get(`groups/${id}`)).body[which].map(({ name }: { name: string }) => name);

describe('a school’s list', () => {
  it('says what it will do, does it, and done again does nothing', async () => {
    const id = await group(ruth, 'List one');
    const students = [student('Ada Holm', '7', 'ada@quay.example'), student('Tom Reed', '8')];
    const look = await ruth.post(`groups/${id}/list`, { students });
    expect(becomes(look.body)).toEqual(['new', 'new']);
    expect(await namesIn(ruth, id)).toEqual([]);
    const { body } = await ruth.post(`groups/${id}/members`, { students });
    expect(body.added).toHaveLength(2);
    expect(becomes((await ruth.post(`groups/${id}/list`, { students })).body)).toEqual([
      ...['same', 'same'],
    ]);
    const next = [student('Ada Reed', '7'), student('Nils Ekko', '9')];
    const plan = (await ruth.post(`groups/${id}/list`, { students: next })).body;
    expect(becomes(plan)).toEqual(['changed', 'new']);
    expect(plan.people).toEqual([{ id: plan.gone[0], name: 'Tom Reed', classes: ['List one'] }]);
    const done = await ruth.post(`groups/${id}/members`, { students: next, takeOut: plan.gone });
    expect(done.body).toMatchObject({ joined: 0, returned: 0, changed: 1, takenOut: 1 });
    expect(await namesIn(ruth, id)).toEqual(['Ada Reed', 'Nils Ekko']);
    expect(await namesIn(ruth, id, 'former')).toEqual(['Tom Reed']);
    const back = await ruth.post(`groups/${id}/members`, { students: [student('Tom Reed', '8')] });
    expect(back.body).toMatchObject({ added: [], returned: 1 });
    expect(await namesIn(ruth, id, 'former')).toEqual([]);
  });

  it('a person is one in two classes, signs in as before, and has what both have', async () => {
    const first = await group(ruth, 'Morning');
    const second = await group(ruth, 'Evening');
    const una = student('Una Vale', '21', 'una@quay.example');
    const [made] = (await ruth.post(`groups/${first}/members`, { students: [una] })).body.added;
    await ruth.post(`exercises/${classes.exerciseId}/hand-out`, { groupId: second });
    const doubt = (await ruth.post(`groups/${second}/list`, { students: [student('Una Vale')] }))
      .body;
    expect(doubt.students[0]).toMatchObject({ becomes: 'doubtful', could: [made.id] });
    expect(doubt.people[0].classes).toEqual(['Morning']);
    const refused = await ruth.post(`groups/${second}/members`, {
      students: [student('Una Vale'), student('Zoe Lind')],
    });
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toMatch(/“Una Vale”.*another class.*nothing of the list was done/);
    expect(await namesIn(ruth, second)).toEqual([]);
    const joined = await ruth.post(`groups/${second}/members`, {
      students: [student('Una Vale')],
      same: { 0: made.id },
    });
    expect(joined.body).toMatchObject({ added: [], joined: 1 });
    const { visitor: herself } = await signedIn(made);
    expect((await herself.get('my-exercises')).body).toHaveLength(1);
  });

  it('a colleague’s student can be taken in, and stays theirs to rename, to reset and to delete', async () => {
    const mine = await group(ruth, 'Of Ruth');
    const theirs = await group(otto, 'Of Otto');
    const [made] = (
      await ruth.post(`groups/${mine}/members`, { students: [student('Vik Moss', '31')] })
    ).body.added;
    const plan = (await otto.post(`groups/${theirs}/list`, { students: [student('Vik Moss')] }))
      .body;
    expect(plan.people).toEqual([{ id: made.id, name: 'Vik Moss', classes: [] }]);
    expect(JSON.stringify(plan)).not.toContain('31');
    await otto.post(`groups/${theirs}/members`, { students: [student('Vik Moss', '31')] });
    const [seen] = (await otto.get(`groups/${theirs}`)).body.members;
    expect(seen).toMatchObject({ id: made.id, mayChange: false });
    const at = `groups/${theirs}/members/${made.id}`;
    for (const answer of [
      await otto.patch(at, { name: 'Mine Now' }),
      await otto.post(`${at}/password`),
      await otto.post(`leavings/person/${made.id}`),
    ]) {
      expect(answer.status).toBe(422);
      expect(answer.body.detail).toMatch(/colleague/);
    }
    expect((await signedIn(made)).status).toBe(200);
    expect((await otto.remove(at)).status).toBe(200);
    expect((await otto.patch(`groups/${theirs}/members/${made.id}`, { number: 'x' })).status).toBe(
      422,
    );
  });

  it('whoever was a colleague’s is not taken over by their number, and not named by it', async () => {
    const theirs = await group(otto, 'Ended at Otto’s');
    const mine = await group(ruth, 'Takes over');
    const [made] = (
      await otto.post(`groups/${theirs}/members`, { students: [student('Ulf Brandt', '61')] })
    ).body.added;
    const second = await ruth.post('instructors', { name: 'Pia Noll', login: 'pia' });
    const pia = running.visitor();
    await pia.post('sign-in', { login: 'pia', password: second.body.password });
    const own = await group(pia, 'Of Pia');
    const look = await pia.post(`groups/${own}/list`, {
      students: [student('Someone Else', '61')],
    });
    expect(look.body.students[0].becomes).toBe('doubtful');
    expect(JSON.stringify(look.body)).not.toContain('Ulf');
    await otto.remove(`groups/${theirs}/members/${made.id}`);
    const taken = await pia.post(`groups/${own}/members`, {
      students: [student('Ulf Brandt', '61')],
    });
    expect(taken.body.joined).toBe(1);
    const reset = await pia.post(`groups/${own}/members/${made.id}/password`);
    expect([reset.status, reset.body.detail]).toEqual([422, expect.stringMatching(/colleague/)]);
    expect((await ruth.get(`groups/${mine}`)).body.members).toEqual([]);
  });

  it('a number that is another person’s is a doubt, and so is one who stands there twice', async () => {
    const id = await group(ruth, 'Doubts');
    await ruth.post(`groups/${id}/members`, { students: [student('Ida Kerr', '41')] });
    const students = [student('Nobody Else', '41'), student('Jon Ash'), student('Jon Ash')];
    const { body } = await ruth.post(`groups/${id}/list`, { students });
    expect(becomes(body)).toEqual(['doubtful', 'new', 'doubtful']);
    expect(body.students[0].why).toMatch(/Ida Kerr/);
  });

  it.each([
    [{ students: [{ name: 'X', number: '', email: 'no at' }] }],
    [{ students: [{ name: '', number: '', email: '' }] }],
    [{ students: 'Ada' }],
    [{ students: [null] }],
    [{ students: [student('Ada')], same: { a: 'new' } }],
    [{ students: [student('Ada')], takeOut: ['../x'] }],
  ])('refuses what is no list: %j', async (sent) => {
    const id = await group(ruth, 'Bad lists');
    expect((await ruth.post(`groups/${id}/members`, sent)).status).toBe(400);
    expect(await namesIn(ruth, id)).toEqual([]);
  });
});

describe('a student of a class', () => {
  it('is renamed, moved, taken out and brought back; what they did stays', async () => {
    const { groupId, exerciseId, ids, students } = classes;
    const [id = ''] = ids;
    const [sign = { login: '', password: '' }] = students;
    const { visitor: own } = await signedIn(sign);
    await own.post(`my-exercises/${exerciseId}/begin`);
    const at = `groups/${groupId}/members/${id}`;
    await ruth.patch(at, { name: 'Abel Quist', number: ' 51 ', email: 'abel@quay.example' });
    const out = await ruth.remove(at);
    expect(out.body.former).toMatchObject([{ name: 'Abel Quist', number: '51' }]);
    const { rows } = (await ruth.get(`exercises/${exerciseId}/results`)).body;
    const row = rows.find((each: { student: string }) => each.student === 'Abel Quist');
    expect(row).toMatchObject({ groups: [], state: 'working' });
    expect((await own.get('my-exercises')).body).toHaveLength(1);
    expect((await ruth.post(`${at}/back`)).body.members).toHaveLength(3);
    const other = await group(ruth, 'Afternoon');
    await ruth.post(`${at}/move`, { to: other });
    expect(await namesIn(ruth, other)).toEqual(['Abel Quist']);
    expect(await namesIn(ruth, groupId, 'former')).toEqual(['Abel Quist']);
    const elsewhere = await group(otto, 'Not Ruth’s');
    expect((await ruth.post(`${at}/move`, { to: elsewhere })).status).toBe(404);
  });

  it('of whom there are two becomes one: the further work stays, two finished ones are refused', async () => {
    const id = await group(ruth, 'Twice there');
    const [one, two] = (await ruth.post(`groups/${id}/members`, listOf(['Eva Lund', 'Ewa Lund'])))
      .body.added;
    const { body: company } = await ruth.post('companies', { book: COMPANY });
    const { body: exercise } = await ruth.post('exercises', {
      ...{ companyId: company.id, title: 'For Eva', start: 'place-them' },
    });
    await ruth.post(`exercises/${exercise.id}/hand-out`, { groupId: id });
    const begin = async (sign: { login: string; password: string }) => {
      const { visitor } = await signedIn(sign);
      await visitor.post(`my-exercises/${exercise.id}/begin`);
      return visitor;
    };
    await begin(one);
    const second = await begin(two);
    const { bookId } = (await second.get('my-exercises')).body[0];
    const { revision, book } = (await second.get(`books/${bookId}`)).body;
    const operations = [
      { kind: 'move-account', id: book.accounts[0].id, type: 'bank', parent: null, number: null },
    ];
    await second.post(`books/${bookId}/operations`, { revision, token: 'of-two', operations });
    expect((await second.post(`my-exercises/${exercise.id}/hand-in`, {})).status).toBeLessThan(300);
    const at = `groups/${id}/members/${two.id}`;
    expect((await ruth.post(`${at}/merge`, { into: two.id })).status).toBe(422);
    const merged = await ruth.post(`${at}/merge`, { into: one.id });
    expect(merged.body.members).toMatchObject([{ id: one.id, name: 'Eva Lund' }]);
    const { rows } = (await ruth.get(`exercises/${exercise.id}/results`)).body;
    expect(rows).toMatchObject([{ student: 'Eva Lund', state: 'handed-in' }]);
    expect((await signedIn(two)).status).toBe(422);
    expect((await second.get('my-exercises')).status).toBe(401);
    const { visitor: eva } = await signedIn(one);
    const [own] = (await eva.get('my-exercises')).body;
    const history = (await eva.get(`books/${own.bookId}/history`)).body;
    expect(JSON.stringify(history)).not.toContain(two.id);
    expect(JSON.stringify(history)).toContain('Eva Lund');
  });

  it('is nobody’s but their instructor’s', async () => {
    const { groupId, ids } = classes;
    const at = `groups/${groupId}/members/${ids[1]}`;
    const answers = await Promise.all([
      otto.patch(at, { name: 'Mine' }),
      otto.remove(at),
      otto.post(`${at}/back`),
      otto.post(`${at}/merge`, { into: ids[2] }),
      otto.post(`groups/${groupId}/list`, { students: [] }),
      otto.patch(`groups/${groupId}`, { name: 'Mine' }),
    ]);
    expect(answers.map(({ status }) => status)).toEqual([404, 404, 404, 404, 404, 404]);
  });
});
