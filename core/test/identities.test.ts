import fc from 'fast-check';
import {
  balanceSheet,
  cashFlow,
  changesInEquity,
  checkWork,
  keyOf,
  linesOfStatement,
  Marking,
  profitAndLoss,
  readBook,
  readKey,
  sectionIdOf,
  trialBalance,
  trialMovement,
  writeBook,
  writeKey,
  type AnswerKey,
  type Book,
  type StatementDate,
  type StatementLine,
} from '../src/index.js';
import { balancesOf } from '../src/accounting/ledger/balances.js';
import { statementAccounts } from '../src/accounting/ledger/balances.js';
import { shareOf } from '../src/assessment/cause/cause.js';
import { postingOf } from '../src/assessment/check/marking.js';
import { ledgerOf, linesOf, upTo } from '../src/accounting/ledger/balances.js';
import { anyBook } from './arbitrary-book.js';
import { shop } from './builder.js';

const dates = fc.constantFrom(
  '2026-12-31',
  '2027-01-01',
  '2027-03-31',
  '2027-08-15',
  '2027-12-31',
  '2028-02-01',
);

test('debits equal credits at any date, whatever the book', () => {
  fc.assert(
    fc.property(anyBook, dates, (book, at) => {
      const { debit, credit } = trialBalance(book, at);
      expect(debit).toBe(credit);
    }),
  );
});

test('the movement of a period has equal sides and leads from the balances before it to those after', () => {
  fc.assert(
    fc.property(anyBook, dates, (book, to) => {
      const from = '2027-01-01';
      if (to < from) return;
      const { lines, debit, credit } = trialMovement(book, { from, to });
      expect(debit).toBe(credit);
      const after = trialBalance(book, to);
      expect(lines.map(({ account, closing }) => [account.id, closing])).toEqual(
        after.lines
          .filter(({ account }) => lines.some((line) => line.account.id === account.id))
          .map((line) => [line.account.id, line.debit - line.credit]),
      );
      for (const line of lines) expect(line.opening + line.debit - line.credit).toBe(line.closing);
      if (book.entries.some(({ kind }) => kind === 'opening')) return;
      const before = new Map(trialBalance(book, '2026-12-31').lines.map((l) => [l.account.id, l]));
      for (const { account, opening } of lines) {
        const stood = before.get(account.id);
        if (stood) expect(opening).toBe(stood.debit - stood.credit);
      }
    }),
  );
});

test('the ledger made in one pass says of every account what it says alone', () => {
  fc.assert(
    fc.property(anyBook, dates, (book, to) => {
      const ledger = ledgerOf(book, upTo(to));
      for (const { id } of book.accounts)
        expect(ledger.get(id) ?? []).toEqual(linesOf(book, id, upTo(to)));
    }),
  );
});

test('assets = liabilities + equity, whatever the book', () => {
  fc.assert(
    fc.property(anyBook, dates, (book, at) => {
      const { assets, liabilities, equity } = balanceSheet(book, at).totals;
      expect(assets).toBe(liabilities + equity);
    }),
  );
});

test('the three activities of the cash flow are the movement of cash, exactly', () => {
  fc.assert(
    fc.property(anyBook, dates, (book, to) => {
      const flow = cashFlow(book, { from: '2027-01-01', to });
      expect(flow.operating + flow.investing + flow.financing).toBe(flow.movement);
    }),
  );
});

test('changes in equity end at the equity of the balance sheet', () => {
  fc.assert(
    fc.property(anyBook, dates, (book, to) => {
      const { total } = changesInEquity(book, { from: '2027-01-01', to });
      expect(total.closing).toBe(balanceSheet(book, to).totals.equity);
      const { opening, profit, contributed, takenOut, revalued } = total;
      expect(opening + profit + contributed + takenOut + revalued).toBe(total.closing);
    }),
  );
});

test('every level of detail has the same totals', () => {
  fc.assert(
    fc.property(anyBook, dates, (book, at) => {
      const period = { from: '2027-01-01', to: at };
      for (const level of ['parent', 'section'] as const) {
        expect(balanceSheet(book, at, level).totals).toEqual(balanceSheet(book, at).totals);
        expect(profitAndLoss(book, period, level).totals).toEqual(
          profitAndLoss(book, period).totals,
        );
      }
      for (const section of balanceSheet(book, at, 'parent').sections)
        expect(section.lines.reduce((sum, line) => sum + line.amount, 0)).toBe(section.total);
    }),
  );
});

