import { Inject, Injectable } from '@nestjs/common';
import {
  OPEN_KINDS,
  type HereRequest,
  type Me,
  type OpenKind,
  type OtherHere,
  type WhoIsHere,
} from '@gleddo/contract';
import { and, asc, eq, gt, lt, ne, sql } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { companies, exercises, people, presences } from '../database/schema/index.js';
import { notFound } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { mayOnCompany, mayOnExercise } from '../reach/reach.js';

/** What is open, by its kind, as it stands in the address. */
interface Thing {
  readonly kind: string;
  readonly id: string;
}

/** Who has not been heard of for so long has gone away. */
const AWAY = 40_000;
/** And for so long is forgotten. */
const LONG_AWAY = 10 * AWAY;

/** Who else has a company or an exercise open, on which page: told to those alone who may see it. */
@Injectable()
export class PresenceService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async here(me: Me, thing: Thing, { page }: HereRequest): Promise<WhoIsHere> {
    const revision = await this.revisionOf(me, thing);
    const now = new Date();
    const own = { thingId: thing.id, personId: me.id, page, heardAt: now };
    await this.db
      .insert(presences)
      .values(own)
      .onConflictDoUpdate({
        target: [presences.thingId, presences.personId],
        set: { page, heardAt: now },
      });
    await this.clear(now);
    return { others: await this.others(me, thing.id), revision };
  }

  /** Whoever went away without a word; what another server clears just now is left to it, so that none waits for another. */
  private async clear(now: Date): Promise<void> {
    const gone = this.db
      .select({ thingId: presences.thingId, personId: presences.personId })
      .from(presences)
      .where(lt(presences.heardAt, new Date(now.getTime() - LONG_AWAY)))
      .for('update', { skipLocked: true });
    await this.db
      .delete(presences)
      .where(sql`(${presences.thingId}, ${presences.personId}) in ${gone}`);
  }

  async leave(me: Me, { id }: Thing): Promise<void> {
    await this.db
      .delete(presences)
      .where(and(eq(presences.thingId, id), eq(presences.personId, me.id)));
  }

  private others(me: Me, id: string): Promise<OtherHere[]> {
    return this.db
      .select({ name: people.name, page: presences.page })
      .from(presences)
      .innerJoin(people, eq(people.id, presences.personId))
      .where(
        and(
          eq(presences.thingId, id),
          ne(presences.personId, me.id),
          gt(presences.heardAt, new Date(Date.now() - AWAY)),
        ),
      )
      .orderBy(asc(people.name));
  }

  /** Refuses what somebody may not even look at. */
  private async revisionOf(me: Me, { kind, id }: Thing): Promise<number | null> {
    const known = OPEN_KINDS.find((each) => each === kind);
    if (!known) throw notFound('What is open');
    const row = await this.rowOf(me, known, id);
    if (!row || row.may === null) throw notFound('What is open');
    return row.revision;
  }

  private async rowOf(me: Me, kind: OpenKind, id: string) {
    const [row] =
      kind === 'exercises'
        ? await this.db
            .select({ may: mayOnExercise(me.id), revision: exercises.revision })
            .from(exercises)
            .where(eq(exercises.id, id))
        : await this.db
            .select({ may: mayOnCompany(me.id), revision: sql<null>`null` })
            .from(companies)
            .where(eq(companies.id, id));
    return row;
  }
}
