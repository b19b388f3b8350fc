import { accountOf } from '../../model/book/book.js';
import { idTaken } from '../../model/book/book-faults.js';
import { done, refused } from '../../model/refusal/refusal.js';
import { inserted, noticesOf, refusalsOf } from './account-changes.js';
import type { Change } from '../operation/operation.js';

/** Adds an account. Its name loses outer spaces; a number outside its band is only pointed out. */
export const addAccount: Change<'add-account'> = {
  apply(book, operation) {
    const given = operation.account;
    const number = given.number?.trim() ?? null;
    const account = { ...given, number, name: given.name.trim() };
    if (accountOf(book, account.id)) return refused(idTaken({ id: account.id }, 'id'));
    const after = inserted(book, account, operation.index);
    const refusals = refusalsOf(after, account);
    if (refusals.length > 0) return refused(...refusals);
    return done({
      book: after,
      inverse: { kind: 'delete-account', id: account.id, children: 'refuse' },
      notices: () => noticesOf(after, account),
    });
  },
};
