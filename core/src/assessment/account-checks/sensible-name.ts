import type { Account } from '../../model/book/book.js';
import { isOpposite, plainName, similarity } from '../../model/naming/names.js';
import { guessType } from '../../model/naming/guess-type.js';
import type { Marking } from '../check/marking.js';

/** Names that say nothing of what stands there. */
const SAYS_NOTHING =
  /^(new|test|untitled|unnamed|misc|sundry|various|other|general|my|some|the|an?|account|acct|name|item|thing|number|no|x|\d|\W)*$/i;

const isWord = (name: string): boolean =>
  /\p{L}{3}/u.test(name) &&
  /[aeiouyà-ÿ]/i.test(name) &&
  !SAYS_NOTHING.test(name.replace(/\s+/g, ''));

/** From here on a name is that of another account. */
const ANOTHERS = 0.9;

/** Whether everything but the name says that an account is the key's: type, number and figures. */
function agreesOtherwise(marking: Marking, key: Account, work: Account): boolean {
  const wanted = marking.keyTraits.get(key.id);
  const found = marking.workTraits.get(work.id);
  if (!wanted || !found || found.type !== wanted.type) return false;
  const sameNumber = wanted.number !== null && wanted.number === found.number;
  const hasFigures = wanted.opening !== 0 || wanted.closing !== 0 || wanted.turnover !== 0;
  return hasFigures
    ? wanted.opening === found.opening &&
        wanted.closing === found.closing &&
        wanted.turnover === found.turnover
    : sameNumber;
}

/**
 * Whether a name will do for an account that is the key's by type, number and figures: any that means something, that
 * is not the opposite, and that is not what another account of the key, or another kind of account, is called.
 */
export function isSensibleName(marking: Marking, key: Account, work: Account): boolean {
  if (!isWord(work.name) || !agreesOtherwise(marking, key, work)) return false;
  const name = plainName(work.name);
  if (isOpposite(name, plainName(key.name))) return false;
  const others = marking.key.book.accounts.filter((each) => each.id !== key.id);
  if (others.some((each) => similarity(plainName(each.name), name) >= ANOTHERS)) return false;
  const { scheme } = marking.key.book;
  const usual = guessType(scheme, work.name, null);
  const own = scheme.types.find(({ id }) => id === key.type);
  return usual === null || usual.section === own?.section;
}
