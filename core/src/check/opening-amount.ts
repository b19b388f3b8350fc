import { openingOf } from '../book/book.js';
import type { Check } from './check.js';
import { refOf } from './finding.js';
import { openingSide } from './opening-side.js';
import { eachAccount } from './each-account.js';
import { leftoversOf } from './leftovers.js';
import type { Marking } from './marking.js';
import { leftoverFaults, missingFaults } from './standing-in.js';
import {
  isTurnedRound,
  opensHere,
  openingFacts,
  openingsOf,
  type OpeningFacts,
  type Openings,
} from './opening-facts.js';

/** Where just what a missing account opens with stands here, or what is missing here stands on one too many. */
function standInFor(marking: Marking, { wanted, found }: Openings): string[] {
  const more = found - wanted;
  const missing = [...marking.keyTraits.values()].find(
    ({ account, opening }) => opening === more && !marking.pairOf(account.id),
  );
  if (missing) return missingFaults(marking, [missing.account.id]);
  const left = leftoversOf(marking).find(
    ({ account }) => marking.workTraits.get(account.id)?.opening === -more,
  );
  return left ? leftoverFaults(marking, [left.account.id]) : [];
}

type Found = OpeningFacts;

export const openingAmount: Check<'opening.amount', Found> = {
  id: 'opening.amount',
  title: 'Opening amount',
  fault: 'Opening amount not right',
  compares: 'The opening balance is the key’s, by table or by entry; none where the key has none.',
  answersFor: 'opening',
  undone: { isUndone: ({ id }, { work }) => openingOf(work, id) === 0 },
  points: 1,
  run: (marking) =>
    eachAccount(marking, openingAmount, ({ key, works }) => {
      const openings = openingsOf(marking, key, works);
      if (!opensHere(marking, key, openings)) return null;
      const facts = () => openingFacts(marking, works[0]?.name ?? key.name, openings);
      const right = works.length > 0 && openings.found === openings.wanted;
      const turned = isTurnedRound(openings) ? marking.rootsOf(refOf(openingSide.id, key)) : [];
      const from = right || turned.length > 0 ? turned : standInFor(marking, openings);
      if (from.length > 0) return { outcome: 'follows', facts, from };
      return { outcome: right ? 'met' : 'not-met', facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met')
      return facts.wantedSide === null
        ? `No ${facts.isClosing ? 'balance' : 'opening balance'}, as it should be.`
        : `${facts.isClosing ? 'Stands' : 'Opened'} at ${facts.wanted} in ${facts.wantedSide}.`;
    const [none, has, should] = facts.isClosing
      ? ['has no balance', 'stands at', 'it should stand at']
      : ['has no opening balance', 'opens at', 'it should open at'];
    const found = facts.foundSide === null ? none : `${has} ${facts.found} in ${facts.foundSide}`;
    const wanted =
      facts.wantedSide === null
        ? 'it should have none'
        : `${should} ${facts.wanted} in ${facts.wantedSide}`;
    return `“${facts.name}” ${found}; ${wanted}.`;
  },
};
