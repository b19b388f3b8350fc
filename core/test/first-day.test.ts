import { apply, checkWork, keyOf, oddOpeningDate, type Book, type Entry } from '../src/index.js';
import { acct, book, entry } from './builder.js';

const KEY_DATES = {
  statementDates: [
    { statement: 'balance-sheet', at: '2027-03-31' },
    { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
  ],
} as const;

/** Wages owed and rent paid ahead when the books begin; both are turned back on the first day. */
const reversed = (): Book =>
  book(
    [
      acct('bank', 'bank', { number: '1010', name: 'Bank' }),
      acct('ahead', 'prepayment', { number: '1300', name: 'Prepaid rent' }),
      acct('owed', 'accrued-expense', { number: '2200', name: 'Wages payable' }),
      acct('capital', 'share-capital', { number: '3010', name: 'Share capital' }),
      acct('wages', 'staff', { number: '6010', name: 'Wages' }),
      acct('rent', 'premises', { number: '6020', name: 'Rent' }),
    ],
    { bank: 100000, ahead: 5000, owed: -8000, capital: -97000 },
    [
      entry('back', '2027-01-01', { lines: { owed: 8000, wages: -8000 } }),
      entry('used', '2027-01-01', { lines: { rent: 5000, ahead: -5000 } }),
      entry('paid', '2027-01-15', { lines: { wages: 20000, bank: -20000 } }),
    ],
  );

const marks = (work: Book, key = reversed()) => {
  const { points, of, results } = checkWork(keyOf(key, KEY_DATES), work);
  const lost = results.filter(({ outcome }) => outcome === 'not-met').map(({ ref }) => ref);
  return { isFull: points === of, lost };
};

describe('an entry on the first day', () => {
  it('that turns back an accrual or a prepayment is no opening balance', () => {
    expect(marks(reversed())).toEqual({ isFull: true, lost: [] });
  });

  it('is another way of what the key does when it pays', () => {
    const { entries, ...rest } = reversed();
    const [, used] = entries as [Entry, Entry];
    const split = { owed: 8000, wages: 12000, bank: -20000 };
    const key = { ...rest, entries: [used, entry('paid', '2027-01-15', { lines: split })] };
    expect(marks(reversed(), key)).toEqual({ isFull: true, lost: [] });
  });

  it('is missed where it is not there', () => {
    const { entries, ...rest } = reversed();
    const { lost } = marks({ ...rest, entries: entries.filter(({ id }) => id !== 'back') });
    expect(lost).toContain('entry.present:back');
  });

  it('that says how accounts stood opens the books, as the table would', () => {
    const { entries, opening, ...rest } = reversed();
    const opens = entry('o', '2027-01-01', { lines: opening.balances, rest: { text: 'Opening' } });
    const work = { ...rest, entries: [opens, ...entries], opening: { ...opening, balances: {} } };
    expect(marks(work)).toEqual({ isFull: true, lost: [] });
  });

  it('and so it does where an account of it is on the wrong statement: that alone is marked', () => {
    const { entries, opening, accounts, ...rest } = reversed();
    const opens = entry('o', '2027-01-01', { lines: opening.balances, rest: { text: 'Opening' } });
    const work = {
      ...{ ...rest, entries: [opens, ...entries], opening: { ...opening, balances: {} } },
      accounts: accounts.map((each) =>
        each.id === 'ahead' ? { ...each, type: 'premises' } : each,
      ),
    };
    expect(marks(work).lost.filter((ref) => /^(opening|entry)/.test(ref))).toEqual([]);
  });
});

describe('the day of the opening balances', () => {
  const at = (date: string): string[] => {
    const changed = apply(reversed(), { kind: 'set-opening-date', date });
    if (!changed.ok) return ['refused'];
    expect(changed.value.notices()).toEqual(oddOpeningDate(changed.value.book));
    return changed.value.notices().map(({ says }) => says);
  };

  it('is the one before the year, and nothing is said of it', () => {
    expect(at('2026-12-31')).toEqual([]);
  });

  it.each(['2027-01-01', '2027-03-15', '2027-12-31'])(
    '%s begins the books in mid-year: said so',
    (day) => {
      expect(at(day)[0]).toMatch(/^The books begin inside the year: .* since then\./);
    },
  );

  it.each(['2025-12-01', '2026-12-30', '2028-01-01'])('%s is told as a slip', (day) => {
    expect(at(day)[0]).toMatch(/is neither the day before the financial year, 31 Dec(ember)? 2026/);
  });
});
