import { accountOf, type Book, type Entry } from '../../model/book/book.js';
import type { Marking } from '../check/marking.js';
import type { EntryView } from '../key/entry-view.js';
import { addedUp } from '../key/entry-view.js';
import type { EntryPair } from '../key/pair-entries.js';
import {
  kindOfAccount,
  principleInEntry,
  whyOfEntry,
  type KindOfAccount,
  type PrincipleId,
} from '../principle/index.js';

/** Of a side so many lines are said. */
const MOST_SAID = 8;

/** An entry in words: what it debits, then what it credits. */
export function linesSaid(marking: Marking, book: Book, { lines }: Pick<Entry, 'lines'>): string {
  const said = (isDebit: boolean) => {
    const side = lines.filter(({ amount }) => amount > 0 === isDebit);
    const more = side.length - MOST_SAID;
    const first = side.slice(0, MOST_SAID).map(({ account, amount }) => {
      const name = accountOf(book, account)?.name ?? account;
      return `“${name}” ${marking.money(Math.abs(amount))}`;
    });
    return [...first, ...(more > 0 ? [`${more} more`] : [])].join(' and ');
  };
  const [debit, credit] = [said(true), said(false)];
  return [debit && `debit ${debit}`, credit && `credit ${credit}`]
    .filter((each) => each)
    .join('; ');
}

/** Entries of a work in words; each by itself where there are several. */
export const recordedAs = (marking: Marking, works: readonly EntryView[]): string =>
  works
    .slice(0, MOST_SAID)
    .map(({ entry }) => linesSaid(marking, marking.work, entry))
    .join('; and ');

const kindsOf = ({ scheme, accounts }: Book, { lines }: Entry, sign: 1 | -1): KindOfAccount[] => {
  const moved = new Set(
    lines.filter(({ amount }) => Math.sign(amount) === sign).map(({ account }) => account),
  );
  return accounts.filter(({ id }) => moved.has(id)).map((each) => kindOfAccount(scheme, each));
};

/** Why an entry of a book is as it is. */
export const whyIn = (book: Book, entry: Entry): string =>
  whyOfEntry({ debits: kindsOf(book, entry, 1), credits: kindsOf(book, entry, -1) });

/** What was misunderstood in a pair of entries that differ. */
export function principleIn(marking: Marking, pair: EntryPair): PrincipleId | null {
  const { key, work } = marking;
  const kindOf = (at: number): KindOfAccount => {
    const account = at >= 0 ? key.book.accounts[at] : work.accounts[-1 - at];
    return kindOfAccount(at >= 0 ? key.book.scheme : work.scheme, account ?? { type: null });
  };
  return principleInEntry({ wanted: addedUp(pair.keys), found: addedUp(pair.works), kindOf });
}
