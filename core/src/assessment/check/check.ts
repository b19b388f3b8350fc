import type { Account, Book } from '../../model/book/book.js';
import type { CauseKind } from '../cause/cause.js';
import type { Facts } from '../../model/refusal/refusal.js';
import type { ACCOUNT_FIELDS, ComparedField } from '../../model/shapes/account.js';
import type { ENTRY_FIELDS, LINE_FIELDS } from '../../model/shapes/entry.js';
import type { Aim, Setting } from '../../model/exercise-shapes/key-rules.js';
import type { Finding, Outcome, Rule } from './finding.js';
import type { Marking } from './marking.js';
import type { Words } from './told.js';
import type { Saying } from './what-is-said.js';

/** What it means when nothing was done yet, rather than something wrong. */
interface Undone<F extends Facts> {
  /** Whether a work's account shows that nothing was done; absent: a fault of this check always does. */
  readonly isUndone?: (work: Account, marking: Marking) => boolean;
  /** Told by the facts, with another word for the fault; absent: the fault is called the same. */
  readonly described?: { when(facts: F): boolean; readonly fault: string };
}

/** What a check looks at, beside who stands for whom: a change of it changes what the check finds. */
interface LooksAt {
  readonly account?: readonly ComparedField<typeof ACCOUNT_FIELDS>[];
  readonly entry?: readonly ComparedField<typeof ENTRY_FIELDS>[];
  readonly line?: readonly ComparedField<typeof LINE_FIELDS>[];
  readonly opening?: readonly (keyof Book['opening'])[];
  readonly company?: readonly Setting[];
  /** Which of them there are at all. */
  readonly there?: readonly ('accounts' | 'entries')[];
  /** What was answered beside the book. */
  readonly answers?: true;
}

/** One thing that is compared. One rule, one file, which says everything about itself; all of this shape. */
export interface Check<Id extends string = string, F extends Facts = Facts> extends Rule {
  readonly id: Id;
  readonly title: string;
  /** What is wrong where it is not met, in a few words. */
  readonly fault: string;
  /** What is wrong by other words where the facts say so, none of which the key says; null: as `fault` has it. */
  calls?(facts: F): string | null;
  /** What was misunderstood, in a few words: told only where it is told what belongs there; null: nothing that has a name. */
  misunderstood?(facts: F): string | null;
  /** What it compares, for the instructor. */
  readonly compares: string;
  readonly looksAt: LooksAt;
  /** The checks of the same thing whose fault takes this one along. */
  readonly follows?: readonly Rule[];
  /** What a work has to say so that it can be judged; absent: nothing in particular. */
  readonly needs?: Saying;
  /** The kind of cause of a difference in a statement that a fault found here answers for. */
  readonly answersFor?: CauseKind;
  readonly undone?: Undone<F>;
  /** Whether what is wrong can be an amount alone. */
  readonly isFigure?: true;
  /** What an exercise is about where this counts, too, with what was left out altogether; absent: nowhere. */
  readonly aims?: readonly Aim[];
  run(marking: Marking): Finding<F>[];
  /** The note for the student; a sentence is what is there. */
  says(facts: F, outcome: Outcome): Words;
}
