import type { AccountType, Activity, Role } from './scheme.js';

interface Traits {
  readonly contra?: true;
  readonly role?: Role;
  readonly flow?: Activity;
  readonly closes?: AccountType['closesInto'];
}

/**
 * One line of the catalogue. Facts: normal sides and sections follow double-entry convention (contra on
 * the other side from its class); the cash-flow activity follows the indirect method of IAS 7, where
 * depreciation and working capital are adjustments of the operating part.
 */
function type(section: string, flow: Activity, { row, common }: { readonly row: Row; readonly common: Traits }): AccountType {
  const [id, name, says, examples, own] = row;
  const traits: Traits = { ...common, ...own };
  return {
    id,
    name,
    section,
    contra: traits.contra ?? false,
    cashFlow: traits.flow ?? flow,
    role: traits.role ?? 'none',
    closesInto: traits.closes ?? 'nothing',
    says,
    examples: examples.split('; '),
  };
}

type Row = [id: string, name: string, says: string, examples: string, traits?: Traits];

const rows = (section: string, flow: Activity, { list, common = {} }: { readonly list: readonly Row[]; readonly common?: Traits | undefined }) =>
  list.map((row) => type(section, flow, { row, common }));

const contra: Traits = { contra: true };
const depreciation: Traits = { contra: true, role: 'accumulated-depreciation', flow: 'operating' };

const charge: Traits = { role: 'depreciation-charge' };

const CURRENT_ASSETS = rows('current-assets', 'operating', { list: [
  ['bank', 'Bank', 'Money at a bank that can be used at any time.', 'Bank, current account; Deposit account', { flow: 'cash', role: 'cash' }],
  ['cash-in-hand', 'Cash in hand', 'Notes and coins kept by the business.', 'Till float; Office cash', { flow: 'cash', role: 'cash' }],
  ['short-term-investment', 'Short-term investment', 'Money placed for less than a year, to earn on it.', 'Nine-month deposit; Treasury bills', { flow: 'investing' }],
  ['trade-receivables', 'Trade receivables', 'What customers owe for sales already made.', 'Trade receivables; School accounts', { role: 'receivables-control' }],
  ['allowance-doubtful-debts', 'Allowance for doubtful debts', 'What customers will probably not pay; it lowers the receivables.', 'Allowance for doubtful debts', contra],
  ['note-receivable', 'Note receivable', 'A written promise by which somebody owes to the business, at a set day, often with interest.', 'Note receivable'],
  ['due-from-owner', 'Due from owner or director', 'What an owner, partner or director owes to the business.', 'Director’s loan account', { flow: 'investing' }],
  ['sundry-receivable', 'Sundry receivable', 'What others than customers owe to the business.', 'Staff advance; Insurance claim'],
  ['inventory', 'Inventory', 'Goods held for sale, or to be made into goods for sale.', 'Shop stock; Paper and board', { role: 'inventory' }],
  ['goods-in-transit', 'Goods in transit', 'Goods that a supplier has invoiced and that are not here yet.', 'Goods in transit; Invoiced, on its way'],
  ['work-in-progress', 'Work in progress', 'Work begun for customers or for stock, and not finished yet.', 'Unfinished orders; Jobs in hand'],
  ['supplies', 'Supplies', 'Things kept for use in the business, not for sale.', 'Cleaning supplies; Packing boxes'],
  ['prepayment', 'Prepayment', 'Paid now, used up within a year. It becomes an expense month by month; until then the unused part is an asset.', 'Prepaid rent; Prepaid insurance'],
  ['deposit-paid', 'Deposit paid', 'Money left with somebody who must give it back.', 'Rent deposit paid; Deposit on crates'],
  ['accrued-income', 'Accrued income', 'Earned already, not yet invoiced.', 'Work done, not yet billed'],
  ['tax-recoverable', 'Tax recoverable', 'Tax that the tax office owes back.', 'Sales tax recoverable'],
  ['suspense', 'Suspense', 'Where a difference waits until it is explained; it must end at zero.', 'Suspense', { role: 'suspense' }],
] });

const NON_CURRENT_ASSETS = rows('non-current-assets', 'investing', { list: [
  ['land', 'Land', 'Ground that the business owns; it is not depreciated.', 'Nursery field'],
  ['buildings', 'Buildings', 'Buildings that the business owns and uses.', 'Boathouse; Glasshouse'],
  ['plant-equipment', 'Plant and equipment', 'Machines and equipment used for several years.', 'Hire fleet; Board cutter'],
  ['vehicles', 'Vehicles', 'Vans, cars and trailers used in the business.', 'Van and trailer'],
  ['furniture-fittings', 'Furniture and fittings', 'Furniture, shelves and fittings used for several years.', 'Shop shelves; Reception desk'],
  ['computers', 'Computers', 'Computers and other electronic equipment used for several years.', 'Booking computers'],
  ['accumulated-depreciation', 'Accumulated depreciation', 'The part of an asset’s cost that has been used up so far; it lowers the asset.', 'Accumulated depreciation, fleet', depreciation],
  ['intangible', 'Intangible asset', 'A right or other thing of lasting worth without a body.', 'Web shop; Patent'],
  ['accumulated-amortisation', 'Accumulated amortisation', 'The part of an intangible asset’s cost that has been used up so far.', 'Accumulated amortisation, web shop', depreciation],
  ['long-term-investment', 'Long-term investment', 'Money placed for more than a year.', 'Shares held; Five-year bond'],
] });

