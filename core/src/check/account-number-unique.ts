import { accountLabel } from '../book/book.js';
import { numberKey } from '../numbering/account-number.js';
import type { Check } from './check.js';
import { BOOK, type Finding } from './finding.js';
import { aboutAccount } from './finding.js';

const NONE = () => ({});

type Found = {
  readonly name?: string;
  readonly number?: string | null;
  readonly holder?: string;
};

export const accountNumberUnique: Check<'account.number-unique', Found> = {
  id: 'account.number-unique',
  title: 'Numbers used once',
  fault: 'A number used twice',
  compares:
    'No number stands twice, letter case and outer spaces ignored. Several doubles are one fault.',
  points: 1,
  run(marking) {
    const numbered = marking.key.book.accounts.some((account) => account.number !== null);
    if (!numbered) return [];
    if (!marking.hasNumbers) return [{ subject: BOOK, outcome: 'cannot-judge', facts: NONE }];
    const holders = new Map<string, string>();
    const doubles: Finding[] = [];
    for (const account of marking.work.accounts) {
      if (account.number === null) continue;
      const holder = holders.get(numberKey(account.number));
      const key = marking.compared.recognition.byWork.get(account.id)?.keys[0];
      if (holder === undefined) holders.set(numberKey(account.number), accountLabel(account));
      else
        doubles.push({
          subject: aboutAccount(key?.id ?? account.id),
          outcome: 'not-met',
          facts: () => ({ name: account.name, number: account.number, holder }),
          bearsPoints: doubles.length === 0,
        });
    }
    return doubles.length > 0 ? doubles : [{ subject: BOOK, outcome: 'met', facts: NONE }];
  },
  says(facts, outcome) {
    if (outcome === 'met') return 'Each number is used once.';
    if (outcome === 'cannot-judge') return 'The work has no account numbers.';
    return `${facts.number} stands twice: at “${facts.name}” and at “${facts.holder}”. Each account has its own number.`;
  },
};
