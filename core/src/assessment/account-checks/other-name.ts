import type { Account, Book } from '../../model/book/book.js';
import { typesCalledSo } from '../../model/naming/called-so.js';
import {
  isNamed,
  isOpposite,
  plainName,
  similarity,
  type PlainName,
} from '../../model/naming/names.js';
import { isShortSlip } from '../../model/naming/spelling.js';
import { isOfOtherClass, isTurned, readOn } from '../../model/naming/read-on.js';
import { wordsSpeakFor } from '../../model/naming/type-stems.js';
import {
  sectionOfType,
  statementOfClass,
  typeOf,
  type ClassId,
} from '../../model/scheme/scheme.js';
import type { Accepted } from '../key/answer-key.js';

/** Names that say nothing of what stands there. */
const SAYS_NOTHING =
  /^(new|test|untitled|unnamed|misc|sundry|various|other|general|my|some|the|an?|account|acct|name|item|thing|number|no|x|\d|\W)*$/i;

const isWord = (name: string): boolean =>
  /\p{L}{3}/u.test(name) &&
  /[aeiouyà-ÿ]/i.test(name) &&
  !SAYS_NOTHING.test(name.replace(/\s+/g, ''));

/** From here on a name says the same in other words. */
const SAME = 0.6;
/** From here on a name is that of another account. */
const ANOTHERS = 0.9;

interface Named {
  /** The key’s book. */
  readonly book: Book;
  readonly key: Account;
  readonly work: Account;
  readonly accepted: Pick<Accepted, 'names' | 'types' | 'otherNames'>;
}

/** What a name says of an account that was recognised: the same, something else, or what the program does not know. */
export type NameSays = 'the same' | 'something else' | 'unknown';

const classOf = (book: Book, { type }: Account): ClassId | null =>
  sectionOfType(book.scheme, type)?.class ?? null;

/** How much a name says the same as the right ones, as they are meant where the account stands. */
function likeness({ book, key, work, accepted }: Named): number {
  const on = classOf(book, key);
  const read = (name: string) => {
    const plain = plainName(name);
    return on === null ? plain : readOn(plain, on);
  };
  const name = read(work.name);
  return Math.max(...[key.name, ...accepted.names].map((each) => similarity(read(each), name)));
}

/** Another account of the key that is called so, where the right one is not. */
function isAnothers({ book, key, work }: Named): boolean {
  const [name, right] = [plainName(work.name), plainName(key.name)];
  const own = similarity(right, name);
  return book.accounts.some(({ id, name: other }) => {
    if (id === key.id) return false;
    const plain = plainName(other);
    return isNamed(name, plain) || (similarity(plain, name) >= ANOTHERS && own < ANOTHERS);
  });
}

/**
 * Whether accounts of other types are called so, and those of the right one are not. Things that last are told apart by
 * what they are used for, so that none of them is another by its name; where the account stands among what it is
 * called, its place says so already. `elsewhere`: all that is called so is of other classes.
 */
function isOtherThing({
  book: { scheme },
  key,
  work,
  accepted,
}: Named): 'elsewhere' | 'beside' | null {
  const called = typesCalledSo(scheme, work.name);
  if (called.size === 0 || key.type === null) return null;
  if ([key.type, work.type ?? '', ...accepted.types].some((type) => called.has(type))) return null;
  const lasts = (id: string) =>
    sectionOfType(scheme, id)?.id === 'non-current-assets' && !typeOf(scheme, id)?.contra;
  if (lasts(key.type) && [...called].every(lasts)) return null;
  const own = sectionOfType(scheme, key.type)?.class;
  return [...called].some((id) => sectionOfType(scheme, id)?.class === own)
    ? 'beside'
    : 'elsewhere';
}

/** The class in which an account stands and should; null where it stands in another: its place is told, and its name goes with it. */
function classThere({ book, key, work }: Named): ClassId | null {
  const on = classOf(book, key);
  return work.type === null || classOf(book, work) === on ? on : null;
}

/** Whether a name means the opposite where the account stands, or what nothing of its class is called. */
function isOppositeThere(named: Named): boolean {
  const { book, key, work } = named;
  const on = classThere(named);
  if (on === null) return false;
  const [name, right] = [plainName(work.name), plainName(key.name)];
  return (
    isOpposite(readOn(name, on), readOn(right, on)) ||
    isOfOtherClass(name, right, on) ||
    isThing(book, { name, right, on })
  );
}

interface OnClass {
  readonly name: PlainName;
  readonly right: PlainName;
  readonly on: ClassId;
}

/** Whether what leads a name is a thing that lasts, where a cost or an income stands: *Kiln* for what firing costs. */
function isThing(book: Book, { name, right, on }: OnClass): boolean {
  const { lead } = name;
  if (statementOfClass(on) !== 'profit-and-loss' || lead === right.lead) return false;
  const spoken = book.scheme.types.filter(({ id }) => wordsSpeakFor(lead, id) > 0);
  return (
    spoken.some(({ section }) => section === 'non-current-assets') &&
    spoken.every(({ id }) => sectionOfType(book.scheme, id)?.class === 'asset')
  );
}

/** What the name of an account says that was recognised as a key's. */
export function nameSays(named: Named): NameSays {
  const { key, work, accepted } = named;
  const name = plainName(work.name);
  const isCalled = (each: string) => isNamed(name, plainName(each));
  const right = [key.name, ...accepted.names];
  if (right.some((each) => plainName(each).written === name.written)) return 'the same';
  if ((accepted.otherNames ?? []).some(isCalled)) return 'something else';
  const on = classThere(named);
  if (on !== null && isTurned(name, on)) return 'something else';
  if (right.some(isCalled)) return 'the same';
  if (isAnothers(named) || isOppositeThere(named)) return 'something else';
  if (right.some((each) => isShortSlip(name.written, plainName(each).written))) return 'the same';
  const alike = likeness(named);
  const isOther = alike === 1 ? null : isOtherThing(named);
  if (isOther === 'elsewhere') return 'something else';
  if (alike >= SAME) return 'the same';
  return isOther === null && isWord(work.name) ? 'unknown' : 'something else';
}
