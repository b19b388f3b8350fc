import { Inject, Injectable } from '@nestjs/common';
import type { BooksTakenOver, Me } from '@gleddo/contract';
import { eq, sql } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { exercises } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { DATABASE } from '../http/tokens.js';
import { BookFollowsService } from './book-follows.service.js';
import { OtherVersionsService } from './other-versions.service.js';

/** The books of a copy follow those of its origin: change by change, where each still fits. */
@Injectable()
export class BooksTakenOverService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly follows: BookFollowsService,
    private readonly exercises: ExercisesService,
    private readonly versions: OtherVersionsService,
  ) {}

  async takeOver(me: Me, id: string): Promise<BooksTakenOver> {
    const row = await this.exercises.rowOf(me, id);
    const origin = await this.versions.originOf(me, row);
    const key = await this.follows.follow(me, {
      ...{ from: origin.keyBookId, to: row.keyBookId, since: row.originKey ?? 0 },
    });
    const start = await this.follows.follow(me, {
      ...{ from: origin.startBookId, to: row.startBookId, since: row.originStart ?? 0 },
    });
    await this.db
      .update(exercises)
      .set({
        originKey: sql`greatest(${exercises.originKey}, ${key.upTo})`,
        originStart: sql`greatest(${exercises.originStart}, ${start.upTo})`,
      })
      .where(eq(exercises.id, id));
    const refused = [...key.refused, ...start.refused];
    return { done: key.count + start.count - refused.length, refused };
  }
}
