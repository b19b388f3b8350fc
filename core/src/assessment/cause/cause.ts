import type { Amount } from '../../model/money/amount.js';
import type { Scheme } from '../../model/scheme/scheme.js';
import type { StatementLine } from '../../accounting/statement/lines.js';

export type CauseKind = 'placement' | 'opening' | 'entry' | 'account';

/** An amount that stands (or, negative, no longer stands) in a section: debit positive. */
export interface Shift {
  readonly scheme: Scheme;
  readonly section: string;
  readonly amount: Amount;
}

/** One reason for differences between a student's statement and the key's. */
export interface Cause {
  readonly kind: CauseKind;
  /** `key`: an account or entry of the key; `work`: one that only the work has. */
  readonly of: 'key' | 'work';
  readonly id: string;
  readonly shifts: readonly Shift[];
}

/** What a cause adds to a line of a statement: in the line's own sign. */
export function shareOf(cause: Cause, line: StatementLine): Amount {
  let share = 0;
  for (const { scheme, section, amount } of cause.shifts)
    share += line.weigh(scheme, section) * amount;
  return share === 0 ? 0 : share;
}
