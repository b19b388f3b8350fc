import type { May } from './sharing.js';
import type { CauseShare, Told } from '@gleddo/core';
import { IsMoment, IsProse, MayBeLeftOut } from './fields.js';
import { NewStockNoteRequest, type Giving } from './giving.js';
import type { FiledTable, HandPairShown } from './marking.js';
import type { CameIn, TimesShown } from './times.js';

/** Handing in; what was wished while there was no line says when. */
export class HandInRequest {
  /** ISO 8601, by the student’s own clock. */
  @MayBeLeftOut()
  @IsMoment()
  wishedAt?: string;
}

export type TryState = 'not-started' | 'working' | 'handed-in' | 'given-back';

/** A result as it is shown: its sentence made from code and facts. */
export interface ShownResult {
  readonly check: string;
  readonly title: string;
  readonly fault: string;
  /** What kind of fault it is, of which the key tells nothing. */
  readonly kind: string;
  readonly ref: string;
  readonly subject: {
    readonly kind: 'account' | 'entry' | 'line' | 'book' | 'question' | 'setting';
    readonly id: string;
  };
  readonly outcome: 'met' | 'not-met' | 'follows' | 'cannot-judge';
  readonly from: readonly string[];
  readonly points: number;
  readonly of: number;
  /** Its note in parts, as far as they are shown. */
  readonly told: Told;
  readonly difference: number | null;
  readonly causes: readonly CauseShare[];
  readonly date: { statement: string; at?: string; from?: string; to?: string } | null;
}

/** A check that a work has had, and what came out otherwise than in the one before it. */
export interface PastCheck {
  /** ISO 8601. */
  readonly at: string;
  readonly keyVersion: number;
  readonly points: number;
  readonly of: number;
  /** Whether the work itself was another one than at the check before. */
  readonly isOtherWork: boolean;
  /** Each result that came out otherwise, those that got worse first. */
  readonly changes: readonly ChangedResult[];
}

/** A result that earns another share of its points than at the check before. */
export interface ChangedResult extends Pick<ShownResult, 'title' | 'subject' | 'ref' | 'told'> {
  readonly isBetter: boolean;
}

export interface Note {
  readonly id: string;
  readonly ref: string | null;
  readonly text: string;
  /** Points given (or, negative, taken) beside the checks. */
  readonly points: number;
}

/** A student's own view of an exercise: never a key, nor marks before they are given back. */
export interface MyTry {
  readonly exerciseId: string;
  readonly title: string;
  readonly company: string;
  readonly tryId: string | null;
  readonly bookId: string | null;
  readonly state: TryState;
  readonly handedInAt: string | null;
  readonly points: number | null;
  readonly of: number | null;
  readonly mayPractise: boolean;
  /** From when to when it is open for this student. */
  readonly times: TimesShown;
  readonly cameIn: CameIn;
  /** How many words of their instructor’s they have not seen. */
  readonly unseen: number;
  /** The tries before this one, the first first. */
  readonly earlier: readonly EarlierTry[];
  /** What counts of several tries; null: nothing yet, or there is but one. */
  readonly counted: { readonly points: number; readonly of: number } | null;
  /** Whether they may begin another try now. */
  readonly mayTryAgain: boolean;
}

/** A try that was given back before another was begun. */
export interface EarlierTry {
  /** 1 for the first. */
  readonly number: number;
  readonly handedInAt: string | null;
  /** Null where marks are not shown. */
  readonly points: number | null;
  readonly of: number | null;
}

export interface MyTryDetail extends MyTry {
  readonly brief: string;
  readonly checkWhileWorking: boolean;
  /** Whether a file may be handed in instead of working here. */
  readonly mayFile: boolean;
  /** Whether steps, papers or questions lead through it. */
  readonly isGuided: boolean;
  readonly asks: Asks;
  readonly results: readonly ShownResult[] | null;
  readonly notes: readonly Note[] | null;
  /** Which of the student's accounts each result is about; null until the work is given back. */
  readonly pairs: readonly PairShown[] | null;
  /** What is shown of the work that was given back; null before. */
  readonly shows: Giving | null;
  /** The key’s book, where it is shown. */
  readonly key: object | null;
  /** The points that the notes’ costs are parts of, where the whole counts otherwise; null: they are `of`. */
  readonly scaledFrom: number | null;
  /** The copy in which the work is put right; null until it is begun. */
  readonly copyBookId: string | null;
}

/** What is found in the copy in which a student puts their work right. */
export interface CorrectedCheck {
  /** Null where marks are not shown. */
  readonly points: number | null;
  readonly of: number | null;
  readonly results: readonly ShownResult[];
  readonly pairs: readonly PairShown[];
}

/** How often a check has been asked for while working, and when it may be asked for again. */
export interface Asks {
  readonly asked: number;
  /** Null: as often as one likes. */
  readonly limit: number | null;
  /** When the next may be asked for, ISO 8601; null: now, unless none is left. */
  readonly nextAt: string | null;
}

/** A work that somebody has open. */
export interface WorkOpen {
  /** Who marks it now, where that is somebody else: marks are changed by one at a time. */
  readonly heldBy: string | null;
}

/** What is not right yet, without saying what would be right. */
export interface FoundSoFar {
  readonly met: number;
  readonly notMet: readonly { readonly fault: string; readonly about: string }[];
}

/** A look at the work while it is being done. */
export interface InterimCheck extends FoundSoFar {
  readonly asks: Asks;
}

export interface PairShown {
  readonly keys: readonly string[];
  readonly works: readonly string[];
  readonly confidence: number;
  readonly reasons: readonly string[];
}

