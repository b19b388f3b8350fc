import { ArrayMaxSize, IsArray } from 'class-validator';
import { IsId, IsProse, IsSaid, IsToken, MayBeLeftOut } from './fields.js';
import { AreIds } from './student-fields.js';

const LONGEST = 1000;
const SAY = `Say it in 1 to ${LONGEST} characters.`;

/** What a student or their instructor says about a work. */
export interface Word {
  readonly id: string;
  readonly by: string;
  /** Whether the student said it. */
  readonly isAsked: boolean;
  readonly text: string;
  /** Where it was asked, in words; empty: about the whole. */
  readonly about: string;
  /** The note at which it was asked; null: while working. */
  readonly ref: string | null;
  /** The question that it answers. */
  readonly answers: string | null;
  readonly at: string;
  readonly isSeen: boolean;
}

export class AskWordRequest {
  @IsSaid(LONGEST, SAY)
  text!: string;

  @IsProse(200, 'Where it is asked is told in 200 characters at most.')
  about!: string;

  /** The note at which it is asked. */
  @MayBeLeftOut()
  @IsProse(300, 'A question stands at one note.')
  ref?: string;

  /** A name of the request: sent again after a lost answer, nothing is said twice. */
  @MayBeLeftOut()
  @IsToken()
  token?: string;
}

/** What has been read: what came since has not. */
export class SeenWordsRequest {
  @AreIds(500)
  words!: string[];
}

export class SayWordRequest {
  /** The works to whose students it is said. */
  @IsArray()
  @ArrayMaxSize(500)
  @AreIds(500)
  tries!: string[];

  @IsSaid(LONGEST, SAY)
  text!: string;

  /** The question that it answers. */
  @MayBeLeftOut()
  @IsId()
  answers?: string;

  /** A name of the request: sent again after a lost answer, nothing is said twice. */
  @MayBeLeftOut()
  @IsToken()
  token?: string;
}

/** A question that nobody has answered yet. */
export interface OpenQuestion extends Word {
  readonly tryId: string;
  readonly student: string;
  /** Others who can be told the same: whose work has the same note. */
  readonly alike: readonly string[];
}

/** One student of a class at work. */
export interface AtWorkRow {
  readonly personId: string;
  readonly student: string;
  readonly tryId: string | null;
  readonly bookId: string | null;
  readonly state: 'not-started' | 'working' | 'handed-in' | 'given-back';
  /** How much of each step stands, from 0 to 1; null: it can’t be told. */
  readonly shares: readonly (number | null)[];
  /** The step that they are at; null before the first and after the last. */
  readonly here: string | null;
  /** What does not stand yet there; null: nothing, or it can’t be told. */
  readonly next: string | null;
  readonly lastAt: string | null;
  readonly handedInAt: string | null;
  /** How often a check was asked for. */
  readonly checks: number;
  /** How many hints they took. */
  readonly hints: number;
  readonly asks: boolean;
  /** Words to them that they have not seen. */
  readonly unseen: number;
}

/** A class at work, as it is now. */
export interface AtWork {
  readonly title: string;
  readonly steps: readonly { readonly id: string; readonly title: string }[];
  readonly rows: readonly AtWorkRow[];
  readonly questions: readonly OpenQuestion[];
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  /** Whether it leads by steps of its own, from which whoever looks may let one go on. */
  readonly mayLetGoOn: boolean;
  /** The server’s clock, by which all of this is told. */
  readonly now: string;
}
