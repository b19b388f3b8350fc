import type { Book } from '../../model/book/book.js';
import type { Refusal, Result } from '../../model/refusal/refusal.js';
import type { EntersBy } from '../../model/exercise-shapes/exercise-file.js';
import type { Operation, OperationKind, OperationOf } from '../../model/shapes/operation.js';

/** Who works, and what the exercise allows. */
export interface Rules {
  readonly by: 'author' | 'student';
  /** Whether recorded entries may be changed and removed, rather than reversed. */
  readonly entriesMayChange: boolean;
  /** How what happens is entered; adjusting and closing entries always may be. Absent: either way. */
  readonly enters?: EntersBy;
  /** Whether the company is set up by whoever works on it; absent: by its author alone. */
  readonly setsCompany?: boolean;
}

export const AUTHOR: Rules = { by: 'author', entriesMayChange: true };

export const noNotices = (): readonly Refusal[] => [];

export interface Applied {
  readonly book: Book;
  /** The operation that gives back exactly the book as it was. */
  readonly inverse: Operation;
  /** What was done all the same, and deserves a look: looked for only when somebody asks. */
  readonly notices: () => readonly Refusal[];
}

/** One change of a book: all of one shape. */
export interface Change<K extends OperationKind> {
  apply(book: Book, operation: OperationOf<K>, rules: Rules): Result<Applied>;
}
