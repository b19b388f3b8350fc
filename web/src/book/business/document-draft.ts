import {
  accountOf,
  subledgersOf,
  isDay,
  KIND_FACTS,
  parseAmount,
  QUANTITY_DIGITS,
  type Amount,
  type Book,
  type Document,
  type DocumentKind,
  type DocumentLine,
  type Settling,
  quantitySaid,
  writingOf,
  amountTyped,
  type AmountWriting,
} from '@gleddo/core';
import { nanoid } from 'nanoid';

/** A line as it is typed: what it is of (`item:` or `account:` and an id), how many, a price, an amount. */
export interface LineDraft {
  readonly of: string;
  readonly quantity: string;
  readonly price: string;
  readonly amount: string;
  /** With which tax it is; empty: with none. */
  readonly taxCode: string;
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
  /** Prices and amounts hold their tax; else it comes on top. */
  readonly pricesIncludeTax: boolean;
}

/** What becomes of a draft: told from the latest one, so that no change undoes another. */
export type DraftChange = (now: DocumentDraft) => DocumentDraft;

export const EMPTY_LINE: LineDraft = { of: '', quantity: '', price: '', amount: '', taxCode: '' };

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
  pricesIncludeTax: false,
});

/** How a book’s amounts are written and typed. */
export const amountsOf = (book: Book): AmountWriting => writingOf(book.company);

/** The same for numbers of things, and for percents. */
export const quantitiesOf = (book: Book): AmountWriting => ({
  ...writingOf(book.company),
  digits: QUANTITY_DIGITS,
});

const said = (amount: Amount | null, writing: AmountWriting): string =>
  amount === null || amount === 0 ? '' : amountTyped(amount, writing);

/** An amount as one types it, without decimals that are nothing; nothing at all for zero. */
export const typedAmount = (book: Book, amount: Amount | null): string =>
  said(amount, amountsOf(book));

/** A quantity as one reads it, without decimals that are nothing. */
export const quantityText = (book: Book, quantity: number): string =>
  quantitySaid(quantity, writingOf(book.company));

function lineDraft(book: Book, line: DocumentLine): LineDraft {
  const writing = amountsOf(book);
  const of = line.item === null ? `account:${line.account ?? ''}` : `item:${line.item}`;
  return {
    of,
    quantity: line.quantity === null ? '' : said(line.quantity, quantitiesOf(book)) || '0',
    price: said(line.price, writing),
    amount: said(line.amount, writing),
    taxCode: line.taxCode ?? '',
  };
}

/** A document as it would be typed. */
export function draftOfDocument(book: Book, document: Document): DocumentDraft {
  const writing = amountsOf(book);
  const { amount, discount, lines, settles, pricesIncludeTax = false, ...rest } = document;
  return {
    ...{ ...rest, pricesIncludeTax },
    amount: said(amount, writing),
    discount: said(discount, writing),
    lines: [...lines.map((line) => lineDraft(book, line)), EMPTY_LINE],
    settles: Object.fromEntries(settles.map((each) => [each.document, each.amount])),
  };
}

/** The tax with which an account is usually entered, where documents charge it. */
function usualTax(book: Book, kind: DocumentKind, account: string | null): Partial<LineDraft> {
  const usual = accountOf(book, account)?.taxCode ?? '';
  const isCharged = subledgersOf(book).taxes.some(({ code }) => code === usual);
  return KIND_FACTS[kind].taxed !== 'none' && isCharged ? { taxCode: usual } : {};
}

/** A line when something else is chosen for it: the item's price stands there then, and the usual tax. */
export function lineOf(book: Book, kind: DocumentKind, of: string): Partial<LineDraft> {
  const item = subledgersOf(book).items.find(({ id }) => `item:${id}` === of);
  if (!item)
    return { of, quantity: '', price: '', ...usualTax(book, kind, of.replace(/^account:/, '')) };
  const isBought = KIND_FACTS[kind].party === 'supplier';
  const price = KIND_FACTS[kind].priced
    ? said(isBought ? item.cost : item.price, amountsOf(book))
    : '';
  const account = isBought ? (item.stockAccount ?? item.costAccount) : item.incomeAccount;
  return { of, price, amount: '', ...usualTax(book, kind, account) };
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
  const writing = amountsOf(book);
  return { ...draft, amount: said(open - discount, writing), discount: said(discount, writing) };
}

/** The number that a text says; null where nothing is typed; a sentence where it can't be read. */
export function numberFrom(text: string, writing: AmountWriting): Amount | null | string {
  if (text.trim() === '') return null;
  const read = parseAmount(text, writing);
  return read.ok ? read.value : (read.refusals[0]?.says ?? '');
}

function lineFrom(book: Book, line: LineDraft): DocumentLine | string {
  const [what, ...rest] = line.of.split(':');
  const id = rest.join(':');
  const quantity = numberFrom(line.quantity, quantitiesOf(book));
  const price = numberFrom(line.price, amountsOf(book));
  const amount = numberFrom(line.amount, amountsOf(book));
  for (const each of [quantity, price, amount]) if (typeof each === 'string') return each;
  if (what === '') return 'A line says how much, but not of what. Choose an item or an account.';
  const isItem = what === 'item';
  return {
    item: isItem ? id : null,
    account: isItem ? null : id,
    quantity: isItem ? (quantity as Amount | null) : null,
    price: isItem ? (price as Amount | null) : null,
    amount: isItem ? null : (amount as Amount | null),
    ...(line.taxCode ? { taxCode: line.taxCode } : {}),
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
  const writing = amountsOf(book);
  const facts = KIND_FACTS[draft.kind];
  if (!isDay(draft.date)) return 'The document needs a day. Choose one.';
  const amount = numberFrom(draft.amount, writing);
  const discount = numberFrom(draft.discount, writing);
  for (const each of [amount, discount]) if (typeof each === 'string') return each;
  const isTaxed = facts.taxed !== 'none';
  const lines = draft.lines
    .filter((line) => !isBare(line))
    .map((line) => lineFrom(book, isTaxed ? line : { ...line, taxCode: '' }));
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
    ...(isTaxed && draft.pricesIncludeTax ? { pricesIncludeTax: true } : {}),
  };
}
