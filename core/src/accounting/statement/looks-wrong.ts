import { accountLabel, accountOf, type Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { inOrder, stockCourse } from '../document/stock.js';
import { balancesOf, upTo } from '../ledger/balances.js';
import { type Amount } from '../../model/money/amount.js';
import { allWhole, formatAmount, quantitySaid } from '../../model/money/format-amount.js';
import { proportion } from '../../model/money/quantity.js';
import { whoOwes } from '../party/who-owes.js';
import { typeOf } from '../../model/scheme/scheme.js';
import type { Document } from '../../model/shapes/document.js';
import { saidOn, writingOf } from '../../model/place/writing.js';

/** A figure that looks wrong and is right, and why. */
export interface LooksWrong {
  /** The account in whose place it is told. */
  readonly account: string;
  readonly title: string;
  readonly says: string;
  /** The document that puts an end to it, where there is one already. */
  readonly document: string | null;
}

interface Looking {
  readonly book: Book;
  readonly at: string;
  readonly balances: ReadonlyMap<string, Amount>;
  /** Documents that come later, where they are known. */
  readonly later: readonly Document[];
  money(amount: Amount): string;
}

/** How many of each item a customer got, less how many were invoiced. */
function notInvoiced(documents: readonly Document[]): Map<string, number> {
  const left = new Map<string, number>();
  for (const { kind, party, lines } of documents) {
    const sign = kind === 'goods-out' ? 1 : kind === 'customer-invoice' ? -1 : 0;
    if (sign === 0) continue;
    for (const { item, quantity } of lines)
      if (item !== null) {
        const key = JSON.stringify([party, item]);
        left.set(key, (left.get(key) ?? 0) + sign * (quantity ?? 0));
      }
  }
  return left;
}

/** Goods that left before their invoice: their cost stands without the sale. */
function costWithoutSale({ book, at, later, money }: Looking): LooksWrong[] {
  const subledgers = subledgersOf(book);
  if (subledgers.inventory === 'periodic') return [];
  const done = subledgers.documents.filter(({ date }) => date <= at);
  const isInvoiced = new Set(
    [...done, ...later].flatMap((each) => (each.kind === 'customer-invoice' ? [each.party] : [])),
  );
  const { moves } = stockCourse(subledgers, at);
  return [...notInvoiced(done)].flatMap(([key, quantity]) => {
    const [party, id] = JSON.parse(key) as [string, string];
    const item = subledgers.items.find((each) => each.id === id);
    // Whoever is never invoiced pays at once: there is nothing to wait for.
    if (quantity <= 0 || !item?.costAccount || !isInvoiced.has(party)) return [];
    const last = inOrder(done).findLast(
      (each) => each.kind === 'goods-out' && each.party === party && moves.get(each.id)?.has(id),
    );
    const sent = last?.lines.find((line) => line.item === id)?.quantity ?? 0;
    const cost =
      sent > 0 ? proportion(moves.get(last?.id ?? '')?.get(id)?.cost ?? 0, quantity, sent) : 0;
    const invoice = later.find((each) => each.kind === 'customer-invoice' && each.party === party);
    const follows = invoice
      ? `the invoice follows on ${saidOn(book, invoice.date)}`
      : 'its invoice is not written yet';
    const whose = subledgers.parties.find((each) => each.id === party)?.name ?? '';
    return {
      account: item.costAccount,
      title: 'A loss that is none',
      says: `${item.name} left for ${whose}${last ? ` on ${saidOn(book, last.date)}` : ''} and their cost, ${money(cost)}, went with them; ${follows}. Until then the books show the cost without the sale.`,
      document: invoice?.id ?? null,
    };
  });
}

/** Money that came, or went, before its invoice. */
function paidAhead({ book, at, money }: Looking): LooksWrong[] {
  const { posting } = subledgersOf(book);
  const of = (kind: 'customer' | 'supplier', account: string | null): LooksWrong[] =>
    whoOwes(book, kind, at).parties.flatMap(({ party, owed, open }) => {
      if (owed >= 0 || account === null) return [];
      const document = open.find((each) => each.open < 0)?.document ?? null;
      const amount = money(-owed);
      return {
        account,
        document,
        title: kind === 'customer' ? 'A customer in credit' : 'A supplier paid ahead',
        says:
          kind === 'customer'
            ? `${party.name} has paid ${amount} more than was invoiced; until an invoice follows we owe it to them.`
            : `${party.name} was paid ${amount} more than was invoiced; until an invoice follows they owe it to us.`,
      };
    });
  return [...of('customer', posting.receivables), ...of('supplier', posting.payables)];
}

/** An own account below zero. */
const overdrawn = ({ book, balances, money }: Looking): LooksWrong[] =>
  book.accounts.flatMap((account) => {
    const balance = balances.get(account.id) ?? 0;
    if (balance >= 0 || typeOf(book.scheme, account.type)?.role !== 'cash') return [];
    if (account.type === 'bank-overdraft') return [];
    return {
      account: account.id,
      title: 'Overdrawn',
      says: `More went out of “${accountLabel(account)}” than was there: ${money(-balance)} is owed to the bank until money comes in.`,
      document: null,
    };
  });

/** Goods whose invoice has not come, that were invoiced before they came, or went back and are not credited. */
const OWN_ACCOUNT = 'Under Accounts used they can have an account of their own, among the assets.';

function betweenGoodsAndInvoice({ book, at, balances, money }: Looking): LooksWrong[] {
  const { goodsReceived, goodsInvoiced } = subledgersOf(book).posting;
  const ahead = (amount: Amount) => ({
    title: 'Invoiced, not received',
    says: `Goods for ${money(amount)} were invoiced before they came: they are ours, on their way.`,
  });
  const isAhead = () =>
    goodsInvoiced === null &&
    stockCourse(subledgersOf(book), at).open.some(
      ({ is, quantity }) => is === 'invoiced' && quantity > 0,
    );
  const tell = (
    id: string | null,
    described: (balance: Amount) => Pick<LooksWrong, 'title' | 'says'>,
  ) => {
    const account = accountOf(book, id);
    const balance = account ? (balances.get(account.id) ?? 0) : 0;
    return account && balance !== 0
      ? [{ account: account.id, document: null, ...described(balance) }]
      : [];
  };
  return [
    ...tell(goodsReceived, (balance) =>
      balance < 0
        ? {
            title: 'Goods received, not invoiced',
            says: `Goods worth ${money(-balance)} are here, and their invoices are not: they are owed all the same.`,
          }
        : isAhead()
          ? { ...ahead(balance), says: `${ahead(balance).says} ${OWN_ACCOUNT}` }
          : {
              title: 'Sent back, not credited',
              says: `Goods worth ${money(balance)} went back, and the credit note has not come: they are owed to us until it does.`,
            },
    ),
    ...tell(goodsInvoiced, ahead),
  ];
}

/** Goods that left before they came: their cost is not known yet. */
function goodsShort({ book, at }: Looking): LooksWrong[] {
  const subledgers = subledgersOf(book);
  const { standing, beyond } = stockCourse(subledgers, at);
  return subledgers.items.flatMap(({ id, name, unit, stockAccount }) => {
    const { quantity = 0 } = standing.get(id) ?? {};
    if (quantity >= 0 || stockAccount === null) return [];
    const short =
      quantitySaid(-quantity, writingOf(book.company)) + (unit === '' ? '' : ` ${unit}`);
    return {
      account: stockAccount,
      title: 'More went out than came in',
      says: `${name}: ${short} short. Their cost is taken at what one cost last; it is put right when the goods come in.`,
      document: beyond.findLast(({ item }) => item === id)?.document ?? null,
    };
  });
}

/**
 * What looks wrong in a book at a day and is right, each with its reason. `whole`: the book with what comes later, from
 * which it is told what puts an end to it.
 */
export function looksWrong(book: Book, at: string, whole: Book = book): LooksWrong[] {
  const writing = writingOf(book.company);
  const known = new Set(
    subledgersOf(book).documents.flatMap(({ id, date }) => (date <= at ? [id] : [])),
  );
  const looking: Looking = {
    book,
    at,
    balances: balancesOf(book, upTo(at)),
    later: inOrder(subledgersOf(whole).documents).filter(({ id }) => !known.has(id)),
    money: (amount) =>
      formatAmount(amount, writing, allWhole([amount], writing.digits) ? 0 : writing.digits),
  };
  return [
    ...costWithoutSale(looking),
    ...paidAhead(looking),
    ...overdrawn(looking),
    ...betweenGoodsAndInvoice(looking),
    ...goodsShort(looking),
  ];
}
