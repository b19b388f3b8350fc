import type { Account } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import type { Marking } from '../check/marking.js';
import { addedUp } from '../key/entry-view.js';
import type { EntryPair } from '../key/pair-entries.js';

const openingOfPair = (marking: Marking, keys: readonly Account[], works: readonly Account[]) =>
  works.reduce((sum, { id }) => sum + (marking.workTraits.get(id)?.opening ?? 0), 0) -
  keys.reduce((sum, { id }) => sum + (marking.keyTraits.get(id)?.opening ?? 0), 0);

/** The work's account that opens with just what a missing one opens with, beside what is its own. */
function byOpening(marking: Marking, opening: Amount): Account | null {
  if (opening === 0) return null;
  const { recognition } = marking.compared;
  const taken = recognition.pairs.find(
    ({ keys, works }) => openingOfPair(marking, keys, works) === opening,
  );
  const alone = [...marking.workTraits.values()].find(
    (each) => each.opening === opening && !recognition.byWork.has(each.account.id),
  );
  return taken?.works[0] ?? alone?.account ?? null;
}

/** Where the amount of a missing account stands in the entry that is recorded instead. */
function accountIn({ keys, works }: EntryPair, missing: number): number | null {
  const wanted = addedUp(keys);
  const amount = wanted.get(missing);
  if (amount === undefined) return null;
  const more = [...addedUp(works)].find(
    ([pairIndex, sum]) => sum - (wanted.get(pairIndex) ?? 0) === amount,
  );
  return more?.[0] ?? null;
}

/** The account of the work on which the amounts of a missing account of the key stand; null where on none. */
export function standsOn(marking: Marking, account: Account): string | null {
  const { key, work } = marking;
  const opening = marking.keyTraits.get(account.id)?.opening ?? 0;
  const opens = byOpening(marking, opening);
  if (opens) return opens.name;
  const at = key.book.accounts.findIndex(({ id }) => id === account.id);
  for (const pair of marking.compared.entryPairs) {
    if (pair.agrees || pair.works.length === 0) continue;
    const on = accountIn(pair, at);
    if (on === null) continue;
    const found = on < 0 ? work.accounts[-1 - on] : key.book.accounts[on];
    const pairedTo = on < 0 ? null : marking.pairOf(found?.id ?? '')?.works[0];
    return (pairedTo ?? found)?.name ?? null;
  }
  return null;
}
