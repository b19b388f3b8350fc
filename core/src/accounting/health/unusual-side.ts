import { signOf } from '../../model/money/side.js';
import { normalSide, typeOf } from '../../model/scheme/scheme.js';
import { balanceAt, type HealthCheck } from './health-check.js';

type Found = {
  readonly name: string;
  readonly amount: string;
  readonly side: string;
  readonly why: string;
};

/** What an unusual balance usually means, by role. */
const WHY: Readonly<Record<string, string>> = {
  cash: 'It is overdrawn: the bank is owed.',
  'receivables-control': 'Customers have paid more than they owe, or ahead.',
  'payables-control': 'Suppliers were paid more than they are owed, or ahead.',
  inventory: 'More went out than came in: goods in may be missing.',
};

export const unusualSide: HealthCheck<Found> = {
  id: 'health.unusual-side',
  title: 'Balances on their usual side',
  find: (look) =>
    look.book.accounts.flatMap(({ id, name, type: typeId }) => {
      const type = typeOf(look.book.scheme, typeId);
      const amount = balanceAt(look, id);
      if (!type || amount === 0 || type.role === 'suspense') return [];
      const usual = normalSide(look.book.scheme, type);
      if (amount * signOf(usual) > 0 || type.role === 'retained-earnings') return [];
      const side = usual === 'debit' ? 'credit' : 'debit';
      const why = WHY[type.role] ?? `It usually stands in ${usual}.`;
      return [{ account: id, facts: { name, amount: look.money(amount), side, why } }];
    }),
  says: ({ name, amount, side, why }) => `“${name}” stands at ${amount} in ${side}. ${why}`,
};