/** Whether a work that was handed in has been checked. `waiting` mends itself; `failed` says why. */
export type CheckedState = 'checked' | 'waiting' | 'failed';

/** A marked try as the instructor sees it: theirs beside the key. */
export interface Marked {
  readonly tryId: string;
  readonly student: string;
  readonly exerciseId: string;
  readonly title: string;
  /** What whoever looks may do with it: write notes, or mark. */
  readonly may: May;
  readonly state: TryState;
  readonly handedInAt: string | null;
  readonly points: number;
  readonly of: number;
  /** The points that the notes’ costs are parts of, where the whole counts otherwise; null: they are `of`. */
  readonly scaledFrom: number | null;
  /** What the student gets to see, or would: as it was chosen last for this exercise. */
  readonly shows: Giving;
  readonly keyVersion: number;
  readonly key: object;
  readonly work: object;
  readonly results: readonly ShownResult[];
  readonly pairs: readonly PairShown[];
  readonly notes: readonly Note[];
  /** What was joined and parted by hand. */
  readonly handPairs: readonly HandPairShown[];
  /** The file that it came as; null: it was worked on here. */
  readonly file: FiledWork | null;
  /** What the key accepts for its accounts besides what stands in it. */
  readonly accepts: readonly AcceptedShown[];
  /** Why its last check failed, as a sentence; null when it did not. */
  readonly checkFault: string | null;
  readonly previous: string | null;
  readonly next: string | null;
  /** The tries before this one, each as it was given back. */
  readonly earlier: readonly EarlierTry[];
}

/** A work that came as a file; its table, where it is no whole book. */
export interface FiledWork {
  readonly name: string;
  readonly table: FiledTable | null;
}

/** What else is accepted for an account of a key. */
export interface AcceptedShown {
  readonly account: string;
  readonly names: readonly string[];
  readonly types: readonly string[];
}

export class NewNoteRequest extends NewStockNoteRequest {
  @MayBeLeftOut()
  @IsProse(300, 'A note stands beside one result.')
  ref?: string;
}

export interface ClassRow {
  readonly personId: string;
  /** The file that the work came as; null: it was worked on here. */
  readonly fileName: string | null;
  readonly tryId: string | null;
  /** The student's book, to be looked at; null before they begin. */
  readonly bookId: string | null;
  readonly student: string;
  readonly login: string;
  /** What the school’s own lists call them; empty: not said. */
  readonly number: string;
  readonly email: string;
  /** The class groups, by id, through which they have the exercise. */
  readonly groups: readonly string[];
  /** Whether they are in no class any more that has the exercise. */
  readonly hasLeft: boolean;
  /** The day of handing in; null before. */
  readonly handedInOn: string | null;
  readonly cameIn: CameIn;
  readonly state: TryState;
  /** The colleague who marks it now; null: nobody else does. */
  readonly heldBy: string | null;
  /** Null before it is handed in. */
  readonly checked: CheckedState | null;
  /** Why it could not be checked, as a sentence. */
  readonly checkFault: string | null;
  /** How often a check was asked for while working. */
  readonly asked: number;
  readonly points: number | null;
  readonly of: number | null;
  /** Which of their tries it is, 1 for the first; and what counts of several: null where nothing does yet, or there is one. */
  readonly tryNumber: number;
  readonly counted: { readonly points: number; readonly of: number } | null;
  /** Outcome by column id. */
  readonly cells: Readonly<Record<string, string>>;
}

interface ClassColumn {
  readonly id: string;
  readonly name: string;
  readonly kind: 'account' | 'entry' | 'line' | 'book' | 'question' | 'setting';
}

export interface PlacementCell {
  readonly from: string;
  readonly to: string;
  readonly count: number;
}

export interface ClassResults {
  readonly exerciseId: string;
  readonly title: string;
  /** What whoever looks may do: see the works, or mark them. */
  readonly may: May;
  readonly counts: { inClass: number; handedIn: number; working: number; notStarted: number };
  readonly columns: readonly ClassColumn[];
  readonly rows: readonly ClassRow[];
  readonly sections: readonly { id: string; name: string }[];
  readonly placements: readonly PlacementCell[];
  /** What was missed most: the fault in words, what it is about, the share of those who handed in. */
  readonly missed: readonly { fault: string; about: string; share: number }[];
  /** Names that the program does not know: they cost nothing until somebody says that they are wrong. */
  readonly unknownNames: readonly UnknownNameShown[];
  /** What students get to see of works that are given back, as it was chosen last. */
  readonly shows: Giving;
  readonly keyVersion: number;
  readonly checkedWithToday: boolean;
  /** The checks of the class that are under way; null when none are. */
  readonly checking: CheckProgress | null;
  /** The class groups that have the exercise, and since when. */
  readonly groups: readonly { readonly id: string; readonly name: string; readonly at: string }[];
}

/** A note that was written more than once at an exercise, whatever the class. */
export interface NoteWritten {
  readonly text: string;
  /** In how many works, and how many of each class, by its id. */
  readonly works: number;
  readonly byGroup: Readonly<Record<string, number>>;
}

/** A name that the program does not know, for one account of the key, and in whose works it stands. */
export interface UnknownNameShown {
  readonly account: string;
  /** What the key calls it, and its section. */
  readonly called: string;
  readonly place: string;
  readonly name: string;
  readonly works: readonly {
    readonly tryId: string;
    readonly student: string;
    /** What it stands at there: formatted. */
    readonly balance: string;
  }[];
}

/** How far a class's checks are. */
export interface CheckProgress {
  readonly done: number;
  readonly total: number;
}
