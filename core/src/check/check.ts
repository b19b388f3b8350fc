import type { Amount } from '../money/amount.js';
import type { Facts } from '../refusal/refusal.js';
import type { CauseKind } from '../cause/cause.js';
import type { StatementDate } from '../key/answer-key.js';
import type { Marking } from './marking.js';

/** Met; not met; follows from another (keeps its points); can't be judged (counts neither way). */
export type Outcome = 'met' | 'not-met' | 'follows' | 'cannot-judge';

/** What a finding is about: an account or entry of the key, one that only the work has, a line, the book. */
export interface Subject {
  readonly kind: 'account' | 'entry' | 'line' | 'book';
  readonly id: string;
}

export interface CauseShare {
  readonly kind: CauseKind;
  readonly of: 'key' | 'work';
  readonly id: string;
  /** What the cause adds to the line, in the line's sign: theirs less the key's. */
  readonly share: Amount;
}

/** What a check found in one place. */
export interface Finding {
  readonly subject: Subject;
  readonly outcome: Outcome;
  /** What its sentence is made from; made when somebody asks, since most results are never shown. */
  readonly facts: () => Facts;
  /** References of the results that it follows from. */
  readonly from?: readonly string[];
  /** False when a first finding of the same check already bears its points. */
  readonly bearsPoints?: boolean;
  /** Statement checks only: theirs less the key's, and what it is made of. */
  readonly difference?: Amount | undefined;
  readonly causes?: readonly CauseShare[] | undefined;
  readonly date?: StatementDate | undefined;
}

/** A finding with its points: what is stored of a check. */
export interface CheckResult extends Omit<Finding, 'bearsPoints' | 'from' | 'facts'> {
  readonly check: string;
  readonly ref: string;
  readonly facts: Facts;
  readonly from: readonly string[];
  readonly points: number;
  readonly of: number;
}

/** One thing that is compared. One rule, one file; all of this shape. */
export interface Check {
  readonly id: string;
  readonly title: string;
  /** What is wrong where it is not met, in a few words. */
  readonly fault: string;
  /** What the fault is called where this fact is null: nothing was done yet, rather than something wrong. */
  readonly undone?: { readonly fact: string; readonly fault: string };
  /** What it compares, for the instructor. */
  readonly compares: string;
  readonly points: number;
  run(marking: Marking): Finding[];
  /** The sentence for the student. */
  says(facts: Facts, outcome: Outcome): string;
}

export const refOf = (check: string, subject: Subject): string =>
  subject.id === '' ? check : `${check}:${subject.id}`;
