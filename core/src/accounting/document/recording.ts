import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import type { Operation } from '../../model/shapes/operation.js';
import type { AccountAssignment, AssignmentPurpose } from '../../model/shapes/subledgers.js';
import type { Document } from '../../model/shapes/document.js';
import { proposedAssignment } from './proposed-assignment.js';

/** The accounts that documents use, those not chosen yet as the chart proposes them. */
export function completedAssignment(book: Book): AccountAssignment {
  const { posting } = subledgersOf(book);
  const proposed = proposedAssignment(book);
  const filled = Object.entries(posting).map(([purpose, account]) => [
    purpose,
    account ?? proposed[purpose as AssignmentPurpose],
  ]);
  return Object.fromEntries(filled) as unknown as AccountAssignment;
}

/** What chooses the accounts that documents use, where some are not chosen yet; empty: all are. */
export function assignmentFirst(book: Book): Operation[] {
  const { posting, inventory } = subledgersOf(book);
  const completed = completedAssignment(book);
  const isChosen = Object.entries(posting).every(
    ([purpose, account]) => account === completed[purpose as AssignmentPurpose],
  );
  return isChosen ? [] : [{ kind: 'change-posting', posting: completed, inventory }];
}

/** What records a document: where accounts that documents use are not chosen yet, they are chosen with it. */
export function recordingOf(book: Book, document: Document): Operation {
  const put: Operation = { kind: 'put-document', document };
  const first = assignmentFirst(book);
  return first.length === 0 ? put : { kind: 'several', operations: [...first, put] };
}
