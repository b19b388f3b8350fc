import {
  apply,
  bookFromJson,
  bookToJson,
  dealingsOf,
  stockCourse,
  trialBalance,
  whoOwes,
  type Book,
  type Document,
  type Operation,
} from '../src/index.js';
import { entry } from './builder.js';
import { after, dealer, item, of, on, paper, party, withPapers } from './dealings.js';

const END = '2027-12-31';

const balances = (book: Book): Record<string, number> =>
  Object.fromEntries(
    trialBalance(book, END).lines.map((line) => [line.account.id, line.debit - line.credit]),
  );

const made = (book: Book, id: string) =>
  Object.fromEntries(
    (book.entries.find(({ document }) => document === id)?.lines ?? []).map((line) => [
      line.account,
      line.amount,
    ]),
  );

const refusalsTo = (book: Book, operation: Operation, student = false): string[] => {
  const applied = apply(
    book,
    operation,
    student ? { by: 'student', entriesMayChange: false } : undefined,
  );
  return applied.ok ? [] : applied.refusals.map(({ code }) => code);
};

const put = (document: Document): Operation => ({ kind: 'put-document', document });

describe('what a document does to the books', () => {
  const goodsIn = paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 3, 1000)] });
  const bought = withPapers(dealer(), goodsIn);

  test('goods in before the invoice stand in goods received, not invoiced', () => {
    expect(made(bought, 'in')).toEqual({ stock: 3000, unbilled: -3000 });
    const invoiced = withPapers(
      bought,
      paper('inv', 'supplier-invoice', {
        party: 'mill',
        lines: [of('boat', 3, 1000), on('rent', 250)],
      }),
    );
    expect(made(invoiced, 'inv')).toEqual({ unbilled: 3000, rent: 250, creditors: -3250 });
    expect(balances(invoiced)['unbilled'] ?? 0).toBe(0);
  });

  test('goods out take their average cost along, invoice or not', () => {
    const more = paper('in2', 'goods-in', {
      party: 'yard',
      date: '2027-02-02',
      lines: [of('boat', 1, 2000)],
    });
    const out = paper('out', 'goods-out', {
      party: 'ann',
      date: '2027-02-03',
      lines: [of('boat', 2)],
    });
    expect(made(withPapers(bought, more, out), 'out')).toEqual({ cost: 2500, stock: -2500 });
  });

  test('goods that come in later, dated earlier, change what went out since', () => {
    const out = paper('out', 'goods-out', {
      party: 'ann',
      date: '2027-02-03',
      lines: [of('boat', 2)],
    });
    const late = paper('late', 'goods-in', {
      party: 'yard',
      date: '2027-02-02',
      lines: [of('boat', 3, 2000)],
    });
    expect(made(withPapers(bought, out), 'out')).toEqual({ cost: 2000, stock: -2000 });
    expect(made(withPapers(bought, out, late), 'out')).toEqual({ cost: 3000, stock: -3000 });
  });

  test('the last one out takes all that is left, to the cent', () => {
    const three = paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 3, 333)] });
    const one = (id: string, date: string) =>
      paper(id, 'goods-out', { party: 'ann', date, lines: [of('boat', 1)] });
    const odd = after(dealer(), {
      kind: 'put-item',
      item: item('boat', { openingQuantity: 1000, openingValue: 1 }),
    });
    const all = withPapers(
      odd,
      three,
      one('a', '2027-02-02'),
      one('b', '2027-02-03'),
      one('c', '2027-02-04'),
      one('d', '2027-02-05'),
    );
    expect(balances(all)['cost']).toBe(1000);
    expect(stockCourse(dealingsOf(all)).standing.get('boat')).toMatchObject({
      quantity: 0,
      value: 0,
    });
  });

  test('more out than there is goes at the last known cost, and is told', () => {
    const out = paper('out', 'goods-out', {
      party: 'ann',
      date: '2027-02-09',
      lines: [of('boat', 5)],
    });
    const beyond = withPapers(bought, out);
    expect(stockCourse(dealingsOf(beyond)).beyond).toEqual([{ document: 'out', item: 'boat' }]);
  });

  test('goods that come back take their cost back; a credit note takes the sale back', () => {
    const back = paper('back', 'goods-out', {
      party: 'ann',
      date: '2027-02-05',
      lines: [of('boat', -1)],
    });
    const credit = paper('credit', 'credit-note', { party: 'ann', lines: [of('boat', 1, 2000)] });
    const all = withPapers(bought, back, credit);
    expect(made(all, 'back')).toEqual({ cost: -1000, stock: 1000 });
    expect(made(all, 'credit')).toEqual({ returns: 2000, debtors: -2000 });
    const supplier = paper('s', 'credit-note', { party: 'mill', lines: [of('boat', 1, 1000)] });
    expect(made(withPapers(bought, supplier), 's')).toEqual({ creditors: 1000, unbilled: -1000 });
  });

  test('money settles with what is let off for paying early', () => {
    const paid = paper('paid', 'customer-payment', {
      party: 'ann',
      money: 'bank',
      amount: 980,
      discount: 20,
    });
    expect(made(withPapers(bought, paid), 'paid')).toEqual({
      bank: 980,
      returns: 20,
      debtors: -1000,
    });
    const pays = paper('pays', 'supplier-payment', {
      party: 'mill',
      money: 'bank',
      amount: 980,
      discount: 20,
    });
    expect(made(withPapers(bought, pays), 'pays')).toEqual({
      creditors: 1000,
      bank: -980,
      taken: -20,
    });
  });

  test('money without a party, transfers and orders', () => {
    const all = withPapers(
      dealer(),
      paper('interest', 'money-in', { money: 'bank', lines: [on('sales', 12)] }),
      paper('rent', 'money-out', { money: 'till', lines: [on('rent', 30)] }),
      paper('moved', 'transfer', { money: 'bank', to: 'till', amount: 100 }),
      paper('order', 'ordered', { party: 'mill', lines: [of('boat', 2, 1000)] }),
    );
    expect(made(all, 'interest')).toEqual({ bank: 12, sales: -12 });
    expect(made(all, 'rent')).toEqual({ rent: 30, till: -30 });
    expect(made(all, 'moved')).toEqual({ till: 100, bank: -100 });
    expect(all.entries.some(({ document }) => document === 'order')).toBe(false);
  });

  test('in periodic books goods in are purchases, goods out move nothing, and a count sets the stock', () => {
    const counted = withPapers(
      dealer('periodic'),
      paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 4, 1000)] }),
      paper('out', 'goods-out', { party: 'ann', lines: [of('boat', 3)] }),
      paper('count', 'stock-count', { date: '2027-02-28', lines: [of('boat', 1)] }),
    );
    expect(made(counted, 'in')).toEqual({ cost: 4000, unbilled: -4000 });
    expect(made(counted, 'out')).toEqual({});
    expect(made(counted, 'count')).toEqual({ stock: 1000, change: -1000 });
    const again = withPapers(
      counted,
      paper('count2', 'stock-count', { date: '2027-03-31', lines: [of('boat', 0)] }),
    );
    expect(made(again, 'count2')).toEqual({ stock: -1000, change: 1000 });
  });

  test('in perpetual books a count finds what is missing', () => {
    const counted = withPapers(
      bought,
      paper('count', 'stock-count', { date: '2027-02-28', lines: [of('boat', 2)] }),
    );
    expect(made(counted, 'count')).toEqual({ stock: -1000, cost: 1000 });
  });
});

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

  test('outside the year or in a locked period, for a student', () => {
    expect(refused({ ...one, id: 'x', date: '2029-02-01' }, true)).toEqual(['entry.outside-year']);
    const locked = after(invoiced, { kind: 'lock-entries', until: '2027-02-15' });
    expect(refusalsTo(locked, put({ ...one, id: 'x' }), true)).toEqual(['entry.locked']);
    expect(refusalsTo(locked, put({ ...one, id: 'x', date: '2027-02-16' }), true)).toEqual([]);
  });

  test('where an account for it is missing', () => {
    const { posting, inventory } = dealingsOf(invoiced);
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
      refusalsTo(invoiced, { kind: 'change-entry', entry: first ?? entry('x', '', {}) }),
    ).toContain('entry.made');
  });

  test('what a document names stays', () => {
    expect(refusalsTo(invoiced, { kind: 'remove-party', id: 'ann' })).toEqual(['dealings.named']);
    expect(refusalsTo(invoiced, { kind: 'remove-item', id: 'boat' })).toEqual(['dealings.named']);
    expect(
      refusalsTo(invoiced, { kind: 'delete-account', id: 'unbilled', children: 'refuse' }),
    ).toEqual(['account.named']);
    const { posting } = dealingsOf(invoiced);
    expect(
      refusalsTo(invoiced, { kind: 'change-posting', posting, inventory: 'periodic' }),
    ).toEqual(['dealings.inventory-in-use']);
  });

  test('an item below nothing, a party or an item without a name', () => {
    const item_ = (rest: object): Operation => ({ kind: 'put-item', item: item('kite', rest) });
    expect(refusalsTo(dealer(), item_({ price: -1 }))).toEqual(['item.price']);
    expect(refusalsTo(dealer(), item_({ cost: -1 }))).toEqual(['item.price']);
    expect(refusalsTo(dealer(), item_({ openingQuantity: -1 }))).toEqual(['item.opening']);
    expect(refusalsTo(dealer(), item_({ name: ' ' }))).toEqual(['dealings.nameless']);
    expect(refusalsTo(dealer(), item_({ stockAccount: 'nowhere' }))).toEqual(['account.unknown']);
  });

  test('where an exercise has it entered the other way', () => {
    const tried = (operation: Operation, enters: 'documents' | 'entries') => {
      const applied = apply(invoiced, operation, { by: 'student', entriesMayChange: true, enters });
      return applied.ok ? [] : applied.refusals.map(({ code }) => code);
    };
    const plain = (kind: 'general' | 'adjusting'): Operation => ({
      kind: 'record-entry',
      entry: { ...entry('plain', '2027-02-01', { rent: 5, bank: -5 }), kind },
    });
    const another = put({ ...one, id: 'x' });
    expect(tried(another, 'entries')).toEqual(['document.by-entries']);
    expect(tried(plain('general'), 'entries')).toEqual([]);
    expect(tried(another, 'documents')).toEqual([]);
    expect(tried(plain('general'), 'documents')).toEqual(['entry.by-documents']);
    expect(tried(plain('adjusting'), 'documents')).toEqual([]);
  });

  test('what stays as it is in an exercise is neither changed nor removed', () => {
    expect(refused({ ...one, text: 'otherwise' }, true)).toEqual(['document.fixed']);
    expect(refusalsTo(invoiced, { kind: 'remove-document', id: 'one' }, true)).toEqual([
      'document.fixed',
    ]);
  });
});

