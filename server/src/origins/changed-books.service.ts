import { Inject, Injectable } from '@nestjs/common';
import type { ChangedBook, ChangedInBook } from '@gleddo/contract';
import { booksBefore, operationSays, type Operation } from '@gleddo/core';
import { and, desc, eq, gt } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { bookOperations, people } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';
import { isSetBack } from './set-back.js';

/** So many are told in words, the latest: each is told of the book as it was then. */
const MOST_TOLD = 40;

/** What was done to a book, in words. */
@Injectable()
export class ChangedBooksService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
  ) {}

  /** What was changed of a book after a revision, the latest first. */
  async since(bookId: string, revision: number): Promise<ChangedBook> {
    const rows = await this.db
      .select({ step: bookOperations, by: people.name })
      .from(bookOperations)
      .leftJoin(people, eq(people.id, bookOperations.byId))
      .where(and(eq(bookOperations.bookId, bookId), gt(bookOperations.revision, revision)))
      .orderBy(desc(bookOperations.revision))
      .limit(MOST_TOLD);
    const steps = rows.map(({ step }) => ({
      operation: JSON.parse(step.operation) as Operation,
      inverse: JSON.parse(step.inverse) as Operation,
    }));
    const sinceSetBack = steps.findIndex(({ operation }) => isSetBack(operation));
    const known = sinceSetBack < 0 ? steps : steps.slice(0, sinceSetBack);
    const before = booksBefore(await this.books.read(bookId), known);
    const later = and(eq(bookOperations.bookId, bookId), gt(bookOperations.revision, revision));
    const count = await this.db.$count(bookOperations, later);
    const latest = rows.map(({ step, by }, i): ChangedInBook => {
      const [then, made] = [before[i], steps[i]];
      const says = then && made ? operationSays(made.operation, then) : SET_BACK;
      return { ...{ revision: step.revision, says, by: by ?? '' }, at: step.at.toISOString() };
    });
    return { count, latest };
  }
}

const SET_BACK = 'It was set back to an earlier moment, or changed before that.';
