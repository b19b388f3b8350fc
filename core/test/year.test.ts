import fc from 'fast-check';
import {
  apply,
  balanceSheet,
  changesInEquity,
  closingEntries,
  firstYear,
  nextYear,
  profitAndLoss,
  readBook,
  takersOfProfit,
  trialBalance,
  writeBook,
  type Book,
  type Entry,
} from '../src/index.js';
import { faultsOfBook } from '../src/model/book/book-faults.js';
import { balancesOf } from '../src/accounting/ledger/balances.js';
import { AUTHOR } from '../src/changes/apply/index.js';
import { anyBook } from './arbitrary-book.js';
import { acct, book, COMPANY, entry, shop } from './builder.js';

const YEAR = firstYear('2027-01-01');

const ACCOUNTS = [
  acct('bank', 'bank'),
  acct('fen', 'owner-capital', { name: 'Capital, Fen' }),
  acct('moss', 'owner-capital', { name: 'Capital, Moss' }),
  acct('drawn-fen', 'drawings', { name: 'Drawings, Fen' }),
  acct('drawn-moss', 'drawings', { name: 'Drawings, Moss' }),
  acct('sales', 'goods-sales'),
  acct('rent', 'premises'),
];

const partners = (more: readonly Entry[] = []): Book => ({
  ...book(ACCOUNTS, {}, [
    entry('sold', '2027-03-01', { lines: { bank: 10_001, sales: -10_001 } }),
    entry('rented', '2027-04-01', { lines: { rent: 4_000, bank: -4_000 } }),
    entry('took', '2027-05-01', { lines: { 'drawn-fen': 900, 'drawn-moss': 300, bank: -1_200 } }),
    ...more,
  ]),
  company: { ...COMPANY, legalForm: 'partnership' },
});

const proposed = (of: Book, shares = {}): Entry[] => {
  const entries = closingEntries(of, YEAR, shares);
  if (!entries.ok) throw new Error(entries.refusals[0]?.says);
  return entries.value;
};

const closed = (of: Book, shares = {}): Book => {
  const operations = proposed(of, shares).map((each) => ({
    kind: 'record-entry' as const,
    entry: each,
  }));
  const applied = apply(of, { kind: 'several', operations }, AUTHOR);
  if (!applied.ok) throw new Error(applied.refusals[0]?.says);
  return applied.value.book;
};

const linesOf = ({ lines }: Entry) => Object.fromEntries(lines.map((l) => [l.account, l.amount]));

