import { apply, subledgersOf, type Document, type Operation } from '../src/index.js';
import { entry } from './builder.js';
import {
  after,
  dealer,
  item,
  of,
  on,
  paper,
  party,
  put,
  refusalsTo,
  withPapers,
} from './subledgers.js';

describe('a document is refused, with the reason', () => {
  const one = paper('one', 'customer-invoice', { party: 'ann', lines: [of('boat', 1, 2000)] });
  const invoiced = withPapers(dealer(), one);
  const refused = (document: Document, student = false) =>
    refusalsTo(invoiced, put(document), student);

  test.each<[string, Document, string]>([
    ['without a party', { ...one, id: 'x', party: null }, 'document.wants-party'],
    ['of a supplier', { ...one, id: 'x', party: 'mill' }, 'document.wrong-party'],
    ['of nobody', { ...one, id: 'x', party: 'zoe' }, 'document.party-unknown'],
    ['without lines', { ...one, id: 'x', lines: [] }, 'document.wants-lines'],
    ['of nothing known', { ...one, id: 'x', lines: [of('kite', 1, 5)] }, 'document.item-unknown'],
    ['without a price', { ...one, id: 'x', lines: [of('boat', 1)] }, 'document.line-incomplete'],
    ['of nothing', { ...one, id: 'x', lines: [of('boat', 0, 5)] }, 'document.line-incomplete'],
    ['below zero', { ...one, id: 'x', lines: [of('boat', -1, 5)] }, 'document.wants-amount'],
    ['on no account', { ...one, id: 'x', lines: [on('nowhere', 5)] }, 'account.unknown'],
    [
      'an account among goods',
      paper('x', 'goods-out', { party: 'ann', lines: [on('rent', 5)] }),
      'document.line-of-other',
    ],
    [
      'money on no account',
      paper('x', 'customer-payment', { party: 'ann', amount: 5 }),
      'document.wants-money',
    ],
    [
      'a transfer to itself',
      paper('x', 'transfer', { money: 'bank', to: 'bank', amount: 5 }),
      'document.same-account',
    ],
    [
      'a count below nothing',
      paper('x', 'stock-count', { lines: [of('boat', -1)] }),
      'document.count-below-zero',
    ],
    [
      'settling another’s',
      paper('x', 'customer-payment', {
        party: 'bob',
        money: 'bank',
        amount: 5,
        settles: [{ document: 'one', amount: 5 }],
      }),
      'document.settles-other',
    ],
    [
      'settling what is not there',
      paper('x', 'customer-payment', {
        party: 'ann',
        money: 'bank',
        amount: 5,
        settles: [{ document: 'two', amount: 5 }],
      }),
      'document.settles-unknown',
    ],
    [
      'settling more than it is',
      paper('x', 'customer-payment', {
        party: 'ann',
        money: 'bank',
        amount: 5,
        settles: [{ document: 'one', amount: 6 }],
      }),
      'document.settles-too-much',
    ],
  ])('%s', (_, document, code) => expect(refused(document)).toContain(code));

  test.each<[string, Document]>([
    ['an amount besides lines', { ...one, id: 'x', amount: 5 }],
    ['money on an invoice', { ...one, id: 'x', money: 'bank' }],
    ['a discount on an invoice', { ...one, id: 'x', discount: 1 }],
    [
      'what an order settles',
      { ...one, id: 'x', kind: 'ordered', settles: [{ document: 'one', amount: 1 }] },
    ],
    [
      'lines of a transfer',
      paper('x', 'transfer', { money: 'bank', to: 'till', amount: 5, lines: [on('rent', 5)] }),
    ],
    [
      'a discount on a transfer',
      paper('x', 'transfer', { money: 'bank', to: 'till', amount: 5, discount: 1 }),
    ],
  ])('what means nothing for its kind: %s', (_, document) =>
    expect(refused(document)).toContain('document.not-of-kind'),
  );

  test('a line of an item and on an account; a discount of more than the whole', () => {
    const both = { ...of('boat', 1, 2000), account: 'rent' };
    expect(refused({ ...one, id: 'x', lines: [both] })).toContain('document.item-and-account');
    const terms = { discount: 100_001, discountDays: 1, netDays: 30 };
    expect(
      refusalsTo(dealer(), { kind: 'put-party', party: party('zoe', 'customer', { terms }) }),
    ).toEqual(['party.discount']);
  });

  test('outside the year or in a locked period, for a student', () => {
    expect(refused({ ...one, id: 'x', date: '2029-02-01' }, true)).toEqual(['entry.outside-year']);
    const locked = after(invoiced, { kind: 'lock-entries', until: '2027-02-15' });
    expect(refusalsTo(locked, put({ ...one, id: 'x' }), true)).toEqual(['entry.locked']);
    expect(refusalsTo(locked, put({ ...one, id: 'x', date: '2027-02-16' }), true)).toEqual([]);
  });

  test('where an account for it is missing', () => {
    const { posting, inventory } = subledgersOf(invoiced);
    const without = after(dealer(), {
      kind: 'change-posting',
      posting: { ...posting, receivables: null },
      inventory,
    });
    expect(refusalsTo(without, put(one))).toEqual(['document.no-posting']);
    const bare = after(dealer(), { kind: 'put-item', item: item('boat', { incomeAccount: null }) });
    expect(refusalsTo(bare, put(one))).toEqual(['document.no-item-account']);
  });

  test('and its entry is changed with it alone', () => {
    const [first] = invoiced.entries;
    expect(refusalsTo(invoiced, { kind: 'remove-entry', id: 'of-one' })).toEqual(['entry.made']);
    expect(
      refusalsTo(invoiced, { kind: 'change-entry', entry: first ?? entry('x', '', { lines: {} }) }),
    ).toContain('entry.made');
  });

  test('what a document names stays', () => {
    expect(refusalsTo(invoiced, { kind: 'remove-party', id: 'ann' })).toEqual(['subledgers.named']);
    expect(refusalsTo(invoiced, { kind: 'remove-item', id: 'boat' })).toEqual(['subledgers.named']);
    expect(
      refusalsTo(invoiced, { kind: 'delete-account', id: 'unbilled', children: 'refuse' }),
    ).toEqual(['account.named']);
  });

  test('how the stock is kept is changed with all that documents made, and back', () => {
    const { posting } = subledgersOf(invoiced);
    const turned = apply(invoiced, { kind: 'change-posting', posting, inventory: 'periodic' });
    if (!turned.ok) throw new Error(turned.refusals[0]?.says);
    expect(after(turned.value.book, turned.value.inverse)).toEqual(invoiced);
  });

  test('an item below nothing, a party or an item without a name', () => {
    const item_ = (rest: object): Operation => ({ kind: 'put-item', item: item('kite', rest) });
    expect(refusalsTo(dealer(), item_({ price: -1 }))).toEqual(['item.price']);
    expect(refusalsTo(dealer(), item_({ cost: -1 }))).toEqual(['item.price']);
    expect(refusalsTo(dealer(), item_({ openingQuantity: -1 }))).toEqual(['item.opening']);
    expect(refusalsTo(dealer(), item_({ name: ' ' }))).toEqual(['subledgers.nameless']);
    expect(refusalsTo(dealer(), item_({ stockAccount: 'nowhere' }))).toEqual(['account.unknown']);
  });

  test('where an exercise has it entered the other way', () => {
    const tried = (operation: Operation, enters: 'documents' | 'entries') => {
      const applied = apply(invoiced, operation, { by: 'student', entriesMayChange: true, enters });
      return applied.ok ? [] : applied.refusals.map(({ code }) => code);
    };
    const plain = (kind: 'general' | 'adjusting'): Operation => ({
      kind: 'record-entry',
      entry: { ...entry('plain', '2027-02-01', { lines: { rent: 5, bank: -5 } }), kind },
    });
    const another = put({ ...one, id: 'x' });
    expect(tried(another, 'entries')).toEqual(['document.by-entries']);
    expect(tried(plain('general'), 'entries')).toEqual([]);
    expect(tried(another, 'documents')).toEqual([]);
    expect(tried(plain('general'), 'documents')).toEqual(['entry.by-documents']);
    expect(tried(plain('adjusting'), 'documents')).toEqual([]);
  });

  test('what stays as it is in an exercise is neither changed nor removed', () => {
    const { posting, inventory } = subledgersOf(invoiced);
    const elsewhere: Operation = {
      kind: 'change-posting',
      posting: { ...posting, receivables: 'bank' },
      inventory,
    };
    expect(refusalsTo(invoiced, elsewhere, true)).toEqual(['document.fixed']);
    const otherIncome = item('boat', { incomeAccount: 'rent' });
    expect(refusalsTo(invoiced, { kind: 'put-item', item: otherIncome }, true)).toEqual([
      'document.fixed',
    ]);
    expect(refusalsTo(invoiced, { kind: 'put-item', item: item('kite') }, true)).toEqual([]);
    expect(refused({ ...one, text: 'otherwise' }, true)).toEqual(['document.fixed']);
    expect(refusalsTo(invoiced, { kind: 'remove-document', id: 'one' }, true)).toEqual([
      'document.fixed',
    ]);
  });
});
