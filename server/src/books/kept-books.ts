import { Inject, Injectable } from '@nestjs/common';
import type { BookUse } from '@gleddo/contract';
import { readBook, type Book } from '@gleddo/core';
import { and, eq, sql } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import { nanoid } from 'nanoid';
import type { Database, Queries } from '../database/open-database.js';
import { books, bookSnapshots } from '../database/schema/index.js';
import { notFound, refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { prepared, type PreparedBook } from '../threads/prepared-book.js';
import { replay } from '../threads/replaying.js';
import { Threads } from '../threads/threads.js';
import { BookTexts } from './book-texts.js';
import { stepsOf } from './book-steps.js';

/** A book as it stands: its text, and the book itself where this thread has read it. */
export interface KeptBook {
  readonly revision: number;
  readonly text: string;
  book: Book | null;
  /** Whether its text is known to be a book: written here, or read once. */
  isJudged: boolean;
}

/** A book larger than this is worked on in another thread, so that nobody waits for it. */
export const LARGE_TEXT = 400_000;
const MOST_CHARACTERS = 150_000_000;

/** Books as they stand, kept by their revision: what was read or written once is not read again. */
@Injectable()
export class KeptBooks {
  private readonly known = new LRUCache<string, KeptBook>({
    maxSize: MOST_CHARACTERS,
    sizeCalculation: ({ text, book }) => text.length * (book ? 3 : 1) + 1,
  });

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly texts: BookTexts,
    private readonly threads: Threads,
  ) {}

  async create(book: Book, use: BookUse, db: Queries = this.db): Promise<string> {
    const ready = prepared(book);
    if (!ready.ok) throw refusedBy(ready.refusals);
    return this.keep(ready.value, use, db);
  }

  /** Keeps a book that was made ready, as a new one. */
  async keep(ready: PreparedBook, use: BookUse, db: Queries = this.db): Promise<string> {
    const id = nanoid();
    const { text: state, ...columns } = ready;
    await db.insert(books).values({ id, use, state, ...columns });
    await db.insert(bookSnapshots).values({ bookId: id, revision: 0, state });
    return id;
  }

  /** A copy of a book as it stands; what is known of the one is known of the other. */
  async copy({ text, book }: KeptBook, use: BookUse, db: Queries = this.db): Promise<string> {
    const read = this.bookOf({ revision: 0, text, book, isJudged: true });
    const { name, trade } = read.company;
    const { length: accounts } = read.accounts;
    const ready = { text, name, trade, accounts, entries: read.entries.length };
    const id = await this.keep(ready, use, db);
    this.remember(id, { revision: 0, text, book: read, isJudged: true });
    return id;
  }

  /** The newest text of a book, known already where nobody has changed it since; refused when it can't be read. */
  async newest(id: string): Promise<KeptBook> {
    const kept = await this.at(id);
    this.bookOf(kept);
    return kept;
  }

  /** The text of a book at the revision it is known to be at, or at the newest. */
  async at(id: string, revision?: number): Promise<KeptBook> {
    const known = this.known.get(id);
    if (known && known.revision === revision) return known;
    const row = await this.rowOf(id, known?.revision ?? -1);
    if (known && row.revision === known.revision) return known;
    const from = row.text === null ? known : { revision: row.textRevision, text: row.text };
    const kept = await this.followed(id, from ?? { revision: 0, text: '' }, row.revision);
    return this.remember(id, kept);
  }

  /** How a book stands, with its text where that is newer than what is known. */
  private async rowOf(id: string, known: number) {
    const { state, revision, stateRevision } = books;
    const text = sql<
      string | null
    >`case when ${stateRevision} <= ${known} then null else ${state} end`;
    const [row] = await this.db
      .select({ revision, textRevision: stateRevision, text })
      .from(books)
      .where(eq(books.id, id));
    if (!row) throw notFound('This book');
    return row;
  }

  /** A text with what its history tells since; what comes of it is written, too, in a while. */
  private async followed(
    id: string,
    from: { readonly revision: number; readonly text: string },
    to: number,
  ): Promise<KeptBook> {
    if (from.revision >= to) return { ...from, book: null, isJudged: false };
    const steps = await stepsOf(this.db, id, { from: from.revision, to });
    const described = { text: from.text, steps: steps.map(({ operation }) => operation) };
    const isLong = from.text.length * (steps.length + 1) > LARGE_TEXT;
    const replayed = isLong ? await this.threads.replay(described) : replay(described);
    // What can’t be read is told by whoever reads it.
    if (!replayed.ok) return { revision: to, text: from.text, book: null, isJudged: false };
    if (!replayed.value || steps.length !== to - from.revision) throw unreadable(NOT_TOLD);
    const kept = { revision: to, text: replayed.value.text };
    this.texts.follow(id, kept);
    return { ...kept, book: null, isJudged: true };
  }

  /** The text with which a book was begun; null where it is not kept. */
  async asBegun(id: string): Promise<string | null> {
    const [first] = await this.db
      .select({ state: bookSnapshots.state })
      .from(bookSnapshots)
      .where(and(eq(bookSnapshots.bookId, id), eq(bookSnapshots.revision, 0)));
    return first?.state ?? null;
  }

  /** A book that was changed here: its text follows its history. */
  changed(id: string, kept: KeptBook): void {
    this.remember(id, kept);
    this.texts.follow(id, kept);
  }

  /** The text as it was known here last: the newest, unless another server has changed it since. */
  async lately(id: string): Promise<KeptBook> {
    return this.known.get(id) ?? this.at(id);
  }

  /** Whether a text is still that of the newest revision. */
  async isNewest(id: string, { revision }: KeptBook): Promise<boolean> {
    return (await this.at(id)).revision === revision;
  }

  remember(id: string, kept: KeptBook): KeptBook {
    const known = this.known.get(id);
    if (!known || known.revision <= kept.revision) this.known.set(id, kept);
    return kept;
  }

  async read(id: string): Promise<Book> {
    return this.bookOf(await this.newest(id));
  }

  /** The book of a kept text; refused, with what to do, when it can't be read. */
  bookOf(kept: KeptBook): Book {
    if (kept.book) return kept.book;
    const read = readBook(kept.text);
    if (!read.ok) throw unreadable(read.refusals[0]?.says ?? '');
    kept.book = read.value;
    kept.isJudged = true;
    return read.value;
  }
}

const NOT_TOLD = 'Its history does not lead to how it stands.';

export const UNREADABLE = 'book.unreadable';

export const unreadable = (why: string) =>
  refuse(
    UNREADABLE,
    `This book can’t be read. ${why} Its instructor can set it back to an earlier moment.`,
  );
