import type { Account, Book } from '../../model/book/book.js';
import { LONGEST_TAX_ID, taxKey, type TaxItem, type TaxLists } from '../../model/book/tax-lists.js';
import type { Amount } from '../../model/money/amount.js';
import { parseAmount, type AmountStyle } from '../../model/money/parse-amount.js';
import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import type { ColumnKind } from './headings.js';

/** What a row of a table says of an account besides its place and its balance. */
export interface RowParticulars {
  readonly description: string | null;
  readonly taxLine: string | null;
  readonly taxCode: string | null;
  /** For the year, positive on the account's normal side. */
  readonly budget: Amount | null;
}

const taxIdLong = refusal(
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

/** The list of those named, each once under its first spelling. */
function listed(ids: readonly (string | null)[]): TaxItem[] {
  const first = new Map<string, string>();
  for (const id of ids) if (id !== null && !first.has(taxKey(id))) first.set(taxKey(id), id);
  return [...first.values()].map((id) => ({ id, name: id }));
}

/** A tax line or code as a list spells it; null when the list lacks it. */
const spelled = (list: readonly TaxItem[], id: string | null): string | null =>
  id === null ? null : (list.find((each) => taxKey(each.id) === taxKey(id))?.id ?? null);

/** Accounts whose taxes are spelled alike, and the lists that they need. */
export function withTaxLists(accounts: readonly Account[]): Pick<Book, 'accounts' | 'taxLists'> {
  const taxLists: TaxLists = {
    lines: listed(accounts.map(({ taxLine }) => taxLine)),
    codes: listed(accounts.map(({ taxCode }) => taxCode)),
  };
  return {
    taxLists,
    accounts: accounts.map((account) => ({
      ...account,
      taxLine: spelled(taxLists.lines, account.taxLine),
      taxCode: spelled(taxLists.codes, account.taxCode),
    })),
  };
}

const notListed = (what: string, id: string): string =>
  `The ${what} ${id} is not on the company’s list; it is left out.`;

/** Particulars as a book can take them, and what it lacks for the rest. */
export function fittingParticulars(
  { taxLists }: Book,
  particulars: RowParticulars,
): { readonly particulars: RowParticulars; readonly lacks: readonly string[] } {
  const { taxLine, taxCode } = particulars;
  const line = spelled(taxLists.lines, taxLine);
  const code = spelled(taxLists.codes, taxCode);
  return {
    particulars: { ...particulars, taxLine: line, taxCode: code },
    lacks: [
      ...(taxLine !== null && line === null ? [notListed('tax line', taxLine)] : []),
      ...(taxCode !== null && code === null ? [notListed('tax code', taxCode)] : []),
    ],
  };
}
