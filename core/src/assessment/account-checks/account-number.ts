import { chartOf } from '../../model/book/place.js';
import { numberKey } from '../../model/shapes/account-number.js';
import type { Account } from '../../model/book/book.js';
import { accountStatement } from './account-statement.js';
import { accountSection } from './account-section.js';
import { accountNumberInBand } from './account-number-in-band.js';
import type { Check } from '../check/check.js';
import { NOT_SAID } from '../check/what-is-said.js';
import { allPass, eachAccount } from './each-account.js';
import type { Marking } from '../check/marking.js';
import { atEach } from '../check/worth.js';

/** Whether the account stands right behind the one that stands for the key's `nextTo`. */
function standsBehind(marking: Marking, account: Account, nextTo: string): boolean {
  const before = marking.pairOf(nextTo)?.works.map((work) => work.id) ?? [];
  for (const rows of chartOf(marking.work).values()) {
    const at = rows.findIndex((row) => row.account.id === account.id);
    if (at > 0) return before.includes(rows[at - 1]?.account.id ?? '');
  }
  return false;
}

type Found = {
  readonly name: string;
  readonly number: string | null;
  readonly wanted: string | null;
  readonly nextTo: string | null;
};

export const accountNumber: Check<'account.number', Found> = {
  id: 'account.number',
  title: 'Number as the key asks',
  fault: 'Not the number asked for',
  compares: 'Where the key asks for it: exactly its number, or one right behind a named account.',
  looksAt: { account: ['number'] },
  follows: [accountStatement, accountSection, accountNumberInBand],
  needs: 'numbers',
  aims: ['setting-up', 'numbers'],
  points: { ...atEach(1), numbers: 4 },
  run: (marking) =>
    eachAccount(marking, accountNumber, ({ key, works, accepted }) => {
      const rule = accepted.number;
      if (rule === 'in-band' || rule === 'any' || key.number === null) return null;
      const together = marking.pairOf(key.id)?.keys ?? [key];
      const wanted = together.map(({ number }) => numberKey(number ?? ''));
      const { outcome, odd } = allPass(works, (account) =>
        rule === 'exact'
          ? account.number !== null && wanted.includes(numberKey(account.number))
          : standsBehind(marking, account, rule.nextTo),
      );
      const nextTo =
        rule === 'exact' ? null : (marking.keyAccount(rule.nextTo)?.name ?? rule.nextTo);
      const facts = () => ({
        name: odd?.name ?? key.name,
        number: odd?.number ?? null,
        wanted: key.number,
        nextTo,
      });
      return { outcome, facts };
    }),
  says(facts, outcome) {
    if (outcome === 'met') return `Number ${facts.number}, as asked.`;
    if (outcome === 'cannot-judge') return NOT_SAID.numbers;
    const now = facts.number === null ? 'has no number' : `has the number ${facts.number}`;
    const wanted = facts.nextTo === null ? `${facts.wanted}` : `right behind “${facts.nextTo}”`;
    return {
      there: `“${facts.name}” ${now}.`,
      belongs: facts.nextTo === null ? `${wanted} is asked for.` : `It is asked for ${wanted}.`,
      now: `Give it the number ${wanted}.`,
    };
  },
};
