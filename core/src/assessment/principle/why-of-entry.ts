import {
  isAccrued,
  isAccumulated,
  isCharge,
  isCostOfSale,
  isExpense,
  isFixed,
  isGain,
  isIncome,
  isInterest,
  isLoan,
  isMoney,
  isPurchase,
  isPutIn,
  isRevenue,
  ofType,
  type IsKind,
  type KindOfAccount,
} from './kind-of-account.js';

/** What an entry moves: what it debits, and what it credits. */
interface MovedKinds {
  readonly debits: readonly KindOfAccount[];
  readonly credits: readonly KindOfAccount[];
}

type Row = readonly [debit: IsKind, credit: IsKind, says: string];

const anything: IsKind = () => true;
const isPrepaid = ofType('prepayment');
const isDeferred = ofType('deferred-income');
const isCustomers = ofType('trade-receivables');
const isSuppliers = ofType('trade-payables', 'goods-received-not-invoiced');
const isAllowance = ofType('allowance-doubtful-debts');

/** Why what happened makes this entry; the more exact ones first. */
const ROWS: readonly Row[] = [
  [
    isAccumulated,
    isFixed,
    'An asset that is sold leaves the books with its cost and its depreciation to date; the rest against the price is the gain or the loss.',
  ],
  [
    isMoney,
    isGain,
    'An asset that is sold leaves the books; what it brought above its book value is the gain.',
  ],
  [
    isCharge,
    isAccumulated,
    'The asset wears out as it is used: the part for this period is an expense, and gathers beside the asset, whose cost stays whole.',
  ],
  [
    isExpense,
    isPrepaid,
    'What was paid ahead has been used up in part: that part leaves the asset and becomes an expense of the period.',
  ],
  [
    isPrepaid,
    anything,
    'What is paid for and not used up yet is still there: an asset, until it is used.',
  ],
  [
    isDeferred,
    isIncome,
    'What customers had paid ahead has been given to them: it is earned, and no longer owed.',
  ],
  [
    anything,
    isDeferred,
    'The money is there, and what it was paid for is still to be given: that is owed.',
  ],
  [
    isExpense,
    isAccrued,
    'It was used in this period and is not paid yet: it is an expense now, and owed.',
  ],
  [
    isAccrued,
    isMoney,
    'What was owed is paid: the debt gets smaller, and nothing is charged again.',
  ],
  [
    ofType('accrued-income'),
    isIncome,
    'It is earned in this period, though it is neither billed nor paid: it is income now, and an asset.',
  ],
  [
    isAllowance,
    isCustomers,
    'The debt is hopeless: it leaves the customer’s account and uses up the allowance that was made for it.',
  ],
  [
    ofType('bad-debts'),
    isAllowance,
    'Part of what customers owe will probably never come: the allowance lowers the asset, and what it rises by is a cost.',
  ],
  [
    ofType('bad-debts'),
    isCustomers,
    'The debt is hopeless: it leaves the customer’s account and is a cost of the period.',
  ],
  [
    isCostOfSale,
    ofType('inventory'),
    'The goods that were sold have left: what they cost leaves inventory and is the cost of the sale.',
  ],
  [
    ofType('stock-change', 'inventory'),
    ofType('stock-change', 'inventory'),
    'Stock was counted: the books follow the count, and the change belongs to the cost of what was sold.',
  ],
  [
    ofType('dividends'),
    anything,
    'Profit is shared out: equity gets smaller from the day on which it is decided.',
  ],
  [
    ofType('drawings'),
    anything,
    'The owner takes money or goods for private life: equity gets smaller, and nothing is charged.',
  ],
  [
    anything,
    isPutIn,
    'The owners put something in: the business has more, and the owners’ share rises by as much.',
  ],
  [isMoney, isLoan, 'Money comes in that must be paid back: it is there, and it is owed.'],
  [isLoan, isMoney, 'What is paid back lowers the debt; only the interest in it is an expense.'],
  [
    isInterest,
    anything,
    'Interest is the price of borrowing for the time gone by: an expense, whether it is paid or still owed.',
  ],
  [
    ofType('income-tax'),
    anything,
    'Tax on the profit belongs to the period whose profit it is; until it is paid, it is owed.',
  ],
  [
    ofType('sales-tax'),
    isMoney,
    'The tax collected for the tax office is passed on to it: what is owed gets smaller.',
  ],
  [isMoney, isCustomers, 'The sale was recorded before; the money settles what the customer owes.'],
  [
    isSuppliers,
    isMoney,
    'The cost was recorded before; the payment settles what is owed to the supplier.',
  ],
  [
    ofType('returns-given'),
    anything,
    'What customers send back or are let off takes back part of the sale.',
  ],
  [
    isSuppliers,
    ofType('returns-taken', 'inventory', 'purchases'),
    'What goes back to the supplier, or is let off, makes the purchase smaller, and the debt.',
  ],
  [
    isCustomers,
    isRevenue,
    'It is sold and not paid yet: it is earned now, and the customer owes it.',
  ],
  [isMoney, isRevenue, 'It is sold and paid at once: money comes in, and it is earned.'],
  [isPurchase, isSuppliers, 'Goods are bought and not paid yet: they are there, and owed for.'],
  [isPurchase, isMoney, 'Goods are bought and paid at once.'],
  [isFixed, anything, 'It is bought to be used for years: an asset, charged bit by bit later on.'],
  [
    isExpense,
    isSuppliers,
    'It is used up in this period and billed: an expense now, and owed until it is paid.',
  ],
  [isExpense, isMoney, 'It is used up in this period and paid: an expense, and less money.'],
  [
    isMoney,
    isMoney,
    'Money moves from one place of the business to another: nothing is earned, and nothing used up.',
  ],
];

/** Why an entry is as it is, for somebody who does not know; empty: nothing that has a rule of its own. */
export function whyOfEntry({ debits, credits }: MovedKinds): string {
  const found = ROWS.find(([isDebit, isCredit]) => debits.some(isDebit) && credits.some(isCredit));
  return found?.[2] ?? '';
}
