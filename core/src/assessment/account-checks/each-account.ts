import type { Account } from '../../model/book/book.js';
import type { Accepted } from '../key/answer-key.js';
import type { Pair } from '../key/recognise.js';
import type { Facts } from '../../model/refusal/refusal.js';
import { accountPresent } from './account-present.js';
import {
  aboutAccount,
  refOf,
  refsTo,
  type Finding,
  type Outcome,
  type Rule,
  type Subject,
} from '../check/finding.js';
import type { Check } from '../check/check.js';
import type { Marking } from '../check/marking.js';

/** What an account check looks at: the key's account and the one (or several) that stand for it. */
export interface Seen {
  readonly key: Account;
  readonly works: readonly Account[];
  readonly accepted: Accepted;
}

type Verdict<F extends Facts> = Pick<Finding<F>, 'outcome' | 'facts' | 'from'>;

/**
 * Runs an account check over the key's accounts. A missing account takes everything about it along; a fault of a
 * check that this one follows takes it along where it finds a fault, too.
 */
export function eachAccount<F extends Facts>(
  marking: Marking,
  { id, needs, follows = [] }: Pick<Check, 'id' | 'needs' | 'follows'>,
  judge: (seen: Seen) => Verdict<F> | null,
): Finding<F>[] {
  const found: Finding<F>[] = [];
  const after = [accountPresent, ...follows];
  for (const { seen, subject, isThere } of lookedAt(marking)) {
    const judged = judge(seen);
    if (!judged) continue;
    if (needs && isThere && !marking.says(needs, seen.works))
      found.push({ subject, outcome: 'cannot-judge', facts: judged.facts });
    else if (judged.outcome === 'met' && isThere)
      found.push({ subject, outcome: 'met', facts: judged.facts });
    else if (
      judged.outcome === 'not-met' &&
      isReportedAtFirst(marking, found, { id, key: seen.key })
    )
      found.push({
        subject,
        outcome: 'follows',
        facts: judged.facts,
        from: [refOf(id, firstOf(marking, seen.key))],
      });
    else found.push({ subject, ...followed(marking, { key: seen.key, after }, judged) });
  }
  return found;
}

/** The first of the key's accounts that stand for the same together. */
const firstOf = (marking: Marking, key: Account): Account => marking.pairOf(key.id)?.keys[0] ?? key;

/** Whether the same fault was found at the first of the key's accounts that stand together: it is one fault. */
function isReportedAtFirst(
  marking: Marking,
  found: readonly Finding[],
  { key }: { readonly id: string; readonly key: Account },
): boolean {
  const first = firstOf(marking, key);
  return (
    first.id !== key.id &&
    found.some(({ subject, outcome }) => subject.id === first.id && outcome === 'not-met')
  );
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
    const seen = { key, works: pair?.works ?? NONE, accepted: withTypesOf(pair, accepted) };
    list.push({ seen, subject: aboutAccount(key.id), isThere: pair !== null });
  }
  lists.set(marking, list);
  return list;
}

const NONE: readonly Account[] = [];

/** Where one account stands for several of the key's, the type of each of them is right. */
const withTypesOf = (pair: Pair | null, accepted: Accepted): Accepted =>
  pair === null || pair.keys.length < 2
    ? accepted
    : { ...accepted, types: [...accepted.types, ...pair.keys.flatMap(({ type }) => type ?? [])] };

interface Following {
  readonly key: Account;
  /** The checks that it follows, that the account is there first among them. */
  readonly after: readonly Rule[];
}

function followed<F extends Facts>(
  marking: Marking,
  { key, after }: Following,
  judged: Verdict<F>,
): Verdict<F> {
  const { outcome, facts } = judged;
  if (outcome === 'cannot-judge') return { outcome, facts };
  const checks = outcome === 'met' ? [accountPresent] : after;
  const from = marking.rootsOf(...refsTo(checks, key.id));
  if (from.length > 0) return { outcome: 'follows', facts, from };
  return { outcome, facts, from: judged.from ?? NOTHING };
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
