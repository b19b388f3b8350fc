import {
  isAccrued,
  isAccumulated,
  isExpense,
  isFixed,
  isGain,
  isIncome,
  isInterest,
  isLoan,
  isOtherIncome,
  isPutIn,
  isRevenue,
  ofType,
  type IsKind,
  type KindOfAccount,
} from './kind-of-account.js';
import type { PrincipleId } from './principles.js';

/** What belongs on an account of one kind and was put on one of another; the side on which it belongs. */
interface Moved {
  readonly right: KindOfAccount;
  readonly taken: KindOfAccount;
  readonly side: 'debit' | 'credit';
}

type Row = readonly [id: PrincipleId, right: IsKind, taken: IsKind, side?: 'debit' | 'credit'];

const lowersCost = ofType('returns-taken', 'purchases', 'inventory', 'cost-of-goods-sold');
const isStaff = ofType('staff', 'wages-payable', 'direct-labour');
const isOwners = ofType('drawings');

/** The more exact ones first. */
const ROWS: readonly Row[] = [
  ['written-off-twice', ofType('allowance-doubtful-debts'), ofType('bad-debts'), 'debit'],
  ['written-off-allowance', ofType('bad-debts'), ofType('allowance-doubtful-debts'), 'debit'],
  ['depreciation-on-asset', isAccumulated, isFixed, 'credit'],
  ['stock-as-purchases', ofType('inventory'), ofType('purchases'), 'debit'],
  ['purchases-as-stock', ofType('purchases'), ofType('inventory'), 'debit'],
  ['instalment-as-interest', isLoan, isExpense, 'debit'],
  ['interest-as-repayment', isInterest, isLoan, 'debit'],
  ['tax-in-sale', ofType('sales-tax'), isIncome, 'credit'],
  ['tax-in-purchase', ofType('sales-tax', 'tax-recoverable'), takesCost, 'debit'],
  ['discount-as-income', lowersCost, isIncome, 'credit'],
  ['discount-as-cost', isOtherIncome, lowersCost, 'credit'],
  ['discount-given', ofType('returns-given'), isExpense, 'debit'],
  ['drawings-as-wages', isOwners, isStaff, 'debit'],
  ['drawings-as-expense', isOwners, isExpense, 'debit'],
  ['expense-as-drawings', isExpense, isOwners, 'debit'],
  ['dividend-as-expense', ofType('dividends', 'dividends-payable'), isExpense, 'debit'],
  ['prepaid-as-expense', ofType('prepayment'), isExpense, 'debit'],
  ['used-as-prepaid', isExpense, ofType('prepayment'), 'debit'],
  ['accrual-paid-twice', isAccrued, isExpense, 'debit'],
  ['supplier-paid-as-cost', ofType('trade-payables'), takesCost, 'debit'],
  ['customer-paid-as-sale', ofType('trade-receivables'), isRevenue, 'credit'],
  ['received-as-earned', ofType('deferred-income'), isIncome, 'credit'],
  ['earned-as-received', isRevenue, ofType('deferred-income'), 'credit'],
  ['owner-as-income', isPutIn, isIncome, 'credit'],
  ['loan-as-income', isLoan, isIncome, 'credit'],
  ['repair-as-asset', isExpense, isFixed, 'debit'],
  ['asset-as-expense', isFixed, isExpense, 'debit'],
  ['asset-sale-as-revenue', isFixed, isRevenue, 'credit'],
  ['asset-sale-as-revenue', isGain, isRevenue, 'credit'],
];

function takesCost(kind: KindOfAccount): boolean {
  return isExpense(kind) || isFixed(kind) || kind.type === 'inventory' || kind.type === 'supplies';
}

/** The principle that putting something there goes against; null where it is none of those that are known. */
export const principleOfMove = ({ right, taken, side }: Moved): PrincipleId | null =>
  ROWS.find(
    ([, isRight, isTaken, on = side]) => on === side && isRight(right) && isTaken(taken),
  )?.[0] ?? null;
