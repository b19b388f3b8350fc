import type { HistoryEntry } from '@gleddo/contract';
import { booksBefore, operationSays, type Book } from '@gleddo/core';
import { readHistory } from './read-history';

const MOST_TOLD = 3;

/** What others, or oneself in another tab, changed in a book, in sentences; `steps` the latest first. */
export function newsOf(
  book: Book,
  steps: readonly HistoryEntry[],
  isKnown: (token: string) => boolean,
): string[] {
  const read = readHistory(steps);
  const before = booksBefore(book, read);
  const described = read.flatMap((step, i) => {
    const then = before[i];
    return then && !isKnown(step.token)
      ? [{ ...step, says: operationSays(step.operation, then) }]
      : [];
  });
  const [last] = described;
  if (!last)
    return read.length < steps.length ? ['This book was set back to an earlier moment.'] : [];
  const where = described.every(({ isMine }) => isMine)
    ? 'in another tab or window'
    : `by ${[...new Set(described.map(({ by }) => by))].join(', ')}`;
  const more = described.length - MOST_TOLD;
  return [
    `Changed ${where}:`,
    ...described.slice(0, MOST_TOLD).map(({ says }) => says),
    ...(more > 0 ? [`And ${more} more before.`] : []),
  ];
}
