import { accountOf, type Book } from '../../model/book/book.js';
import { accountUnknown } from '../../model/book/book-faults.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import type { Document, DocumentLine } from '../../model/shapes/document.js';
import type { Party } from '../../model/shapes/party.js';
import { worthOfDocument } from './document-lines.js';
import { faultsOfTaxCodes } from './tax-faults.js';
import { KIND_FACTS } from './document-kinds.js';

const wantsParty = refusal(
  'document.wants-party',
  (f: { kind: string; wanted: string }) => `“${f.kind}” needs a ${f.wanted}. Choose one.`,
);
const wrongParty = refusal(
  'document.wrong-party',
  (f: { kind: string; name: string; wanted: string; is: string }) =>
    `“${f.name}” is a ${f.is}; “${f.kind}” needs a ${f.wanted}. Choose another, or another kind of document.`,
);
const noParty = refusal(
  'document.no-party',
  (f: { kind: string }) => `“${f.kind}” has no customer or supplier. Leave it out.`,
);
const partyUnknown = refusal(
  'document.party-unknown',
  (f: { id: string }) => `There is no customer or supplier “${f.id}” in this book. Add it first.`,
);
const itemUnknown = refusal(
  'document.item-unknown',
  (f: { id: string }) => `There is no item “${f.id}” in this book. Add it first.`,
);
const wantsMoney = refusal(
  'document.wants-money',
  () => 'Say which bank or cash account the money moves on.',
);
const sameAccount = refusal(
  'document.same-account',
  () => 'Money goes from one account to another: choose two.',
);
const wantsLines = refusal(
  'document.wants-lines',
  (f: { what: string }) => `Enter at least one line: ${f.what}.`,
);
const wantsAmount = refusal('document.wants-amount', () => 'Enter an amount over zero.');
const lineIncomplete = refusal(
  'document.line-incomplete',
  (f: { what: string }) => `The line lacks ${f.what}.`,
);
const lineOfOther = refusal(
  'document.line-of-other',
  (f: { kind: string; what: string }) => `The lines of “${f.kind}” are ${f.what}.`,
);
const notOfKind = refusal(
  'document.not-of-kind',
  (f: { kind: string; what: string }) => `“${f.kind}” has no ${f.what}. Leave that out.`,
);
const itemAndAccount = refusal(
  'document.item-and-account',
  () => 'A line is of an item or on an account, not both. Make two lines of it.',
);
const notCounted = refusal(
  'document.count-below-zero',
  () => 'A count finds nothing or more. Enter how many lie there.',
);

function faultsOfParty({ kind, party }: Document, parties: readonly Party[]): Refusal[] {
  const { party: wanted, name } = KIND_FACTS[kind];
  if (wanted === 'none') return party === null ? [] : [noParty({ kind: name }, 'party')];
  const words = wanted === 'either' ? 'customer or a supplier' : wanted;
  if (party === null) return [wantsParty({ kind: name, wanted: words }, 'party')];
  const found = parties.find(({ id }) => id === party);
  if (!found) return [partyUnknown({ id: party }, 'party')];
  if (wanted === 'either' || found.kind === wanted) return [];
  return [wrongParty({ kind: name, name: found.name, wanted, is: found.kind }, 'party')];
}

function faultsOfMoney(book: Book, { kind, money, to, amount, discount }: Document): Refusal[] {
  const facts = KIND_FACTS[kind];
  const faults: Refusal[] = [];
  const known = (at: string, id: string | null) => {
    if (id !== null && !accountOf(book, id)) faults.push(accountUnknown({ id }, at));
  };
  known('money', money);
  known('to', to);
  if (facts.money && money === null) faults.push(wantsMoney({}, 'money'));
  if (kind === 'transfer' && to === null) faults.push(wantsMoney({}, 'to'));
  if (kind === 'transfer' && to !== null && to === money) faults.push(sameAccount({}, 'to'));
  if (facts.lines === 'none' && (amount === null || amount <= 0))
    faults.push(wantsAmount({}, 'amount'));
  if (discount < 0) faults.push(wantsAmount({}, 'discount'));
  return faults;
}

