import { rework, checkedRows, classOf, COMPANY, type TestClass } from './class-of.js';
import { FIGURES, guidedExercise } from './guided.js';
import { runningApp, type Answer, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
let exerciseId: string;
const students: Visitor[] = [];

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 5);
  ({ ruth } = classes);
  exerciseId = await guidedExercise(classes);
  for (const who of classes.students) {
    const student = running.visitor();
    await student.post('sign-in', { login: who.login, password: who.password });
    students.push(student);
  }
});
afterAll(() => running.close());

const student = (i: number) => students[i] as Visitor;
const begin = async (i: number): Promise<string> =>
  (await student(i).post(`my-exercises/${exerciseId}/begin`)).body.bookId;
const guide = async (who: Visitor, bookId: string) => (await who.get(`books/${bookId}/guide`)).body;
const amounts = (body: Answer['body']): string[] =>
  body.guide.sheets[0].rows.map(({ cells }: { cells: string[] }) => cells[1]);
const change = async (who: Visitor, bookId: string, operations: object[]): Promise<Answer> => {
  const { revision } = (await who.get(`books/${bookId}`)).body;
  return who.post(`books/${bookId}/operations`, {
    ...{ revision, token: `t${Math.random().toString(36).slice(2)}`, operations },
  });
};

/** Copies what the paper says into the books. */
async function copySheet(who: Visitor, bookId: string, from: Answer['body']): Promise<void> {
  const { book } = (await who.get(`books/${bookId}`)).body;
  const operations = from.guide.sheets[0].rows.map(({ cells }: { cells: [string, string] }) => {
    const account = book.accounts.find(({ name }: { name: string }) => name === cells[0]);
    const amount = Number(cells[1].replace(/[(),]/g, '')) * 100;
    const isCredit = /capital|dep/.test(account.type);
    return { kind: 'set-opening', id: account.id, amount: isCredit ? -amount : amount };
  });
  expect((await change(who, bookId, operations)).status).toBe(200);
}

describe('what leads through an exercise', () => {
  it('shows each student their own figures, and how far their work is', async () => {
    const [a, b] = [await begin(0), await begin(1)];
    const [one, two] = [await guide(student(0), a), await guide(student(1), b)];
    expect(amounts(one)).not.toEqual(amounts(two));
    expect(one.guide.steps[1].words).toBe(`The bank held ${amounts(one)[0]}.`);
    expect(one.guide.steps[1].asks).toEqual([{ kind: 'openings', done: 0, of: 4 }]);
    await copySheet(student(0), a, one);
    const after = await guide(student(0), a);
    expect(after.guide.steps[1].asks).toEqual([{ kind: 'openings', done: 4, of: 4 }]);
    expect(after.guide.steps[1].figures[0]).toMatchObject({ agrees: true });
    expect(after.guide.sheets[0].rows.map(({ stands }: { stands: boolean }) => stands)).toEqual(
      Array.from({ length: 4 }, () => true),
    );
  });

  it('tells a student nothing of what is right', async () => {
    const described = JSON.stringify(await guide(student(1), await begin(1)));
    for (const secret of ['van-dep', '"right"', 'balance(', 'everywhere'])
      expect(described).not.toContain(secret);
  });

  it('is nobody else’s, and not there beside a key or a company', async () => {
    const bookId = await begin(0);
    expect((await student(1).get(`books/${bookId}/guide`)).status).toBe(404);
    expect(
      (await student(1).put(`books/${bookId}/answers`, { question: 'q1', answer: '1' })).status,
    ).toBe(404);
    const { keyBookId } = (await ruth.get(`exercises/${exerciseId}`)).body;
    expect((await ruth.get(`books/${keyBookId}/guide`)).status).toBe(404);
    expect((await ruth.get(`books/${bookId}/guide`)).status).toBe(200);
  });

  it('keeps answers and where one is', async () => {
    const bookId = await begin(0);
    const put = (answer: object) => student(0).put(`books/${bookId}/answers`, answer);
    expect((await put({ question: 'q2', answer: 'debit' })).status).toBe(204);
    expect((await put({ question: 'q2', answer: 'credit' })).status).toBe(204);
    expect((await put({ question: 'gone', answer: 'x' })).body.detail).toMatch(/asked no longer/);
    expect((await put({ question: 'q2', answer: 'x'.repeat(400) })).status).toBe(400);
    const place = { step: 'record', ticks: ['step look'] };
    await student(0).put(`books/${bookId}/place`, place);
    const { guide: shown, place: kept } = await guide(student(0), bookId);
    expect(kept).toEqual(place);
    const questions = shown.steps.flatMap((step: { questions: object[] }) => step.questions);
    expect(questions).toMatchObject([
      { id: 'q1', answer: '' },
      { id: 'q2', answer: 'credit' },
    ]);
  });

  it('keeps a guide only of the right shape, and figures as they are once somebody has begun', async () => {
    const odd = await rework(ruth, exerciseId, { guide: { steps: [{ id: 'a' }] } });
    expect(odd.status).toBe(422);
    expect(odd.body.detail).toMatch(/title/);
    const { keyRules } = (await ruth.get(`exercises/${exerciseId}`)).body;
    const other = { ...keyRules, figures: { ...FIGURES, everywhere: 'usual' } };
    const refused = await rework(ruth, exerciseId, { keyRules: other });
    expect(refused.body.detail).toMatch(/2 students have begun/);
  });

  it('has pictures that its students see, and nobody else; they go with its file', async () => {
    const picture =
      'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
    const path = `exercises/${exerciseId}`;
    const drawn = { picture: 'data:image/svg+xml;base64,PHN2Zz4=' };
    const svg = await ruth.post(`${path}/pictures`, drawn);
    expect(svg.body.detail).toMatch(/PNG or JPEG/);
    const { id } = (await ruth.post(`${path}/pictures`, { picture })).body;
    const { guide: before } = (await ruth.get(path)).body;
    const bookId = await begin(0);
    const beside = `books/${bookId}/pictures/${id}`;
    expect((await student(0).get(beside)).status).toBe(404);
    const shown = { id: 'photo', title: 'A photograph', kind: 'picture', picture: id };
    const sheets = [...before.sheets, shown];
    expect((await rework(ruth, exerciseId, { guide: { ...before, sheets } })).status).toBe(200);
    expect((await ruth.get(`${path}/pictures/${id}`)).status).toBe(200);
    expect((await student(0).get(beside)).status).toBe(200);
    expect((await student(1).get(beside)).status).toBe(404);
    expect((await student(0).get(`${path}/pictures/${id}`)).status).toBe(403);
    expect((await guide(student(0), bookId)).guide.sheets[1].picture).toBe(id);
    for (let i = 0; i < 60; i++)
      expect((await ruth.post(`${path}/pictures`, { picture })).status).toBe(201);
    expect((await student(0).get(beside)).status).toBe(200);
    const file = (await ruth.get(`${path}/file`)).body;
    expect(file.guide.sheets[1].picture).toBe(picture);
    const again = (await ruth.post('exercises/file', file)).body;
    const kept = again.guide.sheets[1].picture;
    expect(kept).not.toBe(id);
    expect((await ruth.get(`exercises/${again.id}/pictures/${kept}`)).status).toBe(200);
    const inside = [...before.sheets, { ...shown, picture }];
    expect((await rework(ruth, exerciseId, { guide: { ...before, sheets: inside } })).status).toBe(
      422,
    );
    expect((await rework(ruth, exerciseId, { guide: before })).status).toBe(200);
  });
});

