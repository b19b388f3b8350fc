import { checkedRows, classOf, rework, signedIn } from './class-of.js';
import { guidedExercise } from './guided.js';
import { runningApp, type Answer, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let ruth: Visitor;
let exerciseId: string;
let students: readonly Visitor[] = [];

beforeAll(async () => {
  running = await runningApp(false);
  const classes = await classOf(running, 2);
  ({ ruth } = classes);
  exerciseId = await guidedExercise(classes);
  students = await signedIn(running, classes);
});
afterAll(() => running.close());

const student = (i: number) => students[i] as Visitor;
const ask = (i: number, bookId: string, more: object = {}): Promise<Answer> =>
  student(i).post(`books/${bookId}/hints`, { step: 'open', told: 0, answer: false, ...more });
const begin = async (i: number): Promise<string> =>
  (await student(i).post(`my-exercises/${exerciseId}/begin`)).body.bookId;

describe('hints', () => {
  it('are given only where the exercise gives them, to whose work it is', async () => {
    const bookId = await begin(0);
    const refused = await ask(0, bookId);
    expect([refused.status, refused.body.detail]).toEqual([
      422,
      expect.stringContaining('No hints are given here'),
    ]);
    await rework(ruth, exerciseId, { hintsUpTo: 'answer', hintCost: 1 });
    expect((await ask(1, bookId)).status).toBe(404);
    expect((await ask(0, bookId, { step: 'nowhere' })).status).toBe(422);
  });

  it('come one by one, are counted once however often the button is pressed, and cost what is said', async () => {
    const bookId = await begin(0);
    const pressed = await Promise.all([ask(0, bookId), ask(0, bookId)]);
    expect(pressed.map(({ status }) => status)).toEqual([200, 200]);
    const told = async () => (await student(0).get(`books/${bookId}/guide`)).body.hints;
    expect(await told()).toMatchObject({ upTo: 'answer', cost: 1, told: [{ piece: 'where' }] });
    const [first] = (await told()).told;
    expect(first).toMatchObject({ step: 'open', thing: 1 });
    expect(first.says).toMatch(
      /^An opening balance under .* is not entered yet\. Look at “Old balance sheet”\.$/,
    );
    await ask(0, bookId, { told: 1 });
    await ask(0, bookId, { told: 1 });
    await ask(0, bookId, { told: 2 });
    // However many hints are asked for, an answer is told only to who asks for just that.
    await ask(0, bookId, { told: 3 });
    const pieces = (await told()).told.map(({ piece }: { piece: string }) => piece);
    expect(pieces).toEqual(['where', 'rule', 'example', 'where']);
    const { body } = await ask(0, bookId, { told: 4, answer: true });
    expect(body.hints.told[4]).toMatchObject({ piece: 'answer', thing: 1 });
    // What a hint is about is the key’s own id: it stays here.
    expect(JSON.stringify(body.hints)).not.toMatch(/openings|"bank"/);
  });

  it('an answer earns nothing, however the work goes on', async () => {
    const bookId = await begin(0);
    const { hints } = (await student(0).get(`books/${bookId}/guide`)).body;
    const [, amount = '0'] = /opens with ([\d,.]+) in debit/.exec(hints.told[4].says) ?? [];
    const { revision, book } = (await student(0).get(`books/${bookId}`)).body;
    const { id } = book.accounts.find(({ type }: { type: string }) => type === 'bank');
    const cents = Math.round(Number(amount.replaceAll(',', '')) * 100);
    const done = await student(0).post(`books/${bookId}/operations`, {
      ...{
        revision,
        token: 'opened',
        operations: [{ kind: 'set-opening', id, amount: cents }],
      },
    });
    expect(done.status).toBe(200);
    await student(0).post(`my-exercises/${exerciseId}/hand-in`);
    const [mine] = await checkedRows(ruth, exerciseId);
    const { notes, results, points, of, scaledFrom } = (await ruth.get(`tries/${mine?.tryId}`))
      .body;
    const bank = results.filter(
      ({ check, subject }: { check: string; subject: { id: string } }) =>
        check.startsWith('opening.') && subject.id === 'bank',
    );
    const earned = bank.reduce((sum: number, each: { points: number }) => sum + each.points, 0);
    expect(earned).toBeGreaterThan(0);
    const charged = notes.map((note: { points: number }) => note.points);
    const scaled = (sum: number) => Math.round((sum * of) / (scaledFrom ?? of));
    expect(charged.sort()).toEqual([-1, -1, -1, -1, -scaled(earned)].sort());
    // All that was done was told.
    expect(points).toBe(0);
    expect((await ask(0, bookId)).body.detail).toMatch(/handed in/);
  });

  it('in a practice of what is still to be handed in nothing is told', async () => {
    await rework(ruth, exerciseId, { mayPractise: true });
    await begin(1);
    const { body } = await student(1).post('practices', { exerciseId });
    expect((await ask(1, body.bookId)).body.detail).toMatch(/No hints are given here/);
  });

  it('of a question where to look comes first; whoever answers what was told earns nothing by it', async () => {
    const bookId = await begin(1);
    const said = async (told: number, answer: boolean): Promise<string> => {
      const { body } = await ask(1, bookId, { step: 'record', told, answer });
      return body.hints.told[told].says;
    };
    // What happened stands before what is asked.
    expect(await said(0, true)).toMatch(/debit/);
    expect(await said(1, false)).toMatch(/is not in the books yet/);
    const pieces = async (told: number) => (await ask(1, bookId, { step: 'record', told })).body;
    let told = 2;
    for (;;) {
      const { hints } = await pieces(told);
      if (/^Look at what stands under Current assets/.test(hints.told[told].says)) break;
      told += 1;
    }
    const right = await said(told + 1, true);
    const [, figure = ''] = /^Right is (.+)\.$/.exec(right) ?? [];
    const kept = { question: 'q1', answer: figure };
    expect((await student(1).put(`books/${bookId}/answers`, kept)).status).toBe(204);
    // Of what is answered nothing more is told; the next question is no step's, and stands with the last.
    expect(await said(told + 2, false)).toMatch(/^Look at what stands under Non-current assets/);
    await student(1).post(`my-exercises/${exerciseId}/hand-in`);
    const rows = await checkedRows(ruth, exerciseId);
    const { notes, results, of, scaledFrom } = (await ruth.get(`tries/${rows[1]?.tryId}`)).body;
    const [{ points }] = results.filter(
      ({ check, subject }: { check: string; subject: { id: string } }) =>
        check === 'question.answer' && subject.id === 'q1',
    );
    expect(points).toBeGreaterThan(0);
    const given = notes.filter(({ text }: { text: string }) => /Was told/.test(text));
    // What was not done earned nothing, and loses nothing by having been told.
    expect(given.map((note: { points: number }) => note.points)).toEqual([
      0,
      -Math.round((points * of) / (scaledFrom ?? of)),
    ]);
  });
});
