import { saysTheSame } from '../../model/naming/names.js';
import { isSensibleName } from './sensible-name.js';
import type { Check } from '../check/check.js';
import { allPass, eachAccount } from './each-account.js';

type Found = { readonly name: string; readonly key: string };

export const accountName: Check<'account.name', Found> = {
  id: 'account.name',
  title: 'Name',
  fault: 'Named otherwise',
  compares:
    'The name says what the key’s says, or what the key accepts. Wording, order and spelling are free; where number, type and figures agree, any name that means something will do.',
  looksAt: { account: ['name'] },
  points: 1,
  run: (marking) =>
    eachAccount(marking, accountName, ({ key, works, accepted }) => {
      const names = [key.name, ...accepted.names];
      const isSeveral = works.length > 1 || (marking.pairOf(key.id)?.keys.length ?? 0) > 1;
      if (isSeveral)
        return { outcome: 'met', facts: () => ({ name: works[0]?.name ?? '', key: key.name }) };
      if (works[0]?.name === key.name)
        return { outcome: 'met', facts: () => ({ name: key.name, key: key.name }) };
      const others = () =>
        marking.key.book.accounts.flatMap((each) => (each.id === key.id ? [] : [each.name]));
      const { outcome, odd } = allPass(
        works,
        (account) =>
          saysTheSame(account.name, names, others) || isSensibleName(marking, key, account),
      );
      return { outcome, facts: () => ({ name: odd?.name ?? works[0]?.name ?? '', key: key.name }) };
    }),
  says: (facts, outcome) =>
    outcome === 'met'
      ? `The name “${facts.name}” says it.`
      : `“${facts.name}” is named otherwise than “${facts.key}”. The name should say what stands there.`,
};
