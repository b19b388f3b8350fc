import { Inject, Injectable } from '@nestjs/common';
import type { GroupAnswer, Me, PartRequest } from '@gleddo/contract';
import { and, eq, inArray } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database, Queries } from '../database/open-database.js';
import { exercises, groups, handOuts, members } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { GroupsService } from './groups.service.js';
import { bringIn, lockedClass, takeOut } from './memberships.js';

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
      const ownerId = await lockedClass(tx, classId);
      const [id, name] = [nanoid(), request.name.trim()];
      const who = await inClass(tx, classId, request.members);
      // Sent again after a lost answer, it is made once.
      if (await isThere(tx, classId, { name, who })) return;
      const there = await tx.$count(groups, eq(groups.withinId, classId));
      if (there >= MOST_PARTS)
        throw refuse('part.many', `A class has at most ${MOST_PARTS} groups. Delete one first.`);
      await tx.insert(groups).values({ id, name, ownerId, withinId: classId });
      await bringIn(tx, id, who);
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
      await lockedClass(tx, classId);
      await partOf(tx, classId, id);
      await tx.update(groups).set({ name: request.name.trim() }).where(eq(groups.id, id));
      const wanted = new Set(await inClass(tx, classId, request.members));
      const now = await membersOf(tx, id);
      await takeOut(
        tx,
        id,
        now.filter((each) => !wanted.has(each)),
      );
      await bringIn(tx, id, [...wanted]);
    });
    return this.groups.open(me, classId);
  }

  /** Only one to which nothing is handed out: what its students have would lose its times. */
  async remove(me: Me, classId: string, id: string): Promise<GroupAnswer> {
    await this.groups.own(me, classId);
    await this.db.transaction(async (tx) => {
      await lockedClass(tx, classId);
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
}

interface Wanted {
  readonly name: string;
  readonly who: readonly string[];
}

/** Whether a class has such a group already; one of the same name with others in it is refused. */
async function isThere(tx: Queries, classId: string, { name, who }: Wanted): Promise<boolean> {
  const [same] = await tx
    .select({ id: groups.id })
    .from(groups)
    .where(and(eq(groups.withinId, classId), eq(groups.name, name)));
  if (!same) return false;
  const now = await membersOf(tx, same.id);
  if (now.length === who.length && now.every((id) => who.includes(id))) return true;
  throw refuse('part.twice', `There is a group “${name}” in this class already.`, 'name');
}

async function membersOf(tx: Queries, id: string): Promise<string[]> {
  const rows = await tx
    .select({ id: members.personId })
    .from(members)
    .where(eq(members.groupId, id));
  return rows.map((row) => row.id);
}

async function partOf(tx: Queries, classId: string, id: string): Promise<{ name: string }> {
  const [found] = await tx
    .select({ name: groups.name })
    .from(groups)
    .where(and(eq(groups.id, id), eq(groups.withinId, classId)))
    .for('update');
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
