import { rework, checkedRows, classOf, goThrough, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 5);
  ({ ruth } = classes);
  for (const student of classes.students.slice(0, 3)) await goThrough(running, classes, student);
  await checkedRows(ruth, classes.exerciseId);
});
afterAll(() => running.close());

interface Row {
  readonly tryId: string;
  readonly personId: string;
  readonly points: number;
  readonly of: number;
  readonly state: string;
}
const rows = async (): Promise<Row[]> =>
  (await checkedRows(ruth, classes.exerciseId)) as unknown as Row[];
const rowAt = async (i: number): Promise<Row> => (await rows())[i] as Row;

const CELLS = [
  ['Number', 'Account', 'Type', 'Opening balance'],
  ['1010', 'Cash at bank', 'Bank', '900.00'],
  ['1510', 'Van', 'Vehicles', '600.00'],
  ['1519', 'Acc. depn, van', 'Accumulated depreciation', '-100.00'],
  ['3010', 'Share capital', 'Share capital', '-1400.00'],
  ['2010', 'Creditors', 'Trade payables', ''],
  ['1100', 'Debtors', 'Trade receivables', ''],
  ['1200', 'Stock', 'Inventory', ''],
  ['', 'Total', '', '0.00'],
];
const file = (personId: string, table: object) =>
  ruth.post(`exercises/${classes.exerciseId}/files`, { personId, fileName: 'list.csv', table });

describe('a work that came as a file', () => {
  it('stands in the class by the same points, can be sent again, and says what it came as', async () => {
    const { personId } = await rowAt(3);
    const words = [
      ['Dear', 'teacher'],
      ['I', 'forgot'],
    ];
    expect((await file(personId, { cells: words })).status).toBe(204);
    expect(await rowAt(3)).toMatchObject({ points: 0 });
    const filed = await file(personId, { cells: CELLS });
    expect(filed.status).toBe(204);
    const row = await rowAt(3);
    expect(row).toMatchObject({ state: 'handed-in' });
    expect(row.points).toBeGreaterThan(0);
    const marked = (await ruth.get(`tries/${row.tryId}`)).body;
    expect(marked.file).toMatchObject({ name: 'list.csv', table: { cells: CELLS } });
    expect(marked.pairs.map((pair: { keys: string[] }) => pair.keys[0])).toContain('van-dep');
    expect((await file(personId, { cells: CELLS.slice(0, 6) })).status).toBe(204);
    expect((await rowAt(3)).points).toBeLessThan(row.points);
  });

  it('sent twice at once is one work; a number that stands twice is a fault of the work, not of the file', async () => {
    const { personId } = await rowAt(4);
    const doubled = [...CELLS.slice(0, -1), ['1010', 'Petty cash', 'Cash in hand', '']];
    const sent = await Promise.all([
      file(personId, { cells: doubled }),
      file(personId, { cells: doubled }),
    ]);
    expect(sent.map(({ status }) => status)).toEqual([204, 204]);
    const row = await rowAt(4);
    const marked = (await ruth.get(`tries/${row.tryId}`)).body;
    const refs = marked.results.map(
      ({ check, outcome }: { check: string; outcome: string }) => `${check} ${outcome}`,
    );
    expect(refs).toContain('account.leftover not-met');
    expect(marked.file.table.cells).toEqual(doubled);
  });

  it('one in which nothing can be read stands in the class with its reason, and gives way to a better one', async () => {
    const { personId } = await rowAt(4);
    const refused = 'It is a picture. Ask for the table itself.';
    expect((await file(personId, { cells: [], refused })).status).toBe(204);
    const row = (await rowAt(4)) as Row & { checked: string; checkFault: string };
    expect(row).toMatchObject({ state: 'handed-in', points: null, checked: 'failed' });
    expect(row.checkFault).toContain(refused);
    expect((await file(personId, { cells: [], refused: 5 })).status).toBe(400);
    expect((await file(personId, { cells: CELLS })).status).toBe(204);
    expect(await rowAt(4)).toMatchObject({ checked: 'checked', checkFault: null });
  });

  it('a table with more accounts than a book can have is refused with its reason', async () => {
    const { personId } = await rowAt(4);
    const many = Array.from({ length: 5_001 }, (_, i) => [
      String(10_000 + i),
      `Thing ${i}`,
      'Bank',
      '1',
    ]);
    const refused = await file(personId, { cells: [CELLS[0], ...many] });
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toMatch(/5,?000/);
  });

  it('takes nobody’s own work away, and goes to nobody outside the class', async () => {
    const own = await rowAt(0);
    const refused = await file(own.personId, { cells: CELLS });
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toMatch(/has a work of their own/);
    expect((await file('nobody', { cells: CELLS })).status).toBe(404);
    expect((await file(own.personId, { cells: [[1]] })).status).toBe(400);
  });
});

