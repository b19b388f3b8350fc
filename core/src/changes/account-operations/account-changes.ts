import { accountLabel, accountOf, type Account, type Book } from '../../model/book/book.js';
import {
  accountUnknown,
  faultsOfAccount,
  numberTaken,
  oneRetained,
  retainedAccounts,
} from '../../model/book/book-faults.js';
import { numberKey, readNumber } from '../../model/shapes/account-number.js';
import { bandOfType, inBand } from '../../model/numbering/number-plan.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { sectionOfType, typeOf } from '../../model/scheme/scheme.js';

const outsideBand = refusal(
  'number.outside-band',
  (f: { number: string; section: string; band: string }) =>
    `${f.number} lies outside ${f.band}, the numbers of ${f.section}.`,
);
const similarName = refusal(
  'account.similar-name',
  (f: { name: string; other: string }) =>
    `“${f.name}” is very like “${f.other}”. Keep both only if they are two things.`,
);

/** The account, or the refusal that there is none. */
export function wanted(book: Book, id: string): Result<Account> {
  const found = accountOf(book, id);
  return found ? done(found) : refused(accountUnknown({ id }, 'id'));
}

export const withAccounts = (book: Book, accounts: readonly Account[]): Book => ({
  ...book,
  accounts,
});

export const replaced = (book: Book, account: Account): Book =>
  withAccounts(
    book,
    book.accounts.map((each) => (each.id === account.id ? account : each)),
  );

export function without(book: Book, id: string): Book {
  return withAccounts(
    book,
    book.accounts.filter((each) => each.id !== id),
  );
}

export function inserted(book: Book, account: Account, index = book.accounts.length): Book {
  const accounts = [...book.accounts];
  accounts.splice(index, 0, account);
  return withAccounts(book, accounts);
}

/** Why a new account, or an account after a change, cannot stand in the book. */
export function refusalsOf(book: Book, account: Account): Refusal[] {
  const number = account.number === null ? null : readNumber(account.number);
  const holder = account.number === null ? null : holderOf(book, account.number, account.id);
  return [
    ...faultsOfAccount(book, account),
    ...(number && !number.ok ? number.refusals.map((each) => ({ ...each, at: 'number' })) : []),
    ...(holder
      ? [numberTaken({ number: account.number ?? '', holder: accountLabel(holder) }, 'number')]
      : []),
    ...secondRetained(book, account),
  ];
}

function secondRetained(book: Book, account: Account): Refusal[] {
  if (typeOf(book.scheme, account.type)?.role !== 'retained-earnings') return [];
  const names = retainedAccounts(book).map(accountLabel);
  return names.length > 1 ? [oneRetained({ names }, 'type')] : [];
}

function holderOf(book: Book, number: string, except: string): Account | null {
  const key = numberKey(number);
  const holds = ({ id, number: held }: Account) =>
    held !== null && held.length === key.length && id !== except && numberKey(held) === key;
  return book.accounts.find(holds) ?? null;
}

/** What an author should look at: a number outside its band, a name like another's. */
export function noticesOf(book: Book, account: Account): Refusal[] {
  return [...bandNotice(book, account), ...nameNotice(book, account)];
}

function bandNotice(book: Book, account: Account): Refusal[] {
  if (!book.numberPlan || account.number === null) return [];
  const band = bandOfType(book.numberPlan, book.scheme, account.type);
  const section = sectionOfType(book.scheme, account.type);
  if (!band || !section || inBand(band, account.number)) return [];
  const own = band.type === undefined ? section : typeOf(book.scheme, account.type);
  const facts = {
    number: account.number,
    section: own?.name ?? section.name,
    band: `${band.from}–${band.to}`,
  };
  return [outsideBand(facts, 'number')];
}

function nameNotice(book: Book, account: Account): Refusal[] {
  const like = plainName(account.name);
  const other = book.accounts.find(
    (each) => each.id !== account.id && plainName(each.name) === like,
  );
  return other ? [similarName({ name: account.name, other: accountLabel(other) }, 'name')] : [];
}

const plainName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, ' ')
    .replace(/s\b/g, '')
    .trim();
