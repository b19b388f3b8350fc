import { checkedRows, classOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 4);
  ({ ruth } = classes);
});
afterAll(() => running.close());

async function student(n: number): Promise<Visitor> {
  const { login = '', password = '' } = classes.students[n] ?? {};
  const visitor = running.visitor();
  await visitor.post('sign-in', { login, password });
  return visitor;
}

const mine = (path = '') => `my-exercises/${classes.exerciseId}${path}`;
const atWork = async () => (await ruth.get(`exercises/${classes.exerciseId}/at-work`)).body;

interface Row {
  readonly tryId: string;
  readonly shares: number[];
}

describe('a class at work', () => {
  it('is told as it is: who has not begun, how far each is, at what, since when', async () => {
    const first = await student(0);
    const { bookId } = (await first.post(mine('/begin'))).body;
    const before = await atWork();
    expect(before.rows.map(({ state }: { state: string }) => state)).toEqual([
      ...['working', 'not-started', 'not-started', 'not-started'],
    ]);
    const [row] = before.rows as (Row & { next: string; lastAt: string })[];
    expect(row?.shares[0]).toBe(0);
    const waiting = (await first.get(`books/${bookId}`)).body.book.accounts as { name: string }[];
    expect(waiting.map(({ name }) => name)).toContain(row?.next);
    const { revision, book } = (await first.get(`books/${bookId}`)).body;
    const rent = (book.accounts as { id: string; name: string }[]).find(
      ({ name }) => name === 'Rent',
    );
    const operations = [
      { kind: 'move-account', id: rent?.id, type: 'bank', parent: null, number: null },
    ];
    await first.post(`books/${bookId}/operations`, { revision, token: 'placed-one', operations });
    const [now] = (await atWork()).rows as (Row & { lastAt: string })[];
    expect(Date.parse(now?.lastAt ?? '')).toBeGreaterThan(Date.parse(row?.lastAt ?? ''));
  });

  it('a word to some reaches them, is seen, and reaches nobody else', async () => {
    const [first, second] = [await student(0), await student(1)];
    await second.post(mine('/begin'));
    const { rows } = await atWork();
    const to = [(rows as Row[])[0]?.tryId];
    const said = await ruth.post(`exercises/${classes.exerciseId}/words`, {
      tries: to,
      text: 'Look at the second line of the paper.',
    });
    expect(said.body.rows.map(({ unseen }: { unseen: number }) => unseen)).toEqual([1, 0, 0, 0]);
    expect((await first.get(mine('/words'))).body).toMatchObject([
      { text: 'Look at the second line of the paper.', by: 'Ruth Marsh', isSeen: false },
    ]);
    expect((await second.get(mine('/words'))).body).toEqual([]);
    const [{ id: read }] = (await first.get(mine('/words'))).body;
    await ruth.post(`exercises/${classes.exerciseId}/words`, { tries: to, text: 'And the third.' });
    const seen = await first.post(mine('/words/seen'), { words: [read] });
    expect(seen.body.map(({ isSeen }: { isSeen: boolean }) => isSeen)).toEqual([true, false]);
    expect((await atWork()).rows[0].unseen).toBe(1);
  });

  it('a question waits with its instructor; the answer goes to each who asked the same', async () => {
    const [first, second] = [await student(0), await student(1)];
    const asked = { text: 'Why is the van not an expense?', about: 'Place the accounts' };
    await first.post(mine('/words'), asked);
    await second.post(mine('/words'), { ...asked, text: 'And the van?' });
    await second.post(mine('/words'), { text: 'May I go?', about: '' });
    expect((await ruth.get('today')).body.waits).toMatchObject([{ asked: 3 }]);
    const { questions, rows } = await atWork();
    expect(questions.map(({ text }: { text: string }) => text)).toEqual([
      ...['Why is the van not an expense?', 'And the van?', 'May I go?'],
    ]);
    expect(questions[0].alike).toEqual([questions[1].tryId]);
    expect(questions[2].alike).toEqual([]);
    expect(rows.map(({ asks }: { asks: boolean }) => asks)).toEqual([true, true, false, false]);
    const left = await ruth.post(`exercises/${classes.exerciseId}/words`, {
      tries: [questions[0].tryId, ...questions[0].alike],
      text: 'It serves for years.',
      answers: questions[0].id,
    });
    expect(left.body.questions).toMatchObject([{ text: 'May I go?' }]);
    for (const visitor of [first, second]) {
      const words = (await visitor.get(mine('/words'))).body;
      const own = words.find((each: { answers: string | null }) => each.answers !== null);
      expect(own).toMatchObject({ text: 'It serves for years.', about: 'Place the accounts' });
      expect(words.some(({ id }: { id: string }) => id === own.answers)).toBe(true);
    }
    const path = `exercises/${classes.exerciseId}/words/${questions[2].id}/put-away`;
    expect((await ruth.post(path)).body.questions).toEqual([]);
    expect((await ruth.post(path)).status).toBe(404);
  });

  it('what is sent again, since the answer was lost, is said and asked once; in as many lines as it takes', async () => {
    const second = await student(1);
    const many = async () => (await second.get(mine('/words'))).body.length;
    const before = await many();
    const asked = { text: 'One line\nand another', about: '', token: 'lost-question' };
    for (let n = 0; n < 3; n++) expect((await second.post(mine('/words'), asked)).status).toBe(200);
    expect(await many()).toBe(before + 1);
    const { questions } = await atWork();
    const question = questions.find(({ text }: { text: string }) => text === asked.text);
    const said = {
      ...{ tries: [question.tryId], text: 'Yes.\nYou may.', answers: question.id },
      token: 'lost-answer',
    };
    const path = `exercises/${classes.exerciseId}/words`;
    const answers = [await ruth.post(path, said), await ruth.post(path, said)];
    expect(answers.map(({ status }) => status)).toEqual([200, 200]);
    expect(await many()).toBe(before + 2);
    expect((await second.post(mine('/words'), { text: ' \n ', about: '' })).status).toBe(400);
  });

  it('nobody asks without end, before beginning, or about another’s work', async () => {
    const third = await student(2);
    const before = await third.post(mine('/words'), { text: 'How?', about: '' });
    expect(before.body.detail).toMatch(/once you have begun/);
    await third.post(mine('/begin'));
    for (let n = 0; n < 20; n++) await third.post(mine('/words'), { text: `No. ${n}`, about: '' });
    const last = await third.post(mine('/words'), { text: 'One more', about: '' });
    expect(last.status).toBe(422);
    expect(last.body.detail).toMatch(/wait for an answer/);
    const made = await ruth.post('instructors', { name: 'Otto Fell', login: 'otto' });
    const otto = running.visitor();
    await otto.post('sign-in', { login: 'otto', password: made.body.password });
    const { rows, questions } = await atWork();
    const at = `exercises/${classes.exerciseId}`;
    const refused = [
      await otto.get(`${at}/at-work`),
      await otto.post(`${at}/words`, { tries: [rows[0].tryId], text: 'Psst' }),
      await otto.post(`${at}/words/${questions[0].id}/put-away`),
      await third.get(`${at}/at-work`),
    ];
    expect(refused.map(({ status }) => status)).toEqual([404, 404, 404, 403]);
    const elsewhere = await ruth.post(`${at}/words`, { tries: ['not-there'], text: 'Hello' });
    expect(elsewhere.status).toBe(404);
  });
});

