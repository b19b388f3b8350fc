import { Inject, Injectable } from '@nestjs/common';
import type { HistoryEntry, Me, Moment } from '@gleddo/contract';
import { readBook, type Book } from '@gleddo/core';
import { and, asc, desc, eq, gt, lte, type SQL } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { bookMoments, bookOperations, bookSnapshots, people } from '../database/schema/index.js';
import { refuse, Refused, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import type { PreparedBook } from '../threads/prepared-book.js';
import { replay, type ToReplay } from '../threads/replaying.js';
import { Threads } from '../threads/threads.js';
import { BookAccess, type Rights } from './book-access.js';
import { stepsOf } from './book-steps.js';
import { BooksService } from './books.service.js';
import { BookWriting, type WrittenStep } from './book-writing.js';
import { KeptBooks, LARGE_TEXT, UNREADABLE } from './kept-books.js';

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
    private readonly books: BooksService,
    private readonly writing: BookWriting,
    private readonly threads: Threads,
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
  async nameMoment(
    id: string,
    me: Me,
    { revision, name }: { readonly revision: number; readonly name: string },
  ): Promise<Moment[]> {
    const rights = await this.access.rightsOf(id, me);
    if (!rights.mayChange) throw refuse('book.fixed', rights.why);
    if (revision > rights.revision) throw noMoment();
    await this.db
      .insert(bookMoments)
      .values({ bookId: id, revision, name, byId: me.id })
      .onConflictDoUpdate({ target: [bookMoments.bookId, bookMoments.revision], set: { name } });
    return this.moments(id, me);
  }

  /** A book as it stood after a revision, whatever became of the newest. */
  async at(id: string, revision: number): Promise<Book> {
    const read = readBook((await this.readyAt(id, revision)).text);
    if (!read.ok) throw refusedBy(read.refusals);
    return read.value;
  }

  /** The same, ready to be kept: told from the nearest snapshot, in another thread where that is long work. */
  private async readyAt(id: string, revision: number): Promise<PreparedBook> {
    const before = await this.snapshot(
      and(eq(bookSnapshots.bookId, id), lte(bookSnapshots.revision, revision)),
      desc(bookSnapshots.revision),
    );
    const described = before
      ? await this.forward(id, before, revision)
      : await this.backward(id, revision);
    const isLong = described.text.length * (described.steps.length + 1) > LARGE_TEXT;
    const replayed = isLong ? await this.threads.replay(described) : replay(described);
    if (!replayed.ok) throw refusedBy(replayed.refusals);
    if (!replayed.value) throw noMoment();
    return replayed.value;
  }

  private async snapshot(where: SQL | undefined, order: SQL): Promise<Snapshot | undefined> {
    const [found] = await this.db.select().from(bookSnapshots).where(where).orderBy(order).limit(1);
    return found;
  }

  private async steps(id: string, from: number, to: number) {
    const steps = await stepsOf(this.db, id, { from, to });
    if (steps.length !== to - from) throw noMoment();
    return steps;
  }

  private async forward(id: string, from: Snapshot, to: number): Promise<ToReplay> {
    const steps = await this.steps(id, from.revision, to);
    return { text: from.state, steps: steps.map(({ operation }) => operation) };
  }

  private async backward(id: string, to: number): Promise<ToReplay> {
    const from = await this.snapshot(
      and(eq(bookSnapshots.bookId, id), gt(bookSnapshots.revision, to)),
      asc(bookSnapshots.revision),
    );
    if (!from) throw noMoment();
    const steps = await this.steps(id, to, from.revision);
    return { text: from.state, steps: steps.map(({ inverse }) => inverse).reverse() };
  }

  /** Sets a book back to how it stood after an earlier revision, even where its newest can't be read. */
  async setBack(id: string, me: Me, revision: number): Promise<number> {
    const rights = await this.access.rightsOf(id, me);
    const isBroken = await this.isBroken(id);
    const may = rights.mayChange || (isBroken && me.role === 'instructor');
    if (!may) throw refuse('book.fixed', rights.why);
    if (revision >= rights.revision) throw noMoment();
    const ready = await this.readyAt(id, revision);
    const step = setBackStep({ id, byId: me.id }, rights, revision);
    if (!(await this.writing.write(step, rights.revision, { book: ready })))
      throw refuse('book.busy', 'The book was changed meanwhile. Look at it, then try again.');
    await this.audit.write('set-back', me.id, { aboutId: id });
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
    return this.stepsSince(id, me, 0);
  }

  /** What others and oneself did since a revision, with the book as it now stands; null where nothing was. */
  async since(id: string, me: Me, revision: number): Promise<Newer | null> {
    const rights = await this.access.rightsOf(id, me);
    if (rights.revision <= revision) return null;
    const kept = await this.books.readable(id, rights.revision);
    const steps = await this.stepsSince(id, me, Math.max(0, revision));
    return {
      revision: kept.revision,
      text: kept.text,
      steps: steps.filter((step) => step.revision <= kept.revision),
    };
  }

  /** The latest steps after a revision, the latest first. */
  private async stepsSince(id: string, me: Me, revision: number): Promise<HistoryEntry[]> {
    const rows = await this.db
      .select()
      .from(bookOperations)
      .leftJoin(people, eq(people.id, bookOperations.byId))
      .where(and(eq(bookOperations.bookId, id), gt(bookOperations.revision, revision)))
      .orderBy(desc(bookOperations.revision))
      .limit(MOST_HISTORY);
    return rows.map(({ book_operations: row, people: person }) => ({
      revision: row.revision,
      token: row.token,
      undoes: row.undoes,
      isMine: row.byId === me.id,
      at: row.at.toISOString(),
      by: person?.name ?? '',
      operation: JSON.parse(row.operation) as object,
      inverse: JSON.parse(row.inverse) as object,
    }));
  }
}

/** A newer book than somebody knows: its text, and how it came to be it. */
export interface Newer {
  readonly revision: number;
  readonly text: string;
  readonly steps: readonly HistoryEntry[];
}

/** A step of a history that is no operation: the book was set back, and a snapshot stands there. */
const SET_BACK = 'set-back';

/** Only who works on a try is kept from setting it back once it is handed in; a broken one is mended whenever. */
function setBackStep(
  whose: Pick<WrittenStep, 'id' | 'byId'>,
  { isTry, mayChange }: Rights,
  to: number,
): WrittenStep {
  const said = JSON.stringify({ kind: SET_BACK, revision: to });
  const step = { ...whose, token: nanoid(), operation: said, inverse: said, undoes: null };
  return { ...step, isTry: isTry && mayChange, isKept: true };
}

type Snapshot = Pick<typeof bookSnapshots.$inferSelect, 'revision' | 'state'>;
