import { Inject, Injectable } from '@nestjs/common';
import type { HistoryEntry, Me, Moment } from '@gleddo/contract';
import { apply, readBook, readHistoric, type Book, type Operation } from '@gleddo/core';
import { and, asc, desc, eq, gt, lte } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { bookMoments, bookOperations, bookSnapshots, people } from '../database/schema/index.js';
import { refuse, Refused, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { prepared } from '../threads/prepared-book.js';
import { BookAccess, type Rights } from './book-access.js';
import { BookWriting, type WrittenStep } from './book-writing.js';
import { KeptBooks, UNREADABLE } from './kept-books.js';

const MOST_HISTORY = 200;

const noMoment = () =>
  refuse('moment.none', 'There is no such moment in this book. Choose one of its history.');

/** How a book came to be what it is: its changes, its named moments, and the way back to any of them. */
@Injectable()
export class BookHistoryService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly access: BookAccess,
    private readonly kept: KeptBooks,
    private readonly writing: BookWriting,
    private readonly audit: AuditService,
  ) {}

  /** The named moments of a book, the latest first. */
  async moments(id: string, me: Me): Promise<Moment[]> {
    await this.access.rightsOf(id, me);
    return this.db
      .select({ revision: bookMoments.revision, name: bookMoments.name })
      .from(bookMoments)
      .where(eq(bookMoments.bookId, id))
      .orderBy(desc(bookMoments.revision));
  }

  /** Names a moment, or gives it another name, while the book may be changed. */
  async nameMoment(id: string, me: Me, revision: number, name: string): Promise<Moment[]> {
    const rights = await this.access.rightsOf(id, me);
    if (!rights.mayChange) throw refuse('book.fixed', rights.why);
    if (revision > rights.revision) throw noMoment();
    await this.db
      .insert(bookMoments)
      .values({ bookId: id, revision, name, byId: me.id })
      .onConflictDoUpdate({ target: [bookMoments.bookId, bookMoments.revision], set: { name } });
    return this.moments(id, me);
  }

  /** A book as it stood after a revision, told from the nearest snapshot, whatever became of the newest. */
  async at(id: string, revision: number): Promise<Book> {
    const [before] = await this.db
      .select()
      .from(bookSnapshots)
      .where(and(eq(bookSnapshots.bookId, id), lte(bookSnapshots.revision, revision)))
      .orderBy(desc(bookSnapshots.revision))
      .limit(1);
    if (before) return this.forward(id, before, revision);
    const [after] = await this.db
      .select()
      .from(bookSnapshots)
      .where(and(eq(bookSnapshots.bookId, id), gt(bookSnapshots.revision, revision)))
      .orderBy(asc(bookSnapshots.revision))
      .limit(1);
    if (!after) throw noMoment();
    return this.backward(id, after, revision);
  }

  private async steps(id: string, from: number, to: number) {
    return this.db
      .select({ operation: bookOperations.operation, inverse: bookOperations.inverse })
      .from(bookOperations)
      .where(
        and(
          eq(bookOperations.bookId, id),
          gt(bookOperations.revision, from),
          lte(bookOperations.revision, to),
        ),
      )
      .orderBy(asc(bookOperations.revision));
  }

  private async forward(id: string, from: Snapshot, to: number): Promise<Book> {
    const steps = await this.steps(id, from.revision, to);
    if (steps.length !== to - from.revision) throw noMoment();
    return steps.reduce((book, { operation }) => stepped(book, operation), bookOf(from));
  }

  private async backward(id: string, from: Snapshot, to: number): Promise<Book> {
    const steps = await this.steps(id, to, from.revision);
    if (steps.length !== from.revision - to) throw noMoment();
    return steps.reduceRight((book, { inverse }) => stepped(book, inverse), bookOf(from));
  }

  /** Sets a book back to how it stood after an earlier revision, even where its newest can't be read. */
  async setBack(id: string, me: Me, revision: number): Promise<number> {
    const rights = await this.access.rightsOf(id, me);
    const isBroken = await this.isBroken(id);
    const may = rights.mayChange || (isBroken && me.role === 'instructor');
    if (!may) throw refuse('book.fixed', rights.why);
    if (revision >= rights.revision) throw noMoment();
    const ready = prepared(await this.at(id, revision));
    if (!ready.ok) throw refusedBy(ready.refusals);
    const step = setBackStep(id, me, rights, revision);
    if (!(await this.writing.write(step, rights.revision, ready.value)))
      throw refuse('book.busy', 'The book was changed meanwhile. Look at it, then try again.');
    await this.audit.write('set-back', me.id, id);
    return rights.revision + 1;
  }

  /** Whether what is kept can't be read as a book; that the database is away is another matter. */
  private async isBroken(id: string): Promise<boolean> {
    try {
      await this.kept.read(id);
      return false;
    } catch (error) {
      if (error instanceof Refused && error.faults[0]?.code === UNREADABLE) return true;
      throw error;
    }
  }

  async history(id: string, me: Me): Promise<HistoryEntry[]> {
    await this.access.rightsOf(id, me);
    const rows = await this.db
      .select()
      .from(bookOperations)
      .leftJoin(people, eq(people.id, bookOperations.byId))
      .where(eq(bookOperations.bookId, id))
      .orderBy(desc(bookOperations.revision))
      .limit(MOST_HISTORY);
    return rows.map(({ book_operations: row, people: person }) => ({
      revision: row.revision,
      at: row.at.toISOString(),
      by: person?.name ?? '',
      operation: JSON.parse(row.operation) as object,
      inverse: JSON.parse(row.inverse) as object,
    }));
  }
}

/** A step of a history that is no operation: the book was set back, and a snapshot stands there. */
const SET_BACK = 'set-back';

/** Only who works on a try is kept from setting it back once it is handed in; a broken one is mended whenever. */
function setBackStep(id: string, me: Me, { isTry, mayChange }: Rights, to: number): WrittenStep {
  const said = JSON.stringify({ kind: SET_BACK, revision: to });
  const step = { id, byId: me.id, token: nanoid(), operation: said, inverse: said };
  return { ...step, isTry: isTry && mayChange, isKept: true };
}

type Snapshot = Pick<typeof bookSnapshots.$inferSelect, 'revision' | 'state'>;

function bookOf({ state }: Snapshot): Book {
  const read = readBook(state);
  if (!read.ok) throw refusedBy(read.refusals);
  return read.value;
}

function stepped(book: Book, text: string): Book {
  const operation = readHistoric(JSON.parse(text));
  const applied = operation.ok ? apply(book, operation.value as Operation) : operation;
  if (!applied.ok) throw noMoment();
  return applied.value.book;
}
