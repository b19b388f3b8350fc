import {
  subledgersOf,
  formatDecimal,
  shortDecimal,
  isDay,
  KIND_FACTS,
  minorDigits,
  parseAmount,
  QUANTITY_DIGITS,
  type Amount,
  type Book,
  type Document,
  type DocumentKind,
  type DocumentLine,
  type Settling,
} from '@gleddo/core';
import { nanoid } from 'nanoid';

/** A line as it is typed: what it is of (`item:` or `account:` and an id), how many, a price, an amount. */
export interface LineDraft {
  readonly of: string;
  readonly quantity: string;
  readonly price: string;
  readonly amount: string;
}

/** A document as it is typed: text in each field. */
export interface DocumentDraft {
  readonly id: string | null;
  readonly kind: DocumentKind;
  readonly date: string;
  readonly reference: string;
  readonly text: string;
  readonly party: string | null;
  readonly money: string | null;
  readonly to: string | null;
  readonly amount: string;
  readonly discount: string;
  readonly lines: readonly LineDraft[];
  /** What of each open document is settled, minor units. */
  readonly settles: Readonly<Record<string, Amount>>;
}

/** What becomes of a draft: told from the latest one, so that no change undoes another. */
export type DraftChange = (now: DocumentDraft) => DocumentDraft;

export const EMPTY_LINE: LineDraft = { of: '', quantity: '', price: '', amount: '' };

export const emptyDocument = (date: string, kind: DocumentKind): DocumentDraft => ({
  id: null,
  kind,
  date,
  reference: '',
  text: '',
  party: null,
  money: null,
  to: null,
  amount: '',
  discount: '',
  lines: [EMPTY_LINE],
  settles: {},
});

export const digitsOf = (book: Book): number => minorDigits(book.company.currency);

const said = (amount: Amount | null, digits: number): string =>
  amount === null || amount === 0 ? '' : formatDecimal(amount, digits).replace(/\.0+$/, '');

/** An amount as one types it, without decimals that are nothing; nothing at all for zero. */
export const typedAmount = (book: Book, amount: Amount | null): string =>
  said(amount, digitsOf(book));

/** A quantity as one reads it, without decimals that are nothing. */
export const quantityText = (quantity: number): string => shortDecimal(quantity, QUANTITY_DIGITS);

function lineDraft(line: DocumentLine, digits: number): LineDraft {
  const of = line.item === null ? `account:${line.account ?? ''}` : `item:${line.item}`;
  return {
    of,
    quantity: line.quantity === null ? '' : said(line.quantity, QUANTITY_DIGITS) || '0',
    price: said(line.price, digits),
    amount: said(line.amount, digits),
  };
}

/** A document as it would be typed. */
export function draftOfDocument(book: Book, document: Document): DocumentDraft {
  const digits = digitsOf(book);
  const { amount, discount, lines, settles, ...rest } = document;
  return {
    ...rest,
    amount: said(amount, digits),
    discount: said(discount, digits),
    lines: [...lines.map((line) => lineDraft(line, digits)), EMPTY_LINE],
    settles: Object.fromEntries(settles.map((each) => [each.document, each.amount])),
  };
}

/** A line when something else is chosen for it: the item's price stands there then. */
export function lineOf(book: Book, kind: DocumentKind, of: string): Partial<LineDraft> {
  const item = subledgersOf(book).items.find(({ id }) => `item:${id}` === of);
  if (!item) return { of, quantity: '', price: '' };
  const isBought = KIND_FACTS[kind].party === 'supplier';
  const price = KIND_FACTS[kind].priced
    ? said(isBought ? item.cost : item.price, digitsOf(book))
    : '';
  return { of, price, amount: '' };
}

/** The draft when another kind is chosen: of a party only one that the kind can be of. */
export function withKind(book: Book, draft: DocumentDraft, kind: DocumentKind): DocumentDraft {
  const { party: wanted } = KIND_FACTS[kind];
  const found = subledgersOf(book).parties.find(({ id }) => id === draft.party);
  const fits = found !== undefined && (wanted === 'either' || wanted === found.kind);
  return { ...draft, kind, party: fits ? draft.party : null, settles: {} };
}

