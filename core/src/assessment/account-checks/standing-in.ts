import type { Amount } from '../../model/money/amount.js';
import { accountDuplicate } from './account-duplicate.js';
import { accountLeftover } from './account-leftover.js';
import { accountPresent } from './account-present.js';
import { refOf } from '../check/finding.js';
import type { Marking } from '../check/marking.js';

/** The faults of an account of the work that is too many: that it is, or that it repeats another. */
export const leftoverFaults = (marking: Marking, ids: readonly string[]): string[] =>
  marking.rootsOf(
    ...ids.flatMap((id) =>
      [accountLeftover, accountDuplicate].map((check) => refOf(check.id, { id })),
    ),
  );

/** The faults of accounts of the key that nothing stands for. */
export const missingFaults = (marking: Marking, ids: readonly string[]): string[] =>
  marking.rootsOf(...ids.map((id) => refOf(accountPresent.id, { id })));

interface Sorted {
  readonly missing: readonly string[];
  readonly leftover: readonly string[];
  /** What is more on accounts without a partner, and on the others. */
  readonly alone: readonly Amount[];
  readonly paired: readonly Amount[];
}

function sorted(marking: Marking, differing: ReadonlyMap<number, Amount>): Sorted {
  const missing: string[] = [];
  const leftover: string[] = [];
  const alone: Amount[] = [];
  const paired: Amount[] = [];
  for (const [pairIndex, amount] of differing) {
    const key = pairIndex >= 0 ? marking.key.book.accounts[pairIndex] : undefined;
    const work = pairIndex < 0 ? marking.work.accounts[-1 - pairIndex] : undefined;
    if (key && marking.pairOf(key.id)) paired.push(amount);
    else {
      alone.push(amount);
      if (key) missing.push(key.id);
      if (work) leftover.push(work.id);
    }
  }
  return { missing, leftover, alone, paired };
}

/** Whether each amount is what another account lacks, and the rest of those without a partner stand for each other. */
function isMadeUp(paired: readonly Amount[], alone: readonly Amount[]): boolean {
  const left = [...alone];
  for (const amount of paired) {
    const at = left.indexOf(-amount);
    if (at < 0) return false;
    left.splice(at, 1);
  }
  return left.reduce((sum, each) => sum + each, 0) === 0;
}

/**
 * The faults that an entry follows from: where it differs only because an account is missing, whatever stands in for
 * it, or because what belongs elsewhere went to one that is too many. None where something else is wrong, too.
 */
export function standInFaults(marking: Marking, differing: ReadonlyMap<number, Amount>): string[] {
  const { missing, leftover, alone, paired } = sorted(marking, differing);
  if (!isMadeUp(paired, alone)) return [];
  return [...missingFaults(marking, missing), ...leftoverFaults(marking, leftover)];
}
