/** What a trade adds to the accounts that every business has: `name | type | under`, a row each. */
export interface Trade {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly rows: string;
}

/** Accounts that every starter chart has, besides the equity of the legal form. */
export const EVERYBODY = `
Bank, current account | bank
Cash in hand | cash-in-hand
Trade receivables | trade-receivables
Allowance for doubtful debts | allowance-doubtful-debts
Prepaid insurance | prepayment
Computers | computers
Accumulated depreciation, computers | accumulated-depreciation | Computers
Trade payables | trade-payables
Accrued expenses | accrued-expense
Wages payable | wages-payable
Sales tax payable | sales-tax
Bank loan | long-term-loan
Bank loan, due within a year | loan-within-year
Wages | staff
Rent | premises
Electricity and water | premises
Insurance | insurance
Telephone and internet | office
Advertising | selling
Accountant’s fee | professional-fees
Bank charges | office
Bad debts | bad-debts
Depreciation | depreciation-charge
Interest earned | interest-received
Loan interest | interest-paid
`;

export const TRADES: readonly Trade[] = [
  {
    id: 'shop',
    name: 'Shop',
    says: 'Buys goods and sells them over the counter; the stock is counted at the end of a period.',
    rows: `
Goods for resale | inventory
Shop fittings | furniture-fittings
Accumulated depreciation, fittings | accumulated-depreciation | Shop fittings
Gift vouchers sold | deferred-income
Sales over the counter | goods-sales
Sales through the web shop | goods-sales
Refunds given | returns-given
Purchases | purchases
Carriage in | carriage-in
Returns to suppliers | returns-taken
Stock change | stock-change
Card terminal charges | selling`,
  },
  {
    id: 'cafe',
    name: 'Café',
    says: 'Serves food and drink, with a little to take away.',
    rows: `
Food and drink in stock | inventory
Kitchen equipment | plant-equipment
Accumulated depreciation, kitchen | accumulated-depreciation | Kitchen equipment
Tables and chairs | furniture-fittings
Deposits for parties | deferred-income
Food served | goods-sales
Drinks served | goods-sales
Food and drink used | cost-of-goods-sold
Kitchen wages | direct-labour
Laundry and cleaning | sundry-operating`,
  },
  {
    id: 'workshop',
    name: 'Repair workshop',
    says: 'Repairs and makes things to order.',
    rows: `
Materials and parts | inventory
Work done, not yet invoiced | accrued-income
Tools and machines | plant-equipment
Accumulated depreciation, machines | accumulated-depreciation | Tools and machines
Deposits on orders | deferred-income
Repairs for customers | service-fees
Things made to order | service-fees
Materials used | cost-of-goods-sold
Machine repairs | repairs
Small tools | sundry-operating`,
  },
  {
    id: 'builder',
    name: 'Building trade',
    says: 'Builds and renovates on customers’ sites.',
    rows: `
Materials on site | inventory
Work done, not yet invoiced | accrued-income
Van | vehicles
Accumulated depreciation, van | accumulated-depreciation | Van
Scaffolding and machines | plant-equipment
Accumulated depreciation, machines | accumulated-depreciation | Scaffolding and machines
Payments received ahead | deferred-income
Provision for defects | provision
Building work | service-fees
Materials used | cost-of-goods-sold
Site wages | direct-labour
Subcontractors | other-direct-cost
Fuel and van running | vehicle-running`,
  },
  {
    id: 'advice',
    name: 'Advice and design',
    says: 'Sells its people’s time: advice, design, software.',
    rows: `
Work done, not yet invoiced | accrued-income
Office furniture | furniture-fittings
Accumulated depreciation, furniture | accumulated-depreciation | Office furniture
Licences bought | intangible
Accumulated amortisation, licences | accumulated-amortisation | Licences bought
Retainers received ahead | deferred-income
Fees for advice | service-fees
Fees for design | service-fees
Freelancers | other-direct-cost
Travel | sundry-operating
Amortisation of licences | amortisation-charge`,
  },
  {
    id: 'hire',
    name: 'Hire and tours',
    says: 'Hires things out and takes guests along.',
    rows: `
Hire fleet | plant-equipment
Accumulated depreciation, fleet | accumulated-depreciation | Hire fleet
Shop stock | inventory
Passes and bookings paid ahead | deferred-income
Deposits held | deposits-held
Hire | service-fees
Guided tours | service-fees
Shop sales | goods-sales
Cost of goods sold | cost-of-goods-sold
Guides’ fees | direct-labour
Fleet repairs | repairs
Permits and licences | sundry-operating`,
  },
  {
    id: 'grower',
    name: 'Nursery and market garden',
    says: 'Grows plants or food and sells them.',
    rows: `
Plants for sale | inventory
Seed, pots and compost | supplies
Field | land
Glasshouse | buildings
Accumulated depreciation, glasshouse | accumulated-depreciation | Glasshouse
Machines | plant-equipment
Accumulated depreciation, machines | accumulated-depreciation | Machines
Plants sold | goods-sales
Planting for customers | service-fees
Cost of plants sold | cost-of-goods-sold
Seed, pots and compost used | other-direct-cost
Heating of the glasshouse | premises`,
  },
  {
    id: 'carrier',
    name: 'Deliveries and transport',
    says: 'Carries parcels or people.',
    rows: `
Fuel in the tank | supplies
Vans | vehicles
Accumulated depreciation, vans | accumulated-depreciation | Vans
Van lease | lease
Van lease, due within a year | lease-within-year
Season tickets paid ahead | deferred-income
Deliveries | service-fees
Contract runs | service-fees
Drivers’ wages | direct-labour
Fuel | vehicle-running
Van repairs | repairs
Vehicle insurance | insurance
Tolls and parking | vehicle-running`,
  },
  {
    id: 'club',
    name: 'Club or association',
    says: 'Lives on its members’ subscriptions and on events.',
    rows: `
Things for sale at events | inventory
Club equipment | plant-equipment
Accumulated depreciation, equipment | accumulated-depreciation | Club equipment
Subscriptions paid ahead | deferred-income
Members’ subscriptions | service-fees
Takings at events | goods-sales
Donations | donations-grants
Cost of events | cost-of-goods-sold
Grants given | sundry-operating
Hall hire | premises`,
  },
];
