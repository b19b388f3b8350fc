import type { Subledgers } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import type { AssignmentPurpose } from '../../model/shapes/subledgers.js';
import type { Document, DocumentKind, DocumentLine } from '../../model/shapes/document.js';
import type { Line } from '../../model/shapes/entry.js';
import type { Item } from '../../model/shapes/item.js';
import type { Party } from '../../model/shapes/party.js';
import type { TaxRule } from '../../model/shapes/tax-rule.js';
import { POSTING_NAMES } from './assignment-names.js';
import { taxed, type Taxed } from './document-tax.js';
import { lineWorth, type StockCourse } from './stock.js';

const noAssignment = refusal(
  'document.no-posting',
  (f: { purpose: string }) =>
    `No account stands for “${f.purpose}” yet. Choose one, or set one up, under Accounts used.`,
);
const noItemAccount = refusal(
  'document.no-item-account',
  (f: { item: string; what: string }) =>
    `“${f.item}” has no account for its ${f.what}. Choose one in the list of items.`,
);

const noTaxAccount = refusal(
  'document.no-tax-account',
  (f: { code: string }) =>
    `No account takes the tax of the code “${f.code}” yet. Choose one under Tax.`,
);

type ItemAccount = 'incomeAccount' | 'costAccount' | 'stockAccount';

const ITEM_ACCOUNT_NAMES: Readonly<Record<ItemAccount, string>> = {
  incomeAccount: 'income',
  costAccount: 'cost',
  stockAccount: 'stock',
};

/** Sums by account, debits first, and why some could not be told. */
class Lines {
  readonly #sums = new Map<string, Amount>();
  readonly refusals: Refusal[] = [];

  constructor(
    private readonly subledgers: Subledgers,
    private readonly items: ReadonlyMap<string, Item>,
  ) {}

  add(account: string | null, amount: Amount): void {
    if (account !== null) this.#sums.set(account, (this.#sums.get(account) ?? 0) + amount);
  }

  post(purpose: AssignmentPurpose, amount: Amount): void {
    const account = this.subledgers.posting[purpose];
    if (account === null && amount !== 0)
      this.refusals.push(noAssignment({ purpose: POSTING_NAMES[purpose] }, 'kind'));
    this.add(account, amount);
  }

  /** What its party owes or is owed: on the party’s own account for it, else on the one of all. */
  owed(purpose: 'receivables' | 'payables', party: Party | undefined, amount: Amount): void {
    if (party?.control === undefined) this.post(purpose, amount);
    else this.add(party.control, amount);
  }

  item(id: string | null, which: ItemAccount, amount: Amount): void {
    const item = this.items.get(id ?? '');
    const account = item?.[which] ?? null;
    if (item && account === null && amount !== 0)
      this.refusals.push(
        noItemAccount({ item: item.name, what: ITEM_ACCOUNT_NAMES[which] }, 'lines'),
      );
    this.add(account, amount);
  }

  tax({ code, account }: TaxRule, amount: Amount): void {
    if (account === null && amount !== 0) this.refusals.push(noTaxAccount({ code }, 'lines'));
    this.add(account, amount);
  }