describe('closing a year', () => {
  it('a company’s income and expenses go into retained earnings, and its dividends after them', () => {
    const of = shop();
    const dividends = acct('dividends', 'dividends');
    const granted = entry('granted', '2027-06-01', { lines: { dividends: 40_000, bank: -40_000 } });
    const entries = proposed({
      ...of,
      accounts: [...of.accounts, dividends],
      entries: [...of.entries, granted],
    });
    expect(entries.map(linesOf)).toEqual([
      { sales: 150_000, insurance: -15_000, wear: -25_000, kept: -110_000 },
      { dividends: -40_000, kept: 40_000 },
    ]);
    expect(entries.map(({ kind, date }) => `${kind} ${date}`)).toEqual([
      'closing 2027-12-31',
      'closing 2027-12-31',
    ]);
  });

  it('partners share it: in equal parts, the last with the remainder, or as they agreed', () => {
    expect(proposed(partners()).map(linesOf)).toEqual([
      { sales: 10_001, rent: -4_000, fen: -3_000, moss: -3_001 },
      { 'drawn-fen': -900, 'drawn-moss': -300, fen: 900, moss: 300 },
    ]);
    expect(linesOf(proposed(partners(), { fen: 2, moss: 1 })[0] as Entry)).toMatchObject({
      fen: -4_000,
      moss: -2_001,
    });
  });

  it('goes into current accounts, where partners have them', () => {
    const of = partners();
    const current = acct('current', 'partner-current', { name: 'Current account, Fen' });
    const withCurrent = { ...of, accounts: [...of.accounts, current] };
    expect(takersOfProfit(withCurrent).map(({ id }) => id)).toEqual(['current']);
    expect(linesOf(proposed(withCurrent)[0] as Entry)).toMatchObject({ current: -6_001 });
  });

  it('nothing is closed twice; what came later is closed alone', () => {
    const done = closed(partners());
    expect(closingEntries(done, YEAR)).toMatchObject({ ok: false });
    const late = entry('late', '2027-12-31', { lines: { rent: 50, bank: -50 } });
    const again = proposed({ ...done, entries: [...done.entries, late] });
    expect(again.map(linesOf)).toEqual([{ rent: -50, fen: 25, moss: 25 }]);
    expect(faultsOfBook({ ...done, entries: [...done.entries, late, ...again] })).toEqual([]);
  });

  it('a retired account that still holds something is closed, too', () => {
    const of = partners();
    const accounts = of.accounts.map((each) =>
      each.id === 'rent' ? { ...each, retired: true } : each,
    );
    expect(balanceSheet(closed({ ...of, accounts }), YEAR.to).totals.profit).toBe(0);
  });

  it('parts that are all nothing are no agreement', () => {
    const none = closingEntries(partners(), YEAR, { fen: 0, moss: 0 });
    expect(none.ok ? '' : none.refusals[0]?.says).toMatch(/in which parts/);
  });

  it('says what is missing where nothing can take the profit', () => {
    const none = {
      ...partners(),
      accounts: ACCOUNTS.filter(({ type }) => type !== 'owner-capital'),
    };
    const refusedIt = closingEntries(none, YEAR);
    expect(refusedIt.ok ? '' : refusedIt.refusals[0]?.says).toContain('no capital account');
    const of = shop();
    const company = { ...of, accounts: of.accounts.filter(({ id }) => id !== 'kept') };
    const refusedToo = closingEntries(company, YEAR);
    expect(refusedToo.ok ? '' : refusedToo.refusals[0]?.says).toContain('Retained earnings');
  });

  it('whatever the book: in balance, profit and loss as before, nothing left, and the profit goes to who earned it', () => {
    fc.assert(
      fc.property(anyBook, (of) => {
        const entries = closingEntries(of, YEAR);
        if (!entries.ok) return;
        const after = { ...of, entries: [...of.entries, ...entries.value] };
        for (const { lines } of entries.value)
          expect(lines.reduce((sum, { amount }) => sum + amount, 0)).toBe(0);
        expect(profitAndLoss(after, YEAR).totals).toEqual(profitAndLoss(of, YEAR).totals);
        const { totals } = balanceSheet(after, YEAR.to);
        expect(totals.profit).toBe(0);
        expect(totals.equity).toBe(balanceSheet(of, YEAR.to).totals.equity);
        expect(changesInEquity(after, YEAR).total.profit).toBe(
          changesInEquity(of, YEAR).total.profit,
        );
      }),
    );
  });
});

describe('the next year', () => {
  it('opens with the closing balance sheet, and keeps no entries', () => {
    const next = nextYear(closed(partners()), YEAR);
    if (!next.ok) throw new Error(next.refusals[0]?.says);
    expect(next.value.company.firstDay).toBe('2028-01-01');
    expect(next.value.opening).toEqual({
      date: '2027-12-31',
      balances: { bank: 4_801, fen: -2_100, moss: -2_701 },
    });
    expect(next.value.entries).toEqual([]);
    expect(trialBalance(next.value, '2027-12-31').debit).toBe(4_801);
    expect(faultsOfBook(next.value)).toEqual([]);
  });

  it('is refused while the year is open, with what still holds something', () => {
    const open = nextYear(partners(), YEAR);
    expect(open.ok ? '' : open.refusals[0]?.says).toMatch(
      /not closed: Drawings, Fen, .* and 1 more still hold/,
    );
  });

  it('a difference that waited goes on waiting', () => {
    const of = partners();
    const odd = { ...of, opening: { ...of.opening, balances: { bank: 77 } } };
    const next = nextYear(closed(odd), YEAR);
    if (!next.ok) throw new Error('refused');
    const total = Object.values(next.value.opening.balances).reduce((sum, each) => sum + each, 0);
    expect(total).toBe(77);
    const sheet = balanceSheet(next.value, '2028-12-31').totals;
    expect(sheet).toEqual(balanceSheet(closed(odd), YEAR.to).totals);
  });

  it('retired accounts that hold nothing stay behind, with their balances the others go on', () => {
    fc.assert(
      fc.property(anyBook, (of) => {
        const entries = closingEntries(of, YEAR);
        const after = entries.ok ? { ...of, entries: [...of.entries, ...entries.value] } : of;
        const next = nextYear(after, YEAR);
        if (!next.ok) return;
        const before = balancesOf(after, { from: null, to: YEAR.to, closing: true, opening: true });
        for (const { id } of next.value.accounts)
          expect(next.value.opening.balances[id] ?? 0).toBe(before.get(id) ?? 0);
        expect(readBook(writeBook(next.value)).ok).toBe(true);
      }),
    );
  });
});

