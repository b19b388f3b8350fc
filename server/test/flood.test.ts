import { rework, classOf, type TestClass } from './class-of.js';
import { guidedExercise } from './guided.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let exerciseId: string;
let greedy: Visitor;
let modest: Visitor;
beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 2);
  exerciseId = await guidedExercise(classes);
  await rework(classes.ruth, exerciseId, { mayPractise: true });
  [greedy, modest] = (await Promise.all(
    classes.students.map(async ({ login, password }) => {
      const student = running.visitor();
      await student.post('sign-in', { login, password });
      return student;
    }),
  )) as [Visitor, Visitor];
});
afterAll(() => running.close());

/** Asks for all of it at once; tells how much of it is answered. */
function flood(asks: readonly (() => Promise<{ status: number }>)[]) {
  const statuses: number[] = [];
  const all = Promise.all(
    asks.map(async (ask) => {
      statuses.push((await ask()).status);
    }),
  );
  return { statuses, all };
}

describe('one person who asks for very much at once', () => {
  const begun = async (who: Visitor) =>
    (await who.post('practices', { exerciseId })).body as { id: string; bookId: string };

  it.each<
    [
      string,
      (practices: { id: string; bookId: string }[], i: number) => Promise<{ status: number }>,
    ]
  >([
    ['checks of practices', (all, i) => greedy.post(`practices/${all[i % all.length]?.id}/check`)],
    ['guides of books', (all, i) => greedy.get(`books/${all[i % all.length]?.bookId}/guide`)],
  ])('waits for it alone: %s', async (_, ask) => {
    const practices = await Promise.all(Array.from({ length: 12 }, () => begun(greedy)));
    const own = await begun(modest);
    const { statuses, all } = flood(Array.from({ length: 240 }, (_, i) => () => ask(practices, i)));
    expect((await modest.get('my-exercises')).status).toBe(200);
    // Most of what was asked before is still not answered.
    expect(statuses.length).toBeLessThan(120);
    expect((await modest.get(`books/${own.bookId}/guide`)).status).toBe(200);
    expect((await modest.post(`practices/${own.id}/check`)).status).toBe(200);
    await all;
    expect(statuses.filter((status) => status >= 500)).toEqual([]);
  });

  it('begins a practice a hundred times, and no more', async () => {
    const before = (await greedy.get('practices')).body.length;
    const more = Array.from(
      { length: 101 - before },
      () => () => greedy.post('practices', { exerciseId }),
    );
    for (const ask of more.slice(0, -1)) expect((await ask()).status).toBe(201);
    const last = await more.at(-1)?.();
    expect(last?.body.detail).toMatch(/^You have begun this practice 100 times/);
  });
});
