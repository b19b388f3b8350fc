import type { Account } from '../../model/book/book.js';
import type { Check } from '../check/check.js';
import { allPass, eachAccount } from './each-account.js';
import { nameSays } from './other-name.js';
import { atEach } from '../check/worth.js';

/** `isUnknown`: the program does not know whether the name will do. */
type Found = { readonly name: string; readonly key: string; readonly isUnknown?: boolean };

export const accountName: Check<'account.name', Found> = {
  id: 'account.name',
  title: 'Name',
  fault: 'Named otherwise',
  compares:
    'A name is wrong only where it says something else: the opposite, another thing, another account of the key, nothing at all. Wording, order and spelling are free; a name that the program does not know costs nothing.',
  looksAt: { account: ['name'] },
  aims: ['types', 'setting-up'],
  points: atEach(1),
  run: (marking) =>
    eachAccount(marking, accountName, ({ key, works, accepted }) => {
      const isSeveral = works.length > 1 || (marking.pairOf(key.id)?.keys.length ?? 0) > 1;
      if (isSeveral || works[0]?.name === key.name)
        return { outcome: 'met', facts: () => ({ name: works[0]?.name ?? '', key: key.name }) };
      const { book } = marking.key;
      const says = (work: Account) => nameSays({ book, key, work, accepted });
      const { outcome, odd } = allPass(works, (work) => says(work) !== 'something else');
      const unknown = { isUnknown: true } as const;
      return {
        outcome,
        facts: () => ({
          ...{ name: odd?.name ?? '', key: key.name },
          ...(odd && says(odd) === 'unknown' ? unknown : {}),
        }),
      };
    }),
  says(facts, outcome) {
    if (outcome !== 'met')
      return {
        there: `The name “${facts.name}” says something else than what stands there.`,
        belongs: `It stands for “${facts.key}”.`,
        why: 'Whoever reads the books has only the name to go by.',
        now: 'Give it a name that says what stands there.',
      };
    return facts.isUnknown
      ? `Whether the name “${facts.name}” will do has not been said. It costs nothing until then.`
      : `The name “${facts.name}” says it.`;
  },
};
