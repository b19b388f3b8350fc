import type { Account } from '../book/book.js';
import type { Accepted } from '../key/answer-key.js';
import type { Outcome, Subject } from './check.js';
import type { Finding } from './check.js';
import type { Marking } from './marking.js';

export const aboutAccount = (id: string): Subject => ({ kind: 'account', id });

/** What an account check looks at: the key's account and the one (or several) that stand for it. */
export interface Seen {
  readonly key: Account;
  readonly works: readonly Account[];
  readonly accepted: Accepted;
}

type Judged = Pick<Finding, 'outcome' | 'facts'> & { readonly from?: readonly string[] };

/**
 * Runs an account check over the key's accounts. A missing account takes everything about it along; a
 * fault named in `after` (as check ids) takes this check along when it finds a fault, or always when
 * `judge` answers that nothing can be right any more.
 */
export function eachAccount(
  marking: Marking,
  after: readonly string[],
  judge: (seen: Seen) => Judged | null,
): Finding[] {
  return marking.key.book.accounts.flatMap((key): Finding[] => {
    const accepted = marking.acceptedFor(key.id);
    const pair = marking.pairOf(key.id);
    if (!pair && !accepted.required) return [];
    const judged = judge({ key, works: pair?.works ?? [], accepted });
    if (!judged) return [];
    const subject = aboutAccount(key.id);
    const facts = { key: key.name, ...judged.facts };
    if (judged.outcome === 'cannot-judge') return [{ subject, outcome: 'cannot-judge', facts }];
    const refs = ['account.present', ...(judged.outcome === 'met' ? [] : after)];
    const from = marking.rootsOf(...refs.map((check) => `${check}:${key.id}`));
    if (from.length > 0) return [{ subject, outcome: 'follows', facts, from }];
    return [{ subject, ...judged, facts }];
  });
}

/** Met when all of the accounts pass, with the name of the first that doesn't. */
export function allPass(
  works: readonly Account[],
  passes: (account: Account) => boolean,
): { outcome: Outcome; odd: Account | null } {
  const odd = works.find((account) => !passes(account)) ?? null;
  return { outcome: works.length > 0 && !odd ? 'met' : 'not-met', odd: odd ?? works[0] ?? null };
}
