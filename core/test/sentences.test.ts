import fc from 'fast-check';
import {
  checkWork,
  faultOf,
  FAULT_KINDS,
  keyOf,
  sentenceOf,
  START_KINDS,
  startingPoint,
  type AnswerKey,
  type Book,
  type FaultKind,
} from '../src/index.js';
import { juniperLane, pollardRow, ternIsland } from '../src/demo/index.js';
import { plantFaults } from '../src/teaching/start/plant-faults.js';

const BOOKS = [ternIsland(), pollardRow(), juniperLane()] as const;

/** Things that students do to a book, beside the faults that can be planted. */
const SPOILT: Readonly<Record<string, (book: Book, n: number) => Book>> = {
  'an account is missing': (book, n) => ({
    ...book,
    accounts: book.accounts.filter(
      ({ id, parent }, i) => i !== n && parent !== book.accounts[n]?.id && id !== '',
    ),
  }),
  'a place is taken away': (book, n) => changed(book, n, { type: null }),
  'an account is retired': (book, n) => changed(book, n, { retired: true }),
  'a number is taken away': (book, n) => changed(book, n, { number: null }),
  'a number stands twice': (book, n) =>
    changed(book, n, { number: book.accounts[(n + 1) % book.accounts.length]?.number ?? null }),
  'a cash-flow activity is set': (book, n) => changed(book, n, { cashFlow: 'investing' }),
  'a side is said': (book, n) => changed(book, n, { statedSide: n % 2 === 0 ? 'debit' : 'credit' }),
  'an entry is missing': (book, n) => ({
    ...book,
    entries: book.entries.filter((_, i) => i !== n % Math.max(1, book.entries.length)),
  }),
  'an entry is late': (book, n) => ({
    ...book,
    entries: book.entries.map((each, i) =>
      i === n % book.entries.length ? { ...each, date: '2027-05-01' } : each,
    ),
  }),
  'an entry stands twice': (book, n) => ({
    ...book,
    entries: book.entries.flatMap((each, i) =>
      i === n % book.entries.length ? [each, { ...each, id: 'twice' }] : [each],
    ),
  }),
  'the opening date is another': (book) => ({
    ...book,
    opening: { ...book.opening, date: '2026-12-01' },
  }),
};

const changed = (book: Book, n: number, rest: Partial<Book['accounts'][number]>): Book => ({
  ...book,
  accounts: book.accounts.map((each, i) =>
    i === n % book.accounts.length ? { ...each, ...rest } : each,
  ),
});

/** Every account of an entry is still there: a book that could have been kept. */
const isWhole = ({ accounts, entries, opening }: Book): boolean => {
  const ids = new Set(accounts.map(({ id }) => id));
  return (
    entries.every(({ lines }) => lines.every(({ account }) => ids.has(account))) &&
    Object.keys(opening.balances).every((id) => ids.has(id))
  );
};

const keyFor = (book: Book): AnswerKey =>
  keyOf(book, {
    points: { 'account.normal-side': 1 },
    statementDates: [
      { statement: 'balance-sheet', at: '2027-03-31' },
      { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
    ],
  });

const faultsWanted = fc.dictionary(
  fc.constantFrom(...FAULT_KINDS),
  fc.integer({ min: 0, max: 2 }),
  {
    maxKeys: 3,
  },
) as fc.Arbitrary<Partial<Record<FaultKind, number>>>;

const work = fc
  .record({
    of: fc.constantFrom(...BOOKS),
    faults: faultsWanted,
    seed: fc.integer({ min: 0, max: 1000 }),
    spoilt: fc.array(fc.tuple(fc.constantFrom(...Object.keys(SPOILT)), fc.nat(60)), {
      maxLength: 4,
    }),
  })
  .map(({ of, faults, seed, spoilt }) => ({
    key: of,
    work: spoilt.reduce(
      (book, [how, n]) => SPOILT[how]?.(book, n) ?? book,
      plantFaults(of, faults, seed).book,
    ),
  }))
  .filter(({ work: made }) => isWhole(made));

const UNSAID = /\bnull\b|undefined|NaN|\[object|Infinity|\$\{/;

describe('what the checks say', () => {
  it('is a whole sentence about something, whatever is wrong with the work', () => {
    fc.assert(
      fc.property(work, ({ key, work: made }) => {
        for (const result of checkWork(keyFor(key), made).results) {
          const says = sentenceOf(result);
          expect(says).toMatch(/^\S.{5,}[.?]$/s);
          expect(`${result.ref}: ${says}`).not.toMatch(UNSAID);
          expect(faultOf(result)).toMatch(/^[A-Z]/);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('what follows names a fault that was marked, and keeps its points', () => {
    fc.assert(
      fc.property(work, ({ key, work: made }) => {
        const { results } = checkWork(keyFor(key), made);
        const marked = new Set(
          results.filter((each) => each.outcome === 'not-met').map((each) => each.ref),
        );
        for (const result of results.filter((each) => each.outcome === 'follows')) {
          expect(result.points).toBe(result.of);
          expect(result.from.length).toBeGreaterThan(0);
          for (const ref of result.from) expect([...marked]).toContain(ref);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('from a starting point: points lie between nothing and all there is, and faults never earn any', () => {
    const start = startingPoint(ternIsland(), 'company-only', { faults: {}, seed: 1 });
    fc.assert(
      fc.property(faultsWanted, fc.integer({ min: 0, max: 500 }), (faults, seed) => {
        const { book, planted } = plantFaults(ternIsland(), faults, seed);
        const key = keyFor(ternIsland());
        const { points, of, results } = checkWork(key, book, { start });
        expect(points).toBeGreaterThanOrEqual(0);
        expect(points).toBeLessThanOrEqual(of);
        if (planted.length > 0) expect(points).toBeLessThan(of);
        const lost = results
          .filter((each) => each.outcome === 'not-met')
          .reduce((sum, each) => sum + each.of, 0);
        expect(points).toBe(Math.max(0, of - lost));
      }),
      { numRuns: 40 },
    );
  });

  it.each(START_KINDS)('%s: the start is told in sentences, too', (kind) => {
    for (const book of BOOKS) {
      const start = startingPoint(book, kind, {
        faults: { 'names-crossed': 1 },
        seed: 3,
        trade: 'shop',
      });
      for (const result of checkWork(keyFor(book), start, { start }).results)
        expect(`${result.ref}: ${sentenceOf(result)}`).not.toMatch(UNSAID);
    }
  });
});
