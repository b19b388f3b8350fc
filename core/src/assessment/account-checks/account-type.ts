import { accountStatement } from './account-statement.js';
import { accountSection } from './account-section.js';
import { accountContra } from './account-contra.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';
import { placeFacts, whyThere, placedAlike, type PlaceFacts } from './place-facts.js';
import { AIMS } from '../../model/exercise-shapes/key-rules.js';
import { atEach } from '../check/worth.js';

/** `also`: another type that is right, too, and was chosen; `why`: the reason that the key gives for it. */
type Found = PlaceFacts & { readonly also?: string; readonly why?: string };

const sentence = (why = ''): string => (why === '' ? '' : ` ${why.replace(/\.?$/, '.')}`);

export const accountType: Check<'account.type', Found> = {
  id: 'account.type',
  title: 'Account type',
  fault: 'Of another type',
  compares: 'The account is of the key’s type, or of one that the key accepts.',
  looksAt: { account: ['type'] },
  follows: [accountStatement, accountSection, accountContra],
  undone: { isUndone: ({ type }) => type === null },
  needs: 'type',
  aims: AIMS,
  points: { ...atEach(2), types: 3 },
  run: (marking) =>
    eachAccount(marking, accountType, ({ key, works, accepted }) => {
      if (key.type === null) return null;
      if (placedAlike(marking, key, works))
        return { outcome: 'met', facts: () => placeFacts(marking, key, works[0] ?? null) };
      const right = [key.type, ...accepted.types];
      const { outcome, odd } = allPass(works, (account) => right.includes(account.type ?? ''));
      const also = works.find(({ type }) => outcome === 'met' && type !== key.type) ?? null;
      const why = accepted.reason ?? '';
      const facts = (): Found => {
        const place = placeFacts(marking, key, odd ?? also);
        return also ? { ...place, also: place.type ?? '', why } : place;
      };
      return { outcome, facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met' && facts.also !== undefined)
      return `“${facts.name}” is set up as ${facts.also}, which is right, too.${sentence(facts.why)}`;
    if (outcome === 'met') return `Of the type ${facts.rightType}, as it should be.`;
    if (outcome === 'cannot-judge') return NOT_SAID.type;
    return {
      there: `“${facts.name}” is set up as ${facts.type ?? 'no type'}.`,
      belongs: `It is ${facts.rightType}.`,
      why: whyThere(facts),
      now: `Change its type to ${facts.rightType}; it stays in ${facts.rightSection}.`,
    };
  },
};