const CURRENT_LIABILITIES = rows('current-liabilities', 'operating', { list: [
  ['trade-payables', 'Trade payables', 'What the business owes its suppliers for purchases already made.', 'Trade payables', { role: 'payables-control' }],
  ['goods-received-not-invoiced', 'Goods received, not invoiced', 'Goods that have come in before the supplier’s invoice.', 'Goods received, not invoiced'],
  ['bank-overdraft', 'Bank overdraft', 'What is owed to a bank on a current account that went below zero.', 'Bank overdraft', { flow: 'cash', role: 'cash' }],
  ['note-payable', 'Note payable', 'A written promise by which the business owes, at a set day within a year, often with interest.', 'Note payable', { flow: 'financing' }],
  ['card-payable', 'Card payable', 'What has been spent by card and not yet been paid off.', 'Business card'],
  ['accrued-expense', 'Accrued expense', 'Used already, neither invoiced nor paid.', 'Electricity not yet billed'],
  ['wages-payable', 'Wages payable', 'Wages earned by staff and not yet paid.', 'Wages payable; Payroll tax payable'],
  ['sales-tax', 'Sales tax', 'Tax collected from customers, less tax paid to suppliers, owed to the tax office.', 'Sales tax payable'],
  ['income-tax-payable', 'Income tax payable', 'Tax on the profit, owed and not yet paid.', 'Income tax payable'],
  ['deferred-income', 'Deferred income', 'Money received for something not yet given; it becomes revenue when it is given.', 'Season passes paid ahead; Gift vouchers'],
  ['deposits-held', 'Deposits held', 'Money that must be given back to the one who left it.', 'Key deposits'],
  ['dividends-payable', 'Dividends payable', 'Dividends that were granted to shareholders and not yet paid.', 'Dividends payable', { flow: 'financing' }],
  ['current-provision', 'Provision, within a year', 'A duty that will be met within twelve months, its amount or day not yet known.', 'Refunds expected'],
  ['sundry-payable', 'Sundry payable', 'What the business owes to others than suppliers, staff and the tax office.', 'Owed to a neighbour'],
  ['lease-within-year', 'Lease due within a year', 'The part of a lease that must be paid within twelve months.', 'Van lease, due within a year', { flow: 'financing' }],
  ['loan-within-year', 'Loan due within a year', 'The part of a loan that must be repaid within twelve months.', 'Boathouse loan, due within a year', { flow: 'financing' }],
] });

const NON_CURRENT_LIABILITIES = rows('non-current-liabilities', 'financing', { list: [
  ['long-term-loan', 'Long-term loan', 'The part of a loan that is repaid after more than a year.', 'Boathouse loan'],
  ['lease', 'Lease', 'What is still owed for things used under a lease.', 'Van lease'],
  ['provision', 'Provision', 'A duty that is certain enough, its amount or day not yet known.', 'Warranty provision', { flow: 'operating' }],
] });

const EQUITY = rows('equity', 'financing', { list: [
  ['share-capital', 'Share capital', 'What shareholders paid in, at the shares’ nominal value.', 'Share capital'],
  ['share-premium', 'Share premium', 'What shareholders paid in above the nominal value.', 'Share premium'],
  ['owner-capital', 'Capital of owner or partner', 'What the owner or a partner has put into the business and left there.', 'Capital, owner; Capital, partner'],
  ['partner-current', 'Partner’s current account', 'A partner’s share of the profits, less what that partner has drawn.', 'Current account, partner'],
  ['drawings', 'Drawings', 'What the owner or a partner has taken out for private use; it lowers capital.', 'Drawings', { contra: true, closes: 'capital' }],
  ['dividends', 'Dividends', 'What was granted to shareholders out of the profit; the debit comes with the decision, not with the payment.', 'Dividends', { contra: true, closes: 'retained-earnings' }],
  ['own-shares', 'Own shares', 'The company’s own shares that it has bought back; they lower equity.', 'Own shares', contra],
  ['revaluation-reserve', 'Revaluation reserve', 'What land or buildings were written up by; nothing of it has been earned by selling.', 'Revaluation reserve'],
  ['reserve', 'Reserve', 'Profit set aside for a purpose.', 'Repair reserve'],
  ['retained-earnings', 'Retained earnings', 'Profits of earlier years that were kept in the business. A company has exactly one.', 'Retained earnings', { flow: 'none', role: 'retained-earnings' }],
  ['income-summary', 'Income summary', 'Where income and expenses are brought together at the year’s end, on their way into equity; it ends at zero.', 'Income summary', { flow: 'none', role: 'income-summary' }],
] });

