import fc from 'fast-check';
import {
  AUTHOR,
  apply,
  balanceSheet,
  checkWork,
  effectsOfScheme,
  faultsOfScheme,
  firstYear,
  inWords,
  keyOf,
  linesOfStatement,
  operationSays,
  profitAndLoss,
  readBook,
  readOperations,
  SHIPPED_SCHEMES,
  starterChart,
  statementName,
  writeBook,
  WORDS,
  type Book,
  type Operation,
  type Scheme,
} from '../src/index.js';
import { typeCalled } from '../src/model/naming/guess-type.js';
import { anyBook } from './arbitrary-book.js';
import { COMPANY, SCHEME, shop } from './builder.js';

const withoutType = (scheme: Scheme, ...ids: string[]): Scheme => ({
  ...scheme,
  id: 'ours',
  name: 'Ours',
  types: scheme.types.filter((type) => !ids.includes(type.id)),
});

const take = (of: Book, scheme: Scheme) => apply(of, { kind: 'change-scheme', scheme });

function taken(of: Book, operation: Operation): Book {
  const done = apply(of, operation);
  if (!done.ok) throw new Error(done.refusals[0]?.says);
  expect(apply(done.value.book, done.value.inverse)).toMatchObject({
    ok: true,
    value: { book: of },
  });
  return done.value.book;
}

describe('another scheme for a book', () => {
  it('leaves accounts of a dropped type without a place, with everything on them', () => {
    const next = taken(shop(), {
      kind: 'change-scheme',
      scheme: withoutType(SCHEME, 'prepayment'),
    });
    expect(next.accounts.find(({ id }) => id === 'prepaid')).toMatchObject({
      type: null,
      name: 'Prepaid insurance',
      number: '1300',
    });
    expect(balanceSheet(next, '2026-12-31').notPlaced?.total).toBe(60_000);
  });

  it('takes a child out from under its parent when they part', () => {
    const scheme = withoutType(SCHEME, 'vehicles');
    expect(effectsOfScheme(shop(), scheme)).toMatchObject({
      notPlaced: [{ id: 'van' }],
      moved: [],
      takenOut: [{ id: 'van-dep' }],
    });
    expect(taken(shop(), { kind: 'change-scheme', scheme }).accounts[4]?.parent).toBeNull();
  });

  it('moves accounts along with their type, and says so beforehand', () => {
    const scheme: Scheme = {
      ...SCHEME,
      id: 'ours',
      types: SCHEME.types.map((type) =>
        type.id === 'deferred-income' ? { ...type, section: 'non-current-liabilities' } : type,
      ),
    };
    expect(effectsOfScheme(shop(), scheme).moved).toMatchObject([{ id: 'passes' }]);
    const sheet = balanceSheet(taken(shop(), { kind: 'change-scheme', scheme }), '2026-12-31');
    expect(sheet.sections.find(({ id }) => id === 'non-current-liabilities')?.total).toBe(480_000);
  });

  it('shows the sections in the order of the scheme', () => {
    const scheme = { ...SCHEME, id: 'ours', sections: [...SCHEME.sections].reverse() };
    const next = taken(shop(), { kind: 'change-scheme', scheme });
    expect(linesOfStatement(next.scheme, 'balance-sheet')[0]?.id).toBe('equity');
  });

  it.each([
    [
      'without retained earnings',
      withoutType(SCHEME, 'retained-earnings'),
      /needs one type with the role retained earnings/,
    ],
    ['without suspense', withoutType(SCHEME, 'suspense'), /needs one type with the role suspense/],
    [
      'with two names alike',
      { ...SCHEME, sections: SCHEME.sections.map((s) => ({ ...s, name: 'Things' })) },
      /Two sections are called “Things”/,
    ],
    [
      'with a nameless type',
      { ...SCHEME, types: SCHEME.types.map((t, i) => (i === 3 ? { ...t, name: ' ' } : t)) },
      /needs a name of 1 to 80/,
    ],
    [
      'with one id twice',
      {
        ...SCHEME,
        types: [...SCHEME.types, { ...SCHEME.types[0], name: 'Bank again' }] as Scheme['types'],
      },
      /“bank” is used twice/,
    ],
    [
      'with retained earnings among the liabilities',
      {
        ...SCHEME,
        types: SCHEME.types.map((t) =>
          t.id === 'retained-earnings' ? { ...t, section: 'current-liabilities' } : t,
        ),
      },
      /must stand in a section of equity/,
    ],
    [
      'with two suspense types',
      {
        ...SCHEME,
        types: SCHEME.types.map((t) => (t.id === 'bank' ? { ...t, role: 'suspense' as const } : t)),
      },
      /Exactly one may/,
    ],
  ])('is refused %s', (_, scheme, says) => {
    const done = take(shop(), scheme);
    expect(!done.ok && done.refusals.map((each) => each.says).join(' ')).toMatch(says);
  });

  it('is not for students', () => {
    const done = apply(
      shop(),
      { kind: 'change-scheme', scheme: SCHEME },
      { ...AUTHOR, by: 'student' },
    );
    expect(!done.ok && done.refusals[0]?.code).toBe('operation.authors-only');
  });

  it('crosses the wire whole', () => {
    const operation: Operation = {
      kind: 'change-scheme',
      scheme: withoutType(inWords(SCHEME, 'british'), 'lease'),
      places: [{ id: 'van', type: 'computers', parent: null }],
    };
    const read = readOperations([JSON.parse(JSON.stringify(operation))]);
    expect(read).toEqual({ ok: true, value: [operation] });
    expect(
      operationSays({ kind: 'change-scheme', scheme: withoutType(SCHEME, 'bank') }, shop()),
    ).toBe('The scheme is “Ours” now; without a place: 1 account.');
  });

  it('undone gives back exactly the book, and statements balance all the while', () => {
    const dropped = fc.subarray(
      SCHEME.types.filter(({ role }) => role === 'none' || role === 'cash').map(({ id }) => id),
      { maxLength: 20 },
    );
    fc.assert(
      fc.property(anyBook, dropped, (of, ids) => {
        const next = taken(of, { kind: 'change-scheme', scheme: withoutType(SCHEME, ...ids) });
        const { totals } = balanceSheet(next, '2027-12-31');
        expect(totals.assets).toBe(totals.liabilities + totals.equity);
      }),
    );
  });
});

