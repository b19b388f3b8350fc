import { copiedFrom } from '../../stand-in/src/stand-in.js';
import { rework } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let ruth: Visitor;
let company: { id: string; bookId: string };

beforeAll(async () => {
  running = await runningApp(true);
  ruth = await running.person('ruth.marsh');
  const companies = (await ruth.get('companies')).body as {
    id: string;
    bookId: string;
    name: string;
  }[];
  company = companies.find(({ name }) => name === 'Pollard Row Bindery') as typeof company;
});
afterAll(() => running.close());

let tokens = 0;
const change = (who: Visitor, bookId: string, revision: number, ...operations: object[]) =>
  who.post(`books/${bookId}/operations`, { revision, operations, token: `t${tokens++}` });

const accountsOf = async (bookId: string): Promise<{ id: string; name: string; type?: string }[]> =>
  (await ruth.get(`books/${bookId}`)).body.book.accounts;

const make = (rest: object) =>
  ruth.post('exercises', {
    companyId: company.id,
    title: 'From then',
    start: 'everything',
    ...rest,
  });

describe('an exercise from a moment of a company', () => {
  it('begins with the book as it stood then, whatever came after', async () => {
    const { revision } = (await ruth.get(`books/${company.bookId}`)).body;
    await change(ruth, company.bookId, revision, {
      kind: 'rename-account',
      id: 'bank',
      name: 'Then',
    });
    await ruth.post(`books/${company.bookId}/moments`, { revision: revision + 1, name: 'Then' });
    await change(ruth, company.bookId, revision + 1, {
      kind: 'rename-account',
      id: 'bank',
      name: 'Now',
    });
    const nameIn = async (rest: object) => {
      const made = (await make(rest)).body;
      return (await accountsOf(made.keyBookId)).find(({ id }) => id === 'bank')?.name;
    };
    expect(await nameIn({ moment: revision + 1 })).toBe('Then');
    expect(await nameIn({})).toBe('Now');
  });

  it('is refused for a moment that never was', async () => {
    const made = await make({ moment: 1_000_000 });
    expect(made.status).toBe(422);
    expect(made.body.detail).toMatch(/no such moment/);
  });
});

describe('an exercise that asks for normal sides', () => {
  it('tells the student that it asks, and takes the answers; a student leaves the scheme alone', async () => {
    const made = (await make({ start: 'place-them', asksSides: true })).body;
    expect(made.keyRules.points).toMatchObject({ 'account.normal-side': 1, 'account.name': 0 });
    expect(made.brief).toMatch(/wait in the tray.*\n\nSay of each, too, on which side/);
    const [group] = (await ruth.get('groups')).body;
    await ruth.post(`exercises/${made.id}/hand-out`, { groupId: group.id });
    const wim = await running.person('wim.aldous');
    const { bookId } = (await wim.post(`my-exercises/${made.id}/begin`)).body;
    const { help, book } = (await wim.get(`books/${bookId}`)).body;
    expect(help).toMatchObject({ asksSides: true, health: false });
    expect(JSON.stringify(book)).not.toMatch(/statedSide|normal/);
    const [{ id }] = book.accounts;
    const stated = { kind: 'state-side', id, side: 'debit' };
    expect((await change(wim, bookId, 0, stated)).status).toBe(200);
    await rework(ruth, made.id, { helpHealth: true });
    expect((await wim.get(`books/${bookId}`)).body.help.health).toBe(true);
    const scheme = { kind: 'change-scheme', scheme: 'non-current-first' };
    const refused = await change(wim, bookId, 1, scheme);
    expect(refused.body.detail).toMatch(/set by who made it/);
  });
});

