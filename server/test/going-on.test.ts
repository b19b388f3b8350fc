import { checkedRows, classOf, rework } from './class-of.js';
import { guidedExercise } from './guided.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let ruth: Visitor;
let student: Visitor;
let exerciseId: string;

beforeAll(async () => {
  running = await runningApp(false);
  const classes = await classOf(running, 1);
  ({ ruth } = classes);
  exerciseId = await guidedExercise(classes);
  const [who] = classes.students;
  student = running.visitor();
  await student.post('sign-in', { login: who?.login, password: who?.password });
});
afterAll(() => running.close());

const begin = async (): Promise<string> =>
  (await student.post(`my-exercises/${exerciseId}/begin`)).body.bookId;

describe('going on from a later step', () => {
  it('earns nothing for what it gave, where the exercise does not say that less is lost', async () => {
    await rework(ruth, exerciseId, { mayGoOn: true, goOnCost: null });
    const bookId = await begin();
    const went = await student.post(`books/${bookId}/skip-ahead`, { step: 'record' });
    expect(went.body.goOnCost).toBeNull();
    // Gone back to how it was, and on again: what was paid for is not paid for twice.
    await student.post(`books/${bookId}/set-back`, { revision: 0 });
    expect((await student.post(`books/${bookId}/skip-ahead`, { step: 'record' })).status).toBe(200);
    expect((await student.post(`books/${bookId}/skip-ahead`, { step: 'record' })).status).toBe(200);
    await student.post(`my-exercises/${exerciseId}/hand-in`);
    const [mine] = await checkedRows(ruth, exerciseId);
    const { notes, points } = (await ruth.get(`tries/${mine?.tryId}`)).body;
    expect(notes).toMatchObject([
      { text: 'Went on from “Open” to “Record”: what that gave earns nothing.' },
    ]);
    expect(notes).toHaveLength(1);
    expect(notes[0].points).toBeLessThan(0);
    expect(points).toBe(0);
  });
});