describe('pairs made by hand', () => {
  it('change the marks and are kept when all is checked again', async () => {
    const before = await rowAt(0);
    const { pairs: found } = (await ruth.get(`tries/${before.tryId}`)).body;
    const bank = found.find(({ keys }: { keys: string[] }) => keys.includes('bank'));
    const pairs = [{ key: null, work: bank.works[0] }];
    const marked = (await ruth.post(`tries/${before.tryId}/pairs`, { pairs })).body;
    expect(marked.handPairs).toEqual(pairs);
    const parted = await rowAt(0);
    expect(parted.points).toBeLessThan(before.points);
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    expect(await rowAt(0)).toMatchObject({ points: parted.points });
    await ruth.post(`tries/${before.tryId}/pairs`, { pairs: [] });
    expect(await rowAt(0)).toMatchObject({ points: before.points });
    expect((await ruth.post(`tries/${before.tryId}/pairs`, { pairs: [{}] })).status).toBe(400);
  });
});

describe('what a change of the key would do', () => {
  const wrong = { account: 'bank', what: 'type', value: 'cash-in-hand' };

  it('is shown by student before it is kept; what was given back changes only where that is said', async () => {
    const [one, two] = await rows();
    await ruth.post(`tries/${one?.tryId}/give-back`);
    const pointsFor = { 'account.present': 3 };
    await rework(ruth, classes.exerciseId, { keyRules: { points: pointsFor, total: 120 } });
    const preview = (await ruth.get(`exercises/${classes.exerciseId}/check-again/preview`)).body;
    const ids = preview.rows.map((row: Row) => row.tryId);
    expect(ids).toEqual(expect.arrayContaining([one?.tryId, two?.tryId]));
    expect(await rowAt(0)).toMatchObject({ points: one?.points, of: one?.of });
    await ruth.post(`exercises/${classes.exerciseId}/check-again`);
    expect(await rowAt(0)).toMatchObject({ of: one?.of });
    expect((await rowAt(1)).of).toBeGreaterThan(two?.of ?? 0);
    await ruth.post(`exercises/${classes.exerciseId}/check-again`, { givenBack: [one?.tryId] });
    expect((await rowAt(0)).of).toBeGreaterThan(one?.of ?? 0);
  });

  it('accepting is shown without being kept, kept, and withdrawn', async () => {
    const two = await rowAt(1);
    const before = (await ruth.get(`tries/${two.tryId}`)).body.accepts;
    await ruth.post(`tries/${two.tryId}/accept/preview`, wrong);
    expect((await ruth.get(`tries/${two.tryId}`)).body.accepts).toEqual(before);
    const kept = (await ruth.post(`tries/${two.tryId}/accept`, wrong)).body.accepts;
    expect(kept).toContainEqual(
      expect.objectContaining({ account: 'bank', types: ['cash-in-hand'] }),
    );
    const none = (await ruth.post(`tries/${two.tryId}/accept`, { ...wrong, withdraw: true })).body;
    expect(none.accepts).toContainEqual(expect.objectContaining({ account: 'bank', types: [] }));
  });
});

describe('what was given back', () => {
  it('can be taken back until its student has looked, and is not paired by hand', async () => {
    const three = await rowAt(2);
    await ruth.post(`tries/${three.tryId}/give-back`);
    const pairs = [{ key: null, work: 'bank' }];
    expect((await ruth.post(`tries/${three.tryId}/pairs`, { pairs })).body.detail).toMatch(
      /given back/,
    );
    expect((await ruth.post(`tries/${three.tryId}/take-back`)).body.state).toBe('handed-in');
    expect((await ruth.post(`tries/${three.tryId}/take-back`)).body.state).toBe('handed-in');
    await ruth.post(`tries/${three.tryId}/give-back`);
    const student = running.visitor();
    const { login, password } = classes.students[2] ?? { login: '', password: '' };
    await student.post('sign-in', { login, password });
    await student.get('my-exercises');
    expect((await ruth.post(`tries/${three.tryId}/take-back`)).body.detail).toMatch(/has looked/);
  });
});