describe('the scheme and the lists of a company', () => {
  it('are changed, kept and read again; broken ones are refused with their place', async () => {
    const { revision, book } = (await ruth.get(`books/${company.bookId}`)).body;
    const taxLists = { lines: [], codes: [{ id: 'S20', name: 'Standard' }] };
    const done = await change(
      ruth,
      company.bookId,
      revision,
      { kind: 'change-tax-lists', taxLists },
      { kind: 'change-scheme', scheme: 'non-current-first' },
      { kind: 'change-company', company: { ...book.company, words: 'british' } },
    );
    expect(done.status).toBe(200);
    const after = (await ruth.get(`books/${company.bookId}`)).body.book;
    expect(after).toMatchObject({
      scheme: 'non-current-first',
      taxCodes: taxLists.codes,
      company: { words: 'british' },
    });
    const broken = { id: 'own', name: 'Own', sections: [], types: [] };
    const refused = await change(ruth, company.bookId, revision + 1, {
      kind: 'change-scheme',
      scheme: broken,
    });
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toMatch(/needs one type with the role retained earnings/);
  });
});

describe('settings of the company', () => {
  it('are made by students where they are compared, and nowhere else', async () => {
    const made = (await make({ title: 'Set it up', start: 'accounts' })).body;
    const [group] = (await ruth.get('groups')).body as { id: string }[];
    await ruth.post(`exercises/${made.id}/hand-out`, { groupId: group?.id });
    const { book, revision } = (await ruth.get(`books/${made.startBookId}`)).body;
    const partly = { ...book.company, legalForm: 'non-profit' };
    await change(ruth, made.startBookId, revision, { kind: 'change-company', company: partly });
    const vera = await running.person('vera.quill');
    const { bookId } = (await vera.post(`my-exercises/${made.id}/begin`)).body;
    const begun = (await vera.get(`books/${bookId}`)).body;
    expect(begun.setsCompany).toBe(false);
    const setUp = { kind: 'change-company', company: book.company };
    const refused = await change(vera, bookId, begun.revision, setUp);
    expect(refused.body.faults[0].code).toBe('operation.authors-only');
    const keyRules = { ...made.keyRules, settings: ['legalForm', 'currency'] };
    expect((await rework(ruth, made.id, { keyRules })).status).toBe(200);
    const open = (await vera.get(`books/${bookId}`)).body;
    expect(open.setsCompany).toBe(true);
    expect((await change(vera, bookId, open.revision, setUp)).status).toBe(200);
    const scheme = { kind: 'change-scheme', scheme: begun.book.scheme };
    const other = await change(vera, bookId, open.revision + 1, scheme);
    expect(other.status).toBe(422);
    await vera.post(`my-exercises/${made.id}/hand-in`);
    const mark = async (): Promise<{ check: string; points: number; outcome: string }[]> => {
      const { rows, checking } = (await ruth.get(`exercises/${made.id}/results`)).body;
      const row = rows.find(({ tryId }: { tryId: string | null }) => tryId !== null);
      if (checking !== null || row.checked === 'waiting') return mark();
      return (await ruth.get(`tries/${row.tryId}`)).body.results;
    };
    const described = (await mark()).filter(({ check }) => check === 'company.settings');
    expect(described.map(({ outcome }) => outcome)).toEqual(['met', 'met']);
  });
});

test('the demo knows the platform that stands in, as it begins by itself', async () => {
  const { body } = await ruth.get('platforms');
  expect(body.platforms).toMatchObject([copiedFrom('http://localhost:4000')]);
});

describe('works alike', () => {
  it('are told of those who worked together, and of nobody else', async () => {
    const exercises = (await ruth.get('exercises')).body as { id: string; title: string }[];
    const found = await Promise.all(
      exercises.map(async ({ id }) => (await ruth.get(`exercises/${id}/works-alike`)).body),
    );
    const pairs = found.flat() as {
      works: { student: string }[];
      same: string[];
      onceIn: number;
    }[];
    expect(pairs.map(({ works }) => works.map(({ student }) => student).sort())).toEqual([
      ['Bea Lindqvist', 'Quin Darrow'],
    ]);
    expect(pairs[0]?.same).toContain('the name “Prepaid slipway rennt”');
    expect(pairs[0]?.onceIn).toBeGreaterThan(30);
  });
});
