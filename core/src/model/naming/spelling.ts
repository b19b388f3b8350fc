import { distance } from 'fastest-levenshtein';

/** Whether two words differ only by two neighbouring letters that changed places. */
function isSwapped(one: string, other: string): boolean {
  if (one.length !== other.length) return false;
  let at = 0;
  while (at < one.length && one[at] === other[at]) at++;
  return (
    at + 1 < one.length &&
    one[at] === other[at + 1] &&
    one[at + 1] === other[at] &&
    one.slice(at + 2) === other.slice(at + 2)
  );
}

/** Longer than any name of an account: nobody compares such texts letter by letter. */
const LONGEST = 120;

/** How many slips lie between two words: a letter too many, too few or wrong; two exchanged are one. */
function slipsBetween(one: string, other: string): number {
  const longest = Math.max(one.length, other.length);
  if (longest > LONGEST) return one === other ? 0 : longest;
  return isSwapped(one, other) ? 1 : distance(one, other);
}

/** Whether a word is another one cut short: its letters in their order, beginning with the first. */
function isCutShort(short: string, long: string): boolean {
  if (short.length < 3 || long.length < short.length + 2 || short[0] !== long[0]) return false;
  let at = 0;
  for (const letter of long) if (letter === short[at]) at++;
  return at === short.length;
}

const BEGINS = 0.8;
const CUT_SHORT = 0.7;
const NEAR = 0.75;

/** How alike two words are, from 0 to 1: one begins with the other, is the other cut short, or is it with a slip. */
export function wordLikeness(a: string, b: string): number {
  if (a === b) return 1;
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (short.length >= 3 && long.startsWith(short)) return BEGINS;
  if (short.length < 4) return isCutShort(short, long) ? CUT_SHORT : 0;
  const near = 1 - slipsBetween(a, b) / long.length;
  if (near >= NEAR) return near;
  return isCutShort(short, long) ? CUT_SHORT : 0;
}

const SHORTEST_CORRECTED = 5;

/** The one word of a list that a word is with a slip; the word itself where it is known, or where none or several are. */
export function corrected(word: string, known: ReadonlySet<string>): string {
  if (word.length < SHORTEST_CORRECTED - 1 || known.has(word) || /\d/.test(word)) return word;
  let found: string | null = null;
  for (const each of known) {
    if (each.length < SHORTEST_CORRECTED || Math.abs(each.length - word.length) > 1) continue;
    if (slipsBetween(each, word) !== 1) continue;
    if (found !== null) return word;
    found = each;
  }
  return found ?? word;
}

const letters = (text: string): string => text.replace(/[^a-z]/g, '');
const marks = (text: string): string =>
  (text.match(/\d+|\b[a-z]\b/g) ?? []).filter((mark) => mark !== 'a').join(' ');

/** Names of this many letters may have two slips; those of half as many, one. */
const LONG = 12;
/** So many spaces and other marks may be more or less. */
const MOST_MARKS = 4;

/**
 * Whether two names are one with a slip, told by their letters alone: a space, a hyphen or a letter more or less. A
 * number, or a letter that stands alone (`Van 1`, `Partner B`), is no slip.
 */
export function isSlip(one: string, other: string): boolean {
  if (Math.abs(one.length - other.length) > MOST_MARKS) return false;
  const [a, b] = [letters(one), letters(other)];
  if (a === b) return a !== '' && marks(one) === marks(other);
  const least = Math.min(a.length, b.length);
  const slips = least >= LONG ? 2 : least * 2 >= LONG ? 1 : 0;
  return (
    slips > 0 &&
    Math.abs(a.length - b.length) <= slips &&
    slipsBetween(a, b) <= slips &&
    marks(one) === marks(other)
  );
}

/** Whether two short names are one with a single slip: told apart only by who they are taken for. */
export const isShortSlip = (one: string, other: string): boolean =>
  one.length >= 3 &&
  other.length >= 3 &&
  marks(one) === marks(other) &&
  slipsBetween(one, other) <= 1;
