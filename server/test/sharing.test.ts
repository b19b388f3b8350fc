import { checkedRows, classOf, listOf, rework, signedIn, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
/** A colleague each: who teaches along, who assists, who has the exercise to change, and who has nothing. */
let sami: Colleague;
let ines: Colleague;
let vera: Colleague;
let omar: Colleague;

interface Colleague {
  readonly id: string;
  readonly at: Visitor;
}

async function colleague(name: string): Promise<Colleague> {
  const made = await ruth.post('instructors', { name, login: name.toLowerCase() });
  const at = running.visitor();
  await at.post('sign-in', { login: name.toLowerCase(), password: made.body.password });
  return { id: (await at.get('me')).body.id, at };
}

async function handIn(students: readonly Visitor[], exerciseId: string): Promise<void> {
  for (const student of students) {
    await student.post(`my-exercises/${exerciseId}/begin`);
    await student.post(`my-exercises/${exerciseId}/hand-in`);
  }
}

interface Row {
  readonly heldBy: string | null;
  readonly student: string;
  readonly tryId: string | null;
  readonly state: string;
}

const rowsOf = async (who: Visitor): Promise<Row[]> =>
  (await who.get(`exercises/${classes.exerciseId}/results`)).body.rows as Row[];
const tryOf = async (who: Visitor, at = 0): Promise<string> => (await rowsOf(who))[at]?.tryId ?? '';

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 3);
  ({ ruth } = classes);
  [sami, ines, vera, omar] = [
    await colleague('Sami'),
    await colleague('Ines'),
    await colleague('Vera'),
    await colleague('Omar'),
  ];
  await handIn(await signedIn(running, classes), classes.exerciseId);
  await checkedRows(ruth, classes.exerciseId);
});
afterAll(() => running.close());

it('lends a stock of notes to be taken from: nobody else’s, and no longer than it is shared', async () => {
  const kept = await ruth.post('note-stock', { text: 'See the unit on accruals.', points: -1 });
  const [note] = kept.body as { id: string; by: object | null }[];
  expect(note?.by).toBeNull();
  const stock = `sharing/note-stocks/${(await ruth.get('me')).body.id}`;
  expect((await sami.at.get('note-stock')).body).toEqual([]);
  expect((await sami.at.get(stock)).status).toBe(404);
  const own = { personId: sami.id, how: 'look' };
  expect((await sami.at.put(stock, own)).status).toBe(404);
  expect((await ruth.put(stock, { personId: sami.id, how: 'change' })).status).toBe(422);
  expect((await ruth.put(stock, own)).body.with).toMatchObject([{ name: 'Sami', how: 'look' }]);
  await sami.at.post('note-stock', { text: 'Well done.', points: 0 });
  expect((await sami.at.get('note-stock')).body).toMatchObject([
    { text: 'Well done.', by: null },
    { text: 'See the unit on accruals.', points: -1, by: { name: 'Ruth Marsh' } },
  ]);
  await sami.at.remove(`note-stock/${note?.id ?? ''}`);
  expect((await ruth.get('note-stock')).body).toHaveLength(1);
  expect((await vera.at.get('note-stock')).body).toEqual([]);
  await ruth.remove(`${stock}/${sami.id}`);
  expect((await sami.at.get('note-stock')).body).toMatchObject([{ text: 'Well done.' }]);
  await ruth.put(stock, own);
  expect((await vera.at.remove(`${stock}/${sami.id}`)).status).toBe(404);
  expect((await sami.at.get('note-stock')).body).toHaveLength(2);
  expect((await sami.at.remove(`${stock}/${sami.id}`)).status).toBe(200);
  expect((await sami.at.get('note-stock')).body).toHaveLength(1);
});

it('shows nobody what is not shared with them', async () => {
  const work = await tryOf(ruth);
  const { exerciseId, groupId } = classes;
  for (const path of [
    `exercises/${exerciseId}`,
    `exercises/${exerciseId}/results`,
    `groups/${groupId}`,
    `tries/${work}`,
    `sharing/groups/${groupId}`,
  ])
    expect((await sami.at.get(path)).status).toBe(404);
  expect((await sami.at.get('exercises')).body).toEqual([]);
});

