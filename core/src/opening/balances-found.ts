import type { Book } from '../book/book.js';
import { sectionOfAccount } from '../book/place.js';
import { takersOfProfit } from '../year/closing.js';
import { balancesOf, upTo } from '../ledger/balances.js';
import { rowsOf } from '../placing/places.js';
import { normalSide, statementOfClass, typeOf } from '../scheme/scheme.js';
import { signOf } from '../money/side.js';
import type { SignConvention } from '../table/book-from-table.js';
import type { AccountTable } from '../table/read-accounts.js';
import { resultName } from '../statement/spread-figures.js';
import { unclosedProfit } from '../statement/profit-on-sheet.js';
import { proposedGoing, type BalanceFound } from './openings-taken.js';
import { accountOf } from '../book/book.js';

const hasAmount = ({ amount }: { readonly amount: number | null }): boolean =>
  amount !== null && amount !== 0;

/** The type that a row's account has in the book, where one is recognised; else the one that the table says. */
function typesIn(book: Book, table: AccountTable): ReadonlyMap<number, string | null> {
  const rows = table.rows.map((row) => ({ ...row, amount: row.amount ?? 0 }));
  const going = proposedGoing(book, rows);
  return new Map(
    rows.map(({ row, type }) => [row, accountOf(book, going.get(row) ?? null)?.type ?? type]),
  );
}

const CONVENTIONS: readonly SignConvention[] = ['debit-positive', 'credit-positive', 'normal-side'];

/** A table's amounts by one convention, debit positive. */
function read(book: Book, table: AccountTable, sign: SignConvention): BalanceFound[] {
  const types = typesIn(book, table);
  return table.rows.filter(hasAmount).map(({ row, number, name, amount }) => {
    const type = types.get(row) ?? null;
    const known = typeOf(book.scheme, type);
    const side = known ? signOf(normalSide(book.scheme, known)) : 1;
    const by = { 'debit-positive': 1, 'credit-positive': -1, 'normal-side': side }[sign];
    return { row, number, name, type, amount: (table.signed ? by : 1) * (amount ?? 0) || 0 };
  });
}

/** How far a reading is from what balances are: apart from zero, and how many on their unusual side. */
function oddness(
  book: Book,
  found: readonly BalanceFound[],
): readonly [apart: number, turned: number] {
  let apart = 0;
  let turned = 0;
  for (const { amount, type } of found) {
    apart += amount;
    const known = typeOf(book.scheme, type);
    if (known && amount * signOf(normalSide(book.scheme, known)) < 0) turned++;
  }
  return [apart === 0 ? 0 : 1, turned];
}

/**
 * Which sign a single column of amounts has: the reading whose balances add up to zero and, among those, the one that
 * fits the sides of most accounts that were recognised. Of two that fit alike, debits are positive.
 */
export function signByArithmetic(book: Book, table: AccountTable): SignConvention {
  const readings = CONVENTIONS.map((sign) => ({
    sign,
    odd: oddness(book, read(book, table, sign)),
  }));
  const [best] = readings.sort((a, b) => a.odd[0] - b.odd[0] || a.odd[1] - b.odd[1]);
  return best?.sign ?? 'debit-positive';
}

/** The balances of a table that are to become opening balances, debit positive; rows without an amount are none. */
export const balancesInTable = (
  book: Book,
  table: AccountTable,
  sign: SignConvention = signByArithmetic(book, table),
): BalanceFound[] => read(book, table, sign);

/**
 * The closing balance sheet of a book at the end of a day as balances to open with: of assets, debts and equity; what
 * income and expenses hold, if they are not closed, as one balance on what takes the profit.
 */
export function closingBalances(book: Book, at: string): BalanceFound[] {
  const balances = balancesOf(book, upTo(at));
  const found = rowsOf(book).flatMap(({ account }, i): BalanceFound[] => {
    const section = sectionOfAccount(book, account);
    const isResult = section !== null && statementOfClass(section.class) === 'profit-and-loss';
    const amount = balances.get(account.id) ?? 0;
    const { number, name, type } = account;
    return isResult || amount === 0 ? [] : [{ row: i + 1, number, name, type, amount }];
  });
  const profit = unclosedProfit(book, at);
  const [taker] = takersOfProfit(book);
  if (profit === 0) return found;
  const same = found.find(({ name }) => name === taker?.name);
  if (same)
    return found.map((each) => (each === same ? { ...each, amount: each.amount - profit } : each));
  const { number = null, type = null } = taker ?? {};
  const name = taker?.name ?? resultName(book.scheme, profit);
  return [...found, { row: book.accounts.length + 1, number, name, type, amount: -profit }];
}
