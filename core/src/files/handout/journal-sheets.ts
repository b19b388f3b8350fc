import { accountOf, type Account, type Book, type Entry } from '../../model/book/book.js';
import { type Period } from '../../model/day/calendar.js';
import { rowsOf } from '../../model/placing/places.js';
import {
  balancesOf,
  ledgerOf,
  statementAccounts,
  upTo,
  type LedgerLine,
} from '../../accounting/ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { partyOfLine } from '../../accounting/party/control-accounts.js';
import {
  accountCell,
  cellShown,
  sheetOf,
  type Handout,
  type HandoutCell,
  type HandoutColumn,
  type HandoutRow,
  OF_NO_COMPANY,
} from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

const words = (name: string, share: number): HandoutColumn => ({ name, share, isFigure: false });
const figures = (name: string): HandoutColumn => ({ name, share: 1.5, isFigure: true });

const debit = (amount: Amount): HandoutCell => (amount > 0 ? { amount } : '');

const byDay = (a: Entry, b: Entry): number => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0);

const DAY: HandoutColumn = { name: 'Day', share: 1.6, isFigure: false, isWhole: true };
const ACCOUNT: HandoutColumn = { name: 'Account', share: 4, isFigure: false, isOfAccounts: true };

const row = (kind: HandoutRow['kind'], cells: readonly HandoutCell[]): HandoutRow => ({
  ...{ kind, depth: 0, cells },
});

/** An account in a line, also one that is gone, and whose debt it is. */
const accountIn = (book: Book, id: string, whose?: string): HandoutCell => {
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

/** The accounts in the order of the chart; where an opening difference waits, last. */
function accountsIn(book: Book, at: string): readonly Account[] {
  const inChart = rowsOf(book).map(({ account }) => account);
  const known = new Set(inChart);
  const all = statementAccounts(book, balancesOf(book, upTo(at)));
  return [...inChart, ...all.filter((each) => !known.has(each))];
}

/** The account on the other side of a line; of several, how many there are. */
function againstIn(book: Book, entry: Entry | null, { id }: Account): HandoutCell {
  const own = entry?.lines.find(({ account }) => account === id)?.amount ?? 0;
  const others = (entry?.lines ?? []).filter(
    ({ account, amount }) => account !== id && amount < 0 !== own < 0,
  );
  const [first] = others;
  if (!first) return '';
  return others.length === 1 ? accountIn(book, first.account) : `${others.length} accounts`;
}

/** One account: what it stood at, what moved it, what that comes to, what it stands at. */
function accountRows(book: Book, account: Account, { from, all }: AccountLines): HandoutRow[] {
  const before = all.filter(({ date }) => date < from).at(-1)?.balance ?? 0;
  const lines = all.filter(({ date }) => date >= from);
  if (lines.length === 0 && before === 0) return [];
  const moved = (sign: 1 | -1) => sum(lines.map(({ amount }) => Math.max(0, sign * amount)));
  const closing = lines.at(-1)?.balance ?? before;
  const revealed = ['', '', 'At the beginning', '', '', '', { amount: before }];
  return [
    row('heading', [cellShown(OF_NO_COMPANY, accountCell(account))]),
    ...(before === 0 ? [] : [row('row', revealed)]),
    ...lines.map(({ entry, date, amount, balance }) => ({
      ...row('row', [
        { day: date },
        entry?.reference ?? '',
        entry ? entry.text : 'Opening balance',
        againstIn(book, entry, account),
        debit(amount),
        debit(-amount),
        { amount: balance },
      ]),
      ...(entry ? { entry: entry.id } : {}),
    })),
    row('total', ['', '', 'Total', '', debit(moved(1)), debit(moved(-1)), { amount: closing }]),
  ];
}

interface AccountLines {
  readonly from: string;
  readonly all: readonly LedgerLine[];
}

/**
 * All accounts (or `only` one) with their postings of a period, each with the balance after it, its totals behind them.
 */
export function ledgerSheet(book: Book, { from, to }: Period, only: string | null = null): Handout {
  const ledger = ledgerOf(book, upTo(to));
  return sheetOf(book, {
    title: 'Ledger',
    subtitle: `${saidOn(book, from)} to ${saidOn(book, to)}; balances: debit above zero, credit in parentheses`,
    columns: [
      ...[DAY, words('Reference', 1.2), words('What happened', 3.4)],
      { ...ACCOUNT, name: 'Against', share: 3 },
      ...[figures('Debit'), figures('Credit'), figures('Balance')],
    ],
    rows: accountsIn(book, to)
      .filter(({ id }) => only === null || id === only)
      .flatMap((account) =>
        accountRows(book, account, { from, all: ledger.get(account.id) ?? [] }),
      ),
  });
}
