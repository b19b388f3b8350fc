import type { Amount } from '../../model/money/amount.js';
import { signOf, type Side } from '../../model/money/side.js';
import {
  normalSide,
  sectionOfType,
  sideOfClass,
  typeOf,
  type AccountType,
  type Scheme,
} from '../../model/scheme/scheme.js';
import type { AccountRow, AccountTable } from './read-accounts.js';

/** How a single column of amounts can be read; `class-side`: what takes off its class is written below zero. */
export const SIGN_CONVENTIONS = [
  'debit-positive',
  'credit-positive',
  'normal-side',
  'class-side',
] as const;
export type SignConvention = (typeof SIGN_CONVENTIONS)[number];

/** On which side an account normally stands, and on which its class. */
export interface Sides {
  readonly normal: Side;
  readonly ofClass: Side;
}

/** On which side a row’s account normally stands; null where that is not known. */
export type SideOf = (row: AccountRow) => Sides | null;

/** A way of reading a column of amounts, and how well it fits. */
export interface SettledSign {
  readonly sign: SignConvention;
  /** What the balances then add up to, debit positive: zero where they fit. */
  readonly apart: Amount;
  /** How many then stand on their unusual side. */
  readonly turned: number;
}

/** An amount by a convention, debit positive. */
export function amountBy(sign: SignConvention, row: AccountRow, sides: Sides | null): Amount {
  const amount = row.amount ?? 0;
  const by = {
    'debit-positive': 1,
    'credit-positive': -1,
    'normal-side': sides ? signOf(sides.normal) : 1,
    'class-side': sides ? signOf(sides.ofClass) : 1,
  };
  return amount * by[sign] || 0;
}

function reading(table: AccountTable, sideOf: SideOf, sign: SignConvention): SettledSign {
  let apart = 0;
  let turned = 0;
  for (const row of table.rows) {
    const sides = sideOf(row);
    const amount = amountBy(sign, row, sides);
    apart += amount;
    if (sides && amount * signOf(sides.normal) < 0) turned++;
  }
  return { sign, apart, turned };
}

/**
 * The sign of a single column of amounts, by arithmetic: the reading whose balances add up to zero and, among those,
 * the one by which most accounts stand on their normal side. Of two that fit alike, debits are positive. Amounts in two
 * columns, or with their side, need no settling.
 */
export function settledSign(table: AccountTable, sideOf: SideOf): SettledSign {
  const conventions = table.signed ? SIGN_CONVENTIONS : SIGN_CONVENTIONS.slice(0, 1);
  const readings = conventions.map((sign) => reading(table, sideOf, sign));
  const oddness = ({ apart, turned }: SettledSign) =>
    (apart === 0 ? 0 : table.rows.length + 1) + turned;
  const [first, ...others] = readings;
  return others.reduce(
    (best, each) => (oddness(each) < oddness(best) ? each : best),
    first as SettledSign,
  );
}

/** On which side accounts of a type stand, and what their class stands for. */
export const sidesOf = (scheme: Scheme, type: AccountType): Sides => ({
  normal: normalSide(scheme, type),
  ofClass: sideOfClass(sectionOfType(scheme, type.id)?.class ?? 'asset'),
});

/** The side that a row’s type has in a scheme. */
export const sideByType =
  (scheme: Scheme): SideOf =>
  ({ type }) => {
    const known = typeOf(scheme, type);
    return known ? sidesOf(scheme, known) : null;
  };

/** The sign as the types of the rows alone say it. */
export const proposeSign = (table: AccountTable, scheme: Scheme): SignConvention =>
  settledSign(table, sideByType(scheme)).sign;
