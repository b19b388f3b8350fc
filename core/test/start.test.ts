import fc from 'fast-check';
import {
  checkWork,
  FAULT_KINDS,
  faultOf,
  keyOf,
  START_KINDS,
  startingPoint,
  TRADES,
  usualPoints,
  type Book,
} from '../src/index.js';
import { ternIsland } from '../src/demo/index.js';
import { faultsOfBook } from '../src/model/book/book-faults.js';
import { plantFaults } from '../src/teaching/start/plant-faults.js';

const change = (book: Book, id: string, rest: Partial<Book['accounts'][number]>): Book => ({
  ...book,
  accounts: book.accounts.map((each) => (each.id === id ? { ...each, ...rest } : each)),
});

const NOTHING = { faults: {}, seed: 1 };
const PERIOD = [
  { statement: 'balance-sheet', at: '2027-03-31' },
  { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
] as const;

describe('a starting point', () => {
  it('leaves only what a book can’t do without, or only the accounts', () => {
    const bare = startingPoint(ternIsland(), 'company-only', NOTHING);
    expect(bare.accounts.map((each) => each.id)).toEqual(['retained-earnings']);
    const accounts = startingPoint(ternIsland(), 'accounts', NOTHING);
    expect([accounts.accounts.length, accounts.entries.length]).toEqual([36, 0]);
  });

  it('takes places or numbers away, and keeps the amounts', () => {
    const toPlace = startingPoint(ternIsland(), 'place-them', NOTHING);
    expect(toPlace.accounts.filter((each) => each.type !== null)).toHaveLength(1);
    expect(toPlace.opening).toEqual(ternIsland().opening);
    const toNumber = startingPoint(ternIsland(), 'number-them', NOTHING);
    expect(toNumber.accounts.filter((each) => each.number !== null)).toHaveLength(1);
    expect(toNumber.accounts.map((each) => each.type)).toEqual(
      ternIsland().accounts.map((each) => each.type),
    );
  });
});

describe('a starter chart to build on', () => {
  const planted = { ...NOTHING, trade: 'cafe' };

  it('stands in the key’s scheme and numbers, with its account for profits kept', () => {
    const start = startingPoint(ternIsland(), 'starter-chart', planted);
    expect(faultsOfBook(start)).toEqual([]);
    expect(start).toMatchObject({ scheme: ternIsland().scheme, entries: [] });
    expect(start.opening).toEqual({ date: ternIsland().opening.date, balances: {} });
    const kept = start.accounts.find(({ type }) => type === 'retained-earnings');
    expect(kept).toMatchObject({ id: 'retained-earnings', name: 'Retained earnings' });
    expect(start.accounts.every(({ number }) => number !== null)).toBe(true);
  });

  it('goes without numbers where the key does, and loses places that its scheme lacks', () => {
    const key = {
      ...ternIsland(),
      numberPlan: null,
      scheme: {
        ...ternIsland().scheme,
        id: 'own',
        types: ternIsland().scheme.types.filter(({ id }) => id !== 'wages-payable'),
      },
    };
    const start = startingPoint(key, 'starter-chart', planted);
    expect(start.accounts.every(({ number }) => number === null)).toBe(true);
    expect(start.accounts.find(({ name }) => name === 'Wages payable')?.type).toBeNull();
  });

  it('of every trade can be built on', () => {
    for (const { id } of TRADES)
      expect(
        faultsOfBook(startingPoint(ternIsland(), 'starter-chart', { ...NOTHING, trade: id })),
      ).toEqual([]);
  });
});

describe('planted faults', () => {
  const each = Object.fromEntries(FAULT_KINDS.map((kind) => [kind, 1]));

  it('are the same for the same seed, and others for another', () => {
    const one = plantFaults(ternIsland(), each, 7);
    expect(plantFaults(ternIsland(), each, 7)).toEqual(one);
    expect(plantFaults(ternIsland(), each, 8).planted).not.toEqual(one.planted);
    expect(one.planted.map((planted) => planted.kind)).toEqual([...FAULT_KINDS]);
  });

  it('are found by the checks, each where it was planted, and the book stays whole', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
        const key = keyOf(ternIsland(), { statementDates: PERIOD });
        const { book, planted } = plantFaults(ternIsland(), each, seed);
        expect(faultsOfBook(book)).toEqual([]);
        const results = checkWork(key, book).results.filter(
          (result) => result.outcome === 'not-met',
        );
        const found = new Set(results.map((result) => result.subject.id));
        const notNames = planted.filter(({ kind }) => kind !== 'names-crossed');
        expect(notNames.filter(({ account }) => !found.has(account))).toEqual([]);
      }),
      { numRuns: 60, examples: [[118189]] },
    );
  });

  it('plants fewer where there are not so many fitting accounts', () => {
    const { planted } = plantFaults(ternIsland(), { 'no-contra': 50 }, 3);
    expect(planted.length).toBeGreaterThan(0);
    expect(planted.length).toBeLessThan(10);
  });
});

