import { Inject, Injectable } from '@nestjs/common';
import type { Me, TrialRun, TrialRunMarks, SpoilRequest } from '@gleddo/contract';
import { startingPoint } from '@gleddo/core';
import { eq } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database, Queries } from '../database/open-database.js';
import { trialRuns } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { ChecksService } from '../results/checks.service.js';
import { StartsService } from '../results/starts.service.js';
import { shown } from '../results/shown-results.js';

/** An instructor tries an exercise as a student would. Nothing of it is marked, listed or counted. */
@Injectable()
export class TrialRunsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly checks: ChecksService,
    private readonly starts: StartsService,
  ) {}

  async open(me: Me, exerciseId: string): Promise<TrialRun> {
    await this.exercises.rowOf(me, exerciseId);
    const [row] = await this.db
      .select()
      .from(trialRuns)
      .where(eq(trialRuns.exerciseId, exerciseId));
    const begunAt = row?.begunAt.toISOString() ?? null;
    const { bookId = null, spoilt = false, seed = null } = row ?? {};
    return { exerciseId, bookId, begunAt, spoilt, seed };
  }

  /** Begins, or begins again, from the starting point as it stands today. */
  async begin(me: Me, exerciseId: string, seed: number | null): Promise<TrialRun> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const whose = { exerciseId, personId: me.id, seed };
    await this.put(exerciseId, { spoilt: false, seed }, await this.starts.begin(exercise, whose));
    return this.open(me, exerciseId);
  }

  /** Begins with a copy of the key in which faults are planted: what becomes of its marks is seen before students do. */
  async spoil(me: Me, exerciseId: string, { faults, seed }: SpoilRequest): Promise<TrialRun> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const key = await this.books.read(exercise.keyBookId);
    const book = startingPoint(key, 'mend-it', { faults, seed });
    await this.put(exerciseId, { spoilt: true, seed: null }, (tx) =>
      this.books.create(book, 'try', tx),
    );
    return this.open(me, exerciseId);
  }

  private async put(
    exerciseId: string,
    { spoilt, seed: ofSeed }: { readonly spoilt: boolean; readonly seed: number | null },
    made: (tx: Queries) => Promise<string>,
  ): Promise<void> {
    await this.db.transaction(async (tx) => {
      const bookId = await made(tx);
      const begun = { bookId, spoilt, seed: ofSeed, begunAt: new Date() };
      await tx
        .insert(trialRuns)
        .values({ exerciseId, ...begun })
        .onConflictDoUpdate({ target: trialRuns.exerciseId, set: begun });
    });
  }

  /** Checks the trial run as it stands, with today's key and points. */
  async check(me: Me, exerciseId: string): Promise<TrialRunMarks> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const { bookId, seed } = await this.open(me, exerciseId);
    if (bookId === null)
      throw refuse(
        'trial-run.not-begun',
        'You have not begun to try this exercise. Begin it first.',
      );
    const { text } = await this.books.at(bookId);
    const { points, of, scaledFrom, pairs, results } = await this.checks.now(exercise, text, {
      exerciseId,
      personId: me.id,
      seed,
      bookId,
    });
    return { points, of, scaledFrom, results: results.map(shown), pairs };
  }
}