/** The draft when a party is chosen: its usual account stands in the first line, where nothing does yet. */
export function withParty(book: Book, draft: DocumentDraft, party: string | null): DocumentDraft {
  const account = subledgersOf(book).parties.find(({ id }) => id === party)?.account ?? null;
  const isBare = draft.lines.every(({ of }) => of === '');
  const takes = KIND_FACTS[draft.kind].lines === 'either' && isBare && account !== null;
  const lines = takes ? [{ ...EMPTY_LINE, of: `account:${account}` }, EMPTY_LINE] : draft.lines;
  return { ...draft, party, lines, settles: {} };
}

/** The draft when an open document is settled with it, or no longer: amount and discount follow. */
export function withSettled(
  book: Book,
  draft: DocumentDraft,
  all: readonly Settling[],
): DocumentDraft {
  const chosen = all.filter(({ document }) => draft.settles[document] !== undefined);
  const discount = chosen.reduce((sum, each) => sum + each.discount, 0);
  const open = chosen.reduce((sum, each) => sum + each.open, 0);
  const digits = digitsOf(book);
  return { ...draft, amount: said(open - discount, digits), discount: said(discount, digits) };
}

/** The number that a text says; null where nothing is typed; a sentence where it can't be read. */
export function numberFrom(text: string, digits: number): Amount | null | string {
  if (text.trim() === '') return null;
  const read = parseAmount(text, { digits, decimal: '.' });
  return read.ok ? read.value : (read.refusals[0]?.says ?? '');
}

function lineFrom(line: LineDraft, digits: number): DocumentLine | string {
  const [what, ...rest] = line.of.split(':');
  const id = rest.join(':');
  const quantity = numberFrom(line.quantity, QUANTITY_DIGITS);
  const price = numberFrom(line.price, digits);
  const amount = numberFrom(line.amount, digits);
  for (const each of [quantity, price, amount]) if (typeof each === 'string') return each;
  if (what === '') return 'A line says how much, but not of what. Choose an item or an account.';
  const isItem = what === 'item';
  return {
    item: isItem ? id : null,
    account: isItem ? null : id,
    quantity: isItem ? (quantity as Amount | null) : null,
    price: isItem ? (price as Amount | null) : null,
    amount: isItem ? null : (amount as Amount | null),
  };
}

const isBare = (line: LineDraft): boolean =>
  line.of === '' && line.quantity === '' && line.price === '' && line.amount === '';

/** What of each chosen document the amount settles: the oldest first, as far as it goes. */
function settlesOf(draft: DocumentDraft, worth: Amount): Document['settles'] {
  let left = worth;
  return Object.entries(draft.settles).flatMap(([document, open]) => {
    const amount = Math.min(open, left);
    left -= amount;
    return amount > 0 ? [{ document, amount }] : [];
  });
}

/** The document that a draft says, or why it is not one yet. */
export function documentFrom(book: Book, draft: DocumentDraft): Document | string {
  const digits = digitsOf(book);
  const facts = KIND_FACTS[draft.kind];
  if (!isDay(draft.date)) return 'The document needs a day. Choose one.';
  const amount = numberFrom(draft.amount, digits);
  const discount = numberFrom(draft.discount, digits);
  for (const each of [amount, discount]) if (typeof each === 'string') return each;
  const lines = draft.lines.filter((line) => !isBare(line)).map((line) => lineFrom(line, digits));
  for (const line of lines) if (typeof line === 'string') return line;
  const isByAmount = facts.lines === 'none';
  const isPayment = isByAmount && facts.owed < 0;
  const takenOff = isPayment ? ((discount as Amount | null) ?? 0) : 0;
  const paid = isByAmount ? (amount as Amount | null) : null;
  return {
    id: draft.id ?? `d-${nanoid(12)}`,
    kind: draft.kind,
    date: draft.date,
    reference: draft.reference.trim(),
    text: draft.text.trim(),
    party: facts.party === 'none' ? null : draft.party,
    money: facts.money ? draft.money : null,
    to: draft.kind === 'transfer' ? draft.to : null,
    amount: paid,
    discount: takenOff,
    lines: isByAmount ? [] : (lines as DocumentLine[]),
    settles: isPayment ? settlesOf(draft, (paid ?? 0) + takenOff) : [],
  };
}
