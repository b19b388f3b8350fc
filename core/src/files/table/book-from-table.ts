import { type Account, type Book, type Company } from '../../model/book/book.js';
import { account, freeId, slugOf } from '../../model/book/new-book.js';
import type { Amount } from '../../model/money/amount.js';
import { numberKey } from '../../model/shapes/account-number.js';
import type { NumberPlan } from '../../model/numbering/number-plan.js';
import { sectionOfType, type Scheme } from '../../model/scheme/scheme.js';
import type { AccountRow, AccountTable } from './read-accounts.js';
import { withTaxLists } from './row-particulars.js';
import { amountBy, proposeSign, sideByType, type SideOf, type SignConvention } from './sign.js';

/** What a book made from a table has besides what the table says. */
export interface TableFrame {
  readonly company: Company;
  readonly scheme: Scheme;
  readonly numberPlan: NumberPlan | null;
  /** The day at whose end the balances stood. */
  readonly at: string;
  readonly sign?: SignConvention;
  /** On which side accounts stand, where that is known better than by their types. */
  readonly sideOf?: SideOf;
}

/**
 * A book from a table of accounts: its balances become opening balances at the frame's date. Indented and
 * named parents are kept where they share the child's section; a doubled number stays as the table has it.
 */
export function bookFromTable(table: AccountTable, frame: TableFrame): Book {
  const sign = table.signed ? (frame.sign ?? proposeSign(table, frame.scheme)) : 'debit-positive';
  const taken = new Set<string>();
  const balances: Record<string, Amount> = {};
  const accounts: Account[] = [];
  table.rows.forEach((row) => {
    const id = freeId(slugOf(row.name) || 'account', taken);
    taken.add(id);
    const amount = amountBy(sign, row, (frame.sideOf ?? sideByType(frame.scheme))(row));
    if (amount !== 0) balances[id] = amount;
    const { number, type, guessed, retired, particulars } = row;
    const said = { number, type, guessed, retired, ...particulars };
    accounts.push(account(id, row.name.slice(0, 120), said));
  });
  const placed = accounts.map((each, i) => ({
    ...each,
    parent: parentOf(i, table, { accounts, scheme: frame.scheme }),
  }));
  return {
    company: frame.company,
    scheme: frame.scheme,
    numberPlan: frame.numberPlan,
    ...withTaxLists(placed),
    opening: { date: frame.at, balances },
    entries: [],
  };
}

const MOST_LEVELS = 4;

function parentOf(
  i: number,
  table: AccountTable,
  { accounts, scheme }: Pick<Book, 'accounts' | 'scheme'>,
): string | null {
  const row = table.rows[i] as AccountRow;
  const own = accounts[i] as Account;
  const named = row.parentName === null ? null : findNamed(row.parentName, accounts, own);
  const above = named ?? indentedUnder(i, table, accounts);
  const same =
    above &&
    sectionOfType(scheme, above.type)?.id === sectionOfType(scheme, own.type)?.id &&
    levelsAbove(row, table) < MOST_LEVELS;
  return same ? above.id : null;
}

const levelsAbove = (row: AccountRow, table: AccountTable): number =>
  new Set(table.rows.filter((each) => each.depth < row.depth).map((each) => each.depth)).size;

function findNamed(name: string, accounts: readonly Account[], own: Account): Account | null {
  const key = numberKey(name);
  const at = accounts.indexOf(own);
  return (
    accounts
      .slice(0, at)
      .find((each) => numberKey(each.name) === key || numberKey(each.number ?? '') === key) ?? null
  );
}

function indentedUnder(
  i: number,
  table: AccountTable,
  accounts: readonly Account[],
): Account | null {
  const depth = table.rows[i]?.depth ?? 0;
  for (let j = i - 1; j >= 0; j--)
    if ((table.rows[j]?.depth ?? 0) < depth) return accounts[j] ?? null;
  return null;
}
