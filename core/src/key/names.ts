import { distance } from 'fastest-levenshtein';
import { keptLikeness } from './opposites.js';
import { ALONE, EMPTY_WORDS, SYNONYMS } from './synonyms.js';

/** A name made comparable: plain lower-case singular words, synonyms of the trade in one form. */
export interface PlainName {
  readonly text: string;
  readonly words: readonly string[];
}

const singular = (word: string): string => {
  if (/(ss|us|is)$/.test(word) || word.length < 4) return word;
  if (/ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(ch|sh|x)es$/.test(word)) return word.slice(0, -2);
  return word.replace(/s$/, '');
};

function wordsOf(name: string): string[] {
  const plain = name
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[’']s?\b/g, '')
    .replace(/\ba\/c\b/g, ' ')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
  const all = plain.split(' ').filter((word) => word !== '');
  const telling = all.filter((word) => !EMPTY_WORDS.has(word));
  return (telling.length > 0 ? telling : all).map(singular);
}

const phrases = (rows: typeof SYNONYMS): ReadonlyMap<string, readonly string[]> =>
  new Map(
    rows.flatMap(([plain, ...same]) => {
      const to = wordsOf(plain);
      return [plain, ...same].map((each) => [wordsOf(each).join(' '), to] as const);
    }),
  );
const PHRASES = phrases(SYNONYMS);
const WHOLE_NAMES = phrases(ALONE);
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
  const own = wordsOf(name);
  const words = [...(WHOLE_NAMES.get(own.join(' ')) ?? withSynonyms(own))].sort();
  const plain = { text: words.join(' '), words };
  if (remembered.size >= MOST_REMEMBERED) remembered.clear();
  remembered.set(name, plain);
  return plain;
}

function likeness(a: string, b: string): number {
  if (a === b) return 1;
  const short = Math.min(a.length, b.length);
  if (short >= 3 && (a.startsWith(b) || b.startsWith(a))) return 0.8;
  if (short < 4) return 0;
  const near = 1 - distance(a, b) / Math.max(a.length, b.length);
  return near >= 0.75 ? near : 0;
}

function share(of: readonly string[], among: readonly string[]): number {
  let total = 0;
  for (const word of of) {
    let best = 0;
    for (const other of among) best = Math.max(best, likeness(word, other));
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

/** How alike two names are in meaning, from 0 to 1; less where a word of the trade sets them apart. */
export function similarity(a: PlainName, b: PlainName): number {
  return a.text === b.text ? 1 : keptLikeness(a.words, b.words) * sharedWords(a, b);
}

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
  const isLike = (other: string) => similarity(plain, plainName(other)) >= SAME_MEANING;
  if (among.some(isLike)) return true;
  const isNearly = among
    .map(plainName)
    .some(
      (other) =>
        keptLikeness(plain.words, other.words) > 0 && sharedWords(plain, other) >= SAME_MEANING,
    );
  return isNearly && !others().some(isLike);
}
