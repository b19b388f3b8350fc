import { randomInt } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { Me, PractisedShown, Practice, PracticeCheck } from '@gleddo/contract';
import { and, count, desc, eq, inArray, isNull, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { drillsAsked, exercises, people, practices } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { seesTry } from '../reach/reach.js';
import { ChecksService } from '../results/checks.service.js';
import { foundSoFar } from '../results/found-so-far.js';
import { shown } from '../results/shown-results.js';
import { StartsService } from '../results/starts.service.js';
import { isTryOpen } from '../exercises/open-try.js';
import { mayPractiseNow } from '../tries/my-try.js';
import { TriesService } from '../tries/tries.service.js';

const MOST_SEEDS = 2 ** 31;
/** Of one exercise, by one student. */
const MOST = 100;

/** Exercises done for oneself: new figures each time, checked at once, no marks. */
@Injectable()
export class PracticesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly tries: TriesService,
    private readonly starts: StartsService,
    private readonly checks: ChecksService,
  ) {}

  async list(me: Me): Promise<Practice[]> {
    const rows = await this.db
      .select({ practice: practices, title: exercises.title })
      .from(practices)
      .innerJoin(exercises, eq(exercises.id, practices.exerciseId))
      .where(eq(practices.personId, me.id))
      .orderBy(desc(practices.begunAt));
    return rows.map(({ practice, title }) => shownPractice(practice, title));
  }

  /** Begins anew, with figures of its own. */
  async begin(me: Me, exerciseId: string): Promise<Practice> {
    const { exercise, work } = await this.tries.findOpen(me, exerciseId);
    if (!exercise.mayPractise)
      throw refuse(
        'practice.not-allowed',
        'This exercise is not for practising. Choose another, or ask your instructor.',
      );
    if (!mayPractiseNow(exercise, work))
      throw refuse(
        'practice.not-back-yet',
        'This exercise can be practised once your work at it is given back to you. Practise another one until then.',
      );
    await this.judgeCount(me, exerciseId);
    const seed = randomInt(MOST_SEEDS);
    const begins = await this.starts.begin(exercise, { exerciseId, personId: me.id, seed });
    const id = nanoid();
    await this.db.transaction(async (tx) => {
      const bookId = await begins(tx);
      await tx.insert(practices).values({ id, exerciseId, personId: me.id, bookId, seed });
    });
    return this.open(me, id);
  }

  private async judgeCount(me: Me, exerciseId: string): Promise<void> {
    const own = and(eq(practices.personId, me.id), eq(practices.exerciseId, exerciseId));
    if ((await this.db.$count(practices, own)) >= MOST)
      throw refuse(
        'practice.too-many',
        `You have begun this practice ${MOST} times. Go on with one that you have begun.`,
      );
  }

  async open(me: Me, id: string): Promise<Practice> {
    const { practice, title } = await this.find(me, id);
    return shownPractice(practice, title);
  }

  private async find(me: Me, id: string) {
    const [row] = await this.db
      .select({ practice: practices, title: exercises.title, exercise: exercises })
      .from(practices)
      .innerJoin(exercises, eq(exercises.id, practices.exerciseId))
      .where(and(eq(practices.id, id), eq(practices.personId, me.id)));
    if (!row) throw notFound('This practice');
    return row;
  }

  /**
   * Checks it as it stands; of what is found only how much was right is kept. Until the exercise itself is handed in,
   * nothing that its key says is told.
   */
  async check(me: Me, id: string): Promise<PracticeCheck> {
    const { practice, exercise } = await this.find(me, id);
    const kept = await this.books.at(practice.bookId);
    const checked = await this.checks.now(exercise, kept.text, practice);
    const { points, of, scaledFrom, pairs, results } = checked;
    const share = of === 0 ? 100 : Math.floor((100 * points) / of);
    await this.db
      .update(practices)
      .set({ checked: sql`${practices.checked} + 1`, share })
      .where(eq(practices.id, id));
    await this.done(me, practice.exerciseId);
    if (await isTryOpen(this.db, practice))
      return {
        described: 'so-far',
        points,
        of,
        found: foundSoFar(checked, this.books.bookOf(kept)),
      };
    const marks = { points, of, scaledFrom, pairs, results: results.map(shown) };
    return { described: 'all', marks };
  }

  /** A practice that was asked for is done once it has been checked. */
  private async done(me: Me, exerciseId: string): Promise<void> {
    await this.db
      .update(drillsAsked)
      .set({ doneAt: new Date() })
      .where(
        and(
          eq(drillsAsked.personId, me.id),
          eq(drillsAsked.exerciseId, exerciseId),
          isNull(drillsAsked.doneAt),
        ),
      );
  }

  /** How often each student practised an exercise, and what came of it last. */
  async practisedBy(me: Me, exerciseId: string): Promise<PractisedShown[]> {
    const goes = await this.db
      .select({ personId: practices.personId, student: people.name, goes: count(practices.id) })
      .from(practices)
      .innerJoin(people, eq(people.id, practices.personId))
      .innerJoin(exercises, eq(exercises.id, practices.exerciseId))
      .where(and(eq(practices.exerciseId, exerciseId), seesTry(me.id, 'practices')))
      .groupBy(practices.personId, people.name);
    if (goes.length === 0) return [];
    const checked = await this.db
      .select({ personId: practices.personId, share: practices.share })
      .from(practices)
      .where(
        and(
          eq(practices.exerciseId, exerciseId),
          inArray(
            practices.personId,
            goes.map(({ personId }) => personId),
          ),
        ),
      )
      .orderBy(practices.begunAt);
    const last = new Map(
      checked.flatMap(({ personId, share }) =>
        share === null ? [] : [[personId, share] as const],
      ),
    );
    const collator = new Intl.Collator('en');
    return goes
      .map(({ personId, ...each }) => ({ ...each, share: last.get(personId) ?? null }))
      .sort((a, b) => collator.compare(a.student, b.student));
  }
}

const shownPractice = (row: typeof practices.$inferSelect, title: string): Practice => {
  const { id, exerciseId, bookId, begunAt, checked } = row;
  return { ...{ id, exerciseId, title, bookId, checked }, begunAt: begunAt.toISOString() };
};
