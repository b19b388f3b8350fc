import type { Account, Book } from '../../model/book/book.js';
import { shortDay } from '../../model/day/calendar.js';
import { type Amount } from '../../model/money/amount.js';
import { allWhole, formatAmount, amountWritten } from '../../model/money/format-amount.js';
import { PLAIN_WRITING, type Writing, writingOf } from '../../model/place/writing.js';

/** The chart of accounts; the number plan; the list of accounts to set up, with their opening balances. */
export const HANDOUT_KINDS = ['chart', 'plan', 'list'] as const;
export type HandoutKind = (typeof HANDOUT_KINDS)[number];

export interface HandoutWanted {
  readonly kind: HandoutKind;
  /** With numbers, types and sides; for the number plan, with the accounts that have its numbers. */
  readonly answers: boolean;
  /** In the order of the numbers (of the chart, where there are none) or of the alphabet. */
  readonly order: 'number' | 'name';
}

/** An account as a sheet names it; `id`: where its lines can be looked at. */
export type AccountNamed = Pick<Account, 'number' | 'name'> & { readonly id?: string };

/**
 * What stands in a cell: words, an amount in minor units, an account, a day (ISO 8601). Paper, workbooks and tables write
 * each in its way.
 */
export type HandoutCell =
  | string
  | { readonly amount: Amount }
  | { readonly account: AccountNamed }
  | { readonly day: string };

/** A cell of a table that programs read: an account stands in two, its number and its name. */
export type TableCell = Exclude<HandoutCell, { readonly account: unknown }>;

export interface HandoutColumn {
  readonly name: string;
  /** Words here are set in for what stands under another. */
  readonly isIndented?: boolean;
  /** Accounts stand here, so that a table has a column for their numbers, too. */
  readonly isOfAccounts?: boolean;
  /** What stands here is never broken over lines. */
  readonly isWhole?: boolean;
  /** Figures stand at the right. */
  readonly isFigure: boolean;
  /** How wide the column is beside the others. */
  readonly share: number;
}

export interface HandoutRow {
  readonly kind: 'heading' | 'row' | 'total';
  readonly depth: number;
  /** As many as there are columns; a heading may have its words alone, which then go across all of them. */
  readonly cells: readonly HandoutCell[];
  /** The entry that it tells of; absent: none. */
  readonly entry?: string;
}

/** A sheet to hand out: what is printed, and what goes into a PDF, a workbook or a table alike. */
export interface Handout {
  readonly title: string;
  readonly company: string;
  readonly subtitle: string;
  /** In what its amounts are: `EUR`; null where it has none. */
  readonly currency: string | null;
  /** How amounts and days are written, and how many decimals are shown: none where all amounts are whole. */
  readonly writing: Writing;
  readonly places: number;
  readonly columns: readonly HandoutColumn[];
  readonly rows: readonly HandoutRow[];
}

type Sheet = Pick<Handout, 'title' | 'subtitle' | 'columns' | 'rows'>;

/** A sheet of a book: its currency says how amounts are written. */
export function sheetOf(book: Book, sheet: Sheet): Handout {
  const writing = writingOf(book.company);
  const amounts = sheet.rows.flatMap(({ cells }) =>
    cells.flatMap((cell) => (isAmount(cell) ? [cell.amount] : [])),
  );
  const currency = sheet.columns.some(({ isFigure }) => isFigure) ? book.company.currency : null;
  const places = allWhole(amounts, writing.digits) ? 0 : writing.digits;
  return { company: book.company.name, currency, writing, places, ...sheet };
}

const isAmount = (cell: HandoutCell): cell is { readonly amount: Amount } =>
  typeof cell !== 'string' && 'amount' in cell;

const isOfAccount = (cell: HandoutCell): cell is Exclude<HandoutCell, TableCell> =>
  typeof cell !== 'string' && 'account' in cell;

/** An account in a sheet. */
export const accountCell = ({ id, number, name }: AccountNamed): HandoutCell => ({
  account: { number, name, ...(id === undefined ? {} : { id }) },
});

/** The account that a row is of; null where it is of none whose lines can be looked at. */
export function accountOfRow({ cells }: HandoutRow): { id: string; name: string } | null {
  const [named] = cells.filter(isOfAccount);
  const { id, name } = named?.account ?? {};
  return id === undefined || name === undefined ? null : { id, name };
}

/** What a sheet is of, below its title: its company, its period, its currency. */
export const sheetSays = ({ company, subtitle, currency }: Handout): string =>
  [company, subtitle, currency === null ? '' : `amounts in ${currency}`].filter(Boolean).join('. ');

/** A cell as it stands on paper: thousands grouped, negative in parentheses, zero as a dash. */
export function cellShown(
  { writing, places }: Pick<Handout, 'writing' | 'places'>,
  cell: HandoutCell,
): string {
  if (typeof cell === 'string') return cell;
  if ('amount' in cell) return formatAmount(cell.amount, writing, places);
  if ('day' in cell) return shortDay(cell.day, writing.days);
  const { number, name } = cell.account;
  return number === null ? name : `${number} ${name}`;
}

/** The names of a sheet's columns as a table has them: where accounts stand, their numbers have one before. */
export const tableHeads = ({ columns }: Pick<Handout, 'columns'>): string[] =>
  columns.flatMap(({ name, isOfAccounts }) => (isOfAccounts ? ['Number', name] : [name]));

/** A row's cells as a table has them. */
export const tableRow = (
  { columns }: Pick<Handout, 'columns'>,
  { cells }: HandoutRow,
): TableCell[] =>
  cells.flatMap((cell, i): TableCell[] => {
    if (isOfAccount(cell)) {
      const { number, name } = cell.account;
      return columns[i]?.isOfAccounts ? [number ?? '', name] : [cellShown(OF_NO_COMPANY, cell)];
    }
    return columns[i]?.isOfAccounts ? ['', cell] : [cell];
  });

/** On a sheet of no company. */
export const OF_NO_COMPANY = { writing: PLAIN_WRITING, places: 0 };

/** A cell as it stands in a table that programs read: a decimal without groups, a day as ISO 8601 has it. */
function cellWritten({ writing }: Handout, cell: TableCell): string {
  if (typeof cell === 'string') return cell;
  return 'day' in cell ? cell.day : amountWritten(cell.amount, writing);
}

/** A sheet as cells: its headings, then its rows; the words of a heading stand in a row of their own. */
export const handoutToTable = (handout: Handout): string[][] => [
  tableHeads(handout),
  ...handout.rows.map((row) => tableRow(handout, row).map((cell) => cellWritten(handout, cell))),
];

/** The column whose words are set in. */
export const isIndented = (columns: readonly HandoutColumn[], i: number): boolean =>
  columns[i]?.isIndented ?? false;
