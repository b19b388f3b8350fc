import {
  apply,
  asPriorPeriod,
  balancesInTable,
  changesInEquity,
  checkWork,
  closingBalances,
  keyOf,
  NEW_ACCOUNT,
  openingOf,
  proposedGoing,
  readAccountTable,
  signByArithmetic,
  sum,
  takingOpenings,
  type AccountTable,
  type Book,
  type Goes,
} from '../src/index.js';
import { juniperLane } from '../src/demo/index.js';
import { COMPANY, entry, SCHEME, shop } from './builder.js';
import { after } from './subledgers.js';

const table = (rows: readonly (readonly string[])[]): AccountTable => {
  const read = readAccountTable(rows, { scheme: SCHEME, digits: 2, guessTypes: true });
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  return read.value;
};

const bare = (): Book => ({
  ...shop(),
  opening: { date: '2026-12-31', balances: {} },
  entries: [],
});

const taken = (book: Book, of: AccountTable, more: readonly [number, Goes][] = []): Book => {
  const found = balancesInTable(book, of);
  const going = new Map([...proposedGoing(book, found), ...more]);
  return after(book, takingOpenings(book, found, { going }));
};

const SIGNED = (turn: number) =>
  [
    ['Bank', '5000'],
    ['Trade receivables', '1200'],
    ['Prepaid insurance', '600'],
    ['Van', '9000'],
    ['Accumulated depreciation, van', '-2000'],
    ['Passes paid ahead', '-800'],
    ['Harbour loan', '-4000'],
    ['Share capital', '-7000'],
    ['Retained earnings', '-2000'],
  ].map(([name = '', amount = '']) => [name, String(turn * Number(amount))]);

describe('opening balances from a table', () => {
  test('in two columns, by number and by name', () => {
    const two = table([
      ['No.', 'Account', 'Debit', 'Credit'],
      ['1010', 'Bank', '5000', ''],
      ['', 'Harbour loan', '', '4000'],
      ['1100', 'Debtors', '1200', ''],
    ]);
    const book = taken(bare(), two);
    expect(book.opening.balances).toEqual({ bank: 500_000, loan: -400_000, debtors: 120_000 });
  });

  test('in one signed column, whichever way it is signed', () => {
    for (const turn of [1, -1]) {
      const one = table([['Account', 'Balance'], ...SIGNED(turn)]);
      expect(signByArithmetic(bare(), one)).toBe(turn === 1 ? 'debit-positive' : 'credit-positive');
      expect(taken(bare(), one).opening.balances).toEqual(shop().opening.balances);
    }
    const positive = table([
      ['Account', 'Balance'],
      ...SIGNED(1).map(([name = '', amount = '']) => [name, amount.replace('-', '')]),
    ]);
    expect(signByArithmetic(bare(), positive)).toBe('normal-side');
    expect(taken(bare(), positive).opening.balances).toEqual(shop().opening.balances);
  });

  test('what is not found goes nowhere until it is said; then an account is set up for it at its place', () => {
    const odd = table([
      ['Account', 'Debit', 'Credit'],
      ['Bank', '100', ''],
      ['Petty cash', '20', ''],
    ]);
    expect(taken(bare(), odd).opening.balances).toEqual({ bank: 10_000 });
    const set = taken(bare(), odd, [[3, NEW_ACCOUNT]]);
    const added = set.accounts.find(({ name }) => name === 'Petty cash');
    expect(added?.type).toBe('cash-in-hand');
    expect(openingOf(set, added?.id ?? '')).toBe(2_000);
  });

  test('several that go to one account are added up', () => {
    const two = table([
      ['Account', 'Debit', 'Credit'],
      ['Bank', '100', ''],
      ['Deposit account', '50', ''],
    ]);
    expect(taken(bare(), two, [[3, 'bank']]).opening.balances).toEqual({ bank: 15_000 });
  });
});

