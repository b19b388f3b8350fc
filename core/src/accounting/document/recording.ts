import type { Book } from '../../model/book/book.js';
import { dealingsOf } from '../../model/book/dealings.js';
import type { Operation } from '../../model/shapes/operation.js';
import type { Posting, PostingPurpose } from '../../model/shapes/dealings.js';
import type { Document } from '../../model/shapes/document.js';
import { proposedPosting } from './proposed-posting.js';

/** The accounts that documents use, those not chosen yet as the chart proposes them. */
export function completedPosting(book: Book): Posting {
  const { posting } = dealingsOf(book);
  const proposed = proposedPosting(book);
  const filled = Object.entries(posting).map(([purpose, account]) => [
    purpose,
    account ?? proposed[purpose as PostingPurpose],
  ]);
  return Object.fromEntries(filled) as unknown as Posting;
}

/** What records a document: where accounts that documents use are not chosen yet, they are chosen with it. */
export function recordingOf(book: Book, document: Document): Operation {
  const put: Operation = { kind: 'put-document', document };
  const { posting, inventory } = dealingsOf(book);
  const completed = completedPosting(book);
  const isChosen = Object.entries(posting).every(
    ([purpose, account]) => account === completed[purpose as PostingPurpose],
  );
  return isChosen
    ? put
    : {
        kind: 'several',
        operations: [{ kind: 'change-posting', posting: completed, inventory }, put],
      };
}
