import type { Amount } from '../../model/money/amount.js';
import type { Side } from '../../model/money/side.js';
import { parseAmount, type AmountStyle } from '../../model/money/parse-amount.js';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import { isCellError } from './cell-text.js';

const cellError = refusal('table.cell-error', (f: { what: string; column: string }) =>
  /no value/i.test(f.what)
    ? `the cell in column ${f.column} holds a formula, and the file does not say what it comes to. Open it in a spreadsheet, save it, and choose it again.`
    : `the cell in column ${f.column} holds the error ${f.what}. Put it right, or write the amount there.`,
);

/** The letters of a column, from 0. */
function columnLetters(at: number): string {
  const rest = Math.floor(at / 26);
  return (rest > 0 ? columnLetters(rest - 1) : '') + String.fromCharCode(65 + (at % 26));
}

/** One amount as it is written, with the side that is written behind it. */
export interface WrittenAmount {
  readonly amount: Amount;
  readonly side: Side | null;
}

const SIDED = /^(.*?[\d).])\s*(dr|cr|d|c|debit|credit)\.?$/i;

export const sideWritten = (text: string): Side | null =>
  /^(c|cr|credit)\.?$/i.test(text.trim())
    ? 'credit'
    : /^(d|dr|db|debit)\.?$/i.test(text.trim())
      ? 'debit'
      : null;

/** Reads one cell; null where nothing or a dash stands in it. */
export function writtenAmount(
  text: string,
  column: number,
  style: AmountStyle,
): Result<WrittenAmount | null> {
  if (isCellError(text))
    return refused(cellError({ what: text.trim(), column: columnLetters(column) }));
  const sided = SIDED.exec(text.trim());
  const bare = (sided?.[1] ?? text).trim();
  if (bare === '' || /^[-–—.]+$/.test(bare)) return done(null);
  const read = parseAmount(bare, style);
  if (!read.ok) return read;
  return done({ amount: read.value, side: sided?.[2] ? sideWritten(sided[2]) : null });
}
