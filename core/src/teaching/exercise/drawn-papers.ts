import type { Book, Subledgers } from '../../model/book/book.js';
import { addDays } from '../../model/day/calendar.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { KIND_FACTS } from '../../accounting/document/document-kinds.js';
import { taxItemOf } from '../../model/book/tax-lists.js';
import { taxesOf, worthOfDocument } from '../../accounting/document/document-lines.js';
import { lineWorth } from '../../accounting/document/stock.js';
import type { Amount } from '../../model/money/amount.js';
import { type Quantity } from '../../model/money/quantity.js';
import type { Document, DocumentKind, DocumentLine } from '../../model/shapes/document.js';
import { USUAL_TERMS, type Terms } from '../../model/shapes/party.js';
import { saidOn, writingOf } from '../../model/place/writing.js';
import { quantitySaid } from '../../model/money/format-amount.js';

interface PaperLine {
  readonly text: string;
  /** Empty where there is none. */
  readonly quantity: string;
  readonly price: string;
  readonly amount: string;
}

/** A document as whoever wrote it would have it on paper: names, goods and amounts, no account. */
export interface DrawnPaper {
  readonly name: string;
  /** Whose paper it is; empty: one’s own. */
  readonly by: string;
  readonly to: string;
  readonly number: string;
  readonly day: string;
  readonly lines: readonly PaperLine[];
  readonly total: string;
  /** When it is due, what it settles, how it was paid. */
  readonly foot: readonly string[];
}

/** What a paper is called, and who writes it: we, or the party. */
const PAPERS: Readonly<Record<DocumentKind, { name: string; by: 'us' | 'them' | 'either' }>> = {
  ordered: { name: 'Order', by: 'either' },
  'goods-in': { name: 'Delivery note', by: 'them' },
  'supplier-invoice': { name: 'Invoice', by: 'them' },
  'supplier-payment': { name: 'Remittance advice', by: 'us' },
  'goods-out': { name: 'Delivery note', by: 'us' },
  'customer-invoice': { name: 'Invoice', by: 'us' },
  'customer-payment': { name: 'Remittance advice', by: 'them' },
  'credit-note': { name: 'Credit note', by: 'either' },
  'money-in': { name: 'Receipt', by: 'us' },
  'money-out': { name: 'Payment slip', by: 'us' },
  transfer: { name: 'Transfer', by: 'us' },
  'stock-count': { name: 'Count sheet', by: 'us' },
};

interface Drawing {
  readonly book: Book;
  readonly subledgers: Subledgers;
  readonly document: Document;
  readonly money: (amount: Amount) => string;
}

/** An order to a supplier is ours, and a supplier’s credit note theirs; with a customer the other way round. */
function isTheirs(kind: DocumentKind, isSupplier: boolean): boolean {
  const { by } = PAPERS[kind];
  if (by !== 'either') return by === 'them';
  return kind === 'ordered' ? !isSupplier : isSupplier;
}

const counted = (book: Book, quantity: Quantity, unit: string): string =>
  `${quantitySaid(quantity, writingOf(book.company))} ${unit}`.trim();

function paperLine({ book, subledgers, document, money }: Drawing, line: DocumentLine): PaperLine {
  const item = subledgers.items.find(({ id }) => id === line.item);
  const worth = lineWorth(line);
  return {
    text: item?.name ?? (document.text || KIND_FACTS[document.kind].name),
    quantity: line.quantity === null ? '' : counted(book, line.quantity, item?.unit ?? ''),
    price: line.price === null ? '' : money(line.price),
    amount: worth === 0 ? '' : money(worth),
  };
}

/** The tax of each code: on top as a line, in the prices as what they hold. */
function taxLines({ book, subledgers, document, money }: Drawing): PaperLine[] {
  const holds = document.pricesIncludeTax === true;
  return taxesOf(document, subledgers).map(({ rule, net, tax }) => {
    const name = taxItemOf(book.taxLists, 'codes', rule.code)?.name ?? rule.code;
    const rate = `${counted(book, rule.rate, '')} %`;
    return {
      text: holds
        ? `Holds ${money(tax)} of tax: ${name}, ${rate} on ${money(net)}`
        : `${name}, ${rate} on ${money(net)}`,
      ...{ quantity: '', price: '', amount: holds ? '' : money(tax) },
    };
  });
}

function termsSay(book: Book, date: string, terms: Terms): string[] {
  const { netDays, discount, discountDays } = terms;
  const due = `Payable by ${saidOn(book, addDays(date, netDays))}.`;
  if (discount === 0) return [due];
  return [
    `${counted(book, discount, '')} % off if paid by ${saidOn(book, addDays(date, discountDays))}.`,
    due,
  ];
}

function settlesSay({ book, subledgers, document, money }: Drawing): string[] {
  return document.settles.map(({ document: id, amount }) => {
    const other = subledgers.documents.find((each) => each.id === id);
    if (!other) return `For the balance at the beginning: ${money(amount)}`;
    const which = PAPERS[other.kind].name.toLowerCase();
    return `For ${which} ${other.reference || `of ${saidOn(book, other.date)}`}: ${money(amount)}`;
  });
}

function footOf(drawing: Drawing): string[] {
  const { book, subledgers, document, money } = drawing;
  const { kind, date, discount } = document;
  const party = subledgers.parties.find(({ id }) => id === document.party);
  const named = (id: string | null) => book.accounts.find((each) => each.id === id)?.name ?? null;
  const [from, to] = [named(document.money), named(document.to)];
  return [
    ...(party && /-invoice$/.test(kind) ? termsSay(book, date, party.terms ?? USUAL_TERMS) : []),
    ...settlesSay(drawing),
    ...(discount > 0 ? [`Discount taken off: ${money(discount)}`] : []),
    ...(from === null ? [] : [to === null ? `Through ${from}` : `From ${from} to ${to}`]),
  ];
}

/** The paper of a document. A delivery note shows what the goods are worth, since the books ask for it. */
export function drawnPaper(
  book: Book,
  document: Document,
  money: (amount: Amount) => string,
): DrawnPaper {
  const subledgers = subledgersOf(book);
  const drawing = { book, subledgers, document, money };
  const party = subledgers.parties.find(({ id }) => id === document.party);
  const them = party?.name ?? '';
  const us = book.company.name;
  const theirs = isTheirs(document.kind, party?.kind === 'supplier');
  const worth = worthOfDocument(document, subledgers);
  return {
    name: PAPERS[document.kind].name,
    by: theirs ? them : us,
    to: theirs ? us : them,
    number: document.reference,
    day: saidOn(book, document.date),
    lines: [...document.lines.map((line) => paperLine(drawing, line)), ...taxLines(drawing)],
    total: worth === 0 ? '' : money(worth),
    foot: [...(document.text === '' ? [] : [document.text]), ...footOf(drawing)],
  };
}