describe('a checkpoint', () => {
  it('is gone on from only where that is allowed, and costs what the exercise says', async () => {
    const bookId = await begin(2);
    const goOn = (step: string) => student(2).post(`books/${bookId}/skip-ahead`, { step });
    expect((await goOn('record')).status).toBe(422);
    await rework(ruth, exerciseId, { mayGoOn: true, goOnCost: 2 });
    expect((await goOn('look')).status).toBe(422);
    const went = await goOn('record');
    expect(went.body.guide.steps[1].asks).toEqual([{ kind: 'openings', done: 4, of: 4 }]);
    expect(went.body.guide.steps[2].asks[0]).toEqual({ kind: 'entries', done: 0, of: 1 });
    expect((await goOn('record')).status).toBe(200);
    await student(2).post(`my-exercises/${exerciseId}/hand-in`);
    const rows = await checkedRows(ruth, exerciseId);
    const handed = rows.find(({ state }) => state === 'handed-in');
    const marked = (await ruth.get(`tries/${handed?.tryId}`)).body;
    expect(marked.notes).toMatchObject([{ points: -2, text: 'Went on without “Open”.' }]);
    expect((await goOn('record')).body.detail).toMatch(/handed in/);
    expect(
      (await student(2).put(`books/${bookId}/answers`, { question: 'q1', answer: '1' })).status,
    ).toBe(422);
  });

  it('is where an instructor lets one or all go on, for nothing', async () => {
    const bookId = await begin(3);
    const skipAhead = `exercises/${exerciseId}/let-skip-ahead`;
    const { body } = await ruth.post(skipAhead, {
      step: 'record',
      tries: [],
    });
    expect(body.count).toBe(3);
    const shown = await guide(student(3), bookId);
    expect(shown.guide.steps[1].asks[0]).toMatchObject({ done: 4 });
    const history = (await student(3).get(`books/${bookId}/history`)).body;
    expect(history[0].operation).toEqual({ kind: 'went-on', step: 'Record' });
    const back = await student(3).post(`books/${bookId}/set-back`, { revision: 0 });
    expect(back.status).toBe(200);
    expect((await guide(student(3), bookId)).guide.steps[1].asks[0]).toMatchObject({ done: 0 });
    expect((await student(3).post(skipAhead, { step: 'record', tries: [] })).status).toBe(403);
  });
});

