import { Inject, Injectable } from '@nestjs/common';
import type { CheckProgress, Me } from '@gleddo/contract';
import type { HandPair, KeptResult } from '@gleddo/core';
import { and, count, eq, inArray, isNotNull, isNull, or, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Logger } from 'pino';
import { KeptBooks } from '../books/kept-books.js';
import type { Database, Queries } from '../database/open-database.js';
import {
  books,
  checkJobs,
  checks,
  checkTasks,
  exercises,
  filedTables,
  tries,
} from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE, LOG } from '../http/tokens.js';
import { seesTry } from '../reach/reach.js';
import type {
  CheckedWork,
  CheckOutcome,
  IncomingTable,
  KeptCheck,
  KeyText,
} from '../threads/checking.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { Threads } from '../threads/threads.js';
import { TimesService } from '../times/times.service.js';
import { answersBeside } from '../books/answers.js';
import { KeyVersionsService, type Figured } from '../keys/key-versions.service.js';
import { addUp } from '../points/add-up.js';
import { chargeLate } from '../points/late-charge.js';
import { chargeAnswers } from './hint-charges.js';

type Unchecked = Extract<CheckOutcome<unknown>, { ok: false }>;

export type TryRow = typeof tries.$inferSelect;

/** In milliseconds. */
const LOOK_EVERY = 100;
const OPEN_STATES = ['waiting', 'running'] as const;

const HANDED_IN = ['handed-in'] as const;
const CHECKED_STATES = ['handed-in', 'given-back'] as const;

/** What is checked: with whose figures, and the book beside which its answers stand. */
export interface Checking extends Figured {
  readonly bookId: string;
}

interface Keeping {
  readonly keyId: string;
  readonly revision: number;
  readonly states: readonly (typeof CHECKED_STATES)[number][];
}