describe('a section of one’s own in profit and loss', () => {
  const grants: Scheme = {
    ...SCHEME,
    id: 'ours',
    sections: SCHEME.sections.flatMap((section) =>
      section.id === 'revenue'
        ? [section, { id: 'grants', name: 'Grants', class: 'income', countsIn: 'revenue' } as const]
        : [section],
    ),
    types: SCHEME.types.map((type) =>
      type.id === 'goods-sales' ? { ...type, section: 'grants' } : type,
    ),
  };

  it('counts in the subtotal that it names', () => {
    const next = taken(shop(), { kind: 'change-scheme', scheme: grants });
    const { totals } = profitAndLoss(next, firstYear('2027-01-01'));
    expect(totals).toMatchObject({ revenue: 150_000, grossProfit: 150_000 });
    const gross = linesOfStatement(grants, 'profit-and-loss').find(
      ({ id }) => id === 'gross-profit',
    );
    expect(gross?.weigh(grants, 'grants')).toBe(-1);
  });

  it('is kept in the file, byte for byte', () => {
    const next = taken(shop(), { kind: 'change-scheme', scheme: grants });
    const text = writeBook(next);
    const read = readBook(text);
    expect(read.ok && writeBook(read.value)).toBe(text);
    expect(read.ok && read.value).toEqual(next);
  });
});

describe('words', () => {
  const inCompanyWords = (words: (typeof WORDS)[number]): Book =>
    taken(shop(), { kind: 'change-company', company: { ...COMPANY, words } });

  it('change and nothing else does', () => {
    const american = inCompanyWords('american');
    expect(statementName(american.scheme, 'profit-and-loss')).toBe('Income statement');
    expect(american.scheme.types.find(({ id }) => id === 'trade-receivables')?.name).toBe(
      'Accounts receivable',
    );
    expect(american.accounts).toEqual(shop().accounts);
    const british = inCompanyWords('british');
    expect(british.scheme.types.find(({ id }) => id === 'inventory')?.name).toBe('Stock');
    expect(linesOfStatement(american.scheme, 'profit-and-loss').at(-1)?.name).toBe(
      'Net income for the period',
    );
  });

  it('leave a name that somebody gave as it is, and come back exactly', () => {
    const own: Scheme = {
      ...SCHEME,
      id: 'ours',
      types: SCHEME.types.map((type) =>
        type.id === 'bank' ? { ...type, name: 'Money at banks' } : type,
      ),
    };
    const done = take(shop(), own);
    if (!done.ok) throw new Error('refused');
    const british = taken(done.value.book, {
      kind: 'change-company',
      company: { ...COMPANY, words: 'british' },
    });
    expect(british.scheme.types[0]?.name).toBe('Money at banks');
    expect(british.scheme.types.find(({ id }) => id === 'inventory')?.name).toBe('Stock');
  });

  it.each(WORDS)('are told apart by their names: %s', (words) => {
    for (const scheme of SHIPPED_SCHEMES) {
      expect(faultsOfScheme(inWords(scheme, words))).toEqual([]);
      expect(inWords(inWords(scheme, words), 'international')).toBe(scheme);
    }
  });

  it.each(WORDS)('are read in a table whatever the company’s are: %s', (words) => {
    for (const type of inWords(SCHEME, words).types)
      expect(typeCalled(SCHEME, type.name)?.id).toBe(type.id);
  });

  it('go through a file', () => {
    const text = writeBook(inCompanyWords('british'));
    expect(text).toContain('"words": "british"');
    expect(text).toContain('"scheme": "current-first"');
    const read = readBook(text);
    expect(read.ok && read.value).toEqual(inCompanyWords('british'));
  });

  it('are known to the checker on both sides', () => {
    const work = inCompanyWords('american');
    const named: Book = {
      ...work,
      accounts: work.accounts.map((account) =>
        account.id === 'debtors' ? { ...account, name: 'Accounts receivable' } : account,
      ),
    };
    const { points, of } = checkWork(keyOf(inCompanyWords('british')), named);
    expect(points).toBe(of);
  });

  it('name the accounts of a starter chart that are called as their type is', () => {
    const frame = { scheme: 'current-first', numberPlan: null };
    const nameIn = (words: (typeof WORDS)[number]) =>
      starterChart('shop', { ...frame, company: { ...COMPANY, words } }).accounts.find(
        ({ type }) => type === 'trade-payables',
      )?.name;
    expect([nameIn('international'), nameIn('british'), nameIn('american')]).toEqual([
      'Trade payables',
      'Trade creditors',
      'Accounts payable',
    ]);
  });
});
