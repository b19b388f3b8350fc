import type { Amount } from '../money/amount.js';
import { parseAmount, type AmountStyle } from '../money/parse-amount.js';
import { readNumber } from '../numbering/account-number.js';
import { done, refusal, type Refusal, type Result } from '../refusal/refusal.js';
import type { Scheme } from '../scheme/scheme.js';
import { proposeColumns, type Columns, type FoundColumns } from './headings.js';
import { guessType, sectionNamed, typeNamed } from './guess-type.js';
import { readParticulars, type RowParticulars } from './row-particulars.js';

/** One account as a table has it. */
export interface AccountRow {
  /** The row in the table, from 1. */
  readonly row: number;
  readonly number: string | null;
  readonly name: string;
  readonly type: string | null;
  readonly parentName: string | null;
  /** How far it is indented under what stands above. */
  readonly depth: number;
  /** Debit less credit, or the signed amount as written. Null: no amount in this row. */
  readonly amount: Amount | null;
  readonly retired: boolean;
  readonly particulars: RowParticulars;
}

/** A row that is not an account, with the reason: nothing is dropped in silence. */
interface SkippedRow {
  readonly row: number;
  readonly says: string;
}

export interface AccountTable {
  readonly found: FoundColumns;
  readonly rows: readonly AccountRow[];
  readonly skipped: readonly SkippedRow[];
  readonly faults: readonly Refusal[];
  /** Two columns, or one signed column whose convention has still to be settled. */
  readonly signed: boolean;
  readonly hasAmounts: boolean;
  readonly hasTypes: boolean;
}

const noNameColumn = refusal(
  'table.no-names',
  () =>
    'No column of account names was found. Give the columns headings, such as Number, Name, Debit, Credit.',
);
const rowFault = refusal(
  'table.row',
  (f: { row: number; why: string }) => `Row ${f.row}: ${f.why}`,
);

export interface TableOptions {
  readonly scheme: Scheme;
  readonly digits: number;
  /** Columns chosen by hand, in place of those proposed. */
  readonly columns?: Columns;
  /** Whether a type may be proposed from the name where the table says nothing of it. */
  readonly guessTypes: boolean;
}

/** Reads a table of accounts, with or without balances; faults and rows left out come with their reason. */
export function readAccountTable(
  cells: readonly (readonly string[])[],
  options: TableOptions,
): Result<AccountTable> {
  const proposed = proposeColumns(cells);
  const found = options.columns ? { ...proposed, columns: options.columns } : proposed;
  if (found.columns.name === undefined) return { ok: false, refusals: [noNameColumn({})] };
  const reading = new Reading(cells, found, options);
  for (let i = found.headingRow + 1; i < cells.length; i++) reading.take(i);
  return done(reading.table());
}

/** The decimal mark that one amount gives away; null when it doesn't. */
function decimalMark(text: string): '.' | ',' | null {
  const marks = text.replace(/[^.,]/g, '');
  const last = marks.at(-1);
  if (last !== '.' && last !== ',') return null;
  const other = last === '.' ? ',' : '.';
  if (new Set(marks).size === 2) return last;
  if (marks.length > 1) return other;
  const after = /\d*$/.exec(text.replace(/[^\d.,]/g, ''))?.[0] ?? '';
  return after.length === 3 ? null : last;
}

/** The decimal mark that most amounts of a table give away; null when none does. */
function decimalMarkOf(texts: readonly string[]): '.' | ',' | null {
  const found = texts.map(decimalMark);
  const points = found.filter((mark) => mark === '.').length;
  const commas = found.filter((mark) => mark === ',').length;
  return points === commas ? null : points > commas ? '.' : ',';
}

class Reading {
  private readonly rows: AccountRow[] = [];
  private readonly skipped: SkippedRow[] = [];
  private readonly faults: Refusal[] = [];
  private readonly style: AmountStyle;
  private readonly numberInName: boolean;
  private section: string | null = null;

  constructor(
    private readonly cells: readonly (readonly string[])[],
    private readonly found: FoundColumns,
    private readonly options: TableOptions,
  ) {
    this.style = { digits: options.digits, decimal: decimalMarkOf(this.amountTexts()) };
    this.numberInName = this.namesBeginWithNumbers();
  }

  table(): AccountTable {
    const { columns } = this.found;
    return {
      found: this.found,
      rows: this.rows,
      skipped: this.skipped,
      faults: this.faults,
      signed: columns.amount !== undefined && columns.debit === undefined,
      hasAmounts: columns.debit !== undefined || columns.amount !== undefined,
      hasTypes: this.rows.some((row) => row.type !== null),
    };
  }

  take(i: number): void {
    const cells = this.cells[i] ?? [];
    if (cells.every((cell) => cell.trim() === '')) return;
    const raw = this.cell(i, 'name');
    const { number, name } = this.split(this.cell(i, 'number').trim(), raw.trim());
    const amounts = this.amountCells(i);
    if (this.isTotal(number, name, raw))
      this.skip(i, `“${name || raw.trim()}” is a total; it is not an account.`);
    else if (this.isHeading(i, number, name, amounts)) this.takeHeading(i, name);
    else if (name === '')
      this.fault(i, 'there is no account name. Write one, or take the row out.');
    else this.takeAccount(i, number, name, raw);
  }