describe('who owes, by what is open', () => {
  const invoice = (id: string, date: string, amount: number) =>
    paper(id, 'customer-invoice', { party: 'ann', date, lines: [on('sales', amount)] });
  const pay = (id: string, amount: number, rest: Partial<Document> = {}) =>
    paper(id, 'customer-payment', {
      party: 'ann',
      money: 'bank',
      amount,
      date: '2027-03-01',
      ...rest,
    });
  const open = (book: Book, at = END) =>
    whoOwes(book, 'customer', at).parties.flatMap((each) =>
      each.open.map((one) => [one.document, one.open, one.due] as const),
    );

  test('money settles what it says, then the oldest', () => {
    const two = withPapers(
      dealer(),
      invoice('a', '2027-02-01', 100),
      invoice('b', '2027-02-02', 100),
    );
    expect(open(withPapers(two, pay('p', 60)))).toEqual([
      ['a', 40, '2027-03-03'],
      ['b', 100, '2027-03-04'],
    ]);
    const settles = [{ document: 'b', amount: 60 }];
    expect(open(withPapers(two, pay('p', 60, { settles })))).toEqual([
      ['a', 100, '2027-03-03'],
      ['b', 40, '2027-03-04'],
    ]);
  });

  test('money paid ahead stands on the other side', () => {
    const ahead = withPapers(dealer(), pay('p', 60));
    expect(open(ahead)).toEqual([['p', -60, '2027-03-01']]);
    expect(open(ahead, '2027-02-28')).toEqual([]);
  });

  test('what was owed when the books began is open, too', () => {
    const begun = after(dealer(), {
      kind: 'put-party',
      party: party('ann', 'customer', { opening: 500 }),
    });
    expect(open(withPapers(begun, pay('p', 60)))).toEqual([['opening', 440, '2027-01-30']]);
  });
});

test('a file that tells documents without their entries has them made; those that are there stay', () => {
  const papers = [
    paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 3, 1000)] }),
    paper('bill', 'supplier-invoice', { party: 'mill', lines: [of('boat', 3, 1000)] }),
  ];
  const book = withPapers(dealer(), ...papers);
  const read = (entries: Book['entries']) => {
    const json = bookToJson({ ...book, entries });
    const answer = bookFromJson(JSON.parse(JSON.stringify(json)));
    if (!answer.ok) throw new Error(answer.refusals[0]?.says);
    return answer.value.entries;
  };
  expect(read([])).toEqual(book.entries);
  const own = { ...entry('own', '2027-02-01', { stock: 9, unbilled: -9 }), document: 'in' };
  expect(read([own]).map(({ id }) => id)).toEqual(['own', 'of-bill']);
});
