import type { Book, EntryKind } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import type { Rules } from '../operation/operation.js';
import type { TaxRule } from '../../model/shapes/tax-rule.js';
import type { Operation, OperationKind } from '../../model/shapes/operation.js';
import type { EntersBy } from '../../model/exercise-shapes/exercise-file.js';

const notYours = refusal(
  'operation.authors-only',
  () =>
    'The company of an exercise, its scheme, number plan, tax lists, inventory system and locks are set by who made it. Work with its accounts, balances and entries.',
);

/** What an exercise leaves to its author: who does it works on the accounts, the balances and the journal. */
const AUTHORS_ONLY: ReadonlySet<OperationKind> = new Set<OperationKind>([
  'change-scheme',
  'change-tax-lists',
  'lock-entries',
]);

const byDocuments = refusal(
  'entry.by-documents',
  () =>
    'In this exercise what happens is entered under Documents. The journal takes opening, adjusting and closing entries.',
);
const byEntries = refusal(
  'document.by-entries',
  () => 'In this exercise what happens is entered in the journal, without documents.',
);

/** Kinds of entries that no document makes. */
const NO_DOCUMENT: ReadonlySet<EntryKind> = new Set<EntryKind>([
  'opening',
  'adjusting',
  'closing',
  'prior-period-adjustment',
]);

/** Why something is not entered in the way in which it is done here. */
function equivalent(operation: Operation, enters: EntersBy): Refusal[] {
  if (enters === 'entries') return operation.kind === 'put-document' ? [byEntries({}, 'kind')] : [];
  const isEntry = operation.kind === 'record-entry' || operation.kind === 'change-entry';
  return enters === 'documents' && isEntry && !NO_DOCUMENT.has(operation.entry.kind)
    ? [byDocuments({}, 'kind')]
    : [];
}

const changesSettings = (book: Book, operation: Operation): boolean =>
  operation.kind === 'change-company' ||
  (operation.kind === 'change-posting' && operation.inventory !== subledgersOf(book).inventory);

/** Which taxes there are, and at what rate; on which account each stands is whoever’s the accounts are. */
const changesRates = (book: Book, operation: Operation): boolean => {
  if (operation.kind !== 'change-taxes') return false;
  const rates = (taxes: readonly TaxRule[]) => taxes.map(({ code, rate }) => [code, rate]);
  return JSON.stringify(rates(operation.taxes)) !== JSON.stringify(rates(subledgersOf(book).taxes));
};

/** Why an operation is not for whom the rules are; nothing when it is. */
export function authorsOnly(
  book: Book,
  operation: Operation,
  { by, enters = 'both', setsCompany = false }: Rules,
): Refusal[] {
  if (by === 'author') return [];
  const other = equivalent(operation, enters);
  if (other.length > 0) return other;
  const changesPlan =
    operation.kind === 'renumber-all' &&
    JSON.stringify(operation.numberPlan) !== JSON.stringify(book.numberPlan);
  const isTheirs = AUTHORS_ONLY.has(operation.kind) || changesPlan || changesRates(book, operation);
  return isTheirs || (!setsCompany && changesSettings(book, operation))
    ? [notYours({}, 'kind')]
    : [];
}
