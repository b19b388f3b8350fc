import { done, refused } from '../../model/refusal/refusal.js';
import { noticesOf, refusalsOf, replaced, wanted } from './account-changes.js';
import type { Change } from '../operation/operation.js';

export const renameAccount: Change<'rename-account'> = {
  apply(book, operation) {
    const found = wanted(book, operation.id);
    if (!found.ok) return found;
    const account = { ...found.value, name: operation.name.trim() };
    const after = replaced(book, account);
    const refusals = refusalsOf(after, account);
    if (refusals.length > 0) return refused(...refusals);
    return done({
      book: after,
      inverse: { kind: 'rename-account', id: account.id, name: found.value.name },
      notices: () => noticesOf(after, account),
    });
  },
};
