import { bookOfSheet } from '../shelf/sheet/ledger-sheet.js';

/** Pollard Row Bindery: a sole trader who repairs and binds books; January and February 2027. */
export const pollardRow = () =>
  bookOfSheet({
    name: 'Pollard Row Bindery',
    trade: 'Repair and binding of books',
    legalForm: 'sole-trader',
    scheme: 'non-current-first',
    words: 'british',
    accounts: `
bank            | 1010 | Bank                            | bank                     |  4120 |
cash            | 1020 | Cash in hand                    | cash-in-hand             |    85 |
receivables     | 1100 | Trade debtors                   | trade-receivables        |  1460 |
materials       | 1200 | Paper, board and leather        | inventory                |  2310 |
rent-prepaid    | 1300 | Prepaid workshop rent           | prepayment               |   900 |
press           | 1510 | Presses and cutter              | plant-equipment          |  9600 |
press-dep       | 1519 | Depreciation to date, presses     | accumulated-depreciation | -2400 | press
payables        | 2010 | Trade creditors                 | trade-payables           |  -730 |
electricity-due | 2100 | Electricity not yet billed      | accrued-expense          |  -145 |
vouchers        | 2150 | Gift vouchers sold              | deferred-income          |  -300 |
capital         | 3010 | Capital, owner                  | owner-capital            | -14900 |
drawings        | 3050 | Drawings                        | drawings                 |       |
binding         | 4010 | Binding                         | service-fees             |       |
restoring       | 4020 | Restoring old books             | service-fees             |       |
notebooks       | 4030 | Notebooks sold                  | goods-sales              |       |
materials-used  | 5010 | Materials used                  | cost-of-goods-sold       |       |
rent            | 6010 | Workshop rent                   | premises                 |       |
electricity     | 6020 | Electricity                     | premises                 |       |
press-charge    | 6100 | Depreciation, presses           | depreciation-charge      |       |
telephone       | 6200 | Telephone and post              | office                   |       |
`,
    entries: `
2027-01-12 | cash-receipts | B1 | A library pays its account     | bank 1160, receivables -1160
2027-01-18 | purchases     | P1 | Leather and thread             | materials 640, payables -640
2027-01-25 | sales         | S1 | Parish registers restored      | receivables 2250, restoring -2250
2027-01-30 | cash-receipts | B2 | Binding and notebooks, January | bank 1740, binding -1420, notebooks -320
2027-01-31 | cash-payments | B3 | Owner takes money out          | drawings 900, bank -900
2027-02-11 | cash-payments | B4 | Suppliers paid                 | payables 980, bank -980
2027-02-14 | general       | J1 | Vouchers brought in            | vouchers 120, binding -120
2027-02-26 | cash-receipts | B5 | Binding and notebooks, February | bank 1985, binding -1610, notebooks -375
2027-02-28 | cash-payments | B6 | Telephone, post and electricity | telephone 96, electricity 130, electricity-due 145, bank -371
2027-02-28 | adjusting     | A1 | Rent used up                   | rent 600, rent-prepaid -600
2027-02-28 | adjusting     | A2 | Materials used                 | materials-used 815, materials -815
2027-02-28 | adjusting     | A3 | Depreciation of the presses    | press-charge 160, press-dep -160
`,
  });
