import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { and, asc, eq, gt, sql } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { openWorks, people } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';

/** Who has not been heard of for so long has gone away. */
const AWAY = 45_000;

/** One marks a work at a time: who opened it first, as long as they have it open. */
@Injectable()
export class OpenWorks {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Somebody has a work open; answers by whom it is marked, where that is somebody else. */
  async here(me: Me, tryId: string, mayMark: boolean): Promise<string | null> {
    const now = new Date();
    const gone = sql`${openWorks.heardAt} < ${new Date(now.getTime() - AWAY).toISOString()}::timestamptz`;
    await this.db
      .insert(openWorks)
      .values({ tryId, personId: me.id, since: now, heardAt: now, mayMark })
      .onConflictDoUpdate({
        target: [openWorks.tryId, openWorks.personId],
        set: {
          ...{ heardAt: now, mayMark },
          since: sql`case when ${gone} then excluded.since else ${openWorks.since} end`,
        },
      });
    return this.heldBy(me, tryId);
  }

  async leave(me: Me, tryId: string): Promise<void> {
    await this.db
      .delete(openWorks)
      .where(and(eq(openWorks.tryId, tryId), eq(openWorks.personId, me.id)));
  }

  /** Who marks a work now, where that is somebody else. */
  private async heldBy(me: Me, tryId: string): Promise<string | null> {
    const [first] = await this.db
      .select({ personId: openWorks.personId, name: people.name })
      .from(openWorks)
      .innerJoin(people, eq(people.id, openWorks.personId))
      .where(and(eq(openWorks.tryId, tryId), openWorks.mayMark, this.isThere()))
      .orderBy(asc(openWorks.since), asc(openWorks.personId))
      .limit(1);
    return first && first.personId !== me.id ? first.name : null;
  }

  /** Refuses a change of what somebody else has open. */
  async refuseHeld(me: Me, tryId: string): Promise<void> {
    const name = await this.heldBy(me, tryId);
    if (name !== null)
      throw refuse(
        'work.open',
        `${name} has this work open. Marks are changed by one at a time: go on with another, or wait until it is free.`,
      );
  }

  /** The works that others mark now, and who does. */
  async heldByOthers(me: Me): Promise<ReadonlyMap<string, string>> {
    const first = await this.db
      .selectDistinctOn([openWorks.tryId], {
        tryId: openWorks.tryId,
        personId: openWorks.personId,
        name: people.name,
      })
      .from(openWorks)
      .innerJoin(people, eq(people.id, openWorks.personId))
      .where(and(openWorks.mayMark, this.isThere()))
      .orderBy(openWorks.tryId, asc(openWorks.since), asc(openWorks.personId));
    const others = first.filter(({ personId }) => personId !== me.id);
    return new Map(others.map(({ tryId, name }) => [tryId, name]));
  }

  private isThere = () => gt(openWorks.heardAt, new Date(Date.now() - AWAY));
}
