import { Inject, Injectable } from '@nestjs/common';
import type { GroupAnswer, Me, PartRequest } from '@gleddo/contract';
import { and, eq, inArray } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database, Queries } from '../database/open-database.js';
import { exercises, groups, handOuts, members } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { GroupsService } from './groups.service.js';
import { bringIn, takeOut } from './memberships.js';

/** More are a list of names again. */
const MOST_PARTS = 60;

/** Groups within a class: some of its students, to whom something is handed out by itself. */
@Injectable()
export class PartsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly groups: GroupsService,
  ) {}

  async make(me: Me, classId: string, request: PartRequest): Promise<GroupAnswer> {
    await this.groups.own(me, classId);
    await this.db.transaction(async (tx) => {
      const owner = await this.lockedClass(tx, classId);
      const there = await tx.$count(groups, eq(groups.withinId, classId));
      if (there >= MOST_PARTS)
        throw refuse('part.many', `A class has at most ${MOST_PARTS} groups. Delete one first.`);
      const id = nanoid();
      const name = request.name.trim();
      await tx.insert(groups).values({ id, name, ownerId: owner, withinId: classId });
      await bringIn(tx, id, await inClass(tx, classId, request.members));
    });
    return this.groups.open(me, classId);
  }

  /** Its name, and who is in it; who is taken out of it keeps what they have begun. */
  async change(
    me: Me,
    { classId, id }: { readonly classId: string; readonly id: string },
    request: PartRequest,
  ): Promise<GroupAnswer> {
    await this.groups.own(me, classId);
    await this.db.transaction(async (tx) => {
      await this.lockedClass(tx, classId);
      await partOf(tx, classId, id);
      await tx.update(groups).set({ name: request.name.trim() }).where(eq(groups.id, id));
      const wanted = new Set(await inClass(tx, classId, request.members));
      const now = await tx
        .select({ id: members.personId })
        .from(members)
        .where(eq(members.groupId, id));
      await takeOut(
        tx,
        id,
        now.flatMap((each) => (wanted.has(each.id) ? [] : [each.id])),
      );
      await bringIn(tx, id, [...wanted]);
    });
    return this.groups.open(me, classId);
  }

  /** Only one to which nothing is handed out: what its students have would lose its times. */
  async remove(me: Me, classId: string, id: string): Promise<GroupAnswer> {
    await this.groups.own(me, classId);
    await this.db.transaction(async (tx) => {
      await this.lockedClass(tx, classId);
      const { name } = await partOf(tx, classId, id);
      const [out] = await tx
        .select({ title: exercises.title })
        .from(handOuts)
        .innerJoin(exercises, eq(exercises.id, handOuts.exerciseId))
        .where(eq(handOuts.groupId, id))
        .limit(1);
      if (out)
        throw refuse(
          'part.has-exercises',
          `“${out.title}” is handed out to ${name}. Take it back from this group first.`,
        );
      await tx.delete(groups).where(eq(groups.id, id));
    });
    return this.groups.open(me, classId);
  }

  /** One after the other changes who is in a class and its groups. Answers whose it is. */
  private async lockedClass(tx: Queries, classId: string): Promise<string> {
    const [found] = await tx
      .select({ ownerId: groups.ownerId })
      .from(groups)
      .where(eq(groups.id, classId))
      .for('update');
    if (!found) throw notFound('This class group');
    return found.ownerId;
  }
}

async function partOf(tx: Queries, classId: string, id: string): Promise<{ name: string }> {
  const [found] = await tx
    .select({ name: groups.name })
    .from(groups)
    .where(and(eq(groups.id, id), eq(groups.withinId, classId)));
  if (!found) throw notFound('This group');
  return found;
}

/** Of some people those who are in a class: who was taken out meanwhile is left out. */
async function inClass(tx: Queries, classId: string, ids: readonly string[]): Promise<string[]> {
  const rows = await tx
    .select({ id: members.personId })
    .from(members)
    .where(and(eq(members.groupId, classId), inArray(members.personId, [...ids])));
  return rows.map(({ id }) => id);
}
