import type { Check } from '../check/check.js';
import { eachAccount } from '../account-checks/each-account.js';
import {
  isTurnedRound,
  opensHere,
  openingFacts,
  openingsOf,
  type OpeningFacts,
} from './opening-facts.js';
import { atEach } from '../check/worth.js';

type Found = OpeningFacts;

export const openingSide: Check<'opening.side', Found> = {
  id: 'opening.side',
  title: 'Opening side',
  fault: 'Opening balance on the wrong side',
  calls: ({ isClosing }) => (isClosing ? 'Balance on the wrong side' : null),
  compares: 'An opening balance stands on the key’s side, debit or credit.',
  looksAt: { opening: ['balances'] },
  answersFor: 'opening',
  aims: ['setting-up', 'books'],
  points: atEach(1),
  run: (marking) =>
    eachAccount(marking, openingSide, ({ key, works }) => {
      const openings = openingsOf(marking, key, works);
      if (openings.wanted === 0 || !opensHere(marking, key, openings)) return null;
      const facts = () => openingFacts(marking, works[0]?.name ?? key.name, openings);
      if (works.length > 0 && openings.found === 0)
        return { outcome: 'follows', facts, from: [`opening.amount:${key.id}`] };
      return { outcome: isTurnedRound(openings) || works.length === 0 ? 'not-met' : 'met', facts };
    }),
  says(facts, outcome) {
    const what = facts.isClosing ? 'balance' : 'opening balance';
    if (outcome === 'met') return `The ${what} stands in ${facts.wantedSide}.`;
    const name = `“${facts.name}”`;
    return facts.foundSide === null
      ? {
          there: `${name} has no ${what}.`,
          belongs: `${facts.wanted} belongs in ${facts.wantedSide}.`,
        }
      : {
          there: `The ${what} of ${name}, ${facts.found}, stands in ${facts.foundSide}.`,
          belongs: `It belongs in ${facts.wantedSide}.`,
          why: 'What the business owns stands in debit, what it owes and what belongs to the owners in credit; what lowers another account stands on the other side from it.',
          now: `Move it to ${facts.wantedSide}.`,
        };
  },
};