const WHY =
  '4 amounts here are those of somebody else’s exercise. Each student has figures of their own';

describe('own figures', () => {
  it('are marked by one’s own key, and those of a neighbour are told', async () => {
    const [a, b] = [await begin(0), await begin(1)];
    await copySheet(student(1), b, await guide(student(0), a));
    for (const i of [0, 1]) await student(i).post(`my-exercises/${exerciseId}/hand-in`);
    const rows = await checkedRows(ruth, exerciseId);
    const described = (await ruth.get(`exercises/${exerciseId}/copied-figures`)).body;
    expect(described).toMatchObject([{ student: 'Student 002', whose: 'Student 001', count: 4 }]);
    const [own, copied] = rows;
    expect(own?.points).toBeGreaterThan(copied?.points ?? 0);
    const keys = await Promise.all(
      [own, copied].map(
        async (row) => (await ruth.get(`tries/${row?.tryId}`)).body.key.opening.balances,
      ),
    );
    expect(keys[0]).not.toEqual(keys[1]);
    const shown = (path: string, who = ruth) =>
      who.get(path).then(({ body }) => JSON.stringify(body));
    expect(await shown(`tries/${own?.tryId}`)).not.toContain(WHY);
    expect(await shown(`tries/${copied?.tryId}`)).toContain(WHY);
    await ruth.post(`tries/${copied?.tryId}/give-back`);
    const mine = await shown(`my-exercises/${exerciseId}`, student(1));
    expect(mine).toContain(WHY);
    expect(mine).not.toContain('Student 001');
  });
});

describe('practice', () => {
  it('is allowed by the exercise, has new figures each time, and is seen by nobody else', async () => {
    const again = () => student(4).post('practices', { exerciseId });
    expect((await again()).status).toBe(422);
    await rework(ruth, exerciseId, { mayPractise: true });
    const [one, two] = [(await again()).body, (await again()).body];
    const shown = await Promise.all([one, two].map(({ bookId }) => guide(student(4), bookId)));
    expect(amounts(shown[0])).not.toEqual(amounts(shown[1]));
    await copySheet(student(4), one.bookId, shown[0]);
    const checked = (await student(4).post(`practices/${one.id}/check`)).body;
    expect(checked.described).toBe('so-far');
    expect(checked.points).toBeGreaterThan(0);
    expect(checked.points).toBeLessThan(checked.of);
    expect((await ruth.get(`books/${one.bookId}`)).status).toBe(404);
    expect((await student(3).get(`practices/${one.id}`)).status).toBe(404);
    const practised = (await ruth.get(`exercises/${exerciseId}/practised`)).body;
    expect(practised).toEqual([
      { student: 'Student 005', goes: 2, share: Math.floor((100 * checked.points) / checked.of) },
    ]);
    expect((await student(4).get('practices')).body).toHaveLength(2);
  });

  it('tells nothing of the key as long as the exercise itself is to be handed in', async () => {
    const check = async (id: string) => (await student(4).post(`practices/${id}/check`)).body;
    const [one, other] = (await student(4).get('practices')).body;
    const going = `books/${one.bookId}/skip-ahead`;
    const last = { step: (await guide(student(4), one.bookId)).guide.steps.at(-1).id };
    expect(Object.keys(await check(one.id)).sort()).toEqual(['described', 'found', 'of', 'points']);
    expect((await guide(student(4), one.bookId)).mayGoOn).toBe(false);
    expect((await student(4).post(going, last)).status).toBe(422);
    await begin(4);
    expect((await check(other.id)).described).toBe('so-far');
    expect((await student(4).post(`my-exercises/${exerciseId}/hand-in`)).status).toBe(200);
    expect((await check(one.id)).described).toBe('all');
    expect((await student(4).post(going, last)).status).toBe(200);
  });
});

