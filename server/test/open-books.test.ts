import type { HistoryEntry, SentChange } from '@gleddo/contract';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let postgres: TestPostgres;
beforeAll(async () => (postgres = await testPostgres()));
afterAll(() => postgres.stop());

const rename = (id: string, name: string) => ({ kind: 'rename-account', id, name });

const sent = (token: string, operation: object, rest: Partial<SentChange> = {}): SentChange => ({
  token,
  operations: [operation],
  ...rest,
});

describe.each(['embedded', 'shared'] as const)('a book that is open twice, %s', (engine) => {
  let running: RunningApp;
  let other: RunningApp;
  let ruth: Visitor;
  let book: string;
  let ines: Visitor;

  beforeAll(async () => {
    running = await runningApp(true, engine === 'shared' ? await postgres.database() : undefined);
    ruth = await running.person('ruth.marsh');
    ines = await running.person('ines.okafor');
    other = engine === 'shared' ? await running.another() : running;
    const { body } = await ruth.get('companies');
    book = body[0].bookId;
  });
  afterAll(async () => {
    if (other !== running) await other.close();
    await running.close();
  });

  const revisionOf = async (): Promise<number> => (await ruth.get(`books/${book}`)).body.revision;
  const nameOf = async (id: string): Promise<string> =>
    (await ruth.get(`books/${book}`)).body.book.accounts.find(
      (each: { id: string }) => each.id === id,
    ).name;
  const changes = (revision: number, ...all: SentChange[]) =>
    ruth.post(`books/${book}/changes`, { revision, changes: all });

  it('is told of each change, by whichever server it was made', async () => {
    const there = other.visitor();
    there.comeInAs(ruth);
    const heard = await there.hears(book);
    expect(heard.answer.headers.get('content-type')).toMatch(/^text\/event-stream/);
    const before = await revisionOf();
    expect(await heard.next()).toBe(before);
    await changes(before, sent('heard', rename('bank', 'Bank, heard')));
    expect(await heard.next()).toBe(before + 1);
    heard.end();
  });

  it('is told to nobody else', async () => {
    const heard = await ines.hears(book);
    expect(heard.answer.status).toBe(404);
    heard.end();
    const out = await running.visitor().hears(book);
    expect(out.answer.status).toBe(401);
    out.end();
    expect((await ines.get(`books/${book}/since/0`)).status).toBe(404);
  });

  it('who opens very many at once has the first of them ended', async () => {
    const all = [];
    for (let i = 0; i < 25; i++) all.push(await ruth.hears(book));
    const [first, , last] = [all[0], all[1], all.at(-1)];
    await first?.next();
    expect(await first?.next()).toBeNull();
    const before = await revisionOf();
    await last?.next();
    await changes(before, sent('many', rename('bank', 'Bank, of many')));
    expect(await last?.next()).toBe(before + 1);
    for (const each of all) each.end();
  });

  it('takes what waited in one request: what does not fit is told, the rest is done', async () => {
    const before = await revisionOf();
    const { status, body } = await changes(
      before,
      sent('w1', rename('bank', 'One')),
      sent('w2', rename('nobody', 'None')),
      sent('w3', rename('bank', 'Three')),
    );
    expect(status).toBe(200);
    expect(body).toMatchObject({ revision: before + 2, newer: null });
    expect(body.refused).toEqual([
      { token: 'w2', code: expect.any(String), says: expect.stringMatching(/\.$/) },
    ]);
    expect(await nameOf('bank')).toBe('Three');
    const again = await changes(before, sent('w1', rename('bank', 'One')));
    expect(again.body).toMatchObject({ revision: before + 2, refused: [] });
    expect(await nameOf('bank')).toBe('Three');
  });

  it('tells who comes later what others did, with the book as it stands', async () => {
    const before = await revisionOf();
    await changes(before, sent('first', rename('bank', 'Theirs')));
    const { body } = await changes(before, sent('later', rename('sales', 'Nothing')));
    expect(body.refused).toHaveLength(1);
    const late = await changes(
      before,
      sent('late', { kind: 'set-opening', id: 'bank', amount: 7 }),
    );
    expect(late.body.revision).toBe(before + 2);
    expect(late.body.newer.steps.map(({ token }: HistoryEntry) => token)).toEqual([
      'late',
      'first',
    ]);
    expect(late.body.newer.steps[1]).toMatchObject({ isMine: true, undoes: null });
    const { body: since } = await ruth.get(`books/${book}/since/${before}`);
    expect(since).toEqual({ ...late.body, refused: [] });
    expect((await ruth.get(`books/${book}/since/${before + 2}`)).body).toEqual({
      revision: before + 2,
      refused: [],
      newer: null,
    });
  });

  it('an undoing never writes over what somebody wrote meanwhile', async () => {
    const before = await revisionOf();
    await changes(before, sent('mine', rename('bank', 'Mine')));
    const undo = { undoes: 'mine', seen: rename('bank', 'Mine') };
    await changes(before + 1, sent('theirs', rename('bank', 'Theirs since')));
    const { body } = await changes(before + 1, sent('undo', rename('bank', 'Before'), undo));
    expect(body.refused[0]).toMatchObject({ token: 'undo', code: 'undo.changed-since' });
    expect(await nameOf('bank')).toBe('Theirs since');
    await changes(before + 2, sent('else', { kind: 'set-opening', id: 'bank', amount: 9 }));
    const fits = { undoes: 'theirs', seen: rename('bank', 'Theirs since') };
    const done = await changes(before + 2, sent('undo-2', rename('bank', 'Mine'), fits));
    expect(done.body.refused).toEqual([]);
    expect(await nameOf('bank')).toBe('Mine');
    const history: HistoryEntry[] = (await ruth.get(`books/${book}/history`)).body;
    expect(history[0]).toMatchObject({ token: 'undo-2', undoes: 'theirs', isMine: true });
  });

  it('an undoing whose answer was lost is told as done, not as written over', async () => {
    const before = await revisionOf();
    await changes(before, sent('to-undo', rename('bank', 'To be undone')));
    const undo = { undoes: 'to-undo', seen: rename('bank', 'To be undone') };
    const asked = () => changes(before + 1, sent('undone', rename('bank', 'Undone'), undo));
    expect((await asked()).body).toMatchObject({ revision: before + 2, refused: [] });
    expect((await asked()).body).toMatchObject({ revision: before + 2, refused: [] });
    expect(await nameOf('bank')).toBe('Undone');
  });

  it('refuses what is no list of changes', async () => {
    const whole = sent('x', rename('bank', 'X'));
    const odd: object[] = [
      { revision: 0, changes: [] },
      {
        revision: 0,
        changes: Array.from({ length: 101 }, (_, i) => ({ ...whole, token: `x${i}` })),
      },
      { revision: 0, changes: [{ ...whole, operations: [] }] },
      { revision: 0, changes: [{ ...whole, token: '' }] },
      { revision: 0, changes: [{ ...whole, undoes: 7 }] },
      { revision: 0, changes: [{ ...whole, more: 1 }] },
      { revision: 0, changes: [null] },
      { revision: -1, changes: [whole] },
    ];
    for (const body of odd)
      expect((await ruth.post(`books/${book}/changes`, body)).status).toBe(400);
    const many = Array.from({ length: 300 }, () => rename('bank', 'X'));
    const twice = ['a', 'b'].map((token) => ({ token, operations: many }));
    const refused = await ruth.post(`books/${book}/changes`, { revision: 0, changes: twice });
    expect(refused.status).toBe(422);
    expect((await ruth.get(`books/${book}/since/99999999999`)).status).toBe(200);
    expect((await ruth.get(`books/${book}/since/-99999999999`)).status).toBe(200);
    expect((await ruth.get(`books/${book}/since/x`)).status).toBe(400);
  });
});