describe('a closing balance sheet carried forward', () => {
  test('opens the next book in balance, the profit with what takes it', () => {
    const found = closingBalances(shop(), '2027-12-31');
    expect(sum(found.map(({ amount }) => amount))).toBe(0);
    const kept = found.find(({ name }) => name === 'Retained earnings');
    expect(kept?.amount).toBe(-200_000 - 110_000);
  });

  test('goes into another chart by its names', () => {
    const other = {
      ...bare(),
      accounts: bare().accounts.map((each) => ({
        ...each,
        id: `x-${each.id}`,
        number: null,
        parent: null,
      })),
    };
    const found = closingBalances(shop(), '2027-12-31');
    const book = after(
      other,
      takingOpenings(other, found, { going: proposedGoing(other, found), at: '2027-12-31' }),
    );
    expect(book.opening.date).toBe('2027-12-31');
    expect(Object.keys(book.opening.balances)).toHaveLength(found.length);
    expect(openingOf(book, 'x-bank')).toBe(610_000);
  });
});

test('openings by fields, by a table, by the journal and carried forward are one book to the checker', () => {
  const key = { ...shop(), entries: shop().entries };
  const empty = { ...key, opening: { date: '2026-12-31', balances: {} } };
  const start: Book = { ...empty, entries: [] };
  const fields = after(
    empty,
    ...Object.entries(key.opening.balances).map(
      ([id, amount]) => ({ kind: 'set-opening', id, amount }) as const,
    ),
  );
  const fromTable = taken(empty, table([['Account', 'Balance'], ...SIGNED(1)]));
  const opening = entry('open', '2026-12-31', {
    lines: key.opening.balances,
    rest: { kind: 'opening' },
  });
  const byJournal = { ...empty, entries: [opening, ...key.entries] };
  const before: Book = { ...key, entries: [] };
  const found = closingBalances(before, '2026-12-31');
  const carried = after(
    empty,
    takingOpenings(empty, found, { going: proposedGoing(empty, found) }),
  );
  const asked = keyOf(key, {
    statementDates: [{ statement: 'balance-sheet', at: '2027-03-31' }],
  });
  const marks = [fields, fromTable, byJournal, carried].map((work) => {
    const checked = checkWork(asked, work, { start });
    return [checked.points, checked.of];
  });
  for (const each of marks) expect(each).toEqual([marks[0]?.[1], marks[0]?.[1]]);
});

describe('a prior-period adjustment', () => {
  test('leaves the opening balance as it was and takes the difference to what takes the profit', () => {
    const changed = after(shop(), { kind: 'set-opening', id: 'prepaid', amount: 65_000 });
    const made = asPriorPeriod(changed, 'prepaid', { before: 60_000, entryId: 'ppa' });
    if (!made.ok) throw new Error(made.refusals[0]?.says);
    const book = after(changed, made.value);
    expect(openingOf(book, 'prepaid')).toBe(60_000);
    expect(book.entries.at(-1)).toMatchObject({
      kind: 'prior-period-adjustment',
      date: COMPANY.firstDay,
      lines: [
        { account: 'prepaid', amount: 5_000 },
        { account: 'kept', amount: -5_000 },
      ],
    });
    const equity = changesInEquity(book, { from: '2027-01-01', to: '2027-12-31' });
    expect(JSON.stringify(equity)).toContain('5000');
  });

  test('is refused where nothing can take it', () => {
    const codes = (book: Book, id: string) => {
      const made = asPriorPeriod(book, id, { before: 0, entryId: 'x' });
      return made.ok ? [] : made.refusals.map(({ code }) => code);
    };
    expect(codes(shop(), 'kept')).toEqual(['opening.same-home']);
    expect(codes({ ...juniperLane(), accounts: [] }, 'bank')).toEqual(['opening.no-home']);
    expect(apply(shop(), { kind: 'set-opening', id: 'bank', amount: 1 }).ok).toBe(true);
  });
});