function faultsOfLine(book: Book, kind: Document['kind'], line: DocumentLine): Refusal[] {
  const { lines, priced, name } = KIND_FACTS[kind];
  if (line.item === null) {
    if (lines === 'items')
      return [lineOfOther({ kind: name, what: 'items with how many of them' }, 'item')];
    if (line.account === null)
      return [lineIncomplete({ what: 'an account or an item' }, 'account')];
    if (!accountOf(book, line.account)) return [accountUnknown({ id: line.account }, 'account')];
    return line.amount === null || line.amount === 0 ? [wantsAmount({}, 'amount')] : [];
  }
  if (line.account !== null) return [itemAndAccount({}, 'account')];
  if (lines === 'accounts')
    return [lineOfOther({ kind: name, what: 'accounts with amounts' }, 'item')];
  if (!subledgersOf(book).items.some(({ id }) => id === line.item))
    return [itemUnknown({ id: line.item }, 'item')];
  const isCount = kind === 'stock-count';
  if (line.quantity === null || (line.quantity === 0 && !isCount))
    return [lineIncomplete({ what: 'how many' }, 'quantity')];
  if (isCount && line.quantity < 0) return [notCounted({}, 'quantity')];
  return priced && line.price === null && line.amount === null
    ? [lineIncomplete({ what: 'a price' }, 'price')]
    : [];
}

const LINE_WORDS = {
  items: 'what, and how many',
  either: 'an item with how many, or an account with an amount',
  accounts: 'an account with an amount',
  none: '',
} as const;

/** What a document says that means nothing for its kind: kept, it would stand beside the entry and disagree with it. */
function notForKind({ kind, money, to, amount, discount, lines, settles }: Document): Refusal[] {
  const { name, money: isMoney, lines: ofLines, owed } = KIND_FACTS[kind];
  const isPayment = ofLines === 'none' && owed < 0;
  const said: readonly (readonly [boolean, string, string])[] = [
    [money !== null && !isMoney, 'money account', 'money'],
    [to !== null && kind !== 'transfer', 'second money account', 'to'],
    [amount !== null && ofLines !== 'none', 'amount besides its lines', 'amount'],
    [discount !== 0 && !isPayment, 'discount', 'discount'],
    [lines.length > 0 && ofLines === 'none', 'lines', 'lines'],
    [settles.length > 0 && owed === 0, 'document that it settles', 'settles'],
  ];
  return said.flatMap(([isOdd, what, at]) => (isOdd ? [notOfKind({ kind: name, what }, at)] : []));
}

/** What is wrong with a document in its book: what it lacks, names that are not there. */
export function faultsOfDocument(book: Book, document: Document): Refusal[] {
  const facts = KIND_FACTS[document.kind];
  const faults = [
    ...faultsOfParty(document, subledgersOf(book).parties),
    ...faultsOfMoney(book, document),
    ...notForKind(document),
    ...faultsOfTaxCodes(book, document),
    ...document.lines.flatMap((line, i) =>
      faultsOfLine(book, document.kind, line).map((fault) => ({
        ...fault,
        at: `lines[${i}].${fault.at}`,
      })),
    ),
  ];
  if (facts.lines !== 'none' && document.lines.length === 0)
    faults.push(wantsLines({ what: LINE_WORDS[facts.lines] }, 'lines'));
  const isOfWorth = facts.priced || facts.lines === 'accounts';
  if (
    faults.length === 0 &&
    isOfWorth &&
    !mayBeBack(document) &&
    worthOfDocument(document, subledgersOf(book)) <= 0
  )
    faults.push(wantsAmount({}, 'lines'));
  return faults;
}

/** Goods may come back; nothing else goes below zero. */
const mayBeBack = ({ kind }: Document): boolean => kind === 'goods-in';
