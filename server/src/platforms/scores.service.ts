import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { ALWAYS } from '@gleddo/core';
import { and, eq, exists, isNotNull, isNull, lte, or } from 'drizzle-orm';
import type { Logger } from 'pino';
import type { Database } from '../database/open-database.js';
import {
  earlierTries,
  members,
  platformCourses,
  platformLinks,
  platformPeople,
  platforms,
  platformScores,
  tries,
} from '../database/schema/index.js';
import { DATABASE, LOG } from '../http/tokens.js';
import { countedOf, earlierOf } from '../points/earlier-tries.js';
import { TimesService, type TimesFor } from '../times/times.service.js';
import { PlatformCalls, PlatformFault } from './platform-calls.js';
import type { Platform } from './platforms.service.js';
import { markSaid, SCORE, SCORE_TYPE, scoresAt, LINE_ITEM, LINE_ITEM_TYPE } from './score-said.js';

/** In milliseconds. */
const LOOK_EVERY = 5_000;
const PAUSE = 60_000;
const LONGEST_PAUSE = 6 * 3_600_000;

type Work = typeof tries.$inferSelect;

interface Due {
  readonly platform: Platform;
  readonly link: typeof platformLinks.$inferSelect;
  readonly subject: string;
  readonly personId: string;
  readonly failed: number;
  readonly mark: { readonly points: number; readonly of: number } | null;
}

/** Tells platforms the marks that were given back, again when they change, and until they were told. */
@Injectable()
export class ScoresService implements OnModuleDestroy {
  private timer: NodeJS.Timeout | null = null;
  private looking: Promise<void> | null = null;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(LOG) private readonly log: Logger,
    private readonly calls: PlatformCalls,
    private readonly times: TimesService,
  ) {}

  start(): void {
    this.timer = setInterval(() => void this.look(), LOOK_EVERY).unref();
  }

  async onModuleDestroy(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    await this.looking;
  }

  private look(): Promise<void> {
    this.looking ??= this.tellAll()
      .catch((err: unknown) => this.log.error({ err }, 'marks could not be told; tried again'))
      .finally(() => (this.looking = null));
    return this.looking;
  }

  private async tellAll(): Promise<void> {
    const away = new Set<string>();
    for (const due of await this.due())
      if (!away.has(due.platform.id) && !(await this.tell(due))) away.add(due.platform.id);
  }

  /** Whose mark is another than the platform was told last. */
  private async due(now = new Date()): Promise<Due[]> {
    const works = await this.works(now);
    const countedOfWork = await this.counting(works.map(({ work }) => work));
    return works.flatMap(({ work, score, ...row }) => {
      const mark = countedOfWork(work);
      const told = score?.points ?? null;
      if (mark === null && told === null) return [];
      if (score?.fault === null && told === mark?.points && score.outOf === mark?.of) return [];
      return [{ ...row, personId: work.personId, failed: score?.failed ?? 0, mark }];
    });
  }

  /** What counts of each work, as its student sees it; null: there is no mark. */
  private async counting(works: readonly Work[]): Promise<(work: Work) => Due['mark']> {
    const earlier = await earlierOf(
      this.db,
      works.map(({ id }) => id),
    );
    const timesOf = new Map<string, TimesFor>();
    for (const { exerciseId } of works)
      if (!timesOf.has(exerciseId))
        timesOf.set(exerciseId, await this.times.ofExercise(exerciseId));
    return (work) => {
      const times = timesOf.get(work.exerciseId)?.(work.personId, work) ?? ALWAYS;
      return countedOf(work, earlier(work.id), { times, told: 'shown' });
    };
  }

  /** Works of those whom a platform knows, that have a mark or had one, with what was told of them. */
  private works(now: Date) {
    return this.db
      .select({
        ...{ platform: platforms, link: platformLinks, work: tries, score: platformScores },
        subject: platformPeople.subject,
      })
      .from(platformLinks)
      .innerJoin(platformCourses, eq(platformCourses.id, platformLinks.courseId))
      .innerJoin(platforms, eq(platforms.id, platformCourses.platformId))
      .innerJoin(tries, eq(tries.exerciseId, platformLinks.exerciseId))
      .innerJoin(
        members,
        and(eq(members.groupId, platformCourses.groupId), eq(members.personId, tries.personId)),
      )
      .innerJoin(
        platformPeople,
        and(
          eq(platformPeople.platformId, platforms.id),
          eq(platformPeople.personId, tries.personId),
        ),
      )
      .leftJoin(
        platformScores,
        and(
          eq(platformScores.linkId, platformLinks.id),
          eq(platformScores.personId, tries.personId),
        ),
      )
      .where(
        and(
          or(isNotNull(platformLinks.lineItemUrl), isNotNull(platformLinks.lineItemsUrl)),
          or(
            ...[eq(tries.state, 'given-back'), isNotNull(platformScores.points)],
            exists(this.db.select().from(earlierTries).where(eq(earlierTries.tryId, tries.id))),
          ),
          or(isNull(platformScores.notBefore), lte(platformScores.notBefore, now)),
        ),
      );
  }

  /** Whether the platform is there. */
  private async tell(due: Due): Promise<boolean> {
    const { platform, link, subject, mark } = due;
    const now = new Date();
    try {
      const url = scoresAt(await this.lineItemOf(due));
      const body = markSaid(subject, mark, now);
      const send = { type: SCORE_TYPE, body };
      await this.calls.ask(platform, { url, scope: SCORE, send });
      await this.keep(due, {
        ...{ points: mark?.points ?? null, outOf: mark?.of ?? null, toldAt: now },
        ...{ failed: 0, fault: null, notBefore: null },
      });
      return true;
    } catch (error) {
      if (!(error instanceof PlatformFault)) throw error;
      const pause = Math.min(LONGEST_PAUSE, PAUSE * 2 ** due.failed);
      this.log.warn({ link: link.id }, `a mark could not be told to a platform. ${error.message}`);
      await this.keep(due, {
        ...{ failed: due.failed + 1, fault: error.message },
        notBefore: new Date(now.getTime() + pause),
      });
      return !error.isAway;
    }
  }

  private async keep(
    { link, personId }: Due,
    set: Partial<typeof platformScores.$inferInsert>,
  ): Promise<void> {
    await this.db
      .insert(platformScores)
      .values({ linkId: link.id, personId, ...set })
      .onConflictDoUpdate({ target: [platformScores.linkId, platformScores.personId], set });
  }

  /** Where the marks of a place go; made where the platform has none yet, and lets us make one. */
  private async lineItemOf({ platform, link, mark }: Due): Promise<string> {
    if (link.lineItemUrl !== null) return link.lineItemUrl;
    const body = {
      ...{ scoreMaximum: Math.max(1, mark?.of ?? 1), label: link.title },
      resourceLinkId: link.resource,
    };
    const send = { type: LINE_ITEM_TYPE, body };
    const url = link.lineItemsUrl ?? '';
    const made = await this.calls.ask(platform, { url, scope: LINE_ITEM, send });
    const { id } = made.body as { id?: unknown };
    if (typeof id !== 'string') throw new PlatformFault('It made no place for the marks.');
    await this.db
      .update(platformLinks)
      .set({ lineItemUrl: id })
      .where(eq(platformLinks.id, link.id));
    link.lineItemUrl = id;
    return id;
  }
}
