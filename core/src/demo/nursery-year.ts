import type { Book } from '../model/book/book.js';
import { withSubledgers } from '../model/book/subledgers.js';
import { withDocumentEntries } from '../accounting/document/document-entries.js';
import { proposedAssignment } from '../accounting/document/proposed-assignment.js';
import { madeUntil, planRows } from '../accounting/schedule/plan-rows.js';
import type { Item } from '../model/shapes/item.js';
import type { Party } from '../model/shapes/party.js';
import type { Schedule } from '../model/shapes/schedule.js';
import { bookOfSheet } from '../shelf/sheet/ledger-sheet.js';
import { NurseryStory, OPENINGS, PLANTS } from './nursery-story.js';

const FIRST_DAY = '2027-01-01';
const SEED = 7;
/** As many of each plant as stand there on the first day. */
const AT_FIRST = 120;

const bare = (): Book =>
  bookOfSheet({
    name: 'A year at Juniper Lane',
    trade: 'Growing and selling plants',
    legalForm: 'company',
    accounts: `
bank            | 1010 | Bank                             | bank                     |  11250 |
till            | 1020 | Till                             | cash-in-hand             |    200 |
receivables     | 1100 | Garden centres’ accounts         | trade-receivables        |   3840 |
plants          | 1200 | Plants for sale                  | inventory                |   2490 |
transit         | 1210 | Plants on their way              | goods-in-transit         |        |
insurance-prepaid | 1310 | Prepaid glass insurance        | prepayment               |    720 |
field           | 1500 | Nursery field                    | land                     |  38000 |
glasshouse      | 1510 | Glasshouse                       | buildings                |  27500 |
glasshouse-dep  | 1519 | Accumulated depreciation, glasshouse | accumulated-depreciation | -8250 | glasshouse
van             | 1520 | Delivery van                     | vehicles                 |  12000 |
van-dep         | 1529 | Accumulated depreciation, van    | accumulated-depreciation |  -6000 | van
payables        | 2010 | Trade payables                   | trade-payables           |  -2960 |
unbilled        | 2030 | Goods received, not invoiced     | goods-received-not-invoiced |       |
tax-payable     | 2300 | Income tax payable               | income-tax-payable       |  -1240 |
dividend-payable | 2410 | Dividends payable               | dividends-payable        |        |
loan            | 2510 | Glasshouse loan                  | long-term-loan           | -16000 |
share-capital   | 3010 | Share capital                    | share-capital            | -50000 |
retained        | 3100 | Retained earnings                | retained-earnings        | -11550 |
dividends       | 3200 | Dividends                        | dividends                |        |
plant-sales     | 4010 | Plants sold                      | goods-sales              |        |
taken-back      | 4090 | Returns and discounts given      | returns-given            |        |
plants-cost     | 5010 | Cost of plants sold              | cost-of-goods-sold       |        |
discounts       | 5090 | Discounts from suppliers         | returns-taken            |        |
wages           | 6010 | Seasonal wages                   | staff                    |        |
directors       | 6020 | Directors’ salaries              | staff                    |        |
heating         | 6100 | Heating and water                | premises                 |        |
insurance       | 6200 | Glass insurance                  | insurance                |        |
glasshouse-charge | 6400 | Depreciation, glasshouse       | depreciation-charge      |        |
van-charge      | 6410 | Depreciation, van                | depreciation-charge      |        |
van-gain        | 8010 | Gain on the van sold             | gain-on-disposal         |        |
loan-interest   | 8510 | Loan interest                    | interest-paid            |        |
income-tax      | 9010 | Income tax                       | income-tax               |        |
`,
    entries: `
2027-04-26 | general       | H1 | A dividend is decided on        | dividends 3000, dividend-payable -3000
2027-05-14 | cash-payments | H2 | The dividend is paid            | dividend-payable 3000, bank -3000
2027-06-30 | cash-payments | T1 | Income tax of last year         | tax-payable 1240, bank -1240
2027-09-15 | cash-receipts | V1 | The van is sold                | bank 6400, van-dep 7500, van -12000, van-gain -1900
2027-10-01 | cash-payments | L1 | A part of the loan paid back   | loan 1600, bank -1600
2027-12-31 | adjusting     | T2 | Tax on the profit of the year   | income-tax 1720, tax-payable -1720
`,
  });

const party = (
  id: string,
  kind: Party['kind'],
  { name, opening = 0 }: { readonly name: string; readonly opening?: number | undefined },
): Party => ({
  id,
  kind,
  name,
  account: null,
  opening,
  ...(opening === 0 ? {} : { terms: { discount: 2000, discountDays: 10, netDays: 30 } }),
});

const PARTIES: readonly Party[] = [
  party('lock', 'customer', {
    name: 'Garden centre at the lock',
    opening: OPENINGS.customers.lock,
  }),
  party('mill', 'customer', { name: 'Old Mill Gardens', opening: OPENINGS.customers.mill }),
  party('hall', 'customer', { name: 'Hallfield Plants', opening: OPENINGS.customers.hall }),
  party('parish', 'customer', { name: 'Parish of Nether Fen' }),
  party('gate', 'customer', { name: 'Sold at the gate' }),
  party('growers', 'supplier', { name: 'Fen Growers', opening: OPENINGS.suppliers.growers }),
  party('peat', 'supplier', { name: 'Peatfree Supplies', opening: OPENINGS.suppliers.peat }),
  party('fen', 'supplier', { name: 'Young Trees of the Fen' }),
];

const ITEMS: readonly Item[] = Object.entries(PLANTS).map(([id, { name, cost, price }]) => ({
  id,
  name,
  unit: 'pcs',
  price,
  cost,
  incomeAccount: 'plant-sales',
  costAccount: 'plants-cost',
  stockAccount: 'plants',
  openingQuantity: 1000 * AT_FIRST,
  openingValue: AT_FIRST * cost,
}));

interface Spread extends Pick<Schedule, 'id' | 'kind' | 'text' | 'debit' | 'credit'> {
  readonly total: number;
  readonly months: number;
}

function spread({ total, months, ...rest }: Spread): Schedule {
  const rows = planRows({ total, from: FIRST_DAY, months });
  return { ...rest, total, residual: 0, begins: null, rows: madeUntil(rows, '2027-12-31') };
}

const SCHEDULES: readonly Schedule[] = [
  spread({
    ...{ id: 'cover', kind: 'prepayment', text: 'Glass insurance used up' },
    ...{ debit: 'insurance', credit: 'insurance-prepaid', total: 72_000, months: 9 },
  }),
  spread({
    ...{ id: 'glass', kind: 'depreciation', text: 'Depreciation of the glasshouse' },
    ...{ debit: 'glasshouse-charge', credit: 'glasshouse-dep', total: 275_000, months: 24 },
  }),
  spread({
    ...{ id: 'van', kind: 'depreciation', text: 'Depreciation of the van' },
    ...{ debit: 'van-charge', credit: 'van-dep', total: 150_000, months: 8 },
  }),
];

/** A whole year at the nursery, by documents and schedules: drawn from a seed, the same each time. */
export function nurseryYear(seed = SEED): Book {
  const book = bare();
  const made = withDocumentEntries(
    book,
    withSubledgers(book, {
      posting: proposedAssignment(book),
      parties: PARTIES,
      items: ITEMS,
      documents: new NurseryStory(seed, FIRST_DAY).tell(),
      schedules: SCHEDULES,
    }),
  );
  if (!made.ok) throw new Error(made.refusals[0]?.says);
  return made.value;
}
