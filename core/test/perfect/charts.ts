/**
 * Where the accounts of the ready exercises belong, by their names alone: read off what students are told, never
 * off a key. `Name | type | under what it stands`.
 */
const CHARTS = `
# Marrow Lane Bakery
= current assets
Bank | bank
Till | cash-in-hand
Cafés that buy on account | trade-receivables
Flour and other ingredients | inventory
Bags and boxes not yet used | supplies
Insurance paid ahead | prepayment
= non-current assets
Oven | plant-equipment
Depreciation to date, oven | accumulated-depreciation | Oven
Delivery van | vehicles
Depreciation to date, van | accumulated-depreciation | Delivery van
= current liabilities
Mill and dairy, owed | trade-payables
Electricity and gas not yet billed | accrued-expense
Wages owed | wages-payable
Gift vouchers sold | deferred-income
Interest not yet paid | accrued-expense
= non-current liabilities
Loan for the oven | long-term-loan
= equity
Capital, the baker | owner-capital
Drawings | drawings
= revenue
Bread and cakes sold | goods-sales
= cost of sales
Ingredients used | cost-of-goods-sold
= expenses
Wages | staff
Rent of the shop | premises
Electricity and gas | premises
Bags and boxes used | selling
Fuel and repairs of the van | vehicle-running
Insurance | insurance
Depreciation of the oven | depreciation-charge
Interest on the loan | interest-paid
Repairs of the oven | repairs

# Hollin Bridge Language School
= current assets
Bank | bank
Learners who owe fees | trade-receivables
Rent paid ahead | prepayment
Insurance paid ahead | prepayment
Course books not yet handed out | supplies
= non-current assets
Furniture of the classrooms | furniture-fittings
Accumulated depreciation, classrooms | accumulated-depreciation | Furniture of the classrooms
Screens and computers | computers
Accumulated depreciation, screens | accumulated-depreciation | Screens and computers
= current liabilities
Suppliers | trade-payables
Teachers’ pay owed | wages-payable
Course fees paid ahead | deferred-income
= non-current liabilities
Loan from the bank | long-term-loan
= equity
Share capital | share-capital
Retained earnings | retained-earnings
= revenue
Course fees | service-fees
= cost of sales
Pay of teachers | direct-labour
Course books handed out | other-direct-cost
= expenses
Wages of the office | staff
Rent | premises
Insurance | insurance
Leaflets | selling
Depreciation, classrooms | depreciation-charge
Depreciation, screens | depreciation-charge
Interest on the loan | interest-paid

# Two Rivers Timber Yard
= current assets
Bank | bank
Builders who owe | trade-receivables
Timber in the yard | inventory
Insurance paid ahead | prepayment
= non-current assets
Land of the yard | land
Sawmill | plant-equipment
Accumulated depreciation, sawmill | accumulated-depreciation | Sawmill
Truck | vehicles
Accumulated depreciation, truck | accumulated-depreciation | Truck
= current liabilities
Foresters, owed | trade-payables
Dividends owed | dividends-payable
Loan for the sawmill, due within a year | loan-within-year
Interest not yet paid | accrued-expense
= non-current liabilities
Loan for the sawmill | long-term-loan
Loan for the truck | long-term-loan
= equity
Share capital | share-capital
Share premium | share-premium
Retained earnings | retained-earnings
= revenue
Timber sold | goods-sales
Timber that came back | returns-given
= cost of sales
Cost of timber sold | cost-of-goods-sold
= expenses
Wages | staff
Delivery to builders | selling
Insurance | insurance
Depreciation, sawmill | depreciation-charge
Depreciation, truck | depreciation-charge
Interest on the loan | interest-paid
= other income
Gain on things sold off | gain-on-disposal

# Larkfield Print Studio
= current assets
Bank | bank
Customers | trade-receivables
Allowance for doubtful customers | allowance-doubtful-debts | Customers
Paper and ink | inventory
Insurance paid ahead | prepayment
= non-current assets
Printing presses | plant-equipment
Accumulated depreciation, presses | accumulated-depreciation | Printing presses
Furniture | furniture-fittings
Accumulated depreciation, furniture | accumulated-depreciation | Furniture
= current liabilities
Suppliers | trade-payables
Income tax owed | income-tax-payable
Bank loan, due within a year | loan-within-year
Dividends owed | dividends-payable
= non-current liabilities
Bank loan | long-term-loan
= equity
Share capital | share-capital
Share premium | share-premium
Reserve for a new press | reserve
Retained earnings | retained-earnings
Dividends | dividends
= revenue
Printing | service-fees
= cost of sales
Paper and ink used | cost-of-goods-sold
= expenses
Wages | staff
Rent | premises
Insurance | insurance
Bad debts | bad-debts
Depreciation, presses | depreciation-charge
Depreciation, furniture | depreciation-charge
Interest on the loan | interest-paid
Income tax | income-tax
= other income
Debts that came in after all | sundry-income

# Oduya and Brock, Stage Lighting
= current assets
Bank | bank
Theatres that owe | trade-receivables
= non-current assets
Lamps for hire | plant-equipment
Accumulated depreciation, lamps | accumulated-depreciation | Lamps for hire
Lorry | vehicles
Accumulated depreciation, lorry | accumulated-depreciation | Lorry
= current liabilities
Suppliers | trade-payables
Deposits held for lamps | deposits-held
= equity
Capital, Oduya | owner-capital
Drawings, Oduya | drawings
Capital, Brock | owner-capital
Drawings, Brock | drawings
= revenue
Hire of lamps | service-fees
Shows lit | service-fees
= cost of sales
Crew for shows | direct-labour
Bulbs and filters | other-direct-cost
= expenses
Rent of the store | premises
Diesel and repairs, lorry | vehicle-running
Depreciation, lamps | depreciation-charge
Depreciation, lorry | depreciation-charge
Loss on the sale of the lorry | loss-on-disposal

# Saltgate Cycle Works
= current assets
Bank | bank
Cash box | cash-in-hand
Customers | trade-receivables
Spare parts not yet used | supplies
Bicycles for sale | inventory
= non-current assets
Repair stands and tools | plant-equipment
Accumulated depreciation, stands and tools | accumulated-depreciation | Repair stands and tools
= current liabilities
Suppliers | trade-payables
Deposits of customers for bicycles | deferred-income
= equity
Capital, the owner | owner-capital
Drawings | drawings
= revenue
Repairs done | service-fees
Bicycles sold | goods-sales
= cost of sales
Spare parts used | other-direct-cost
Cost of bicycles sold | cost-of-goods-sold
= expenses
Rent of the workshop | premises
Telephone | office
Posters and cards | selling
Depreciation, stands and tools | depreciation-charge
Charges of the card terminal | selling

# Quarry Hill Climbing Club
= current assets
Bank | bank
Tin at the desk | cash-in-hand
Subscriptions that members owe | trade-receivables
Snacks for the kiosk | inventory
Rent of the hall, paid ahead | prepayment
= non-current assets
Climbing wall | plant-equipment
Depreciation to date, wall | accumulated-depreciation | Climbing wall
Ropes and harnesses | plant-equipment
Depreciation to date, ropes | accumulated-depreciation | Ropes and harnesses
= current liabilities
Suppliers | trade-payables
Subscriptions paid ahead | deferred-income
Deposits for locker keys | deposits-held
= equity
Fund for a new wall | reserve
Accumulated surplus | retained-earnings
= revenue
Subscriptions | service-fees
Donations | donations-grants
Sales at the kiosk | goods-sales
= cost of sales
Cost of what the kiosk sold | cost-of-goods-sold
= expenses
Rent of the hall | premises
Fees to trainers | staff
Insurance | insurance
Depreciation, wall | depreciation-charge
Depreciation, ropes | depreciation-charge

# Ambry Lamp Shop
= current assets
Bank | bank
Till | cash-in-hand
Customers on account | trade-receivables
Lamps on the shelves | inventory
Tax on purchases, to be had back | tax-recoverable
= non-current assets
Shop fittings | furniture-fittings
Depreciation to date, fittings | accumulated-depreciation | Shop fittings
= current liabilities
Makers of lamps, owed | trade-payables
Tax on sales, owed | sales-tax
= equity
Capital, the shopkeeper | owner-capital
Drawings | drawings
= revenue
Lamps sold | goods-sales
Lamps that came back | returns-given
= cost of sales
Lamps bought | purchases
Carriage in | carriage-in
Lamps sent back | returns-taken
Change of stock | stock-change
= expenses
Wages of the assistant | staff
Rent of the shop | premises
Window and advertisements | selling
Depreciation, fittings | depreciation-charge
`;

export interface Belongs {
  readonly name: string;
  readonly heading: string;
  readonly type: string;
  readonly under: string | null;
}

const named = (text: string): readonly [string, string] => {
  const [name = '', ...rest] = text.split('\n');
  return [name.trim(), rest.join('\n')];
};

const rowsUnder = (block: string): Belongs[] => {
  const [heading, rows] = named(block);
  return rows
    .split('\n')
    .filter((row) => row.trim() !== '')
    .map((row) => {
      const [name = '', type = '', under] = row.split('|').map((cell) => cell.trim());
      return { name, heading, type, under: under ?? null };
    });
};

const BY_COMPANY: ReadonlyMap<string, readonly Belongs[]> = new Map(
  CHARTS.split('\n# ')
    .slice(1)
    .map((part) => {
      const [company, chart] = named(part);
      return [company, chart.split('= ').slice(1).flatMap(rowsUnder)];
    }),
);

/** What accounts of a company there may be, in the order in which they stand. */
export const chartOf = (company: string): readonly Belongs[] => BY_COMPANY.get(company) ?? [];
