import { dealingsOf, withDealings } from '../book/dealings.js';
import { done } from '../refusal/refusal.js';
import type { Change } from './operation.js';

/** The entries that wait to be posted together: from then on these, in this order. Nothing of them is in the books. */
export const putWaiting: Change<'put-waiting'> = {
  apply: (book, { entries }) =>
    done({
      book: withDealings(book, { waiting: entries }),
      inverse: { kind: 'put-waiting', entries: dealingsOf(book).waiting },
      notices: () => [],
    }),
};

/** The entries that are kept under a name, to begin others from: from then on these. */
export const putTemplates: Change<'put-templates'> = {
  apply: (book, { templates }) =>
    done({
      book: withDealings(book, { templates }),
      inverse: { kind: 'put-templates', templates: dealingsOf(book).templates },
      notices: () => [],
    }),
};
