import { numberEnd } from './number-end.js';
import { accountOf, type Book } from '../book/book.js';
import type { Operation } from '../shapes/operation.js';
import { done, refusal, refused, type Result } from '../refusal/refusal.js';

const endless = refusal(
  'number.not-counted-on',
  (f: { number: string }) =>
    `“${f.number}” can’t be counted on from. Give a number that ends in digits, such as 1010.`,
);
const tooFew = refusal(
  'number.too-few-digits',
  (f: { number: string; count: number }) =>
    `From “${f.number}” on there are not ${f.count} numbers of this length. Begin lower, or with a longer number.`,
);

/** The usual step between neighbours where a book has no plan. */
const USUAL_STEP = 10;

/**
 * One operation that numbers accounts from a first number on, in the order given: those on top by the plan's step, those
 * under one of them by its small step. A number that somebody else has is refused when it is done.
 */
export function numberedFrom(book: Book, ids: readonly string[], first: string): Result<Operation> {
  const end = numberEnd(first.trim());
  if (!end) return refused(endless({ number: first.trim() }, 'number'));
  const { prefix, digits } = end;
  const steps = {
    top: book.numberPlan?.step ?? USUAL_STEP,
    child: book.numberPlan?.childStep ?? 1,
  };
  const taken = new Set(ids);
  let at = Number(digits);
  let top = at;
  const numbers = ids.map((id, i) => {
    const isUnder = taken.has(accountOf(book, id)?.parent ?? '');
    if (i > 0) at = isUnder ? at + steps.child : nextTop(top, at, steps.top);
    if (!isUnder) top = at;
    return prefix + String(at).padStart(digits.length, '0');
  });
  if (String(at).length > digits.length)
    return refused(tooFew({ number: first.trim(), count: ids.length }, 'number'));
  const renumber = (id: string, number: string | null): Operation => ({
    ...{ kind: 'renumber-account', id, number },
  });
  return done({
    kind: 'several',
    operations: [
      ...ids.map((id) => renumber(id, null)),
      ...ids.map((id, i) => renumber(id, numbers[i] ?? null)),
    ],
  });
}

/** The next number on top that is behind all that stands under the one before. */
function nextTop(top: number, at: number, step: number): number {
  let next = top + step;
  while (next <= at) next += step;
  return next;
}
