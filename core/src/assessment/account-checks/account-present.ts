import { accountLabel, type Account, type Book } from '../../model/book/book.js';
import { sectionIdOf } from '../../model/book/place.js';
import { sectionById, typeOf } from '../../model/scheme/scheme.js';
import type { Check } from '../check/check.js';
import { aboutAccount } from '../check/finding.js';
import { standsOn } from './stands-on.js';
import { AIMS } from '../../model/exercise-shapes/key-rules.js';
import { atEach } from '../check/worth.js';

type Found = {
  readonly name: string;
  readonly section: string | null;
  readonly taken: readonly string[] | null;
  /** What such an account is. */
  readonly says?: string | null;
  /** The account on which its amounts stand instead. */
  readonly on?: string | null;
};

function saysOfType({ scheme }: Book, { type }: Account): string | null {
  const known = typeOf(scheme, type);
  return known && `${known.name}: ${known.says}`;
}

export const accountPresent: Check<'account.present', Found> = {
  id: 'account.present',
  title: 'Account present',
  fault: 'Account missing',
  compares: 'Each account of the key that is not optional has one that stands for it.',
  looksAt: { there: ['accounts'] },
  answersFor: 'account',
  undone: {},
  aims: AIMS,
  points: atEach(1),
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
            says: saysOfType(book, account),
            on: pair ? null : standsOn(marking, account),
            taken: pair ? pair.works.map((work) => work.name) : null,
          }),
        };
      });
  },
  says(facts, outcome) {
    if (outcome === 'met') return `“${facts.name}” is there.`;
    const where = facts.section === null ? '' : ` It belongs in ${facts.section}.`;
    const on = facts.on ? ` Its amounts stand on “${facts.on}”.` : '';
    return {
      belongs: `“${facts.name}” is missing.${where}${on}`,
      why: facts.says ?? '',
      now: facts.on
        ? `Set it up there, and move what belongs to it from “${facts.on}”.`
        : 'Set it up there, with the amounts that belong to it.',
    };
  },
};
