import type { Book } from '../../model/book/book.js';
import { sectionOfAccount } from '../../model/book/place.js';
import { takersOfProfit } from '../../accounting/year/closing.js';
import { balancesOf, upTo } from '../../accounting/ledger/balances.js';
import { rowsOf } from '../../model/placing/places.js';
import { statementOfClass, typeOf } from '../../model/scheme/scheme.js';
import { amountBy, settledSign, sidesOf, type SideOf, type SignConvention } from './sign.js';
import type { AccountTable } from './read-accounts.js';
import { resultName } from '../../accounting/statement/spread-figures.js';
import { unclosedProfit } from '../../accounting/statement/profit-on-sheet.js';
import { proposedGoing, type BalanceFound } from '../../changes/opening/openings-taken.js';
import { accountOf } from '../../model/book/book.js';

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

/** The side of a row's account, by the account of the book that it is recognised as. */
function sidesIn(book: Book, table: AccountTable): SideOf {
  const types = typesIn(book, table);
  return ({ row }) => {
    const known = typeOf(book.scheme, types.get(row) ?? null);
    return known ? sidesOf(book.scheme, known) : null;
  };
}

/** A table's amounts by one convention, debit positive. */
function read(book: Book, table: AccountTable, sign: SignConvention): BalanceFound[] {
  const types = typesIn(book, table);
  const sideOf = sidesIn(book, table);
  const by = table.signed ? sign : 'debit-positive';
  return table.rows.filter(hasAmount).map((row) => ({
    row: row.row,
    number: row.number,
    name: row.name,
    type: types.get(row.row) ?? null,
    amount: amountBy(by, row, sideOf(row)),
  }));
}

/** Which sign a single column of amounts has, decided by arithmetic and by the accounts that are recognised. */
export const signByArithmetic = (book: Book, table: AccountTable): SignConvention =>
  settledSign(table, sidesIn(book, table)).sign;

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
