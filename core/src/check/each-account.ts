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

type Verdict = Pick<Finding, 'outcome' | 'facts'> & { readonly from?: readonly string[] };

/**
 * Runs an account check over the key's accounts. A missing account takes everything about it along; a
 * fault named in `after` (as check ids) takes this check along when it finds a fault, or always when
 * `judge` answers that nothing can be right any more.
 */
export function eachAccount(
  marking: Marking,
  after: readonly string[],
  judge: (seen: Seen) => Verdict | null,
): Finding[] {
  const found: Finding[] = [];
  for (const { seen, subject, isThere } of lookedAt(marking)) {
    const judged = judge(seen);
    if (!judged) continue;
    if (judged.outcome === 'met' && isThere)
      found.push({ subject, outcome: 'met', facts: judged.facts });
    else found.push(followed(marking, after, { seen, subject, isThere }, judged));
  }
  return found;
}

/** An account that checks look at, and whether something stands for it. */
interface LookedAt {
  readonly seen: Seen;
  readonly subject: Subject;
  readonly isThere: boolean;
}

const lists = new WeakMap<Marking, readonly LookedAt[]>();

/** The accounts of the key that are asked for or there: told once for all the checks of a work. */
function lookedAt(marking: Marking): readonly LookedAt[] {
  const known = lists.get(marking);
  if (known) return known;
  const list: LookedAt[] = [];
  for (const key of marking.key.book.accounts) {
    const accepted = marking.acceptedFor(key.id);
    const pair = marking.pairOf(key.id);
    if (!pair && !accepted.required) continue;
    const seen = { key, works: pair?.works ?? NONE, accepted };
    list.push({ seen, subject: aboutAccount(key.id), isThere: pair !== null });
  }
  lists.set(marking, list);
  return list;
}

const NONE: readonly Account[] = [];

function followed(
  marking: Marking,
  after: readonly string[],
  { seen, subject }: LookedAt,
  judged: Verdict,
): Finding {
  const { outcome, facts } = judged;
  if (outcome === 'cannot-judge') return { subject, outcome, facts };
  const refs = ['account.present', ...(outcome === 'met' ? [] : after)];
  const from = marking.rootsOf(...refs.map((check) => `${check}:${seen.key.id}`));
  if (from.length > 0) return { subject, outcome: 'follows', facts, from };
  return { subject, outcome, facts, from: judged.from ?? NOTHING };
}

const NOTHING: readonly string[] = [];

/** Met when all of the accounts pass, with the name of the first that doesn't. */
export function allPass(
  works: readonly Account[],
  passes: (account: Account) => boolean,
): { outcome: Outcome; odd: Account | null } {
  const odd = works.find((account) => !passes(account)) ?? null;
  return { outcome: works.length > 0 && !odd ? 'met' : 'not-met', odd: odd ?? works[0] ?? null };
}
