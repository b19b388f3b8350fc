import {
  checkWork,
  fixedFigures,
  copiedFigures,
  givenToStudents,
  keyOf,
  ownBook,
  ownKey,
  ownStart,
  START_KINDS,
  startingPoint,
  trySeeds,
  type AnswerKey,
  type Book,
  type OwnFigures,
} from '../src/index.js';
import { juniperLane, nurseryYear, pollardRow, ternIsland } from '../src/demo/index.js';
import { acct, book, entry } from './builder.js';

const SIZED: OwnFigures = {
  quantities: [{ name: 'size', from: '0.6', to: '1.6', step: '0.1' }],
  everywhere: 'usual * size',
};
const FAULTS = {
  faults: { 'opening-amount': 1, 'opening-side': 1, 'wrong-statement': 2 },
  seed: 4,
};
const NO_FAULTS = { faults: {}, seed: 1 };

const van = (): Book =>
  book(
    [
      acct('bank', 'bank'),
      acct('van', 'vehicles'),
      acct('capital', 'owner-capital'),
      acct('fees', 'service-fees'),
      acct('fuel', 'vehicle-running'),
    ],
    { bank: 500_000, van: 1_200_000, capital: -1_700_000 },
    [
      entry('e1', '2027-02-01', {
        lines: { bank: 90_000, fees: -90_000 },
        rest: { text: 'Rides, Harbour Hotel' },
      }),
      entry('e2', '2027-02-03', { lines: { fuel: 12_000, bank: -12_000 } }),
    ],
  );

const with_ = (figures: OwnFigures, of = van()): AnswerKey => keyOf(of, { figures });

it('reckons each amount by its formula; what has none stays, and the rest keeps all in balance', () => {
  const figures: OwnFigures = {
    quantities: [{ name: 'rides', from: '10', to: '90', step: '10' }],
    formulas: [
      { at: 'entry:e1:0', says: 'rides * 25.50' },
      { at: 'opening:van', says: 'usual + rides' },
    ],
    names: [{ name: 'Harbour Hotel', instead: ['Station Hotel', 'Bridge Inn'] }],
  };
  const names = new Set<string>();
  for (let seed = 1; seed <= 40; seed++) {
    const { book: own, faults } = ownBook(van(), figures, { seed });
    expect(faults).toEqual([]);
    const rides = (own.entries[0]?.lines[0]?.amount ?? 0) / 2550;
    expect([10, 20, 30, 40, 50, 60, 70, 80, 90]).toContain(rides);
    expect(own.entries[0]?.lines[1]?.amount).toBe(-2550 * rides);
    expect(own.entries[1]).toEqual(van().entries[1]);
    expect(own.opening.balances).toEqual({
      bank: 500_000,
      van: 1_200_000 + 100 * rides,
      capital: -1_700_000 - 100 * rides,
    });
    names.add(own.entries[0]?.text ?? '');
  }
  expect([...names].sort()).toEqual([
    'Rides, Bridge Inn',
    'Rides, Harbour Hotel',
    'Rides, Station Hotel',
  ]);
});

it('draws the same for the same seed, and one more quantity changes none of the others', () => {
  const more = {
    ...SIZED,
    quantities: [{ name: 'days', from: '1', to: '9', step: '1' }, ...(SIZED.quantities ?? [])],
  };
  const amounts = (figures: OwnFigures, seed: number) =>
    ownBook(van(), figures, { seed }).book.opening.balances;
  for (let seed = 0; seed < 20; seed++) expect(amounts(more, seed)).toEqual(amounts(SIZED, seed));
  expect(new Set(Array.from({ length: 60 }, (_, seed) => amounts(SIZED, seed)['bank'])).size).toBe(
    11,
  );
});

it('moves a date by days and says where a formula gives no amount, reaches too far or leaves nothing for the rest', () => {
  const days = with_({
    quantities: [{ name: 'late', from: '3', to: '3', step: '1' }],
    formulas: [{ at: 'entry:e1:date', says: 'late' }],
  });
  expect(ownKey(days, { seed: 1 }).book.entries[0]?.date).toBe('2027-02-04');
  const odd = (at: string, says: string) =>
    ownBook(van(), { formulas: [{ at, says }] }, { seed: 1 }).faults.map(({ code }) => code);
  expect(odd('entry:e1:0', '0 - 5')).toEqual(['figures.no-amount']);
  expect(odd('entry:e1:0', 'process.exit')).toEqual(['expression.unreadable']);
  expect(odd('entry:e1:0', 'constructor')).toEqual(['expression.unknown']);
  expect(odd('entry:e1:0', 'balance("bank")')).toEqual(['expression.unknown']);
  expect(odd('opening:van', 'usual * 0 + 1 / 0')).toEqual(['expression.wrong']);
  expect(odd('entry:e1:date', '1.5')).toEqual(['figures.no-days']);
  const both = [
    { at: 'entry:e1:0', says: '10' },
    { at: 'entry:e1:1', says: '20' },
  ];
  expect(ownBook(van(), { formulas: both }, { seed: 1 }).faults[0]?.code).toBe(
    'figures.unbalanced',
  );
});

