import type { CompanyChart } from './chart.js';

/** A company that teaches, and is paid before it does. */
export const HOLLIN_BRIDGE: CompanyChart = {
  name: 'Hollin Bridge Language School',
  trade: 'Language courses',
  legalForm: 'company',
  scheme: 'non-current-first',
  accounts: `
bank             | Bank                             | bank                     |  11800
learners         | Learners who owe fees            | trade-receivables        |   2150
rent-ahead       | Rent paid ahead                  | prepayment               |   2400
cover-ahead      | Insurance paid ahead             | prepayment               |    720
books            | Course books not yet handed out  | supplies                 |    640
rooms            | Furniture of the classrooms      | furniture-fittings       |   9000
rooms-dep        | Accumulated depreciation, classrooms | accumulated-depreciation | -3000 | rooms
screens          | Screens and computers            | computers                |   6000
screens-dep      | Accumulated depreciation, screens | accumulated-depreciation | -2000 | screens
suppliers        | Suppliers                        | trade-payables           |   -910
wages-owed       | Teachers’ pay owed               | wages-payable            |   -1300
fees-ahead       | Course fees paid ahead           | deferred-income          |  -4500
loan             | Loan from the bank               | long-term-loan           |  -6000
shares           | Share capital                    | share-capital            | -10000
kept             | Retained earnings                | retained-earnings        |  -5000
courses          | Course fees                      | service-fees             |
teachers         | Pay of teachers                  | direct-labour            |
books-used       | Course books handed out          | other-direct-cost        |
office-pay       | Wages of the office              | staff                    |
rent             | Rent                             | premises                 |
cover            | Insurance                        | insurance                |
leaflets         | Leaflets                         | selling                  |
rooms-charge     | Depreciation, classrooms         | depreciation-charge      |
screens-charge   | Depreciation, screens            | depreciation-charge      |
interest         | Interest on the loan             | interest-paid            |
`,
};
