import { accountOf, type Account, type Book, type Entry } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { type Period } from '../../model/day/calendar.js';
import { rowsOf } from '../../model/placing/places.js';
import {
  balancesOf,
  ledgerOf,
  statementAccounts,
  upTo,
  type LedgerLine,
} from '../../accounting/ledger/balances.js';
import { sum } from '../../model/money/amount.js';
import { linesOfParty } from '../../accounting/party/party-lines.js';
import { saidOn } from '../../model/place/writing.js';
import type { EntryKind } from '../../model/shapes/entry.js';
import { ACCOUNT, accountIn, DAY, debit, figures, row, words } from './journal-sheets.js';
import {
  accountCell,
  cellShown,
  sheetOf,
  type Handout,
  type HandoutCell,
  type HandoutRow,
  OF_NO_COMPANY,
} from './sheet.js';

/** What of the ledger is looked at; null: all of it. */
export interface LedgerWanted {
  readonly account: string | null;
  /** A customer or supplier: what moved what they owe or are owed. In the place of accounts. */
  readonly party: string | null;
  /** Entries of one kind alone: what they come to, no balances. */
  readonly kind: EntryKind | null;
}

export const WHOLE_LEDGER: LedgerWanted = { account: null, party: null, kind: null };

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

interface OneOf {
  /** What it is headed with. */
  readonly name: string;
  readonly all: readonly LedgerLine[];
  readonly against: (entry: Entry | null) => HandoutCell;
}

interface Shown {
  readonly from: string;
  readonly kind: EntryKind | null;
}

/** The lines of a kind alone, each with what they have come to. */
function ofKind(all: readonly LedgerLine[], { kind, from }: Shown): readonly LedgerLine[] {
  if (kind === null) return all;
  let balance = 0;
  return all
    .filter(({ entry, date }) => entry?.kind === kind && date >= from)
    .map((line) => ({ ...line, balance: (balance += line.amount) }));
}

/** One account or party: what it stood at, what moved it, what that comes to, what it stands at. */
function rowsOfOne({ name, against, ...one }: OneOf, shown: Shown): HandoutRow[] {
  const all = ofKind(one.all, shown);
  const before = all.filter(({ date }) => date < shown.from).at(-1)?.balance ?? 0;
  const lines = all.filter(({ date }) => date >= shown.from);
  if (lines.length === 0 && before === 0) return [];
  const moved = (sign: 1 | -1) => sum(lines.map(({ amount }) => Math.max(0, sign * amount)));
  const closing = lines.at(-1)?.balance ?? before;
  const revealed = ['', '', 'At the beginning', '', '', '', { amount: before }];
  return [
    row('heading', [name]),
    ...(before === 0 ? [] : [row('row', revealed)]),
    ...lines.map(({ entry, date, amount, balance }) => ({
      ...row('row', [
        { day: date },
        entry?.reference ?? '',
        entry ? entry.text : 'Opening balance',
        against(entry),
        debit(amount),
        debit(-amount),
        { amount: balance },
      ]),
      ...(entry ? { entry: entry.id } : {}),
    })),
    row('total', ['', '', 'Total', '', debit(moved(1)), debit(moved(-1)), { amount: closing }]),
  ];
}

function accountsWanted(book: Book, to: string, only: string | null): OneOf[] {
  const ledger = ledgerOf(book, upTo(to));
  return accountsIn(book, to)
    .filter(({ id }) => only === null || id === only)
    .map((account) => ({
      name: cellShown(OF_NO_COMPANY, accountCell(account)),
      all: ledger.get(account.id) ?? [],
      against: (entry) => againstIn(book, entry, account),
    }));
}

function partyWanted(book: Book, to: string, id: string): OneOf[] {
  const party = subledgersOf(book).parties.find((each) => each.id === id);
  if (!party) return [];
  const { account, lines } = linesOfParty(book, party, to);
  const control = accountOf(book, account);
  return [
    {
      ...{ name: party.name, all: lines },
      against: (entry) => (control ? againstIn(book, entry, control) : ''),
    },
  ];
}

/**
 * All accounts, or one account or party, with their postings of a period, each with the balance after it, their totals behind
 * them; where entries of one kind alone are looked at, with what these come to.
 */
export function ledgerSheet(
  book: Book,
  { from, to }: Period,
  { account, party, kind }: LedgerWanted = WHOLE_LEDGER,
): Handout {
  const all = party === null ? accountsWanted(book, to, account) : partyWanted(book, to, party);
  const sides = 'debit above zero, credit in parentheses';
  return sheetOf(book, {
    title: 'Ledger',
    subtitle: `${saidOn(book, from)} to ${saidOn(book, to)}; ${
      kind === null ? `balances: ${sides}` : `entries of one kind, added up: ${sides}`
    }`,
    columns: [
      ...[DAY, words('Reference', 1.2), words('What happened', 3.4)],
      { ...ACCOUNT, name: 'Against', share: 3 },
      ...[figures('Debit'), figures('Credit'), figures(kind === null ? 'Balance' : 'Added up')],
    ],
    rows: all.flatMap((one) => rowsOfOne(one, { from, kind })),
  });
}
