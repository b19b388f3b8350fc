import type { Book } from '../../model/book/book.js';
import { done, refused, type Result } from '../../model/refusal/refusal.js';
import { faultsOfChange } from '../book-file/faults-of-change.js';
import { addAccount } from '../account-operations/add-account.js';
import { authorsOnly } from './authors-only.js';
import { changeCompany } from '../company-operations/change-company.js';
import { changeScheme } from '../company-operations/change-scheme.js';
import { changeTaxes } from '../entry-operations/change-taxes.js';
import { changeTaxLists } from '../company-operations/change-tax-lists.js';
import { deleteAccount } from '../account-operations/delete-account.js';
import { describeAccount } from '../account-operations/describe-account.js';
import { changeEntry, recordEntry, removeEntry } from '../entry-operations/entry-changes.js';
import { lockEntries } from '../entry-operations/lock-entries.js';
import { moveAccount } from '../account-operations/move-account.js';
import { AUTHOR, type Applied, type Change, type Rules } from '../operation/operation.js';
import type { Operation, OperationKind } from '../../model/shapes/operation.js';
import {
  changeAssignment,
  putDocument,
  putItem,
  putParty,
  putSchedule,
  removeDocument,
  removeItem,
  removeParty,
  removeSchedule,
} from '../entry-operations/put-listed.js';
import {
  putTemplate,
  putWaiting,
  removeTemplate,
  removeWaiting,
} from '../entry-operations/put-waiting.js';
import { renameAccount } from '../account-operations/rename-account.js';
import { renumberAll } from '../account-operations/renumber-all.js';
import { renumberAccount } from '../account-operations/renumber-account.js';
import { stateSide } from '../account-operations/state-side.js';
import { bringBackAccount, retireAccount } from '../account-operations/retire-account.js';
import { setOpening, setOpeningDate } from '../account-operations/set-opening.js';

/** Several operations as one: all are done, or none. */
const several: Change<'several'> = {
  apply(book, { operations }, rules) {
    let at: Book = book;
    const all: Applied[] = [];
    for (const each of operations) {
      const applied = changed(at, each, rules);
      if (!applied.ok) return refused(...applied.refusals);
      at = applied.value.book;
      all.push(applied.value);
    }
    const inverses = all.map(({ inverse }) => inverse).reverse();
    return done({
      book: at,
      inverse: { kind: 'several', operations: inverses },
      notices: () => all.flatMap(({ notices }) => notices()),
    });
  },
};

/** Every operation there is, by its kind. */
const CHANGES: { readonly [K in OperationKind]: Change<K> } = {
  'add-account': addAccount,
  'rename-account': renameAccount,
  'renumber-account': renumberAccount,
  'move-account': moveAccount,
  'describe-account': describeAccount,
  'state-side': stateSide,
  'retire-account': retireAccount,
  'bring-back-account': bringBackAccount,
  'delete-account': deleteAccount,
  'set-opening': setOpening,
  'set-opening-date': setOpeningDate,
  'lock-entries': lockEntries,
  'record-entry': recordEntry,
  'change-entry': changeEntry,
  'remove-entry': removeEntry,
  'put-party': putParty,
  'remove-party': removeParty,
  'put-item': putItem,
  'remove-item': removeItem,
  'put-document': putDocument,
  'remove-document': removeDocument,
  'put-schedule': putSchedule,
  'remove-schedule': removeSchedule,
  'change-posting': changeAssignment,
  'change-taxes': changeTaxes,
  'put-waiting': putWaiting,
  'remove-waiting': removeWaiting,
  'put-template': putTemplate,
  'remove-template': removeTemplate,
  'change-company': changeCompany,
  'change-tax-lists': changeTaxLists,
  'change-scheme': changeScheme,
  'renumber-all': renumberAll,
  several,
};

function changed(book: Book, operation: Operation, rules: Rules): Result<Applied> {
  const refusals = authorsOnly(book, operation, rules);
  if (refusals.length > 0) return refused(...refusals);
  const change = CHANGES[operation.kind] as Change<OperationKind>;
  return change.apply(book, operation, rules);
}

/**
 * Applies an operation to a book: a new book and the operation that undoes it, or the reasons why not. The book
 * given is never changed. What comes out can be read again: it is judged by the reader's own rules and limits.
 */
export function apply(book: Book, operation: Operation, rules: Rules = AUTHOR): Result<Applied> {
  const applied = changed(book, operation, rules);
  if (!applied.ok) return applied;
  const faults = faultsOfChange(book, applied.value.book);
  return faults.length === 0 ? applied : refused(...faults);
}
