import { openingOf, type Book } from '../../model/book/book.js';
import { addDays, daysBetween } from '../../model/day/calendar.js';
import { counterparts } from '../../model/book/since-start.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { namesFor, quantitiesFor, type Drawing } from '../../model/chance/draw.js';
import { ownBook } from './own-book.js';

/** The key of one seed: its book, and what else is accepted, told of that book. No own figures: the key itself. */
export function ownKey(key: AnswerKey, drawing: Drawing): AnswerKey {
  const { figures } = key;
  if (!figures) return key;
  const { book } = ownBook(key.book, figures, drawing);
  const named = namesFor(figures, drawing);
  const moved = new Map(
    book.entries.map(({ id, date }) => {
      const was = key.book.entries.find((each) => each.id === id)?.date ?? date;
      return [id, was === date ? 0 : daysBetween(was, date)];
    }),
  );
  return {
    ...key,
    book,
    drawn: { quantities: quantitiesFor(figures, drawing.seed), named },
    accepts: key.accepts.map(({ otherNames, ...each }) => ({
      ...each,
      names: each.names.map(named),
      ...(otherNames ? { otherNames: otherNames.map(named) } : {}),
    })),
    acceptsEntries: key.acceptsEntries.map((each) => {
      const days = moved.get(each.entry) ?? 0;
      if (days === 0) return each;
      return { ...each, from: addDays(each.from, days), to: addDays(each.to, days) };
    }),
  };
}

/**
 * The starting point that goes with a key of one seed: what stands in it as in the key stands so again; what differs
 * there on purpose (a planted fault) differs in the same proportion.
 */
export function ownStart(
  start: Book,
  key: AnswerKey,
  { own, drawing }: { readonly own: AnswerKey; readonly drawing: Drawing },
): Book {
  const { figures } = key;
  if (!figures) return start;
  const keyOfStart = new Map(
    [...counterparts(start, key.book)].map(([inKey, { id }]) => [id, inKey]),
  );
  const { formulas = [], ...rest } = figures;
  const ofDoings = formulas.filter(({ at }) => !at.startsWith('opening:'));
  const made = ownBook(
    start,
    { ...rest, formulas: ofDoings },
    { ...drawing, beside: { book: key.book, figures } },
  ).book;
  const balances = Object.entries(start.opening.balances).map(([id, amount]): [string, number] => {
    const inKey = keyOfStart.get(id);
    const was = inKey === undefined ? 0 : openingOf(key.book, inKey);
    const now = inKey === undefined ? 0 : openingOf(own.book, inKey);
    if (was === 0 || now === 0) return [id, made.opening.balances[id] ?? amount];
    return [id, amount === was ? now : amount === -was ? -now : Math.round((amount * now) / was)];
  });
  const kept = balances.filter(([, amount]) => amount !== 0);
  return { ...made, opening: { ...made.opening, balances: Object.fromEntries(kept) } };
}
