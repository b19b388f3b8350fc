import { acceptedFor } from '../../assessment/key/index.js';
import { accountOf, openingOf, type Account, type Book } from '../../model/book/book.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { asTyped, moneyIn, Standing, type CheckedBook, type Oddity } from './oddity.js';

/** An account of the key and the one of the work that stands for it. */
interface Both {
  readonly key: Account;
  readonly work: Account;
}

/** What is odd about the accounts of a work: names, places, numbers, balances at the opening, and those that the key does not have. */
export function accountOddities(of: CheckedBook): Oddity[] {
  const { work, checked } = of;
  const standing = new Standing(of);
  const pairs = checked.recognition.pairs.flatMap(({ keys: [key], works: [own] }) =>
    key && own ? [{ key, work: own }] : [],
  );
  const extra = work.accounts.filter(
    (each) => !checked.recognition.byWork.has(each.id) && !isOfTheProgram(work, each),
  );
  return [
    ...pairs.flatMap((both) => ODD.flatMap((odd) => odd(both, of, standing) ?? [])),
    ...extra.map((each) => ({
      // What is recorded on it comes of the same.
      ...{ name: `extra ${asTyped(each.name)}`, kind: `with ${standing.of(each.id)}` },
      says: `an account “${each.name}”`,
    })),
  ];
}

/** Accounts that the program itself proposes: where a difference waits, and what a year is closed through. */
const isOfTheProgram = ({ scheme }: Book, { type }: Account): boolean =>
  ['suspense', 'income-summary'].includes(typeOf(scheme, type)?.role ?? '');

const own = (name: string, says: string): Oddity => ({ name, kind: name, says });

type Odd = (both: Both, of: CheckedBook, standing: Standing) => Oddity | null;

const name: Odd = ({ key, work }, of) => {
  const known = [key.name, ...acceptedFor(of.key, key.id).names].map(asTyped);
  const typed = asTyped(work.name);
  if (known.includes(typed)) return null;
  return { name: `name ${key.id} ${typed}`, kind: 'names', says: `the name “${work.name}”` };
};

const typeNameIn = (book: Book, type: string | null): string =>
  typeOf(book.scheme, type)?.name ?? 'no place';

const place: Odd = ({ key, work }, of) => {
  if (work.type === null || work.type === key.type) return null;
  const sections = [key.type, work.type].map((type) => typeOf(of.key.book.scheme, type)?.section);
  return {
    name: `place ${key.id} ${work.type}`,
    kind: `places ${sections.join(' ')}`,
    says: `“${work.name}” as ${typeNameIn(of.work, work.type)}`,
  };
};

const number: Odd = ({ key, work }) => {
  if (work.number === null || work.number === key.number) return null;
  return {
    name: `number ${key.id} ${asTyped(work.number)}`,
    kind: 'numbers',
    says: `the number ${work.number} for “${work.name}”`,
  };
};

const parent: Odd = ({ key, work }, of, standing) => {
  if (work.parent === null || standing.of(work.parent) === key.parent) return null;
  const above = accountOf(of.work, work.parent)?.name ?? '';
  return own(`parent ${key.id} ${standing.of(work.parent)}`, `“${work.name}” under “${above}”`);
};

const opening: Odd = ({ key, work }, of) => {
  const right = openingOf(of.key.book, key.id);
  const found = openingOf(of.work, work.id);
  if (found === 0 || found === right || isTable(of)) return null;
  const isTurned = found === -right;
  return {
    name: `opening ${key.id} ${found}`,
    kind: isTurned ? 'openings turned' : `opening ${key.id}`,
    says: `${moneyIn(of.work, Math.abs(found))} at the opening on “${work.name}”`,
  };
};

/** A list of balances: what it says of openings are its closing balances. */
const isTable = ({ key, work }: CheckedBook): boolean =>
  work.entries.length === 0 && key.book.entries.length > 0;

const ODD: readonly Odd[] = [name, place, number, parent, opening];
