import type { Check } from './check.js';
import { eachAccount } from './each-account.js';
import { isTurnedRound, opensHere, openingFacts, openingsOf } from './opening-facts.js';

export const openingAmount: Check = {
  id: 'opening.amount',
  title: 'Opening amount',
  fault: 'Opening amount not right',
  compares: 'The opening balance is the key’s, by table or by entry; none where the key has none.',
  points: 1,
  run: (marking) =>
    eachAccount(marking, [], ({ key, works }) => {
      const openings = openingsOf(marking, key, works);
      if (!opensHere(marking, key, openings)) return null;
      const facts = () => openingFacts(marking, works[0]?.name ?? key.name, openings);
      const right = works.length > 0 && openings.found === openings.wanted;
      const turned = isTurnedRound(openings) ? marking.rootsOf(`opening.side:${key.id}`) : [];
      if (turned.length > 0) return { outcome: 'follows', facts, from: turned };
      return { outcome: right ? 'met' : 'not-met', facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met')
      return facts['wantedSide'] === null
        ? 'No opening balance, as it should be.'
        : `Opened at ${String(facts['wanted'])} in ${String(facts['wantedSide'])}.`;
    const found =
      facts['foundSide'] === null
        ? 'has no opening balance'
        : `opens at ${String(facts['found'])} in ${String(facts['foundSide'])}`;
    const wanted =
      facts['wantedSide'] === null
        ? 'it should have none'
        : `it should open at ${String(facts['wanted'])} in ${String(facts['wantedSide'])}`;
    return `“${String(facts['name'])}” ${found}; ${wanted}.`;
  },
};
