import { ArrayMaxSize, ArrayMinSize, IsArray, IsInt, Max, Min } from 'class-validator';
import { IsName } from './fields.js';

/** Operations made on a revision of a book, in their order: all are done, or none. */
export class OperationsRequest {
  @IsInt()
  @Min(0)
  @Max(2_000_000_000)
  revision!: number;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(500, { message: 'At most 500 changes can be sent at once.' })
  operations!: unknown[];

  /** A name the browser gives each change, so that one sent twice is done once. */
  @IsName(60, 'Each change has a name of its own, of 1 to 60 characters.')
  token!: string;
}

export type BookUse = 'company' | 'start' | 'key' | 'try';

/** What helps while working on a book; an author has all of it. */
export interface Help {
  /** Sentences on what a type of account is. */
  readonly types: boolean;
  /** Totals and figures, live. */
  readonly totals: boolean;
  /** The bands of the number plan: the ruler, and the warning outside them. */
  readonly bands: boolean;
  /** Whether the normal side of each account is asked, so that nothing says it. */
  readonly asksSides: boolean;
}

export interface BookAnswer {
  readonly id: string;
  readonly revision: number;
  readonly use: BookUse;
  /** The canonical document of the book. */
  readonly book: object;
  readonly mayChange: boolean;
  readonly entriesMayChange: boolean;
  readonly by: 'author' | 'student';
  readonly help: Help;
  /** The exercise's starting point, for a key or a try: what is given, changed and added is told by it. */
  readonly start: object | null;
}

export interface OperationsAnswer {
  readonly revision: number;
  /** Set when others changed the book meanwhile: the book as it now stands. */
  readonly book: object | null;
}

export class NameMomentRequest {
  @IsInt()
  @Min(0)
  @Max(2_000_000_000)
  revision!: number;

  @IsName(80, 'Give the moment a name of 1 to 80 characters.')
  name!: string;
}

/** Back to how a book stood after a revision. */
export class SetBackRequest {
  @IsInt()
  @Min(0)
  @Max(2_000_000_000)
  revision!: number;
}

/** A moment with a name: how the book stood after this revision. */
export interface Moment {
  readonly revision: number;
  readonly name: string;
}

export interface HistoryEntry {
  readonly revision: number;
  readonly at: string;
  readonly by: string;
  readonly operation: object;
  readonly inverse: object;
}
