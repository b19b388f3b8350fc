import type { ExerciseParts } from '@gleddo/core';

/** An exercise as it stood after a revision of its parts. */
export interface ExerciseThen {
  readonly revision: number;
  readonly parts: ExerciseParts;
}

/** A change of one of an origin’s two books, made there since the copy was taken or brought up to it. */
export interface ChangedInBook {
  readonly revision: number;
  readonly says: string;
  readonly by: string;
  readonly at: string;
}

/** How often a book was changed so, and the latest of it, the latest first. */
export interface ChangedBook {
  readonly count: number;
  readonly latest: readonly ChangedInBook[];
}

/** What became of the exercise of which another is a copy. */
export interface OriginShown {
  readonly id: string;
  readonly title: string;
  readonly by: string;
  /** Its parts when the copy was taken, and now. */
  readonly base: ExerciseParts;
  readonly now: ExerciseParts;
  readonly key: ChangedBook;
  readonly start: ChangedBook;
}

/** What became of the company of which another is a copy. */
export interface CompanyOrigin {
  readonly bookId: string;
  readonly name: string;
  readonly by: string;
  readonly book: ChangedBook;
}

/** Changes of an origin’s books that were taken over, and those that did not fit any more, with why. */
export interface BooksTakenOver {
  readonly done: number;
  readonly refused: readonly string[];
}

/** The parts of another exercise, by the accounts and entries of this one’s key; and what that has not. */
export interface OthersParts {
  readonly parts: ExerciseParts;
  readonly lost: readonly string[];
}
