import { checkedRows, type Row } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let ruth: Visitor;
let exerciseId: string;
beforeAll(async () => {
  running = await runningApp(true);
  ruth = await running.person('ruth.marsh');
  exerciseId = (await ruth.get('exercises')).body[0].id;
});
afterAll(() => running.close());

const rowOf = async (student: string): Promise<Row> =>
  (await checkedRows(ruth, exerciseId)).find((row) => row.student === student) as Row;

describe('a student’s try', () => {
  it('begins with the starting point, is worked on, handed in, and then stays as it is', async () => {
    const wim = await running.person('wim.aldous');
    const [mine] = (await wim.get('my-exercises')).body;
    expect(mine).toMatchObject({ state: 'not-started', tryId: null, points: null });
    const begun = (await wim.post(`my-exercises/${exerciseId}/begin`)).body;
    const again = (await wim.post(`my-exercises/${exerciseId}/begin`)).body;
    expect(again.bookId).toBe(begun.bookId);
    const book = (await wim.get(`books/${begun.bookId}`)).body;
    expect(book).toMatchObject({ mayChange: true, by: 'student' });
    const rename = { kind: 'rename-account', id: 'bank', name: 'Bank' };
    const sent = { revision: 0, token: 'a', operations: [rename] };
    expect((await wim.post(`books/${begun.bookId}/operations`, sent)).status).toBe(200);
    const handed = (await wim.post(`my-exercises/${exerciseId}/hand-in`)).body;
    expect(handed).toMatchObject({ state: 'handed-in', points: null, results: null, notes: null });
    const late = await wim.post(`books/${begun.bookId}/operations`, { ...sent, token: 'b' });
    expect(late.body.detail).toMatch(/has been handed in, so it stays as it is/);
    const twice = await wim.post(`my-exercises/${exerciseId}/hand-in`);
    expect({ status: twice.status, state: twice.body.state }).toEqual({
      ...{ status: 200, state: 'handed-in' },
    });
    const { points, of } = await rowOf('Wim Aldous');
    expect([points, of]).toEqual([0, 100]);
  });

  it('refuses a student an entry outside the year, and says why', async () => {
    const vera = await running.person('vera.quill');
    const [mine] = (await vera.get('my-exercises')).body;
    const entry = {
      id: 'late',
      date: '2028-02-01',
      kind: 'general',
      reference: '',
      text: '',
      lines: [
        { account: 'bank', amount: 100 },
        { account: 'till', amount: -100 },
      ],
    };
    const sent = { revision: 0, token: 'late', operations: [{ kind: 'record-entry', entry }] };
    const refused = await vera.post(`books/${mine.bookId}/operations`, sent);
    expect(refused.body.detail).toBe(
      '1 February 2028 lies outside the financial year, 1 January 2027 to 31 December 2027. Check the day.',
    );
  });
});

describe('what a student may not see', () => {
  it('is refused on every route of the instructor', async () => {
    const ines = await running.person('ines.okafor');
    const { tryId } = await rowOf('Ines Okafor');
    const routes = [
      'companies',
      'groups',
      'exercises',
      `exercises/${exerciseId}`,
      `exercises/${exerciseId}/results`,
      `tries/${tryId}`,
    ];
    for (const route of routes) expect((await ines.get(route)).status).toBe(403);
    expect((await ines.post(`exercises/${exerciseId}/give-back`)).status).toBe(403);
    expect((await ines.post(`tries/${tryId}/notes`, { text: 'x', points: 5 })).status).toBe(403);
  });

  it('is not in what is answered: no key, no marks before the work is given back', async () => {
    const ines = await running.person('ines.okafor');
    const mine = (await ines.get(`my-exercises/${exerciseId}`)).body;
    expect(mine).toMatchObject({ state: 'handed-in', points: null, of: null, results: null });
    const exercise = (await ruth.get(`exercises/${exerciseId}`)).body;
    for (const bookId of [exercise.keyBookId, exercise.startBookId])
      expect((await ines.get(`books/${bookId}`)).status).toBe(404);
    expect(JSON.stringify(mine)).not.toContain(exercise.keyBookId);
  });

  it('is not another student’s work', async () => {
    const ines = await running.person('ines.okafor');
    const sami = await running.person('sami.kettle');
    const [work] = (await sami.get('my-exercises')).body;
    expect((await ines.get(`books/${work.bookId}`)).status).toBe(404);
  });
});

