import { accountOf, type Book } from '../book/book.js';
import type { Operation } from '../shapes/operation.js';

/** The same change, but what moves keeps the number that it has: for where finding numbers is the exercise. */
export function keepingNumbers(book: Book, operation: Operation): Operation {
  if (operation.kind === 'several')
    return {
      ...operation,
      operations: operation.operations.map((each) => keepingNumbers(book, each)),
    };
  if (operation.kind !== 'move-account') return operation;
  const account = accountOf(book, operation.id);
  return account ? { ...operation, number: account.number } : operation;
}
