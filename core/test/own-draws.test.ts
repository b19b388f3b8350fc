import {
  copiedFigures,
  keyOf,
  ownBook,
  ownKey,
  setsAmong,
  setsOf,
  type Book,
} from '../src/index.js';
import { balancesOf } from '../src/accounting/ledger/balances.js';
import { acct, book, entry } from './builder.js';
import { junipersBooks } from './own-books.js';

const EACH = { each: { from: '0.6', to: '1.4' } };
const SEEDS = Array.from({ length: 60 }, (_, i) => 1000 + i * 7919);

/** Every amount of a book, in one order. */
const amountsOf = ({ opening, entries }: Book): number[] => [
  ...Object.values(opening.balances),
  ...entries.flatMap(({ lines }) => lines.map(({ amount }) => amount)),
];

const isInProportion = (one: readonly number[], other: readonly number[]): boolean =>
  one.every(
    (amount, i) => Math.abs(amount * (other[0] ?? 0) - (other[i] ?? 0) * (one[0] ?? 0)) < 1,
  );

describe.each(junipersBooks())('%s, each amount drawn for itself', (_, book) => {
  const own = SEEDS.map((seed) => ownBook(book, EACH, { seed }));

  it('has as many sets as students, and no two in one proportion', () => {
    expect(setsOf(book, EACH.each)).toBeGreaterThan(600);
    const sets = own.map((each) => amountsOf(each.book));
    expect(new Set(sets.map((amounts) => amounts.join())).size).toBe(SEEDS.length);
    sets.forEach((one, i) =>
      sets.slice(i + 1).forEach((other) => expect(isInProportion(one, other)).toBe(false)),
    );
  });

  it('is told for so many students: as many sets, no pair in one proportion', () => {
    expect(setsAmong(keyOf(book, { figures: EACH }), SEEDS)).toEqual({
      of: SEEDS.length,
      different: SEEDS.length,
      inProportion: 0,
    });
    expect(setsAmong(keyOf(book), [1, 2, 3])).toEqual({ of: 3, different: 1, inProportion: 3 });
    const sized = {
      quantities: [{ name: 'size', from: '1', to: '4', step: '1' }],
      everywhere: 'usual * size',
    };
    const { different, inProportion } = setsAmong(keyOf(book, { figures: sized }), SEEDS);
    expect([different, inProportion]).toEqual([4, (SEEDS.length * (SEEDS.length - 1)) / 2]);
  });

  it('stays in balance, on its sides, and tells no fault', () => {
    for (const each of own) {
      expect(each.faults).toEqual([]);
      for (const { lines } of each.book.entries)
        expect(lines.reduce((sum, { amount }) => sum + amount, 0)).toBe(0);
      amountsOf(book).forEach((amount, i) =>
        expect(Math.sign(amountsOf(each.book)[i] ?? 0)).toBe(Math.sign(amount)),
      );
    }
  });

  it('is the same for the same seed, and its key is right by itself', () => {
    const key = keyOf(book, { figures: EACH });
    expect(ownKey(key, { seed: 5 }).book.entries).toEqual(ownKey(key, { seed: 5 }).book.entries);
  });
});

describe('copies among sixty students, each with figures of their own', () => {
  const [[, company]] = junipersBooks() as [[string, Book]];
  const key = keyOf(company, { figures: EACH });
  const others = SEEDS.map((seed) => ({ seed, whose: seed }));
  const bookOf = (seed: number): Book => ownKey(key, { seed }).book;
  const withAmounts = (book: Book, by: (amount: number) => number): Book => ({
    ...book,
    opening: {
      ...book.opening,
      balances: Object.fromEntries(
        Object.entries(book.opening.balances).map(([id, amount]) => [id, by(amount)]),
      ),
    },
    entries: book.entries.map((each) => ({
      ...each,
      lines: each.lines.map((line) => ({ ...line, amount: by(line.amount) })),
    })),
  });
  const found = (seed: number, work: Book) => copiedFigures(key, work, { ownSeed: seed, others });
  const [mine = 0, theirs = 0] = SEEDS;

  it.each([
    ['as they are', (amount: number) => amount],
    ['multiplied', (amount: number) => Math.round(amount * 1.07)],
    ['moved', (amount: number) => amount + Math.sign(amount) * 1_300],
  ] as const)('are told: %s', (how, by) => {
    expect(found(mine, withAmounts(bookOf(theirs), by))).toMatchObject({ whose: [theirs], how });
  });

  it('are told where only a part of them is another’s, and accounts are called otherwise', () => {
    const copied = bookOf(theirs);
    const half = {
      ...copied,
      accounts: copied.accounts.map((each) => ({ ...each, name: `My ${each.name}` })),
      entries: [...copied.entries.slice(0, 12), ...bookOf(mine).entries.slice(12)],
      opening: bookOf(mine).opening,
    };
    expect(found(mine, half)).toMatchObject({ whose: [theirs], how: 'as they are' });
  });

  it('are told of nobody else: not of the right work, nor of one that is wrong in its own way', () => {
    for (const seed of SEEDS.slice(0, 20)) {
      expect(found(seed, bookOf(seed))).toBeNull();
      const wrong = (amount: number) => (amount % 7 === 0 ? amount * 10 : amount);
      expect(found(seed, withAmounts(bookOf(seed), wrong))).toBeNull();
      expect(
        found(
          seed,
          withAmounts(bookOf(seed), (amount) => amount * 100),
        ),
      ).toBeNull();
    }
  });
});

it('comes to hold where most draws would overdraw the bank', () => {
  const tight = book(
    [
      acct('bank', 'bank'),
      acct('capital', 'owner-capital'),
      acct('rent', 'premises'),
      acct('wages', 'staff'),
    ],
    { bank: 100_300, capital: -100_300 },
    [
      entry('e1', '2027-01-05', { lines: { rent: 50_100, bank: -50_100 } }),
      entry('e2', '2027-01-09', { lines: { wages: 49_900, bank: -49_900 } }),
    ],
  );
  for (const seed of SEEDS) {
    const own = ownBook(tight, EACH, { seed });
    expect(own.faults).toEqual([]);
    expect(balancesOf(own.book).get('bank')).toBeGreaterThanOrEqual(0);
  }
});
