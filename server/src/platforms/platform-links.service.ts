import { Inject, Injectable } from '@nestjs/common';
import {
  mayAtLeast,
  type ArrivalDone,
  type Me,
  type PlatformLinkRequest,
  type PlatformLinkShown,
  type PlatformList,
  type PlatformMarks,
} from '@gleddo/contract';
import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import type { Database, Queries } from '../database/open-database.js';
import {
  groups,
  platformCourses,
  platformLinks,
  platforms,
  platformScores,
  platformStaff,
} from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { HandOutsService } from '../exercises/hand-outs.service.js';
import { GroupsService } from '../groups/groups.service.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { PlatformCalls, PlatformFault } from './platform-calls.js';
import { studentsAt } from './platform-list.js';

const toldNothing = (name: string, why: string) =>
  refuse(
    'platform.list',
    `${name} did not tell who is in the course. ${why} Try again later, or ask whoever runs it.`,
  );

const notOut = () =>
  refuse(
    'platform.not-out',
    'This class does not have the exercise, and it is a colleague’s to hand out. Choose a class that has it, or ask them to hand it out first.',
    'exerciseId',
  );

const saidMeanwhile = () =>
  refuse(
    'platform.said-meanwhile',
    'A colleague has just said which class this course is. Open the place at the platform again.',
    'groupId',
  );

type Course = typeof platformCourses.$inferSelect;

/** What instructors say of the places that lead here from a platform. */
@Injectable()
export class PlatformLinksService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly groups: GroupsService,
    private readonly exercises: ExercisesService,
    private readonly handOuts: HandOutsService,
    private readonly calls: PlatformCalls,
    private readonly audit: AuditService,
  ) {}

  /** For who came by it, and teaches the course there. */
  private async find(me: Me, id: string) {
    const [found] = await this.db
      .select({ link: platformLinks, course: platformCourses, platform: platforms })
      .from(platformLinks)
      .innerJoin(platformCourses, eq(platformCourses.id, platformLinks.courseId))
      .innerJoin(platforms, eq(platforms.id, platformCourses.platformId))
      .innerJoin(
        platformStaff,
        and(eq(platformStaff.courseId, platformCourses.id), eq(platformStaff.personId, me.id)),
      )
      .where(eq(platformLinks.id, id));
    if (!found) throw notFound('This place at the school’s platform');
    return found;
  }

  async shown(me: Me, id: string): Promise<PlatformLinkShown> {
    const { link, course, platform } = await this.find(me, id);
    return {
      ...{ id, platform: platform.name, course: course.title, title: link.title },
      ...{ groupId: course.groupId, exerciseId: link.exerciseId },
      takesMarks: link.lineItemUrl !== null || link.lineItemsUrl !== null,
    };
  }

  /**
   * From now on the place leads to this exercise, which the class has from now on; whole or not at all. A course is one class
   * group: where none is named it stays the one that it is, or becomes a new one.
   */
  async set(me: Me, id: string, request: PlatformLinkRequest): Promise<ArrivalDone> {
    const { course } = await this.find(me, id);
    const { exerciseId } = request;
    await this.exercises.rowOf(me, exerciseId, 'mark');
    const mayHandOut = mayAtLeast(await this.exercises.mayOf(me, exerciseId), 'change');
    for (const groupId of [request.groupId, course.groupId])
      if (groupId) await this.handOuts.judgeTaught(me, groupId);
    await this.db.transaction(async (tx) => {
      const groupId = await this.classOf(tx, me, {
        ...{ seen: course, wanted: request.groupId },
      });
      const isNew = await this.handOuts.handOutIn(tx, exerciseId, groupId);
      // A class that has it is led there by whoever marks it; another gets it from whoever may hand it out.
      if (isNew && !mayHandOut) throw notOut();
      if (isNew) await this.audit.write('handed-out', me.id, { aboutId: exerciseId, db: tx });
      await tx.update(platformLinks).set({ exerciseId }).where(eq(platformLinks.id, id));
      await this.audit.write('platform-linked', me.id, { aboutId: exerciseId, db: tx });
    });
    return { to: `/results/${exerciseId}` };
  }

  /** The class group that a course is: asked for twice at once, it is made once. */
  private async classOf(
    tx: Queries,
    me: Me,
    { seen, wanted }: { readonly seen: Course; readonly wanted: string | undefined },
  ): Promise<string> {
    const at = eq(platformCourses.id, seen.id);
    const [course] = await tx.select().from(platformCourses).where(at).for('update');
    if (!course) throw notFound('This course');
    if (course.groupId !== seen.groupId) await this.refuseOthers(tx, me, course.groupId);
    const known = wanted ?? course.groupId;
    if (known !== null && known === course.groupId) return known;
    const groupId = known ?? nanoid();
    if (known === null)
      await tx.insert(groups).values({ id: groupId, name: course.title, ownerId: me.id });
    await tx.update(platformCourses).set({ groupId }).where(at);
    return groupId;
  }

  /** What somebody else said of the course at the same moment stands. */
  private async refuseOthers(tx: Queries, me: Me, groupId: string | null): Promise<void> {
    const [group] = await tx
      .select({ ownerId: groups.ownerId })
      .from(groups)
      .where(eq(groups.id, groupId ?? ''));
    if (group && group.ownerId !== me.id) throw saidMeanwhile();
  }

  /** Whom the platform names as the students of a class; nothing: it is no course of a platform that tells it. */
  async listOf(me: Me, groupId: string): Promise<PlatformList | null> {
    await this.groups.own(me, groupId);
    const [found] = await this.db
      .select({ course: platformCourses, platform: platforms })
      .from(platformCourses)
      .innerJoin(platforms, eq(platforms.id, platformCourses.platformId))
      .where(and(eq(platformCourses.groupId, groupId), isNotNull(platformCourses.membersUrl)));
    if (!found?.course.membersUrl) return null;
    const { platform, course } = found;
    try {
      const students = await studentsAt(this.calls, platform, course.membersUrl ?? '');
      return { platform: platform.name, students };
    } catch (error) {
      if (error instanceof PlatformFault) throw toldNothing(platform.name, error.message);
      throw error;
    }
  }

  /** How the marks of an exercise got to the platforms that lead to it. */
  async marksOf(me: Me, exerciseId: string): Promise<PlatformMarks[]> {
    await this.exercises.rowOf(me, exerciseId, 'assist');
    const rows = await this.db
      .select({ link: platformLinks, course: platformCourses, name: platforms.name })
      .from(platformLinks)
      .innerJoin(platformCourses, eq(platformCourses.id, platformLinks.courseId))
      .innerJoin(platforms, eq(platforms.id, platformCourses.platformId))
      .where(eq(platformLinks.exerciseId, exerciseId));
    return Promise.all(
      rows.map(async ({ link, course, name }) => ({
        ...{ platform: name, course: course.title },
        takesMarks: link.lineItemUrl !== null || link.lineItemsUrl !== null,
        ...(await this.toldOf(link.id)),
      })),
    );
  }

  private async toldOf(linkId: string): Promise<Pick<PlatformMarks, 'told' | 'fault'>> {
    const of = eq(platformScores.linkId, linkId);
    const [told] = await this.db
      .select({ many: sql<number>`count(*)::int` })
      .from(platformScores)
      .where(and(of, isNotNull(platformScores.points)));
    const [latest] = await this.db
      .select({ fault: platformScores.fault })
      .from(platformScores)
      .where(and(of, isNotNull(platformScores.fault)))
      .orderBy(desc(platformScores.notBefore))
      .limit(1);
    return { told: told?.many ?? 0, fault: latest?.fault ?? null };
  }
}
