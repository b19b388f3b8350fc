import {
  apply,
  assignmentFirst,
  documentsInTable,
  listCellsOf,
  type Book,
  type Document,
} from '../src/index.js';
import { acct, book } from './builder.js';

const SHOP: Book = {
  ...book(
    [
      acct('bank', 'bank', { name: 'Bank' }),
      acct('debtors', 'trade-receivables', { name: 'Trade receivables' }),
      acct('creditors', 'trade-payables', { name: 'Trade payables' }),
      acct('received', 'goods-received-not-invoiced', { name: 'Goods received' }),
      acct('stock', 'inventory', { name: 'Pots' }),
      acct('cost', 'cost-of-goods-sold', { name: 'Cost of pots' }),
      acct('sales', 'goods-sales', { name: 'Sales' }),
      acct('rent', 'premises', { number: '6010', name: 'Shop rent' }),
    ],
    {},
  ),
};

function withSubledgers(): Book {
  const done = apply(SHOP, {
    kind: 'several',
    operations: [
      {
        kind: 'put-party',
        party: { id: 'fell', kind: 'supplier', name: 'Fell Kilns', account: null, opening: 0 },
      },
      {
        kind: 'put-party',
        party: { id: 'abbey', kind: 'customer', name: 'Abbey School', account: null, opening: 0 },
      },
      {
        kind: 'put-item',
        item: {
          ...{ id: 'pot', name: 'Large pot', unit: 'piece', price: 900, cost: 400 },
          ...{ incomeAccount: 'sales', costAccount: 'cost', stockAccount: 'stock' },
          ...{ openingQuantity: 0, openingValue: 0 },
        },
      },
    ],
  });
  if (!done.ok) throw new Error(JSON.stringify(done.refusals));
  return done.value.book;
}

const shop = withSubledgers();

function read(...rows: readonly string[]) {
  let n = 0;
  return documentsInTable(shop, listCellsOf(rows.join('\n')), { newId: () => `d${++n}` });
}

const HEADS = 'Date\tKind\tRef\tParty\tItem or account\tQty\tPrice\tAmount';
const worth = ({ lines }: Document) =>
  lines.map(({ item, account, quantity, price, amount }) => [
    item ?? account,
    quantity,
    price,
    amount,
  ]);

test('a document a row, or several rows a document; kinds, parties, items and accounts by their names', () => {
  const { documents, faults } = read(
    HEADS,
    '3 Feb 2027\tSupplier’s invoice\tF-1\tfell kilns\tLarge pot\t20\t4.00\t',
    '\t\t\t\tShop rent\t\t\t35.50',
    '4 Feb 2027\tinvoice\tA-1\tAbbey School\tlarge pots\t5\t\t45.00',
  );
  expect(faults).toEqual([]);
  expect(
    documents.map(({ row, document: { kind, date, party } }) => [row, kind, date, party]),
  ).toEqual([
    [2, 'supplier-invoice', '2027-02-03', 'fell'],
    [4, 'customer-invoice', '2027-02-04', 'abbey'],
  ]);
  expect(documents.map(({ document }) => worth(document))).toEqual([
    [
      ['pot', 20_000, 400, null],
      ['rent', null, null, 3550],
    ],
    [['pot', 5000, 900, null]],
  ]);
});

test('a payment settles the document that it names, from the only bank; a discount goes with it', () => {
  const { documents, faults } = read(
    'Kind\tDate\tNumber\tCustomer\tAmount\tDiscount\tSettles\tItem\tQty\tPrice',
    'Sales invoice\t2027-02-04\tA-1\tAbbey School\t\t\t\tLarge pot\t5\t9',
    'Money from customer\t2027-02-20\tR-1\tAbbey School\t44.10\t0.90\ta-1\t\t\t',
  );
  expect(faults).toEqual([]);
  expect(documents[1]?.document).toMatchObject({
    ...{ money: 'bank', amount: 4410, discount: 90 },
    settles: [{ document: 'd1', amount: 4500 }],
  });
});