const closes: Traits = { closes: 'retained-earnings' };

const REVENUE = rows('revenue', 'operating', { list: [
  ['goods-sales', 'Sales of goods', 'What customers are charged for goods.', 'Shop sales'],
  ['service-fees', 'Fees and services', 'What customers are charged for services.', 'Kayak hire; Guided tours'],
  ['donations-grants', 'Donations and grants', 'What was given to the business without a thing in return.', 'Donations; Council grant'],
  ['returns-given', 'Returns and discounts given', 'What was given back or let off to customers; it lowers revenue.', 'Refunds given', contra],
], common: closes });

const COST_OF_SALES = rows('cost-of-sales', 'operating', { list: [
  ['purchases', 'Purchases', 'Goods bought for sale in the period.', 'Purchases'],
  ['carriage-in', 'Carriage in', 'What it costs to bring bought goods in: part of what the goods cost, in perpetual books as well.', 'Carriage in'],
  ['returns-taken', 'Returns and discounts taken', 'What suppliers took back or let off; it lowers purchases.', 'Returns to suppliers', contra],
  ['stock-change', 'Stock change', 'The fall (debit) or rise (credit) of inventory over the period.', 'Stock change'],
  ['cost-of-goods-sold', 'Cost of goods sold', 'What the goods sold in the period had cost.', 'Cost of goods sold'],
  ['direct-labour', 'Direct labour', 'Pay for the work that goes straight into what is sold.', 'Guides’ fees; Binders’ wages'],
  ['other-direct-cost', 'Other direct cost', 'Another cost that goes straight into what is sold.', 'Glue and thread used'],
], common: closes });

const OPERATING_EXPENSES = rows('operating-expenses', 'operating', { list: [
  ['staff', 'Staff', 'Wages, salaries and what goes with them.', 'Wages; Employer’s contributions'],
  ['premises', 'Premises', 'Rent, heat, light and cleaning of the place of business.', 'Slipway rent; Electricity'],
  ['vehicle-running', 'Vehicle running', 'Fuel, tax and upkeep of vehicles.', 'Van fuel'],
  ['selling', 'Selling', 'Advertising and other costs of selling.', 'Leaflets; Web advertising'],
  ['carriage-out', 'Carriage out', 'What it costs to bring sold goods to customers.', 'Carriage out; Parcels to customers'],
  ['office', 'Office', 'Paper, telephone, post and bank charges.', 'Telephone; Bank charges'],
  ['insurance', 'Insurance', 'Insurance used up in the period.', 'Insurance'],
  ['repairs', 'Repairs', 'Keeping things in working order, without making them better.', 'Fleet repairs'],
  ['professional-fees', 'Professional fees', 'Accountants, lawyers and other advisers.', 'Accountant’s fee'],
  ['bad-debts', 'Bad debts', 'What customers will not pay, written off or allowed for in the period.', 'Bad debts'],
  ['depreciation-charge', 'Depreciation charge', 'The part of tangible assets’ cost used up in the period.', 'Depreciation, fleet', charge],
  ['amortisation-charge', 'Amortisation charge', 'The part of intangible assets’ cost used up in the period.', 'Amortisation, web shop', charge],
  ['sundry-operating', 'Sundry operating expense', 'Another cost of running the business.', 'Licences; Sundry expenses'],
], common: closes });

const REST = [
  ...rows('other-income', 'operating', { list: [
    ['interest-received', 'Interest earned', 'Interest for the time in which the business’s money stood with others, paid or not.', 'Interest earned'],
    ['dividends-received', 'Dividends earned', 'A share of another company’s profit, from the day on which it was granted.', 'Dividends earned'],
    ['gain-on-disposal', 'Gain on disposal', 'What a sold asset brought above its book value.', 'Gain on disposal', { flow: 'investing' }],
    ['sundry-income', 'Sundry income', 'Income outside the usual business.', 'Rent from the upper floor'],
  ], common: closes }),
  ...rows('other-expenses', 'operating', { list: [
    ['interest-paid', 'Interest charge', 'Interest on loans for the time that has gone by, paid or not.', 'Loan interest'],
    ['loss-on-disposal', 'Loss on disposal', 'What a sold asset brought below its book value.', 'Loss on disposal', { flow: 'investing' }],
    ['sundry-expense', 'Sundry expense', 'An expense outside the usual business.', 'Fine paid'],
  ], common: closes }),
  ...rows('income-tax', 'operating', { list: [
    ['income-tax', 'Income tax', 'Tax on the profit of the period.', 'Income tax'],
  ], common: closes }),
];

/** Every shipped account type, in the order in which a scheme shows them. */
export const CATALOGUE: readonly AccountType[] = [
  ...CURRENT_ASSETS,
  ...NON_CURRENT_ASSETS,
  ...CURRENT_LIABILITIES,
  ...NON_CURRENT_LIABILITIES,
  ...EQUITY,
  ...REVENUE,
  ...COST_OF_SALES,
  ...OPERATING_EXPENSES,
  ...REST,
];
