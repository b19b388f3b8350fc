import { subledgersOf } from '../../model/book/subledgers.js';
import type { HealthCheck } from './health-check.js';

type Found = { readonly count: number };

export const nothingWaits: HealthCheck<Found> = {
  id: 'health.nothing-waits',
  title: 'Batch posted',
  find({ book }) {
    const count = subledgersOf(book).waiting.length;
    return count === 0 ? [] : [{ account: null, facts: { count } }];
  },
  says: ({ count }) =>
    count === 1
      ? 'One entry waits in the batch, so that no statement has it. Post it in the journal.'
      : `${count} entries wait in the batch, so that no statement has them. Post them in the journal.`,
};
