import { healthOf, type Book } from '../src/index.js';
import { juniperLane, nurseryYear, pollardRow, ternIsland } from '../src/demo/index.js';
import { acct, book, change, entry, shop } from './builder.js';

const found = (of: Book) => healthOf(of).map(({ check, account }) => [check, account]);
const of = (work: Book, check: string) =>
  healthOf(work).filter((each) => each.check === `health.${check}`);

test('of a clean book nothing odd is told', () => {
  for (const clean of [ternIsland(), pollardRow(), juniperLane(), nurseryYear()])
    expect(found(clean)).toEqual([]);
});

describe('what can be said without a key', () => {
  it('openings out of balance, and what waits in suspense', () => {
    const work = { ...shop(), opening: { ...shop().opening, balances: { bank: 500 } } };
    expect(of(work, 'in-balance')[0]?.says).toContain('5 more in debit');
    const waiting = book(
      [acct('wait', 'suspense', { name: 'Suspense' }), acct('bank', 'bank', { name: 'Bank' })],
      { wait: 700, bank: -700 },
    );
    expect(of(waiting, 'suspense-empty')[0]?.account).toBe('wait');
    expect(of(waiting, 'unusual-side')[0]?.says).toContain('overdrawn');
  });

  it('numbers of another section, two alike names, a retired account with a balance', () => {
    expect(of(change(shop(), 'bank', { number: '6999' }), 'numbers-fit')[0]?.says).toMatch(
      /^6999, the number of “Bank”, is one for/,
    );
    expect(
      of(change(shop(), 'sales', { name: 'Share captial' }), 'similar-names')[0]?.account,
    ).toBe('sales');
    expect(of(change(shop(), 'loan', { retired: true }), 'retired-at-zero')[0]?.account).toBe(
      'loan',
    );
  });

  it('depreciation over the cost, or none beside an asset; a prepayment used up twice', () => {
    const accumulated = {
      ...shop(),
      entries: [entry('w', '2027-06-30', { lines: { wear: 9e6, 'van-dep': -9e6 } })],
    };
    expect(of(accumulated, 'over-depreciated')[0]?.says).toContain('more than the cost of 9,000');
    const alone = change(shop(), 'van-dep', { parent: null });
    expect(of(alone, 'without-companion')[0]?.account).toBe('van');
    const used = {
      ...shop(),
      entries: [entry('u', '2027-06-30', { lines: { insurance: 70_000, prepaid: -70_000 } })],
    };
    expect(of(used, 'prepaid-below-zero')[0]?.says).toContain('100 more was used up');
  });

  it('an entry of another year; no account for the profit, or two', () => {
    const late = {
      ...shop(),
      entries: [entry('l', '2030-06-30', { lines: { loan: 100, bank: -100 } })],
    };
    expect(of(late, 'entries-in-year')[0]?.says).toContain('30 June 2030');
    const two = change(shop(), 'capital', { type: 'retained-earnings' });
    expect(of(two, 'one-profit-account')[0]?.says).toMatch(/^2 accounts keep the profits/);
  });
});
