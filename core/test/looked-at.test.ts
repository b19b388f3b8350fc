import {
  CHECKS,
  checkWork,
  subledgersOf,
  keyOf,
  SETTINGS,
  type Account,
  type AnswerKey,
  type Book,
  type Entry,
  type Setting,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';

/** Every check counts, so that nothing is left out for want of points. */
const EVERY_CHECK = Object.fromEntries(CHECKS.map(({ id }) => [id, 1]));

const keyFor = (book: Book): AnswerKey =>
  keyOf(book, {
    statementDates: [
      { statement: 'balance-sheet', at: '2027-03-31' },
      { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
    ],
    points: EVERY_CHECK,
    settings: SETTINGS,
    questions: [{ id: 'q', kind: 'side', text: 'Bank?', right: '"debit"' }],
    // A number that must be kept is looked at; one that is free is not.
    accepts: book.accounts.map(({ id }) => ({
      ...{ account: id, names: [], types: [], required: true, forbidden: false, several: false },
      ...{ number: 'exact', reason: '' },
    })),
  });

const account = (book: Book, id: string, to: Partial<Account>): Book => ({
  ...book,
  accounts: book.accounts.map((each) => (each.id === id ? { ...each, ...to } : each)),
});

const entry = (book: Book, id: string, to: (entry: Entry) => Partial<Entry>): Book => ({
  ...book,
  entries: book.entries.map((each) => (each.id === id ? { ...each, ...to(each) } : each)),
});

/** A book without an account that nothing names. */
const without = (book: Book, id: string): Book => ({
  ...book,
  accounts: book.accounts.filter((each) => each.id !== id),
  entries: book.entries.filter(({ lines }) => lines.every((line) => line.account !== id)),
  opening: {
    ...book.opening,
    balances: Object.fromEntries(
      Object.entries(book.opening.balances).filter(([account]) => account !== id),
    ),
  },
});

const zebra = (book: Book): Account => ({
  ...(book.accounts[0] as Account),
  name: 'Zebra crossing',
  number: '1999',
});

type Plant = (book: Book) => Book[];

const eachAccount =
  (to: (account: Account, book: Book) => readonly Partial<Account>[]): Plant =>
  (book) =>
    book.accounts.flatMap((each) => to(each, book).map((change) => account(book, each.id, change)));

const eachEntry =
  (to: (entry: Entry, book: Book) => readonly Partial<Entry>[]): Plant =>
  (book) =>
    book.entries.flatMap((each) =>
      to(each, book).map((change) => entry(book, each.id, () => change)),
    );

/** Other values for each field that a check may look at. */
const PLANTS: Readonly<Record<string, Readonly<Record<string, Plant>>>> = {
  account: {
    name: eachAccount((_, book) => [
      { name: 'Zebra crossing' },
      { name: book.accounts[0]?.name ?? '' },
    ]),
    number: eachAccount((_, book) => [
      { number: '9999' },
      { number: book.accounts[3]?.number ?? '' },
    ]),
    type: eachAccount(() => [
      { type: 'goods-sales' },
      { type: 'bank' },
      { type: 'accumulated-depreciation' },
    ]),
    parent: eachAccount(({ parent }, book) => [
      { parent: parent === null ? (book.accounts[0]?.id ?? null) : null },
    ]),
    retired: eachAccount(({ retired }) => [{ retired: !retired }]),
    cashFlow: eachAccount(() => [{ cashFlow: 'financing' }, { cashFlow: 'investing' }]),
    statedSide: eachAccount(() => [{ statedSide: 'debit' }, { statedSide: 'credit' }]),
  },
  entry: {
    date: eachEntry(() => [{ date: '2027-06-01' }, { date: '2027-01-01' }]),
    kind: eachEntry(() => [{ kind: 'closing' }, { kind: 'prior-period-adjustment' }]),
  },
  line: {
    account: eachEntry(({ lines }, book) => [
      {
        lines: lines.map((line, i) =>
          i === 0 ? { ...line, account: book.accounts[2]?.id ?? '' } : line,
        ),
      },
    ]),
    amount: eachEntry(({ lines }) => [
      { lines: lines.map((line) => ({ ...line, amount: line.amount * 3 })) },
    ]),
  },
  there: {
    accounts: (book) => [
      ...book.accounts.map(({ id }) => without(book, id)),
      ...book.accounts.map((each) => ({
        ...book,
        accounts: [...book.accounts, { ...each, id: `${each.id}-too`, number: null }],
      })),
      { ...book, accounts: [...book.accounts, { ...zebra(book), id: 'zebra' }] },
    ],
    entries: (book) => [
      ...book.entries.map((each) => ({
        ...book,
        entries: book.entries.filter(({ id }) => id !== each.id),
      })),
      ...book.entries.map((each) => ({
        ...book,
        entries: [...book.entries, { ...each, id: `${each.id}-too` }],
      })),
    ],
  },
  opening: {
    balances: (book) =>
      Object.keys(book.opening.balances).flatMap((id) =>
        [-1, 7].map((times) => ({
          ...book,
          opening: {
            ...book.opening,
            balances: { ...book.opening.balances, [id]: (book.opening.balances[id] ?? 0) * times },
          },
        })),
      ),
    date: (book) => [{ ...book, opening: { ...book.opening, date: '2026-06-30' } }],
  },
};

const OTHER: Readonly<Record<Setting, (book: Book) => Book>> = {
  legalForm: (book) => ({ ...book, company: { ...book.company, legalForm: 'partnership' } }),
  currency: (book) => ({ ...book, company: { ...book.company, currency: 'JPY' } }),
  firstDay: (book) => ({ ...book, company: { ...book.company, firstDay: '2027-02-01' } }),
  periods: (book) => ({ ...book, company: { ...book.company, periods: 4 } }),
  inventory: (book) => ({
    ...book,
    subledgers: {
      ...subledgersOf(book),
      inventory: subledgersOf(book).inventory === 'periodic' ? 'perpetual' : 'periodic',
    },
  }),
  cashFlow: ({ company: { cashFlow, ...company }, ...book }) => ({
    ...book,
    company: cashFlow ? company : { ...company, cashFlow: 'ifrs-18' },
  }),
  basis: (book) => ({ ...book, company: { ...book.company, basis: 'cash' } }),
};

const plantOf = (kind: string, field: string): Plant | undefined =>
  kind === 'company' ? (book) => [OTHER[field as Setting](book)] : PLANTS[kind]?.[field];

/** What a check found, in an order of its own. */
const foundBy = (check: string, key: AnswerKey, work: Book, start?: Book): string => {
  const { results } = checkWork(key, work, start ? { start } : {});
  return JSON.stringify(
    results
      .filter((each) => each.check === check)
      .map(({ ref, outcome, difference, points }) => [ref, outcome, difference, points])
      .sort(),
  );
};

const LOOKS = CHECKS.flatMap(({ id, looksAt }) =>
  Object.entries(looksAt).flatMap(([kind, fields]) =>
    fields === true ? [] : (fields as readonly string[]).map((field) => [id, kind, field] as const),
  ),
);

describe('what a check says that it looks at', () => {
  const book = ternIsland();
  const key = keyFor(book);

  it.each(LOOKS)(
    '%s: another %s %s is marked otherwise, whatever the start gave',
    (id, kind, field) => {
      const plant = plantOf(kind, field);
      if (!plant) throw new Error(`nothing is planted for ${kind} ${field}`);
      const planted = plant(book);
      for (const start of [undefined, book]) {
        const before = foundBy(id, key, book, start);
        const isSeen = planted.some((work) => foundBy(id, key, work, start) !== before);
        expect([id, field, start ? 'given' : 'no start', isSeen]).toEqual([
          id,
          field,
          start ? 'given' : 'no start',
          true,
        ]);
      }
    },
  );

  it('every check looks at something', () => {
    for (const { looksAt } of CHECKS) expect(Object.keys(looksAt)).not.toHaveLength(0);
  });
});
