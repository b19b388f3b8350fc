import { exerciseFromJson, keyToJson, writeExercise } from '@gleddo/core';
import { rework, checkedRows, classOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
const students: Visitor[] = [];

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 2);
  ({ ruth } = classes);
  for (const { login, password } of classes.students) {
    const student = running.visitor();
    await student.post('sign-in', { login, password });
    students.push(student);
  }
});
afterAll(() => running.close());

const documentOf = async (id: string) => (await ruth.get(`exercises/${id}/file`)).body as object;
const textOf = (document: object): string => {
  const read = exerciseFromJson(document);
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  return writeExercise(read.value);
};

describe('an exercise as a file', () => {
  it('is the same exercise when it is read back, byte for byte', async () => {
    const rules = { checkWhileWorking: true, askLimit: null, mayFile: true, brief: 'Do *this*.' };
    await rework(ruth, classes.exerciseId, rules);
    const document = await documentOf(classes.exerciseId);
    const made = await ruth.post('exercises/file', document);
    expect(made.status).toBe(201);
    expect(made.body).toMatchObject({ ...rules, title: 'Place them', company: 'Quay Lamps' });
    expect(textOf(await documentOf(made.body.id))).toBe(textOf(document));
  });

  it('can be that of a key alone: then students begin with the company', async () => {
    const read = exerciseFromJson(await documentOf(classes.exerciseId));
    if (!read.ok) throw new Error();
    const made = await ruth.post('exercises/file', keyToJson(read.value.key));
    expect(made.body).toMatchObject({ title: 'Quay Lamps', state: 'draft' });
    const { body } = await ruth.get(`books/${made.body.startBookId}`);
    expect(body.book.accounts).toHaveLength(1);
  });

  it('is refused where it does not fit, and nothing of it is kept', async () => {
    const before = (await ruth.get('exercises')).body.length;
    const odd = await ruth.post('exercises/file', { format: 'gleddo-exercise', version: 1 });
    expect(odd.status).toBe(422);
    expect(odd.body.faults.map(({ at }: { at: string }) => at)).toContain('title');
    const document = (await documentOf(classes.exerciseId)) as { start: { accounts: object[] } };
    document.start.accounts.push({ id: 'x', name: '', type: 'bank' });
    const broken = await ruth.post('exercises/file', document);
    expect(broken.body.faults[0].at).toMatch(/^start\.accounts/);
    expect((await ruth.get('exercises')).body).toHaveLength(before);
    expect((await students[0]?.post('exercises/file', document))?.status).toBe(403);
  });
});

describe('a student’s own file', () => {
  const TABLE = [
    ['Account', 'Type', 'Balance'],
    ['Bank', 'Bank', '850.00'],
    ['Van', 'Vehicles', '600.00'],
    ['Rent', 'Premises', '50.00'],
    ['Accumulated depreciation, van', '', '100.00'],
    ['Share capital', '', '1400.00'],
  ];
  const path = () => `my-exercises/${classes.exerciseId}/file`;
  const sent = { fileName: 'mine.csv', table: { cells: TABLE } };

  it('is handed in where the exercise allows it, and stands in the class', async () => {
    await students[0]?.post(`my-exercises/${classes.exerciseId}/begin`);
    const handed = await students[0]?.post(path(), sent);
    expect(handed?.body).toMatchObject({ state: 'handed-in', points: null, results: null });
    const { book } = (await students[0]?.get(`books/${handed?.body.bookId}`))?.body ?? {};
    // Above zero and without a type: on which side the key has it is not told.
    const { balances } = book.opening as { balances: { debit?: string; credit?: string }[] };
    expect(balances.map(({ debit }) => debit)).toContain('1400.00');
    expect(balances.filter(({ credit }) => credit !== undefined)).toEqual([]);
    const [row] = await checkedRows(ruth, classes.exerciseId);
    expect(row).toMatchObject({ state: 'handed-in', checked: 'checked', fileName: 'mine.csv' });
    expect(row?.of).toBeGreaterThan(0);
    const again = await students[0]?.post(path(), sent);
    expect(again?.status).toBe(422);
    expect(again?.body.detail).toMatch(/handed in already/);
  });

  it('is refused where it is not allowed, where nothing is in it, and for others', async () => {
    expect((await students[1]?.post(path(), { fileName: 'x' }))?.status).toBe(422);
    expect((await students[1]?.post(path(), { ...sent, personId: 'p' }))?.status).toBe(400);
    await rework(ruth, classes.exerciseId, { mayFile: false });
    const refused = await students[1]?.post(path(), sent);
    expect(refused?.body.detail).toMatch(/can’t be handed in/);
    expect((await ruth.post(path(), sent)).status).toBe(403);
  });
});
