import type { CauseKind } from '../cause/cause.js';
import type { StatementDate } from '../key/answer-key.js';
import type { Amount } from '../../model/money/amount.js';
import type { Worth } from './worth.js';
import type { Facts } from '../../model/refusal/refusal.js';

/** Met; not met; follows from another (keeps its points); can't be judged (counts neither way). */
export type Outcome = 'met' | 'not-met' | 'follows' | 'cannot-judge';

/** What a finding is about: an account or entry of the key, one that only the work has, a line, the book. */
export interface Subject {
  readonly kind: 'account' | 'entry' | 'line' | 'book' | 'question' | 'setting';
  readonly id: string;
}

export const aboutAccount = (id: string): Subject => ({ kind: 'account', id });
export const aboutEntry = (id: string): Subject => ({ kind: 'entry', id });
export const BOOK: Subject = { kind: 'book', id: '' };

export interface CauseShare {
  readonly kind: CauseKind;
  readonly of: 'key' | 'work';
  readonly id: string;
  /** The faults that answer for it; absent: none, or the key accepts it. */
  readonly roots?: readonly string[];
  /** What the cause adds to the line, in the line's sign: theirs less the key's. */
  readonly share: Amount;
}

/** What a check found in one place. */
export interface Finding<F extends Facts = Facts> {
  readonly subject: Subject;
  readonly outcome: Outcome;
  /** What its sentence is made from; made when somebody asks, since most results are never shown. */
  readonly facts: () => F;
  /** References of the results that it follows from. */
  readonly from?: readonly string[];
  /** False when a first finding of the same check already bears its points. */
  readonly bearsPoints?: boolean;
  /** How much of its points what is not met earns all the same, from 0 to 1; absent: nothing. */
  readonly share?: number;
  /** Statement checks only: theirs less the key's, and what it is made of. */
  readonly difference?: Amount | undefined;
  readonly causes?: readonly CauseShare[] | undefined;
  readonly date?: StatementDate | undefined;
}

/** A finding with its points: what is stored of a check. */
export interface CheckResult extends Omit<Finding, 'bearsPoints' | 'from' | 'facts' | 'share'> {
  readonly check: string;
  readonly ref: string;
  readonly facts: Facts;
  readonly from: readonly string[];
  readonly points: number;
  readonly of: number;
}

/** What a marking needs to know of a check: its name, and what it is usually worth. */
export interface Rule {
  readonly id: string;
  readonly points: Worth;
}

/** How the result of a check about a thing is referred to. */
export const refOf = (check: string, subject: Pick<Subject, 'id'>): string =>
  subject.id === '' ? check : `${check}:${subject.id}`;

/** The check and the id that a reference is made of: `account.type:bank`; the id is empty where it names the whole book. */
export function partsOfRef(ref: string): [check: string, id: string] {
  const [check = '', ...id] = ref.split(':');
  return [check, id.join(':')];
}

/** References to what these checks say of a thing. */
export const refsTo = (checks: readonly Rule[], id: string): string[] =>
  checks.map((check) => refOf(check.id, { id }));
