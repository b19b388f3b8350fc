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
  /** What the one is, and what the other is, in words for somebody who does not know. */
  readonly is: readonly [one: string, other: string];
  /** What tells them apart, in short. */
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
    is: [
      'gathers what has been used up in all years so far, and stands on the balance sheet beside the asset',
      'the part that is used up in this period alone, a cost in profit and loss',
    ],
    says: 'One gathers all years on the balance sheet; the other is this year’s only.',
  },
  {
    id: 'accumulated-or-asset',
    one: types('accumulated-depreciation'),
    other: FIXED,
    is: [
      'gathers beside the asset what of it has been used up so far',
      'stays at what was paid for it, for as long as it is there',
    ],
    says: 'Keep the cost whole; collect what is used up beside it.',
  },
  {
    id: 'accumulated-or-saved',
    one: types('accumulated-depreciation'),
    other: types('bank', 'reserve', 'short-term-investment'),
    is: [
      'says how much of an asset has been used up; no money lies there',
      'something that is really there, or was really put aside',
    ],
    says: 'Nothing was put aside; a cost was spread.',
  },
  {
    id: 'allowance-or-provision',
    one: types('allowance-doubtful-debts'),
    other: types('provision', 'current-provision'),
    is: [
      'lowers what customers owe you by what will probably never come',
      'something that you will have to pay to somebody, though it is not sure how much or when',
    ],
    says: 'One lowers an asset you have; the other is something you owe.',
  },
  {
    id: 'accumulated-or-debt',
    one: types('accumulated-depreciation'),
    other: DEBT,
    is: [
      'lowers an asset by what has been used up; nobody has to be paid',
      'somebody has to be paid, or something has to be delivered',
    ],
    says: 'A credit balance that nobody is owed is no debt.',
  },
  {
    id: 'allowance-or-bad-debts',
    one: types('allowance-doubtful-debts'),
    other: types('bad-debts'),
    is: [
      'stands on the balance sheet and lowers what customers owe',
      'the cost of this period: what the allowance rose by, or what was lost without one',
    ],
    says: 'The allowance stands; the expense is what it moved by.',
  },
  {
    id: 'drawings-or-wages',
    one: types('drawings'),
    other: types('staff', 'wages-payable'),
    is: [
      'what the owner takes out for private life: profit taken early',
      'the pay of people who work for the business',
    ],
    says: 'The owner takes profit; only staff earn wages.',
  },
  {
    id: 'drawings-or-expense',
    one: types('drawings'),
    other: EXPENSE,
    is: [
      'money or goods for the owner’s private life; it lowers the owner’s share',
      'something that the business itself has used up',
    ],
    says: 'Whose benefit is it: the owner’s home or the business?',
  },
  {
    id: 'dividends-or-expense',
    one: types('dividends'),
    other: EXPENSE,
    is: [
      'profit that is shared out after it was made; it lowers equity',
      'something that was used up in order to make the profit',
    ],
    says: 'It is a share of profit, not a cost of making it.',
  },
  {
    id: 'capital-or-income',
    one: types('share-capital', 'owner-capital'),
    other: REVENUE,
    is: [
      'money or things that owners put in; it is theirs and was never earned',
      'what customers or others paid for something that the business gave',
    ],
    says: 'Owners give money; customers earn you income.',
  },
  {
    id: 'loan-or-income',
    one: LOANS,
    other: REVENUE,
    is: [
      'money that must be paid back',
      'money or claims that were earned and stay in the business',
    ],
    says: 'What must go back was never earned.',
  },
  {
    id: 'repayment-or-expense',
    one: LOANS,
    other: EXPENSE,
    is: [
      'what is still to be paid back; paying it back makes it smaller and costs nothing',
      'something that was used up; of a loan only the interest is a cost',
    ],
    says: 'Returning what you borrowed costs nothing; interest does.',
  },
  {
    id: 'current-or-long-term',
    one: types('loan-within-year'),
    other: types('long-term-loan'),
    is: [
      'the part that has to be paid within twelve months',
      'the part that has to be paid later than that',
    ],
    says: 'Ask what falls due within twelve months, not when it was signed.',
  },
  {
    id: 'accrued-or-deferred-income',
    one: types('accrued-income'),
    other: types('deferred-income'),
    is: [
      'earned already, and the money is still to come: an asset',
      'the money is there already, and what it was paid for is still to be given: a debt',
    ],
    says: 'Earned and unpaid is an asset; paid and unearned is a debt.',
  },
  {
    id: 'accrual-or-prepayment',
    one: types('accrued-expense', 'wages-payable'),
    other: types('prepayment'),
    is: ['used already and not paid yet: a debt', 'paid already and not used yet: an asset'],
    says: 'Accrued is used before paying; prepaid is paid before using.',
  },
  {
    id: 'deposit-or-deferred-income',
    one: types('deposits-held'),
    other: types('deferred-income'),
    is: [
      'money that goes back to whoever left it',
      'money that is kept, for something still to be delivered',
    ],
    says: 'Must it go back, or will it be delivered?',
  },
  {
    id: 'prepayment-or-expense',
    one: types('prepayment'),
    other: EXPENSE,
    is: [
      'paid for and not used up yet, so it is still something the business has',
      'what has been used up by the day',
    ],
    says: 'Unused at the date is an asset; only the used part is an expense.',
  },
  {
    id: 'deferred-income-or-revenue',
    one: types('deferred-income'),
    other: REVENUE,
    is: [
      'paid by customers for something they have not got yet, so it is still owed to them',
      'earned, since it has been given',
    ],
    says: 'Money comes first; revenue waits until you deliver.',
  },
  {
    id: 'accrual-or-expense',
    one: types('accrued-expense', 'wages-payable'),
    other: EXPENSE,
    is: [
      'what is still to be paid for it at the day: a debt on the balance sheet',
      'the cost of what was used in the period, paid or not',
    ],
    says: 'You owe for what you have used, invoice or not.',
  },
  {
    id: 'inventory-or-supplies',
    one: types('inventory'),
    other: types('supplies'),
    is: ['things that are there to be sold', 'things that are there to be used'],
    says: 'Would you sell it, or use it?',
  },
  {
    id: 'inventory-or-equipment',
    one: types('inventory'),
    other: FIXED,
    is: ['things that are there to be sold', 'things that are kept and used for years'],
    says: 'What waits to be sold is stock; what serves you is equipment.',
  },
  {
    id: 'inventory-or-cost-of-sales',
    one: types('inventory'),
    other: types('cost-of-goods-sold'),
    is: ['goods that are still there at the day', 'the cost of goods that have been sold'],
    says: 'On the shelf is an asset; out of the door is a cost.',
  },
  {
    id: 'purchases-or-inventory',
    one: types('purchases'),
    other: types('inventory'),
    is: [
      'where goods bought are gathered until they are counted at the end of the period',
      'goods that are there at the day; where stock is kept with each movement, what is bought goes here at once',
    ],
    says: 'Periodic books wait for the count; perpetual ones move stock each time.',
  },
  {
    id: 'repair-or-improvement',
    one: types('repairs'),
    other: FIXED,
    is: [
      'brings a thing back to what it was: a cost of the period',
      'what was paid for the thing itself, and for whatever makes it better or last longer',
    ],
    says: 'Restoring is an expense; adding life or power is an asset.',
  },
  {
    id: 'equipment-or-expense',
    one: FIXED,
    other: EXPENSE,
    is: [
      'serves for years, so it is something that the business has',
      'is used up within the period',
    ],
    says: 'Ask how long it serves, not how much it cost.',
  },
  {
    id: 'carriage-in-or-out',
    one: types('carriage-in'),
    other: types('carriage-out', 'selling'),
    is: [
      'bringing goods to the business: part of what they cost',
      'bringing goods to customers: a cost of selling',
    ],
    says: 'Towards you it is part of the goods; away from you it is selling.',
  },
  {
    id: 'sales-tax-or-revenue',
    one: types('sales-tax'),
    other: REVENUE,
    is: [
      'collected from customers for the tax office, and owed to it',
      'what customers pay for the goods or the work, without the tax',
    ],
    says: 'You collect it; the tax office owns it.',
  },
  {
    id: 'sales-tax-or-income-tax',
    one: types('sales-tax'),
    other: types('income-tax', 'income-tax-payable'),
    is: [
      'a tax on what customers buy, passed on to the tax office',
      'a tax on the profit of the business itself',
    ],
    says: 'One is on what customers pay, the other on what you profit.',
  },
  {
    id: 'tax-charge-or-payable',
    one: types('income-tax-payable'),
    other: types('income-tax'),
    is: [
      'what of the tax is still to be paid at the day',
      'the tax on this period’s profit, paid or not',
    ],
    says: 'One is what of it is still owed; the other is this period’s cost.',
  },
  {
    id: 'trade-or-other-receivable',
    one: types('trade-receivables'),
    other: types('sundry-receivable'),
    is: [
      'owed by customers for what was sold to them',
      'owed by others, or for anything but a sale',
    ],
    says: 'Did it arise from a sale?',
  },
  {
    id: 'returns-given-or-taken',
    one: types('returns-given'),
    other: types('returns-taken'),
    is: [
      'what customers sent back, or were let off',
      'what you sent back to suppliers, or were let off',
    ],
    says: 'Who sent it back: your customer, or you?',
  },
  {
    id: 'returns-or-expense',
    one: types('returns-given'),
    other: EXPENSE,
    is: ['takes back part of a sale, so it lowers revenue', 'something that was used up'],
    says: 'Undoing a sale lowers revenue.',
  },
  {
    id: 'gain-or-sales',
    one: types('gain-on-disposal'),
    other: types('goods-sales', 'service-fees'),
    is: [
      'what a thing that you used brought above its book value when it was sold',
      'what is sold day by day, the whole price of it',
    ],
    says: 'Only what you normally sell is revenue.',
  },
  {
    id: 'receivable-or-revenue',
    one: types('trade-receivables'),
    other: REVENUE,
    is: [
      'what customers still have to pay at the day',
      'what was earned in the period, paid or not',
    ],
    says: 'Profit says what was earned; a receivable says what of it has not been paid yet.',
  },
  {
    id: 'payable-or-expense',
    one: types('trade-payables'),
    other: EXPENSE,
    is: [
      'what is still to be paid to suppliers at the day',
      'what was used up in the period, paid or not',
    ],
    says: 'The expense is what was used; the payable is what of it is still owed.',
  },
  {
    id: 'cost-of-sales-or-operating',
    one: sections('cost-of-sales'),
    other: sections('operating-expenses'),
    is: [
      'a cost that is there because of what was sold',
      'a cost of running the business, whether or not anything is sold',
    ],
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
