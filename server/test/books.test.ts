import { bookToJson, newBook, starterChart, type Book } from '@gleddo/core';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let ruth: Visitor;
beforeAll(async () => {
  running = await runningApp(true);
  ruth = await running.person('ruth.marsh');
});
afterAll(() => running.close());

const COMPANY = {
  name: 'Heron Quay Stores',
  trade: 'Shop',
  legalForm: 'company',
  currency: 'EUR',
  firstDay: '2027-01-01',
  periods: 12,
} as const;

async function freshCompany(): Promise<string> {
  const book = newBook({ company: COMPANY, scheme: 'current-first', numberPlan: 'four-digit' });
  const made = await ruth.post('companies', { book: bookToJson(book) });
  expect(made.status).toBe(201);
  return made.body.bookId as string;
}

const bank = (id: string, number: string) => ({
  kind: 'add-account',
  account: {
    id,
    number,
    name: `Bank ${id}`,
    type: 'bank',
    parent: null,
    retired: false,
    description: null,
    cashFlow: null,
  },
});

const change = (bookId: string, revision: number, token: string, ...operations: object[]) =>
  ruth.post(`books/${bookId}/operations`, { revision, token, operations });

describe('a company begun from a starter chart', () => {
  const begun = async (book: Book) =>
    (await ruth.post('companies', { book: bookToJson(book) })).body.bookId as string;
  const chart = starterChart('shop', {
    ...{ company: COMPANY, scheme: 'current-first', numberPlan: 'four-digit' },
  });
  const startOf = async (id: string) => (await ruth.get(`books/${id}`)).body.start;

  it('knows what was supplied, whatever was changed and added since', async () => {
    const id = await begun(chart);
    expect(await startOf(id)).toEqual(bookToJson(chart));
    await change(id, 0, 'first', bank('own', '1099'));
    expect(await startOf(id)).toEqual(bookToJson(chart));
  });

  it('an empty one, and one that was begun with entries, know of nothing', async () => {
    expect(await startOf(await freshCompany())).toBeNull();
    const [{ bookId }] = (await ruth.get('companies')).body;
    expect(await startOf(bookId)).toBeNull();
  });
});

describe('a batch that two tabs fill at once', () => {
  it('has what both let wait, and is posted once, however often it is sent', async () => {
    const id = await freshCompany();
    await change(id, 0, 'accounts', bank('a', '1010'), bank('b', '1020'));
    const waiting = (name: string) => ({
      kind: 'put-waiting',
      entry: {
        ...{ id: name, date: '2027-02-01', kind: 'general', reference: '', text: name },
        lines: [
          { account: 'a', amount: 500 },
          { account: 'b', amount: -500 },
        ],
      },
    });
    const both = ['one', 'two'];
    const answers = await Promise.all(both.map((name) => change(id, 1, name, waiting(name))));
    expect(answers.map(({ status }) => status)).toEqual([200, 200]);
    const { revision, book } = (await ruth.get(`books/${id}`)).body;
    expect(book.waiting.map((entry: { id: string }) => entry.id).sort()).toEqual(both);
    const posting = both.flatMap((name) => [
      { kind: 'record-entry', entry: waiting(name).entry },
      { kind: 'remove-waiting', id: name },
    ]);
    const posted = await Promise.all(
      ['first', 'second'].map((token) => change(id, revision, token, ...posting)),
    );
    expect(posted.map(({ status }) => status).sort()).toEqual([200, 422]);
    const after = (await ruth.get(`books/${id}`)).body.book;
    expect(after.entries).toHaveLength(2);
    expect(after.waiting).toBeUndefined();
  });
});

