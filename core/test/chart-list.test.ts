import {
  ALL_ACCOUNTS,
  apply,
  formerNames,
  isFoundBy,
  listAccounts,
  originsSince,
  searchText,
  type ListWanted,
  type Operation,
} from '../src/index.js';
import { acct, change, shop } from './builder.js';

const ids = (wanted: Partial<ListWanted>, of = shop(), described = {}) =>
  listAccounts(of, { ...ALL_ACCOUNTS, ...wanted }, described).map(({ id }) => id);

describe('the list of accounts', () => {
  it('stands in the order of the chart, by number or by name', () => {
    const of = change(shop(), 'loan', { number: null });
    expect(ids({}, of).slice(0, 3)).toEqual(['bank', 'debtors', 'prepaid']);
    expect(ids({ order: 'number' }, of).at(-1)).toBe('loan');
    expect(ids({ order: 'name' }).slice(0, 3)).toEqual(['van-dep', 'bank', 'wear']);
    expect(ids({ order: 'name', descending: true })[0]).toBe('van');
  });

  it('is cut down by section, type, use and origin', () => {
    const retired = change(shop(), 'loan', { retired: true });
    const more = { ...retired, accounts: [...retired.accounts, acct('till', 'cash-in-hand')] };
    expect(ids({ section: 'non-current-assets' })).toEqual(['van', 'van-dep']);
    expect(ids({ type: 'bank' })).toEqual(['bank']);
    expect(ids({ use: 'retired' }, more)).toEqual(['loan']);
    expect(ids({ use: 'in-use' }, more)).not.toContain('loan');
    expect(ids({ use: 'not-posted' }, more)).toEqual(['till']);
    expect(ids({ use: 'posted' }, more)).not.toContain('till');
    const origins = originsSince(shop(), more);
    expect(ids({ origin: 'added' }, more, { origins })).toEqual(['till']);
    expect(ids({ origin: 'changed' }, more, { origins })).toEqual(['loan']);
  });

  it('finds by number, name, type in any words, section and former name', () => {
    expect(ids({ text: '151' })).toEqual(['van', 'van-dep']);
    expect(ids({ text: 'accumulated van' })).toEqual(['van-dep']);
    expect(ids({ text: 'trade debtors' })).toEqual(['debtors']);
    expect(ids({ text: 'unearned revenue' })).toEqual(['passes']);
    expect(ids({ text: 'mortgage' }, shop(), { formerNames: { loan: ['Old mortgage'] } })).toEqual([
      'loan',
    ]);
    expect(isFoundBy('', searchText(shop(), acct('x', null)))).toBe(true);
  });
});

test('former names are told by what would undo a history', () => {
  let at = shop();
  const inverses: Operation[] = [];
  const names = ['Quay loan', 'Bank loan', 'Quay loan'];
  for (const name of names) {
    const done = apply(at, {
      kind: 'several',
      operations: [{ kind: 'rename-account', id: 'loan', name }],
    });
    if (!done.ok) throw new Error('refused');
    at = done.value.book;
    inverses.unshift(done.value.inverse);
  }
  expect(formerNames(inverses)).toEqual({ loan: ['Bank loan', 'Quay loan', 'Harbour loan'] });
});
