import type { Book } from '../book/book.js';
import { dealingsOf } from '../book/dealings.js';
import { refusal, type Refusal } from '../refusal/refusal.js';
import type { Operation, OperationKind, Rules } from './operation.js';

const notYours = refusal(
  'operation.authors-only',
  () =>
    'The company of an exercise, its scheme, number plan, tax lists, inventory system and locks are set by who made it. Work with its accounts, balances and entries.',
);

/** What an exercise leaves to its author: who does it works on the accounts, the balances and the journal. */
const AUTHORS_ONLY: ReadonlySet<OperationKind> = new Set<OperationKind>([
  'change-company',
  'change-scheme',
  'change-tax-lists',
  'lock-entries',
]);

/** Why an operation is not for whom the rules are; nothing when it is. */
export function authorsOnly(book: Book, operation: Operation, { by }: Rules): Refusal[] {
  if (by === 'author') return [];
  const changesPlan =
    operation.kind === 'renumber-all' &&
    JSON.stringify(operation.numberPlan) !== JSON.stringify(book.numberPlan);
  const changesInventory =
    operation.kind === 'change-posting' && operation.inventory !== dealingsOf(book).inventory;
  const isTheirs = AUTHORS_ONLY.has(operation.kind) || changesPlan || changesInventory;
  return isTheirs ? [notYours({}, 'kind')] : [];
}
