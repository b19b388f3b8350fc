import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { madeOfCopy, type HistoryStep, type Operation } from '@gleddo/core';
import { BookChangesService } from '../books/book-changes.service.js';
import { stepsOf } from '../books/book-steps.js';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { DATABASE } from '../http/tokens.js';
import { isSetBack } from './set-back.js';

interface Followed {
  /** The origin's book, and the copy's. */
  readonly from: string;
  readonly to: string;
  /** The revision of the origin's book that the copy has. */
  readonly since: number;
}

/** One book follows another that it is a copy of: change by change, where each still fits. */
@Injectable()
export class BookFollowsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly changes: BookChangesService,
  ) {}

  /** A change that was taken over has a name of its own: asked twice at once, it is done once. */
  async follow(me: Me, { from, to, since }: Followed) {
    const { revision: upTo } = await this.books.at(from);
    const steps = await stepsOf(this.db, from, { from: since, to: upTo });
    const changes = steps.map(({ operation, inverse }, i) => ({
      token: `${from}.${since + i + 1}`,
      operation: JSON.parse(operation) as Operation,
      inverse: JSON.parse(inverse) as Operation,
    }));
    const fit = changes.filter(({ operation }) => !isSetBack(operation));
    const refused = fit.length < changes.length ? [SET_BACK] : [];
    // One by one: each was within bounds where it was made.
    for (const change of fit) refused.push(...(await this.takeOne(me, to, change)));
    return { upTo, count: changes.length, refused };
  }

  private async takeOne(
    me: Me,
    to: string,
    { token, ...step }: HistoryStep & { readonly token: string },
  ): Promise<string[]> {
    const kept = await this.books.newest(to);
    const operations = [madeOfCopy(step, this.books.bookOf(kept))];
    const { revision } = kept;
    const changes = [{ token, operations }];
    const { refused } = await this.changes.changeAll(to, me, { revision, changes });
    return refused.map(({ says }) => says);
  }
}

const SET_BACK =
  'The other was set back to an earlier moment: that can’t be done here. Compare the two books.';
