import { IsIn, IsInt, Max, Min } from 'class-validator';
import { IsId, MayBeLeftOut } from './fields.js';

export const LEAVING_KINDS = ['exercise', 'group', 'person'] as const;
export type LeavingKind = (typeof LEAVING_KINDS)[number];

/** What becomes of people: all that is kept of them goes, or their works stay without a name. */
export const FATES = ['deleted', 'nameless'] as const;
export type Fate = (typeof FATES)[number];

export const LONGEST_TERM = 3_650;

/** What the head of the house has set: how many days whatever is deleted can be taken back, and what becomes of people. */
export class LeavingTermRequest {
  @IsInt({ message: 'Say the term in whole days.' })
  @Min(0, { message: 'The term is 0 days or more; with 0 days it is done at once.' })
  @Max(LONGEST_TERM, { message: `The term is ${LONGEST_TERM} days, ten years, at most.` })
  days!: number;

  @IsIn(FATES, { message: 'Say whether people are deleted, or their works stay without a name.' })
  fate!: Fate;
}

export type LeavingTerm = Readonly<Pick<LeavingTermRequest, 'days' | 'fate'>>;

export class LeaveRequest {
  /** To whom an instructor’s companies, exercises and classes pass; left out: they are deleted, too. */
  @MayBeLeftOut()
  @IsId()
  heir?: string;
}

/** How much hangs on what is deleted, by kind; what is none is left out. */
export interface Hangs {
  readonly companies?: number;
  readonly exercises?: number;
  readonly groups?: number;
  /** Students who are in no other class: they leave with it. */
  readonly students?: number;
  /** Students who are in another class, too: they stay. */
  readonly studentsStay?: number;
  readonly works?: number;
  /** How many of the works were given back. */
  readonly givenBack?: number;
  readonly practices?: number;
}

/** What would go with a thing, and when. */
export interface WouldLeave extends LeavingTerm {
  readonly name: string;
  /** What becomes of itself; `fate` is what becomes of the students who go along. */
  readonly becomes: Fate;
  readonly hangs: Hangs;
}

/** Something that is to be deleted. */
export interface Leaving {
  readonly kind: LeavingKind;
  readonly id: string;
  readonly name: string;
  readonly dueAt: string;
  readonly becomes: Fate;
  /** Who asked for it. */
  readonly by: string;
  readonly heir: string | null;
  readonly mayTakeBack: boolean;
}
