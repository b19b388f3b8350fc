import fc from 'fast-check';
import {
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
    ...entry(name, date, {}),
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

/** Any change of a book, sensible or not: unknown accounts, odd names, days that are none. */
export function anyOperation(of: Book): fc.Arbitrary<Operation> {
  const single = fc.oneof(...ofAccounts(of), ...ofBooks(of));
  const several = fc
    .array(single, { maxLength: 3 })
    .map((operations): Operation => ({ kind: 'several', operations }));
  return fc.oneof({ weight: 5, arbitrary: single }, { weight: 1, arbitrary: several });
}
