import { STATEMENT_NAMES, WORDS, type Scheme, type StatementId, type Words } from './scheme.js';
import { SHIPPED_SCHEMES } from './shipped-schemes.js';
import { AMERICAN, BRITISH } from './word-sets.js';

export const WORDS_NAMES: Readonly<Record<Words, string>> = {
  international: 'International',
  british: 'British',
  american: 'American',
};

const SETS: Readonly<Record<Words, Readonly<Record<string, string>>>> = {
  international: {},
  british: BRITISH,
  american: AMERICAN,
};

const usualNames: Readonly<Record<string, string>> = Object.fromEntries(
  SHIPPED_SCHEMES.flatMap((scheme) =>
    [...scheme.sections, ...scheme.types].map(({ id, name }) => [id, name] as const),
  ),
);

const wordFor = (id: string, words: Words): string | undefined =>
  Object.hasOwn(SETS[words], id) ? SETS[words][id] : undefined;

/** The name of a shipped section or type in a set of words; null for one of somebody's own. */
const shippedName = (id: string, words: Words): string | null =>
  wordFor(id, words) ?? (Object.hasOwn(usualNames, id) ? (usualNames[id] ?? null) : null);

/** Every name that a shipped section or type goes by, in any words. */
export const namesInAnyWords = (id: string): string[] => [
  ...new Set(WORDS.flatMap((words) => shippedName(id, words) ?? [])),
];

const translated = new WeakMap<Scheme, Map<Words, Scheme>>();

/**
 * The scheme with its shipped names in other words; a name that somebody gave it stays as it is. The same
 * scheme and words always answer the same value.
 */
export function inWords(scheme: Scheme, words: Words): Scheme {
  const from = wordsOf(scheme);
  if (from === words) return scheme;
  const base = translated.get(scheme) ?? new Map<Words, Scheme>([[from, scheme]]);
  translated.set(scheme, base);
  const known = base.get(words);
  if (known) return known;
  const renamed = <T extends { readonly id: string; readonly name: string }>(each: T): T =>
    each.name === shippedName(each.id, from)
      ? { ...each, name: shippedName(each.id, words) ?? each.name }
      : each;
  const made: Scheme = {
    ...scheme,
    words,
    sections: scheme.sections.map(renamed),
    types: scheme.types.map(renamed),
  };
  base.set(words, made);
  translated.set(made, base);
  return made;
}

export const wordsOf = (scheme: Scheme): Words => scheme.words ?? 'international';

/** Marks a scheme's names as written in these words, without changing any. */
export const writtenIn = (scheme: Scheme, words: Words): Scheme => {
  if (wordsOf(scheme) === words) return scheme;
  const { words: _, ...rest } = scheme;
  return words === 'international' ? rest : { ...rest, words };
};

/** What the scheme's words call a statement. */
export const statementName = (scheme: Scheme, statement: StatementId): string =>
  wordFor(statement, wordsOf(scheme)) ?? STATEMENT_NAMES[statement];

/** What the words call a subtotal or total; `usual` where they have no word of their own. */
export const lineNameIn = (scheme: Scheme, id: string, usual: string): string =>
  wordFor(id, wordsOf(scheme)) ?? usual;

/** The shipped scheme with this id, in these words; null when none is. */
export function shippedScheme(id: string, words: Words = 'international'): Scheme | null {
  const found = SHIPPED_SCHEMES.find((scheme) => scheme.id === id);
  return found ? inWords(found, words) : null;
}

/** Whether a scheme is one that comes with the product, in whatever words. */
export const isShipped = (scheme: Scheme): boolean =>
  shippedScheme(scheme.id, wordsOf(scheme)) === scheme;

/** A scheme that is written out but says the same as a shipped one, in the same words, is that one. */
export function orShipped(scheme: Scheme): Scheme {
  const shipped = shippedScheme(scheme.id, wordsOf(scheme));
  const text = (each: Scheme) => JSON.stringify([each.name, each.sections, each.types]);
  return shipped && text(shipped) === text(scheme) ? shipped : scheme;
}
