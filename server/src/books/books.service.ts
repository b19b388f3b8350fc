import { Inject, Injectable } from '@nestjs/common';
import type {
  BookAnswer,
  BookUse,
  HistoryEntry,
  Me,
  Moment,
  OperationsAnswer,
} from '@gleddo/contract';
import {
  apply,
  bookToJson,
  booksBefore,
  readBook,
  readOperations,
  writeBook,
  type Book,
  type HistoryStep,
  type Operation,
  type Rules,
} from '@gleddo/core';
import { and, desc, eq, gt } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import { nanoid } from 'nanoid';
import type { Database, Queries } from '../database/open-database.js';
import { bookMoments, bookOperations, books, people } from '../database/schema/index.js';
import { notFound, refusedBy, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { BookAccess } from './book-access.js';

interface Kept {
  readonly book: Book;
  readonly revision: number;
  readonly use: BookUse;
}

const MOST_HISTORY = 200;

/** Books as they stand, and the operations that made them so. */
@Injectable()
export class BooksService {
  private readonly parsed = new LRUCache<string, Book>({ max: 200 });

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly access: BookAccess,
  ) {}

  async create(book: Book, use: BookUse, db: Queries = this.db): Promise<string> {
    const id = nanoid();
    await db.insert(books).values({ id, use, ...columnsOf(book) });
    return id;
  }

  async read(id: string, db: Queries = this.db): Promise<Kept> {
    const [row] = await db.select().from(books).where(eq(books.id, id));
    if (!row) throw notFound('This book');
    return { book: this.bookOf(row), revision: row.revision, use: row.use };
  }

  private bookOf(row: { id: string; revision: number; state: string }): Book {
    const name = `${row.id} ${row.revision}`;
    const known = this.parsed.get(name);
    if (known) return known;
    const read = readBook(row.state);
    if (!read.ok) throw new Error(`book ${row.id} is not readable: ${read.refusals[0]?.says}`);
    this.parsed.set(name, read.value);
    return read.value;
  }

  async open(id: string, me: Me): Promise<BookAnswer> {
    const rights = await this.access.rightsOf(id, me);
    const { book, revision, use } = await this.read(id);
    const { mayChange, rules, help, startBookId } = rights;
    const start = startBookId === null ? null : (await this.read(startBookId)).book;
    const { by, entriesMayChange } = rules;
    return {
      id,
      revision,
      use,
      book: bookToJson(book),
      mayChange,
      entriesMayChange,
      by,
      help,
      start: start && bookToJson(start),
    };
  }

  /**
   * Applies operations made on a revision. When others came in between they are tried on the book as it now
   * stands: those that still fit are done, and the newer book goes back; otherwise the reason does.
   */
  async change(
    id: string,
    me: Me,
    revision: number,
    sent: readonly unknown[],
    token: string,
  ): Promise<OperationsAnswer> {
    const { mayChange, rules, why } = await this.access.rightsOf(id, me);
    if (!mayChange) throw refuse('book.fixed', why);
    const operations = readOperations(sent);
    if (!operations.ok) throw refusedBy(operations.refusals);
    for (let attempt = 0; attempt < 20; attempt++) {
      const answer = await this.db.transaction((tx) =>
        this.applyOnce(tx, { id, me, token, operations: operations.value, rules }, revision),
      );
      if (answer) return answer;
    }
    throw refuse('book.busy', 'Too many people change this book at once. Try again in a moment.');
  }

  /** Null when somebody else was quicker between reading and writing. */
  private async applyOnce(
    db: Queries,
    work: Work,
    based: number,
  ): Promise<OperationsAnswer | null> {
    const { id, me, token, operations, rules } = work;
    await this.access.holdOpen(id, db);
    const before = await this.read(id, db);
    const [done] = await db
      .select({ revision: bookOperations.revision })
      .from(bookOperations)
      .where(and(eq(bookOperations.bookId, id), eq(bookOperations.token, token)));
    if (done) return { revision: before.revision, book: bookToJson(before.book) };
    const operation: Operation =
      operations.length === 1 && operations[0] ? operations[0] : { kind: 'several', operations };
    const applied = apply(before.book, operation, rules);
    if (!applied.ok) throw refusedBy(applied.refusals);
    const revision = before.revision + 1;
    const { book, inverse } = applied.value;
    const written = await db
      .update(books)
      .set({ revision, changedAt: new Date(), ...columnsOf(book) })
      .where(and(eq(books.id, id), eq(books.revision, before.revision)))
      .returning({ id: books.id });
    if (written.length === 0) return null;
    await db.insert(bookOperations).values({
      bookId: id,
      revision,
      token,
      byId: me.id,
      operation: JSON.stringify(operation),
      inverse: JSON.stringify(inverse),
    });
    return { revision, book: before.revision === based ? null : bookToJson(book) };
  }

  /** The named moments of a book, the latest first. */
  async moments(id: string, me: Me): Promise<Moment[]> {
    await this.access.rightsOf(id, me);
    return this.db
      .select({ revision: bookMoments.revision, name: bookMoments.name })
      .from(bookMoments)
      .where(eq(bookMoments.bookId, id))
      .orderBy(desc(bookMoments.revision));
  }

  /** Names a moment, or gives it another name. */
  async nameMoment(id: string, me: Me, revision: number, name: string): Promise<Moment[]> {
    await this.access.rightsOf(id, me);
    const { revision: latest } = await this.read(id);
    if (revision > latest || name === '')
      throw refuse(
        'moment.none',
        'There is no such moment in this book. Choose one of its history.',
      );
    await this.db
      .insert(bookMoments)
      .values({ bookId: id, revision, name, byId: me.id })
      .onConflictDoUpdate({ target: [bookMoments.bookId, bookMoments.revision], set: { name } });
    return this.moments(id, me);
  }

  /** A book as it stood after a revision. */
  async at(id: string, revision: number): Promise<Book> {
    const now = await this.read(id);
    const rows = await this.db
      .select({ operation: bookOperations.operation, inverse: bookOperations.inverse })
      .from(bookOperations)
      .where(and(eq(bookOperations.bookId, id), gt(bookOperations.revision, revision)))
      .orderBy(desc(bookOperations.revision));
    const steps = rows.map(stepOf);
    const known = steps.flatMap((step) => step ?? []);
    const before = booksBefore(now.book, known);
    const isTold = known.length === steps.length && before.length === steps.length;
    if (revision > now.revision || !isTold)
      throw refuse(
        'moment.none',
        'There is no such moment in this book. Choose one of its history.',
      );
    return before.at(-1) ?? now.book;
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

interface Work {
  readonly id: string;
  readonly me: Me;
  readonly token: string;
  readonly operations: readonly Operation[];
  readonly rules: Rules;
}

function stepOf(row: { operation: string; inverse: string }): HistoryStep | null {
  const read = readOperations([JSON.parse(row.operation), JSON.parse(row.inverse)]);
  const [operation, inverse] = read.ok ? read.value : [];
  return operation && inverse ? { operation, inverse } : null;
}

const columnsOf = (book: Book) => ({
  name: book.company.name,
  trade: book.company.trade,
  state: writeBook(book),
  accounts: book.accounts.length,
  entries: book.entries.length,
});
