import type { Account, Book } from '../../model/book/book.js';
import { addDays, type Period } from '../../model/day/calendar.js';
import { sectionIdOf, sectionOfAccount } from '../../model/book/place.js';
import { balancesOf, upTo, type PeriodFilter } from '../ledger/balances.js';
import type { Amount } from '../../model/money/amount.js';
import { typeOf } from '../../model/scheme/scheme.js';

/** How the cost of sales of a period comes about, minor units, costs positive. */
export interface CostOfSales {
  readonly opening: Amount;
  /** What came into stock by perpetual books: neither sold nor counted, but bought. */
  readonly bought: Amount;
  /** What came into stock or left it (below zero) otherwise: stolen, taken home, given, brought in by an owner. */
  readonly otherwise: Amount;
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
 * the section is its total, exactly, whatever the book.
 */
export function costOfSales(book: Book, period: Period): CostOfSales {
  const isStock = (account: Account) => typeOf(book.scheme, account.type)?.role === 'inventory';
  const sumOf = (filter: PeriodFilter, fits: (account: Account) => boolean) => {
    const balances = balancesOf(book, filter);
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
  const otherwise = movedOtherwise(book, period);
  const said = others.reduce((sum, { amount }) => sum + amount, 0) + otherwise;
  const bought = available - opening - said;
  return { opening, bought: bought || 0, otherwise, others, available, closing, total };
}

/** Against what stock moves that is neither bought, sent back nor sold: costs elsewhere, what owners take or bring, assets that last. */
function isOther(book: Book, account: Account): boolean {
  const section = sectionOfAccount(book, account);
  if (section === null || section.id === 'cost-of-sales') return false;
  return section.class === 'expense' || section.class === 'equity' || section.id === LASTING;
}

const LASTING = 'non-current-assets';

/** Debit positive: of each entry what of its stock no purchase and no cost of sales explains. */
function movedOtherwise(book: Book, period: Period): Amount {
  const accounts = new Map(book.accounts.map((account) => [account.id, account]));
  let otherwise = 0;
  for (const { lines } of entriesOf(book, period)) {
    const sumOf = (fits: (account: Account) => boolean) =>
      lines.reduce((sum, line) => {
        const account = accounts.get(line.account);
        return account && fits(account) ? sum + line.amount : sum;
      }, 0);
    const stock = sumOf((each) => typeOf(book.scheme, each.type)?.role === 'inventory');
    if (stock === 0) continue;
    const rest = stock + sumOf(({ type }) => CHANGE_OF_STOCK.has(type ?? ''));
    const against = -sumOf((each) => isOther(book, each));
    if (Math.sign(rest) === Math.sign(against))
      otherwise += Math.sign(rest) * Math.min(Math.abs(rest), Math.abs(against));
  }
  return otherwise;
}

const entriesOf = ({ entries }: Book, { from, to }: Period) =>
  entries.filter(
    ({ date, kind }) => date >= from && date <= to && kind !== 'closing' && kind !== 'opening',
  );