describe('a question at a note', () => {
  const mark = async (n: number) => {
    const visitor = await student(n);
    await visitor.post(mine('/begin'));
    await visitor.post(mine('/hand-in'));
    return visitor;
  };
  const given = async (visitor: Visitor) => (await visitor.get(mine())).body;

  it('is asked by the name that its student knows; the answer stands at the same note of all who have it', async () => {
    const [asker, other] = [await mark(3), await mark(0)];
    await checkedRows(ruth, classes.exerciseId);
    for (const id of [classes.ids[3], classes.ids[0]]) {
      const { rows } = (await ruth.get(`exercises/${classes.exerciseId}/results`)).body;
      const row = rows.find((each: { personId: string }) => each.personId === id);
      await ruth.post(`tries/${row.tryId}/give-back`, {
        shows: { marks: true, notes: true, tells: 'there', key: false, copy: false },
      });
    }
    const { results } = await given(asker);
    const fault = results.find(
      (each: { told: { there: string } | null }) => each.told?.there === '“Bank” has no place yet.',
    );
    expect(
      (await asker.post(mine('/words'), { text: 'Why?', about: '', ref: 'made:up' })).status,
    ).toBe(422);
    const asked = await asker.post(mine('/words'), {
      ...{ text: 'Why is this wrong?', about: fault.fault, ref: fault.ref },
    });
    expect(asked.body.at(-1)).toMatchObject({ ref: fault.ref, text: 'Why is this wrong?' });
    const { questions } = await atWork();
    const question = questions.find((each: { text: string }) => each.text === 'Why is this wrong?');
    const before = (await other.get(mine('/words'))).body as { id: string }[];
    await other.post(mine('/words/seen'), { words: before.map(({ id }) => id) });
    const { tryId } = await given(other);
    expect(question.alike).toContain(tryId);
    await ruth.post(`exercises/${classes.exerciseId}/words`, {
      tries: [question.tryId, ...question.alike],
      ...{ text: 'It has no place yet.', answers: question.id },
    });
    const theirs = await given(other);
    expect(theirs.unseen).toBe(1);
    const word = (await other.get(mine('/words'))).body.at(-1);
    expect(word).toMatchObject({ text: 'It has no place yet.', isAsked: false });
    expect(theirs.results.some(({ ref }: { ref: string }) => ref === word.ref)).toBe(true);
    expect((await ruth.post(`tries/${tryId}/open-again`)).status).toBeLessThan(300);
    const later = (await other.get(mine('/words'))).body;
    expect(later.every(({ ref }: { ref: string | null }) => ref === null)).toBe(true);
  });
});