/** Works that wait to be checked, and what comes of each. */
@Injectable()
export class ChecksService {
  /** Called when something was asked for, so that it need not wait for the next look. */
  onAsked: () => void = () => undefined;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly keys: KeyVersionsService,
    private readonly threads: Threads,
    private readonly times: TimesService,
    @Inject(LOG) private readonly log: Logger,
  ) {}

  /** Puts one work among those to be checked: in the same step in which it is handed in. */
  async ask(tryId: string, db: Queries = this.db): Promise<void> {
    await db.insert(checkTasks).values({ id: nanoid(), tryId }).onConflictDoNothing();
  }

  /** Asks for all that is handed in, not given back, and theirs to see who asks. What is given back stays as it was given. */
  async askForAll(exerciseId: string, me: Me): Promise<void> {
    const jobId = nanoid();
    await this.db.transaction(async (tx) => {
      await tx.execute(sql`
        delete from check_jobs j where exercise_id = ${exerciseId} and not exists (
          select 1 from check_tasks t where t.job_id = j.id and t.state in ('waiting', 'running')
        )`);
      await tx.insert(checkJobs).values({ id: jobId, exerciseId });
      await tx.execute(sql`
        insert into check_tasks (id, try_id, job_id)
        select ${jobId} || '-' || tries.id, tries.id, ${jobId}
        from tries join exercises on exercises.id = tries.exercise_id
        where tries.exercise_id = ${exerciseId} and tries.state = 'handed-in' and ${seesTry(me.id)}
        on conflict (try_id) where state = 'waiting' do update set job_id = excluded.job_id`);
    });
    this.onAsked();
  }

  /** Leaves as it was checked before what of a class still waits; what was never checked will be. */
  async cancel(exerciseId: string, me: Me): Promise<void> {
    const jobs = this.db
      .select({ id: checkJobs.id })
      .from(checkJobs)
      .where(and(eq(checkJobs.exerciseId, exerciseId), isNull(checkJobs.cancelledAt)));
    const before = this.db
      .select({ id: tries.id })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(
        and(
          seesTry(me.id),
          eq(tries.exerciseId, exerciseId),
          or(isNotNull(tries.checkId), isNotNull(tries.checkFault)),
        ),
      );
    await this.db
      .update(checkTasks)
      .set({ state: 'cancelled' })
      .where(
        and(
          eq(checkTasks.state, 'waiting'),
          inArray(checkTasks.jobId, jobs),
          inArray(checkTasks.tryId, before),
        ),
      );
    await this.db
      .update(checkJobs)
      .set({ cancelledAt: new Date() })
      .where(
        and(
          ...[eq(checkJobs.exerciseId, exerciseId), isNull(checkJobs.cancelledAt)],
          // A colleague’s, of whose works some still wait, goes on.
          sql`not exists (select 1 from check_tasks t where t.job_id = ${checkJobs.id} and t.state = 'waiting')`,
        ),
      );
  }

  /** How far the checks of an exercise are; null when none are under way. */
  async progress(exerciseId: string): Promise<CheckProgress | null> {
    const open = this.db
      .select({ id: checkTasks.jobId })
      .from(checkTasks)
      .innerJoin(tries, eq(tries.id, checkTasks.tryId))
      .where(and(eq(tries.exerciseId, exerciseId), inArray(checkTasks.state, [...OPEN_STATES])));
    const [found] = await this.db
      .select({
        total: count(),
        open: sql<number>`count(*) filter (where ${checkTasks.state} in ('waiting', 'running'))`.mapWith(
          Number,
        ),
      })
      .from(checkTasks)
      .innerJoin(tries, eq(tries.id, checkTasks.tryId))
      .where(
        and(
          eq(tries.exerciseId, exerciseId),
          sql`(${checkTasks.jobId} in ${open} or (${checkTasks.jobId} is null and ${checkTasks.state} in ('waiting', 'running')))`,
        ),
      );
    if (!found || found.open === 0) return null;
    return { done: found.total - found.open, total: found.total };
  }

  /** Waits until nothing of an exercise is to be checked any more. */
  async settled(exerciseId: string, within: number): Promise<void> {
    const until = Date.now() + within;
    while ((await this.progress(exerciseId)) !== null && Date.now() < until)
      await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY));
  }

  /**
   * Checks one work with today's key and keeps what was found; a fault of the work is kept with the work. One that was
   * given back is left as it is, unless that is wanted.
   */
  async run(tryId: string, evenGivenBack = false): Promise<'done' | 'failed'> {
    const [found] = await this.db
      .select({ work: tries, exercise: exercises })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(eq(tries.id, tryId));
    const states = evenGivenBack ? CHECKED_STATES : HANDED_IN;
    if (!found || !states.some((state) => state === found.work.state)) return 'done';
    const { task, revision } = await this.toCheck(found);
    const outcome = await this.threads.checkToKeep(task);
    const keeping = { keyId: task.key.id, revision, states };
    if (outcome.ok) await this.keep(found.work, keeping, outcome.value);
    else {
      this.tellOf(outcome, { tryId });
      await this.keepFault(tryId, outcome.why);
    }
    return outcome.ok ? 'done' : 'failed';
  }

  /** A work with today’s key, as it is checked, and which revision of it. */
  async toCheck({ work, exercise }: { readonly work: TryRow; readonly exercise: ExerciseRow }) {
    const key = await this.keyToday(exercise, work);
    const { text, revision } = await this.books.at(work.bookId);
    return { task: { key, work: text, ...(await this.cameAs(work)) }, revision };
  }

  /** How a work came, what was answered beside it, and what was said of it by hand. */
  async cameAs({ id, handPairs, fileName, bookId }: TryRow) {
    const byHand = JSON.parse(handPairs) as HandPair[];
    if (fileName === null)
      return { byHand, table: null, answers: await answersBeside(this.db, bookId) };
    const [filed] = await this.db.select().from(filedTables).where(eq(filedTables.tryId, id));
    const table = filed ? (JSON.parse(filed.content) as IncomingTable) : null;
    return { byHand, table, answers: null };
  }

  /** Checks a work as it stands, with today's key, for who waits for it; nothing is kept. */
  async now(exercise: ExerciseRow, text: string, go: Checking): Promise<CheckedWork> {
    return this.withKey(await this.keyToday(exercise, go), text, go.bookId);
  }

  /** The same with the version of the key that a check was made with. */
  async asMarked(checkId: string, text: string, go: Checking): Promise<CheckedWork> {
    const [run] = await this.db.select().from(checks).where(eq(checks.id, checkId));
    if (!run) throw notFound('The check of this work');
    return this.withKey(await this.keys.ownTextOf(run.keyId, go), text, go.bookId);
  }

  private async withKey(key: KeyText, work: string, bookId: string): Promise<CheckedWork> {
    const answers = await answersBeside(this.db, bookId);
    const outcome = await this.threads.check({ key, work, answers }, bookId);
    if (outcome.ok) return outcome.value;
    this.tellOf(outcome, { keyId: key.id });
    throw refuse('work.uncheckable', cantCheck(outcome.why));
  }

  /** That a work can’t be read is a fault of the work, told there; what is odd is one of the program. */
  private tellOf({ error, isOdd }: Pick<Unchecked, 'error' | 'isOdd'>, of: object): void {
    if (isOdd) this.log.warn({ ...of, err: error }, 'a work can’t be checked');
    else this.log.info(of, 'a work can’t be checked: it can’t be read');
  }

  private async keyToday(exercise: ExerciseRow, whose: Figured) {
    return this.keys.ownTextOf((await this.keys.todays(exercise)).id, whose);
  }

  /** Keeps what was found, unless the work came anew or was paired otherwise meanwhile. */
  private async keep(work: TryRow, { keyId, revision, states }: Keeping, checked: KeptCheck) {
    const { points, of: outOf, scaledFrom, pairs, results, overview } = checked;
    const id = nanoid();
    const times = await this.times.ofWork(work);
    await this.db.transaction(async (tx) => {
      if (!(await isThere(tx, work.id))) return;
      await tx.insert(checks).values({
        ...{ id, tryId: work.id, keyId, bookRevision: revision, points, outOf, scaledFrom },
        ...{ pairs, results, overview },
      });
      const [kept] = await tx
        .update(tries)
        .set({ checkId: id, checkFault: null })
        .where(
          and(
            eq(tries.id, work.id),
            inArray(tries.state, [...states]),
            eq(tries.bookId, work.bookId),
            eq(tries.handPairs, work.handPairs),
            sql`(select ${books.revision} from ${books} where ${books.id} = ${tries.bookId}) = ${revision}`,
          ),
        )
        .returning();
      if (!kept) return;
      await chargeAnswers(tx, work, {
        results: JSON.parse(results) as KeptResult[],
        of: outOf,
        scaledFrom,
      });
      await chargeLate(tx, kept, { times, of: outOf });
      await addUp(tx, work.id);
    });
  }

  /** Keeps why a work could not be checked with the work: the rest of the class goes on. */
  async keepFault(tryId: string, why: string): Promise<void> {
    await this.db
      .update(tries)
      .set({ checkFault: cantCheck(why) })
      .where(and(eq(tries.id, tryId), eq(tries.state, 'handed-in')));
  }
}

/** A work that was deleted while it was checked has no check to keep. */
async function isThere(tx: Queries, tryId: string): Promise<boolean> {
  const found = await tx
    .select({ id: tries.id })
    .from(tries)
    .where(eq(tries.id, tryId))
    .for('key share');
  return found.length > 0;
}

const cantCheck = (why: string): string => `This work could not be checked. ${why}`.slice(0, 1000);
