import { Big } from 'big.js';
import type { Book } from '../../model/book/book.js';
import { isDay } from '../../model/day/calendar.js';
import { evaluate, type Scope, type Value } from '../../accounting/expression/index.js';
import type { AnswerKey } from '../key/answer-key.js';
import { keyScope } from './right-answer.js';
import { figureText } from './judge-answer.js';
import type { Refusal } from '../../model/refusal/refusal.js';
import { saidOn } from '../../model/place/writing.js';

const FIGURE = /\{=([^{}]{1,500})\}/g;

const shown = (value: Value, book: Book): string => {
  if (value instanceof Big) return figureText(value, book);
  return typeof value === 'string' && isDay(value) ? saidOn(book, value) : String(value);
};

/** Words with their figures, `{= total("profit")}`: as a reader sees them. What can’t be reckoned stays as it is written. */
export const filledWords = (words: string, book: Book, scope: Scope): string =>
  words.replace(FIGURE, (written, says: string) => {
    const worth = evaluate(says.trim(), scope);
    return worth.ok ? shown(worth.value, book) : written;
  });

/** Words of a key with its figures and the names that were drawn: as whoever it is for reads them. */
export function wordsBy(key: AnswerKey): (words: string) => string {
  const scope = keyScope(key);
  return (words) => filledWords(key.drawn?.named(words) ?? words, key.book, scope);
}

/** What is wrong with the figures in some words. */
export const faultsInWords = (words: string, scope: Scope): Refusal[] =>
  [...words.matchAll(FIGURE)].flatMap(([, says = '']) => {
    const worth = evaluate(says.trim(), scope);
    return worth.ok ? [] : worth.refusals;
  });
