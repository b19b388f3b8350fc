import Papa from 'papaparse';
import { withDecimalCommas } from './decimal-commas.js';
import { markdownCells, printedCells } from './printed.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { PLAIN_WRITING, type Writing } from '../../model/place/writing.js';

const tableTooLarge = refusal(
  'table.too-large',
  (f: { rows: number }) =>
    `The table has ${f.rows} rows; ${MOST_ROWS} is the most. Take out what is not needed.`,
);
const tableEmpty = refusal(
  'table.empty',
  () => 'There is nothing in the table. Choose a file with a row for each account.',
);

const quoteOpen = refusal(
  'table.quote-open',
  (f: { row: number }) =>
    `A quotation mark near row ${f.row} opens and is not closed where its cell ends, so that cells can’t be told apart. Close it, or take it out.`,
);
const notText = refusal(
  'table.not-text',
  (f: { what: string }) =>
    `This is ${f.what}, not a table. Save the table as CSV or XLSX and choose that.`,
);

/** How files begin that are no text, whatever they are called. */
const BEGINNINGS: readonly (readonly [bytes: string, what: string])[] = [
  ['%PDF', 'a PDF'],
  ['PK\u0003\u0004', 'a packed file'],
  ['\u00d0\u00cf\u0011\u00e0', 'a workbook of an old format (XLS) or another office file'],
  ['{\\rtf', 'a text document (RTF)'],
  ['\u0089PNG', 'a picture'],
  ['\u00ff\u00d8\u00ff', 'a picture'],
  ['GIF8', 'a picture'],
  ['<!DOCTYPE', 'a web page'],
  ['<html', 'a web page'],
  ['<?xml', 'an XML document'],
];
const LONGEST_BEGINNING = 10;
/** Text has hardly any of the bytes that stand for no letter and no space. */
const MOST_CONTROLS = 0.02;

/** Whether a file is no text at all, with the reason; null where it may be a table. */
export function refusalOfBytes(bytes: Uint8Array): Refusal | null {
  const start = String.fromCharCode(...bytes.slice(0, LONGEST_BEGINNING));
  const found = BEGINNINGS.find(([begins]) => start.toLowerCase().startsWith(begins.toLowerCase()));
  if (found) return notText({ what: found[1] });
  const isWide = bytes[0] === 0xff || bytes[0] === 0xfe;
  const some = bytes.slice(0, 4096);
  const controls = some.filter((byte) => byte < 9 || (byte > 13 && byte < 32)).length;
  return !isWide && controls > some.length * MOST_CONTROLS ? notText({ what: 'no text' }) : null;
}

const MOST_ROWS = 20_000;
const MOST_COLUMNS = 200;
const LONGEST_CELL = 2_000;

declare const TextDecoder: {
  new (label: string, options?: { fatal?: boolean }): { decode(bytes: Uint8Array): string };
};

/** What the bytes 0x80 to 0x9F are in Windows-1252, as the Encoding Standard of the web says; Node leaves them as they are. */
const WINDOWS_1252 = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';
const FIRST_OF_1252 = 0x80;

const fromWindows = (text: string): string =>
  text.replace(
    /[\u0080-\u009f]/g,
    (each) => WINDOWS_1252[each.charCodeAt(0) - FIRST_OF_1252] ?? each,
  );

/** Bytes of a text file as text: UTF-8 with or without a mark, UTF-16 by its mark, else Windows-1252. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return fromWindows(new TextDecoder('windows-1252').decode(bytes));
  }
}

/**
 * The cells of a delimited text: comma, semicolon, tab or bar, found from the text. A quote that guards a
 * cell against being run as a formula is taken off.
 */
export function cellsOf(text: string): Result<string[][]> {
  const rows = withoutEmptyEnd(text.replace(/^\uFEFF/, ''));
  const lines = rows.split(/\r?\n/);
  const set = markdownCells(lines) ?? printedCells(lines);
  if (set) return cellsFrom(set);
  const parsed = Papa.parse<string[]>(rows, {
    ...(isCopied(rows) ? { delimiter: '\t' } : {}),
    delimitersToGuess: [',', ';', '\t', '|'],
    preview: MOST_ROWS + 1,
  });
  const open = parsed.errors.find(({ type }) => type === 'Quotes');
  if (open) return refused(quoteOpen({ row: 1 + (open.row ?? 0) }));
  const { data, meta } = parsed;
  return cellsFrom(meta.delimiter === ',' ? withDecimalCommas(data) : data);
}

function withoutEmptyEnd(text: string): string {
  let end = text.length;
  while (text[end - 1] === '\n' || text[end - 1] === '\r') end--;
  return text.slice(0, end);
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

function unguarded(cell: string): string {
  const plain = cell
    .slice(0, LONGEST_CELL)
    .replace(/[\u0000-\u0008\u000B-\u001F]/g, '')
    .replace(/\u00A0/g, ' ');
  return plain.startsWith("'") && FORMULA.test(plain.slice(1)) ? plain.slice(1) : plain;
}

/**
 * A table as CSV, cells that a spreadsheet would run as a formula made harmless. Where decimals stand behind a comma,
 * columns are parted by semicolons, as spreadsheets there read them.
 */
export const cellsToCsv = (
  rows: readonly (readonly string[])[],
  { decimal }: Pick<Writing, 'decimal'> = PLAIN_WRITING,
): string =>
  `${Papa.unparse(
    rows.map((row) => row.map(guarded)),
    { newline: '\n', delimiter: decimal === ',' ? ';' : ',' },
  )}\n`;

/** How formulas begin, in narrow and in full width, after what is not seen. */
const FORMULA = /^[\s\u200B-\u200F\u2060\uFEFF]*[=+\-@＝＋－＠]/;

/** Makes a cell harmless: a quote before one that begins as a formula, unless it is a plain number; no tabs, no returns. */
export const guarded = (cell: string): string => {
  const plain = cell.replace(/[\t\r]+/g, ' ');
  return FORMULA.test(plain) && !/^-?\d+([.,]\d+)?$/.test(plain) ? `'${plain}` : plain;
};
