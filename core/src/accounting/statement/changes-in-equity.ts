import { accountOf, type Account, type Book, type Entry } from '../../model/book/book.js';
import { addDays, type Period } from '../../model/day/calendar.js';
import { ownerAmong } from '../../model/book/owners.js';
import { sectionOfAccount } from '../../model/book/place.js';
import {
  balancesOf,
  counts,
  isSuspense,
  statementAccounts,
  upTo,
  type PeriodFilter,
} from '../ledger/balances.js';
import { sum, type Amount } from '../../model/money/amount.js';
import { shareOut } from '../../model/money/share.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { unclosedProfit } from './profit-on-sheet.js';

/** What moved an equity account over a period; amounts positive in credit. */
export const EQUITY_COLUMNS = [
  'opening',
  'restated',
  'profit',
  'contributed',
  'takenOut',
  'revalued',
  'between',
  'closing',
] as const;
export type EquityColumn = (typeof EQUITY_COLUMNS)[number];
type EquityFigures = Readonly<Record<EquityColumn, Amount>>;

/** One equity account over a period; the columns before it add up to `closing`. */
interface EquityRow extends EquityFigures {
  /** Null for the profit that has not been closed yet. */
  readonly account: Account | null;
}

export interface ChangesInEquity {
  readonly from: string;
  readonly to: string;
  readonly rows: readonly EquityRow[];
  readonly total: EquityFigures;
  /** What waits in suspense at the end, positive in credit: no equity until it is explained. Zero where nothing does. */
  readonly inSuspense: Amount;
}

const NOTHING: EquityFigures = {
  opening: 0,
  restated: 0,
  profit: 0,
  contributed: 0,
  takenOut: 0,
  revalued: 0,
  between: 0,
  closing: 0,
};

/** What the columns are called. */
export const EQUITY_COLUMN_NAMES: Readonly<Record<EquityColumn, string>> = {
  opening: 'At the beginning',
  restated: 'Restated',
  profit: 'Profit',
  contributed: 'Contributed',
  takenOut: 'Taken out',
  revalued: 'Revalued',
  between: 'Between them',
  closing: 'At the end',
};

const SELDOM: ReadonlySet<EquityColumn> = new Set(['restated', 'revalued', 'between']);

/** The columns that are worth showing: those that are seldom used only where something stands in them. */
export const equityColumnsShown = ({ rows }: Pick<ChangesInEquity, 'rows'>): EquityColumn[] =>
  EQUITY_COLUMNS.filter((column) => !SELDOM.has(column) || rows.some((row) => row[column] !== 0));

/**
 * Changes in equity over a period: for each equity account and for the profit not yet closed, how it stood, what
 * a prior-period adjustment restated, what the profit brought (also through a closing: to whom it was closed),
 * what was contributed and taken out, what was written up or down (IAS 16.39, 1.106), what went from one equity account to another, how it stands. Opening
 * balances and entries of the kind opening count as how it stood, whatever their date.
 */
export function changesInEquity(book: Book, period: Period): ChangesInEquity {
  const equity = book.accounts.filter(
    (account) => sectionOfAccount(book, account)?.class === 'equity',
  );
  const moved = movements(book, period, new Set(equity.map(({ id }) => id)));
  const rows = equity
    .map((account): EquityRow => ({ account, ...added(moved.get(account.id) ?? {}) }))
    .filter((row) => !row.account?.retired || EQUITY_COLUMNS.some((column) => row[column] !== 0));
  const all = [...rows, profitRow(book, period)];
  const total = Object.fromEntries(
    EQUITY_COLUMNS.map((column) => [column, sum(all.map((row) => row[column]))]),
  ) as EquityFigures;
  return {
    from: period.from,
    to: period.to,
    rows: all,
    total,
    inSuspense: waiting(book, period.to),
  };
}

function waiting(book: Book, to: string): Amount {
  const balances = balancesOf(book, upTo(to));
  const suspense = statementAccounts(book, balances).filter((account) => isSuspense(book, account));
  return sum(suspense.map(({ id }) => -(balances.get(id) ?? 0)));
}

/** What is said beside the total where something waits in suspense. */
export const IN_SUSPENSE = 'Waits in suspense: no equity until it is explained';

type Moved = Partial<Record<Exclude<EquityColumn, 'closing'>, Amount>>;

function added(moved: Moved): EquityFigures {
  return { ...NOTHING, ...moved, closing: sum(Object.values(moved)) };
}

