import type { Check } from './check.js';
import { eachAccount } from './each-account.js';
import { isTurnedRound, opensHere, openingFacts, openingsOf } from './opening-facts.js';

export const openingSide: Check = {
  id: 'opening.side',
  title: 'Opening side',
  fault: 'Opening balance on the wrong side',
  compares: 'An opening balance stands on the key’s side, debit or credit.',
  points: 1,
  run: (marking) =>
    eachAccount(marking, [], ({ key, works }) => {
      const openings = openingsOf(marking, key, works);
      if (openings.wanted === 0 || !opensHere(marking, key, openings)) return null;
      const facts = () => openingFacts(marking, works[0]?.name ?? key.name, openings);
      if (works.length > 0 && openings.found === 0)
        return { outcome: 'follows', facts, from: [`opening.amount:${key.id}`] };
      return { outcome: isTurnedRound(openings) || works.length === 0 ? 'not-met' : 'met', facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `The opening balance stands in ${String(facts['wantedSide'])}.`;
    const name = `“${String(facts['name'])}”`;
    return facts['foundSide'] === null
      ? `${name} has no opening balance; ${String(facts['wanted'])} belongs in ${String(facts['wantedSide'])}.`
      : `The opening balance of ${name}, ${String(facts['wanted'])}, stands in ${String(facts['foundSide'])}; it belongs in ${String(facts['wantedSide'])}.`;
  },
};