describe('a book on the server', () => {
  it('keeps operations in order, each with what undoes it', async () => {
    const id = await freshCompany();
    expect((await change(id, 0, 't1', bank('a', '1010'))).body).toEqual({
      revision: 1,
      book: null,
    });
    const two = await change(id, 1, 't2', bank('b', '1020'), {
      kind: 'set-opening',
      id: 'b',
      amount: 5,
    });
    expect(two.body.revision).toBe(2);
    const opened = (await ruth.get(`books/${id}`)).body;
    expect(opened.book.accounts).toHaveLength(3);
    const history = (await ruth.get(`books/${id}/history`)).body;
    expect(history.map((each: { revision: number }) => each.revision)).toEqual([2, 1]);
    expect(history[1]).toMatchObject({
      by: 'Ruth Marsh',
      inverse: { kind: 'delete-account', id: 'a', children: 'refuse' },
    });
  });

  it('does a change that is sent twice only once', async () => {
    const id = await freshCompany();
    await change(id, 0, 'same', bank('a', '1010'));
    const again = await change(id, 0, 'same', bank('a', '1010'));
    expect(again.status).toBe(200);
    expect(again.body.revision).toBe(1);
    expect((await ruth.get(`books/${id}`)).body.book.accounts).toHaveLength(2);
  });

  it('applies what still fits on a newer book, and gives the newer book back', async () => {
    const id = await freshCompany();
    await change(id, 0, 'one', bank('a', '1010'));
    const other = await change(id, 0, 'two', bank('b', '1020'));
    expect(other.body.revision).toBe(2);
    expect(other.body.book.accounts).toHaveLength(3);
    const clash = await change(id, 0, 'three', bank('c', '1010'));
    expect(clash.status).toBe(422);
    expect(clash.body.detail).toMatch(/^Number 1010 belongs to “1010 Bank a”/);
    expect(clash.body.faults[0]).toMatchObject({ at: 'number', code: 'number.taken' });
  });

  it('keeps all of many changes that arrive at once', async () => {
    const id = await freshCompany();
    const numbers = Array.from({ length: 60 }, (_, i) => String(1010 + 10 * i));
    const sent = numbers.map((number, i) => change(id, 0, `at-once-${i}`, bank(`x${i}`, number)));
    const answers = await Promise.all(sent);
    expect(answers.map((each) => each.status)).toEqual(numbers.map(() => 200));
    const opened = (await ruth.get(`books/${id}`)).body;
    expect(opened.revision).toBe(60);
    expect(opened.book.accounts).toHaveLength(61);
  });

  it('refuses what is no operation, saying where', async () => {
    const id = await freshCompany();
    const odd = await change(
      id,
      0,
      'odd',
      { kind: 'explode' },
      { kind: 'set-opening', id: 'a', amount: 0.5 },
    );
    expect(odd.status).toBe(422);
    expect(odd.body.faults.map((each: { at: string }) => each.at)).toEqual(['[0]', '[1].amount']);
  });

  it('refuses a book with faults, each with its place', async () => {
    const book = newBook({ company: COMPANY, scheme: 'current-first', numberPlan: null });
    const broken = {
      ...bookToJson(book),
      surprise: 1,
      accounts: [{ id: 'a', name: '', type: 'nothing' }],
    };
    const refused = await ruth.post('companies', { book: broken });
    expect(refused.status).toBe(422);
    expect(refused.body.faults.length).toBeGreaterThan(0);
    expect(refused.body.faults[0].at).toBe('surprise');
  });
});

describe('whose book it is', () => {
  it('shows nobody a book of somebody else', async () => {
    const id = await freshCompany();
    const vera = await running.person('vera.quill');
    expect((await vera.get(`books/${id}`)).status).toBe(404);
    expect((await vera.get(`books/${id}/history`)).status).toBe(404);
    expect(
      (
        await vera.post(`books/${id}/operations`, {
          revision: 0,
          token: 'x',
          operations: [bank('a', '1')],
        })
      ).status,
    ).toBe(404);
    expect((await running.visitor().get(`books/${id}`)).status).toBe(401);
  });
});

describe('a crash of the server', () => {
  it('loses nothing that was answered', async () => {
    const id = await freshCompany();
    const asked: string[] = [];
    const answered: string[] = [];
    const sending = (async () => {
      for (let i = 0; i < 200; i++) {
        const name = `k${i}`;
        asked.push(name);
        try {
          const { status } = await change(id, i, name, bank(name, String(2000 + i)));
          if (status === 200) answered.push(name);
        } catch {
          return;
        }
      }
    })();
    // In the midst of it, however slow the machine is.
    while (answered.length < 5) await new Promise((resolve) => setTimeout(resolve, 10));
    await running.killAndStartAgain();
    await sending;
    ruth = await running.person('ruth.marsh');
    const { book, revision } = (await ruth.get(`books/${id}`)).body;
    const kept = book.accounts.map((each: { id: string }) => each.id);
    expect(answered.length).toBeGreaterThan(0);
    expect(kept).toEqual(expect.arrayContaining(answered));
    expect(revision).toBe(kept.length - 1);
    expect(kept.length - 1 - answered.length).toBeLessThanOrEqual(1);
  });
});

