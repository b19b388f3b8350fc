import { Inject, Injectable } from '@nestjs/common';
import type { CompanySummary, Me } from '@gleddo/contract';
import { bookFromJson, type Book } from '@gleddo/core';
import { and, desc, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { BooksService } from '../books/books.service.js';
import type { Database } from '../database/open-database.js';
import { books, companies } from '../database/schema/index.js';
import { notFound, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';

/** An instructor's practice companies. */
@Injectable()
export class CompaniesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: BooksService,
  ) {}

  async list(me: Me): Promise<CompanySummary[]> {
    const rows = await this.db
      .select()
      .from(companies)
      .innerJoin(books, eq(books.id, companies.bookId))
      .where(eq(companies.ownerId, me.id))
      .orderBy(desc(books.changedAt));
    return rows.map(({ companies: company, books: book }) => ({
      id: company.id,
      bookId: book.id,
      name: book.name,
      trade: book.trade,
      accounts: book.accounts,
      entries: book.entries,
      changedAt: book.changedAt.toISOString(),
      putAway: company.putAwayAt !== null,
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

  async create(me: Me, document: object): Promise<CompanySummary> {
    const book = bookFromJson(document);
    if (!book.ok) throw refusedBy(book.refusals);
    return this.summary(me, await this.add(me, book.value));
  }

  async add(me: Me, book: Book): Promise<string> {
    const id = nanoid();
    await this.db.transaction(async (tx) => {
      const bookId = await this.books.create(book, 'company', tx);
      await tx.insert(companies).values({ id, ownerId: me.id, bookId });
    });
    return id;
  }

  /** A company’s book as it stands, or as it stood after a revision. */
  async bookOf(me: Me, id: string, revision?: number): Promise<Book> {
    const [company] = await this.db
      .select()
      .from(companies)
      .where(and(eq(companies.id, id), eq(companies.ownerId, me.id)));
    if (!company) throw notFound('This company');
    return revision === undefined
      ? (await this.books.read(company.bookId)).book
      : this.books.at(company.bookId, revision);
  }
}
