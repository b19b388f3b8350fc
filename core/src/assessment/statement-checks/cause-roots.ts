import type { Cause } from '../cause/cause.js';
import { typeOf } from '../../model/scheme/scheme.js';
import { isRequired } from '../entry-checks/each-entry.js';
import { isSuspense } from '../check/leftovers.js';
import { leftoverFaults } from '../account-checks/standing-in.js';
import { accountPresent } from '../account-checks/account-present.js';
import { accountSection } from '../account-checks/account-section.js';
import { accountStatement } from '../account-checks/account-statement.js';
import { entryAmounts } from '../entry-checks/entry-amounts.js';
import { entryDate } from '../entry-checks/entry-date.js';
import { entryExtra } from '../entry-checks/entry-extra.js';
import { entryKind } from '../entry-checks/entry-kind.js';
import { entryPresent } from '../entry-checks/entry-present.js';
import { openingAmount } from '../opening-checks/opening-amount.js';
import { openingBalanced } from '../opening-checks/opening-balanced.js';
import { openingDate } from '../opening-checks/opening-date.js';
import { openingSuspenseEmpty } from '../opening-checks/opening-suspense-empty.js';
import { refOf, refsTo, type Rule } from '../check/finding.js';
import type { Marking } from '../check/marking.js';

/**
 * Who answers for a cause: the results not met that marked it down already, or nobody. `accepted` means
 * that the key accepts what the cause is, so it costs nothing.
 */
export interface Answer {
  readonly roots: readonly string[];
  readonly accepted: boolean;
}

/** Who answers for a cause of a difference in a statement. */
export function answerFor(marking: Marking, cause: Cause): Answer {
  switch (cause.kind) {
    case 'placement':
      return answer(marking, pairRefs(marking, cause.id, [accountStatement, accountSection]));
    case 'opening':
      return openingAnswer(marking, cause.id);
    case 'entry':
      return entryAnswer(marking, cause);
    case 'account':
      return accountAnswer(marking, cause);
  }
}

/** Roots of the results named; accepted when they exist and all are met. */
function answer(marking: Marking, refs: readonly string[]): Answer {
  const roots = marking.rootsOf(...refs);
  if (roots.length > 0) return { roots, accepted: false };
  const found = refs.map((ref) => marking.result(ref)).filter((result) => result !== null);
  const accepted = found.length > 0 && found.every((result) => result.outcome === 'met');
  return { roots, accepted };
}

function pairRefs(marking: Marking, keyAccount: string, checks: readonly Rule[]): string[] {
  const keys = marking.pairOf(keyAccount)?.keys ?? [];
  return keys.flatMap(({ id }) => refsTo(checks, id));
}

function openingAnswer(marking: Marking, keyAccount: string): Answer {
  const account = marking.keyAccount(keyAccount);
  const role = typeOf(marking.key.book.scheme, account?.type ?? null)?.role;
  const amounts = answer(marking, pairRefs(marking, keyAccount, [openingAmount]));
  if (role === 'suspense' && amounts.roots.length === 0)
    return {
      roots: marking.rootsOf(openingBalanced.id, openingSuspenseEmpty.id),
      accepted: false,
    };
  if (!amounts.accepted) return amounts;
  const dates = answer(marking, [openingDate.id]);
  return { roots: dates.roots, accepted: dates.roots.length === 0 };
}

function entryAnswer(marking: Marking, cause: Cause): Answer {
  const pair =
    cause.of === 'key' ? marking.entryPairOf(cause.id) : marking.entryPairOfWork(cause.id);
  if (!pair) return { roots: [], accepted: false };
  if (pair.keys.length === 0) {
    const refs = pair.works.map((view) => refOf(entryExtra.id, view.entry));
    return pair.agrees ? { roots: [], accepted: true } : answer(marking, refs);
  }
  if (pair.isEquivalent) return { roots: [], accepted: true };
  const checks = [entryPresent, entryAmounts, entryDate, entryKind];
  const refs = pair.keys.flatMap(({ entry }) => refsTo(checks, entry.id));
  const optional = pair.works.length === 0 && refs.every((ref) => marking.result(ref) === null);
  return optional && !isRequired(marking, cause.id)
    ? { roots: [], accepted: true }
    : answer(marking, refs);
}

function accountAnswer(marking: Marking, cause: Cause): Answer {
  if (cause.of === 'key') {
    const optional = marking.keyAccount(cause.id) && !marking.acceptedFor(cause.id).required;
    return optional
      ? { roots: [], accepted: true }
      : answer(marking, [refOf(accountPresent.id, cause)]);
  }
  const account = marking.workTraits.get(cause.id)?.account;
  return !account || isSuspense(marking.work.scheme, account)
    ? { roots: marking.rootsOf(openingBalanced.id, openingSuspenseEmpty.id), accepted: false }
    : { roots: leftoverFaults(marking, [cause.id]), accepted: false };
}
