import type { Book } from '../book/book.js';
import { minorDigits, type Amount } from '../money/amount.js';
import { allWhole, formatAmount, formatDecimal } from '../money/format-amount.js';

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

/** What stands in a cell: words, or an amount in minor units, which paper, workbooks and tables write each in its way. */
export type HandoutCell = string | { readonly amount: Amount };

export interface HandoutColumn {
  readonly name: string;
  /** Words here are set in for what stands under another. */
  readonly isIndented?: boolean;
  /** Figures stand at the right. */
  readonly isFigure: boolean;
  /** How wide the column is beside the others. */
  readonly share: number;
}

export interface HandoutRow {
  readonly kind: 'heading' | 'row' | 'total';
  readonly depth: number;
  /** As many as there are columns; a heading has its words in the first. */
  readonly cells: readonly HandoutCell[];
}

/** A sheet to hand out: what is printed, and what goes into a PDF, a workbook or a table alike. */
export interface Handout {
  readonly title: string;
  readonly company: string;
  readonly subtitle: string;
  /** Decimals of the currency, and how many of them are shown: none where all amounts are whole. */
  readonly digits: number;
  readonly places: number;
  readonly columns: readonly HandoutColumn[];
  readonly rows: readonly HandoutRow[];
}

type Sheet = Pick<Handout, 'title' | 'subtitle' | 'columns' | 'rows'>;

/** A sheet of a book: its currency says how amounts are written. */
export function sheetOf(book: Book, sheet: Sheet): Handout {
  const digits = minorDigits(book.company.currency);
  const amounts = sheet.rows.flatMap(({ cells }) =>
    cells.flatMap((cell) => (typeof cell === 'string' ? [] : [cell.amount])),
  );
  const places = allWhole(amounts, digits) ? 0 : digits;
  return { company: book.company.name, digits, places, ...sheet };
}

/** A cell as it stands on paper: thousands grouped, negative in parentheses, zero as a dash. */
export const cellShown = (
  { digits, places }: Pick<Handout, 'digits' | 'places'>,
  cell: HandoutCell,
): string => (typeof cell === 'string' ? cell : formatAmount(cell.amount, digits, places));

/** A cell as it stands in a table that programs read: a plain decimal. */
const cellWritten = ({ digits }: Handout, cell: HandoutCell): string =>
  typeof cell === 'string' ? cell : formatDecimal(cell.amount, digits);

/** A sheet as cells: its headings, then its rows; the words of a heading stand in a row of their own. */
export const handoutToTable = (handout: Handout): string[][] => [
  handout.columns.map(({ name }) => name),
  ...handout.rows.map(({ cells }) => cells.map((cell) => cellWritten(handout, cell))),
];

/** The column whose words are set in. */
export const isIndented = (columns: readonly HandoutColumn[], i: number): boolean =>
  columns[i]?.isIndented ?? false;
