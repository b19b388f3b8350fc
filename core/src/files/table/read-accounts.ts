import type { Amount } from '../../model/money/amount.js';
import { readNumber } from '../../model/shapes/account-number.js';
import { done, refusal, type Refusal, type Result } from '../../model/refusal/refusal.js';
import type { Scheme } from '../../model/scheme/scheme.js';
import { proposeColumns, type Columns, type FoundColumns } from './columns.js';
import { NOTHING_NAMED, placeNamed, placeSaid, type Named, type Said } from './place-said.js';
import { BALANCE, OPENING, RawTable, type RawRow, type WrittenBalance } from './raw-rows.js';
import { kindsOf } from './row-kinds.js';
import { plainCells } from './plain-cells.js';
import { readParticulars, type RowParticulars } from './row-particulars.js';
import { balanceOf, writtenSigns, type WrittenSigns } from './written-signs.js';

/** One account as a table has it. */
export interface AccountRow {
  /** The row in the table, from 1. */
  readonly row: number;
  readonly number: string | null;
  readonly name: string;
  readonly type: string | null;
  /** How exactly the table says the place; what it does not say was told from the name. */
  readonly said: Said;
  /** Whether its type was taken from the name alone. */
  readonly guessed: boolean;
  readonly parentName: string | null;
  /** How far it is indented under what stands above. */
  readonly depth: number;
  /** Debit less credit, or the signed amount as written. Null: no amount in this row. */
  readonly amount: Amount | null;
  /** What it opened with, where the table says that besides; as `amount`. */
  readonly opening: Amount | null;
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
  /** One signed column whose convention has still to be settled; otherwise amounts are debit positive. */
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
  /** The decimal mark where the table itself tells none; absent: then it can’t be told. */
  readonly decimal?: '.' | ',' | null;
  /** Columns chosen by hand, in place of those proposed. */
  readonly columns?: Columns;
  /** Of which year balances are wanted, where the table has several. */
  readonly year?: string;
  /** Whether a type may be proposed from the name where the table says nothing of it. */
  readonly guessTypes: boolean;
}

/** The columns of a table of accounts as they are proposed, and the row of their headings. */
export const columnsIn = (cells: readonly (readonly string[])[]): FoundColumns =>
  proposeColumns(plainCells(cells));

/** Reads a table of accounts, with or without balances; faults and rows left out come with their reason. */
export function readAccountTable(
  given: readonly (readonly string[])[],
  options: TableOptions,
): Result<AccountTable> {
  const cells = plainCells(given);
  const proposed = proposeColumns(cells, options.year ?? null);
  const found = options.columns ? { ...proposed, columns: options.columns } : proposed;
  if (found.columns.name === undefined) return { ok: false, refusals: [noNameColumn({})] };
  return done(
    new Reading(
      new RawTable(cells, found, { digits: options.digits, decimal: options.decimal ?? null }),
      options,
    ).table(),
  );
}

const NOTHING_SAID: Record<'heading' | 'total', (name: string) => string> = {
  heading: (name) => `“${name}” is a heading; it is not an account.`,
  total: (name) => `“${name}” is a total; it is not an account.`,
};

class Reading {
  private readonly rows: AccountRow[] = [];
  private readonly skipped: SkippedRow[] = [];
  private readonly faults: Refusal[] = [];
  private readonly signs: WrittenSigns;
  private readonly openingSigns: WrittenSigns;
  private above: Named = NOTHING_NAMED;

  constructor(
    private readonly raw: RawTable,
    private readonly options: TableOptions,
  ) {
    this.signs = writtenSigns(raw.rows.map(({ balance }) => balance));
    this.openingSigns = writtenSigns(raw.rows.map(({ opening }) => opening));
  }

  table(): AccountTable {
    this.read();
    const { found } = this.raw;
    return {
      found,
      rows: this.rows,
      skipped: this.skipped,
      faults: this.faults,
      signed: this.signs.isSigned,
      hasAmounts: this.raw.has(BALANCE),
      hasTypes: this.rows.some((row) => row.type !== null),
    };
  }

  private read(): void {
    const { rows } = this.raw;
    const kinds = kindsOf(rows, {
      scheme: this.options.scheme,
      hasNumbers: rows.filter(({ number }) => number !== '').length * 2 > rows.length,
      hasAmounts: this.raw.has(BALANCE),
      longestNumber: Math.max(0, ...rows.map(({ number }) => number.length)),
      amount: ({ balance }) => (balance.ok ? balanceOf(balance.value, this.signs) : null),
    });
    rows.forEach((row, i) => {
      const kind = kinds[i] ?? 'account';
      if (kind === 'account') this.takeAccount(row);
      else if (kind === 'nameless')
        this.fault(row, 'there is no account name. Write one, or take the row out.');
      else this.pass(row, kind);
    });
  }

  private pass(row: RawRow, kind: 'heading' | 'total'): void {
    const name = row.name || row.number || 'A row without a name';
    this.skipped.push({ row: row.at + 1, says: NOTHING_SAID[kind](name) });
    if (kind === 'heading') this.enter(placeNamed(this.options.scheme, name));
  }

  /** A heading inside another one says more of the same place; one that is known to be none of these says nothing. */
  private enter(named: Named): void {
    if (named.section !== null || named.class !== null || named.statement !== null)
      this.above = named;
  }

  private takeAccount(row: RawRow): void {
    const number = row.number === '' ? null : readNumber(row.number);
    if (number && !number.ok) return this.fault(row, number.refusals[0]?.says ?? '');
    const { balance, opening } = row;
    if (!balance.ok) return this.fault(row, balance.refusals[0]?.says ?? '');
    if (!opening.ok) return this.fault(row, opening.refusals[0]?.says ?? '');
    const particulars = readParticulars((kind) => row.cell(kind), this.raw.style);
    if (!particulars.ok) return this.fault(row, particulars.refusals[0]?.says ?? '');
    this.rows.push({
      row: row.at + 1,
      number: number?.ok ? number.value : null,
      ...this.named(row),
      depth: row.depth,
      ...this.amounts(balance.value, opening.value),
      retired: /^(retired|inactive|no|closed)$/i.test(row.cell('state').trim()),
      particulars: particulars.value,
    });
  }

  private named(row: RawRow) {
    const path = row.name.split(':').map((part) => part.trim());
    const name = path.at(-1) || row.name;
    const above = path.length > 1 ? (path.at(-2) ?? null) : null;
    const { scheme, guessTypes } = this.options;
    const cells = { type: row.cell('type'), section: row.cell('section'), above: this.above };
    return {
      name,
      parentName: row.cell('parent').trim() || above,
      ...placeSaid(scheme, name, { cells, guess: guessTypes }),
    };
  }

  private amounts(balance: WrittenBalance, opening: WrittenBalance) {
    return {
      amount: balanceOf(balance, this.signs),
      opening: this.raw.has(OPENING) ? balanceOf(opening, this.openingSigns) : null,
    };
  }

  private fault(row: RawRow, why: string): void {
    this.faults.push(rowFault({ row: row.at + 1, why }, `row ${row.at + 1}`));
  }
}
