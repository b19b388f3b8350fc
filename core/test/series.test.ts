import {
  carriedOn,
  checkWork,
  keyFromOwnWork,
  keyOf,
  openingOf,
  proposedGoes,
  TRADES,
  yearCarriedOn,
  type Book,
} from '../src/index.js';
import { juniperLane, nurseryYear, pollardRow, ternIsland } from '../src/demo/index.js';
import { change, shop } from './builder.js';

const SAME = { goes: [], trade: null, name: null };

function carried(book: Book, by: Partial<Parameters<typeof carriedOn>[1]> = {}): Book {
  const next = carriedOn(book, { ...SAME, ...by });
  if (!next.ok) throw new Error(next.refusals[0]?.says);
  return next.value;
}

const sum = (book: Book) => Object.values(book.opening.balances).reduce((a, b) => a + b, 0);

describe.each([
  ['kayaks', ternIsland],
  ['bindery', pollardRow],
  ['nursery', juniperLane],
  ['a nursery’s year', nurseryYear],
] as const)('the next chapter of %s', (_, make) => {
  it('opens in balance with what the year ended with, nothing of it earned or used up', () => {
    const next = carried(make());
    expect(next.entries).toEqual([]);
    expect(sum(next)).toBe(0);
    expect(next.company.firstDay).toBe('2028-01-01');
    for (const { id, type } of next.accounts) {
      const section = next.scheme.types.find((each) => each.id === type)?.section ?? '';
      const of = next.scheme.sections.find((each) => each.id === section)?.class;
      if (of === 'income' || of === 'expense') expect(openingOf(next, id)).toBe(0);
    }
  });

  it('changes into any trade by what is proposed, keeping all that holds an amount', () => {
    const before = carried(make());
    for (const { id: trade } of TRADES) {
      const next = carried(make(), { trade, goes: proposedGoes(make(), trade) });
      expect(next.opening.balances).toEqual(before.opening.balances);
      const numbers = next.accounts.flatMap(({ number }) => number ?? []);
      expect(new Set(numbers).size).toBe(numbers.length);
      const full = checkWork(keyOf(next), next);
      expect(full.points).toBe(full.of);
    }
  });
});

it('renames, retypes and leaves behind by the table, and refuses to lose an amount', () => {
  const next = carried(ternIsland(), {
    name: 'Tern Island Boat Shop',
    goes: [
      { account: 'hire', goes: 'becomes', name: 'Sales of boats', type: 'goods-sales' },
      { account: 'tours', goes: 'leaves' },
    ],
  });
  expect(next.company.name).toBe('Tern Island Boat Shop');
  const hire = next.accounts.find(({ id }) => id === 'hire');
  expect(hire).toMatchObject({ name: 'Sales of boats', type: 'goods-sales' });
  expect(next.accounts.some(({ id }) => id === 'tours')).toBe(false);
  const refusals = (account: string, more = {}) => {
    const odd = carriedOn(ternIsland(), {
      ...SAME,
      goes: [{ account, goes: 'leaves', ...more }],
    });
    return odd.ok ? [] : odd.refusals.map(({ code }) => code);
  };
  expect(refusals('bank')).toEqual(['series.still-holds']);
  expect(refusals('fleet')).toEqual(['series.still-holds']);
  expect(refusals('hire', { goes: 'becomes', type: 'no-such-type' })).toEqual(['series.no-type']);
});

it('goes on with one’s own work, so that what was wrong before costs nothing again', () => {
  const theirs = yearCarriedOn(
    change({ ...shop(), entries: shop().entries.slice(1) }, 'prepaid', {
      name: 'Cover paid ahead',
    }),
  );
  const made = yearCarriedOn(shop());
  if (!theirs.ok || !made.ok) throw new Error('not carried on');
  const key = keyFromOwnWork(keyOf(made.value), theirs.value);
  expect(key.book.opening.balances).toEqual(theirs.value.opening.balances);
  const { results } = checkWork(key, theirs.value, { start: theirs.value });
  expect(results.filter(({ outcome }) => outcome === 'not-met')).toEqual([]);
});
