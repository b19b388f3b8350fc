import type { Amount } from '../../model/money/amount.js';
import type { AmountStyle } from '../../model/money/parse-amount.js';
import { done, type Result } from '../../model/refusal/refusal.js';
import type { Columns, FoundColumns } from './columns.js';
import { decimalMarkOf } from './decimal-mark.js';
import type { ColumnKind } from './headings.js';
import { sideWritten, writtenAmount, type WrittenAmount } from './row-amounts.js';

/** The columns of one balance: two sides, or one amount. */
export type AmountKinds = readonly [debit: ColumnKind, credit: ColumnKind, either: ColumnKind];

export const BALANCE: AmountKinds = ['debit', 'credit', 'amount'];
export const OPENING: AmountKinds = ['opening-debit', 'opening-credit', 'opening'];

/** A balance as it is written in a row; null parts: nothing stands there. */
export interface WrittenBalance {
  readonly debit: Amount | null;
  readonly credit: Amount | null;
  readonly either: WrittenAmount | null;
}

/** A row below the headings, taken apart but not yet understood. */
export interface RawRow {
  /** The row in the table, from 0. */
  readonly at: number;
  readonly number: string;
  readonly name: string;
  /** How far it is indented. */
  readonly depth: number;
  readonly balance: Result<WrittenBalance>;
  readonly opening: Result<WrittenBalance>;
  cell(kind: ColumnKind): string;
}

const LEADING_NUMBER = /^([A-Za-z]?\d[\d.\-/]{1,13})[\s·:–-]+([^\s·:–-].*)$/u;

/** The rows of a table below its headings that hold anything. */
export class RawTable {
  readonly style: AmountStyle;
  readonly rows: readonly RawRow[];
  private readonly numberInName: boolean;

  constructor(
    private readonly cells: readonly (readonly string[])[],
    readonly found: FoundColumns,
    usual: AmountStyle,
  ) {
    const below = cells.flatMap((row, at) =>
      at > found.headingRow && row.some((cell) => cell.trim() !== '') ? [at] : [],
    );
    const texts = below.flatMap((at) =>
      [...BALANCE, ...OPENING]
        .map((kind) => this.cell(at, kind))
        .filter((cell) => cell.trim() !== ''),
    );
    this.style = { ...usual, decimal: decimalMarkOf(texts) ?? usual.decimal };
    this.numberInName = this.namesBeginWithNumbers(below);
    this.rows = below.map((at) => this.row(at));
  }

  has(kinds: AmountKinds): boolean {
    return kinds.some((kind) => this.found.columns[kind] !== undefined);
  }

  private row(at: number): RawRow {
    const raw = this.cell(at, 'name');
    return {
      at,
      ...this.split(this.cell(at, 'number').trim(), raw.trim()),
      depth: /^\s*/.exec(raw)?.[0].length ?? 0,
      balance: this.written(at, BALANCE),
      opening: this.written(at, OPENING),
      cell: (kind) => this.cell(at, kind),
    };
  }

  private cell(at: number, kind: keyof Columns): string {
    const column = this.found.columns[kind];
    return column === undefined ? '' : (this.cells[at]?.[column] ?? '');
  }

  private written(at: number, [debit, credit, either]: AmountKinds): Result<WrittenBalance> {
    const read = (kind: ColumnKind) =>
      writtenAmount(this.cell(at, kind), this.found.columns[kind] ?? 0, this.style);
    const [ofDebit, ofCredit, one] = [read(debit), read(credit), read(either)];
    if (!ofDebit.ok) return ofDebit;
    if (!ofCredit.ok) return ofCredit;
    if (!one.ok) return one;
    const beside = sideWritten(this.cell(at, 'side'));
    return done({
      debit: ofDebit.value?.amount ?? null,
      credit: ofCredit.value?.amount ?? null,
      either: one.value && { ...one.value, side: one.value.side ?? beside },
    });
  }

  private namesBeginWithNumbers(below: readonly number[]): boolean {
    if (this.found.columns.number !== undefined) return false;
    const names = below.map((at) => this.cell(at, 'name').trim()).filter((name) => name !== '');
    const numbered = names.filter((name) => LEADING_NUMBER.test(name)).length;
    return numbered > 0 && numbered * 2 >= names.length;
  }

  private split(number: string, name: string): { number: string; name: string } {
    const found = this.numberInName && number === '' ? LEADING_NUMBER.exec(name) : null;
    return found && /\p{L}/u.test(found[2] ?? '')
      ? { number: found[1] ?? '', name: (found[2] ?? '').trim() }
      : { number, name };
  }
}

/** Whether nothing is written in a balance. */
export const isBlank = (balance: Result<WrittenBalance>): boolean =>
  balance.ok &&
  balance.value.debit === null &&
  balance.value.credit === null &&
  balance.value.either === null;
