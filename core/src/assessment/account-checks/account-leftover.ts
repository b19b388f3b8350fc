import { accountLabel } from '../../model/book/book.js';
import type { Check } from '../check/check.js';
import { aboutAccount, BOOK, type Finding } from '../check/finding.js';
import { leftoversOf } from '../check/leftovers.js';
import { atEach } from '../check/worth.js';

type Found = { readonly name?: string; readonly why?: string };

/** An account that stands for none of the key's. One that is retired and at zero is out of the way. */
export const accountLeftover: Check<'account.leftover', Found> = {
  id: 'account.leftover',
  title: 'No account too many',
  fault: 'An account too many',
  compares:
    'No account in use stands for none of the key’s, and none is there that the key forbids. Several are one fault.',
  looksAt: { there: ['accounts'] },
  answersFor: 'account',
  points: atEach(1),
  run(marking) {
    const left = leftoversOf(marking).filter(({ repeats }) => repeats === null);
    if (left.length === 0) return [{ subject: BOOK, outcome: 'met', facts: () => ({}) }];
    return left.map(({ account, forbidden }, i): Finding => {
      const reason = forbidden && (marking.acceptedFor(forbidden.id).reason ?? '');
      const name = accountLabel(account);
      const facts = () => (reason === null ? { name } : { name, why: reason });
      const bearsPoints = i === 0;
      return { subject: aboutAccount(account.id), outcome: 'not-met', facts, bearsPoints };
    });
  },
  says(facts, outcome) {
    if (outcome === 'met') return 'No account is too many.';
    if (facts.why === undefined)
      return {
        there: `“${facts.name}” stands for no account of the key.`,
        now: 'Retire or delete it, or give its amounts to the right one.',
      };
    return {
      there: `“${facts.name}” is not to be set up here.`,
      why: facts.why === '' ? '' : facts.why.replace(/\.?$/, '.'),
      now: 'Delete it, or give its amounts to the right account.',
    };
  },
};
