import { ABBREVIATIONS, POINTED } from './abbreviations.js';
import { keptLikeness, OPPOSED_WORDS } from './opposites.js';
import { corrected, isShortSlip, isSlip, wordLikeness } from './spelling.js';
import { ALONE, EMPTY_WORDS, SYNONYMS } from './synonyms.js';

/** A name made comparable: plain lower-case singular words, synonyms of the trade in one form. */
export interface PlainName {
  readonly text: string;
  readonly words: readonly string[];
  /** The name as it was written, in plain lower-case letters. */
  readonly written: string;
  /** The word that says what kind of thing it names: the last before a comma, *of*, *on*, *to*, *for*. */
  readonly lead: string;
}

/** Vats hold what is brewed; the tax is never written as many. */
const MANY: ReadonlySet<string> = new Set(['vats']);

const singular = (word: string): string => {
  if (/(ss|us|is)$/.test(word) || word.length < 4 || MANY.has(word)) return word;
  if (/ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(ch|sh|x)es$/.test(word)) return word.slice(0, -2);
  return word.replace(/s$/, '');
};

function plainText(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[’']s?\b/g, '')
    .replace(/\ba\s?\/\s?c\b/g, ' ');
  return POINTED.reduce((text, [written, stands]) => text.replace(written, stands), plain)
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
}

function leadOf(name: string): string {
  const [first = ''] = name.split(/[,;:(]/).filter((part) => /\p{L}/u.test(part));
  const [said = ''] = plainText(first).split(/ (?:of|on|to|for|from|in|at|with|by) /);
  return singular(said.split(' ').at(-1) ?? '');
}

function wordsOf(plain: string): string[] {
  const all = plain.split(' ').filter((word) => word !== '');
  const telling = all.filter((word) => !EMPTY_WORDS.has(word));
  return (telling.length > 0 ? telling : all).map(singular);
}

const phrases = (rows: typeof SYNONYMS): ReadonlyMap<string, readonly string[]> =>
  new Map(
    rows.flatMap(([plain, ...same]) => {
      const to = wordsOf(plainText(plain));
      return [plain, ...same].map((each) => [wordsOf(plainText(each)).join(' '), to] as const);
    }),
  );

/** The words of the trade: what is nearly one of them is it, with a slip. */
const TRADE_WORDS: ReadonlySet<string> = new Set([
  ...[...SYNONYMS, ...ALONE].flat().flatMap((each) => wordsOf(plainText(each))),
  ...OPPOSED_WORDS,
]);

/** Words written out: an abbreviation as what it stands for, a slip as the word that is meant. */
const writtenOut = (words: readonly string[]): string[] =>
  words.flatMap((word) =>
    Object.hasOwn(ABBREVIATIONS, word)
      ? (ABBREVIATIONS[word] ?? word).split(' ')
      : [corrected(word, TRADE_WORDS)],
  );

const PHRASES = phrases(SYNONYMS);
const WHOLE_NAMES = phrases(ALONE);

/** Names of several words, whatever the order of the words. */
const IN_ANY_ORDER: ReadonlyMap<string, readonly string[]> = new Map(
  [...PHRASES]
    .filter(([phrase]) => phrase.includes(' '))
    .map(([phrase, plain]) => [phrase.split(' ').sort().join(' '), plain]),
);
const LONGEST_PHRASE = 6;

function withSynonyms(words: readonly string[]): string[] {
  const found: string[] = [];
  for (let i = 0; i < words.length;) {
    let taken = 1;
    let put: readonly string[] = [words[i] ?? ''];
    for (let n = Math.min(LONGEST_PHRASE, words.length - i); n >= 1; n--) {
      const phrase = PHRASES.get(words.slice(i, i + n).join(' '));
      if (phrase) {
        put = phrase;
        taken = n;
        break;
      }
    }
    found.push(...put);
    i += taken;
  }
  return [...new Set(found)];
}

const MOST_REMEMBERED = 20_000;
const remembered = new Map<string, PlainName>();

/** The comparable form of a name. The same names come again with every try, so it is remembered. */
export function plainName(name: string): PlainName {
  const known = remembered.get(name);
  if (known) return known;
  const written = plainText(name);
  const own = writtenOut(wordsOf(written));
  const words = [
    ...(WHOLE_NAMES.get(own.join(' ')) ??
      IN_ANY_ORDER.get([...own].sort().join(' ')) ??
      withSynonyms(own)),
  ].sort();
  const plain = { text: words.join(' '), words, written, lead: leadOf(name) };
  if (remembered.size >= MOST_REMEMBERED) remembered.clear();
  remembered.set(name, plain);
  return plain;
}

function share(of: readonly string[], among: readonly string[]): number {
  let total = 0;
  for (const word of of) {
    let best = 0;
    for (const other of among) best = Math.max(best, wordLikeness(word, other));
    total += best;
  }
  return total;
}

/** Shared words both ways, from 0 to 1, spelling slips forgiven. */
function sharedWords(a: PlainName, b: PlainName): number {
  if (a.text === b.text) return 1;
  const size = a.words.length + b.words.length;
  if (size === 0) return 0;
  return Math.min(0.95, (share(a.words, b.words) + share(b.words, a.words)) / size);
}

const SLIPPED = 0.97;

/** How alike two names are in meaning, from 0 to 1; less where a word of the trade sets them apart. */
export function similarity(a: PlainName, b: PlainName): number {
  if (a.text === b.text) return 1;
  const kept = keptLikeness(a.words, b.words);
  if (kept > 0 && isSlip(a.written, b.written)) return SLIPPED;
  return kept * sharedWords(a, b);
}

/** Whether a word of the trade makes two names mean opposite things. */
export const isOpposite = (a: PlainName, b: PlainName): boolean =>
  keptLikeness(a.words, b.words) === 0;

/** Whether two names are one, in other words or with a slip. */
export const isNamed = (a: PlainName, b: PlainName): boolean =>
  a.text === b.text || (isSlip(a.written, b.written) && !isOpposite(a, b));

/** From here on, a name says the same in other words. */
const SAME_MEANING = 0.6;

/**
 * Whether a name says what one of several says, in other words. A word that tells what is still to come of a thing
 * (`paid ahead`) may be missing or more, unless an account among the `others` is meant by the name as it stands.
 */
export function saysTheSame(
  name: string,
  among: readonly string[],
  others: () => readonly string[],
): boolean {
  const plain = plainName(name);
  const isCalled = (other: string) => isNamed(plain, plainName(other));
  const isLike = (other: string) => similarity(plain, plainName(other)) >= SAME_MEANING;
  if (among.some(isCalled)) return true;
  if (others().some(isCalled)) return false;
  if (among.some(isLike)) return true;
  if (among.some((other) => isShortSlip(plain.written, plainName(other).written)))
    return !others().some((other) => plainName(other).text === plain.text);
  const isNearly = among
    .map(plainName)
    .some(
      (other) =>
        keptLikeness(plain.words, other.words) > 0 && sharedWords(plain, other) >= SAME_MEANING,
    );
  return isNearly && !others().some(isLike);
}
