import type { Side } from '../../model/money/side.js';
import { normalSide, typeOf } from '../../model/scheme/scheme.js';
import { accountContra } from './account-contra.js';
import { accountSection } from './account-section.js';
import { accountStatement } from './account-statement.js';
import { accountType } from './account-type.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { refsTo } from '../check/finding.js';
import { allPass, eachAccount } from './each-account.js';
import { placeFacts, type PlaceFacts } from './place-facts.js';
import { AIMS } from '../../model/exercise-shapes/key-rules.js';
import { atEach } from '../check/worth.js';

type Found = PlaceFacts & { readonly side: Side; readonly stated: Side | null };

/** A question asked beside the place; an answer that fits a place already marked wrong follows from it. */
export const accountNormalSide: Check<'account.normal-side', Found> = {
  id: 'account.normal-side',
  title: 'Normal side, asked',
  fault: 'The normal side not known',
  compares:
    'What the student answers when asked for an account’s normal side. With points here, the question is asked.',
  looksAt: { account: ['statedSide'] },
  needs: 'normal-sides',
  aims: AIMS,
  points: atEach(0),
  run: (marking) =>
    eachAccount(marking, accountNormalSide, ({ key, works }) => {
      const type = typeOf(marking.key.book.scheme, key.type);
      if (!type) return null;
      const right = normalSide(marking.key.book.scheme, type);
      const { outcome, odd } = allPass(works, (account) => account.statedSide === right);
      const stated = odd?.statedSide ?? null;
      const facts = () => ({ ...placeFacts(marking, key, odd), side: right, stated });
      const own = odd && typeOf(marking.work.scheme, odd.type);
      const fitsItsPlace = own && stated === normalSide(marking.work.scheme, own);
      const roots = fitsItsPlace ? marking.rootsOf(...refsTo(PLACE_CHECKS, key.id)) : [];
      return outcome === 'not-met' && roots.length > 0
        ? { outcome: 'follows', facts, from: roots }
        : { outcome, facts };
    }),
  says(facts, outcome) {
    if (outcome === 'cannot-judge') return NOT_SAID['normal-sides'];
    const name = facts.name;
    const side = facts.side;
    if (outcome === 'met') return `It normally stands in ${side}, as answered.`;
    return facts.stated === null || facts.stated === undefined
      ? {
          there: `The normal side of “${name}” was asked and not answered.`,
          belongs: `It is ${side}.`,
          why: SIDES,
        }
      : {
          there: `“${name}” is said to stand in ${facts.stated} normally.`,
          belongs: `It normally stands in ${side}.`,
          why: `${facts.rightType}: ${facts.says} ${SIDES}`,
          now: `Set its normal side to ${side}.`,
        };
  },
};

const SIDES =
  'What the business owns and what it uses up stands in debit; what it owes, what the owners put in and what it earns in credit; what lowers another stands on the other side from it.';

const PLACE_CHECKS = [accountStatement, accountSection, accountContra, accountType];
