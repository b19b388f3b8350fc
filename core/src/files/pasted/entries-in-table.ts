import type { Book, Entry } from '../../model/book/book.js';
import { dayText } from '../../model/day/calendar.js';
import { type Amount } from '../../model/money/amount.js';
import { formatAmount } from '../../model/money/format-amount.js';
import type { Line } from '../../model/shapes/entry.js';
import { entryRows, type EntryRow } from './entry-rows.js';
import { type Writing, writingOf } from '../../model/place/writing.js';
import { decimalOf, RowsReader } from './read-rows.js';

/** An entry read from a table, and the row in which it begins. */
interface ReadEntry {
  readonly row: number;
  readonly entry: Entry;
}

interface ReadEntries {
  readonly entries: readonly ReadEntry[];
  /** What can’t be read, in sentences, each with its row. */
  readonly faults: readonly string[];
}

const NO_TABLE =
  'This is no journal: its rows need a day, an account and an amount in debit or credit. Put headings above them: Date, Reference, Text, Account, Debit, Credit.';

interface Open {
  readonly row: number;
  readonly date: string;
  readonly reference: string;
  readonly text: string;
  readonly lines: Line[];
}

class Reader extends RowsReader<EntryRow> {
  readonly entries: ReadEntry[] = [];
  private open: Open | null = null;

  private get writing(): Writing {
    return writingOf(this.book.company);
  }

  take(row: EntryRow, date: string | null): void {
    if (row.date !== '' && date === null) return this.noDay(row);
    if (this.begins(row, date)) this.begin(row, date);
    if (!this.open) return this.fault(row, 'It has no day. Write the day of its entry into it.');
    const lines = this.linesOf(row);
    if (lines) this.open.lines.push(...lines);
  }

  /** Whether another entry begins: another day, reference or text, or a day behind one that is in balance. */
  private begins(row: EntryRow, date: string | null): boolean {
    if (!this.open) return date !== null;
    if (date === null) return false;
    const { open } = this;
    const isOther = (said: string, own: string) => said !== '' && said !== own;
    return (
      date !== open.date ||
      isOther(row.reference, open.reference) ||
      isOther(row.text, open.text) ||
      (!this.isFaulty && this.balance() === 0)
    );
  }

  private begin(row: EntryRow, date: string | null): void {
    this.end();
    const { reference, text } = row;
    this.open = { row: row.row, date: date ?? '', reference, text, lines: [] };
  }

  private balance = (): Amount =>
    (this.open?.lines ?? []).reduce((sum, { amount }) => sum + amount, 0);

  /** The entry that was begun is whole. */
  end(): void {
    const { open, isFaulty } = this;
    const balance = this.balance();
    this.open = null;
    this.isFaulty = false;
    if (!open || isFaulty) return;
    if (balance !== 0 || open.lines.length < 2) return this.unbalanced(open, balance);
    const { row, date, reference, text, lines } = open;
    const entry: Entry = { id: this.newId(), date, kind: 'general', reference, text, lines };
    this.entries.push({ row, entry });
  }

  private saidOn = (day: string): string => dayText(day, this.writing.days);

  private unbalanced({ row, date }: Open, balance: Amount): void {
    const more = formatAmount(Math.abs(balance), this.writing);
    const side = balance > 0 ? 'debit' : 'credit';
    this.faults.push(
      balance === 0
        ? `Row ${row}: The entry of ${this.saidOn(date)} has nothing on its other side. Add what is missing.`
        : `Row ${row}: The entry of ${this.saidOn(date)} has ${more} more in ${side}. Add what is missing, or put its amounts right.`,
    );
  }

  private linesOf(row: EntryRow): Line[] | null {
    const isPair = row.debited !== '' && row.credited !== '';
    const debit = this.amount(row, isPair ? row.amount : row.debit || row.amount);
    const credit = isPair ? debit : this.amount(row, row.credit);
    if (debit === null || credit === null) return null;
    const sides = isPair
      ? [this.line(row, ['', row.debited], debit), this.line(row, ['', row.credited], -credit)]
      : [this.line(row, [row.number, row.account], debit - credit)];
    return sides.flatMap((line) => (line ? [line] : []));
  }

  private amount(row: EntryRow, text: string): Amount | null {
    return text === '' ? 0 : this.figure(row, text);
  }

  private line(
    row: EntryRow,
    [number, name]: readonly [string, string],
    amount: Amount,
  ): Line | null {
    const account = this.accounts.find(name, number);
    if (account && amount !== 0) return { account: account.id, amount };
    const called = [number, name].filter(Boolean).join(' ');
    if (called === '') this.fault(row, 'It names no account. Write its number or its name.');
    else if (account) this.fault(row, 'It has no amount. Write it in debit or in credit.');
    else this.noAccount(row, called);
    return null;
  }
}

/**
 * The entries of a journal as a table: one row a line of an entry, or one an entry with both its accounts. Columns go by
 * their headings, in any order; accounts by number or name. What can’t be read is told with its row, and its entry left out.
 */
export function entriesInTable(
  book: Book,
  cells: readonly (readonly string[])[],
  { newId }: { readonly newId: () => string },
): ReadEntries {
  const table = entryRows(cells);
  if (!table) return { entries: [], faults: [NO_TABLE] };
  const reader = new Reader(book, newId, decimalOf(book, table));
  reader.readAll(table.rows.filter(isOfAnEntry));
  return { entries: reader.entries, faults: reader.faults };
}

/** Totals and headings of sections are no lines of entries. */
const isOfAnEntry = ({ date, account, number, debited, text }: EntryRow): boolean =>
  !/^totals?$/i.test(account) &&
  !/^totals?$/i.test(text) &&
  (date !== '' || account !== '' || number !== '' || debited !== '');
