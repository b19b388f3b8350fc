/** A side of a mix-up: types by id, or all types of sections. */
export interface MixUpSide {
  readonly types?: readonly string[];
  readonly sections?: readonly string[];
}

/** Two things that are taken for each other, and the sentence that tells them apart. */
export interface MixUp {
  readonly id: string;
  readonly one: MixUpSide;
  readonly other: MixUpSide;
  readonly says: string;
}

const types = (...ids: string[]): MixUpSide => ({ types: ids });
const sections = (...ids: string[]): MixUpSide => ({ sections: ids });

const EXPENSE = sections('operating-expenses', 'cost-of-sales', 'other-expenses');
const REVENUE = sections('revenue', 'other-income');
const FIXED = types('plant-equipment', 'vehicles', 'furniture-fittings', 'computers', 'buildings');
const DEBT = sections('current-liabilities', 'non-current-liabilities');
const LOANS = types('long-term-loan', 'loan-within-year');

/** What beginners take for what; the more exact ones first. */
export const MIX_UPS: readonly MixUp[] = [
  {
    id: 'accumulated-or-charge',
    one: types('accumulated-depreciation'),
    other: types('depreciation-charge'),
    says: 'One gathers all years on the balance sheet; the other is this year’s only.',
  },
  {
    id: 'accumulated-or-asset',
    one: types('accumulated-depreciation'),
    other: FIXED,
    says: 'Keep the cost whole; collect what is used up beside it.',
  },
  {
    id: 'accumulated-or-saved',
    one: types('accumulated-depreciation'),
    other: types('bank', 'reserve', 'short-term-investment'),
    says: 'Nothing was put aside; a cost was spread.',
  },
  {
    id: 'allowance-or-provision',
    one: types('allowance-doubtful-debts'),
    other: types('provision', 'current-provision'),
    says: 'One lowers an asset you have; the other is something you owe.',
  },
  {
    id: 'accumulated-or-debt',
    one: types('accumulated-depreciation'),
    other: DEBT,
    says: 'A credit balance that nobody is owed is no debt.',
  },
  {
    id: 'allowance-or-bad-debts',
    one: types('allowance-doubtful-debts'),
    other: types('bad-debts'),
    says: 'The allowance stands; the expense is what it moved by.',
  },
  {
    id: 'drawings-or-wages',
    one: types('drawings'),
    other: types('staff', 'wages-payable'),
    says: 'The owner takes profit; only staff earn wages.',
  },
  {
    id: 'drawings-or-expense',
    one: types('drawings'),
    other: EXPENSE,
    says: 'Whose benefit is it: the owner’s home or the business?',
  },
  {
    id: 'dividends-or-expense',
    one: types('dividends'),
    other: EXPENSE,
    says: 'It is a share of profit, not a cost of making it.',
  },
  {
    id: 'capital-or-income',
    one: types('share-capital', 'owner-capital'),
    other: REVENUE,
    says: 'Owners give money; customers earn you income.',
  },
  { id: 'loan-or-income', one: LOANS, other: REVENUE, says: 'What must go back was never earned.' },
  {
    id: 'repayment-or-expense',
    one: LOANS,
    other: EXPENSE,
    says: 'Returning what you borrowed costs nothing; interest does.',
  },
  {
    id: 'current-or-long-term',
    one: types('loan-within-year'),
    other: types('long-term-loan'),
    says: 'Ask what falls due within twelve months, not when it was signed.',
  },
  {
    id: 'accrued-or-deferred-income',
    one: types('accrued-income'),
    other: types('deferred-income'),
    says: 'Earned and unpaid is an asset; paid and unearned is a debt.',
  },
  {
    id: 'accrual-or-prepayment',
    one: types('accrued-expense', 'wages-payable'),
    other: types('prepayment'),
    says: 'Accrued is used before paying; prepaid is paid before using.',
  },
  {
    id: 'deposit-or-deferred-income',
    one: types('deposits-held'),
    other: types('deferred-income'),
    says: 'Must it go back, or will it be delivered?',
  },
  {
    id: 'prepayment-or-expense',
    one: types('prepayment'),
    other: EXPENSE,
    says: 'Unused at the date is an asset; only the used part is an expense.',
  },
  {
    id: 'deferred-income-or-revenue',
    one: types('deferred-income'),
    other: REVENUE,
    says: 'Money comes first; revenue waits until you deliver.',
  },
  {
    id: 'accrual-or-expense',
    one: types('accrued-expense', 'wages-payable'),
    other: EXPENSE,
    says: 'You owe for what you have used, invoice or not.',
  },
  {
    id: 'inventory-or-supplies',
    one: types('inventory'),
    other: types('supplies'),
    says: 'Would you sell it, or use it?',
  },
  {
    id: 'inventory-or-equipment',
    one: types('inventory'),
    other: FIXED,
    says: 'What waits to be sold is stock; what serves you is equipment.',
  },
  {
    id: 'inventory-or-cost-of-sales',
    one: types('inventory'),
    other: types('cost-of-goods-sold'),
    says: 'On the shelf is an asset; out of the door is a cost.',
  },
  {
    id: 'purchases-or-inventory',
    one: types('purchases'),
    other: types('inventory'),
    says: 'Periodic books wait for the count; perpetual ones move stock each time.',
  },
  {
    id: 'repair-or-improvement',
    one: types('repairs'),
    other: FIXED,
    says: 'Restoring is an expense; adding life or power is an asset.',
  },
  {
    id: 'equipment-or-expense',
    one: FIXED,
    other: EXPENSE,
    says: 'Ask how long it serves, not how much it cost.',
  },
  {
    id: 'carriage-in-or-out',
    one: types('carriage-in'),
    other: types('carriage-out', 'selling'),
    says: 'Towards you it is part of the goods; away from you it is selling.',
  },
  {
    id: 'sales-tax-or-revenue',
    one: types('sales-tax'),
    other: REVENUE,
    says: 'You collect it; the tax office owns it.',
  },
  {
    id: 'sales-tax-or-income-tax',
    one: types('sales-tax'),
    other: types('income-tax', 'income-tax-payable'),
    says: 'One is on what customers pay, the other on what you profit.',
  },
  {
    id: 'tax-charge-or-payable',
    one: types('income-tax-payable'),
    other: types('income-tax'),
    says: 'One is what of it is still owed; the other is this period’s cost.',
  },
  {
    id: 'trade-or-other-receivable',
    one: types('trade-receivables'),
    other: types('sundry-receivable'),
    says: 'Did it arise from a sale?',
  },
  {
    id: 'returns-given-or-taken',
    one: types('returns-given'),
    other: types('returns-taken'),
    says: 'Who sent it back: your customer, or you?',
  },
  {
    id: 'returns-or-expense',
    one: types('returns-given'),
    other: EXPENSE,
    says: 'Undoing a sale lowers revenue.',
  },
  {
    id: 'gain-or-sales',
    one: types('gain-on-disposal'),
    other: types('goods-sales', 'service-fees'),
    says: 'Only what you normally sell is revenue.',
  },
  {
    id: 'receivable-or-revenue',
    one: types('trade-receivables'),
    other: REVENUE,
    says: 'Profit says what was earned; a receivable says what of it has not been paid yet.',
  },
  {
    id: 'payable-or-expense',
    one: types('trade-payables'),
    other: EXPENSE,
    says: 'The expense is what was used; the payable is what of it is still owed.',
  },
  {
    id: 'cost-of-sales-or-operating',
    one: sections('cost-of-sales'),
    other: sections('operating-expenses'),
    says: 'Would this cost exist without this sale?',
  },
];

/** Where two places can be defended: what is so placed is never planted as a fault. */
export const JUDGEMENT_CALLS: readonly (readonly [one: string, other: string])[] = [
  ['depreciation-charge', 'other-direct-cost'],
  ['staff', 'direct-labour'],
  ['selling', 'office'],
  ['premises', 'other-direct-cost'],
  ['carriage-out', 'other-direct-cost'],
  ['carriage-out', 'selling'],
  ['returns-given', 'sundry-operating'],
  ['returns-given', 'selling'],
  ['returns-taken', 'sundry-income'],
  ['gain-on-disposal', 'sundry-income'],
  ['grants', 'sundry-income'],
  ['supplies', 'sundry-operating'],
  ['supplies', 'office'],
];
