import type { Account, Book } from '../book/book.js';
import type { TaxItem, TaxLists } from '../book/tax-lists.js';
import type { Amount } from '../money/amount.js';
import { parseAmount, type AmountStyle } from '../money/parse-amount.js';
import { done, refusal, refused, type Result } from '../refusal/refusal.js';
import type { ColumnKind } from './headings.js';

/** What a row of a table says of an account besides its place and its balance. */
export interface RowParticulars {
  readonly description: string | null;
  readonly taxLine: string | null;
  readonly taxCode: string | null;
  /** For the year, positive on the account's normal side. */
  readonly budget: Amount | null;
}

const LONGEST_TAX_ID = 12;

export const taxIdLong = refusal(
  'table.tax-long',
  (f: { id: string }) =>
    `“${f.id}” is longer than ${LONGEST_TAX_ID} characters; tax lines and tax codes are short, such as 4.2 or S20. Shorten it.`,
);

/** Reads the particulars of a row; refused when its budget is no amount, or a tax code is none. */
export function readParticulars(
  cell: (kind: ColumnKind) => string,
  style: AmountStyle,
): Result<RowParticulars> {
  const text = (kind: ColumnKind) => cell(kind).trim() || null;
  const written = text('budget');
  const budget = written === null || /^[-–—]$/.test(written) ? null : parseAmount(written, style);
  if (budget && !budget.ok) return budget;
  const long = [text('tax-line'), text('tax-code')].find(
    (id) => (id ?? '').length > LONGEST_TAX_ID,
  );
  if (long) return refused(taxIdLong({ id: long.slice(0, 40) }));
  return done({
    description: text('note'),
    taxLine: text('tax-line'),
    taxCode: text('tax-code'),
    budget: budget?.value ?? null,
  });
}

const listed = (ids: readonly (string | null)[]): TaxItem[] =>
  [...new Set(ids)].flatMap((id) => (id === null ? [] : [{ id, name: id }]));

/** The lists of tax lines and codes that accounts name, each under its own id. */
export const taxListsOf = (accounts: readonly Account[]): TaxLists => ({
  lines: listed(accounts.map(({ taxLine }) => taxLine)),
  codes: listed(accounts.map(({ taxCode }) => taxCode)),
});

/** Particulars as a book can take them, and what it lacks for the rest. */
export function fittingParticulars(
  { taxLists }: Book,
  particulars: RowParticulars,
): { readonly particulars: RowParticulars; readonly lacks: readonly string[] } {
  const { taxLine, taxCode } = particulars;
  const knows = (list: readonly TaxItem[], id: string | null) =>
    id === null || list.some((each) => each.id === id);
  const line = knows(taxLists.lines, taxLine) ? taxLine : null;
  const code = knows(taxLists.codes, taxCode) ? taxCode : null;
  return {
    particulars: { ...particulars, taxLine: line, taxCode: code },
    lacks: [
      ...(line === taxLine
        ? []
        : [`The tax line ${taxLine} is not on the company’s list; it is left out.`]),
      ...(code === taxCode
        ? []
        : [`The tax code ${taxCode} is not on the company’s list; it is left out.`]),
    ],
  };
}
