import type { CompanyChart } from './chart.js';

/** A baker with a van and a shop window. */
export const MARROW_LANE: CompanyChart = {
  name: 'Marrow Lane Bakery',
  trade: 'Bread and cakes, baked and sold',
  legalForm: 'sole-trader',
  scheme: 'non-current-first',
  words: 'british',
  accounts: `
bank             | Bank                             | bank                     |   6240
cash             | Till                             | cash-in-hand             |    180
customers        | Cafés that buy on account        | trade-receivables        |   1480
flour            | Flour and other ingredients      | inventory                |   1150
bags             | Bags and boxes not yet used      | supplies                 |    420
cover-ahead      | Insurance paid ahead             | prepayment               |   1080
oven             | Oven                             | plant-equipment          |  14400
oven-dep         | Depreciation to date, oven       | accumulated-depreciation |  -4800 | oven
van              | Delivery van                     | vehicles                 |  16200
van-dep          | Depreciation to date, van        | accumulated-depreciation |  -5400 | van
suppliers        | Mill and dairy, owed             | trade-payables           |  -1960
power-owed       | Electricity and gas not yet billed | accrued-expense        |   -310
wages-owed       | Wages owed                       | wages-payable            |   -480
vouchers         | Gift vouchers sold               | deferred-income          |   -640
loan             | Loan for the oven                | long-term-loan           |  -7200
capital          | Capital, the baker               | owner-capital            | -20360
drawings         | Drawings                         | drawings                 |
sales            | Bread and cakes sold             | goods-sales              |
used             | Ingredients used                 | cost-of-goods-sold       |
wages            | Wages                            | staff                    |
rent             | Rent of the shop                 | premises                 |
power            | Electricity and gas              | premises                 |
bags-used        | Bags and boxes used              | selling                  |
van-costs        | Fuel and repairs of the van      | vehicle-running          |
cover            | Insurance                        | insurance                |
oven-charge      | Depreciation of the oven         | depreciation-charge      |
interest         | Interest on the loan             | interest-paid            |
`,
};