describe('a class that is taught together', () => {
  beforeAll(async () => {
    const path = `sharing/groups/${classes.groupId}`;
    await ruth.put(path, { personId: sami.id, how: 'teach' });
    const shared = await ruth.put(path, { personId: ines.id, how: 'assist' });
    expect(shared.body.with).toEqual([
      { id: ines.id, name: 'Ines', how: 'assist' },
      { id: sami.id, name: 'Sami', how: 'teach' },
    ]);
    expect(shared.body.others.map(({ name }: { name: string }) => name)).toEqual(['Omar', 'Vera']);
  });

  it('stands in the lists of who teaches along, with its exercises, works and what waits', async () => {
    expect((await sami.at.get('groups')).body).toMatchObject([
      { name: 'Evening class', students: 3, shared: { by: 'Ruth Marsh', how: 'teach' } },
    ]);
    const [exercise] = (await sami.at.get('exercises')).body;
    expect(exercise).toMatchObject({
      title: 'Place them',
      may: 'mark',
      by: 'Ruth Marsh',
      tries: 3,
    });
    expect(await rowsOf(sami.at)).toHaveLength(3);
    expect((await sami.at.get('today')).body.waits).toMatchObject([{ title: 'Place them' }]);
    expect((await sami.at.get(`exercises/${classes.exerciseId}/at-work`)).body.rows).toHaveLength(
      3,
    );
  });

  it('is marked and given back by who teaches along, who does not change the exercise', async () => {
    const work = await tryOf(sami.at);
    const noted = await sami.at.post(`tries/${work}/notes`, { text: 'Well placed.', points: 2 });
    expect(noted.status).toBe(200);
    const given = await sami.at.post(`tries/${work}/give-back`, {});
    expect(given.body).toMatchObject({ state: 'given-back', may: 'mark' });
    const { revision } = (await ruth.get(`exercises/${classes.exerciseId}`)).body;
    const changed = await rework(sami.at, classes.exerciseId, { title: 'Sami’s' });
    expect(changed.status).toBe(422);
    expect(changed.body.detail).toContain('Ruth Marsh');
    expect((await ruth.get(`exercises/${classes.exerciseId}`)).body.revision).toBe(revision);
    const { keyBookId } = (await sami.at.get(`exercises/${classes.exerciseId}`)).body;
    expect((await sami.at.get(`books/${keyBookId}`)).body.mayChange).toBe(false);
  });

  it('is looked at by who assists, who writes notes and gives nothing back', async () => {
    const work = await tryOf(ines.at, 1);
    expect((await ines.at.get(`tries/${work}`)).body.may).toBe('assist');
    expect((await ines.at.post(`tries/${work}/notes`, { text: 'Ask me.', points: 0 })).status).toBe(
      200,
    );
    for (const [path, body] of [
      [`tries/${work}/notes`, { text: 'Two more.', points: 2 }],
      [`tries/${work}/give-back`, {}],
      [`exercises/${classes.exerciseId}/give-back`, {}],
      [`exercises/${classes.exerciseId}/check-again`, {}],
      [`groups/${classes.groupId}/members`, listOf(['Somebody New'])],
      [
        `groups/${classes.groupId}/mix-ups/drills`,
        { kind: 'drill', what: 'contra', people: [...classes.ids] },
      ],
    ] as const) {
      const refused = await ines.at.post(path, body);
      expect(refused.status).toBe(422);
      expect(refused.body.detail).toMatch(/assist|may not/);
    }
    const { body: marked } = await ines.at.get(`tries/${work}`);
    expect(marked.state).toBe('handed-in');
    const own = marked.notes.find(({ text }: { text: string }) => text === 'Ask me.');
    expect((await ines.at.remove(`tries/${work}/notes/${own.id}`)).status).toBe(200);
  });

  it('has each work marked by one at a time; who only assists holds nobody up; who goes leaves it free', async () => {
    const rows = (await rowsOf(ruth)).filter(({ tryId }) => tryId !== null);
    const [first = '', second = ''] = rows.map(({ tryId }) => tryId ?? '');
    const open = (who: Visitor, work = first) => who.post(`tries/${work}/open`);
    const note = (who: Visitor, points: number) =>
      who.post(`tries/${first}/notes`, { text: 'Look again.', points });
    expect((await open(ines.at)).body).toEqual({ heldBy: null });
    expect((await open(ruth)).body).toEqual({ heldBy: null });
    expect((await open(sami.at)).body).toEqual({ heldBy: 'Ruth Marsh' });
    expect((await open(ines.at)).body).toEqual({ heldBy: 'Ruth Marsh' });
    expect((await open(ruth)).body).toEqual({ heldBy: null });
    const refused = await note(sami.at, 3);
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toMatch(/^Ruth Marsh has this work open/);
    expect((await note(ruth, 3)).status).toBe(200);
    expect((await note(ines.at, 0)).status).toBe(200);
    expect((await sami.at.get(`tries/${first}`)).status).toBe(200);
    expect((await sami.at.get(`tries/${second}`)).body.previous).not.toBe(first);
    expect((await ruth.get(`tries/${second}`)).body.previous).toBe(first);
    expect((await omar.at.post(`tries/${first}/open`)).status).toBe(404);
    expect((await ruth.remove(`tries/${first}/open`)).status).toBe(204);
    expect((await open(sami.at)).body).toEqual({ heldBy: null });
    expect((await note(sami.at, 1)).status).toBe(200);
    expect((await note(ruth, 1)).body.detail).toMatch(/^Sami has this work open/);
    for (const who of [ruth, sami.at, ines.at]) await who.remove(`tries/${first}/open`);
  });

  it('gives all back but what a colleague has open, and says who has', async () => {
    const { exerciseId } = classes;
    const handedIn = async (who: Visitor) =>
      (await rowsOf(who)).filter(({ state }) => state === 'handed-in');
    const [{ tryId: held = '' } = {}, ...others] = await handedIn(ruth);
    expect(others.length).toBeGreaterThan(0);
    await sami.at.post(`tries/${held}/open`);
    const heldBy = async (who: Visitor) =>
      (await handedIn(who)).flatMap((row) => (row.heldBy === null ? [] : [row.heldBy]));
    expect([await heldBy(ruth), await heldBy(sami.at)]).toEqual([['Sami'], []]);
    const shows = { marks: true, notes: true, key: false, copy: false, tells: 'there' };
    await ruth.post(`exercises/${exerciseId}/give-back`, { shows });
    expect((await handedIn(ruth)).map(({ tryId }) => tryId)).toEqual([held]);
    await sami.at.remove(`tries/${held}/open`);
    for (const { tryId } of others) await ruth.post(`tries/${tryId}/take-back`);
  });

  it('is shared by its owner alone, in the ways that there are, with colleagues', async () => {
    const path = `sharing/groups/${classes.groupId}`;
    const [student = ''] = classes.ids;
    expect((await sami.at.put(path, { personId: omar.id, how: 'teach' })).status).toBe(404);
    expect((await ruth.put(path, { personId: omar.id, how: 'look' })).status).toBe(422);
    expect((await ruth.put(path, { personId: student, how: 'teach' })).status).toBe(404);
    const { id: own } = (await ruth.get('me')).body;
    expect((await ruth.put(path, { personId: own, how: 'teach' })).status).toBe(422);
    expect((await ruth.get('sharing/cupboards/1')).status).toBe(404);
  });
});

