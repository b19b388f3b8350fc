import type { Account, Book } from '../book/book.js';
import { addDays, type Period } from '../day/calendar.js';
import { sectionIdOf } from '../book/place.js';
import { balancesOf, upTo, type Posting } from '../ledger/balances.js';
import type { Amount } from '../money/amount.js';
import { typeOf } from '../scheme/scheme.js';

/** How the cost of sales of a period comes about, minor units, costs positive. */
export interface CostOfSales {
  readonly opening: Amount;
  /** What came into stock by perpetual books: neither sold nor counted, but bought. */
  readonly bought: Amount;
  /** Purchases, carriage, returns and direct costs: what stands in the section besides what left the stock. */
  readonly others: readonly { readonly account: Account; readonly amount: Amount }[];
  readonly available: Amount;
  readonly closing: Amount;
  readonly total: Amount;
}

/** What tells that stock has changed, rather than what was bought. */
const CHANGE_OF_STOCK: ReadonlySet<string> = new Set(['cost-of-goods-sold', 'stock-change']);

/**
 * The cost of sales of a period: what was in stock, what was bought, less what is left. What profit and loss shows of
 * the section is its total, exactly, whatever the book; where stock moved otherwise, that stands in what was bought.
 */
export function costOfSales(book: Book, period: Period): CostOfSales {
  const isStock = (account: Account) => typeOf(book.scheme, account.type)?.role === 'inventory';
  const sumOf = (posting: Posting, fits: (account: Account) => boolean) => {
    const balances = balancesOf(book, posting);
    return book.accounts
      .filter(fits)
      .reduce((sum, account) => sum + (balances.get(account.id) ?? 0), 0);
  };
  const opening = sumOf(upTo(addDays(period.from, -1)), isStock);
  const closing = sumOf(upTo(period.to), isStock);
  const moved = { ...period, closing: false, opening: true };
  const balances = balancesOf(book, moved);
  const section = book.accounts.filter((each) => sectionIdOf(book, each) === 'cost-of-sales');
  const amountOf = (account: Account) => balances.get(account.id) ?? 0;
  const total = section.reduce((sum, account) => sum + amountOf(account), 0);
  const others = section
    .filter(({ type }) => !CHANGE_OF_STOCK.has(type ?? ''))
    .map((account) => ({ account, amount: amountOf(account) }))
    .filter(({ amount }) => amount !== 0);
  const available = total + closing;
  const bought = available - opening - others.reduce((sum, { amount }) => sum + amount, 0);
  return { opening, bought: bought || 0, others, available, closing, total };
}
