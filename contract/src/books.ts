import { ArrayMaxSize, ArrayMinSize, IsArray, IsInt, IsObject, Max, Min } from 'class-validator';
import { MOST_CHANGES, type EntersBy } from '@gleddo/core';
import { AreOf, isToken, IsName, IsToken, MayBeLeftOut } from './fields.js';

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

  /** The name of the change that this one takes back, when it undoes one or does one again. */
  @MayBeLeftOut()
  @IsToken()
  undoes?: string;

  /** What undoes this change on the book that its maker saw: where others wrote there meanwhile, it is not done. */
  @MayBeLeftOut()
  @IsObject()
  seen?: object;
}

/** One of several changes sent at once, each on the book as the one before left it. */
export type SentChange = Omit<OperationsRequest, 'revision'>;

/** Changes made on a revision of a book, one after the other: what can't be done is told, the rest is done. */
export class ChangesRequest {
  @IsInt()
  @Min(0)
  @Max(2_000_000_000)
  revision!: number;

  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_CHANGES, { message: `At most ${MOST_CHANGES} changes can be sent at once.` })
  @AreOf(isSentChange, 'Each change has a name of its own and a list of operations.')
  changes!: SentChange[];
}

const FIELDS: readonly string[] = ['token', 'operations', 'undoes', 'seen'];

function isSentChange(value: object): boolean {
  const { token, operations, undoes, seen } = value as Partial<Record<string, unknown>>;
  return (
    isToken(token) &&
    Array.isArray(operations) &&
    operations.length > 0 &&
    (undoes === undefined || isToken(undoes)) &&
    (seen === undefined || (typeof seen === 'object' && seen !== null)) &&
    Object.keys(value).every((key) => FIELDS.includes(key))
  );
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
  /** What looks odd in the book, told without a key. */
  readonly health: boolean;
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
  readonly enters: EntersBy;
  readonly by: 'author' | 'student';
  /** Whether the company may be set up in it. */
  readonly setsCompany: boolean;
  readonly help: Help;
  /** The exercise's starting point, for a key or a try: what is given, changed and added is told by it. */
  readonly start: object | null;
}

/** A change that was not done, and why not. */
export interface RefusedChange {
  readonly token: string;
  readonly code: string;
  readonly says: string;
}

/** The book as it now stands, and all the steps since the revision asked about: the latest first. */
export interface NewerBook {
  readonly book: object;
  readonly steps: readonly HistoryEntry[];
}

export interface ChangesAnswer {
  readonly revision: number;
  readonly refused: readonly RefusedChange[];
  /** Set when others changed the book meanwhile. */
  readonly newer: NewerBook | null;
}

/** What an open book hears: the revision that the book is at now. */
export interface BookEvent {
  readonly revision: number;
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
  readonly token: string;
  /** The step that this one takes back; null for a change of its own. */
  readonly undoes: string | null;
  /** Whether whoever asks did it. */
  readonly isMine: boolean;
  readonly at: string;
  readonly by: string;
  readonly operation: object;
  readonly inverse: object;
}