test.each([
  [
    '9 Feb 2027\tParcel\tX\tFell Kilns\tLarge pot\t1\t4\t',
    /Row 2: “Parcel” is no kind of document/,
  ],
  [
    '9 Feb\tOrder\tX\tNobody\tLarge pot\t1\t4\t',
    /Row 2: There is no customer or supplier “Nobody”/,
  ],
  ['9 Feb\tInvoice\tX\tFell Kilns\tLarge pot\t1\t4\t', /Row 2: There is no customer “Fell Kilns”/],
  ['9 Feb\tInvoice\tX\tAbbey School\tVase\t1\t4\t', /Row 2: There is no account “Vase”/],
  ['9 Feb\tInvoice\tX\tAbbey School\tLarge pot\tmany\t4\t', /Row 2: /],
  ['someday\tInvoice\tX\tAbbey School\tLarge pot\t1\t4\t', /Row 2: “someday” is no day/],
  ['9 Feb\tInvoice\tX\tAbbey School\tLarge pot\t\t4\t', /Row 2: .*how many/],
])('what can’t be read is told with its row, and left out: %s', (row, says) => {
  const { documents, faults } = read(
    HEADS,
    row,
    '10 Feb 2027\tOrder\tY\tFell Kilns\tLarge pot\t1\t4\t',
  );
  expect(faults).toHaveLength(1);
  expect(faults[0]).toMatch(says);
  expect(documents.map(({ document }) => document.reference)).toEqual(['Y']);
});

test('a payment that names no document of its party is told; another table is no list of documents', () => {
  const { faults } = read(
    'Date\tKind\tRef\tParty\tAmount\tSettles',
    '2027-02-20\tPaid to supplier\tP\tFell Kilns\t40\tF-9',
  );
  expect(faults[0]).toMatch(/no invoice “F-9” of this party/);
  expect(read('Account\tDebit\tCredit', 'Bank\t5\t').faults[0]).toMatch(/no list of documents/);
});

test('what was read is recorded in one step, and every entry balances', () => {
  const { documents } = read(
    HEADS,
    '3 Feb 2027\tGoods in\tG-1\tFell Kilns\tLarge pot\t20\t4.00\t',
    '4 Feb 2027\tGoods out\tL-1\tAbbey School\tLarge pot\t5\t\t',
    '5 Feb 2027\tInvoice to customer\tA-1\tAbbey School\tLarge pot\t5\t9.00\t',
  );
  const done = apply(shop, {
    kind: 'several',
    operations: [
      ...assignmentFirst(shop),
      ...documents.map(({ document }) => ({ kind: 'put-document', document }) as const),
    ],
  });
  if (!done.ok) throw new Error(JSON.stringify(done.refusals));
  expect(done.value.book.entries).toHaveLength(3);
  for (const { lines } of done.value.book.entries)
    expect(lines.reduce((sum, { amount }) => sum + amount, 0)).toBe(0);
});

test('two payments of one day without a reference are two; the same invoice row by row is one', () => {
  const { documents, faults } = read(
    'Date\tKind\tRef\tParty\tItem\tQty\tPrice\tAmount',
    '20 Feb 2027\tPaid to supplier\t\tFell Kilns\t\t\t\t40',
    '20 Feb 2027\tPaid to supplier\t\tFell Kilns\t\t\t\t40',
    '21 Feb 2027\tOrder\tO-1\tFell Kilns\tLarge pot\t1\t4\t',
    '21 Feb 2027\tOrder\tO-1\tFell Kilns\tLarge pot\t2\t4\t',
  );
  expect(faults).toEqual([]);
  expect(documents.map(({ document: { amount, lines } }) => [amount, lines.length])).toEqual([
    [4000, 0],
    [4000, 0],
    [null, 2],
  ]);
});

test('a row that can’t be read takes nothing of the document above away', () => {
  const { documents, faults } = read(
    HEADS,
    '9 Feb 2027\tOrder\tY\tFell Kilns\tLarge pot\t1\t4\t',
    'someday\tInvoice\tX\tAbbey School\tLarge pot\t1\t4\t',
    '\t\t\t\tLarge pot\t2\t4\t',
  );
  expect(documents.map(({ document: { reference } }) => reference)).toEqual(['Y']);
  expect(faults).toHaveLength(1);
});

test('figures beside no item and no account are told, and not passed over', () => {
  const { documents, faults } = read(
    HEADS,
    '9 Feb 2027\tSupplier’s invoice\tX\tFell Kilns\tLarge pot\t1\t4\t',
    '\t\t\t\t\t\t\t35.50',
  );
  expect(documents).toEqual([]);
  expect(faults).toEqual([expect.stringMatching(/^Row 3: .*item or account/)]);
});

test('what a payment settles is an invoice, whatever else has its reference', () => {
  const { documents } = read(
    `${HEADS}\tSettles`,
    '3 Feb 2027\tOrder\tA-1\tAbbey School\tLarge pot\t5\t9\t\t',
    '4 Feb 2027\tSales invoice\tA-1\tAbbey School\tLarge pot\t5\t9\t\t',
    '20 Feb 2027\tMoney from customer\t\tAbbey School\t\t\t\t45\tA-1',
  );
  expect(documents.at(-1)?.document.settles).toEqual([{ document: 'd2', amount: 4500 }]);
});