describe('marking', () => {
  it('shows Ines’s three faults, and nothing marked down twice', async () => {
    const { tryId } = await rowOf('Ines Okafor');
    const marked = (await ruth.get(`tries/${tryId}`)).body;
    const faults = marked.results.filter((each: { outcome: string }) => each.outcome === 'not-met');
    expect(faults.map((each: { ref: string }) => each.ref)).toEqual([
      'account.statement:season-passes',
      'account.number-in-band:van-dep',
      'entry.present:e24',
    ]);
    const profit = marked.results.find(
      (each: { ref: string; date: { statement: string } | null }) =>
        each.ref === 'statement.total:profit' && each.date?.statement === 'profit-and-loss',
    );
    expect(profit).toMatchObject({ outcome: 'follows', difference: 506_000 });
    expect(profit.causes.map((each: { share: number }) => each.share)).toEqual([420_000, 86_000]);
  });

  it('adds points of a note, takes them out again, and keeps to the range', async () => {
    const { tryId, points } = await rowOf('Bea Lindqvist');
    const noted = (await ruth.post(`tries/${tryId}/notes`, { text: 'Well explained', points: 3 }))
      .body;
    expect(noted.points).toBe((points ?? 0) + 3);
    const [note] = noted.notes;
    const bare = (await ruth.remove(`tries/${tryId}/notes/${note.id}`)).body;
    expect(bare.points).toBe(points);
    expect((await ruth.post(`tries/${tryId}/notes`, { text: '', points: 0 })).status).toBe(400);
    expect((await ruth.post(`tries/${tryId}/notes`, { text: 'x', points: 1.5 })).body.detail).toBe(
      'Points are whole numbers.',
    );
  });

  const results = async () => (await ruth.get(`exercises/${exerciseId}/results`)).body;
  const classNow = async () => {
    await checkedRows(ruth, exerciseId);
    return results();
  };
  const cover = async () =>
    (await classNow()).unknownNames.find(({ name }: { name: string }) => name === 'Cover');

  it('says that nothing is being checked any more only beside what came of it', async () => {
    const path = `exercises/${exerciseId}`;
    const totals = [100, 50, 100];
    for (const [i, now] of totals.slice(1).entries()) {
      const changes = [{ at: '/keyRules/total', was: totals[i], now }];
      expect((await ruth.post(`${path}/changes`, { changes })).status).toBe(200);
      const again = ruth.post(`${path}/check-again`);
      let body = await results();
      while (body.checking === null) body = await results();
      while (body.checking !== null) body = await results();
      const isChecked = ({ state, checked }: Row) => state === 'handed-in' && checked === 'checked';
      expect([...new Set(body.rows.filter(isChecked).map(({ of }: Row) => of))]).toEqual([now]);
      await again;
    }
  });

  it('asks once for the class about a name that it does not know, which costs nothing until it is said to be wrong', async () => {
    // Out of a hundred, one point of 230 would not show.
    const changes = [{ at: '/keyRules/total', was: 100 }];
    expect((await ruth.post(`exercises/${exerciseId}/changes`, { changes })).status).toBe(200);
    await ruth.post(`exercises/${exerciseId}/check-again`);
    const { tryId, points } = await rowOf('Quin Darrow');
    const before = (await ruth.get(`tries/${tryId}`)).body;
    expect(await cover()).toMatchObject({
      ...{ account: 'insurance-prepaid', place: 'Current assets' },
      works: expect.arrayContaining([expect.objectContaining({ student: 'Quin Darrow' })]),
    });
    const says = { account: 'insurance-prepaid', value: 'Cover' };
    const other = { ...says, what: 'other-name' };
    const preview = (await ruth.post(`tries/${tryId}/accept/preview`, other)).body;
    expect(preview.rows.map(({ student }: Row) => student)).toContain('Quin Darrow');
    const wrong = (await ruth.post(`tries/${tryId}/accept`, other)).body;
    expect([wrong.keyVersion, wrong.points]).toEqual([before.keyVersion + 1, (points ?? 0) - 1]);
    expect(await cover()).toBeUndefined();
    const names = [{ account: says.account, name: says.value }];
    const path = `exercises/${exerciseId}/right-names`;
    // Sent twice, it is kept once.
    for (let i = 0; i < 2; i++) expect((await ruth.post(path, { names })).status).toBe(200);
    expect((await classNow()).unknownNames).toEqual([]);
    expect((await rowOf('Quin Darrow')).points).toBe(points);
    const { keyRules } = (await ruth.get(`exercises/${exerciseId}`)).body;
    const rule = keyRules.accepts.find(
      ({ account }: { account: string }) => account === says.account,
    );
    expect([rule.names, rule.otherNames ?? []]).toEqual([['Cover'], []]);
    const ines = await running.person('ines.okafor');
    expect((await ines.post(path, { names })).status).toBe(403);
    for (const hostile of [{ names: [{ account: 'x' }] }, { names: 'Cover' }, { names: [null] }])
      expect((await ruth.post(path, hostile)).status).toBe(400);
    expect((await ruth.post(path, { names: [{ account: 'gone', name: 'X' }] })).status).toBe(404);
    expect((await classNow()).checkedWithToday).toBe(true);
    const odd = { account: 'insurance-prepaid', what: 'type', value: 'spaceship' };
    expect((await ruth.post(`tries/${tryId}/accept`, odd)).status).toBe(404);
  });

  it('gives back: from then on the student sees marks and notes, still without the key', async () => {
    const { tryId } = await rowOf('Ines Okafor');
    await ruth.post(`tries/${tryId}/notes`, { text: 'Look at deferred income again.', points: 0 });
    expect((await ruth.post(`tries/${tryId}/give-back`)).body.state).toBe('given-back');
    const ines = await running.person('ines.okafor');
    const mine = (await ines.get(`my-exercises/${exerciseId}`)).body;
    expect(mine.state).toBe('given-back');
    expect(mine.points).toBeGreaterThan(0);
    expect(mine.notes[0].text).toBe('Look at deferred income again.');
    expect(mine.key).toBeNull();
  });

  it('says that nothing can be marked before it is handed in', async () => {
    const { tryId } = await rowOf('Xenia Holt');
    const refused = await ruth.get(`tries/${tryId}`);
    expect(refused.body.detail).toBe('Xenia Holt has not handed in yet; there is nothing to mark.');
  });
});