describe('an exercise that is shared to change', () => {
  let others: TestClass['students'];
  let groupB = '';

  beforeAll(async () => {
    const path = `sharing/exercises/${classes.exerciseId}`;
    await ruth.put(path, { personId: vera.id, how: 'change' });
    const { body: group } = await vera.at.post('groups', { name: 'Morning class' });
    groupB = group.id;
    const { body } = await vera.at.post(
      `groups/${groupB}/members`,
      listOf(['Ada Pine', 'Bo Fern']),
    );
    others = body.added;
    await vera.at.post(`exercises/${classes.exerciseId}/hand-out`, { groupId: groupB });
    for (const { login, password } of others) {
      const student = running.visitor();
      await student.post('sign-in', { login, password });
      await handIn([student], classes.exerciseId);
    }
    await checkedRows(vera.at, classes.exerciseId);
  });

  it('has the works of each class with who teaches it, and with nobody else', async () => {
    const names = async (who: Visitor) => (await rowsOf(who)).map(({ student }) => student);
    expect(await names(vera.at)).toEqual(['Ada Pine', 'Bo Fern']);
    expect(await names(ruth)).toEqual(['Student 001', 'Student 002', 'Student 003']);
    expect(await names(sami.at)).toHaveLength(3);
    const [hers, mine] = [await tryOf(vera.at), await tryOf(ruth)];
    expect((await ruth.get(`tries/${hers}`)).status).toBe(404);
    expect((await vera.at.get(`tries/${mine}`)).status).toBe(404);
    expect((await vera.at.get(`exercises/${classes.exerciseId}`)).body).toMatchObject({
      ...{ may: 'change', by: 'Ruth Marsh', tries: 2 },
      handedOutTo: [{ name: 'Morning class' }],
    });
    const seeds = (await vera.at.get(`exercises/${classes.exerciseId}/seeds`)).body;
    expect(seeds.map(({ student }: { student: string }) => student)).toEqual([
      'Ada Pine',
      'Bo Fern',
    ]);
    const at = (await ruth.get(`exercises/${classes.exerciseId}/at-work`)).body;
    expect(JSON.stringify(at)).not.toContain('Ada Pine');
  });

  it('is changed by both, and given back class by class', async () => {
    const changed = await rework(vera.at, classes.exerciseId, { title: 'Place them all' });
    expect(changed.status).toBe(200);
    expect((await ruth.get(`exercises/${classes.exerciseId}`)).body.title).toBe('Place them all');
    const given = await vera.at.post(`exercises/${classes.exerciseId}/give-back`, {});
    expect(given.body.rows.map(({ state }: Row) => state)).toEqual(['given-back', 'given-back']);
    expect((await rowsOf(ruth)).filter(({ state }) => state === 'handed-in')).toHaveLength(2);
    expect(
      (await vera.at.post(`exercises/${classes.exerciseId}/hand-out`, { groupId: classes.groupId }))
        .status,
    ).toBe(404);
    expect(
      (
        await ruth.post(`exercises/${classes.exerciseId}/take-back`, {
          groupId: groupB,
          sure: true,
        })
      ).status,
    ).toBe(404);
  });

  it('is checked again and deleted without touching what a colleague’s class did', async () => {
    const { keyBookId } = (await ruth.get(`exercises/${classes.exerciseId}`)).body;
    const { revision } = (await ruth.get(`books/${keyBookId}`)).body;
    const rename = { kind: 'rename-account', id: 'bank', name: 'Bank, main account' };
    const sent = { revision, token: 'another key', operations: [rename] };
    expect((await ruth.post(`books/${keyBookId}/operations`, sent)).status).toBe(200);
    const work = await tryOf(vera.at);
    await vera.at.post(`tries/${work}/take-back`);
    const checksOf = async () =>
      ((await vera.at.get(`tries/${work}/checks`)).body as object[]).length;
    const before = await checksOf();
    expect((await ruth.post(`exercises/${classes.exerciseId}/check-again`, {})).status).toBe(200);
    await checkedRows(ruth, classes.exerciseId);
    expect(await checksOf()).toBe(before);
    await vera.at.post(`exercises/${classes.exerciseId}/check-again`, {});
    await checkedRows(vera.at, classes.exerciseId);
    expect(await checksOf()).toBe(before + 1);
    const gone = await ruth.post(`leavings/exercise/${classes.exerciseId}`);
    expect(gone.status).toBe(422);
    expect(gone.body.detail).toContain('Vera has handed it out to Morning class');
  });

  it('is no longer hers once it is not shared; what her class did stays with her class', async () => {
    await ruth.remove(`sharing/exercises/${classes.exerciseId}/${vera.id}`);
    const { may } = (await vera.at.get(`exercises/${classes.exerciseId}`)).body;
    expect(may).toBe('mark');
    expect(await rowsOf(vera.at)).toHaveLength(2);
  });
});

