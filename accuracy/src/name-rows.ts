/** A type, the key’s name of an account, names that say the same, names that say something else. */
export type NameRow = readonly [
  type: string,
  key: string,
  honest: readonly string[],
  wrong: readonly string[],
];

const listOf = (text: string): string[] => text.split(';').map((each) => each.trim());

const rowsOf = (text: string): readonly NameRow[] =>
  text
    .trim()
    .split('\n')
    .map((line): NameRow => {
      const [type = '', key = '', honest = '', wrong = ''] = line
        .split('|')
        .map((each) => each.trim());
      return [type, key, listOf(honest), listOf(wrong)];
    });

/** What accounts are called by different people, written down from the trade, without a look at the program’s own lists. */
export const NAME_ROWS = rowsOf(`
bank | Bank, current account | Cash at bank; Checking account; River Bank a/c; Money at bank | Bank charges; Overdraft interest
cash-in-hand | Cash in hand | Till; Petty cash; Cash on hand; Cash box | Trade payables; Cash sales
trade-receivables | Trade receivables | Debtors; Accounts receivable; Customers; Sales ledger control; Due from customers | Trade payables; Creditors; Suppliers
allowance-doubtful-debts | Allowance for doubtful debts | Provision for bad and doubtful debts; Allowance for bad debts; Loss allowance, receivables; Doubtful accounts allowance | Bad debts; Irrecoverable debts written off
sundry-receivable | Staff loans | Loans to staff; Advances to employees; Due from employees | Loan from the bank; Wages payable
inventory | Inventory | Stock; Goods for resale; Merchandise; Shop stock | Cost of goods sold; Purchases
supplies | Cleaning supplies | Cleaning materials on hand; Supplies; Unused cleaning materials | Cleaning expense; Inventory
prepayment | Prepaid insurance | Insurance paid in advance; Unexpired insurance; Prepayments; Insurance prepayment | Insurance expense; Accrued insurance; Insurance payable
accrued-income | Interest receivable | Accrued interest income; Interest due to us; Accrued income; Interest earned, not received | Interest payable; Interest received in advance
land | Land | Freehold land; Site; Building plot | Rent; Land tax payable
buildings | Workshop building | Premises; Buildings; The workshop | Rent of workshop; Accumulated depreciation, building
plant-equipment | Equipment | Plant and machinery; Machines; Tools and equipment; Production equipment | Repairs to equipment; Accumulated depreciation, equipment; Hire of equipment
vehicles | Delivery van | Van; Motor vehicles; Vehicles at cost; Motor van | Van expenses; Accumulated depreciation, van; Depreciation of van
furniture-fittings | Shop fittings | Fixtures and fittings; Furniture; Shelves and counter | Rent of shop; Accumulated depreciation, fittings
accumulated-depreciation | Accumulated depreciation, van | Provision for depreciation, van; Van, depreciation to date; Acc. depn. van; Depreciation so far, van | Depreciation expense, van; Delivery van; Loss on disposal
trade-payables | Trade payables | Creditors; Accounts payable; Suppliers; Purchase ledger control; Due to suppliers | Trade receivables; Debtors; Purchases
accrued-expense | Accrued electricity | Electricity owing; Electricity payable; Accruals; Electricity due | Prepaid electricity; Electricity expense
wages-payable | Wages payable | Wages owed; Accrued wages; Salaries payable; Wages due to staff | Wages expense; Prepaid wages; Drawings
income-tax-payable | Income tax payable | Corporation tax payable; Tax due; Corporate tax liability; Taxation owing | Income tax expense; Prepaid tax
deferred-income | Passes paid in advance | Deferred income, passes; Unearned revenue; Season passes received ahead; Income received in advance; Deferred revenue | Pass sales; Accrued income; Passes receivable
deferred-income | Service plans sold | Service plans; Unearned service plans; Plans paid for, not yet served | Service revenue; Repairs
deposits-held | Hire deposits held | Deposits from customers; Refundable deposits; Deposits to be returned | Deposit paid to landlord; Hire income
long-term-loan | Bank loan | Loan from bank; Notes payable, long-term; Term loan; Borrowings; Loan payable | Interest on loan; Loan to director; Notes receivable
share-capital | Share capital | Ordinary shares; Common stock; Issued capital; Paid-in capital | Dividends; Retained earnings; Long-term investment
owner-capital | Capital, owner | Owner’s capital; Owner’s equity; Capital account; Capital introduced | Drawings; Bank loan; Retained earnings
drawings | Drawings | Owner’s draw; Withdrawals; Drawings, owner; Private drawings | Wages; Capital introduced; Staff salaries
dividends | Dividends | Dividends declared; Dividend for the year; Distributions to shareholders | Dividends received; Dividends payable; Interest paid
retained-earnings | Retained earnings | Retained profit; Accumulated profits; Profit and loss account; Earnings kept | Share capital; Dividends
goods-sales | Sales | Sales revenue; Turnover; Revenue from goods; Shop sales | Purchases; Sales returns; Cost of sales
service-fees | Repair fees | Fees earned; Service revenue; Income from repairs; Fees receivable | Repairs expense; Professional fees paid
returns-given | Sales returns | Returns inwards; Returns from customers; Goods returned by customers; Returns in | Returns outwards; Purchase returns
purchases | Purchases | Goods bought; Purchases of goods; Goods purchased for resale | Sales; Trade payables
carriage-in | Carriage inwards | Freight in; Delivery on purchases; Carriage in | Carriage outwards; Delivery to customers
returns-taken | Purchase returns | Returns outwards; Returns to suppliers; Goods sent back | Returns inwards; Sales returns
cost-of-goods-sold | Cost of goods sold | Cost of sales; COGS; Cost of inventory sold | Sales; Inventory
direct-labour | Production wages | Direct wages; Wages, workshop; Direct labor; Bakers’ wages | Wages payable; Drawings
staff | Wages | Salaries; Payroll; Staff wages; Wages and salaries; Employee pay | Wages payable; Rent; Drawings
premises | Rent | Rent expense; Rent of shop; Rent paid; Premises rent; Rent payable | Rent receivable; Prepaid rent; Rent income; Wages
vehicle-running | Van running costs | Fuel; Motor expenses; Petrol and repairs, van; Vehicle expenses | Delivery van; Depreciation, van
selling | Advertising | Marketing; Adverts; Promotion; Advertising costs | Wages; Sales
office | Telephone | Phone; Telephone and internet; Phone bills; Communication costs | Rent; Office furniture
insurance | Insurance | Insurance expense; Insurance used up; Insurance premiums; Cover for the year | Prepaid insurance; Insurance claim receivable
repairs | Repairs | Repairs and maintenance; Upkeep; Maintenance of equipment | Equipment; Repair fees earned
professional-fees | Accountancy fees | Accounting fees; Audit fee; Fees to the accountant; Bookkeeping costs | Fees earned; Trade receivables
bad-debts | Bad debts | Irrecoverable debts; Bad debt expense; Credit losses; Debts written off | Allowance for doubtful debts; Trade receivables
depreciation-charge | Depreciation, van | Depreciation expense; Van depreciation for the year; Depreciation of motor vehicles; Depn of van | Accumulated depreciation, van; Delivery van
interest-received | Interest received | Bank interest receivable; Interest income; Interest earned; Bank interest | Interest paid; Interest expense
interest-paid | Interest paid | Interest expense; Loan interest; Finance charges; Interest payable; Bank interest | Interest received; Interest income; Bank loan
income-tax | Income tax | Corporation tax; Tax on profit; Income tax expense; Taxation | Income tax payable; Sales tax
gain-on-disposal | Gain on sale of van | Profit on disposal; Gain on disposal of vehicle; Profit on sale of motor van | Loss on sale of van; Delivery van; Sales
loss-on-disposal | Loss on sale of van | Loss on disposal; Loss on vehicle sold | Gain on sale of van; Profit on disposal; Depreciation, van
bank | Main bank account | Current a/c; Bank a/c no. 2; Cheque account; Giro account | Bank loan; Bank interest paid
trade-receivables | Hirers’ accounts | Amounts owed by hirers; Receivables from hirers; Invoices not yet paid by hirers | Hire income; Amounts owed to suppliers
inventory | Timber stock | Timber on hand; Stock of timber; Wood in store; Materials | Timber used; Timber purchases
prepayment | Prepaid licence | Licence paid in advance; Licence fee not yet used; Deferred licence cost; Licence for next year | Licence expense; Licence payable
accrued-income | Commission to come | Commission receivable; Commission earned, unbilled; Accrued commission | Commission paid; Commission payable
deposit-paid | Deposit with landlord | Rent deposit; Security deposit paid; Landlord’s deposit | Deposits from tenants; Rent
intangible | Website | Web site development; Software and website; Online shop | Website hosting expense; Amortisation of website
bank-overdraft | Bank overdraft | Overdraft; Overdrawn bank account; Overdraft at bank | Overdraft interest
trade-payables | Growers’ accounts | Owed to growers; Suppliers of plants; Bills to pay | Owed by growers; Purchases of plants
accrued-expense | Interest accrued | Interest payable; Accrued loan interest; Interest owing | Interest expense; Interest receivable
deferred-income | Tickets sold ahead | Advance ticket sales; Ticket income in advance; Unearned ticket revenue; Deferred tickets | Ticket sales; Tickets receivable
sales-tax | Sales tax payable | VAT payable; VAT; Value added tax owed; Output tax | Income tax; Tax expense
loan-within-year | Loan, due within a year | Current portion of loan; Loan repayable next year; Bank loan, current part | Loan interest
lease | Lease of van | Lease liability; Van lease; Lease obligation | Rent expense; Leased van
provision | Warranty provision | Provision for warranties; Warranty liability; Guarantee provision | Warranty expense; Allowance for doubtful debts
reserve | General reserve | Reserves; Reserve fund | Dividends; Bank
dividends-payable | Dividends payable | Dividend owed; Dividends declared, unpaid | Dividends received; Dividends paid
carriage-out | Carriage outwards | Delivery costs; Freight out; Postage on sales | Carriage inwards; Delivery van
stock-change | Change in stock | Stock movement; Increase in inventory; Inventory change | Sales; Stock
amortisation-charge | Amortisation of licence | Amortization expense; Licence written off this year | Accumulated amortisation; Licence
other-direct-cost | Firing costs | Gas for the kiln; Kiln fuel; Direct costs, firing | Kiln; Accrued gas
sundry-operating | Travel | Travel costs; Travelling; Trips and train fares | Sales; Trade payables
donations-grants | Donations | Gifts received; Donations from members; Grants and gifts | Donations made; Subscriptions paid in advance
premises | Workshop costs | Heat and light; Workshop rent; Rates and water; Building costs | Workshop building; Prepaid rent
staff | Gardeners’ pay | Gardeners’ wages; Salaries of gardeners; Pay; Payroll costs | Wages owed; Drawings
professional-fees | Legal fees | Solicitor; Lawyers’ fees; Legal costs | Fees earned; Legal fees payable
bad-debts | Debts given up | Irrecoverable debts; Bad debts written off; Uncollectible accounts expense | Allowance for bad debts; Trade debtors
owner-capital | Capital, partner Wren | Wren, capital; Partner’s capital, Wren; Capital account Wren | Drawings, Wren; Loan from Wren
drawings | Drawings, partner Wren | Wren, drawings; Withdrawals by Wren; Taken out by Wren | Wages; Capital, Wren
gain-on-disposal | Gain on kiln sold | Profit on sale of kiln; Gain from disposal | Loss on disposal; Kiln
`);

