import { faultsOfDocument, KIND_FACTS } from '../../accounting/document/index.js';
import type { Book } from '../../model/book/book.js';
import { taxItemOf } from '../../model/book/tax-lists.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { QUANTITY_DIGITS } from '../../model/money/quantity.js';
import type { Document, DocumentLine } from '../../model/shapes/document.js';
import type { Item } from '../../model/shapes/item.js';
import type { Party } from '../../model/shapes/party.js';
import type { TaxRule } from '../../model/shapes/tax-rule.js';
import { Called, named } from './called.js';
import { documentKindCalled, documentRows, type DocumentRow } from './document-rows.js';
import { decimalOf, RowsReader } from './read-rows.js';

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

type Wanted = Party['kind'] | 'either';

class Reader extends RowsReader<DocumentRow> {
  readonly documents: ReadDocument[] = [];
  private open: Open | null = null;
  private readonly items: Called<Item> = named(subledgersOf(this.book).items);
  private readonly taxes = new Called(subledgersOf(this.book).taxes, {
    exactly: (rule) => [rule.code, this.taxNamed(rule)],
    name: (rule) => this.taxNamed(rule),
  });
  private readonly parties = new Map<Wanted, Called<Party>>();

  take(row: DocumentRow, date: string | null): void {
    const head = JSON.stringify([date, row.kind, row.reference, row.party]);
    if (this.begins(row, head)) this.begin(row, { date, head });
    if (!this.open && !this.isFaulty)
      return this.fault(row, 'It says no kind of document. Write it into the row where it begins.');
    const line = this.lineOf(row);
    if (this.open && line)
      this.open = { ...this.open, document: withLine(this.open.document, line) };
  }

  /** Whether another begins: a kind beside a day, unless it is the one above, which goes on; a payment has one row. */
  private begins(row: DocumentRow, head: string): boolean {
    if (row.kind === '' || (row.date === '' && this.open)) return false;
    const isByAmount = this.open && KIND_FACTS[this.open.document.kind].lines === 'none';
    return head !== this.open?.head || isByAmount === true;
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
    if (row.date !== '' && date === null) return this.noDay(row);
    if (date === null)
      return this.fault(row, 'It has no day. Write the day of the document into it.');
    const party = this.partyOf(row, KIND_FACTS[kind].party);
    const { lines, money, owed } = KIND_FACTS[kind];
    const isByAmount = lines === 'none';
    const document: Document = {
      ...{ id: this.newId(), kind, date, reference: row.reference, text: row.text, party },
      money: money ? this.moneyOf(row) : null,
      to: kind === 'transfer' && row.of !== '' ? this.accountCalled(row, row.of) : null,
      amount: isByAmount ? this.said(row, row.amount) : null,
      discount: this.said(row, row.discount) ?? 0,
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

  private partyOf(row: DocumentRow, wanted: Wanted | 'none'): string | null {
    if (wanted === 'none' || row.party === '') return null;
    const found = this.partiesOf(wanted).find(row.party);
    if (!found)
      this.fault(
        row,
        `There is no ${wanted === 'either' ? 'customer or supplier' : wanted} “${row.party}” in this book. Add one under Customers, suppliers, or write the name as it stands there.`,
      );
    return found?.id ?? null;
  }

  /** Those of a kind by their names, made ready once, however many rows there are. */
  private partiesOf(wanted: Wanted): Called<Party> {
    const known = this.parties.get(wanted);
    if (known) return known;
    const { parties } = subledgersOf(this.book);
    const made = named(parties.filter(({ kind }) => wanted === 'either' || kind === wanted));
    this.parties.set(wanted, made);
    return made;
  }

  private accountCalled(row: DocumentRow, name: string): string | null {
    const found = this.accounts.find(name);
    if (!found) this.noAccount(row, name);
    return found?.id ?? null;
  }

  /** The account that is said; else the only one at a bank. */
  private moneyOf(row: DocumentRow): string | null {
    if (row.money !== '') return this.accountCalled(row, row.money);
    const banks = this.book.accounts.filter(({ type, retired }) => type === 'bank' && !retired);
    return banks.length === 1 ? (banks[0]?.id ?? null) : null;
  }

  /** The invoice whose reference is said, of the same party: recorded already, or read above. */
  private settledBy(row: DocumentRow, { party, amount, discount }: Document): Document['settles'] {
    if (row.settles === '' || amount === null) return [];
    const all = [
      ...subledgersOf(this.book).documents,
      ...this.documents.map(({ document }) => document),
    ];
    const found = all.find(
      (each) =>
        KIND_FACTS[each.kind].owed > 0 &&
        each.party === party &&
        each.reference.toLowerCase() === row.settles.toLowerCase(),
    );
    if (found) return [{ document: found.id, amount: amount + discount }];
    this.fault(
      row,
      `There is no invoice “${row.settles}” of this party that it could settle. Write its reference as it stands there, or leave it out.`,
    );
    return [];
  }

  /** A figure where one is written. */
  private said(row: DocumentRow, text: string, digits?: number): number | null {
    return text === '' ? null : this.figure(row, text, digits);
  }

  private lineOf(row: DocumentRow): DocumentLine | null {
    const kind = this.open?.document.kind;
    if (!kind || KIND_FACTS[kind].lines === 'none') return null;
    const isSaid = [row.quantity, row.price, row.amount].some((each) => each !== '');
    if (row.of === '') {
      if (isSaid)
        this.fault(row, 'It has figures, but no item or account. Write of what they are.');
      return null;
    }
    const { lines, priced } = KIND_FACTS[kind];
    const item = lines === 'accounts' ? null : this.items.find(row.of);
    const quantity = this.said(row, row.quantity, QUANTITY_DIGITS);
    const [price, amount] = [this.said(row, row.price), this.said(row, row.amount)];
    const taxed = this.taxOf(row);
    if (item)
      return {
        ...{ item: item.id, quantity, account: null, amount: null, ...taxed },
        price: priced ? (price ?? eachOf(amount, quantity)) : null,
      };
    const account = this.accountCalled(row, row.of);
    if (account === null) return null;
    return { ...{ item: null, quantity: null, price: null, account, ...taxed }, amount };
  }

  private taxNamed({ code }: TaxRule): string {
    return taxItemOf(this.book.taxLists, 'codes', code)?.name ?? code;
  }

  /** The tax code that is said, by itself or by what the company calls it. */
  private taxOf(row: DocumentRow): Pick<DocumentLine, 'taxCode'> {
    if (row.taxCode === '') return {};
    const called = this.taxes.find(row.taxCode);
    if (called) return { taxCode: called.code };
    this.fault(
      row,
      `Documents use no tax code “${row.taxCode}”. Write it as it stands under Tax, or leave it out.`,
    );
    return {};
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
  const reader = new Reader(book, newId, decimalOf(book, table));
  reader.readAll(table.rows);
  return { documents: reader.documents, faults: reader.faults };
}
