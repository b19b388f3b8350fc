import { classOf, signedIn, type TestClass } from './class-of.js';
import { guidedExercise } from './guided.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
let students: readonly Visitor[] = [];

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 5);
  ({ ruth } = classes);
  await guidedExercise(classes);
  students = await signedIn(running, classes);
});
afterAll(() => running.close());

const student = (i: number) => students[i] as Visitor;
let answered = 0;
/** Answers one name of a drill. */
const drill = (answer: object, token = `a${++answered}`) =>
  student(4).post('drills/answers', { token, ...answer });

describe('drills and mix-ups', () => {
  it('tells an answer at once, counts it for its student, and is shown to the class’s instructor', async () => {
    const wrong = await drill({
      ...{ name: 'prepayment-1', kind: 'type', answer: 'insurance' },
    });
    expect(wrong.body).toMatchObject({ isRight: false, missed: 'ahead-or-used' });
    expect(wrong.body.says).toMatch(/only the used part is an expense/);
    await drill({
      name: 'bank-1',
      kind: 'statement',
      answer: 'balance-sheet',
    });
    expect((await drill({ name: 'x', kind: 'type', answer: 'bank' })).status).toBe(422);
    expect((await drill({ name: 'bank-1', kind: 'y', answer: 'bank' })).status).toBe(400);
    await drill({ name: 'bank-1', kind: 'statement', answer: 'balance-sheet' }, 'a2');
    const { history, curves } = (await student(4).get('drills')).body;
    expect(history).toHaveLength(2);
    expect(curves[0]).toMatchObject({ distinction: 'ahead-or-used', asked: 1, missed: 1 });
    const shown = (await ruth.get(`groups/${classes.groupId}/mix-ups`)).body;
    const row = shown.rows.find(
      ({ distinction }: { distinction: string }) => distinction === 'ahead-or-used',
    );
    expect(row.who).toMatchObject([{ student: 'Student 005', missed: 1, isAsked: false }]);
    expect((await student(4).get(`groups/${classes.groupId}/mix-ups`)).status).toBe(403);
  });

  it('is told of one student alone, and of nobody outside the class', async () => {
    const path = `groups/${classes.groupId}/mix-ups`;
    const whole = (await ruth.get(path)).body;
    expect(whole.people).toHaveLength(5);
    const [missed] = whole.rows.flatMap(({ who }: { who: { personId: string }[] }) => who);
    const one = (await ruth.get(`${path}/${missed.personId}`)).body;
    expect(one.students).toBe(1);
    const named = one.rows.flatMap(({ who }: { who: { personId: string }[] }) => who);
    expect(new Set(named.map(({ personId }: { personId: string }) => personId))).toEqual(
      new Set([missed.personId]),
    );
    expect((await ruth.get(`${path}/nobody`)).status).toBe(404);
    expect((await student(0).get(`${path}/${missed.personId}`)).status).toBe(403);
  });

  it('asks a drill of those who need it, once, until it is done', async () => {
    const shown = (await ruth.get(`groups/${classes.groupId}/mix-ups`)).body;
    const row = shown.rows.find(
      ({ distinction }: { distinction: string }) => distinction === 'ahead-or-used',
    );
    const people = row.who.map(({ personId }: { personId: string }) => personId);
    const ask = () =>
      ruth.post(`groups/${classes.groupId}/mix-ups/drills`, {
        kind: 'drill',
        what: 'ahead-or-used',
        people,
      });
    await ask();
    expect((await ask()).status).toBe(200);
    const asked = async () => (await student(4).get('drills')).body.asked;
    expect(await asked()).toMatchObject([{ distinction: 'ahead-or-used', by: 'Ruth Marsh' }]);
    for (let i = 1; i <= 10; i++)
      await drill({
        name: `prepayment-${i}`,
        kind: 'type',
        answer: 'prepayment',
      });
    expect(await asked()).toEqual([]);
  });
});
