import { accountLabel } from '../book/book.js';
import type { Check } from './check.js';
import { aboutAccount, BOOK, type Finding } from './finding.js';
import { leftoversOf } from './leftovers.js';

type Found = { readonly name?: string };

/** An account that stands for none of the key's. One that is retired and at zero is out of the way. */
export const accountLeftover: Check<'account.leftover', Found> = {
  id: 'account.leftover',
  title: 'No account too many',
  fault: 'An account too many',
  compares: 'No account in use stands for none of the key’s. Several are one fault.',
  answersFor: 'account',
  points: 1,
  run(marking) {
    const left = leftoversOf(marking).filter(({ repeats }) => repeats === null);
    if (left.length === 0) return [{ subject: BOOK, outcome: 'met', facts: () => ({}) }];
    return left.map(({ account }, i): Finding => {
      const facts = () => ({ name: accountLabel(account) });
      const bearsPoints = i === 0;
      return { subject: aboutAccount(account.id), outcome: 'not-met', facts, bearsPoints };
    });
  },
  says: (facts, outcome) =>
    outcome === 'met'
      ? 'No account is too many.'
      : `“${facts.name}” stands for no account of the key. Retire or delete it, or give its amounts to the right one.`,
};
