import fc from 'fast-check';
import {
  apply,
  trialBalance,
  type Book,
  type Document,
  type Item,
  type Operation,
  type Party,
} from '../src/index.js';
import { proposedAssignment } from '../src/accounting/document/proposed-assignment.js';
import { acct, book } from './builder.js';

const LINE = { item: null, quantity: null, price: null, account: null, amount: null };

/** So many of an item, at a price for one; quantities as people say them. */
export const of = (item: string, quantity: number, price: number | null = null) => ({
  ...LINE,
  item,
  quantity: Math.round(quantity * 1000),
  price,
});

/** An amount on an account. */
export const on = (account: string, amount: number) => ({ ...LINE, account, amount });

/** A document from its id, kind and day, and what else it says. */
export const paper = (
  id: string,
  kind: Document['kind'],
  rest: Partial<Document> = {},
): Document => ({
  id,
  kind,
  date: '2027-02-01',
  reference: '',
  text: '',
  party: null,
  money: null,
  to: null,
  amount: null,
  discount: 0,
  lines: [],
  settles: [],
  ...rest,
});

export const party = (id: string, kind: Party['kind'], rest: Partial<Party> = {}): Party => ({
  id,
  kind,
  name: id,
  account: null,
  opening: 0,
  ...rest,
});

export const item = (id: string, rest: Partial<Item> = {}): Item => ({
  id,
  name: id,
  unit: '',
  price: 2000,
  cost: 1000,
  incomeAccount: 'sales',
  costAccount: 'cost',
  stockAccount: 'stock',
  openingQuantity: 0,
  openingValue: 0,
  ...rest,
});

/** The book after a change; throws with the reasons where it is refused. */
export function after(before: Book, ...operations: Operation[]): Book {
  return operations.reduce((at, operation) => {
    const applied = apply(at, operation);
    if (!applied.ok) throw new Error(applied.refusals.map(({ says }) => says).join(' '));
    return applied.value.book;
  }, before);
}

export const withPapers = (before: Book, ...documents: Document[]): Book =>
  after(before, ...documents.map((document): Operation => ({ kind: 'put-document', document })));

/** A dealer in boats and paddles, with two customers and two suppliers, nothing happened yet. */
export function dealer(inventory: 'perpetual' | 'periodic' = 'perpetual'): Book {
  const bare = book(
    [
      acct('bank', 'bank'),
      acct('till', 'cash-in-hand'),
      acct('debtors', 'trade-receivables'),
      acct('stock', 'inventory'),
      acct('transit', 'goods-in-transit'),
      acct('creditors', 'trade-payables'),
      acct('unbilled', 'goods-received-not-invoiced'),
      acct('capital', 'share-capital'),
      acct('kept', 'retained-earnings'),
      acct('sales', 'goods-sales'),
      acct('returns', 'returns-given'),
      acct('cost', inventory === 'periodic' ? 'purchases' : 'cost-of-goods-sold'),
      acct('taken', 'returns-taken'),
      acct('change', 'stock-change'),
      acct('rent', 'premises'),
    ],
    { bank: 1_000_000, capital: -1_000_000 },
  );
  return after(
    bare,
    { kind: 'change-posting', posting: proposedAssignment(bare), inventory },
    { kind: 'put-party', party: party('ann', 'customer') },
    { kind: 'put-party', party: party('bob', 'customer') },
    { kind: 'put-party', party: party('mill', 'supplier') },
    { kind: 'put-party', party: party('yard', 'supplier') },
    { kind: 'put-item', item: item('boat') },
    { kind: 'put-item', item: item('paddle') },
  );
}

const day = fc.integer({ min: 1, max: 28 }).map((n) => `2027-02-${String(n).padStart(2, '0')}`);
const amount = fc.integer({ min: 1, max: 50_000 });
const customer = fc.constantFrom('ann', 'bob');
const supplier = fc.constantFrom('mill', 'yard');
const itemLine = fc
  .tuple(fc.constantFrom('boat', 'paddle'), fc.integer({ min: 1000, max: 9000 }), amount)
  .map(([id, quantity, price]) => ({ ...of(id, 0, price), quantity }));
const itemLines = fc.array(itemLine, { minLength: 1, maxLength: 2 });

/** Any sensible document, without an id. */
const anyPaper: fc.Arbitrary<Document> = fc.oneof(
  fc.tuple(supplier, itemLines).map(([who, lines]) => paper('', 'goods-in', { party: who, lines })),
  fc
    .tuple(customer, itemLines)
    .map(([who, lines]) => paper('', 'goods-out', { party: who, lines })),
  fc
    .tuple(supplier, itemLines)
    .map(([who, lines]) => paper('', 'supplier-invoice', { party: who, lines })),
  fc
    .tuple(customer, itemLines)
    .map(([who, lines]) => paper('', 'customer-invoice', { party: who, lines })),
  fc
    .tuple(supplier, amount)
    .map(([who, paid]) =>
      paper('', 'supplier-payment', { party: who, money: 'bank', amount: paid, discount: 7 }),
    ),
  fc
    .tuple(customer, amount)
    .map(([who, paid]) =>
      paper('', 'customer-payment', { party: who, money: 'till', amount: paid, discount: 5 }),
    ),
  fc
    .tuple(fc.oneof(customer, supplier), itemLines)
    .map(([who, lines]) => paper('', 'credit-note', { party: who, lines })),
  amount.map((paid) => paper('', 'money-out', { money: 'bank', lines: [on('rent', paid)] })),
  amount.map((moved) => paper('', 'transfer', { money: 'bank', to: 'till', amount: moved })),
  fc
    .tuple(fc.constantFrom('boat', 'paddle'), fc.nat(9000))
    .map(([id, quantity]) => paper('', 'stock-count', { lines: [{ ...of(id, 0), quantity }] })),
);

/** What happened in a month, in the order in which it was recorded. */
export const anyPapers: fc.Arbitrary<Document[]> = fc
  .array(fc.tuple(anyPaper, day), { maxLength: 12 })
  .map((all) => all.map(([each, date], i) => ({ ...each, id: `d${i}`, date })));

/** The last day of the year in which all of it happens. */
export const END = '2027-12-31';

/** What each account stands at when the year ends, debit positive. */
export const balances = (of_: Book): Record<string, number> =>
  Object.fromEntries(
    trialBalance(of_, END).lines.map((line) => [line.account.id, line.debit - line.credit]),
  );

export const put = (document: Document): Operation => ({ kind: 'put-document', document });

/** The codes of the reasons for which a change is refused: to an author, or to a student whose entries stay as they are. */
export function refusalsTo(of_: Book, operation: Operation, student = false): string[] {
  const rules = student ? ({ by: 'student', entriesMayChange: false } as const) : undefined;
  const applied = apply(of_, operation, rules);
  return applied.ok ? [] : applied.refusals.map(({ code }) => code);
}
