import { Inject, Injectable } from '@nestjs/common';
import type { BooksTakenOver, CompanyOrigin, Me } from '@gleddo/contract';
import { eq, sql } from 'drizzle-orm';
import { CompaniesService } from '../companies/companies.service.js';
import type { Database } from '../database/open-database.js';
import { books, companies, people } from '../database/schema/index.js';
import { isNotFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { BookFollowsService } from './book-follows.service.js';
import { ChangedBooksService } from './changed-books.service.js';

/** A company that is a copy, beside the one that it was taken from. */
@Injectable()
export class CompanyOriginsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly companies: CompaniesService,
    private readonly changed: ChangedBooksService,
    private readonly follows: BookFollowsService,
  ) {}

  async origin(me: Me, id: string): Promise<CompanyOrigin> {
    const { originId, bookId, since } = await this.originOf(me, id);
    const [said] = await this.db
      .select({ name: books.name, by: people.name })
      .from(companies)
      .innerJoin(books, eq(books.id, companies.bookId))
      .innerJoin(people, eq(people.id, companies.ownerId))
      .where(eq(companies.id, originId));
    return {
      ...{ bookId, name: said?.name ?? '', by: said?.by ?? '' },
      book: await this.changed.since(bookId, since),
    };
  }

  /** What was changed there since, done here, too, where it still fits. */
  async takeOver(me: Me, id: string): Promise<BooksTakenOver> {
    const { bookId, own, since } = await this.originOf(me, id);
    const { upTo, count, refused } = await this.follows.follow(me, {
      ...{ from: bookId, to: own, since },
    });
    await this.db
      .update(companies)
      .set({ originRevision: sql`greatest(${companies.originRevision}, ${upTo})` })
      .where(eq(companies.id, id));
    return { done: count - refused.length, refused };
  }

  /** The company of which one that one may change is a copy, as long as it may be looked at. */
  private async originOf(me: Me, id: string) {
    const { originId, originRevision, bookId: own } = await this.companies.rowOf(me, id, 'change');
    if (originId === null) throw refuse('origin.none', NO_ORIGIN);
    const origin = await this.companies.rowOf(me, originId, 'look').catch((err: unknown) => {
      throw isNotFound(err) ? refuse('origin.gone', GONE) : err;
    });
    return { originId, own, bookId: origin.bookId, since: originRevision ?? 0 };
  }
}

const NO_ORIGIN = 'This company is no copy of another.';
const GONE =
  'The company of which this one is a copy is no longer shared with you, or is gone. Ask whoever shared it; yours stays as it is.';
