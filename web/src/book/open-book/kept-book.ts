import type { BookAnswer, HistoryEntry } from '@gleddo/contract';
import { bookToJson } from '@gleddo/core';
import { keepAnswers } from '../../platform/offline/kept-answers';
import type { ConfirmedBook } from './confirmed-book';

/** Of several changes in a row the book is kept once. */
const PAUSE = 400;

/** Keeps an open book as the server has confirmed it, so that it opens without a line with all that was done. */
export class KeptBook {
  private timer: ReturnType<typeof setTimeout> | null = null;
  private after: (() => void)[] = [];

  /** `then` is called once it is kept: until then what was changed has to be known otherwise. */
  keep(answer: BookAnswer, confirmed: ConfirmedBook, then: () => void): void {
    this.after.push(then);
    if (this.timer) clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.write(() => answersOf(answer, confirmed)), PAUSE);
  }

  private async write(make: () => ReadonlyMap<string, object>): Promise<void> {
    const after = this.after.splice(0);
    await keepAnswers(make);
    for (const then of after) then();
  }
}

/** What the server would answer now of the book and its history. */
function answersOf(answer: BookAnswer, { book, revision, steps }: ConfirmedBook) {
  const history = steps
    .toReversed()
    .map((step, i): HistoryEntry => ({ at: '', by: 'you', ...step, revision: revision - i }));
  const { id } = answer;
  return new Map<string, object>([
    [`books/${id}`, { ...answer, revision, book: bookToJson(book) }],
    [`books/${id}/history`, history],
  ]);
}
