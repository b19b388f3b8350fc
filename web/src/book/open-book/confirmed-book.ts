import type { BookAnswer, HistoryEntry, NewerBook } from '@gleddo/contract';
import { bookFromJson, type Book, type DoneStep } from '@gleddo/core';
import { readHistory } from './read-history';
import type { Change } from './waiting-changes';

/** A book as the server has it, with how it came to be: what was done, the oldest first. */
export interface ConfirmedBook {
  readonly revision: number;
  readonly book: Book;
  readonly steps: readonly DoneStep[];
}

/** Throws when the server's book is not readable here: then this page is older than the server. */
function readAnswer(document: object): Book {
  const read = bookFromJson(document);
  if (read.ok) return read.value;
  throw new Error(
    `The server’s book can’t be read by this page. ${read.refusals[0]?.says ?? ''} Reload the page.`,
  );
}

export const confirmedBook = (
  answer: BookAnswer,
  history: readonly HistoryEntry[],
): ConfirmedBook => ({
  revision: answer.revision,
  book: readAnswer(answer.book),
  steps: readHistory(history).reverse(),
});

/** The newer book that the server tells, with the steps that led to it. */
export function takenOver(
  before: ConfirmedBook,
  revision: number,
  { book, steps }: NewerBook,
): ConfirmedBook {
  const read = readHistory(steps).reverse();
  const isWhole = read.length === steps.length && read[0]?.revision === before.revision + 1;
  return {
    revision,
    book: readAnswer(book),
    steps: isWhole ? [...before.steps, ...read] : read,
  };
}

/** A step that is done here, and when. */
interface StepHere extends DoneStep {
  readonly at: string;
}

export const doneStep = (
  { token, operation, undoes, at }: Change,
  inverse: DoneStep['inverse'],
): StepHere => ({
  ...{ token, operation, undoes, inverse, isMine: true },
  at: new Date(at).toISOString(),
});
