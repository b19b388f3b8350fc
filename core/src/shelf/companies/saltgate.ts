import type { CompanyChart } from './chart.js';

/** Somebody who mends bicycles, and comes to sell them. */
export const SALTGATE: CompanyChart = {
  name: 'Saltgate Cycle Works',
  trade: 'Bicycles mended',
  legalForm: 'sole-trader',
  accounts: `
bank             | Bank                             | bank                     |   3400
cash             | Cash box                         | cash-in-hand             |    120
customers        | Customers                        | trade-receivables        |    860
parts            | Spare parts not yet used         | supplies                 |    540
stands           | Repair stands and tools          | plant-equipment          |   4800
stands-dep       | Accumulated depreciation, stands and tools | accumulated-depreciation | -1600 | stands
suppliers        | Suppliers                        | trade-payables           |   -420
capital          | Capital, the owner               | owner-capital            |  -7700
drawings         | Drawings                         | drawings                 |
repairs          | Repairs done                     | service-fees             |
parts-used       | Spare parts used                 | other-direct-cost        |
rent             | Rent of the workshop             | premises                 |
phone            | Telephone                        | office                   |
posters          | Posters and cards                | selling                  |
stands-charge    | Depreciation, stands and tools   | depreciation-charge      |
`,
};
