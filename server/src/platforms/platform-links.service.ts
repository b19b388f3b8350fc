import { Inject, Injectable } from '@nestjs/common';
import type {
  ArrivalDone,
  Me,
  PlatformLinkRequest,
  PlatformLinkShown,
  PlatformList,
  PlatformMarks,
} from '@gleddo/contract';
import { and, desc, eq, isNotNull, sql } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import {
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

  /** From now on the place leads to this exercise, which the class has from now on. */
  async set(me: Me, id: string, request: PlatformLinkRequest): Promise<ArrivalDone> {
    const { course } = await this.find(me, id);
    const { exerciseId } = request;
    await this.exercises.rowOf(me, exerciseId, 'mark');
    if (request.groupId !== undefined) await this.handOuts.judgeTaught(me, request.groupId);
    const groupId = request.groupId ?? (await this.groups.create(me, course.title)).id;
    await this.handOuts.handOut(me, exerciseId, groupId);
    await this.db.transaction(async (tx) => {
      await tx.update(platformCourses).set({ groupId }).where(eq(platformCourses.id, course.id));
      await tx.update(platformLinks).set({ exerciseId }).where(eq(platformLinks.id, id));
      await this.audit.write('platform-linked', me.id, { aboutId: exerciseId, db: tx });
    });
    return { to: `/results/${exerciseId}` };
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
