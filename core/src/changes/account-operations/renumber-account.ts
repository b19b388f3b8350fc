import { done, refused } from '../../model/refusal/refusal.js';
import { noticesOf, refusalsOf, replaced, wanted } from './account-changes.js';
import type { Change } from '../operation/operation.js';

/** Gives an account another number, or none. Entries and history stay with the account. */
export const renumberAccount: Change<'renumber-account'> = {
  apply(book, operation) {
    const found = wanted(book, operation.id);
    if (!found.ok) return found;
    const account = { ...found.value, number: operation.number?.trim() ?? null };
    const after = replaced(book, account);
    const refusals = refusalsOf(after, account);
    if (refusals.length > 0) return refused(...refusals);
    return done({
      book: after,
      inverse: { kind: 'renumber-account', id: account.id, number: found.value.number },
      notices: () => noticesOf(after, account),
    });
  },
};
