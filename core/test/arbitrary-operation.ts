import fc from 'fast-check';
import {
  DOCUMENT_KINDS,
  SHIPPED_PLANS,
  shippedScheme,
  WORDS,
  type Book,
  type Operation,
  type Scheme,
} from '../src/index.js';
import { acct, entry } from './builder.js';

const ODD_TEXT = fc.constantFrom(
  '',
  ' ',
  ' New name ',
  'x'.repeat(121),
  '1010',
  '=1+1',
  '“quoted”',
  'Ünïcode 会计',
);
const ODD_DAY = fc.constantFrom('2026-11-30', '2027-02-30', '2027-06-15', '2031-01-01', 'soon', '');

const fix = <T extends string>(kind: T) => fc.constant(kind);

/** A scheme that lacks some types, or has its sections in another order. */
const anyScheme = (of: Book): fc.Arbitrary<Scheme> =>
  fc.oneof(
    fc.constantFrom('current-first', 'non-current-first').map((id) => shippedScheme(id) as Scheme),
    fc.integer({ min: 1, max: 40 }).map((n) => ({
      ...of.scheme,
      id: 'ours',
      name: 'Ours',
      types: of.scheme.types.filter((_, i) => i % n !== 0),
    })),
    fc.constant({
      ...of.scheme,
      id: 'turned',
      name: 'Turned',
      sections: [...of.scheme.sections].reverse(),
    }),
    fc.constant({ ...of.scheme, sections: [] }),
  );

function ofAccounts(of: Book): fc.Arbitrary<Operation>[] {
  const id = fc.constantFrom(...of.accounts.map((account) => account.id), 'nobody');
  const type = fc.constantFrom(
    'bank',
    'insurance',
    'vehicles',
    'trade-payables',
    'retained-earnings',
    'unheard-of',
    null,
  );
  const number = fc.option(
    fc.oneof(
      fc.integer({ min: 1000, max: 1020 }).map(String),
      fc.constantFrom('', '0010', 'A-1', '12 34', '!', '1'.repeat(16)),
    ),
  );
  const amount = fc.integer({ min: -500, max: 500 });
  const parent: fc.Arbitrary<string | null> = fc.option(id);
  const description: fc.Arbitrary<string | null> = fc.option(ODD_TEXT);
  const budget: fc.Arbitrary<number | null> = fc.option(amount);
  const activity = fc.constantFrom('investing' as const, 'none' as const, null);
  return [
    fc.record({ kind: fix('rename-account'), id, name: ODD_TEXT }),
    fc.record({ kind: fix('renumber-account'), id, number }),
    fc.record({
      kind: fix('move-account'),
      id,
      type,
      number,
      parent,
      index: fc.nat(of.accounts.length),
    }),
    fc.record({
      kind: fc.constantFrom('retire-account' as const, 'bring-back-account' as const),
      id,
    }),
    fc.record({
      kind: fix('delete-account'),
      id,
      children: fc.constantFrom('lift' as const, 'refuse' as const),
    }),
    fc.record({ kind: fix('set-opening'), id, amount }),
    fc.record({
      kind: fix('state-side'),
      id,
      side: fc.constantFrom('debit' as const, 'credit' as const, null),
    }),
    fc.record({
      kind: fix('describe-account'),
      id,
      description,
      cashFlow: activity,
      taxLine: fc.constantFrom('4', null),
      taxCode: fc.constantFrom('S20', null),
      budget,
      budgets: fc.constantFrom([], [1, 2]),
      headsOnly: fc.constant(false),
      usedFrom: fc.constant(null),
      bankDetails: fc.constant(null),
      chargedTo: fc.constant(null),
    }),
    fc.tuple(number, type, fc.nat(of.accounts.length)).map(([of_, as, index]): Operation => ({
      kind: 'add-account',
      account: acct('fresh', as, { number: of_ }),
      index,
    })),
  ];
}