describe('a company', () => {
  it('is looked at, copied, changed as far as it is shared, and at once no more when it is not', async () => {
    const [company] = (await ruth.get('companies')).body;
    const path = `sharing/companies/${company.id}`;
    const book = `books/${company.bookId}`;
    const rename = (name: string) => ({
      ...{ revision: 0, token: `token ${name}` },
      operations: [{ kind: 'rename-account', id: 'bank', name }],
    });
    expect((await omar.at.get(book)).status).toBe(404);
    await ruth.put(path, { personId: omar.id, how: 'look' });
    expect((await omar.at.get('companies')).body).toMatchObject([
      { name: 'Quay Lamps', shared: { by: 'Ruth Marsh', how: 'look' } },
    ]);
    expect((await omar.at.get(book)).body.mayChange).toBe(false);
    expect((await omar.at.post(`${book}/operations`, rename('Bank, main'))).status).not.toBe(200);
    expect((await omar.at.post(`companies/${company.id}/copy`)).body.shared).toBeNull();
    expect((await omar.at.remove(`companies/${company.id}`)).status).toBe(404);
    await ruth.put(path, { personId: omar.id, how: 'change' });
    expect((await omar.at.get(book)).body.mayChange).toBe(true);
    await omar.at.remove(`${path}/${omar.id}`);
    expect((await omar.at.get(book)).status).toBe(404);
    expect((await omar.at.post(`${book}/operations`, rename('Bank, main'))).status).toBe(404);
  });
});

it('notes that stand in several works are told together, by class, to who sees those works alone', async () => {
  const { exerciseId } = classes;
  const [one, two] = [await tryOf(ruth, 0), await tryOf(ruth, 1)];
  await ruth.post(`tries/${one}/notes`, { text: 'Look at the paper again.', points: 0 });
  await ruth.post(`tries/${two}/notes`, { text: 'look at the paper again', points: 0 });
  await ruth.post(`tries/${two}/notes`, { text: 'Well done', points: 0 });
  const path = `exercises/${exerciseId}/notes-written`;
  const { body } = await ruth.get(path);
  expect(body).toEqual([
    {
      text: expect.stringMatching(/look at the paper again/i),
      works: 2,
      byGroup: { [classes.groupId]: 2 },
    },
  ]);
  const stranger = running.visitor();
  expect((await stranger.get(path)).status).toBe(401);
});
