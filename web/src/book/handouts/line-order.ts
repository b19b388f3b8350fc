import bidi from 'bidi-js';

const RIGHT_TO_LEFT = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufeff]/;

const { getEmbeddingLevels } = bidi();

/**
 * The words of a line in the order in which they stand, read from the left: where some are written from the right, they
 * change places. The letters of a word are turned by whoever sets them.
 */
export function inLineOrder(text: string): string {
  if (!RIGHT_TO_LEFT.test(text)) return text;
  const words = wordsOf(text, getEmbeddingLevels(text).levels);
  const highest = Math.max(...words.map(({ level }) => level));
  for (let level = highest; level > 0; level--) turn(words, level);
  return words.map(({ word }) => word).join('');
}

interface Word {
  word: string;
  readonly level: number;
}

/** Words, the gaps between them, and parts of words of another direction: each lies at one level. */
function wordsOf(text: string, levels: Uint8Array): Word[] {
  const words: Word[] = [];
  for (let at = 0; at < text.length; at++) {
    const [letter, level] = [text[at] ?? '', levels[at] ?? 0];
    const last = words.at(-1);
    const isGap = /\s/.test(letter);
    if (last?.level === level && /\s$/.test(last.word) === isGap) last.word += letter;
    else words.push({ word: letter, level });
  }
  return words;
}

/** Turns each row of words that lie at least as deep (Unicode's annex 9, rule L2). */
function turn(words: Word[], level: number): void {
  for (let from = 0; from < words.length; from++) {
    let to = from;
    while ((words[to]?.level ?? 0) >= level) to++;
    if (to > from) words.splice(from, to - from, ...words.slice(from, to).reverse());
    from = to;
  }
}