it('tells the seed that breaks a book: a bank overdrawn, an account no longer cleared, an entry over the year’s edge', () => {
  const start = startingPoint(van(), 'company-only', NO_FAULTS);
  const codes = (figures: OwnFigures, of = van()) =>
    trySeeds(with_(figures, of), start, { count: 50 }).broken.flatMap(({ faults }) =>
      faults.map(({ code }) => code),
    );
  expect(codes(SIZED)).toEqual([]);
  const fuel: OwnFigures = {
    quantities: [{ name: 'litres', from: '100', to: '9000', step: '100' }],
    formulas: [{ at: 'entry:e2:0', says: 'litres * 1.5' }],
  };
  expect(new Set(codes(fuel))).toEqual(new Set(['trial.overdrawn']));
  const cleared = {
    ...van(),
    entries: [
      ...van().entries,
      entry('e3', '2027-03-01', { lines: { fees: 90_000, capital: -90_000 } }),
    ],
  };
  const one: OwnFigures = {
    quantities: [{ name: 'n', from: '1', to: '9', step: '1' }],
    formulas: [{ at: 'entry:e3:0', says: 'n' }],
  };
  expect(new Set(codes(one, cleared))).toEqual(new Set(['trial.not-cleared']));
  const early: OwnFigures = {
    quantities: [{ name: 'd', from: '0', to: '366', step: '366' }],
    formulas: [{ at: 'entry:e2:date', says: 'd' }],
  };
  expect(new Set(codes(early))).toEqual(new Set(['trial.out-of-year']));
});

describe.each([
  ['kayaks', ternIsland],
  ['bindery', pollardRow],
  ['nursery', juniperLane],
  ['a nursery’s year', nurseryYear],
] as const)('%s of any size', (_, made) => {
  const key = keyOf(made(), { figures: SIZED });

  it('holds for a sample of seeds, and the key marks its own work in full', () => {
    const start = startingPoint(key.book, 'accounts', NO_FAULTS);
    expect(trySeeds(key, start, { count: 12 })).toEqual({ tried: 12, broken: [], brokenCount: 0 });
  });

  it('gives each student the start of their own key, whatever the start', () => {
    for (const kind of START_KINDS) {
      const start = givenToStudents(startingPoint(key.book, kind, FAULTS), kind, 7);
      for (const seed of [3]) {
        const own = ownKey(key, { seed });
        const given = ownStart(start, key, { own, drawing: { seed } });
        const full = checkWork(own, own.book, { start: given });
        expect(full.points).toBe(full.of);
        const untouched = checkWork(own, given, { start: given });
        expect(untouched.points).toBe(kind === 'everything' ? untouched.of : 0);
      }
    }
  });
});

it('finds amounts in words that would be the same for everybody, and nothing else', () => {
  const words =
    'In 2027, pay 12,000 for the van {= opening("van") }; the bank held 5,000.00, 900, 12 %.';
  expect(fixedFigures(words, van())).toEqual(['12,000', '5,000.00', '900']);
  expect(fixedFigures('On 31 March 2027: 120, 119, 12000.', van())).toEqual(['120', '12000']);
});

it('knows a neighbour’s figures in a work, and sees none where there are none', () => {
  const key = keyOf(ternIsland(), {
    figures: {
      quantities: [
        { name: 'a', from: '0.6', to: '1.6', step: '0.01' },
        { name: 'b', from: '1', to: '40', step: '1' },
      ],
      everywhere: 'usual * a + b',
    },
  });
  const seeds = Array.from({ length: 30 }, (_, i) => ({ seed: i + 1, whose: `student ${i + 1}` }));
  const own = (seed: number) => ownKey(key, { seed }).book;
  const copied = new Map([
    [5, 17],
    [23, 2],
  ]);
  for (const { seed } of seeds) {
    const found = copiedFigures(key, own(copied.get(seed) ?? seed), {
      ownSeed: seed,
      others: seeds,
    });
    expect(found?.whose ?? null).toEqual(copied.has(seed) ? [`student ${copied.get(seed)}`] : null);
  }
});

it('names everybody whose figures they can be, and nobody where one’s own are the same', () => {
  const key = keyOf(ternIsland(), {
    figures: {
      quantities: [{ name: 'a', from: '0.5', to: '1', step: '0.5' }],
      everywhere: 'usual * a',
    },
  });
  const bookOf = (seed: number) => ownKey(key, { seed }).book;
  const same = (a: number, b: number) =>
    JSON.stringify(bookOf(a).opening) === JSON.stringify(bookOf(b).opening);
  const all = Array.from({ length: 12 }, (_, i) => i + 1);
  const other = all.find((seed) => !same(seed, 1)) ?? 0;
  const seeds = all.map((seed) => ({ seed, whose: seed }));
  const twins = all.filter((seed) => same(seed, other));
  expect(twins.length).toBeGreaterThan(1);
  expect(copiedFigures(key, bookOf(other), { ownSeed: 1, others: seeds })?.whose).toEqual(twins);
  expect(copiedFigures(key, bookOf(1), { ownSeed: 1, others: seeds })).toBeNull();
});