describe('a series', () => {
  it('goes on with the key of the exercise before, closed and carried forward, in another trade', async () => {
    const goes = [{ account: 'debtors', goes: 'becomes', name: 'Owed by shops' }];
    const next = await ruth.post(`exercises/${exerciseId}/continue`, {
      title: 'Second year',
      trade: 'shop',
      goes,
    });
    expect(next.status).toBe(201);
    expect(next.body.continues).toEqual({ id: exerciseId, title: 'Led' });
    const { book } = (await ruth.get(`books/${next.body.keyBookId}`)).body;
    expect(book.company.firstDay).toBe('2028-01-01');
    expect(book.opening.balances).toContainEqual({ account: 'bank', debit: '850.00' });
    expect(book.opening.balances).toContainEqual({ account: 'kept', debit: '50.00' });
    expect(book.accounts.map(({ name }: { name: string }) => name)).toEqual(
      expect.arrayContaining(['Owed by shops', 'Cash in hand']),
    );
    expect((await ruth.get(`exercises/${exerciseId}`)).body.continuedBy).toHaveLength(1);
    const left = await ruth.post(`exercises/${exerciseId}/continue`, {
      title: 'X',
      goes: [{ account: 'bank', goes: 'leaves' }],
    });
    expect(left.body.detail).toMatch(/“Bank” still holds an amount/);
    const both = await ruth.post(`exercises/${exerciseId}/continue`, {
      title: 'X',
      ownWork: true,
      trade: 'shop',
    });
    expect(both.status).toBe(422);
  });

  it('of a service that is closed and becomes a shop the year after is marked in both years', async () => {
    const service = {
      ...COMPANY,
      company: { name: 'Quay Rides', firstDay: '2027-01-01' },
      accounts: COMPANY.accounts.map((each) =>
        each.id === 'sales' ? { ...each, name: 'Fees for rides', type: 'service-fees' } : each,
      ),
    };
    const { body: company } = await ruth.post('companies', { book: service });
    const asked = { companyId: company.id, title: 'Rides', start: 'accounts' };
    const { body: first } = await ruth.post('exercises', asked);
    const { body: second } = await ruth.post(`exercises/${first.id}/continue`, {
      ...{ title: 'Rides become a shop', trade: 'shop', companyName: 'Quay Shop' },
    });
    const recordSale = async (who: Visitor, bookId: string) => {
      const { book } = (await who.get(`books/${bookId}`)).body;
      const idOf = (name: string) =>
        book.accounts.find((each: { name: string }) => each.name === name).id as string;
      const lines = [
        { account: idOf('Bank'), amount: 9_000 },
        { account: idOf('Sales over the counter'), amount: -9_000 },
      ];
      const sale = { id: 'sale', date: '2028-02-01', kind: 'general', reference: '' };
      const entry = { ...sale, text: 'A lamp sold', lines };
      const { status } = await change(who, bookId, [{ kind: 'record-entry', entry }]);
      expect(status).toBe(200);
    };
    await recordSale(ruth, second.keyBookId);
    const rules = second.keyRules;
    const dated = [{ statement: 'balance-sheet', at: '2028-02-29' }];
    await rework(ruth, second.id, { keyRules: { ...rules, statementDates: dated } });
    for (const { id } of [first, second]) {
      await ruth.post(`exercises/${id}/hand-out`, { groupId: classes.groupId });
      const { bookId } = (await student(3).post(`my-exercises/${id}/begin`)).body;
      if (id === second.id) await recordSale(student(3), bookId);
      await student(3).post(`my-exercises/${id}/hand-in`);
    }
    const marks = [];
    for (const { id } of [first, second])
      marks.push((await checkedRows(ruth, id)).find(({ tryId }) => tryId !== null));
    expect(marks.map((row) => row?.checkFault)).toEqual([null, null]);
    expect(marks[0]?.points).toBe(0);
    expect(marks[1]?.points).toBe(marks[1]?.of);
    expect(marks[1]?.of).toBeGreaterThan(0);
  });

  it('goes on with one’s own work: what was wrong before costs nothing again', async () => {
    const next = (
      await ruth.post(`exercises/${classes.exerciseId}/continue`, {
        title: 'My next year',
        ownWork: true,
      })
    ).body;
    await ruth.post(`exercises/${next.id}/hand-out`, { groupId: classes.groupId });
    const first = (await student(0).post(`my-exercises/${classes.exerciseId}/begin`)).body;
    const { book } = (await student(0).get(`books/${first.bookId}`)).body;
    const bank = book.accounts.find(({ name }: { name: string }) => name === 'Bank');
    await change(student(0), first.bookId, [
      { kind: 'move-account', id: bank.id, type: 'cash-in-hand', parent: null, number: null },
    ]);
    await student(0).post(`my-exercises/${classes.exerciseId}/hand-in`);
    const begun = (await student(0).post(`my-exercises/${next.id}/begin`)).body;
    const mine = (await student(0).get(`books/${begun.bookId}`)).body;
    expect(mine.book.company.firstDay).toBe('2028-01-01');
    await student(0).post(`my-exercises/${next.id}/hand-in`);
    const [row] = await checkedRows(ruth, next.id);
    expect(row?.checkFault).toBeNull();
    const marked = (await ruth.get(`tries/${row?.tryId}`)).body;
    const wrong = marked.results.filter(
      ({ check, outcome }: { check: string; outcome: string }) =>
        check.startsWith('opening') && outcome === 'not-met',
    );
    expect(wrong).toEqual([]);
  });
});
