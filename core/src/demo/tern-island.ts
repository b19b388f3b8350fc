import { bookOfSheet } from '../shelf/sheet/ledger-sheet.js';

/** Tern Island Kayaks: kayak hire, guided tours and a small shop; the first quarter of 2027. */
export const ternIsland = () =>
  bookOfSheet({
    name: 'Tern Island Kayaks',
    trade: 'Kayak hire, guided tours and a small shop',
    legalForm: 'company',
    accounts: `
bank              | 1010 | Bank, current account           | bank                      |   5780 |
till              | 1020 | Till float                      | cash-in-hand              |    300 |
receivables       | 1100 | Trade receivables               | trade-receivables         |   5200 |
allowance         | 1150 | Allowance for doubtful debts    | allowance-doubtful-debts  |   -320 |
shop-stock        | 1200 | Shop stock                      | inventory                 |   7370 |
slipway-prepaid   | 1300 | Prepaid slipway rent            | prepayment                |   6000 |
insurance-prepaid | 1310 | Prepaid insurance               | prepayment                |   2580 |
fleet             | 1510 | Hire fleet                      | plant-equipment           |  40000 |
fleet-dep         | 1519 | Accumulated depreciation, fleet | accumulated-depreciation  |  -9200 | fleet
van               | 1520 | Van and trailer                 | vehicles                  |  12200 |
van-dep           | 1529 | Accumulated depreciation, van   | accumulated-depreciation  |  -3000 | van
payables          | 2010 | Trade payables                  | trade-payables            |  -4300 |
season-passes     | 2100 | Season passes paid ahead        | deferred-income           |        |
wages-payable     | 2200 | Wages payable                   | wages-payable             |   -980 |
tax-payable       | 2300 | Income tax payable              | income-tax-payable        |        |
loan-within-year  | 2400 | Boathouse loan, due within a year | loan-within-year        |  -2400 |
loan              | 2510 | Boathouse loan                  | long-term-loan            | -18600 |
share-capital     | 3010 | Share capital                   | share-capital             | -30000 |
retained-earnings | 3100 | Retained earnings               | retained-earnings         | -10630 |
hire              | 4010 | Kayak hire                      | service-fees              |        |
tours             | 4020 | Guided tours                    | service-fees              |        |
shop-sales        | 4030 | Shop sales                      | goods-sales               |        |
refunds           | 4090 | Refunds given                   | returns-given             |        |
cost-of-goods     | 5010 | Cost of goods sold              | cost-of-goods-sold        |        |
guides            | 5020 | Guides’ fees                    | direct-labour             |        |
wages             | 6010 | Wages                           | staff                     |        |
slipway-rent      | 6100 | Slipway rent                    | premises                  |        |
insurance         | 6200 | Insurance                       | insurance                 |        |
repairs           | 6300 | Fleet repairs                   | repairs                   |        |
depreciation      | 6400 | Depreciation                    | depreciation-charge       |        |
fleet-charge      | 6410 | Depreciation, fleet             | depreciation-charge       |        | depreciation
van-charge        | 6420 | Depreciation, van               | depreciation-charge       |        | depreciation
bank-charges      | 6500 | Bank charges                    | office                    |        |
interest-received | 8010 | Interest earned                 | interest-received         |        |
loan-interest     | 8510 | Loan interest                   | interest-paid             |        |
income-tax        | 9010 | Income tax                      | income-tax                |        |
`,
    entries: `
2027-01-05 | cash-payments | B1  | December wages paid              | wages-payable 980, bank -980
2027-01-14 | purchases     | P1  | Paddles and dry bags for the shop | shop-stock 6000, payables -6000
2027-01-31 | cash-receipts | B2  | Kayak hire, January              | bank 6900, hire -6900
2027-01-31 | cash-payments | B3  | Wages, January                   | wages 3100, bank -3100
2027-02-08 | cash-receipts | B4  | Schools pay their invoices       | bank 4980, receivables -4980
2027-02-12 | cash-payments | B5  | Six new kayaks                   | fleet 6000, bank -6000
2027-02-20 | cash-payments | B6  | Suppliers paid                   | payables 7000, bank -7000
2027-02-26 | purchases     | P2  | Hulls repaired                   | repairs 400, payables -400
2027-02-28 | cash-receipts | B7  | Hire and tours, February         | bank 12940, hire -9000, tours -3940
2027-02-28 | cash-payments | B8  | Wages, February                  | wages 3210, bank -3210
2027-03-10 | cash-payments | B9  | Guides for the spring tours      | guides 3800, bank -3800
2027-03-15 | cash-receipts | B10 | Season passes sold for the summer | bank 4200, season-passes -4200
2027-03-22 | cash-payments | B11 | Stormy Sunday: tours paid back   | refunds 600, bank -600
2027-03-29 | sales         | S1  | School week invoiced             | receivables 7800, hire -5400, tours -2400
2027-03-31 | cash-receipts | B12 | Tours and shop, March            | bank 11620, tours -5500, shop-sales -6120
2027-03-31 | cash-payments | B13 | Wages, March                     | wages 3400, bank -3400
2027-03-31 | cash-payments | B14 | Loan: repayment and interest     | loan-within-year 600, loan-interest 390, bank -990
2027-03-30 | cash-receipts | B15 | Schools pay a part               | bank 1600, receivables -1600
2027-03-31 | cash-payments | B16 | The bank charges for the account | bank-charges 90, bank -90
2027-03-31 | cash-receipts | B17 | Interest from the bank           | bank 90, interest-received -90
2027-03-31 | general       | J1  | Cost of what the shop sold       | cost-of-goods 3670, shop-stock -3670
2027-03-31 | adjusting     | A1  | Loan due within a year           | loan 600, loan-within-year -600
2027-03-31 | adjusting     | A2  | Prepaid slipway rent used up     | slipway-rent 1500, slipway-prepaid -1500
2027-03-31 | adjusting     | A3  | Prepaid insurance used up        | insurance 860, insurance-prepaid -860
2027-03-31 | adjusting     | A4  | Depreciation of the fleet        | fleet-charge 2300, fleet-dep -2300
2027-03-31 | adjusting     | A5  | Depreciation of the van          | van-charge 650, van-dep -650
2027-03-31 | adjusting     | A6  | Wages earned, paid in April      | wages 1120, wages-payable -1120
2027-03-31 | adjusting     | A7  | Tax on the profit of the quarter | income-tax 1780, tax-payable -1780
`,
  });
