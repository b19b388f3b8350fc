import { subledgersOf } from '../../model/book/subledgers.js';
import { whoOwes } from '../party/who-owes.js';
import type { HealthCheck, Look } from './health-check.js';

type Found = { readonly whom: string; readonly control: string; readonly parties: string };

/** The last day of which anything is known. */
const lastDay = ({ book }: Look): string =>
  [book.opening.date, ...book.entries.map(({ date }) => date)].sort().at(-1) ?? '';

export const controlAgrees: HealthCheck<Found> = {
  id: 'health.control-agrees',
  title: 'Customers and suppliers agree with their account',
  find: (look) =>
    (['customer', 'supplier'] as const).flatMap((kind) => {
      if (!subledgersOf(look.book).parties.some((party) => party.kind === kind)) return [];
      const { total, control } = whoOwes(look.book, kind, lastDay(look));
      if (control === null || control === total) return [];
      const facts = {
        whom: `${kind}s`,
        control: look.money(control),
        parties: look.money(total),
      };
      return [{ account: null, facts }];
    }),
  says: ({ whom, control, parties }) =>
    `The ${whom} come to ${parties}, their account stands at ${control}. An entry or an opening balance says nothing of whose it is.`,
};