  all(): Line[] {
    const lines = [...this.#sums].map(([account, amount]) => ({ account, amount }));
    return [
      ...lines.filter(({ amount }) => amount > 0),
      ...lines.filter(({ amount }) => amount < 0),
    ];
  }
}

interface Making {
  /** Without the tax in its prices. */
  readonly document: Document;
  readonly taxes: Taxed['taxes'];
  /** What its lines come to with their tax, minor units. */
  readonly total: Amount;
  readonly party: Party | undefined;
  readonly subledgers: Subledgers;
  readonly stock: StockCourse;
  readonly lines: Lines;
}

/** The tax of each code that a document’s lines have. */
export const taxesOf = (document: Document, { taxes }: Pick<Subledgers, 'taxes'>) =>
  taxed(document, taxes, lineWorth).taxes;

const total = ({ net, taxes }: Taxed): Amount =>
  taxes.reduce(
    (sum, { tax }) => sum + tax,
    net.lines.reduce((sum, line) => sum + lineWorth(line), 0),
  );

const settled = ({ amount, discount }: Document): Amount => (amount ?? 0) + discount;

/** What a document moves of what its party owes or is owed, its tax with it, without its direction: minor units. */
export const worthOfDocument = (
  document: Document,
  { taxes }: Pick<Subledgers, 'taxes'>,
): Amount =>
  document.amount === null ? total(taxed(document, taxes, lineWorth)) : settled(document);

/** Each line: what is of an item by a way of its own, what is on an account onto it; and their tax. */
function each(
  { document, taxes, lines }: Making,
  ofItem: (line: DocumentLine) => void,
  sign: 1 | -1,
) {
  for (const line of document.lines)
    if (line.item !== null) ofItem(line);
    else lines.add(line.account, sign * lineWorth(line));
  for (const { rule, tax } of taxes) lines.tax(rule, sign * tax);
}

/** What the goods of a document move, at their cost: by the items’ own accounts, and those that stand between them and their invoices. */
function goods({ document, subledgers, stock, lines }: Making): void {
  const isPeriodic = subledgers.inventory === 'periodic';
  const isBack = document.kind === 'goods-in' || document.kind === 'credit-note';
  const hasReturns = isPeriodic && isBack && subledgers.posting.returnsTaken !== null;
  for (const [item, move] of stock.moves.get(document.id) ?? []) {
    if (hasReturns && move.stock < 0) lines.post('returnsTaken', move.stock);
    else lines.item(item, isPeriodic ? 'costAccount' : 'stockAccount', move.stock);
    lines.item(item, 'costAccount', move.cost);
    lines.post('goodsReceived', move.received);
    // Without an account of their own they stand on the other side of goods received.
    lines.post(
      subledgers.posting.goodsInvoiced === null ? 'goodsReceived' : 'goodsInvoiced',
      move.invoiced,
    );
    lines.post('priceDifference', move.difference);
  }
}

function counted(making: Making): void {
  const { document, subledgers, stock, lines } = making;
  if (subledgers.inventory === 'perpetual') return goods(making);
  for (const [item, { stock: change }] of stock.moves.get(document.id) ?? []) {
    lines.item(item, 'stockAccount', change);
    lines.post('stockChange', -change);
  }
}

function creditNote(making: Making): void {
  const { party, subledgers, lines } = making;
  if (party?.kind === 'supplier') {
    lines.owed('payables', party, making.total);
    goods(making);
    each(making, () => undefined, -1);
    return;
  }
  const asIncome = subledgers.posting.returnsGiven === null;
  each(
    making,
    (line) =>
      asIncome
        ? lines.item(line.item, 'incomeAccount', lineWorth(line))
        : lines.post('returnsGiven', lineWorth(line)),
    1,
  );
  lines.owed('receivables', party, -making.total);
}

/** What each kind debits (positive) and credits. */
const MAKES: Readonly<Record<DocumentKind, (making: Making) => void>> = {
  ordered: () => undefined,
  'goods-in': goods,
  'supplier-invoice': (making) => {
    goods(making);
    each(making, () => undefined, 1);
    making.lines.owed('payables', making.party, -making.total);
  },
  'supplier-payment': ({ document, party, lines }) => {
    lines.owed('payables', party, settled(document));
    lines.add(document.money, -(document.amount ?? 0));
    lines.post('discountTaken', -document.discount);
  },
  'goods-out': goods,
  'customer-invoice': (making) => {
    making.lines.owed('receivables', making.party, making.total);
    each(making, (line) => making.lines.item(line.item, 'incomeAccount', -lineWorth(line)), -1);
  },
  'customer-payment': ({ document, party, lines }) => {
    lines.add(document.money, document.amount ?? 0);
    lines.post('discountGiven', document.discount);
    lines.owed('receivables', party, -settled(document));
  },
  'credit-note': creditNote,
  'money-in': (making) => {
    making.lines.add(making.document.money, making.total);
    each(making, () => undefined, -1);
  },
  'money-out': (making) => {
    each(making, () => undefined, 1);
    making.lines.add(making.document.money, -making.total);
  },
  transfer: ({ document, lines }) => {
    lines.add(document.to, document.amount ?? 0);
    lines.add(document.money, -(document.amount ?? 0));
  },
  'stock-count': counted,
};

const itemIndexes = new WeakMap<readonly Item[], ReadonlyMap<string, Item>>();

function itemsById(items: readonly Item[]): ReadonlyMap<string, Item> {
  const known = itemIndexes.get(items) ?? new Map(items.map((item) => [item.id, item]));
  itemIndexes.set(items, known);
  return known;
}

/**
 * The lines of the entry that a document makes, debit positive, one an account; none where it moves nothing. Refused
 * where no account stands for what it needs.
 */
export function documentLines(
  document: Document,
  subledgers: Subledgers,
  stock: StockCourse,
): Result<readonly Line[]> {
  const lines = new Lines(subledgers, itemsById(subledgers.items));
  const party = subledgers.parties.find(({ id }) => id === document.party);
  const all = taxed(document, subledgers.taxes, lineWorth);
  const { net, taxes } = all;
  MAKES[document.kind]({
    ...{ document: net, taxes, total: total(all), party, subledgers, stock, lines },
  });
  return lines.refusals.length > 0 ? refused(...lines.refusals) : done(lines.all());
}
