import { accountLabel } from '../../model/book/book.js';
import { sectionIdOf } from '../../model/book/place.js';
import { sectionById } from '../../model/scheme/scheme.js';
import type { Check } from '../check/check.js';
import { aboutAccount } from '../check/finding.js';

type Found = {
  readonly name: string;
  readonly section: string | null;
  readonly taken: readonly string[] | null;
};

export const accountPresent: Check<'account.present', Found> = {
  id: 'account.present',
  title: 'Account present',
  fault: 'Account missing',
  compares: 'Each account of the key that is not optional has one that stands for it.',
  looksAt: { there: ['accounts'] },
  answersFor: 'account',
  undone: {},
  points: 2,
  run(marking) {
    const { book } = marking.key;
    return book.accounts
      .filter((account) => marking.pairOf(account.id) ?? marking.acceptedFor(account.id).required)
      .map((account) => {
        const pair = marking.pairOf(account.id);
        return {
          subject: aboutAccount(account.id),
          outcome: pair ? 'met' : 'not-met',
          facts: () => ({
            name: accountLabel(account),
            section: sectionById(book.scheme, sectionIdOf(book, account))?.name ?? null,
            taken: pair ? pair.works.map((work) => work.name) : null,
          }),
        };
      });
  },
  says(facts, outcome) {
    if (outcome === 'met') return `“${facts.name}” is there.`;
    const where = facts.section === null ? '' : ` It belongs in ${facts.section}.`;
    return `“${facts.name}” is missing.${where}`;
  },
};
