import { accountLabel } from '../../model/book/book.js';
import type { Check } from '../check/check.js';
import { aboutAccount, BOOK, type Finding } from '../check/finding.js';
import { leftoversOf } from '../check/leftovers.js';
import { atEach } from '../check/worth.js';

type Found = { readonly name?: string; readonly other?: string };

/** One account set up a second time. Where both add up to what the key asks for, they are details of it instead. */
export const accountDuplicate: Check<'account.duplicate', Found> = {
  id: 'account.duplicate',
  title: 'No account twice',
  fault: 'An account set up twice',
  compares: 'No account is set up a second time under the same name. Several are one fault.',
  looksAt: { there: ['accounts'] },
  answersFor: 'account',
  points: atEach(1),
  run(marking) {
    const twice = leftoversOf(marking).filter(({ repeats }) => repeats !== null);
    if (twice.length === 0) return [{ subject: BOOK, outcome: 'met', facts: () => ({}) }];
    return twice.map(({ account, repeats }, i): Finding => {
      const other = repeats ? accountLabel(repeats) : '';
      const facts = () => ({ name: accountLabel(account), other });
      const bearsPoints = i === 0;
      return { subject: aboutAccount(account.id), outcome: 'not-met', facts, bearsPoints };
    });
  },
  says: (facts, outcome) =>
    outcome === 'met'
      ? 'No account is set up twice.'
      : {
          there: `“${facts.name}” is there a second time, beside “${facts.other}”.`,
          why: 'What belongs together is seen only where it stands on one account.',
          now: 'Keep one, and give it what stands on the other.',
        },
};
