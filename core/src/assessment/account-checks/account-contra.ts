import type { Side } from '../../model/money/side.js';
import { normalSide, typeOf } from '../../model/scheme/scheme.js';
import { accountStatement } from './account-statement.js';
import { accountSection } from './account-section.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';
import { placeFacts, putThere, whyThere, type PlaceFacts } from './place-facts.js';
import { atEach } from '../check/worth.js';

type Found = PlaceFacts & { readonly side: Side };

export const accountContra: Check<'account.contra', Found> = {
  id: 'account.contra',
  title: 'Contra side',
  fault: 'Without its contra side',
  compares:
    'An account that lowers another is of a contra type: it stands on the other side from its class.',
  looksAt: { account: ['type'] },
  follows: [accountStatement, accountSection],
  needs: 'type',
  aims: ['types', 'setting-up', 'books'],
  points: { ...atEach(1), types: 2 },
  run: (marking) =>
    eachAccount(marking, accountContra, ({ key, works }) => {
      const { scheme } = marking.key.book;
      const type = typeOf(scheme, key.type);
      if (!type?.contra) return null;
      const { outcome, odd } = allPass(
        works,
        (account) => typeOf(marking.work.scheme, account.type)?.contra === true,
      );
      const facts = () => ({ ...placeFacts(marking, key, odd), side: normalSide(scheme, type) });
      return { outcome, facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `A contra account, standing in ${facts.side}.`;
    if (outcome === 'cannot-judge') return NOT_SAID.type;
    return {
      there: `“${facts.name}” stands on the side of what it is there to lower.`,
      belongs: `It is a contra account: it lowers what it stands beside, and normally stands in ${facts.side}.`,
      why: whyThere(facts),
      now: putThere(facts),
    };
  },
};