test('reading what was written gives the same book, and the same bytes again', () => {
  fc.assert(
    fc.property(anyBook, (book) => {
      const text = writeBook(book);
      const read = readBook(text);
      if (!read.ok) throw new Error(read.refusals.map((each) => each.says).join('\n'));
      expect(read.value).toEqual(book);
      expect(writeBook(read.value)).toBe(text);
      const key = readKey(writeKey(keyOf(book)));
      if (!key.ok) throw new Error('the key was not read');
      expect(key.value.book).toEqual(book);
    }),
  );
});

function figure(book: Book, line: StatementLine, date: StatementDate): number {
  const balances = balancesOf(book, postingOf(date));
  let sum = 0;
  for (const account of statementAccounts(book, balances))
    sum += line.weigh(book.scheme, sectionIdOf(book, account)) * (balances.get(account.id) ?? 0);
  return sum;
}

const keyDates: StatementDate[] = [
  { statement: 'balance-sheet', at: '2027-03-31' },
  { statement: 'balance-sheet', at: '2027-12-31' },
  { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-06-30' },
];

function causesAddUp(key: AnswerKey, work: Book): void {
  const marking = new Marking(key, work);
  for (const date of key.statementDates)
    for (const line of linesOfStatement(key.book.scheme, date.statement)) {
      const shares = marking.causesAt(date).map((cause) => shareOf(cause, line));
      const difference = figure(work, line, date) - figure(key.book, line, date);
      expect(shares.reduce((sum, share) => sum + share, 0)).toBe(difference);
    }
}

test('causes add up to each difference, whatever the two books', () => {
  fc.assert(
    fc.property(anyBook, anyBook, (one, other) =>
      causesAddUp(keyOf(one, { statementDates: keyDates }), other),
    ),
    { numRuns: 150 },
  );
});

test('causes add up when a book is laid beside a mangled copy of itself', () => {
  const mangled = fc
    .tuple(anyBook, fc.nat(), fc.nat(), fc.integer({ min: 1, max: 900 }))
    .map(([book, which, entry, amount]): [Book, Book] => {
      const accounts = book.accounts.map((account, i) =>
        i === which % book.accounts.length && account.type !== 'retained-earnings'
          ? { ...account, type: 'sundry-income' }
          : account,
      );
      const entries = book.entries.filter((_, i) => i !== entry % (book.entries.length + 1));
      const balances = { ...book.opening.balances, a0: amount };
      return [book, { ...book, accounts, entries, opening: { ...book.opening, balances } }];
    });
  fc.assert(
    fc.property(mangled, ([book, work]) =>
      causesAddUp(keyOf(book, { statementDates: keyDates }), work),
    ),
  );
});

/** The same book with other ids, its accounts and entries in another order. */
function disguised(book: Book): Book {
  const id = new Map(book.accounts.map((account, i) => [account.id, `other-${i * 7}`]));
  const to = (old: string) => id.get(old) ?? old;
  return {
    ...book,
    accounts: [...book.accounts].reverse().map((account) => ({
      ...account,
      id: to(account.id),
      parent: account.parent && to(account.parent),
    })),
    opening: {
      ...book.opening,
      balances: Object.fromEntries(
        Object.entries(book.opening.balances).map(([old, amount]) => [to(old), amount]),
      ),
    },
    entries: [...book.entries].reverse().map((entry) => ({
      ...entry,
      id: `other-${entry.id}`,
      lines: [...entry.lines].reverse().map((line) => ({ ...line, account: to(line.account) })),
    })),
  };
}

test('a copy of the key with other ids and another order gets full points', () => {
  const placed = anyBook.filter((book) => book.accounts.every((account) => account.type !== null));
  fc.assert(
    fc.property(placed, (book) => {
      const checked = checkWork(keyOf(book), disguised(book));
      expect(checked.results.filter((result) => result.outcome !== 'met')).toEqual([]);
      expect(checked.points).toBe(checked.of);
    }),
  );
  const checked = checkWork(keyOf(shop()), disguised(shop()));
  expect(checked.points).toBe(checked.of);
});
