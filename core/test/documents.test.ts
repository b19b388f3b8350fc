import {
  bookFromJson,
  bookToJson,
  subledgersOf,
  stockCourse,
  whoOwes,
  type Book,
  type Document,
} from '../src/index.js';
import { entry } from './builder.js';
import {
  after,
  balances,
  dealer,
  END,
  item,
  of,
  on,
  paper,
  party,
  withPapers,
} from './subledgers.js';

const made = (book: Book, id: string) =>
  Object.fromEntries(
    (book.entries.find(({ document }) => document === id)?.lines ?? []).map((line) => [
      line.account,
      line.amount,
    ]),
  );

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
    expect(stockCourse(subledgersOf(all)).standing.get('boat')).toMatchObject({
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
    expect(stockCourse(subledgersOf(beyond)).beyond).toEqual([
      { document: 'out', item: 'boat', quantity: 2000 },
    ]);
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
    expect(made(withPapers(bought, supplier), 's')).toEqual({ creditors: 1000, stock: -1000 });
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

  test('in periodic books goods sent back lower purchases, or stand where the company says', () => {
    const papers = [
      paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 3, 1000)] }),
      paper('bill', 'supplier-invoice', { party: 'mill', lines: [of('boat', 3, 900)] }),
      paper('back', 'goods-in', { party: 'mill', lines: [of('boat', -1, 900)] }),
      paper('credit', 'credit-note', { party: 'mill', lines: [of('boat', 1, 900)] }),
    ];
    const usual = dealer('periodic');
    expect(balances(withPapers(usual, ...papers))).toMatchObject({ cost: 1800, creditors: -1800 });
    const { posting } = subledgersOf(usual);
    const apart = after(usual, {
      ...{ kind: 'change-posting', inventory: 'periodic' },
      posting: { ...posting, returnsTaken: 'taken' },
    });
    expect(balances(withPapers(apart, ...papers))).toMatchObject({
      ...{ cost: 2700, taken: -900, creditors: -1800, unbilled: 0 },
    });
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
  const own = {
    ...entry('own', '2027-02-01', { lines: { stock: 9, unbilled: -9 } }),
    document: 'in',
  };
  expect(read([own]).map(({ id }) => id)).toEqual(['own', 'of-bill']);
});

test('what a file has otherwise than its document makes stays as it is, until that document is changed', () => {
  const papers = [
    paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 3, 1000)] }),
    paper('bill', 'supplier-invoice', { party: 'mill', lines: [of('boat', 3, 1000)] }),
  ];
  const own = {
    ...entry('own', '2027-02-01', { lines: { stock: 9, unbilled: -9 } }),
    document: 'in',
  };
  const json = bookToJson({ ...withPapers(dealer(), ...papers), entries: [own] });
  const read = bookFromJson(JSON.parse(JSON.stringify(json)));
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  const more = paper('more', 'supplier-invoice', { party: 'yard', lines: [on('rent', 5)] });
  const later = withPapers(read.value, more);
  expect(later.entries.find(({ document }) => document === 'in')).toEqual(own);
  expect(after(later, { kind: 'remove-document', id: 'more' })).toEqual(read.value);
  const changed = withPapers(later, { ...papers[0], text: 'Again' } as Document);
  expect(made(changed, 'in')).toEqual({ stock: 3000, unbilled: -3000 });
});

test('an entry made twice, by an order or by a row that is not made is refused when it is read', () => {
  const order = paper('order', 'ordered', { party: 'mill', lines: [of('boat', 2, 1000)] });
  const goods = paper('in', 'goods-in', { party: 'mill', lines: [of('boat', 3, 1000)] });
  const book = withPapers(dealer(), order, goods);
  const codes = (entries: Book['entries']): string[] => {
    const read = bookFromJson(JSON.parse(JSON.stringify(bookToJson({ ...book, entries }))));
    return read.ok ? [] : read.refusals.map(({ code }) => code);
  };
  const plain = entry('twice', '2027-02-01', { lines: { stock: 9, unbilled: -9 } });
  expect(codes([...book.entries, { ...plain, document: 'in' }])).toEqual(['entry.made-by-nobody']);
  expect(codes([{ ...plain, document: 'order' }])).toEqual(['entry.made-by-nobody']);
  expect(codes([{ ...plain, schedule: 'none' }])).toEqual(['entry.made-by-nobody']);
  expect(codes([plain])).toEqual([]);
});
