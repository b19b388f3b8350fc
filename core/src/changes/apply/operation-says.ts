import {
  accountLabel,
  accountOf,
  type Account,
  type Book,
  type Entry,
} from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { KIND_FACTS } from '../../accounting/document/document-kinds.js';
import { type Amount } from '../../model/money/amount.js';
import { sectionOfType } from '../../model/scheme/scheme.js';
import { WORDS_NAMES } from '../../model/scheme/words.js';
import type { Document } from '../../model/shapes/document.js';
import { effectsOfScheme } from '../company-operations/change-scheme.js';
import type { Operation, OperationKind, OperationOf } from '../../model/shapes/operation.js';
import { saidOn, writingOf } from '../../model/place/writing.js';
import { amountSaid } from '../../model/money/format-amount.js';

type Says<K extends OperationKind> = (operation: OperationOf<K>, before: Book) => string;

const named = (book: Book, id: string): string => {
  const account = accountOf(book, id);
  return `“${account ? accountLabel(account) : id}”`;
};

const placeOf = (book: Book, type: string | null): string =>
  sectionOfType(book.scheme, type)?.name ?? 'no place yet';

const money = (book: Book, amount: Amount): string => amountSaid(amount, writingOf(book.company));

const accounts = (n: number): string => `${n} ${n === 1 ? 'account' : 'accounts'}`;

const nameIn = (list: readonly { readonly id: string; readonly name: string }[], id: string) =>
  list.find((each) => each.id === id)?.name ?? id;

function documentNamed({ kind, party, date }: Document, book: Book): string {
  const whose = party === null ? '' : ` of “${nameIn(subledgersOf(book).parties, party)}”`;
  return `${KIND_FACTS[kind].name}${whose}, ${saidOn(book, date)},`;
}

const entryNamed = (entry: Entry, book: Book): string =>
  `“${entry.text || entry.reference || 'without a text'}” of ${saidOn(book, entry.date)}`;

function moved(operation: OperationOf<'move-account'>, before: Book): string {
  const account = accountOf(before, operation.id) as Account | null;
  const name = named(before, operation.id);
  const section = placeOf(before, operation.type);
  if (account && placeOf(before, account.type) !== section) return `${name} moved to ${section}.`;
  if (account?.parent !== operation.parent)
    return operation.parent === null
      ? `${name} taken out from under ${named(before, account?.parent ?? '')}.`
      : `${name} put under ${named(before, operation.parent)}.`;
  return account?.number === operation.number
    ? `${name} moved within ${section}.`
    : `${name} moved within ${section}; its number is now ${operation.number ?? 'none'}.`;
}

function several({ operations }: OperationOf<'several'>, before: Book): string {
  const [first] = operations;
  if (!first) return 'Nothing changed.';
  if (operations.length === 1) return operationSays(first, before);
  const added = operations.filter((each) => each.kind === 'add-account').length;
  if (added > 1) return `${accounts(added)} added at once.`;
  return `${operations.length} changes at once, the first: ${operationSays(first, before)}`;
}

function schemeChanged({ scheme }: OperationOf<'change-scheme'>, before: Book): string {
  const { notPlaced } = effectsOfScheme(before, scheme);
  const lost = notPlaced.length === 0 ? '' : `; without a place: ${accounts(notPlaced.length)}`;
  return `The scheme is “${scheme.name}” now${lost}.`;
}

