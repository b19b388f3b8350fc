import { bookOfSheet } from '../shelf/sheet/ledger-sheet.js';

/** Juniper Lane Nursery: a partnership that grows and sells plants; the spring of 2027. */
export const juniperLane = () =>
  bookOfSheet({
    name: 'Juniper Lane Nursery',
    trade: 'Growing and selling plants',
    legalForm: 'partnership',
    accounts: `
bank            | 1010 | Bank                             | bank                     |  11250 |
till            | 1020 | Till                             | cash-in-hand             |    200 |
receivables     | 1100 | Garden centres’ accounts         | trade-receivables        |   3840 |
plants          | 1200 | Plants for sale                  | inventory                |  14600 |
pots            | 1250 | Pots and compost                 | supplies                 |   1150 |
insurance-prepaid | 1310 | Prepaid glass insurance        | prepayment               |    720 |
field           | 1500 | Nursery field                    | land                     |  38000 |
glasshouse      | 1510 | Glasshouse                       | buildings                |  27500 |
glasshouse-dep  | 1519 | Accumulated depreciation, glasshouse | accumulated-depreciation | -8250 | glasshouse
payables        | 2010 | Trade payables                   | trade-payables           |  -2960 |
sales-tax       | 2050 | Sales tax payable                | sales-tax                |  -1310 |
loan            | 2510 | Glasshouse loan                  | long-term-loan           | -16000 |
capital-fen     | 3010 | Capital, first partner           | owner-capital            | -36000 |
capital-moss    | 3020 | Capital, second partner          | owner-capital            | -28000 |
drawings-fen    | 3050 | Drawings, first partner          | drawings                 |        |
drawings-moss   | 3060 | Drawings, second partner         | drawings                 |        |
current-fen     | 3100 | Current account, first partner   | partner-current          |  -2600 |
current-moss    | 3110 | Current account, second partner  | partner-current          |  -2140 |
plant-sales     | 4010 | Plants sold                      | goods-sales              |        |
planting        | 4020 | Planting for customers           | service-fees             |        |
plants-cost     | 5010 | Cost of plants sold              | cost-of-goods-sold       |        |
wages           | 6010 | Seasonal wages                   | staff                    |        |
heating         | 6100 | Heating and water                | premises                 |        |
insurance       | 6200 | Glass insurance                  | insurance                |        |
supplies-used   | 6300 | Pots and compost used            | sundry-operating         |        |
glasshouse-charge | 6400 | Depreciation, glasshouse       | depreciation-charge      |        |
loan-interest   | 8510 | Loan interest                    | interest-paid            |        |
`,
    entries: `
2027-01-20 | cash-payments | B1 | Sales tax paid                 | sales-tax 1310, bank -1310
2027-02-15 | purchases     | P1 | Seed trays and young plants    | plants 4200, pots 350, sales-tax 910, payables -5460
2027-03-12 | sales         | S1 | Garden centres’ spring order   | receivables 9600, plant-sales -8000, sales-tax -1600
2027-03-31 | cash-receipts | B2 | Sales at the gate, March       | bank 7440, plant-sales -6200, sales-tax -1240
2027-03-31 | cash-payments | B3 | Seasonal wages                 | wages 4100, bank -4100
2027-04-09 | cash-receipts | B4 | Garden centres pay             | bank 8200, receivables -8200
2027-04-15 | cash-payments | B5 | Suppliers paid                 | payables 5000, bank -5000
2027-04-28 | cash-receipts | B6 | Hedges planted                 | bank 2880, planting -2400, sales-tax -480
2027-04-30 | cash-payments | B7 | Heating, water and loan interest | heating 1260, loan-interest 320, bank -1580
2027-04-30 | cash-payments | B8 | Partners take money out        | drawings-fen 1500, drawings-moss 1200, bank -2700
2027-04-30 | adjusting     | A1 | Plants sold, at cost           | plants-cost 6900, plants -6900
2027-04-30 | adjusting     | A2 | Pots and compost used          | supplies-used 640, pots -640
2027-04-30 | adjusting     | A3 | Insurance used up              | insurance 240, insurance-prepaid -240
2027-04-30 | adjusting     | A4 | Depreciation of the glasshouse | glasshouse-charge 460, glasshouse-dep -460
`,
  });