/** By account, what each column holds at the end of the period. */
function movements(book: Book, period: Period, equity: ReadonlySet<string>) {
  const moved = new Map<string, Moved>();
  const put = (id: string, column: keyof Moved, amount: Amount) => {
    if (amount === 0) return;
    const row = moved.get(id) ?? {};
    row[column] = (row[column] ?? 0) + amount;
    moved.set(id, row);
  };
  const inPeriod: PeriodFilter = { ...period, closing: true, opening: false };
  const before = balancesOf({ ...book, entries: [] }, upTo(period.to));
  for (const [id, balance] of before) if (equity.has(id)) put(id, 'opening', -balance);
  for (const entry of book.entries) {
    if (!counts(upTo(period.to), entry)) continue;
    const lines = equityLines(entry, equity);
    if (!counts(inPeriod, entry)) for (const [id, credit] of lines) put(id, 'opening', credit);
    else for (const [id, column, credit] of columnsOf(book, entry, lines)) put(id, column, credit);
  }
  return moved;
}

type Credit = readonly [account: string, credit: Amount];
type Placed = readonly [account: string, column: keyof Moved, credit: Amount];

const equityLines = ({ lines }: Entry, equity: ReadonlySet<string>): Credit[] =>
  lines
    .filter(({ account }) => equity.has(account))
    .map(({ account, amount }) => [account, -amount]);

function columnsOf(book: Book, entry: Entry, lines: readonly Credit[]): Placed[] {
  if (entry.kind === 'prior-period-adjustment')
    return lines.map(([id, credit]) => [id, 'restated', credit]);
  return entry.kind === 'closing' ? closed(book, lines) : fromOwners(book, lines);
}

/**
 * What crosses the equity accounts of an entry goes between them; the rest came from the owners or went to them, or is
 * what an asset was written up or down by.
 */
function fromOwners(book: Book, lines: readonly Credit[]): Placed[] {
  const isRevalued = (id: string) => accountOf(book, id)?.type === 'revaluation-reserve';
  const [up, down] = [lines.filter(([, c]) => c > 0), lines.filter(([, c]) => c < 0)];
  const between = Math.min(sum(up.map(([, c]) => c)), -sum(down.map(([, c]) => c)));
  const split = (side: readonly Credit[], sign: 1 | -1, rest: 'contributed' | 'takenOut') => {
    const parts = shareOut(
      sign * between,
      side.map(([, credit]) => credit),
    );
    return side.flatMap(([id, credit], i): Placed[] => [
      [id, 'between', parts[i] ?? 0],
      [id, isRevalued(id) ? 'revalued' : rest, credit - (parts[i] ?? 0)],
    ]);
  };
  return [...split(up, 1, 'contributed'), ...split(down, -1, 'takenOut')];
}

/**
 * A closing entry: what is closed away (drawings, dividends, the income summary) is no profit of those that take
 * it up; each of these has the profit before it. An account that takes up several others' has what stands under
 * it (its own drawings), or else a share.
 */
function closed(book: Book, lines: readonly Credit[]): Placed[] {
  const typeAt = (id: string) => typeOf(book.scheme, accountOf(book, id)?.type ?? null);
  const isSummary = ([id]: Credit) => typeAt(id)?.role === 'income-summary';
  const isAway = ([id]: Credit) => (typeAt(id)?.closesInto ?? 'nothing') !== 'nothing';
  const away = lines.filter((line) => isAway(line) && !isSummary(line));
  const takers = lines.filter((line) => !isAway(line) && !isSummary(line));
  const placed: Placed[] = lines.filter(isSummary).map(([id, credit]) => [id, 'profit', credit]);
  const taken = new Map<string, Amount>();
  for (const [id, credit] of away) {
    placed.push([id, takers.length > 0 ? 'between' : 'profit', credit]);
    for (const [taker, part] of partsAmong(book, takers, [id, credit]))
      taken.set(taker, (taken.get(taker) ?? 0) + part);
  }
  for (const [id, credit] of takers) {
    const part = taken.get(id) ?? 0;
    taken.delete(id);
    placed.push([id, 'between', -part], [id, 'profit', credit + part]);
  }
  return placed;
}

/** How what is closed away is shared among those that take it up: its owner's has it, where one can be told. */
function partsAmong(book: Book, takers: readonly Credit[], [id, credit]: Credit): Credit[] {
  const own = ownerAmong(
    book,
    takers.map(([taker]) => taker),
    id,
  );
  if (own) return [[own, credit]];
  const parts = shareOut(
    credit,
    takers.map(([, each]) => Math.abs(each)),
  );
  return takers.map(([id], i) => [id, parts[i] ?? 0]);
}

/** Profit not yet closed: how it stood, the period's profit less what closing entries moved away. */
function profitRow(book: Book, period: Period): EquityRow {
  const closing = unclosedProfit(book, period.to);
  const opening = unclosedProfit(book, addDays(period.from, -1));
  return { account: null, ...NOTHING, opening, profit: closing - opening, closing };
}
