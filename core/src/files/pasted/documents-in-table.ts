import { faultsOfDocument, KIND_FACTS } from '../../accounting/document/index.js';
import type { Account, Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { writtenDays } from '../../model/day/written-days.js';
import { parseAmount } from '../../model/money/parse-amount.js';
import { QUANTITY_DIGITS } from '../../model/money/quantity.js';
import { usualDecimal, writingOf } from '../../model/place/writing.js';
import type { Document, DocumentLine } from '../../model/shapes/document.js';
import type { Item } from '../../model/shapes/item.js';
import type { Party } from '../../model/shapes/party.js';
import { accountsCalled, named, type Called } from './called.js';
import { documentKindCalled, documentRows, type DocumentRow } from './document-rows.js';

/** A document read from a table, and the row in which it begins. */
interface ReadDocument {
  readonly row: number;
  readonly document: Document;
}

interface ReadDocuments {
  readonly documents: readonly ReadDocument[];
  /** What can’t be read, in sentences, each with its row. */
  readonly faults: readonly string[];
}

const NO_TABLE =
  'This is no list of documents: its rows need a day, a kind of document, and what it is of or an amount. Put headings above them: Date, Kind, Reference, Party, Item or account, Quantity, Price, Amount.';

interface Open extends ReadDocument {
  readonly head: string;
}

class Reader {
  readonly documents: ReadDocument[] = [];
  readonly faults: string[] = [];
  private open: Open | null = null;
  private isFaulty = false;
  private readonly accounts: Called<Account>;
  private readonly items: Called<Item>;

  constructor(
    private readonly book: Book,
    private readonly newId: () => string,
    private readonly decimal: '.' | ',' | null,
  ) {
    this.accounts = accountsCalled(book);
    this.items = named(subledgersOf(book).items);
  }

  take(row: DocumentRow, date: string | null): void {
    if (row.date !== '' && date === null)
      return this.fault(row, `“${row.date}” is no day. Write it as 2027-03-31 or 31 Mar 2027.`);
    const head = JSON.stringify([date, row.kind, row.reference, row.party]);
    const begins = row.kind !== '' && (row.date !== '' || !this.open) && head !== this.open?.head;
    if (begins) this.begin(row, { date, head });
    if (!this.open && !this.isFaulty)
      return this.fault(row, 'It says no kind of document. Write it into the row where it begins.');
    const line = this.lineOf(row);
    if (this.open && line)
      this.open = { ...this.open, document: withLine(this.open.document, line) };
  }

  private begin(row: DocumentRow, { date, head }: { date: string | null; head: string }): void {
    this.end();
    this.isFaulty = false;
    const kind = documentKindCalled(row.kind);
    if (kind === null) {
      const known = Object.values(KIND_FACTS).map(({ name }) => name);
      return this.fault(
        row,
        `“${row.kind}” is no kind of document. Write one of: ${known.join(', ')}.`,
      );
    }
    if (date === null)
      return this.fault(row, 'It has no day. Write the day of the document into it.');
    const party = this.partyOf(row, KIND_FACTS[kind].party);
    const { lines, money, owed } = KIND_FACTS[kind];
    const isByAmount = lines === 'none';
    const document: Document = {
      ...{ id: this.newId(), kind, date, reference: row.reference, text: row.text, party },
      money: money ? this.moneyOf(row) : null,
      to: kind === 'transfer' && row.of !== '' ? this.accountCalled(row, row.of) : null,
      amount: isByAmount ? this.figure(row, row.amount, writingOf(this.book.company).digits) : null,
      discount: this.figure(row, row.discount, writingOf(this.book.company).digits) ?? 0,
      ...{ lines: [], settles: [] },
    };
    const settles = isByAmount && owed < 0 ? this.settledBy(row, document) : [];
    this.open = { row: row.row, head, document: { ...document, settles } };
  }

  /** The document that was begun is whole. */
  end(): void {
    const { open, isFaulty } = this;
    this.open = null;
    if (!open || isFaulty) return;
    const [fault] = faultsOfDocument(this.book, open.document);
    if (fault) this.faults.push(`Row ${open.row}: ${fault.says}`);
    else this.documents.push({ row: open.row, document: open.document });
  }

  private fault(row: DocumentRow, says: string): void {
    this.isFaulty = true;
    this.faults.push(`Row ${row.row}: ${says}`);
  }

  private partyOf(row: DocumentRow, wanted: Party['kind'] | 'either' | 'none'): string | null {
    if (wanted === 'none' || row.party === '') return null;
    const all = subledgersOf(this.book).parties.filter(
      ({ kind }) => wanted === 'either' || kind === wanted,
    );
    const found = named(all).find(row.party);
    if (!found)
      this.fault(
        row,
        `There is no ${wanted === 'either' ? 'customer or supplier' : wanted} “${row.party}” in this book. Add one under Customers, suppliers, or write the name as it stands there.`,
      );
    return found?.id ?? null;
  }

  private accountCalled(row: DocumentRow, name: string): string | null {
    const found = this.accounts.find(name);
    if (!found)
      this.fault(
        row,
        `There is no account “${name}” in this book. Add it to the chart, or write it as it is called there.`,
      );
    return found?.id ?? null;
  }

  /** The account that is said; else the only one at a bank. */
  private moneyOf(row: DocumentRow): string | null {
    if (row.money !== '') return this.accountCalled(row, row.money);
    const banks = this.book.accounts.filter(({ type, retired }) => type === 'bank' && !retired);
    return banks.length === 1 ? (banks[0]?.id ?? null) : null;
  }

  /** The document whose reference is said, of the same party: recorded already, or read above. */
  private settledBy(row: DocumentRow, { party, amount, discount }: Document): Document['settles'] {
    if (row.settles === '' || amount === null) return [];
    const all = [
      ...subledgersOf(this.book).documents,
      ...this.documents.map(({ document }) => document),
    ];
    const found = all.find(
      (each) => each.party === party && each.reference.toLowerCase() === row.settles.toLowerCase(),
    );
    if (found) return [{ document: found.id, amount: amount + discount }];
    this.fault(row, `There is no document “${row.settles}” of this party that it could settle.`);
    return [];
  }

  private figure(row: DocumentRow, text: string, digits: number): number | null {
    if (text === '') return null;
    const read = parseAmount(text, { digits, decimal: this.decimal });
    if (read.ok) return read.value;
    this.fault(row, read.refusals[0]?.says ?? '');
    return null;
  }

  private lineOf(row: DocumentRow): DocumentLine | null {
    const kind = this.open?.document.kind;
    if (!kind || KIND_FACTS[kind].lines === 'none' || row.of === '') return null;
    const { digits } = writingOf(this.book.company);
    const item = KIND_FACTS[kind].lines === 'accounts' ? null : this.items.find(row.of);
    const quantity = this.figure(row, row.quantity, QUANTITY_DIGITS);
    const price = this.figure(row, row.price, digits);
    const amount = this.figure(row, row.amount, digits);
    if (item)
      return {
        ...{ item: item.id, quantity, account: null, amount: null },
        price: KIND_FACTS[kind].priced ? (price ?? eachOf(amount, quantity)) : null,
      };
    const account = this.accountCalled(row, row.of);
    return account === null
      ? null
      : { ...{ item: null, quantity: null, price: null, account }, amount };
  }
}

const withLine = (document: Document, line: DocumentLine): Document => ({
  ...document,
  lines: [...document.lines, line],
});

const ONE = 10 ** QUANTITY_DIGITS;

/** The price of one where only the whole is said; null: it doesn’t come out even. */
function eachOf(amount: number | null, quantity: number | null): number | null {
  if (amount === null || !quantity) return null;
  const each = (amount * ONE) / quantity;
  return Number.isInteger(each) ? each : null;
}

/**
 * Documents as a table: one row a line of a document; what stands in its first row holds for those below that leave it
 * out. Parties, items and accounts go by their names. What can’t be read is told with its row, and its document left out.
 */
export function documentsInTable(
  book: Book,
  cells: readonly (readonly string[])[],
  { newId }: { readonly newId: () => string },
): ReadDocuments {
  const table = documentRows(cells);
  if (!table) return { documents: [], faults: [NO_TABLE] };
  const year = Number(book.company.firstDay.slice(0, 4));
  const days = writtenDays(
    table.rows.map(({ date }) => date),
    year,
  );
  const reader = new Reader(book, newId, table.decimal ?? usualDecimal(book.company));
  for (const [i, row] of table.rows.entries()) reader.take(row, days[i] ?? null);
  reader.end();
  return { documents: reader.documents, faults: reader.faults };
}
