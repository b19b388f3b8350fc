import { bandOfType, bandNameAt, inBand, type Band } from '../../model/numbering/number-plan.js';
import { accountStatement } from './account-statement.js';
import { accountSection } from './account-section.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';
import { atEach } from '../check/worth.js';

type Found = {
  readonly name: string;
  readonly number: string | null;
  readonly band: string;
  /** What the number is kept for. */
  readonly found: string | null;
};

export const accountNumberInBand: Check<'account.number-in-band', Found> = {
  id: 'account.number-in-band',
  title: 'Number in its band',
  fault: 'Number outside its band',
  compares: 'The number lies in the band that the number plan keeps for the account’s place.',
  looksAt: { account: ['number'] },
  follows: [accountStatement, accountSection],
  undone: {
    isUndone: ({ number }) => number === null,
    described: { when: ({ number }) => number === null, fault: 'No number yet' },
  },
  needs: 'numbers',
  aims: ['setting-up', 'numbers'],
  points: { ...atEach(1), numbers: 3 },
  run: (marking) =>
    eachAccount(marking, accountNumberInBand, ({ key, works, accepted }) => {
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
      return { outcome, facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `${facts.number} lies in ${facts.band}.`;
    if (outcome === 'cannot-judge') return NOT_SAID.numbers;
    const now = `Give it a free number in ${facts.band}.`;
    const belongs = `It belongs in ${facts.band}.`;
    if (facts.number === null) return { there: `“${facts.name}” has no number.`, belongs, now };
    const found = facts.found === null ? 'in no band of the plan' : `a number for ${facts.found}`;
    return {
      there: `“${facts.name}” has the number ${facts.number}, ${found}.`,
      belongs,
      why: 'Each section has its own numbers, so that the number alone says where an account stands.',
      now,
    };
  },
};
