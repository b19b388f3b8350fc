import type { Amount } from '../../model/money/amount.js';
import { signOf, type Side } from '../../model/money/side.js';
import { normalSide, typeOf, type Scheme } from '../../model/scheme/scheme.js';
import type { AccountRow, AccountTable } from './read-accounts.js';

/** How a single column of amounts is to be read. */
export type SignConvention = 'debit-positive' | 'credit-positive' | 'normal-side';

/** On which side a row’s account normally stands; null where that is not known. */
export type SideOf = (row: AccountRow) => Side | null;

/** A way of reading a column of amounts, and how well it fits. */
export interface SettledSign {
  readonly sign: SignConvention;
  /** What the balances then add up to, debit positive: zero where they fit. */
  readonly apart: Amount;
  /** How many then stand on their unusual side. */
  readonly turned: number;
}

/** An amount by a convention, debit positive. */
export function amountBy(sign: SignConvention, row: AccountRow, side: Side | null): Amount {
  const amount = row.amount ?? 0;
  const by = { 'debit-positive': 1, 'credit-positive': -1, 'normal-side': side ? signOf(side) : 1 };
  return amount * by[sign] || 0;
}

const CONVENTIONS: readonly SignConvention[] = ['debit-positive', 'credit-positive', 'normal-side'];

function reading(table: AccountTable, sideOf: SideOf, sign: SignConvention): SettledSign {
  let apart = 0;
  let turned = 0;
  for (const row of table.rows) {
    const side = sideOf(row);
    const amount = amountBy(sign, row, side);
    apart += amount;
    if (side && amount * signOf(side) < 0) turned++;
  }
  return { sign, apart, turned };
}

/**
 * The sign of a single column of amounts, by arithmetic: the reading whose balances add up to zero and, among those,
 * the one by which most accounts stand on their normal side. Of two that fit alike, debits are positive. Amounts in two
 * columns, or with their side, need no settling.
 */
export function settledSign(table: AccountTable, sideOf: SideOf): SettledSign {
  const conventions = table.signed ? CONVENTIONS : CONVENTIONS.slice(0, 1);
  const readings = conventions.map((sign) => reading(table, sideOf, sign));
  const oddness = ({ apart, turned }: SettledSign) =>
    (apart === 0 ? 0 : table.rows.length + 1) + turned;
  const [first, ...others] = readings;
  return others.reduce(
    (best, each) => (oddness(each) < oddness(best) ? each : best),
    first as SettledSign,
  );
}

/** The side that a row’s type has in a scheme. */
export const sideByType =
  (scheme: Scheme): SideOf =>
  ({ type }) => {
    const known = typeOf(scheme, type);
    return known ? normalSide(scheme, known) : null;
  };

/** The sign as the types of the rows alone say it. */
export const proposeSign = (table: AccountTable, scheme: Scheme): SignConvention =>
  settledSign(table, sideByType(scheme)).sign;
