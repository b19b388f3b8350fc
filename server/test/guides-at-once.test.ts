import { rework, checkedRows, classOf, type TestClass } from './class-of.js';
import { guidedExercise } from './guided.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp } from './running-app.js';

let postgres: TestPostgres;
beforeAll(async () => (postgres = await testPostgres()));
afterAll(() => postgres.stop());

const SIZE = 30;

describe.each(['embedded', 'shared'] as const)('thirty who are led at once, %s', (engine) => {
  let running: RunningApp;
  let classes: TestClass;
  let exerciseId: string;
  beforeAll(async () => {
    running = await runningApp(false, engine === 'shared' ? await postgres.database() : undefined);
    classes = await classOf(running, SIZE);
    exerciseId = await guidedExercise(classes);
    await rework(classes.ruth, exerciseId, { mayGoOn: true, goOnCost: 3 });
  });
  afterAll(() => running.close());

  /** Begins, answers, goes on three times at once, then hands in while another answer is on its way. */
  async function led({ login, password }: { login: string; password: string }) {
    const student = running.visitor();
    await student.post('sign-in', { login, password });
    const { bookId } = (await student.post(`my-exercises/${exerciseId}/begin`)).body;
    const answer = (answered: string) =>
      student.put(`books/${bookId}/answers`, { question: 'q2', answer: answered });
    expect((await answer('debit')).status).toBe(204);
    const went = await Promise.all(
      [1, 2, 3].map(() => student.post(`books/${bookId}/skip-ahead`, { step: 'record' })),
    );
    const [, late] = await Promise.all([
      student.post(`my-exercises/${exerciseId}/hand-in`),
      answer('credit'),
    ]);
    const after = await answer('debit');
    const { guide } = (await student.get(`books/${bookId}/guide`)).body;
    const shown = guide.steps.flatMap((step: { questions: object[] }) => step.questions);
    return { went, late, after, answered: shown[1].answer as string, steps: guide.steps };
  }

  it('each goes on once, pays once, and no answer comes after handing in', async () => {
    const all = await Promise.all(classes.students.map(led));
    for (const { went, late, after, answered, steps } of all) {
      expect(went.map(({ status }) => status)).toEqual([200, 200, 200]);
      expect(after.status).toBe(422);
      expect(answered).toBe(late.status === 204 ? 'credit' : 'debit');
      expect(steps[1].asks[0]).toEqual({ kind: 'openings', done: 4, of: 4 });
    }
    const rows = await checkedRows(classes.ruth, exerciseId);
    expect(rows).toHaveLength(SIZE);
    for (const { tryId, checkFault } of rows) {
      expect(checkFault).toBeNull();
      const { notes, results } = (await classes.ruth.get(`tries/${tryId}`)).body;
      expect(notes).toMatchObject([{ points: -3, text: 'Went on without “Open”.' }]);
      const asked = results.filter(({ check }: { check: string }) => check === 'question.answer');
      expect(asked).toHaveLength(2);
    }
    expect(running.log).not.toMatch(/"level":50/);
  });

  it('a drill that is asked five times at once is asked once', async () => {
    const { ruth, groupId, students } = classes;
    const { login = '', password = '' } = students[0] ?? {};
    const visitor = running.visitor();
    const { id } = (await visitor.post('sign-in', { login, password })).body;
    const asking = { kind: 'drill', what: 'statement', people: [id] };
    const asked = await Promise.all(
      [1, 2, 3, 4, 5].map(() => ruth.post(`groups/${groupId}/mix-ups/drills`, asking)),
    );
    expect(asked.map(({ status }) => status)).toEqual([200, 200, 200, 200, 200]);
    expect((await visitor.get('drills')).body.asked).toHaveLength(1);
  });
});
