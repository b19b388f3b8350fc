import { Inject, Injectable } from '@nestjs/common';
import type { BooksTakenOver, Me } from '@gleddo/contract';
import type { Operation } from '@gleddo/core';
import { eq } from 'drizzle-orm';
import { BookChangesService } from '../books/book-changes.service.js';
import { stepsOf } from '../books/book-steps.js';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { exercises } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { DATABASE } from '../http/tokens.js';
import { OtherVersionsService } from './other-versions.service.js';
import { isSetBack } from './set-back.js';

interface Followed {
  /** The origin's book, and the copy's. */
  readonly from: string;
  readonly to: string;
  /** The revision of the origin's book that the copy has. */
  readonly since: number;
}

/** The books of a copy follow those of its origin: change by change, where each still fits. */
@Injectable()
export class BooksTakenOverService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly changes: BookChangesService,
    private readonly exercises: ExercisesService,
    private readonly versions: OtherVersionsService,
  ) {}

  async takeOver(me: Me, id: string): Promise<BooksTakenOver> {
    const row = await this.exercises.rowOf(me, id);
    const origin = await this.versions.originOf(me, row);
    const key = await this.follow(me, {
      ...{ from: origin.keyBookId, to: row.keyBookId, since: row.originKey ?? 0 },
    });
    const start = await this.follow(me, {
      ...{ from: origin.startBookId, to: row.startBookId, since: row.originStart ?? 0 },
    });
    await this.db
      .update(exercises)
      .set({ originKey: key.upTo, originStart: start.upTo })
      .where(eq(exercises.id, id));
    const refused = [...key.refused, ...start.refused];
    return { done: key.count + start.count - refused.length, refused };
  }

  /** A change that was taken over has a name of its own: asked twice at once, it is done once. */
  private async follow(me: Me, { from, to, since }: Followed) {
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
