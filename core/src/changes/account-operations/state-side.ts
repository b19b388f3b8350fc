import { done } from '../../model/refusal/refusal.js';
import { replaced, wanted } from './account-changes.js';
import { type Change, noNotices } from '../operation/operation.js';

/** What somebody says an account's normal side is: an answer to a question, no part of its place. */
export const stateSide: Change<'state-side'> = {
  apply(book, { id, side }) {
    const found = wanted(book, id);
    if (!found.ok) return found;
    return done({
      book: replaced(book, { ...found.value, statedSide: side }),
      inverse: { kind: 'state-side', id, side: found.value.statedSide },
      notices: noNotices,
    });
  },
};
