import type { CompanyChart } from './chart.js';

/** A company that prints for others. */
export const LARKFIELD: CompanyChart = {
  name: 'Larkfield Print Studio',
  trade: 'Printing for shops and clubs',
  legalForm: 'company',
  accounts: `
bank             | Bank                             | bank                     |  14200
customers        | Customers                        | trade-receivables        |   8400
allowance        | Allowance for doubtful customers | allowance-doubtful-debts |   -420 | customers
stock            | Paper and ink                    | inventory                |   3100
cover-ahead      | Insurance paid ahead             | prepayment               |    960
presses          | Printing presses                 | plant-equipment          |  36000
presses-dep      | Accumulated depreciation, presses | accumulated-depreciation | -12000 | presses
desks            | Furniture                        | furniture-fittings       |   4200
desks-dep        | Accumulated depreciation, furniture | accumulated-depreciation | -1400 | desks
suppliers        | Suppliers                        | trade-payables           |  -3640
tax-owed         | Income tax owed                  | income-tax-payable       |  -1900
loan-soon        | Bank loan, due within a year     | loan-within-year         |  -3000
loan             | Bank loan                        | long-term-loan           |  -9000
shares           | Share capital                    | share-capital            | -20000
kept             | Retained earnings                | retained-earnings        | -15500
dividends        | Dividends                        | dividends                |
printing         | Printing                         | service-fees             |
paper-used       | Paper and ink used               | cost-of-goods-sold       |
wages            | Wages                            | staff                    |
rent             | Rent                             | premises                 |
cover            | Insurance                        | insurance                |
bad              | Bad debts                        | bad-debts                |
presses-charge   | Depreciation, presses            | depreciation-charge      |
desks-charge     | Depreciation, furniture          | depreciation-charge      |
interest         | Interest on the loan             | interest-paid            |
tax              | Income tax                       | income-tax               |
`,
};
