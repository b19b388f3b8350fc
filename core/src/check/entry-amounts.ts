import { addedUp, type EntryView } from '../key/entry-view.js';
import type { EntryPair } from '../key/pair-entries.js';
import type { Amount } from '../money/amount.js';
import { entryPresent } from './entry-present.js';
import type { Check } from './check.js';
import {
  eachEntry,
  entryLabel,
  missingAccounts,
  NO_ENTRIES,
  type EntryFacts,
} from './each-entry.js';
import type { Marking } from './marking.js';

/** Units on which both sides of a pair of entries differ: theirs less the key's. */
function differences(pair: EntryPair): Map<number, Amount> {
  const found = addedUp(pair.works);
  for (const [unit, amount] of addedUp(pair.keys)) {
    const left = (found.get(unit) ?? 0) - amount;
    if (left === 0) found.delete(unit);
    else found.set(unit, left);
  }
  return found;
}

const name = (marking: Marking, unit: number): string =>
  (unit >= 0 ? marking.key.book.accounts[unit]?.name : marking.work.accounts[-1 - unit]?.name) ??
  '';

/**
 * When an entry differs only on accounts that have no partner, the fault is theirs: the missing account
 * and what was used in its stead.
 */
function accountFaults(marking: Marking, differing: ReadonlyMap<number, Amount>, view: EntryView) {
  const missing = missingAccounts(marking, view.entry);
  const all = [...differing.keys()].every((unit) => {
    const account = marking.key.book.accounts[unit];
    return unit < 0 || (account && !marking.pairOf(account.id));
  });
  return all ? missing : [];
}

type Found = EntryFacts & { readonly odd?: readonly string[] | null };

export const entryAmounts: Check<'entry.amounts', Found> = {
  id: 'entry.amounts',
  title: 'Entry right',
  fault: 'Entry not right',
  compares: 'The entry has the key’s amounts on the key’s accounts, each on its side.',
  follows: [entryPresent],
  answersFor: 'entry',
  points: 2,
  run: (marking) =>
    eachEntry(marking, entryAmounts, (_, pair) => {
      if (!pair) return { outcome: 'not-met' };
      if (pair.agrees) return { outcome: 'met' };
      const differing = differences(pair);
      if (differing.size === 0) return { outcome: 'met' };
      const odd = () =>
        [...differing].map(
          ([unit, amount]) =>
            `${name(marking, unit)} ${marking.money(Math.abs(amount))} too much in ${amount > 0 ? 'debit' : 'credit'}`,
        );
      const from = accountFaults(marking, differing, pair.keys[0] as EntryView);
      return {
        outcome: 'not-met',
        facts: () => ({ odd: odd() }),
        ...(from.length > 0 ? { from } : {}),
      };
    }),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    if (outcome === 'met') return `Right in accounts, sides and amounts: ${entryLabel(facts)}.`;
    const odd = facts.odd;
    const what = Array.isArray(odd) ? ` ${odd.join('; ')}.` : '';
    return `Not as it should be: ${entryLabel(facts)}.${what}`;
  },
};
