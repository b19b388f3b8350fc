import { accountOf, type Book, type Entry } from '../../model/book/book.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { partyOfLine } from '../../accounting/party/control-accounts.js';
import {
  accountCell,
  sheetOf,
  type Handout,
  type HandoutCell,
  type HandoutColumn,
  type HandoutRow,
} from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

export const words = (name: string, share: number): HandoutColumn => ({
  name,
  share,
  isFigure: false,
});
export const figures = (name: string): HandoutColumn => ({ name, share: 1.5, isFigure: true });

export const debit = (amount: Amount): HandoutCell => (amount > 0 ? { amount } : '');

const byDay = (a: Entry, b: Entry): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0);

export const DAY: HandoutColumn = { name: 'Day', share: 1.6, isFigure: false, isWhole: true };
export const ACCOUNT: HandoutColumn = {
  name: 'Account',
  share: 4,
  isFigure: false,
  isOfAccounts: true,
};

export const row = (kind: HandoutRow['kind'], cells: readonly HandoutCell[]): HandoutRow => ({
  ...{ kind, depth: 0, cells },
});

/** An account in a line, also one that is gone, and whose debt it is. */
export const accountIn = (book: Book, id: string, whose?: string): HandoutCell => {
  const found = accountOf(book, id);
  if (!found) return id;
  return accountCell(whose === undefined ? found : { ...found, name: `${found.name}, ${whose}` });
};

/** The journal in order of date: each entry’s lines, its day and words beside the first of them; then its totals. */
export function journalSheet(book: Book, entries: readonly Entry[] = book.entries): Handout {
  const sorted = [...entries].sort(byDay);
  const rows = sorted.flatMap(({ date, reference, text, lines }) =>
    lines.map((line, i) => {
      const { account, amount } = line;
      const heads = i === 0 ? [{ day: date }, reference, text] : ['', '', ''];
      const whose = partyOfLine(book, line)?.name;
      const named = accountIn(book, account, whose);
      return row('row', [...heads, named, debit(amount), debit(-amount)]);
    }),
  );
  const total = sum(sorted.flatMap(({ lines }) => lines.map(({ amount }) => Math.max(0, amount))));
  const [first, last] = [sorted[0]?.date, sorted.at(-1)?.date];
  const when = first && last ? `, ${saidOn(book, first)} to ${saidOn(book, last)}` : '';
  return sheetOf(book, {
    title: 'Journal',
    subtitle: `${entries.length} ${entries.length === 1 ? 'entry' : 'entries'}${when}`,
    columns: [
      ...[DAY, words('Reference', 1.2), words('What happened', 4), ACCOUNT],
      ...[figures('Debit'), figures('Credit')],
    ],
    rows:
      rows.length === 0
        ? []
        : [...rows, row('total', ['', '', 'Total', '', { amount: total }, { amount: total }])],
  });
}
