import { createHash } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { checkWork, writeBook, writeKey, type AnswerKey, type Book } from '@gleddo/core';
import { and, desc, eq, sum } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { BooksService } from '../books/books.service.js';
import type { Database, Queries } from '../database/open-database.js';
import { checkResults, checks, keys, notes, tries } from '../database/schema/index.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { DATABASE } from '../http/tokens.js';
import { pairsOf, resultRow } from './result-rows.js';

export type TryRow = typeof tries.$inferSelect;

interface KeyVersion {
  readonly id: string;
  readonly version: number;
  readonly key: AnswerKey;
  readonly start: Book;
}

/** Runs the checker over tries and keeps what it found with the version of the key it was found with. */
@Injectable()
export class CheckingService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: BooksService,
    private readonly exercises: ExercisesService,
  ) {}

  /** Checks some tries of an exercise with today's key. Earlier runs are kept. */
  async check(exercise: ExerciseRow, works: readonly TryRow[]): Promise<void> {
    const key = await this.todaysKey(exercise);
    for (const work of works) {
      await this.checkOne(key, work);
      await new Promise(setImmediate);
    }
  }

  /** The version of the key that says what it says today; a new one when something has changed. */
  async todaysKey(exercise: ExerciseRow): Promise<KeyVersion> {
    const key = await this.exercises.keyOf(exercise);
    const start = await this.exercises.startOf(exercise);
    const content = writeKey(key);
    const startText = writeBook(start);
    const hash = createHash('sha256').update(content).update(startText).digest('hex');
    const [latest] = await this.db
      .select({ id: keys.id, version: keys.version, hash: keys.hash })
      .from(keys)
      .where(eq(keys.exerciseId, exercise.id))
      .orderBy(desc(keys.version))
      .limit(1);
    if (latest?.hash === hash) return { id: latest.id, version: latest.version, key, start };
    const id = nanoid();
    const version = (latest?.version ?? 0) + 1;
    await this.db
      .insert(keys)
      .values({ id, exerciseId: exercise.id, version, content, start: startText, hash });
    return { id, version, key, start };
  }

  private async checkOne(version: KeyVersion, work: TryRow): Promise<void> {
    const { book, revision } = await this.books.read(work.bookId);
    const checked = checkWork(version.key, book, { start: version.start });
    const runId = nanoid();
    await this.db.transaction(async (tx) => {
      await tx.insert(checks).values({
        id: runId,
        tryId: work.id,
        keyId: version.id,
        bookRevision: revision,
        points: checked.points,
        outOf: checked.of,
        pairs: JSON.stringify(pairsOf(checked)),
      });
      if (checked.results.length > 0)
        await tx
          .insert(checkResults)
          .values(checked.results.map((each, i) => resultRow(runId, each, i)));
      await tx.update(tries).set({ checkId: runId }).where(eq(tries.id, work.id));
      await this.addUp(work.id, tx);
    });
  }

  /** A try's points: those of its latest check, and those of the instructor's notes. Never below zero. */
  async addUp(tryId: string, db: Queries = this.db): Promise<void> {
    const [run] = await db
      .select({ points: checks.points, outOf: checks.outOf })
      .from(tries)
      .innerJoin(checks, eq(checks.id, tries.checkId))
      .where(eq(tries.id, tryId));
    if (!run) return;
    const [own] = await db
      .select({ points: sum(notes.points).mapWith(Number) })
      .from(notes)
      .where(and(eq(notes.tryId, tryId)));
    const points = Math.min(run.outOf, Math.max(0, run.points + (own?.points ?? 0)));
    await db.update(tries).set({ points, outOf: run.outOf }).where(eq(tries.id, tryId));
  }
}
