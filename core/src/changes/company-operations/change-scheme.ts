import type { Account, Book } from '../../model/book/book.js';
import { faultsOfBook } from '../../model/book/book-faults.js';
import { sectionIdOf } from '../../model/book/place.js';
import { done, refused } from '../../model/refusal/refusal.js';
import {
  faultsOfScheme,
  inWords,
  isShipped,
  orShipped,
  typeOf,
  writtenIn,
  type Scheme,
} from '../../model/scheme/index.js';
import { type Change, noNotices } from '../operation/operation.js';
import type { Operation } from '../../model/shapes/operation.js';

/** What becomes of the accounts when a book takes another scheme. */
export interface SchemeEffects {
  /** Their type is gone: they wait without a place. */
  readonly notPlaced: readonly Account[];
  /** Their type stands in another section now; they go with it. */
  readonly moved: readonly Account[];
  /** They stand no longer in their parent's section, so they are taken out from under it. */
  readonly takenOut: readonly Account[];
}

/** Another scheme for a whole book; accounts of a type that it lacks lose their place, never themselves. */
export const changeScheme: Change<'change-scheme'> = {
  apply(book, { scheme, places = [] }) {
    const faults = faultsOfScheme(scheme);
    if (faults.length > 0) return refused(...faults);
    const next = settled({ ...book, scheme: inBookWords(book, scheme) }, places);
    const left = faultsOfBook(next);
    if (left.length > 0) return refused(...left);
    return done({ book: next, inverse: inverseOf(book, next), notices: noNotices });
  },
};

const inBookWords = (book: Book, scheme: Scheme): Scheme => {
  const words = book.company.words ?? 'international';
  const known = orShipped(scheme);
  return isShipped(known) ? inWords(known, words) : orShipped(writtenIn(scheme, words));
};

type Places = NonNullable<Parameters<(typeof changeScheme)['apply']>[1]['places']>;

function settled(book: Book, places: Places): Book {
  const given = new Map(places.map((place) => [place.id, place]));
  const placed = book.accounts.map((account) => {
    const place = given.get(account.id);
    const type = place ? place.type : account.type;
    const parent = place ? place.parent : account.parent;
    const kept = typeOf(book.scheme, type) ? type : null;
    return kept === account.type && parent === account.parent
      ? account
      : { ...account, type: kept, parent };
  });
  const section = new Map(
    placed.map((account) => [account.id, sectionIdOf(book, account)] as const),
  );
  const accounts = placed.map((account) =>
    account.parent === null || section.get(account.parent) === section.get(account.id)
      ? account
      : { ...account, parent: null },
  );
  return { ...book, accounts };
}

function inverseOf(before: Book, after: Book): Operation {
  const places = before.accounts.flatMap((account, i) => {
    const now = after.accounts[i];
    const { id, type, parent } = account;
    return now?.type === type && now.parent === parent ? [] : [{ id, type, parent }];
  });
  return { kind: 'change-scheme', scheme: before.scheme, places };
}

/** What taking a scheme would do to a book's accounts, before it is done. */
export function effectsOfScheme(book: Book, scheme: Scheme): SchemeEffects {
  const next = settled({ ...book, scheme }, []);
  const among = (differs: (before: Account, after: Account) => boolean) =>
    book.accounts.filter((account, i) => differs(account, next.accounts[i] ?? account));
  return {
    notPlaced: among((before, after) => before.type !== null && after.type === null),
    moved: among(
      (before, after) =>
        after.type !== null && sectionIdOf(book, before) !== sectionIdOf(next, after),
    ),
    takenOut: among((before, after) => before.parent !== after.parent),
  };
}
