import { accountLabel } from '../../model/book/book.js';
import { numberKey } from '../../model/shapes/account-number.js';
import type { Check } from '../check/check.js';
import { accountNumberInBand } from './account-number-in-band.js';
import { aboutAccount, BOOK, refOf, type Finding } from '../check/finding.js';
import type { Marking } from '../check/marking.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { atEach } from '../check/worth.js';

const NONE = () => ({});

/** One of the two whose number lies outside its band: that one is wrong already. */
function wrongBand(marking: Marking, ids: readonly string[]): Pick<Finding, 'outcome' | 'from'> {
  const from = marking.rootsOf(...ids.map((id) => refOf(accountNumberInBand.id, { id })));
  return from.length > 0 ? { outcome: 'follows', from } : { outcome: 'not-met' };
}

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
  looksAt: { account: ['number'] },
  aims: ['setting-up', 'numbers'],
  points: { ...atEach(1), numbers: 2 },
  run(marking) {
    const numbered = marking.key.book.accounts.some((account) => account.number !== null);
    if (!numbered) return [];
    if (!marking.says('numbers')) return [{ subject: BOOK, outcome: 'cannot-judge', facts: NONE }];
    const holders = new Map<string, { readonly label: string; readonly keyId: string }>();
    const doubles: Finding[] = [];
    for (const account of marking.work.accounts) {
      if (account.number === null) continue;
      const holder = holders.get(numberKey(account.number));
      const key = marking.compared.recognition.byWork.get(account.id)?.keys[0];
      if (holder === undefined)
        holders.set(numberKey(account.number), {
          label: accountLabel(account),
          keyId: key?.id ?? account.id,
        });
      else
        doubles.push({
          subject: aboutAccount(key?.id ?? account.id),
          ...wrongBand(marking, [key?.id ?? account.id, holder.keyId]),
          facts: () => ({ name: account.name, number: account.number, holder: holder.label }),
          bearsPoints: doubles.length === 0,
        });
    }
    return doubles.length > 0 ? doubles : [{ subject: BOOK, outcome: 'met', facts: NONE }];
  },
  says(facts, outcome) {
    if (outcome === 'met') return 'Each number is used once.';
    if (outcome === 'cannot-judge') return NOT_SAID.numbers;
    return {
      there: `${facts.number} stands twice: at “${facts.name}” and at “${facts.holder}”.`,
      why: 'Each account has its own number: else nobody knows which one is meant.',
      now: `Give “${facts.name}” another number.`,
    };
  },
};
