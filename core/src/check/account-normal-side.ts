import { normalSide, typeOf } from '../scheme/scheme.js';
import type { Check } from './check.js';
import { allPass, eachAccount } from './each-account.js';
import { placeFacts } from './place-facts.js';

/** A question asked beside the place; an answer that fits a place already marked wrong follows from it. */
export const accountNormalSide: Check = {
  id: 'account.normal-side',
  title: 'Normal side, asked',
  fault: 'The normal side not known',
  compares:
    'What the student answers when asked for an account’s normal side. With points here, the question is asked.',
  points: 0,
  run: (marking) =>
    eachAccount(marking, [], ({ key, works }) => {
      const type = typeOf(marking.key.book.scheme, key.type);
      if (!type) return null;
      const right = normalSide(marking.key.book.scheme, type);
      const { outcome, odd } = allPass(works, (account) => account.statedSide === right);
      const stated = odd?.statedSide ?? null;
      const facts = () => ({ ...placeFacts(marking, key, odd), side: right, stated });
      const own = odd && typeOf(marking.work.scheme, odd.type);
      const fitsItsPlace = own && stated === normalSide(marking.work.scheme, own);
      const roots = fitsItsPlace
        ? marking.rootsOf(...PLACE_CHECKS.map((check) => `${check}:${key.id}`))
        : [];
      return outcome === 'not-met' && roots.length > 0
        ? { outcome: 'follows', facts, from: roots }
        : { outcome, facts };
    }),
  says(facts, outcome) {
    const name = String(facts['name']);
    const side = String(facts['side']);
    if (outcome === 'met') return `It normally stands in ${side}, as answered.`;
    return facts['stated'] === null || facts['stated'] === undefined
      ? `The normal side of “${name}” was asked and not answered; it is ${side}.`
      : `“${name}” normally stands in ${side}, not in ${String(facts['stated'])}. ${String(facts['rightType'])}: ${String(facts['says'])}`;
  },
};

const PLACE_CHECKS = ['account.statement', 'account.section', 'account.contra', 'account.type'];
