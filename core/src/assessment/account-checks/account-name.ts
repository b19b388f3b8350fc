import type { Check } from '../check/check.js';
import { allPass, eachAccount } from './each-account.js';
import { nameSays } from './other-name.js';

type Found = { readonly name: string; readonly key: string };

export const accountName: Check<'account.name', Found> = {
  id: 'account.name',
  title: 'Name',
  fault: 'Named otherwise',
  compares:
    'A name is wrong only where it says something else: the opposite, another thing, another account of the key, nothing at all. Wording, order and spelling are free; a name that the program does not know costs nothing.',
  looksAt: { account: ['name'] },
  points: 1,
  run: (marking) =>
    eachAccount(marking, accountName, ({ key, works, accepted }) => {
      const isSeveral = works.length > 1 || (marking.pairOf(key.id)?.keys.length ?? 0) > 1;
      if (isSeveral || works[0]?.name === key.name)
        return { outcome: 'met', facts: () => ({ name: works[0]?.name ?? '', key: key.name }) };
      const { outcome, odd } = allPass(
        works,
        (work) => nameSays({ book: marking.key.book, key, work, accepted }) !== 'something else',
      );
      return { outcome, facts: () => ({ name: odd?.name ?? works[0]?.name ?? '', key: key.name }) };
    }),
  says: (facts, outcome) =>
    outcome === 'met'
      ? `The name “${facts.name}” says it.`
      : `“${facts.name}” is named otherwise than “${facts.key}”. The name should say what stands there.`,
};
