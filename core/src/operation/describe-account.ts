import { done } from '../refusal/refusal.js';
import { replaced, wanted } from './account-changes.js';
import type { Change } from './operation.js';

export const describeAccount: Change<'describe-account'> = {
  apply(book, operation) {
    const found = wanted(book, operation.id);
    if (!found.ok) return found;
    const { id, description, cashFlow } = found.value;
    const next = operation.description?.trim() || null;
    return done({
      book: replaced(book, {
        ...found.value,
        description: next,
        cashFlow: operation.cashFlow,
      }),
      inverse: { kind: 'describe-account', id, description, cashFlow },
      notices: [],
    });
  },
};
