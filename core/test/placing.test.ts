import {
  accountAt,
  apply,
  chartOf,
  companionOf,
  duplicateOf,
  originsSince,
  draftAt,
  freeNumberAt,
  nudge,
  moveTo,
  numberUnderParent,
  placeAt,
  possibleParents,
  putUnder,
  shownPeriod,
  periodEnds,
  siblingsIn,
  takeOut,
  type Book,
  type Operation,
  type Result,
} from '../src/index.js';
import { positionInBand } from '../src/model/numbering/ruler.js';
import { acct, book, shop } from './builder.js';

const after = (of: Book, operation: Result<Operation>): Book => {
  if (!operation.ok) throw new Error(operation.refusals[0]?.says);
  const applied = apply(of, operation.value);
  if (!applied.ok) throw new Error(applied.refusals[0]?.says);
  return applied.value.book;
};

const names = (of: Book, section: string) =>
  (chartOf(of).get(section) ?? []).map(({ account, depth }) => `${'.'.repeat(depth)}${account.id}`);

const numberOf = (of: Book, id: string) => of.accounts.find((each) => each.id === id)?.number;
const typeOfAccount = (of: Book, id: string) => of.accounts.find((each) => each.id === id)?.type;

describe('a name typed at a place', () => {
  it('gets the type that it suggests in the section, and the next free number', () => {
    expect(draftAt(shop(), 'current-assets', { name: 'Prepaid rent' })).toMatchObject({
      type: 'prepayment',
      number: '1310',
    });
    expect(draftAt(shop(), 'current-liabilities', { name: 'Wages owed' })).toMatchObject({
      type: 'wages-payable',
      number: '2110',
    });
  });

  it('keeps a number that was typed', () => {
    const made = accountAt(shop(), 'current-assets', { name: ' Float ', number: '1015' });
    expect(made).toMatchObject({ id: 'float', name: 'Float', number: '1015' });
  });

  it('has no number in a book without a number plan', () => {
    const plain = { ...shop(), numberPlan: null };
    expect(draftAt(plain, 'revenue', { name: 'Repairs' }).number).toBeNull();
  });
});

describe('moving', () => {
  it('passes a neighbour and takes a free number beyond it', () => {
    const moved = after(shop(), nudge(shop(), 'prepaid', 'up'));
    expect(names(moved, 'current-assets')).toEqual(['bank', 'prepaid', 'debtors']);
    expect(numberOf(moved, 'prepaid')).toBe('1050');
  });

  it('goes over the edge of a section into the next, type and number following', () => {
    const moved = after(shop(), nudge(shop(), 'loan', 'up'));
    expect(names(moved, 'current-liabilities')).toEqual(['passes', 'loan']);
    expect(typeOfAccount(moved, 'loan')).toBe('loan-within-year');
    expect(numberOf(moved, 'loan')).toBe('2110');
    const back = after(moved, nudge(moved, 'loan', 'down'));
    expect(names(back, 'non-current-liabilities')).toEqual(['loan']);
  });

  it('says so at the very end of the chart', () => {
    const refused = nudge(shop(), 'bank', 'up');
    expect(refused.ok ? '' : refused.refusals[0]?.says).toBe('“1010 Bank” stands first already.');
  });

  it('says so when no number is free between the neighbours', () => {
    const tight = book([
      acct('a', 'bank', { number: '1010' }),
      acct('b', 'bank', { number: '1011' }),
      acct('c', 'bank', { number: '1020' }),
    ]);
    const refused = moveTo(tight, 'c', { section: 'current-assets', parent: null, after: 'a' });
    expect(refused.ok ? null : refused.refusals[0]?.code).toBe('number.gap-full');
  });

  it('orders accounts without numbers by where they are put', () => {
    const plain = {
      ...book([acct('a', 'bank'), acct('b', 'bank'), acct('c', 'bank')]),
      numberPlan: null,
    };
    const moved = after(plain, nudge(plain, 'c', 'up'));
    expect(names(moved, 'current-assets')).toEqual(['a', 'c', 'b']);
    expect(names(after(moved, nudge(moved, 'a', 'down')), 'current-assets')).toEqual([
      'c',
      'a',
      'b',
    ]);
  });

  it('goes past what stands under a neighbour', () => {
    const wide = book([
      acct('van', 'vehicles', { number: '1510' }),
      acct('dep', 'accumulated-depreciation', { number: '1511', parent: 'van' }),
      acct('cart', 'vehicles', { number: '1500' }),
    ]);
    const moved = after(wide, nudge(wide, 'cart', 'down'));
    expect(names(moved, 'non-current-assets')).toEqual(['van', '.dep', 'cart']);
    expect(numberOf(moved, 'cart')).toBe('1520');
  });
});

describe('putting under and taking out', () => {
  it('puts an account under the one above, and out again, its number kept', () => {
    const under = after(shop(), putUnder(shop(), 'debtors'));
    expect(names(under, 'current-assets')).toEqual(['bank', '.debtors', 'prepaid']);
    expect(numberOf(under, 'debtors')).toBe('1100');
    expect(names(after(under, takeOut(under, 'debtors')), 'current-assets')).toEqual([
      'bank',
      'debtors',
      'prepaid',
    ]);
  });

  it('says why not', () => {
    const first = putUnder(shop(), 'bank');
    const top = takeOut(shop(), 'bank');
    expect(first.ok ? null : first.refusals[0]?.code).toBe('place.nothing-above');
    expect(top.ok ? null : top.refusals[0]?.code).toBe('place.no-parent');
  });

  it('offers parents of the section, never the account itself or what is below it', () => {
    expect(possibleParents(shop(), 'van').map((each) => each.id)).toEqual([]);
    expect(possibleParents(shop(), 'van-dep').map((each) => each.id)).toEqual(['van']);
  });
});

