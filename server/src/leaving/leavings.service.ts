import { Inject, Injectable } from '@nestjs/common';
import type {
  Fate,
  Hangs,
  Leaving,
  LeavingKind,
  Me,
  PersonRole,
  WouldLeave,
} from '@gleddo/contract';
import { and, asc, eq, or, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/pg-core';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, groups, leavings, people } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { LeavingTermService } from './leaving-term.js';
import {
  hangsOnExercises,
  hangsOnGroups,
  hangsOnInstructor,
  hangsOnStudents,
} from './what-hangs.js';
import { WhoMayDelete, type Found, type Thing } from './who-may.js';

const A_DAY = 86_400_000;

const isThe = ({ kind, id }: Thing) => and(eq(leavings.kind, kind), eq(leavings.aboutId, id));

const OWN_WISH = () =>
  refuse(
    'leaving.own-wish',
    'They asked for it themselves, so only they, or the head of the house, take it back.',
  );

/** Exercises, classes and people that are to be deleted: what hangs on them, when it is done, and taking it back. */
@Injectable()
export class LeavingsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly term: LeavingTermService,
    private readonly may: WhoMayDelete,
    private readonly audit: AuditService,
  ) {}

  /** What would go with it, and when; nothing is done. */
  async would(me: Me, thing: Thing): Promise<WouldLeave> {
    const found = await this.may.find(me, thing);
    const term = await this.term.now();
    const becomes = becomesOf({ kind: found.kind, role: roleOf(found), fate: term.fate });
    return { name: found.name, becomes, hangs: await this.hangs(found), ...term };
  }

  private hangs({ kind, id, isInstructor }: Found): Promise<Hangs> {
    if (kind === 'exercise') return hangsOnExercises(this.db, [id]);
    if (kind === 'group') return hangsOnGroups(this.db, [id]);
    return isInstructor ? hangsOnInstructor(this.db, id) : hangsOnStudents(this.db, [id]);
  }

  /** Asked again, it stays as it was asked first. */
  async ask(me: Me, thing: Thing, heir: string | undefined): Promise<void> {
    const found = await this.may.find(me, thing);
    await this.may.refuseWhereOthersHaveIt(me, thing);
    const heirId = heir === undefined ? null : await this.heirOf(found, heir);
    const { days, fate } = await this.term.now();
    const asked = await this.db
      .insert(leavings)
      .values({
        ...{ kind: thing.kind, aboutId: thing.id, byId: me.id, fate, heirId },
        dueAt: new Date(Date.now() + days * A_DAY),
      })
      .onConflictDoUpdate({
        target: [leavings.kind, leavings.aboutId],
        set: { byId: me.id },
        // Who wishes it for themselves is not bound by whoever asked before.
        setWhere: sql`${leavings.aboutId} = ${me.id} and ${leavings.byId} <> ${me.id}`,
      })
      .returning({ id: leavings.aboutId });
    if (asked.length > 0) await this.audit.write('deletion-asked', me.id, { aboutId: thing.id });
  }

  private async heirOf({ id, isInstructor }: Found, heir: string): Promise<string> {
    const [row] = await this.db
      .select({ id: people.id })
      .from(people)
      .where(and(eq(people.id, heir), eq(people.role, 'instructor')));
    if (!isInstructor || !row || heir === id)
      throw refuse('leaving.heir', 'Choose another instructor, to whom their things pass.', 'heir');
    return heir;
  }

  async takeBack(me: Me, thing: Thing): Promise<void> {
    await this.may.find(me, thing);
    const [row] = await this.db.select().from(leavings).where(isThe(thing));
    if (!row) throw notFound('What is to be deleted');
    if (!mayTakeBack(me, row)) throw OWN_WISH();
    await this.db.delete(leavings).where(isThe(thing));
    await this.audit.write('deletion-taken-back', me.id, { aboutId: thing.id });
  }

  /** What one has asked for oneself, or what is asked of one's own things or oneself; for the head, all. */
  async list(me: Me): Promise<Leaving[]> {
    const by = alias(people, 'by');
    const heir = alias(people, 'heir');
    const rows = await this.db
      .select({
        leaving: leavings,
        ...{ by: by.name, heir: heir.name, role: people.role },
        name: sql<string>`coalesce(${exercises.title}, ${groups.name}, ${people.name}, '')`,
      })
      .from(leavings)
      .leftJoin(exercises, and(eq(leavings.kind, 'exercise'), eq(exercises.id, leavings.aboutId)))
      .leftJoin(groups, and(eq(leavings.kind, 'group'), eq(groups.id, leavings.aboutId)))
      .leftJoin(people, and(eq(leavings.kind, 'person'), eq(people.id, leavings.aboutId)))
      .leftJoin(by, eq(by.id, leavings.byId))
      .leftJoin(heir, eq(heir.id, leavings.heirId))
      .where(me.isHead ? undefined : or(eq(leavings.byId, me.id), this.isOwn(me)))
      .orderBy(asc(leavings.dueAt));
    return rows.map(({ leaving, name, role, ...names }) => ({
      ...{ kind: leaving.kind, id: leaving.aboutId, name },
      becomes: becomesOf({ ...leaving, role }),
      ...{ dueAt: leaving.dueAt.toISOString(), by: names.by ?? 'Somebody', heir: names.heir },
      mayTakeBack: mayTakeBack(me, leaving),
    }));
  }

  private isOwn = (me: Me) =>
    or(
      eq(exercises.ownerId, me.id),
      eq(groups.ownerId, me.id),
      eq(leavings.aboutId, me.id),
      sql`exists (select 1 from
        (select group_id, person_id from members union select group_id, person_id from former_members) m join groups g on g.id = m.group_id
        where ${leavings.kind} = 'person' and m.person_id = ${leavings.aboutId} and g.owner_id = ${me.id})`,
    );
}

interface Becoming {
  readonly kind: LeavingKind;
  readonly role: PersonRole | null;
  readonly fate: Fate;
}

const roleOf = ({ isInstructor }: Found): PersonRole => (isInstructor ? 'instructor' : 'student');

/** Only students are made nameless: everything else goes. */
const becomesOf = ({ kind, role, fate }: Becoming): Fate =>
  kind === 'person' && role === 'student' ? fate : 'deleted';

const mayTakeBack = (
  me: Me,
  { aboutId, byId }: Pick<typeof leavings.$inferSelect, 'aboutId' | 'byId'>,
): boolean => byId !== aboutId || byId === me.id || me.isHead;
