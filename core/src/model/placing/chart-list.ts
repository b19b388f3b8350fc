import type { Account, Book } from '../book/book.js';
import { rankInChart, sectionIdOf, sectionOfAccount } from '../book/place.js';
import type { Origin } from '../book/since-start.js';
import { compareNumbers } from '../shapes/account-number.js';
import { isUsed } from '../book/used.js';
import { namesInAnyWords, typeOf } from '../scheme/index.js';
import { collatorOf } from '../place/writing.js';

type ListOrder = 'chart' | 'number' | 'name';
export type ListUse = 'in-use' | 'retired' | 'posted' | 'not-posted';

/** Which accounts a list shows, and in which order. Null, or an empty text, leaves nothing out. */
export interface ListWanted {
  /** Every word begins one of the number, the name, a former name, the type or the section. */
  readonly text: string;
  readonly section: string | null;
  readonly type: string | null;
  /** `posted`: with entries or an opening balance. */
  readonly use: ListUse | null;
  readonly origin: Exclude<Origin, 'given'> | 'given' | null;
  readonly order: ListOrder;
  readonly descending: boolean;
}

export const ALL_ACCOUNTS: ListWanted = {
  text: '',
  section: null,
  type: null,
  use: null,
  origin: null,
  order: 'chart',
  descending: false,
};

/** Former names, under each account. */
type FormerNames = Readonly<Record<string, readonly string[]>>;

interface Described {
  readonly origins?: ReadonlyMap<string, Origin> | null;
  readonly formerNames?: FormerNames;
}

/** What an account can be found by: its number, its names of now and before, its type in any words, its section. */
export function searchText(book: Book, account: Account, former: readonly string[] = []): string {
  const type = typeOf(book.scheme, account.type);
  const section = sectionOfAccount(book, account);
  return [
    account.number,
    account.name,
    ...former,
    type?.name,
    ...(type ? namesInAnyWords(type.id) : []),
    section?.name,
  ].join(' ');
}

const spaced = (text: string): string => ` ${text.toLowerCase().replace(/[^\p{L}\d]+/gu, ' ')}`;

/** Whether each word of a text begins a word of what a thing can be found by. */
export function isFoundBy(text: string, searched: string): boolean {
  const among = spaced(searched);
  const words = spaced(text).split(' ').filter(Boolean);
  return words.every((word) => among.includes(` ${word}`));
}

const USES: Readonly<Record<ListUse, (book: Book, account: Account) => boolean>> = {
  'in-use': (_, account) => !account.retired,
  retired: (_, account) => account.retired,
  posted: (book, account) => isUsed(book, account.id),
  'not-posted': (book, account) => !isUsed(book, account.id),
};

/** The accounts of a book that are asked for, in the order asked for; those without a number come last. */
export function listAccounts(book: Book, wanted: ListWanted, described: Described = {}): Account[] {
  const { section, type, use, origin } = wanted;
  const found = book.accounts.filter(
    (account) =>
      (section === null || sectionIdOf(book, account) === section) &&
      (type === null || account.type === type) &&
      (use === null || USES[use](book, account)) &&
      (origin === null || described.origins?.get(account.id) === origin) &&
      isFoundBy(wanted.text, searchText(book, account, described.formerNames?.[account.id])),
  );
  const sorted = found.sort(comparing(book, wanted.order));
  return wanted.descending ? sorted.reverse() : sorted;
}

function comparing(book: Book, order: ListOrder): (a: Account, b: Account) => number {
  const rank = rankInChart(book);
  const inChart = (a: Account, b: Account) => (rank.get(a.id) ?? 0) - (rank.get(b.id) ?? 0);
  if (order === 'chart') return inChart;
  if (order === 'name') {
    const { compare } = collatorOf(book.company);
    return (a, b) => compare(a.name, b.name) || inChart(a, b);
  }
  return (a, b) => {
    if (a.number === null || b.number === null)
      return Number(a.number === null) - Number(b.number === null) || inChart(a, b);
    return compareNumbers(a.number, b.number);
  };
}