describe('placing at a type', () => {
  it('keeps the number within a section and takes a free one in another', () => {
    const same = after(shop(), placeAt(shop(), 'prepaid', 'supplies'));
    expect(numberOf(same, 'prepaid')).toBe('1300');
    const other = after(shop(), placeAt(shop(), 'passes', 'service-fees'));
    expect(numberOf(other, 'passes')).toBe('4020');
    expect(siblingsIn(other, 'revenue', null)).toHaveLength(2);
  });
});

describe('the ruler', () => {
  const band = { from: '1000', to: '1499', section: 'current-assets' };

  it('knows where a number lies', () => {
    expect(positionInBand(band, '1000')).toBe(0);
    expect(positionInBand(band, '1499')).toBe(1);
    expect(positionInBand(band, '1500')).toBeNull();
    expect(positionInBand({ from: 'A100', to: 'A199' }, 'A150')).toBeCloseTo(0.505, 2);
  });

  it('finds the free number nearest to a click, round ones first', () => {
    expect(freeNumberAt(band, 0.5, { taken: new Set(), step: 10 })).toBe('1250');
    expect(freeNumberAt(band, 0.5, { taken: new Set(['1250']), step: 10 })).toBe('1240');
    const full = new Set(Array.from({ length: 500 }, (_, i) => String(1000 + i)));
    expect(freeNumberAt(band, 0.5, { taken: full, step: 10 })).toBeNull();
  });
});

describe('the period shown', () => {
  it('ends with the period of the last entry', () => {
    expect(shownPeriod(shop())).toEqual({ from: '2027-01-01', to: '2027-03-31' });
    expect(shownPeriod({ ...shop(), entries: [] }).to).toBe('2027-01-31');
    expect(periodEnds(shop())).toHaveLength(12);
    expect(periodEnds({ ...shop(), company: { ...shop().company, periods: 4 } })).toEqual([
      '2027-03-31',
      '2027-06-30',
      '2027-09-30',
      '2027-12-31',
    ]);
  });
});

describe('companions', () => {
  it('gives an asset its accumulated depreciation, under it, once', () => {
    const bare = { ...shop(), accounts: shop().accounts.filter((each) => each.id !== 'van-dep') };
    const operation = companionOf({ ...bare, opening: shop().opening }, 'van');
    if (!operation?.ok) throw new Error('nothing to add');
    const paired = after(bare, operation);
    expect(names(paired, 'non-current-assets')).toEqual(['van', '.accumulated-depreciation-van']);
    expect(numberOf(paired, 'accumulated-depreciation-van')).toBe('1511');
    expect(companionOf(paired, 'van')).toBeNull();
    expect(companionOf(shop(), 'bank')).toBeNull();
  });

  it('duplicates an account right behind it, with a number of its own', () => {
    const twice = after(shop(), duplicateOf(shop(), 'bank'));
    expect(names(twice, 'current-assets')).toEqual(['bank', 'bank-copy', 'debtors', 'prepaid']);
    expect(twice.accounts.find((each) => each.id === 'bank-copy')).toMatchObject({
      name: 'Bank (copy)',
      type: 'bank',
      number: '1050',
    });
    const thrice = after(twice, duplicateOf(twice, 'bank'));
    expect(thrice.accounts.map(({ name }) => name)).toContain('Bank (copy 2)');
    const ofCopy = after(thrice, duplicateOf(thrice, 'bank-copy'));
    expect(ofCopy.accounts.map(({ name }) => name)).toContain('Bank (copy 3)');
  });
});

describe('under a parent', () => {
  it('the number that fits is offered, where another stands there', () => {
    const under = after(shop(), putUnder(shop(), 'debtors'));
    expect(numberUnderParent(under, 'debtors')).toBe('1011');
    expect(numberUnderParent(shop(), 'debtors')).toBeNull();
    const fits = after(under, {
      ok: true,
      value: { kind: 'renumber-account', id: 'debtors', number: '1011' },
    });
    expect(numberUnderParent(fits, 'debtors')).toBeNull();
  });
});

describe('since the starting point', () => {
  it('an account is given, changed or added', () => {
    const renamed = apply(shop(), { kind: 'rename-account', id: 'bank', name: 'Bank account' });
    const now = after(renamed.ok ? renamed.value.book : shop(), duplicateOf(shop(), 'sales'));
    const origins = originsSince(shop(), now);
    expect([origins.get('bank'), origins.get('van'), origins.get('sales-of-goods-copy')]).toEqual([
      'changed',
      'given',
      'added',
    ]);
    const opened = apply(shop(), { kind: 'set-opening', id: 'van', amount: 5 });
    expect(opened.ok && originsSince(shop(), opened.value.book).get('van')).toBe('changed');
  });
});

test('an account that goes to another section says whose child it is no longer', () => {
  const book = shop();
  const moved = (type: string, parent: string | null) =>
    apply(book, { kind: 'move-account', id: 'van-dep', type, parent, number: null });
  const said = (of: ReturnType<typeof moved>) =>
    of.ok ? of.value.notices().map((each) => each.code) : [];
  expect(book.accounts.find(({ id }) => id === 'van-dep')?.parent).toBe('van');
  expect(said(moved('depreciation-charge', null))).toContain('account.left-parent');
  expect(said(moved('plant-equipment', null))).not.toContain('account.left-parent');
});
