import type { Account, Book } from '../../model/book/book.js';
import { writtenDays } from '../../model/day/written-days.js';
import type { Amount } from '../../model/money/amount.js';
import { parseAmount } from '../../model/money/parse-amount.js';
import { usualDecimal, writingOf } from '../../model/place/writing.js';
import { accountsCalled, type Called } from './called.js';

/** A row that can be told of. */
interface Row {
  readonly row: number;
}

export interface WrittenTable<R> {
  readonly rows: readonly R[];
  readonly decimal: '.' | ',' | null;
}

/** What reading row by row has in common: what can’t be read is told with its row. */
export abstract class RowsReader<R extends Row & { readonly date: string }> {
  readonly faults: string[] = [];
  protected isFaulty = false;
  protected readonly accounts: Called<Account>;

  constructor(
    protected readonly book: Book,
    protected readonly newId: () => string,
    private readonly decimal: '.' | ',' | null,
  ) {
    this.accounts = accountsCalled(book);
  }

  protected fault({ row }: Row, says: string): void {
    this.isFaulty = true;
    this.faults.push(`Row ${row}: ${says}`);
  }

  protected noDay(row: R): void {
    this.fault(row, `“${row.date}” is no day. Write it as 2027-03-31 or 31 Mar 2027.`);
  }

  protected noAccount(row: Row, called: string): void {
    this.fault(
      row,
      `There is no account “${called}” in this book. Add it to the chart, or write it as it is called there.`,
    );
  }

  /** A figure with so many decimals, those of the company’s amounts where nothing is said; null: it is told why. */
  protected figure(
    row: Row,
    text: string,
    digits: number = writingOf(this.book.company).digits,
  ): Amount | null {
    const read = parseAmount(text, { digits, decimal: this.decimal });
    if (read.ok) return read.value;
    this.fault(row, read.refusals[0]?.says ?? '');
    return null;
  }

  /** A row, with its day where it says one that can be read. */
  abstract take(row: R, date: string | null): void;
  /** What was begun last is whole. */
  abstract end(): void;

  readAll(rows: readonly R[]): void {
    const year = Number(this.book.company.firstDay.slice(0, 4));
    const days = writtenDays(
      rows.map(({ date }) => date),
      year,
    );
    for (const [i, row] of rows.entries()) this.take(row, days[i] ?? null);
    this.end();
  }
}

/** How the figures of a table are written: as most of them say, else as is usual where the company is. */
export const decimalOf = (book: Book, table: WrittenTable<unknown>): '.' | ',' | null =>
  table.decimal ?? usualDecimal(book.company);
