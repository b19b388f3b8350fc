import fc from 'fast-check';
import {
  checkWork,
  FAULT_KINDS,
  faultsOfBook,
  keyOf,
  plantFaults,
  startingPoint,
  ternIsland,
  TRADES,
} from '../src/index.js';

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
    expect([accounts.accounts.length, accounts.entries.length]).toEqual([34, 0]);
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
