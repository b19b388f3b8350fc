/** In whose words a name is; absent: in everybody’s. */
type Country = 'gb' | 'us';

/** A name of an account, made up, with its type: its place follows from that. */
export interface StockName {
  readonly id: string;
  readonly name: string;
  readonly type: string;
  readonly country: Country | null;
}

/**
 * Names of accounts by type, in the words of several trades: hire and guided tours, bookbinding, a plant nursery, a
 * bakery, a garage, a clinic for animals, a theatre, a language school, building, a club. `gb:` and `us:` mark the
 * words of one country.
 */
const NAMES: Readonly<Record<string, string>> = {
  bank: 'Bank, current account; Bank, wages account; Savings bank account, on call; us:Checking account; Bank, euro account',
  'cash-in-hand':
    'Till float; Ticket office cash; Petty cash box; us:Cash on hand; Cash at the market stall',
  'short-term-investment': 'Six-month deposit; Treasury bills; Money placed until autumn',
  'trade-receivables':
    'Owed by customers; School accounts unpaid; gb:Trade debtors; us:Accounts receivable; Invoices to hotels, unpaid; Pet owners’ unpaid bills; Builder’s invoices not yet paid; Tuition billed, not received',
  'allowance-doubtful-debts':
    'Allowance for doubtful debts; us:Allowance for uncollectible accounts; Customers’ debts likely to fail',
  'note-receivable':
    'gb:Bill receivable; us:Note receivable, customer; Customer’s written promise, due in May',
  'due-from-owner': 'Lent to the director; Director’s loan account, overdrawn',
  'sundry-receivable':
    'Staff advance; Insurance claim agreed; Owed for the sold trailer; Grant promised by the council, unpaid; Loan to an employee',
  inventory:
    'Shop stock; Loaves for sale; Cars for sale, garage; Seedlings for sale; Books for sale; Flour and yeast for baking; Spare parts for sale; gb:Stock of goods; us:Merchandise inventory; Medicines for sale; Kayaks for sale; Dog food for sale; Tyres for sale; Sheet music for sale; Boards for sale, builder’s yard',
  'goods-in-transit': 'Goods in transit; Saddles invoiced, still on the ship',
  'work-in-progress':
    'Books half bound; Kitchens being built, not finished; Unfinished orders; Play in rehearsal, costs so far',
  supplies:
    'Cleaning supplies on the shelf; Packing boxes not yet used; Printer paper in store; Bandages for the practice; Workshop rags and grease; us:Office supplies on hand; gb:Consumable stores; Stage paint in store; Diesel in the tank; Whiteboard pens in the cupboard; Fertiliser for own beds, in store',
  prepayment:
    'Rent paid ahead; Insurance paid until next June; Prepaid slipway rent; Advertising booked and paid for autumn; Software paid for twelve months, ten to come; us:Prepaid insurance; Unexpired insurance; Stall fees for next season, paid; Road tax paid ahead; Theatre hire paid for the spring; Trade journal paid for two years; Maintenance contract, months to come; Ferry season ticket, not used up; Annual licence paid in December, for next year; gb:Rates paid in advance; Deposit-free rent, last month paid ahead; Insurance, unused part; us:Prepaid rent; Web hosting paid for next year',
  'deposit-paid':
    'Rent deposit, to come back; Deposit on returnable crates; Deposit with the power company; Security deposit left with the landlord',
  'accrued-income':
    'Work done, not yet billed; Interest earned, not yet paid; Lessons given in May, to be invoiced; Rent earned, not yet received; gb:Accrued income; us:Accrued revenue',
  'tax-recoverable': 'Sales tax to come back; Tax paid too much, refund due',
  land: 'Nursery field; Ground under the boathouse; Car park plot',
  buildings: 'Boathouse; Glasshouse; Bakery building; us:Building; gb:Freehold premises',
  'plant-equipment':
    'Hire fleet; Board cutter; Bread ovens; Car lift; X-ray machine; Stage lights; Potting machine; gb:Plant and machinery; us:Equipment; Scaffolding; Coffee machine; Sewing frame; Irrigation system; Sound desk',
  vehicles: 'Delivery van; Van and trailer; Pick-up truck; gb:Motor vehicles; Bread van',
  'furniture-fittings':
    'Shop shelves; Reception desk; Theatre seats; Classroom desks; Counter and display case',
  computers: 'Booking computers; Till system; Laptops for teachers; Office computers',
  'accumulated-depreciation':
    'Accumulated depreciation, fleet; Depreciation of the ovens so far; gb:Depreciation to date, motor vehicles; us:Accumulated depreciation, equipment; Van: cost used up to date; Provision for depreciation, fittings; Cost of the seats used up so far; Glasshouse, depreciation of all years; Scaffolding: wear up to date',
  intangible:
    'Web shop; Patent on a paddle; Licence for ten years; Rights to a play, five years; Goodwill bought',
  'accumulated-amortisation':
    'Amortisation of the web shop so far; Accumulated amortisation, licence',
  'long-term-investment': 'Shares held for years; Five-year bond; Stake in a supplier, to be kept',
  'trade-payables':
    'Owed to suppliers; gb:Trade creditors; us:Accounts payable; Unpaid bills for flour; Paper mill’s invoices, unpaid; Owed to the seed merchant; Vet supplier’s bill, unpaid; Petrol card supplier’s invoice, unpaid',
  'goods-received-not-invoiced': 'Goods in, invoice to come; Delivery of compost, not billed yet',
  'bank-overdraft': 'Bank overdraft; Current account below zero',
  'note-payable':
    'gb:Bill payable; us:Note payable, supplier; Our written promise, due in four months',
  'card-payable': 'Business credit card, owed; us:Credit card payable',
  'accrued-expense':
    'Electricity used, not yet billed; Interest owed for the quarter; Audit fee for this year, not billed; Telephone used in December, bill to come; gb:Accruals; us:Accrued liabilities; Rent owed for March; Gas used in winter, bill not come; Water used, not billed; Cleaning done, invoice to come; Lawyer’s work done, bill to come; Commission owed to agents',
  'wages-payable':
    'Wages owed for the last week; us:Salaries payable; Payroll tax owed; Holiday pay owed; Overtime earned, paid next month; Wages of December, paid in January; Bonus granted, not yet paid',
  'sales-tax':
    'Sales tax collected; gb:Value added tax owed; us:Sales tax payable; Tax charged to customers, to pass on',
  'income-tax-payable':
    'Tax on this year’s profit, unpaid; gb:Corporation tax owed; us:Income tax payable',
  'deferred-income':
    'Season passes paid ahead; Gift vouchers sold, not used; Course fees received for autumn; Theatre subscriptions, plays to come; Customers’ deposits on orders; us:Unearned fees; gb:Deferred income; Money for rides not yet given; Annual club fees received ahead; Workshop places paid for May; Advance payments from customers; us:Unearned revenue; Tuition received before term; Tour money received, tours in June; Rent received ahead; gb:Fees received in advance; Weddings booked and paid; Grooming vouchers outstanding; Grant received for next year’s work',
  'deposits-held':
    'Key deposits to give back; Crate deposits from customers; Tenants’ security deposits held; Bottle deposits owed',
  'dividends-payable': 'Dividend granted, not yet paid; us:Dividends payable',
  'current-provision': 'Refunds expected this spring; Repairs under guarantee, due within a year',
  'sundry-payable': 'Owed to a neighbour; Owed for the new oven; Union fees withheld, to pass on',
  'lease-within-year': 'Van lease, this year’s part; Oven lease, due within twelve months',
  'loan-within-year':
    'Loan, due within a year; Next twelve months’ loan instalments; us:Current portion of long-term debt; Mortgage, this year’s part',
  'long-term-loan':
    'Boathouse loan; Mortgage on the bakery; us:Mortgage payable; Loan from a relative, due in five years; gb:Debentures; Bank loan, due after next year; Loan for the glasshouse, last payment in 2034; Member’s loan to the club, ten years',
  lease: 'Van lease, later years; Lease of the car lift, after a year',
  provision: 'Clearing the field at the lease’s end; Guarantee repairs, later years',
  'share-capital': 'Share capital; us:Common stock; gb:Ordinary share capital',
  'share-premium': 'Share premium; us:Paid-in capital above par',
  'owner-capital':
    'Capital, owner; Money the owner put in; Capital of partner A; Van brought in by the owner, capital; Owner’s savings paid in; Capital of partner B',
  'partner-current': 'Current account, partner; Partner’s share of profits not drawn',
  drawings:
    'Drawings; Taken home by the owner; Owner’s private rent, paid by the shop; us:Withdrawals, owner; Owner’s holiday paid from the bank; Bread taken home; Owner’s living money, monthly; Owner’s birthday party, paid by the firm; Plants for the owner’s garden; Owner’s income tax, paid by the shop',
  dividends: 'Dividends granted; Interim dividend of the year',
  'own-shares': 'Own shares bought back; us:Treasury stock',
  'revaluation-reserve': 'Field written up; Revaluation reserve',
  reserve: 'Repair reserve out of profits; Reserve for a new boathouse',
  'retained-earnings':
    'Profits kept from earlier years; us:Retained earnings; gb:Retained profit; Accumulated profits',
  'income-summary': 'Income summary; us:Income summary at the year’s end',
  'goods-sales':
    'Shop sales; Bread sold; Plants sold; Car sales; Books sold; Sales of feed; us:Sales revenue; gb:Sales; Kayaks sold; Coffee and cake sold',
  'service-fees':
    'Kayak hire; Guided tours; Binding work for customers; Lessons given; Ticket sales, plays performed; Treatments; Repair work for customers; us:Fees earned; Garden planning; Consultations given; Bookbinding courses held; Rides given',
  'donations-grants': 'Donations received; Council grant; Gifts from members',
  'returns-given':
    'Refunds given; gb:Returns inwards; us:Sales returns; Discounts allowed to customers; Price cut for late bread',
  purchases:
    'Purchases of plants for resale; Purchases; Books bought for resale, periodic; us:Purchases of merchandise',
  'carriage-in': 'Carriage in; gb:Carriage inwards; us:Freight in; Ferry charges on goods bought',
  'returns-taken':
    'Sent back to suppliers; gb:Returns outwards; us:Purchase returns; Discounts received from suppliers',
  'stock-change': 'Stock change over the year; Fall in stock',
  'cost-of-goods-sold':
    'Cost of goods sold; gb:Cost of sales; Cost of the plants sold; Cost of the cars sold',
  'direct-labour':
    'Guides’ fees; Bakers’ wages; Binders’ wages; Actors’ pay per performance; Bricklayers’ wages on jobs',
  'other-direct-cost':
    'Glue and thread used in books; Launch fees per tour; Firewood for the ovens, by batch',
  staff:
    'Office wages; Shop assistant’s pay; us:Salaries expense; Manager’s salary; Employer’s contributions; Staff training; Wages of the month; Bonus to staff; Reception wages',
  premises:
    'Slipway rent for the quarter; us:Rent expense; Heating of the shop; Electricity used; Cleaning of the office; gb:Rent and rates; Rent of the month; Shop rent used up; Water and waste of the quarter; Hall hire for lessons given',
  'vehicle-running': 'Van fuel; gb:Petrol; us:Gasoline; Van service and tyres; Road tax used up',
  selling:
    'Leaflets handed out; Web advertising; Stand at the fair; Window posters; Commission to agents; Radio spots broadcast; Website adverts shown in May',
  'carriage-out':
    'Parcels to customers; gb:Carriage outwards; us:Delivery expense; Bread rounds by courier',
  office:
    'Telephone; Postage; Bank charges; Paper used in the office; us:Office supplies expense; Telephone of the month; Stamps used; Accounting software, this month',
  insurance:
    'Insurance for the period; us:Insurance expense; Insurance used up; Insurance, the months gone by; Vehicle insurance of the quarter; Theatre liability insurance, this year’s',
  repairs:
    'Fleet repairs; Mending the roof; Service of the ovens; New belt for the cutter; us:Repairs expense; Window pane replaced; Hull patched; Annual service of the lift',
  'professional-fees': 'Accountant’s fee; Lawyer’s letter; Adviser’s bill',
  'depreciation-charge':
    'Depreciation of the year; us:Depreciation expense; This year’s wear of the van; Wear of the fleet in the quarter; Ovens: this year’s share of their cost',
  'bad-debts':
    'Bad debts; us:Bad debts expense; Customers’ debts given up, loss of the year; Hotel bankrupt, its debt written off',
  'sundry-operating': 'Sundry expenses; Flowers and coffee; Small tools used up',
  'interest-received':
    'Interest earned on deposits; us:Interest revenue; Interest on a loan to staff',
  'gain-on-disposal':
    'Gain on the old van; gb:Profit on sale of fixed assets; us:Gain on sale of equipment',
  'sundry-income': 'Rent from the upstairs room; Commission received now and then; Scrap sold',
  'interest-paid':
    'Interest on the loan; us:Interest expense; Overdraft interest; Mortgage interest of the year; Card interest charged',
  'loss-on-disposal': 'Loss on the old oven; us:Loss on sale of equipment',
  'sundry-expense': 'Fine for late filing; Theft from the till',
  'income-tax': 'Tax on the profit of the year; gb:Corporation tax; us:Income tax expense',
};

const COUNTRY = /^(gb|us):/;

/** Every name of the stock, in the order of the types. */
export const STOCK: readonly StockName[] = Object.entries(NAMES).flatMap(([type, names]) =>
  names.split(';').map((written, i) => {
    const trimmed = written.trim();
    const country = (COUNTRY.exec(trimmed)?.[1] ?? null) as Country | null;
    return { id: `${type}-${i + 1}`, name: trimmed.replace(COUNTRY, ''), type, country };
  }),
);
