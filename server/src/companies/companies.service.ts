import { Inject, Injectable } from '@nestjs/common';
import {
  mayAtLeast,
  type CompanySummary,
  type HangsOnCompany,
  type May,
  type Me,
} from '@gleddo/contract';
import { refusal, type Book } from '@gleddo/core';
import { and, desc, eq, isNotNull } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { BookHistoryService } from '../books/book-history.service.js';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { bookMoments, bookOperations, books, companies, people } from '../database/schema/index.js';
import { notFound, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { mayOnCompany } from '../reach/reach.js';
import { prepared, type PreparedBook } from '../threads/prepared-book.js';
import { noBook, takeBook } from '../threads/taking.js';
import { Threads } from '../threads/threads.js';

/** A body larger than this is read in another thread. */
const LARGE_BODY = 200_000;

const notAway = refusal(
  'company.not-away',
  () => 'Only a company that was put away is deleted. Put it away first.',
);

/** An instructor's practice companies. */
@Injectable()
export class CompaniesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly past: BookHistoryService,
    private readonly threads: Threads,
  ) {}

  async list(me: Me): Promise<CompanySummary[]> {
    const rows = await this.db
      .select({ company: companies, book: COLUMNS, may: mayOnCompany(me.id), owner: people.name })
      .from(companies)
      .innerJoin(books, eq(books.id, companies.bookId))
      .innerJoin(people, eq(people.id, companies.ownerId))
      .where(isNotNull(mayOnCompany(me.id)))
      .orderBy(desc(books.changedAt));
    return rows.map(({ company, book, may, owner }) => ({
      id: company.id,
      bookId: book.id,
      name: book.name,
      trade: book.trade,
      accounts: book.accounts,
      entries: book.entries,
      changedAt: book.changedAt.toISOString(),
      putAway: may === 'own' && company.putAwayAt !== null,
      isCopy: company.originId !== null,
      shared: may === 'own' ? null : { by: owner, how: may === 'change' ? 'change' : 'look' },
    }));
  }

  private async summary(me: Me, id: string): Promise<CompanySummary> {
    const found = (await this.list(me)).find((company) => company.id === id);
    if (!found) throw notFound('This company');
    return found;
  }

  /** Takes a company out of the way, or back into the list. Its book stays as it is. */
  async putAway(me: Me, id: string, away: boolean): Promise<CompanySummary> {
    await this.db
      .update(companies)
      .set({ putAwayAt: away ? new Date() : null })
      .where(and(eq(companies.id, id), eq(companies.ownerId, me.id)));
    return this.summary(me, id);
  }

  /** A company from the body of a request, `{ "book": … }`: judged before anything of it is kept. */
  async create(me: Me, body?: Uint8Array): Promise<CompanySummary> {
    if (!body) throw refusedBy([noBook()]);
    const ready = body.length > LARGE_BODY ? await this.threads.takeBook(body) : takeBook(body);
    if (!ready.ok) throw refusedBy(ready.refusals);
    return this.summary(me, await this.keep(me, ready.value));
  }

  async add(me: Me, book: Book): Promise<string> {
    const ready = prepared(book);
    if (!ready.ok) throw refusedBy(ready.refusals);
    return this.keep(me, ready.value);
  }

  private async keep(
    me: Me,
    ready: PreparedBook,
    from: { readonly originId?: string; readonly originRevision?: number } = {},
  ): Promise<string> {
    const id = nanoid();
    await this.db.transaction(async (tx) => {
      const bookId = await this.books.keep(ready, 'company', tx);
      await tx.insert(companies).values({ id, ownerId: me.id, bookId, ...from });
    });
    return id;
  }

  /** A company like one that there is: its book as it stands, under a name of its own, without its history; it knows whose copy it is. */
  async copy(me: Me, id: string): Promise<CompanySummary> {
    const { bookId } = await this.rowOf(me, id, 'look');
    const kept = await this.books.newest(bookId);
    const book = this.books.bookOf(kept);
    const name = `Copy of ${book.company.name}`.slice(0, 120);
    const ready = prepared({ ...book, company: { ...book.company, name } });
    if (!ready.ok) throw refusedBy(ready.refusals);
    const from = { originId: id, originRevision: kept.revision };
    return this.summary(me, await this.keep(me, ready.value, from));
  }

  async hanging(me: Me, id: string): Promise<HangsOnCompany> {
    const { bookId } = await this.rowOf(me, id, 'own');
    const [changes, moments] = await Promise.all([
      this.db.$count(bookOperations, eq(bookOperations.bookId, bookId)),
      this.db.$count(bookMoments, eq(bookMoments.bookId, bookId)),
    ]);
    return { changes, moments };
  }

  /** Deletes a company that was put away, with its book and its history; exercises have books of their own and stay. */
  async delete(me: Me, id: string): Promise<void> {
    const { bookId } = await this.rowOf(me, id, 'own');
    const isGone = await this.db.transaction(async (tx) => {
      const gone = await tx
        .delete(companies)
        .where(and(eq(companies.id, id), isNotNull(companies.putAwayAt)))
        .returning();
      if (gone.length > 0) await tx.delete(books).where(eq(books.id, bookId));
      return gone.length > 0;
    });
    if (!isGone) throw refusedBy([notAway({})]);
  }

  async rowOf(me: Me, id: string, least: May) {
    const [company] = await this.db
      .select({
        bookId: companies.bookId,
        originId: companies.originId,
        originRevision: companies.originRevision,
        may: mayOnCompany(me.id),
      })
      .from(companies)
      .where(eq(companies.id, id));
    if (!company || !mayAtLeast(company.may, least)) throw notFound('This company');
    return company;
  }

  /** A company’s book as it stands, or as it stood after a revision. */
  async bookOf(me: Me, id: string, revision?: number): Promise<Book> {
    const company = await this.rowOf(me, id, 'look');
    return revision === undefined
      ? this.books.read(company.bookId)
      : this.past.at(company.bookId, revision);
  }
}

const COLUMNS = {
  id: books.id,
  name: books.name,
  trade: books.trade,
  accounts: books.accounts,
  entries: books.entries,
  changedAt: books.changedAt,
};
