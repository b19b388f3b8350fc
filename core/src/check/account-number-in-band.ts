import { bandOfType, bandNameAt, inBand, type Band } from '../numbering/number-plan.js';
import type { Check } from './check.js';
import { allPass, eachAccount } from './each-account.js';

export const accountNumberInBand: Check = {
  id: 'account.number-in-band',
  title: 'Number in its band',
  fault: 'Number outside its band',
  undone: { fact: 'number', fault: 'No number yet' },
  compares: 'The number lies in the band that the number plan keeps for the account’s place.',
  points: 1,
  run: (marking) =>
    eachAccount(marking, ['account.statement', 'account.section'], ({ key, works, accepted }) => {
      const { numberPlan, scheme } = marking.key.book;
      if (!numberPlan || key.number === null || accepted.number === 'any') return null;
      const bands = [key.type, ...accepted.types].flatMap((type): Band[] => {
        const band = bandOfType(numberPlan, scheme, type);
        return band ? [band] : [];
      });
      const [band] = bands;
      if (!band) return null;
      const { outcome, odd } = allPass(works, ({ number }) =>
        bands.some((each) => number !== null && inBand(each, number)),
      );
      const number = odd?.number ?? null;
      const facts = () => ({
        name: odd?.name ?? key.name,
        number,
        band: `${band.from}–${band.to}`,
        found: number === null ? null : bandNameAt(numberPlan, scheme, number),
      });
      return {
        outcome: marking.hasNumbers || works.length === 0 ? outcome : 'cannot-judge',
        facts,
      };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `${String(facts['number'])} lies in ${String(facts['band'])}.`;
    if (outcome === 'cannot-judge') return 'The work has no account numbers.';
    if (facts['number'] === null)
      return `“${String(facts['name'])}” has no number; it belongs in ${String(facts['band'])}.`;
    const found =
      facts['found'] === null ? 'in no band of the plan' : `a number for ${String(facts['found'])}`;
    return `${String(facts['number'])} is ${found}; “${String(facts['name'])}” belongs in ${String(facts['band'])}.`;
  },
};