  private takeAccount(i: number, number: string, name: string, raw: string): void {
    const read = number === '' ? null : readNumber(number);
    if (read && !read.ok) return this.fault(i, read.refusals[0]?.says ?? '');
    const amount = this.amount(i);
    if (!amount.ok) return this.fault(i, amount.refusals[0]?.says ?? '');
    const particulars = readParticulars((kind) => this.cell(i, kind), this.style);
    if (!particulars.ok) return this.fault(i, particulars.refusals[0]?.says ?? '');
    const path = name.split(':').map((part) => part.trim());
    const own = path.at(-1) || name;
    this.rows.push({
      row: i + 1,
      number: read?.ok ? read.value : null,
      name: own,
      type: this.type(i, own),
      parentName: this.cell(i, 'parent').trim() || (path.length > 1 ? (path.at(-2) ?? null) : null),
      depth: /^\s*/.exec(raw)?.[0].length ?? 0,
      amount: amount.value,
      retired: /^(retired|inactive|no|closed)$/i.test(this.cell(i, 'state').trim()),
      particulars: particulars.value,
    });
  }

  private type(i: number, name: string): string | null {
    const { scheme, guessTypes } = this.options;
    const named = this.cell(i, 'type').trim();
    const section = sectionNamed(scheme, this.cell(i, 'section').trim()) ?? this.section;
    const type =
      (named === '' ? null : typeNamed(scheme, named, name)) ??
      (section === null ? null : guessType(scheme, name, section)) ??
      (guessTypes ? guessType(scheme, name, null) : null);
    return type?.id ?? null;
  }

  private amount(i: number): Result<Amount | null> {
    const { columns } = this.found;
    if (columns.debit === undefined) return this.oneAmount(this.cell(i, 'amount'));
    const debit = this.oneAmount(this.cell(i, 'debit'));
    const credit = this.oneAmount(this.cell(i, 'credit'));
    if (!debit.ok) return debit;
    if (!credit.ok) return credit;
    if (debit.value === null && credit.value === null) return done(null);
    return done((debit.value ?? 0) - (credit.value ?? 0));
  }

  private oneAmount(text: string): Result<Amount | null> {
    const sided = /^(.*?)\s*\b(dr|cr)\.?$/i.exec(text.trim());
    const bare = sided?.[1] ?? text.trim();
    if (bare === '' || /^[-–—]$/.test(bare)) return done(null);
    const read = parseAmount(bare, this.style);
    return read.ok && sided?.[2]?.toLowerCase() === 'cr' ? done(-read.value) : read;
  }

  private cell(i: number, kind: keyof Columns): string {
    const column = this.found.columns[kind];
    return column === undefined ? '' : (this.cells[i]?.[column] ?? '');
  }

  private amountCells(i: number): string {
    return (['debit', 'credit', 'amount'] as const).map((k) => this.cell(i, k).trim()).join('');
  }

  private amountTexts(): string[] {
    return this.cells.flatMap((_, i) =>
      i <= this.found.headingRow
        ? []
        : (['debit', 'credit', 'amount'] as const).map((kind) => this.cell(i, kind)),
    );
  }

  private isTotal(number: string, name: string, raw: string): boolean {
    const says = name || raw.trim();
    if (number === '' && /^(grand |sub-?\s?)?totals?\b/i.test(says)) return true;
    return (
      number === '' && (/\btotals?$/i.test(says) || /^(sum|balance check|difference)$/i.test(says))
    );
  }

  private isHeading(i: number, number: string, name: string, amounts: string): boolean {
    if (number !== '' || name === '' || amounts !== '') return false;
    const isSection = sectionNamed(this.options.scheme, name) !== null;
    const { columns } = this.found;
    const listsAmounts = columns.debit !== undefined || columns.amount !== undefined;
    const saysMore = this.cell(i, 'type').trim() !== '';
    return isSection || (listsAmounts && columns.number !== undefined && !saysMore);
  }

  private takeHeading(i: number, name: string): void {
    const section = sectionNamed(this.options.scheme, name);
    if (section !== null) this.section = section;
    this.skip(i, `“${name}” is a heading; it is not an account.`);
  }

  private namesBeginWithNumbers(): boolean {
    if (this.found.columns.number !== undefined) return false;
    const names = this.cells
      .slice(this.found.headingRow + 1)
      .map((_, i) => this.cell(i + this.found.headingRow + 1, 'name').trim())
      .filter((name) => name !== '');
    const numbered = names.filter((name) => LEADING_NUMBER.test(name)).length;
    return numbered > 0 && numbered * 2 >= names.length;
  }

  private split(number: string, name: string): { number: string; name: string } {
    const found = this.numberInName && number === '' ? LEADING_NUMBER.exec(name) : null;
    return found ? { number: found[1] ?? '', name: (found[2] ?? '').trim() } : { number, name };
  }

  private skip(i: number, says: string): void {
    this.skipped.push({ row: i + 1, says });
  }

  private fault(i: number, why: string): void {
    this.faults.push(rowFault({ row: i + 1, why }, `row ${i + 1}`));
  }
}

const LEADING_NUMBER = /^([A-Za-z]?\d[\d.\-/]{1,13})[\s·:–-]+(.*\p{L}.*)$/u;