function ofBooks(of: Book): fc.Arbitrary<Operation>[] {
  const id = fc.constantFrom(...of.accounts.map((account) => account.id), 'nobody');
  const made = fc.tuple(
    id,
    id,
    ODD_DAY,
    fc.constantFrom('fresh', ...of.entries.map((each) => each.id)),
  );
  const anEntry = made.map(([to, from, date, name]) => ({
    ...entry(name, date, { lines: {} }),
    lines: [
      { account: to, amount: 5 },
      { account: from, amount: -5 },
    ],
  }));
  const numbers = of.accounts.map((account, i) => ({
    id: account.id,
    number: String(1000 + 10 * i),
  }));
  return [
    fc.record({ kind: fix('set-opening-date'), date: ODD_DAY }),
    fc.record({ kind: fix('lock-entries'), until: fc.option(ODD_DAY, { nil: null }) }),
    fc.record({ kind: fix('record-entry'), entry: anEntry }),
    fc.record({ kind: fix('change-entry'), entry: anEntry }),
    fc.record({ kind: fix('put-waiting'), entry: anEntry }),
    fc.record({ kind: fix('remove-waiting'), id: fc.constantFrom('e1', 'none') }),
    fc.record({
      kind: fix('put-template'),
      template: fc.record({ id: fc.constantFrom('t1', 't2'), name: ODD_TEXT, entry: anEntry }),
    }),
    fc.record({ kind: fix('remove-template'), id: fc.constantFrom('t1', 'none') }),
    fc
      .constantFrom(...of.entries.map((each) => each.id), 'none')
      .map((each): Operation => ({ kind: 'remove-entry', id: each })),
    fc.record({
      kind: fix('change-company'),
      company: fc.record({
        name: ODD_TEXT,
        trade: fc.constant('Boats'),
        legalForm: fc.constantFrom('company' as const, 'sole-trader' as const),
        currency: fc.constantFrom('EUR', 'JPY', 'euro'),
        firstDay: fc.constantFrom('2027-01-01', '2027-13-01'),
        periods: fc.constantFrom(12, 0, 4),
        words: fc.constantFrom(...WORDS),
      }),
    }),
    fc
      .constantFrom(
        { lines: [{ id: '4', name: 'Fees' }], codes: [{ id: 'S20', name: 'Standard' }] },
        { lines: [], codes: [] },
        {
          lines: [
            { id: '4', name: 'Fees' },
            { id: '4', name: 'Again' },
          ],
          codes: [],
        },
      )
      .map((taxLists): Operation => ({ kind: 'change-tax-lists', taxLists })),
    anyScheme(of).map((scheme): Operation => ({ kind: 'change-scheme', scheme, places: [] })),
    fc
      .constantFrom(...SHIPPED_PLANS)
      .map((numberPlan): Operation => ({ kind: 'renumber-all', numbers, numberPlan })),
    fc.constant<Operation>({
      kind: 'renumber-all',
      numbers: numbers.map((each) => ({ ...each, number: null })),
      numberPlan: null,
    }),
  ];
}

const LINE = { item: null, quantity: null, price: null, account: null, amount: null };