describe('locked entries', () => {
  const locked = (): Book => {
    const done = apply(shop(), { kind: 'lock-entries', until: '2027-02-28' });
    if (!done.ok) throw new Error('refused');
    return done.value.book;
  };
  const STUDENT = { by: 'student', entriesMayChange: true } as const;
  const late = entry('late', '2027-02-10', { lines: { bank: 5, sales: -5 } });

  it('take no entry from a student, in words; an author is told', () => {
    const refusedIt = apply(locked(), { kind: 'record-entry', entry: late }, STUDENT);
    expect(refusedIt.ok ? '' : refusedIt.refusals[0]?.says).toContain(
      'entries up to 28 February 2027',
    );
    const described = apply(locked(), { kind: 'record-entry', entry: late });
    expect(described.ok && described.value.notices().map(({ code }) => code)).toEqual([
      'entry.behind-lock',
    ]);
    expect(
      apply(locked(), { kind: 'record-entry', entry: { ...late, date: '2027-03-01' } }, STUDENT).ok,
    ).toBe(true);
  });

  it('are neither changed nor removed by a student', () => {
    const moved = { ...(shop().entries[0] as Entry), date: '2027-03-05' };
    for (const operation of [
      { kind: 'remove-entry', id: 'sale' },
      { kind: 'change-entry', entry: moved },
    ] as const) {
      expect(apply(locked(), operation, STUDENT).ok).toBe(false);
      expect(apply(locked(), operation).ok).toBe(true);
    }
    expect(apply(locked(), { kind: 'remove-entry', id: 'cover' }, STUDENT).ok).toBe(true);
  });

  it('stand in the file, are unlocked, and a day that is none is refused', () => {
    expect(JSON.parse(writeBook(locked())).locked).toBe('2027-02-28');
    const open = apply(locked(), { kind: 'lock-entries', until: null });
    expect(open.ok && 'locked' in open.value.book).toBe(false);
    expect(apply(shop(), { kind: 'lock-entries', until: '2027-02-30' }).ok).toBe(false);
  });
});

describe('what an exercise leaves to its author', () => {
  const STUDENT = { by: 'student', entriesMayChange: true } as const;
  const of = shop();
  const plan = of.numberPlan as NonNullable<Book['numberPlan']>;

  it.each([
    { kind: 'change-company', company: { ...COMPANY, name: 'Mine' } },
    { kind: 'change-scheme', scheme: of.scheme },
    { kind: 'change-tax-lists', taxLists: { lines: [], codes: [] } },
    { kind: 'lock-entries', until: null },
    { kind: 'renumber-all', numbers: [], numberPlan: null },
    { kind: 'renumber-all', numbers: [], numberPlan: { ...plan, id: 'own' } },
    { kind: 'renumber-all', numbers: [], numberPlan: { ...plan, bands: plan.bands.slice(1) } },
    { kind: 'several', operations: [{ kind: 'lock-entries', until: null }] },
  ] as const)('$kind is refused to a student, and not to an author', (operation) => {
    const refusedIt = apply(of, operation, STUDENT);
    expect(refusedIt.ok ? '' : refusedIt.refusals[0]?.says).toMatch(/set by who made it/);
    expect(apply(of, operation).ok).toBe(true);
  });

  it('numbers within the plan are the student’s', () => {
    const numbers = [{ id: 'bank', number: '1040' }];
    expect(apply(of, { kind: 'renumber-all', numbers, numberPlan: plan }, STUDENT).ok).toBe(true);
  });
});
