import {
  apply,
  bookFromJson,
  bookToJson,
  nextYear,
  owedSheet,
  startingPoint,
  subledgersOf,
  whoOwes,
  type Book,
  type Entry,
  type Line,
} from '../src/index.js';
import { acct } from './builder.js';
import {
  after,
  balances,
  dealer,
  END,
  on,
  paper,
  party,
  refusalsTo,
  withPapers,
} from './subledgers.js';

const told = (id: string, date: string, lines: readonly Line[]): Entry => ({
  ...{ id, date, kind: 'general', reference: '', text: 'Old oven sold' },
  lines,
});

const soldTo = (whose: string, amount: number, date = '2027-03-05'): Entry =>
  told(`e-${whose}-${date}`, date, [
    { account: 'debtors', amount, party: whose },
    { account: 'sales', amount: -amount },
  ]);

const owed = (book: Book, kind: 'customer' | 'supplier', at = END) =>
  Object.fromEntries(whoOwes(book, kind, at).parties.map((each) => [each.party.id, each.owed]));

describe('whose a line of a journal entry is', () => {
  const recorded = after(dealer(), { kind: 'record-entry', entry: soldTo('ann', 300_00) });

  test('who owes adds up to the control account', () => {
    const { total, control, parties } = whoOwes(recorded, 'customer', END);
    expect([total, control]).toEqual([300_00, 300_00]);
    expect(parties.find((each) => each.party.id === 'ann')?.open).toEqual([
      {
        ...{ document: null, entry: 'e-ann-2027-03-05', date: '2027-03-05', due: '2027-04-04' },
        ...{ open: 300_00, of: 300_00 },
      },
    ]);
    expect(owed(recorded, 'customer', '2027-03-04')).toEqual({ ann: 0, bob: 0 });
  });

  test('money from a document settles it, and money from an entry settles a document', () => {
    const paid = withPapers(
      recorded,
      paper('paid', 'customer-payment', {
        ...{ party: 'ann', money: 'bank', amount: 120_00, date: '2027-03-20' },
      }),
    );
    expect(owed(paid, 'customer')).toEqual({ ann: 180_00, bob: 0 });
    const invoiced = withPapers(
      dealer(),
      paper('bill', 'supplier-invoice', { party: 'mill', lines: [on('rent', 90_00)] }),
    );
    const lines = [
      { account: 'creditors', amount: 50_00, party: 'mill' },
      { account: 'bank', amount: -50_00 },
    ];
    const settled = after(invoiced, {
      kind: 'record-entry',
      entry: told('out', '2027-02-20', lines),
    });
    expect(owed(settled, 'supplier')).toEqual({ mill: 40_00, yard: 0 });
  });

  test('is written, read, and goes on into the next year', () => {
    const back = bookFromJson(bookToJson(recorded));
    expect(back.ok && back.value.entries).toEqual(recorded.entries);
    const lent = told('lent', '2027-03-05', [
      { account: 'debtors', amount: 300_00, party: 'ann' },
      { account: 'capital', amount: -300_00 },
    ]);
    const year = after(dealer(), { kind: 'record-entry', entry: lent });
    const next = nextYear(year, { from: '2027-01-01', to: END });
    if (!next.ok) throw new Error(next.refusals.map(({ says }) => says).join(' '));
    expect(subledgersOf(next.value).parties.find(({ id }) => id === 'ann')?.opening).toBe(300_00);
  });

  test('is refused where whoever is named stands elsewhere, or is not there', () => {
    for (const lines of [
      [
        { account: 'bank', amount: 1_00, party: 'ann' },
        { account: 'sales', amount: -1_00 },
      ],
      [
        { account: 'debtors', amount: 1_00, party: 'mill' },
        { account: 'sales', amount: -1_00 },
      ],
      [
        { account: 'debtors', amount: 1_00, party: 'nobody' },
        { account: 'sales', amount: -1_00 },
      ],
    ])
      expect(
        refusalsTo(recorded, { kind: 'record-entry', entry: told('x', '2027-03-06', lines) }),
      ).toEqual(['entry.party-elsewhere']);
  });

  test('is not told by a start that keeps back what accounts are for', () => {
    const given = startingPoint(recorded, 'place-them', { faults: {}, seed: 1 });
    expect(given.entries.length).toBeGreaterThan(0);
    expect(JSON.stringify(given.entries)).not.toContain('party');
  });

  test('keeps whoever is named from being removed', () => {
    expect(refusalsTo(recorded, { kind: 'remove-party', id: 'ann' })).toEqual(['subledgers.named']);
  });
});

describe('a supplier whose debts stand on an account of their own', () => {
  const withOwn = after(
    dealer(),
    { kind: 'add-account', account: acct('for-machines', 'sundry-payable') },
    { kind: 'add-account', account: acct('machine', 'plant-equipment') },
    { kind: 'put-party', party: party('forge', 'supplier', { control: 'for-machines' }) },
  );
  const bought = withPapers(
    withOwn,
    paper('press', 'supplier-invoice', { party: 'forge', lines: [on('machine', 5_000_00)] }),
    paper('part', 'supplier-payment', {
      ...{ party: 'forge', money: 'bank', amount: 2_000_00, date: '2027-04-01' },
    }),
    paper('bill', 'supplier-invoice', { party: 'mill', lines: [on('rent', 90_00)] }),
  );

  test('its documents make their entries there, and who is owed agrees with both accounts', () => {
    expect(balances(bought)).toMatchObject({ 'for-machines': -3_000_00, creditors: -90_00 });
    expect(owed(bought, 'supplier')).toEqual({ mill: 90_00, yard: 0, forge: 3_000_00 });
    const { total, control } = whoOwes(bought, 'supplier', END);
    expect([total, control]).toEqual([3_090_00, 3_090_00]);
  });

  test('the account can’t be deleted under it, and another is made known at once', () => {
    const bare = apply(withOwn, { kind: 'delete-account', id: 'for-machines', children: 'refuse' });
    expect(bare.ok).toBe(false);
    const usual = after(bought, { kind: 'put-party', party: party('forge', 'supplier') });
    expect(balances(usual)).toMatchObject({ creditors: -3_090_00 });
  });
});

test('what was paid ahead has no age', () => {
  const ahead = withPapers(
    dealer(),
    paper('bill', 'customer-invoice', { party: 'bob', lines: [on('sales', 40_00)] }),
    paper('paid', 'customer-payment', { party: 'ann', money: 'bank', amount: 70_00 }),
  );
  const sheet = owedSheet(ahead, 'customer', '2027-12-31');
  const total = sheet.rows.find(({ kind }) => kind === 'total');
  expect(sheet.columns.map(({ name }) => name).slice(2)).toEqual([
    ...['In credit', 'Not due', 'to 30 days', 'to 60', 'to 90', 'beyond', 'Total'],
  ]);
  expect(total?.cells.slice(2).map((cell) => (cell as { amount: number }).amount)).toEqual([
    ...[-70_00, 0, 0, 0, 0, 40_00, -30_00],
  ]);
});
