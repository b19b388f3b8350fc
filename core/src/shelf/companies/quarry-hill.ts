import type { CompanyChart } from './chart.js';

/** A club: nobody owns it, and what is left over stays in it. */
export const QUARRY_HILL: CompanyChart = {
  name: 'Quarry Hill Climbing Club',
  trade: 'A climbing wall and its members',
  legalForm: 'non-profit',
  words: 'british',
  accounts: `
bank             | Bank                             | bank                     |   5300
tin              | Tin at the desk                  | cash-in-hand             |     90
subs-owed        | Subscriptions that members owe   | sundry-receivable        |    360
kiosk-stock      | Snacks for the kiosk             | inventory                |    210
hall-ahead       | Rent of the hall, paid ahead     | prepayment               |    900
wall             | Climbing wall                    | plant-equipment          |  18000
wall-dep         | Depreciation to date, wall       | accumulated-depreciation |  -7200 | wall
ropes            | Ropes and harnesses              | plant-equipment          |   2400
ropes-dep        | Depreciation to date, ropes      | accumulated-depreciation |   -800 | ropes
suppliers        | Suppliers                        | trade-payables           |   -260
subs-ahead       | Subscriptions paid ahead         | deferred-income          |  -1200
key-deposits     | Deposits for locker keys         | deposits-held            |   -300
wall-fund        | Fund for a new wall              | reserve                  |  -5000
surplus          | Accumulated surplus              | retained-earnings        | -12500
subs             | Subscriptions                    | service-fees             |
gifts            | Donations                        | donations-grants         |
kiosk            | Sales at the kiosk               | goods-sales              |
kiosk-cost       | Cost of what the kiosk sold      | cost-of-goods-sold       |
hall             | Rent of the hall                 | premises                 |
trainers         | Fees to trainers                 | direct-labour            |
cover            | Insurance                        | insurance                |
wall-charge      | Depreciation, wall               | depreciation-charge      |
ropes-charge     | Depreciation, ropes              | depreciation-charge      |
`,
};
