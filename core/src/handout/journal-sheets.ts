import { accountLabel, accountOf, type Account, type Book, type Entry } from '../book/book.js';
import { dayText, type Period } from '../day/calendar.js';
import { rowsOf } from '../placing/places.js';
import { balancesOf, ledgerOf, statementAccounts, upTo } from '../ledger/balances.js';
import type { Amount } from '../money/amount.js';
import { sheetOf, type Handout, type HandoutCell, type HandoutColumn } from './sheet.js';

const words = (name: string, share: number): HandoutColumn => ({ name, share, isFigure: false });
const figures = (name: string): HandoutColumn => ({ name, share: 1.5, isFigure: true });

const debit = (amount: Amount): HandoutCell => (amount > 0 ? { amount } : '');

const byDay = (a: Entry, b: Entry): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0);

/** The journal in order of date: each entry's lines, its day and words beside the first of them. */
export function journalSheet(book: Book, entries: readonly Entry[] = book.entries): Handout {
  const rows = [...entries].sort(byDay).flatMap(({ date, reference, text, lines }) =>
    lines.map(({ account, amount }, i) => {
      const found = accountOf(book, account);
      const heads = i === 0 ? [date, reference, text] : ['', '', ''];
      const name = found ? accountLabel(found) : account;
      return {
        kind: 'row' as const,
        depth: 0,
        cells: [...heads, name, debit(amount), debit(-amount)],
      };
    }),
  );
  return sheetOf(book, {
    title: 'Journal',
    subtitle: `${entries.length} ${entries.length === 1 ? 'entry' : 'entries'}`,
    columns: [
      ...[
        words('Day', 1.5),
        words('Reference', 1.2),
        words('What happened', 4),
        words('Account', 4),
      ],
      ...[figures('Debit'), figures('Credit')],
    ],
    rows,
  });
}

/** The accounts in the order of the chart; where an opening difference waits, last. */
function accountsIn(book: Book, at: string): readonly Account[] {
  const inChart = rowsOf(book).map(({ account }) => account);
  const known = new Set(inChart);
  const all = statementAccounts(book, balancesOf(book, upTo(at)));
  return [...inChart, ...all.filter((each) => !known.has(each))];
}

/** All accounts with their postings of a period, each with the balance after it. */
export function ledgerSheet(book: Book, { from, to }: Period): Handout {
  const ledger = ledgerOf(book, upTo(to));
  const rows = accountsIn(book, to).flatMap((account) => {
    const all = ledger.get(account.id) ?? [];
    const before = all.filter(({ date }) => date < from).at(-1)?.balance ?? 0;
    const lines = all.filter(({ date }) => date >= from);
    if (lines.length === 0 && before === 0) return [];
    return [
      {
        kind: 'heading' as const,
        depth: 0,
        cells: [accountLabel(account), '', '', '', { amount: before }],
      },
      ...lines.map(({ entry, date, amount, balance }) => ({
        kind: 'row' as const,
        depth: 0,
        cells: [
          date,
          entry ? entry.text || entry.reference : 'Opening balance',
          debit(amount),
          debit(-amount),
          { amount: balance },
        ],
      })),
    ];
  });
  return sheetOf(book, {
    title: 'Ledger',
    subtitle: `${dayText(from)} to ${dayText(to)}; balances: debit above zero, credit in parentheses`,
    columns: [
      words('Day', 1.6),
      words('What happened', 5),
      figures('Debit'),
      figures('Credit'),
      figures('Balance'),
    ],
    rows,
  });
}