/** Parties, items, documents and schedules, some of them of things that are not there. */
function ofSubledgers(of: Book): fc.Arbitrary<Operation>[] {
  const id = fc.constantFrom(...of.accounts.map((account) => account.id), 'nobody');
  const maybe: fc.Arbitrary<string | null> = fc.option(id);
  const amount = fc.integer({ min: -5, max: 500 });
  const party = fc.constantFrom('p1', 'p2', 'p3');
  const item = fc.constantFrom('i1', 'i2', 'i3');
  const some = fc.constantFrom('d1', 'd2', 'd3', 'd4');
  const line = fc.oneof(
    fc.record({ item, quantity: amount, price: amount }).map((said) => ({ ...LINE, ...said })),
    fc.record({ account: id, amount }).map((said) => ({ ...LINE, ...said })),
    fc
      .record({ account: id, amount, taxCode: fc.constantFrom('S20', 'Z') })
      .map((said) => ({ ...LINE, ...said })),
  );
  return [
    fc.record({
      kind: fix('put-party'),
      party: fc.record({
        id: party,
        kind: fc.constantFrom('customer' as const, 'supplier' as const),
        name: ODD_TEXT,
        account: maybe,
        opening: amount,
      }),
    }),
    fc.record({
      kind: fix('put-item'),
      item: fc.record({
        id: item,
        name: fc.constantFrom('Boat', ''),
        unit: fc.constant(''),
        price: fc.option(amount),
        cost: fc.option(amount),
        incomeAccount: maybe,
        costAccount: maybe,
        stockAccount: maybe,
        openingQuantity: amount,
        openingValue: amount,
      }),
    }),
    fc.record({
      kind: fix('put-document'),
      document: fc.record(
        {
          id: some,
          kind: fc.constantFrom(...DOCUMENT_KINDS),
          date: fc.oneof(ODD_DAY, fc.constantFrom('2027-02-01', '2027-03-01')),
          reference: fc.constant(''),
          text: fc.constant(''),
          party: fc.option(party),
          money: maybe,
          to: maybe,
          amount: fc.option(amount),
          discount: fc.constantFrom(0, 1),
          lines: fc.array(line, { maxLength: 2 }),
          settles: fc.array(fc.record({ document: some, amount }), { maxLength: 1 }),
          pricesIncludeTax: fc.constant(true as const),
        },
        {
          requiredKeys: [
            'id',
            'kind',
            'date',
            'reference',
            'text',
            'party',
            'money',
            'to',
            'amount',
            'discount',
            'lines',
            'settles',
          ],
        },
      ),
    }),
    fc.record({
      kind: fix('put-schedule'),
      schedule: fc
        .record({ debit: id, credit: id, total: amount, made: fc.boolean() })
        .map(({ made, ...said }) => ({
          id: 's1',
          kind: 'prepayment' as const,
          text: 'Rent',
          residual: 0,
          begins: null,
          ...said,
          rows: [{ date: '2027-01-31', amount: said.total, made }],
        })),
    }),
    fc.record({ kind: fix('remove-party'), id: party }),
    fc.record({ kind: fix('remove-item'), id: item }),
    fc.record({ kind: fix('remove-document'), id: some }),
    fc.record({ kind: fix('remove-schedule'), id: fc.constantFrom('s1', 's2') }),
    fc.record({
      kind: fix('change-taxes'),
      taxes: fc.array(
        fc.record({
          code: fc.constantFrom('S20', 'Z'),
          rate: fc.constantFrom(0, 7_700, 20_000, 100_001),
          account: maybe,
        }),
        { maxLength: 2 },
      ),
    }),
    fc.record({
      kind: fix('change-posting'),
      inventory: fc.constantFrom('perpetual' as const, 'periodic' as const),
      posting: fc.record({
        receivables: maybe,
        payables: maybe,
        goodsReceived: maybe,
        goodsInvoiced: maybe,
        priceDifference: maybe,
        discountGiven: maybe,
        discountTaken: maybe,
        returnsGiven: maybe,
        returnsTaken: maybe,
        stockChange: maybe,
      }),
    }),
  ];
}

/** Any change of a book's chart, balances and journal, sensible or not: unknown accounts, odd names, days that are none. */
export const plainOperation = (of: Book): fc.Arbitrary<Operation> =>
  severalOf([...ofAccounts(of), ...ofBooks(of)]);

/** The same, and of its parties, items, documents and schedules. */
export const anyOperation = (of: Book): fc.Arbitrary<Operation> =>
  severalOf([...ofAccounts(of), ...ofBooks(of), ...ofSubledgers(of)]);

function severalOf(all: fc.Arbitrary<Operation>[]): fc.Arbitrary<Operation> {
  const single = fc.oneof(...all);
  const several = fc
    .array(single, { maxLength: 3 })
    .map((operations): Operation => ({ kind: 'several', operations }));
  return fc.oneof({ weight: 5, arbitrary: single }, { weight: 1, arbitrary: several });
}
