import { addedUp } from '../key/entry-view.js';
import type { EntryPair } from '../key/pair-entries.js';
import type { Amount } from '../../model/money/amount.js';
import { sideOf } from '../../model/money/side.js';
import { entryPresent } from './entry-present.js';
import type { Check } from '../check/check.js';
import { closesWhatStood } from '../check/closing-as-it-stood.js';
import { principleById } from '../principle/index.js';
import {
  eachEntry,
  entryLabel,
  NO_ENTRIES,
  rightFacts,
  rightSaid,
  type RightFacts,
} from './each-entry.js';
import { principleIn, recordedAs } from './entry-told.js';
import type { Marking } from '../check/marking.js';
import { standInFaults } from '../account-checks/standing-in.js';
import { AIMS } from '../../model/exercise-shapes/key-rules.js';
import { atEach } from '../check/worth.js';

/** Units on which both sides of a pair of entries differ: theirs less the key's. */
function differences(pair: EntryPair): Map<number, Amount> {
  const found = addedUp(pair.works);
  for (const [pairIndex, amount] of addedUp(pair.keys)) {
    const left = (found.get(pairIndex) ?? 0) - amount;
    if (left === 0) found.delete(pairIndex);
    else found.set(pairIndex, left);
  }
  return found;
}

const name = (marking: Marking, pairIndex: number): string => {
  const key = pairIndex >= 0 ? marking.key.book.accounts[pairIndex] : undefined;
  const own = key ? marking.pairOf(key.id)?.works[0] : marking.work.accounts[-1 - pairIndex];
  return `“${own?.name ?? key?.name ?? ''}”`;
};

/** What was done on one account, in words: too little, too much, on the other side, nothing, or something else's. */
function saysOf(
  marking: Marking,
  pairIndex: number,
  { wanted, found }: { readonly wanted: Amount; readonly found: Amount },
): string {
  const money = (amount: Amount) => marking.money(Math.abs(amount));
  const where = name(marking, pairIndex);
  if (found === 0) return `${money(wanted)} in ${sideOf(wanted)} is missing on ${where}`;
  if (wanted === 0) return `${money(found)} in ${sideOf(found)} does not belong on ${where}`;
  if (Math.sign(wanted) !== Math.sign(found))
    return `${where} has ${money(found)} in ${sideOf(found)} instead of ${money(wanted)} in ${sideOf(wanted)}`;
  const how = Math.abs(found) > Math.abs(wanted) ? 'much' : 'little';
  return `${money(found - wanted)} too ${how} in ${sideOf(wanted)} on ${where}`;
}

const TURNED_ROUND = 'debit and credit are turned round';

function oddOf(marking: Marking, pair: EntryPair, differing: ReadonlyMap<number, Amount>) {
  const wanted = addedUp(pair.keys);
  const found = addedUp(pair.works);
  const isTurned =
    found.size === wanted.size &&
    [...wanted].every(([pairIndex, amount]) => found.get(pairIndex) === -amount);
  if (isTurned) return [TURNED_ROUND];
  return [...differing.keys()].map((pairIndex) =>
    saysOf(marking, pairIndex, {
      wanted: wanted.get(pairIndex) ?? 0,
      found: found.get(pairIndex) ?? 0,
    }),
  );
}

type Found = RightFacts & {
  readonly odd?: readonly string[] | null;
  /** As it is recorded. */
  readonly recorded?: string;
  /** What it goes against. */
  readonly principle?: string;
};

const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);

export const entryAmounts: Check<'entry.amounts', Found> = {
  id: 'entry.amounts',
  title: 'Entry right',
  fault: 'Entry not right',
  misunderstood: ({ principle }) => principleById(principle)?.fault ?? null,
  compares: 'The entry has the key’s amounts on the key’s accounts, each on its side.',
  looksAt: { line: ['account', 'amount'] },
  follows: [entryPresent],
  answersFor: 'entry',
  isFigure: true,
  aims: AIMS,
  points: { ...atEach(9), books: 6, numbers: 11 },
  run: (marking) =>
    eachEntry<Found>(marking, entryAmounts, (entry, pair) => {
      if (!pair) return { outcome: 'not-met' };
      if (pair.agrees) return { outcome: 'met' };
      const differing = differences(pair);
      if (differing.size === 0 || closesWhatStood(marking, pair, differing))
        return { outcome: 'met' };
      const from = standInFaults(marking, differing);
      return {
        outcome: 'not-met',
        facts: () => {
          const principle = principleIn(marking, pair);
          return {
            odd: oddOf(marking, pair, differing),
            recorded: recordedAs(marking, pair.works),
            ...rightFacts(marking, entry),
            ...(principle ? { principle } : {}),
          };
        },
        ...(from.length > 0 ? { from } : {}),
      };
    }),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NO_ENTRIES;
    if (outcome === 'met') return `Right in accounts, sides and amounts: ${entryLabel(facts)}.`;
    const { odd, recorded = '', principle, why = '' } = facts;
    const what = Array.isArray(odd) ? ` ${capital(odd.join('; '))}.` : '';
    return {
      there: recorded === '' ? '' : `Recorded as: ${recorded}.`,
      belongs: `Not as it should be: ${entryLabel(facts)}.${what} ${rightSaid(facts)}`.trim(),
      why: principleById(principle)?.says ?? why,
      now: 'Change the entry, or reverse it and record it anew.',
    };
  },
};
