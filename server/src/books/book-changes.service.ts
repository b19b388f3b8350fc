import { HttpStatus, Inject, Injectable } from '@nestjs/common';
import type { ChangesRequest, Me, OperationsRequest, RefusedChange } from '@gleddo/contract';
import {
  areTooMany,
  changedSince,
  readOperations,
  sameUndoing,
  tooManyOperations,
  type Operation,
  type Rules,
} from '@gleddo/core';
import { and, eq } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { bookOperations } from '../database/schema/index.js';
import { isUniqueViolation } from '../database/unique.js';
import { refuse, Refused, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { change, type ChangedBook } from '../threads/changing.js';
import type { Sent } from '../threads/prepared-book.js';
import { Threads } from '../threads/threads.js';
import { BookAccess } from './book-access.js';
import { BookWriting } from './book-writing.js';
import { KeptBooks, LARGE_TEXT, type KeptBook } from './kept-books.js';
import { Turns } from './turns.js';

/** What came of a change: the newest revision, and the newest text where others changed the book meanwhile. */
export interface Changed {
  readonly revision: number;
  readonly text: string | null;
}

/** What one person does to one book. */
interface Work {
  readonly id: string;
  readonly byId: string;
  readonly token: string;
  readonly operation: Operation;
  readonly rules: Rules;
  readonly undoes: string | null;
  /** What undoes it on the book that its maker saw; null where it may be done on whatever stands. */
  readonly seen: Operation | null;
}

/** What came of several changes, one after the other. */
export interface ChangedBySeveral {
  /** The revision after the last of them, as long as nobody else changed the book. */
  readonly revision: number;
  readonly refused: readonly RefusedChange[];
  /** Whether others changed the book since the revision that the first was made on. */
  readonly isNewer: boolean;
}

/** A step of more changes than this is worked on in another thread, as a large book is. */
const MANY_OPERATIONS = 25;
/** Each so many changes a book is kept as it stood. */
const SNAPSHOT_EVERY = 100;
const MOST_ATTEMPTS = 20;

const one = (operations: readonly Operation[]): Operation =>
  operations.length === 1 && operations[0] ? operations[0] : { kind: 'several', operations };

const isUnfit = (error: unknown): error is Refused =>
  error instanceof Refused && error.getStatus() === HttpStatus.UNPROCESSABLE_ENTITY;

const busy = () =>
  new Refused(
    [
      {
        at: '',
        code: 'book.busy',
        says: 'Too many people change this book at once. Try again in a moment.',
      },
    ],
    HttpStatus.CONFLICT,
  );

const isLarge = ({ text }: KeptBook, operation: Operation): boolean =>
  text.length > LARGE_TEXT ||
  (operation.kind === 'several' && operation.operations.length > MANY_OPERATIONS);

/** Whether an undoing would write over what somebody wrote since it was made. */
const isOver = ({ seen }: Work, inverse: string): boolean =>
  seen !== null && !sameUndoing(seen, JSON.parse(inverse) as Operation);

/** Changes of books: each is applied to the newest revision and written with its history in one statement. */
@Injectable()
export class BookChangesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly access: BookAccess,
    private readonly kept: KeptBooks,
    private readonly writing: BookWriting,
    private readonly threads: Threads,
    private readonly turns: Turns,
  ) {}

  /**
   * Applies operations made on a revision. When others came in between they are tried on the book as it now
   * stands: those that still fit are done, and the newer book goes back; otherwise the reason does.
   */
  change(id: string, me: Me, request: OperationsRequest): Promise<Changed> {
    return this.turns.take(id, () => this.inTurn(id, me, request));
  }

  /** Another server may still come in between; then it is tried again. */
  private async inTurn(id: string, me: Me, request: OperationsRequest): Promise<Changed> {
    const operations = readOperations(request.operations);
    if (!operations.ok) throw refusedBy(operations.refusals);
    const operation = one(operations.value);
    for (let attempt = 0; attempt < MOST_ATTEMPTS; attempt++) {
      const isFirst = attempt === 0;
      const rights = await (isFirst ? this.access.lately(id, me) : this.access.rightsOf(id, me));
      if (!rights.mayChange) throw refuse('book.fixed', rights.why);
      const { token, undoes = null } = request;
      const seen = (request.seen ?? null) as Operation | null;
      const work = { id, byId: me.id, token, operation, rules: rights.rules, undoes, seen };
      const before = isFirst ? await this.kept.lately(id) : await this.kept.at(id, rights.revision);
      const changed = await this.once(work, before, {
        isTry: rights.isTry,
        based: request.revision,
      });
      if (changed) return changed;
    }
    throw busy();
  }

  /**
   * Several changes, one after the other, each on the book as the one before left it: what the book refuses is told,
   * the rest is done.
   */
  async changeAll(
    id: string,
    me: Me,
    { revision, changes }: ChangesRequest,
  ): Promise<ChangedBySeveral> {
    if (areTooMany(changes.flatMap(({ operations }) => operations)))
      throw refusedBy([tooManyOperations({})]);
    const refused: RefusedChange[] = [];
    let based = revision;
    let isNewer = false;
    for (const change of changes)
      try {
        const done = await this.change(id, me, { ...change, revision: based });
        isNewer ||= done.text !== null;
        if (!isNewer) based = done.revision;
      } catch (error) {
        if (!isUnfit(error)) throw error;
        refused.push({
          token: change.token,
          code: error.faults[0]?.code ?? '',
          says: error.message,
        });
      }
    return { revision: based, refused, isNewer };
  }

  /** Null when somebody else was quicker between reading and writing. */
  private async once(
    work: Work,
    before: KeptBook,
    { isTry, based }: { readonly isTry: boolean; readonly based: number },
  ): Promise<Changed | null> {
    const { sent, book } = await this.applied(before, work);
    if (!sent.ok) {
      if (!(await this.kept.isNewest(work.id, before))) return null;
      const done = await this.doneBefore(work);
      if (done) return done;
      throw refusedBy(sent.refusals);
    }
    if (before.revision !== based && isOver(work, sent.value.inverse))
      return this.doneOrRefused(work);
    const after = {
      revision: before.revision + 1,
      text: sent.value.prepared.text,
      book,
      isJudged: true,
    };
    try {
      if (!(await this.write({ ...work, isTry }, before.revision, sent.value))) return null;
    } catch (error) {
      const done = isUniqueViolation(error) ? await this.doneBefore(work) : null;
      if (done) return done;
      throw error;
    }
    this.kept.changed(work.id, after);
    return { revision: after.revision, text: before.revision === based ? null : after.text };
  }

  /** An undoing that would write over others is not done; one that was done already is only told again. */
  private async doneOrRefused(work: Work): Promise<Changed> {
    const done = await this.doneBefore(work);
    if (done) return done;
    throw refusedBy([changedSince({ what: 'undo' })]);
  }

  private write(
    { operation, ...work }: Work & { readonly isTry: boolean },
    before: number,
    { prepared, inverse }: ChangedBook,
  ): Promise<boolean> {
    const isKept = (before + 1) % SNAPSHOT_EVERY === 0;
    const { id, byId, token, undoes, isTry } = work;
    const said = JSON.stringify(operation);
    const step = { id, byId, token, operation: said, inverse, undoes, isTry, isKept };
    return this.writing.write(step, before, { book: prepared });
  }

  private async applied(before: KeptBook, { operation, rules }: Work) {
    if (!isLarge(before, operation)) return change(this.kept.bookOf(before), operation, rules);
    const sent: Sent<ChangedBook> = await this.threads.changeText(before.text, operation, rules);
    return { sent, book: null };
  }

  /** The newest state, when this very change was done by an earlier request whose answer was lost. */
  private async doneBefore({ id, token }: Work): Promise<Changed | null> {
    const [done] = await this.db
      .select({ revision: bookOperations.revision })
      .from(bookOperations)
      .where(and(eq(bookOperations.bookId, id), eq(bookOperations.token, token)));
    if (!done) return null;
    const { revision, text } = await this.kept.at(id);
    return { revision, text };
  }
}
