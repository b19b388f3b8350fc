/** A rule of the trade that an entry went against: in a few words what was done, and the rule. */
interface Principle {
  readonly fault: string;
  readonly says: string;
}

const LIST = {
  'repair-as-asset': {
    fault: 'A repair recorded as an asset',
    says: 'A repair only brings a thing back to what it was, so it is a cost of the period. The asset stays at what was paid for it.',
  },
  'asset-as-expense': {
    fault: 'An asset recorded as an expense',
    says: 'What serves for years, or makes a thing better or last longer, is an asset: it is charged bit by bit as depreciation, not at once.',
  },
  'instalment-as-interest': {
    fault: 'The whole instalment recorded as interest',
    says: 'An instalment pays back part of the loan and pays interest. What is paid back lowers the debt and costs nothing; only the interest is an expense.',
  },
  'interest-as-repayment': {
    fault: 'Interest recorded as repayment',
    says: 'Interest is the price of borrowing for the time gone by: an expense. Only what is paid back lowers the loan.',
  },
  'tax-in-sale': {
    fault: 'Sales tax left in the sale',
    says: 'The tax on a sale is collected for the tax office and owed to it. Revenue is the price without the tax.',
  },
  'tax-in-purchase': {
    fault: 'Tax left in the purchase',
    says: 'The tax paid to a supplier comes back from the tax office: it lowers what is owed to it. The cost is the price without the tax.',
  },
  'discount-as-income': {
    fault: 'A discount taken recorded as income of its own',
    says: 'A discount makes what was bought cheaper. Here it lowers its cost; nothing was sold, so nothing was earned.',
  },
  'discount-as-cost': {
    fault: 'A discount taken recorded as a lower cost',
    says: 'Here a discount for paying early counts as income of its own: the goods cost what their invoice said.',
  },
  'discount-given': {
    fault: 'A discount given recorded elsewhere',
    says: 'What customers are let off takes back part of the sale: it stands with revenue and lowers it.',
  },
  'written-off-twice': {
    fault: 'A debt written off, charged again',
    says: 'The loss was charged when the allowance was made. Writing the debt off uses the allowance up, and costs nothing more.',
  },
  'written-off-allowance': {
    fault: 'A loss taken from the allowance',
    says: 'Nothing was allowed for this debt beforehand, so the loss is charged now, as an expense.',
  },
  'prepaid-as-expense': {
    fault: 'What is paid ahead recorded as an expense',
    says: 'What is not used up by the end of the period is still there: it is an asset (paid ahead). Only what has been used up is an expense.',
  },
  'used-as-prepaid': {
    fault: 'What is used up recorded as paid ahead',
    says: 'What has been used up is no longer there: it is an expense. Only what is left belongs with what is paid ahead.',
  },
  'received-as-earned': {
    fault: 'Money received ahead recorded as revenue',
    says: 'The customer has paid, and has not got anything yet: that is owed. It becomes revenue when it is given.',
  },
  'earned-as-received': {
    fault: 'Revenue recorded as received ahead',
    says: 'It has been given to the customer, so it is earned: it is revenue, and no longer owed.',
  },
  'drawings-as-wages': {
    fault: 'Drawings recorded as wages',
    says: 'The owner is not employed: what an owner takes out is a share of the profit taken early. It lowers equity and is no expense.',
  },
  'drawings-as-expense': {
    fault: 'Drawings recorded as an expense',
    says: 'What serves the owner’s private life is no cost of the business: it is taken out, and lowers equity.',
  },
  'expense-as-drawings': {
    fault: 'An expense recorded as drawings',
    says: 'It was used up by the business, not by its owner: it is an expense.',
  },
  'owner-as-income': {
    fault: 'The owner’s money recorded as income',
    says: 'What owners put in was not earned: nobody bought anything. It raises equity.',
  },
  'loan-as-income': {
    fault: 'Borrowed money recorded as income',
    says: 'What must be paid back was not earned: it is a debt.',
  },
  'dividend-as-expense': {
    fault: 'A dividend recorded as an expense',
    says: 'A dividend shares out profit that was made already. It lowers equity and is no cost.',
  },
  'asset-sale-as-revenue': {
    fault: 'The sale of an asset recorded as revenue',
    says: 'Only what the business usually sells is revenue. When an asset is sold, its cost and its depreciation to date leave the books; what it brought above or below the rest is the gain or the loss.',
  },
  'proceeds-as-gain': {
    fault: 'The whole price of a sold asset recorded as gain',
    says: 'The asset leaves the books with its cost and its depreciation to date. Only what it brought above that rest is a gain.',
  },
  'cost-of-sale-forgotten': {
    fault: 'The cost of the sale forgotten',
    says: 'Where stock is kept with each movement, a sale is two things: what it earns, and what the goods that left had cost. The goods leave inventory and become cost of goods sold.',
  },
  'stock-as-purchases': {
    fault: 'Goods for stock recorded as purchases',
    says: 'In these books stock moves each time: what is bought goes to inventory at once.',
  },
  'purchases-as-stock': {
    fault: 'Purchases recorded in stock',
    says: 'In these books stock is counted at the end of the period: what is bought is gathered under purchases until then.',
  },
  'depreciation-on-asset': {
    fault: 'Depreciation taken from the asset itself',
    says: 'The asset stays at what it cost, for as long as it is there; what has been used up gathers beside it.',
  },
  'accrual-paid-twice': {
    fault: 'What was owed charged a second time when it was paid',
    says: 'The expense was charged when it was used. Paying it now makes the debt smaller, and costs nothing more.',
  },
  'supplier-paid-as-cost': {
    fault: 'The payment of a supplier charged a second time',
    says: 'The cost was recorded with the invoice. Paying it settles what is owed to the supplier.',
  },
  'customer-paid-as-sale': {
    fault: 'Money from a customer recorded as another sale',
    says: 'The sale was recorded with the invoice. The money settles what the customer owes.',
  },
  'turned-round': {
    fault: 'Debit and credit turned round',
    says: 'What the business receives or uses up is debited; where it comes from is credited.',
  },
  'digits-exchanged': {
    fault: 'Digits of an amount exchanged',
    says: 'The amounts differ by a number that divides by nine: so it is when two digits change places.',
  },
  'nought-too-many': {
    fault: 'A nought too many',
    says: 'The amount is ten times what it should be.',
  },
  'nought-too-few': {
    fault: 'A nought too few',
    says: 'The amount is a tenth of what it should be.',
  },
  'half-of-bill': {
    fault: 'Only one part of a split bill recorded',
    says: 'The bill is for more than one thing: each part goes to its account, and together they are what is paid or owed.',
  },
} as const satisfies Readonly<Record<string, Principle>>;

export type PrincipleId = keyof typeof LIST;

/** A principle by what was kept of it; null for one that is no more. */
export const principleById = (id: string | undefined): Principle | null =>
  id !== undefined && Object.hasOwn(LIST, id) ? LIST[id as PrincipleId] : null;
