import type { CompanyChart } from './chart.js';

/** A company that buys timber, saws it and sells it; the cost of each sale is recorded with it. */
export const TWO_RIVERS: CompanyChart = {
  name: 'Two Rivers Timber Yard',
  trade: 'Timber sawn and sold',
  legalForm: 'company',
  inventory: 'perpetual',
  accounts: `
bank             | Bank                             | bank                     |  18600
customers        | Builders who owe                 | trade-receivables        |   9200
timber           | Timber in the yard               | inventory                |  15400
cover-ahead      | Insurance paid ahead             | prepayment               |   1200
yard             | Land of the yard                 | land                     |  30000
saw              | Sawmill                          | plant-equipment          |  42000
saw-dep          | Accumulated depreciation, sawmill | accumulated-depreciation | -14000 | saw
truck            | Truck                            | vehicles                 |  24000
truck-dep        | Accumulated depreciation, truck  | accumulated-depreciation |  -9600 | truck
foresters        | Foresters, owed                  | trade-payables           |  -7300
dividends-owed   | Dividends owed                   | dividends-payable        |  -1500
loan-soon        | Loan for the sawmill, due within a year | loan-within-year  |  -6000
loan             | Loan for the sawmill             | long-term-loan           | -24000
shares           | Share capital                    | share-capital            | -50000
premium          | Share premium                    | share-premium            | -10000
kept             | Retained earnings                | retained-earnings        | -18000
sales            | Timber sold                      | goods-sales              |
returns          | Timber that came back            | returns-given            |
cost             | Cost of timber sold              | cost-of-goods-sold       |
wages            | Wages                            | staff                    |
delivery         | Delivery to builders             | carriage-out             |
cover            | Insurance                        | insurance                |
saw-charge       | Depreciation, sawmill            | depreciation-charge      |
truck-charge     | Depreciation, truck              | depreciation-charge      |
gain             | Gain on things sold off          | gain-on-disposal         |
interest         | Interest on the loan             | interest-paid            |
`,
};