describe('what is put away', () => {
  it('is out of the way, whole, and comes back; somebody else’s is not found', async () => {
    const before = (await ruth.get('companies')).body as {
      id: string;
      name: string;
      bookId: string;
      putAway: boolean;
    }[];
    const [company] = before;
    if (!company) throw new Error('no company');
    const away = await ruth.patch(`companies/${company.id}`, { putAway: true });
    expect(away.body).toEqual({ ...company, putAway: true });
    expect((await ruth.get(`books/${company.bookId}`)).body.mayChange).toBe(true);
    const back = await ruth.patch(`companies/${company.id}`, { putAway: false });
    expect(back.body).toEqual(company);
    expect((await ruth.patch('companies/nobody', { putAway: true })).status).toBe(404);
    expect((await ruth.patch(`companies/${company.id}`, { putAway: 'yes' })).status).toBe(400);
    const wim = await running.person('wim.aldous');
    expect((await wim.patch(`companies/${company.id}`, { putAway: true })).status).toBe(403);
  });

  it('is copied, and deleted for good only once it is put away; what goes with it is told', async () => {
    const id = await freshCompany();
    await change(id, 0, 'only', bank('only', '2000'));
    const own = async () =>
      ((await ruth.get('companies')).body as { id: string; bookId: string; name: string }[]).find(
        ({ bookId }) => bookId === id,
      );
    const company = await own();
    const copied = await ruth.post(`companies/${company?.id}/copy`);
    expect(copied.body).toMatchObject({ name: `Copy of ${company?.name}`, putAway: false });
    const copy = (await ruth.get(`books/${copied.body.bookId}`)).body;
    expect(copy.revision).toBe(0);
    expect(copy.book.accounts).toEqual((await ruth.get(`books/${id}`)).body.book.accounts);
    expect((await ruth.get(`companies/${company?.id}/hanging`)).body).toEqual({
      changes: 1,
      moments: 0,
    });
    const refused = await ruth.remove(`companies/${company?.id}`);
    expect(refused.body.faults[0].code).toBe('company.not-away');
    const wim = await running.person('wim.aldous');
    expect((await wim.remove(`companies/${company?.id}`)).status).toBe(403);
    await ruth.patch(`companies/${company?.id}`, { putAway: true });
    expect((await ruth.remove(`companies/${company?.id}`)).status).toBe(204);
    expect(await own()).toBeUndefined();
    expect((await ruth.get(`books/${id}`)).status).toBe(404);
    expect((await ruth.remove(`companies/${company?.id}`)).status).toBe(404);
    expect((await ruth.get(`books/${copied.body.bookId}`)).status).toBe(200);
  });

  it('an exercise that is put away stays with the students who have it', async () => {
    const exercises = (await ruth.get('exercises')).body as {
      id: string;
      state: string;
      putAway: boolean;
    }[];
    const out = exercises.find(({ state }) => state === 'handed-out');
    expect((await ruth.patch(`exercises/${out?.id}`, { putAway: true })).body.putAway).toBe(true);
    const wim = await running.person('wim.aldous');
    const mine = (await wim.get('my-exercises')).body as { exerciseId: string }[];
    expect(mine.map(({ exerciseId }) => exerciseId)).toContain(out?.id);
    expect((await ruth.patch(`exercises/${out?.id}`, { putAway: false })).body.putAway).toBe(false);
  });

  it('a company is listed by the name and trade that its book has now', async () => {
    const [company] = (await ruth.get('companies')).body as { id: string; bookId: string }[];
    const { book, revision } = (await ruth.get(`books/${company?.bookId}`)).body;
    const operation = {
      kind: 'change-company',
      company: { ...book.company, name: 'Renamed', trade: 'Boats' },
    };
    await ruth.post(`books/${company?.bookId}/operations`, {
      revision,
      token: 'named',
      operations: [operation],
    });
    const now = (await ruth.get('companies')).body as { id: string; name: string; trade: string }[];
    expect(now.find(({ id }) => id === company?.id)).toMatchObject({
      name: 'Renamed',
      trade: 'Boats',
    });
  });
});
