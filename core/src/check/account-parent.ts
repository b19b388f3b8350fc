import { ancestorsOf } from '../book/place.js';
import type { Check } from './check.js';
import { allPass, eachAccount } from './each-account.js';

export const accountParent: Check = {
  id: 'account.parent',
  title: 'Under the right account',
  fault: 'Not under its account',
  compares: 'An account that the key puts under another stands under the one that stands for it.',
  points: 1,
  run: (marking) =>
    eachAccount(marking, ['account.statement', 'account.section'], ({ key, works }) => {
      const { parent } = key;
      if (parent === null) return null;
      const parents = marking.pairOf(parent)?.works.map((work) => work.id) ?? [];
      const { outcome, odd } = allPass(works, (account) =>
        ancestorsOf(marking.work, account).some((each) => parents.includes(each.id)),
      );
      const facts = () => ({
        name: odd?.name ?? key.name,
        parent: marking.keyAccount(parent)?.name ?? parent,
      });
      const lost = marking.rootsOf(
        `account.present:${parent}`,
        `account.statement:${parent}`,
        `account.section:${parent}`,
      );
      if (outcome === 'not-met' && works.length > 0 && lost.length > 0)
        return { outcome: 'follows', facts, from: lost };
      return { outcome, facts };
    }),
  says: (facts, outcome) =>
    outcome === 'met'
      ? `Under “${String(facts['parent'])}”, as it should be.`
      : `“${String(facts['name'])}” belongs under “${String(facts['parent'])}”, so that both are seen together.`,
};
