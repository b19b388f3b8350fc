import type { CompanyChart } from './chart.js';

/** A shop; what is left on the shelves is counted at the end. */
export const AMBRY: CompanyChart = {
  name: 'Ambry Lamp Shop',
  trade: 'Lamps and shades sold',
  legalForm: 'sole-trader',
  words: 'british',
  inventory: 'periodic',
  accounts: `
bank             | Bank                             | bank                     |   7300
till             | Till                             | cash-in-hand             |    150
customers        | Customers on account             | trade-receivables        |   1240
stock            | Lamps on the shelves             | inventory                |   5600
fittings         | Shop fittings                    | furniture-fittings       |   6000
fittings-dep     | Depreciation to date, fittings   | accumulated-depreciation |  -2000 | fittings
suppliers        | Makers of lamps, owed            | trade-payables           |  -2890
capital          | Capital, the shopkeeper          | owner-capital            | -15400
drawings         | Drawings                         | drawings                 |
sales            | Lamps sold                       | goods-sales              |
returns-in       | Lamps that came back             | returns-given            |
purchases        | Lamps bought                     | purchases                |
freight          | Carriage in                      | carriage-in              |
returns-out      | Lamps sent back                  | returns-taken            |
stock-change     | Change of stock                  | stock-change             |
rent             | Rent of the shop                 | premises                 |
wages            | Wages of the assistant           | staff                    |
window           | Window and advertisements        | selling                  |
fittings-charge  | Depreciation, fittings           | depreciation-charge      |
`,
};
