import Papa from 'papaparse';
import { done, refusal, type Result } from '../refusal/refusal.js';

const tableTooLarge = refusal(
  'table.too-large',
  (f: { rows: number }) =>
    `The table has ${f.rows} rows; ${MOST_ROWS} is the most. Take out what is not needed.`,
);
const tableEmpty = refusal(
  'table.empty',
  () => 'There is nothing in the table. Choose a file with a row for each account.',
);

const MOST_ROWS = 20_000;
const MOST_COLUMNS = 200;
const LONGEST_CELL = 2_000;

declare const TextDecoder: {
  new (label: string, options?: { fatal?: boolean }): { decode(bytes: Uint8Array): string };
};

/** Bytes of a text file as text: UTF-8 with or without a mark, UTF-16 by its mark, else Windows-1252. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/**
 * The cells of a delimited text: comma, semicolon, tab or bar, found from the text. A quote that guards a
 * cell against being run as a formula is taken off.
 */
export function cellsOf(text: string): Result<string[][]> {
  const rows = text.replace(/^\uFEFF/, '').replace(/[\r\n]+$/, '');
  const parsed = Papa.parse<string[]>(rows, {
    ...(isCopied(rows) ? { delimiter: '\t' } : {}),
    delimitersToGuess: [',', ';', '\t', '|'],
    preview: MOST_ROWS + 1,
  });
  return cellsFrom(parsed.data);
}

/** Rows copied from a spreadsheet have a tab in each line. */
const isCopied = (text: string): boolean =>
  text.split(/\r?\n/).every((line) => line.trim() === '' || line.includes('\t'));

/** Cells from elsewhere (a spreadsheet, a paste), brought to the same form and limits. */
export function cellsFrom(rows: readonly (readonly string[])[]): Result<string[][]> {
  if (rows.length > MOST_ROWS)
    return { ok: false, refusals: [tableTooLarge({ rows: rows.length })] };
  const cells = rows.map((row) => row.slice(0, MOST_COLUMNS).map(unguarded));
  return cells.some((row) => row.some((cell) => cell.trim() !== ''))
    ? done(cells)
    : { ok: false, refusals: [tableEmpty({})] };
}

const unguarded = (cell: string): string =>
  cell
    .slice(0, LONGEST_CELL)
    .replace(/[\u0000-\u0008\u000B-\u001F]/g, '')
    .replace(/\u00A0/g, ' ')
    .replace(/^'(?=[=+\-@\t])/, '');

/** A table as CSV, cells that a spreadsheet would run as a formula made harmless. */
export const cellsToCsv = (rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse(
    rows.map((row) => row.map(guarded)),
    { newline: '\n' },
  )}\n`;

/** Makes a cell harmless: a quote before one that begins as a formula, unless it is a plain number. */
export const guarded = (cell: string): string =>
  /^[=+\-@\t\r]/.test(cell) && !/^-?\d+(\.\d+)?$/.test(cell) ? `'${cell}` : cell;
