import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import type { Operation } from '@gleddo/core';
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
    const changes = steps.map(({ operation }, i) => ({
      token: `${from}.${since + i + 1}`,
      operations: [JSON.parse(operation) as Operation],
    }));
    const fit = changes.filter(({ operations }) => !operations.some(isSetBack));
    const refused = fit.length < changes.length ? [SET_BACK] : [];
    // One by one: each was within bounds where it was made.
    for (const change of fit) {
      const { revision } = await this.books.at(to);
      const done = await this.changes.changeAll(to, me, { revision, changes: [change] });
      refused.push(...done.refused.map(({ says }) => says));
    }
    return { upTo, count: changes.length, refused };
  }
}

const SET_BACK =
  'The other was set back to an earlier moment: that can’t be done here. Compare the two books.';