/** The same as people say it: not one of these names stands in the program (a test looks). */
export const SPOKEN_ROWS = rowsOf(`
bank | Money in the bank | Sound Bank, business account; Account with the co-operative bank; Our bank | Interest on the overdraft
trade-receivables | Owed by schools | Schools that have not paid yet; Open bills to schools; School receivables | Owed to schools; Fees from schools
allowance-doubtful-debts | Doubtful customers | Reserve for bad debts; Expected credit losses on customers; Debtors we may not collect | Debts written off this year
inventory | Honey in jars | Jars of honey for sale; Honey not yet sold; Stock of honey | Honey sold; Honey bought in
supplies | Packing material | Boxes and tape on the shelf; Packaging left over; Wrapping stock | Packaging used
prepayment | Rent for January paid in December | Rent in advance; January rent, prepaid; Next month’s rent | Rent owed for December; Rent of the year
plant-equipment | Extractor | Honey extractor; Extracting machine; Extractor at cost | Repair of extractor; Depreciation of extractor
vehicles | Pick-up | Pick-up truck; The truck; Motor truck | Truck fuel; Truck insurance paid
accumulated-depreciation | Extractor, depreciation so far | Depreciation to date on extractor; Accumulated depn, extractor; Written off extractor so far | Depreciation of extractor this year; Extractor
trade-payables | Owed to growers | Growers not paid yet; Growers’ open bills; Payable to growers | Owed by growers; Seeds bought
wages-payable | Wages for the last week | Wages not yet paid; Last week’s wages owed; Unpaid wages | Wages of the year; Wages paid in advance
deferred-income | Courses booked and paid | Course fees received early; Prepaid course fees; Courses paid before they were held | Course fees earned; Courses not paid yet
long-term-loan | Loan from the credit union | Credit union loan; Amount borrowed for five years; Long-term borrowing | Interest to the credit union; Loan to the credit union
owner-capital | What Ida put in | Ida’s capital; Capital of Ida Bell; Money from Ida for the business | What Ida took out; Loan from Ida
drawings | What Ida took out | Ida’s drawings; Private withdrawals, Ida; Owner’s withdrawals | Ida’s wages; What Ida put in
goods-sales | Honey sold | Sales of honey; Income from honey; Honey sales revenue | Honey in jars; Honey returned
service-fees | Course fees | Fees from courses; Courses held; Income from teaching | Course fees paid in advance; Training costs
returns-given | Honey sent back by customers | Customer returns; Returned by customers; Refunds to customers | Honey sent back to growers
staff | Helpers | Helpers’ wages; Pay of helpers; Wages, summer helpers | Helpers’ wages owed
premises | Shed | Rent of the shed; Shed rent; Cost of the shed hired | Shed, freehold; Shed rent prepaid
depreciation-charge | Wear of extractor | Extractor depreciation; Depreciation this year, extractor; Depreciation expense extractor | Accumulated depreciation, extractor; Extractor
interest-paid | Interest to the credit union | Credit union interest; Interest cost; Interest on borrowing | Interest that the bank gave; Credit union loan
income-tax | Tax on the year’s profit | Corporation tax charge; Profit tax; Tax charge for the year | Tax on profit still owed; Tax refund due
loss-on-disposal | Loss when the truck was sold | Loss on truck; Book loss on disposal of truck | Gain when the truck was sold; Truck
insurance | Hive insurance | Insurance of hives; Cover for the hives; Insurance charge, hives | Hive insurance paid ahead; Insurance claim owed to us
`);
