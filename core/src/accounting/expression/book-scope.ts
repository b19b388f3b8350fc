import { Big } from 'big.js';
import { accountOf, openingOf, type Account, type Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { NOT_PLACED, sectionIdOf } from '../../model/book/place.js';
import { balancesOf, upTo } from '../ledger/balances.js';
import { minorDigits, type Amount } from '../../model/money/amount.js';
import type { Side } from '../../model/money/side.js';
import { normalSide, typeOf } from '../../model/scheme/scheme.js';
import { linesOfStatement } from '../statement/lines.js';
import type { Scope, Value } from './evaluate.js';

/** The period of which a book is asked where a formula names no day. */
export interface AskedPeriod {
  readonly from: string;
  readonly to: string;
}

const text = (value: Value | undefined): string | null =>
  typeof value === 'string' ? value : null;

/** Minor units as a decimal of major units. */
export const majorOf = (amount: Amount, digits: number): Big =>
  new Big(amount).div(new Big(10).pow(digits));

const isProfitLine = (book: Book, id: string): boolean =>
  linesOfStatement(book.scheme, 'profit-and-loss').some((line) => line.id === id);

/** A section, subtotal or total of a statement: at a day, or (profit and loss) for the period up to it. */
function lineFigure(book: Book, id: string, { from, to }: AskedPeriod): Amount | null {
  const isProfit = isProfitLine(book, id);
  const statement = isProfit ? 'profit-and-loss' : 'balance-sheet';
  const line = linesOfStatement(book.scheme, statement).find((each) => each.id === id);
  if (!line) return null;
  const posting = isProfit ? { from, to, closing: false, opening: true } : upTo(to);
  let sum = 0;
  for (const [account, amount] of balancesOf(book, posting)) {
    const known = accountOf(book, account);
    const section = known ? sectionIdOf(book, known) : NOT_PLACED;
    sum += amount * line.weigh(book.scheme, section);
  }
  return sum;
}

/** What a formula can ask a book. Amounts of accounts are positive on the account’s normal side. */
export function bookScope(book: Book, period: AskedPeriod): Scope {
  const digits = minorDigits(book.company.currency);
  const onSide = (id: string, amount: Amount | undefined): Big | null => {
    const account = accountOf(book, id);
    if (!account) return null;
    return majorOf((amount ?? 0) * (sideOf(book, account) === 'credit' ? -1 : 1), digits);
  };
  const at = (day: Value | undefined): string => text(day) ?? period.to;
  const asks: Record<string, (first: string, day?: Value) => Value | null> = {
    balance: (id, day) => onSide(id, balancesOf(book, upTo(at(day))).get(id)),
    opening: (id) => onSide(id, openingOf(book, id)),
    movement: (id) =>
      onSide(id, balancesOf(book, { ...period, closing: false, opening: false }).get(id)),
    total: (id, day) => {
      const figure = lineFigure(book, id, { from: period.from, to: at(day) });
      return figure === null ? null : majorOf(figure, digits);
    },
    amount: (id, account) => amountIn(book, id, { account: text(account), digits }),
    owed: (id, day) => owedBy(book, id, { day: at(day), digits }),
    side: (id) => {
      const account = accountOf(book, id);
      return account && sideOf(book, account);
    },
    date: (id) => book.entries.find((each) => each.id === id)?.date ?? null,
    named: (id) => accountOf(book, id)?.name ?? null,
  };
  const counts = countsOf(book, period.to, digits);
  return {
    name: () => null,
    call(name, args) {
      if (Object.hasOwn(counts, name) && args.length === 0) return counts[name]?.() ?? null;
      const first = text(args[0]);
      if (first === null || !Object.hasOwn(asks, name)) return null;
      return asks[name]?.(first, args[1]) ?? null;
    },
  };
}

/** Figures of the whole book, for which no name is needed. */
const countsOf = (book: Book, to: string, digits: number): Record<string, () => Value> => ({
  debits: () => majorOf(sumOfDebits(Object.values(book.opening.balances)), digits),
  trial: () => majorOf(sumOfDebits([...balancesOf(book, upTo(to)).values()]), digits),
  accounts: () => new Big(book.accounts.filter(({ retired }) => !retired).length),
  entries: () => new Big(book.entries.length),
});

/** What an entry moves on an account, without its side; null: it has no such entry, or account in it. */
function amountIn(
  { entries }: Book,
  id: string,
  { account, digits }: { readonly account: string | null; readonly digits: number },
): Big | null {
  const entry = entries.find((each) => each.id === id);
  const lines = entry?.lines.filter((line) => line.account === account) ?? [];
  if (lines.length === 0) return null;
  return majorOf(Math.abs(lines.reduce((sum, { amount }) => sum + amount, 0)), digits);
}

const sumOfDebits = (amounts: readonly Amount[]): Amount =>
  amounts.reduce((sum, amount) => sum + Math.max(0, amount), 0);

function owedBy(
  book: Book,
  party: string,
  { day, digits }: { readonly day: string; readonly digits: number },
): Big | null {
  const { parties, documents } = subledgersOf(book);
  const known = parties.find(({ id }) => id === party);
  if (!known) return null;
  const sign = known.kind === 'customer' ? 1 : -1;
  const control = new Set(
    book.accounts
      .filter((account) => /-control$/.test(roleOf(book, account.type)))
      .map(({ id }) => id),
  );
  const theirs = new Set(documents.filter((each) => each.party === party).map(({ id }) => id));
  const moved = book.entries
    .filter(({ document, date }) => document !== undefined && theirs.has(document) && date <= day)
    .flatMap(({ lines }) => lines)
    .filter(({ account }) => control.has(account))
    .reduce((sum, { amount }) => sum + amount, 0);
  return majorOf(known.opening + moved * sign, digits);
}

const sideOf = (book: Book, { type }: Account): Side => {
  const known = typeOf(book.scheme, type);
  return known ? normalSide(book.scheme, known) : 'debit';
};

const roleOf = (book: Book, type: string | null): string => typeOf(book.scheme, type)?.role ?? '';