describe('points are earned from the starting point', () => {
  const planted = { faults: { 'wrong-statement': 2, 'no-parent': 1 }, seed: 5, trade: 'cafe' };
  const marked = (kind: (typeof START_KINDS)[number]) => {
    const book = ternIsland();
    const start = startingPoint(book, kind, planted);
    const key = { ...keyOf(book), statementDates: PERIOD, points: usualPoints(kind) };
    return { book, start, of: (work: typeof book) => checkWork(key, work, { start }) };
  };

  it.each(START_KINDS.filter((kind) => kind !== 'everything'))(
    '%s: handed in untouched it earns nothing, finished it earns everything',
    (kind) => {
      const { book, start, of } = marked(kind);
      const untouched = of(start);
      expect(untouched.points).toBe(0);
      expect(untouched.of).toBeGreaterThan(0);
      expect(of(book)).toMatchObject({ points: untouched.of, of: untouched.of });
    },
  );

  it('an account earns nothing until it is placed; placed wrong, it loses the points of one check', () => {
    const { book, start, of } = marked('place-them');
    const place = (id: string, type: string | null) =>
      of({
        ...start,
        accounts: start.accounts.map((each) => (each.id === id ? { ...each, type } : each)),
      }).points;
    const own = book.accounts.find(({ id }) => id === 'insurance-prepaid');
    expect(place('insurance-prepaid', own?.type ?? null)).toBe(9);
    expect(place('insurance-prepaid', 'sundry-receivable')).toBe(7);
    expect(place('insurance-prepaid', 'insurance')).toBe(5);
  });

  it('an account left out bears all that hangs on it, in one note; a fault in it only its own', () => {
    const { book, start, of } = marked('company-only');
    const all = of(book).points;
    const without = (...gone: string[]) => ({
      ...book,
      accounts: book.accounts.filter(({ id }) => !gone.includes(id)),
    });
    const { points, results } = of(without('till'));
    const [missing] = results.filter(({ ref }) => ref === 'account.present:till');
    expect(missing?.of).toBe(all - points);
    expect(missing?.of).toBeGreaterThan(2);
    const onIt = results.filter(({ from }) => from.includes('account.present:till'));
    const ofSetUp = onIt.filter(({ check }) => !check.startsWith('statement.'));
    expect(ofSetUp.length).toBeGreaterThan(3);
    expect(ofSetUp.filter((each) => each.of > 0)).toEqual([]);
    const renumbered = change(book, 'till', { number: '7777' });
    expect(of(renumbered).points).toBe(all - 1);
    expect(of(start).points).toBe(0);
  });

  it('every step towards the key earns more than the one before', () => {
    const { book, start, of } = marked('company-only');
    const known = new Set(start.accounts.map(({ id }) => id));
    const fresh = book.accounts.filter(({ id }) => !known.has(id));
    const steps = [0, 8, 16, 24, fresh.length].map((n) => ({
      ...start,
      accounts: [...start.accounts, ...fresh.slice(0, n)],
    }));
    const opened = { ...start, accounts: book.accounts, opening: book.opening };
    const marks = [...steps, opened, book].map((work) => of(work).points);
    expect(marks).toEqual([...marks].sort((a, b) => a - b));
    expect(new Set(marks).size).toBe(marks.length);
  });

  it('numbers that were never given are not met, rather than not judged', () => {
    const { start, of } = marked('number-them');
    const bare = { ...start, accounts: start.accounts.map((each) => ({ ...each, number: null })) };
    const { results } = of(bare);
    const numbers = results.filter(({ check }) => check === 'account.number-in-band');
    expect(new Set(numbers.map(({ outcome }) => outcome))).toEqual(new Set(['not-met']));
    expect(new Set(numbers.map(faultOf))).toEqual(new Set(['No number yet']));
  });

  it('faults beside what was asked cost their points, never more than there are', () => {
    const { start, of } = marked('mend-it');
    const spoilt = of({ ...start, accounts: start.accounts.slice(0, 3), entries: [] });
    expect(spoilt.points).toBe(0);
  });

  it('where the start lacks nothing, points are counted as if there were none', () => {
    const { book, of } = marked('everything');
    expect(of(book).points).toBe(of(book).of);
    expect(of(book).of).toBeGreaterThan(0);
  });
});