const SAYS: { readonly [K in OperationKind]: Says<K> } = {
  'add-account': ({ account }, book) =>
    `“${accountLabel(account)}” added in ${placeOf(book, account.type)}.`,
  'rename-account': ({ id, name }, book) => `${named(book, id)} renamed “${name}”.`,
  'renumber-account': ({ id, number }, book) =>
    number === null
      ? `${named(book, id)} lost its number.`
      : `${named(book, id)} has the number ${number} now.`,
  'move-account': moved,
  'describe-account': ({ id }, book) => `The particulars of ${named(book, id)} changed.`,
  'retire-account': ({ id }, book) => `${named(book, id)} retired.`,
  'bring-back-account': ({ id }, book) => `${named(book, id)} brought back.`,
  'delete-account': ({ id }, book) => `${named(book, id)} deleted.`,
  'set-opening': ({ id, amount }, book) =>
    amount === 0
      ? `Opening balance of ${named(book, id)} taken away.`
      : `Opening balance of ${named(book, id)}: ${money(book, amount)} in ${amount > 0 ? 'debit' : 'credit'}.`,
  'lock-entries': ({ until }, book) =>
    until === null
      ? 'No entry is locked any more.'
      : `Entries locked up to ${saidOn(book, until)}.`,
  'set-opening-date': ({ date }, book) => `Opening balances dated ${saidOn(book, date)}.`,
  'record-entry': ({ entry }, book) => `Entry ${entryNamed(entry, book)} recorded.`,
  'change-entry': ({ entry }, book) => `Entry ${entryNamed(entry, book)} changed.`,
  'remove-entry': ({ id }, book) => {
    const entry = book.entries.find((each) => each.id === id);
    return `Entry ${entry ? entryNamed(entry, book) : id} removed.`;
  },
  'state-side': ({ id, side }, book) =>
    side === null
      ? `No normal side is said of ${named(book, id)} any more.`
      : `${named(book, id)} is said to stand normally in ${side}.`,
  'put-party': ({ party }) =>
    `${party.kind === 'customer' ? 'Customer' : 'Supplier'} “${party.name}” kept.`,
  'remove-party': ({ id }, book) => `“${nameIn(subledgersOf(book).parties, id)}” removed.`,
  'put-item': ({ item }) => `Item “${item.name}” kept.`,
  'remove-item': ({ id }, book) => `Item “${nameIn(subledgersOf(book).items, id)}” removed.`,
  'put-document': ({ document }, book) => `${documentNamed(document, book)} recorded.`,
  'remove-document': ({ id }, book) => {
    const found = subledgersOf(book).documents.find((each) => each.id === id);
    return `${found ? documentNamed(found, book) : id} removed.`;
  },
  'put-schedule': ({ schedule }) => {
    const made = schedule.rows.filter((row) => row.made).length;
    return `Schedule “${schedule.text}” kept, of its rows ${made} of ${schedule.rows.length} made into entries.`;
  },
  'remove-schedule': ({ id }, book) => {
    const found = subledgersOf(book).schedules.find((each) => each.id === id);
    return `Schedule “${found?.text ?? id}” removed with its entries.`;
  },
  'change-posting': () => 'The accounts that documents use changed.',
  'change-taxes': () => 'The taxes of documents changed.',
  'put-waiting': ({ entry }, book) => `Entry ${entryNamed(entry, book)} waits in the batch.`,
  'remove-waiting': ({ id }, book) => {
    const entry = subledgersOf(book).waiting.find((each) => each.id === id);
    return `Entry ${entry ? entryNamed(entry, book) : id} waits in the batch no longer.`;
  },
  'put-template': ({ template }) => `Template “${template.name}” kept.`,
  'remove-template': ({ id }, book) =>
    `Template “${nameIn(subledgersOf(book).templates, id)}” thrown away.`,
  'change-company': ({ company }, book) =>
    (company.words ?? 'international') === (book.company.words ?? 'international')
      ? 'The particulars of the company changed.'
      : `The words are ${WORDS_NAMES[company.words ?? 'international']} now.`,
  'change-tax-lists': () => 'The lists of tax lines and tax codes changed.',
  'change-scheme': schemeChanged,
  'renumber-all': ({ numbers, numberPlan }) =>
    numberPlan
      ? `${accounts(numbers.length)} renumbered, ${numberPlan.name.toLowerCase()}.`
      : 'Numbers taken off.',
  several,
};

/** What an operation does, in a sentence; names are those of the book before it. */
export function operationSays(operation: Operation, before: Book): string {
  const says = SAYS[operation.kind] as Says<OperationKind>;
  return says(operation, before);
}
