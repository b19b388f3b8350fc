import { accountLabel } from '../../model/book/book.js';
import { isNamed, plainName } from '../../model/naming/names.js';
import type { HealthCheck } from './health-check.js';

export const similarNames: HealthCheck<{ readonly name: string; readonly other: string }> = {
  id: 'health.similar-names',
  title: 'No name twice',
  find({ book }) {
    const used = book.accounts.filter(({ retired }) => !retired);
    return used.flatMap((account, i) => {
      const same = used
        .slice(0, i)
        .find(({ name }) => isNamed(plainName(name), plainName(account.name)));
      const facts = { name: accountLabel(account), other: same ? accountLabel(same) : '' };
      return same ? [{ account: account.id, facts }] : [];
    });
  },
  says: ({ name, other }) =>
    `“${name}” is called almost as “${other}”. Keep one of them, or say in the name what sets them apart.`,
};
