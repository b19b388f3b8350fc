import { Inject, Injectable } from '@nestjs/common';
import type { Me, Rehearsal, RehearsalMarks } from '@gleddo/contract';
import { checkWork } from '@gleddo/core';
import { eq } from 'drizzle-orm';
import { BooksService } from '../books/books.service.js';
import type { Database } from '../database/open-database.js';
import { rehearsals } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { pairsOf, resultRow } from '../results/result-rows.js';
import { shown } from '../results/shown-results.js';

/** An instructor tries an exercise as a student would. Nothing of it is marked, listed or counted. */
@Injectable()
export class RehearsalsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: BooksService,
    private readonly exercises: ExercisesService,
  ) {}

  async open(me: Me, exerciseId: string): Promise<Rehearsal> {
    await this.exercises.rowOf(me, exerciseId);
    const [row] = await this.db
      .select()
      .from(rehearsals)
      .where(eq(rehearsals.exerciseId, exerciseId));
    const begunAt = row?.begunAt.toISOString() ?? null;
    return { exerciseId, bookId: row?.bookId ?? null, begunAt };
  }

  /** Begins, or begins again, from the starting point as it stands today. */
  async begin(me: Me, exerciseId: string): Promise<Rehearsal> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const start = await this.exercises.startOf(exercise);
    await this.db.transaction(async (tx) => {
      const bookId = await this.books.create(start, 'try', tx);
      const begun = { bookId, begunAt: new Date() };
      await tx
        .insert(rehearsals)
        .values({ exerciseId, ...begun })
        .onConflictDoUpdate({ target: rehearsals.exerciseId, set: begun });
    });
    return this.open(me, exerciseId);
  }

  /** Checks the rehearsal as it stands, with today's key and points. */
  async check(me: Me, exerciseId: string): Promise<RehearsalMarks> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const { bookId } = await this.open(me, exerciseId);
    if (bookId === null)
      throw refuse(
        'rehearsal.not-begun',
        'You have not begun to try this exercise. Begin it first.',
      );
    const key = await this.exercises.keyOf(exercise);
    const start = await this.exercises.startOf(exercise);
    const { book } = await this.books.read(bookId);
    const checked = checkWork(key, book, { start });
    const { points, of } = checked;
    const results = checked.results.map((each, i) => shown(resultRow('', each, i)));
    return { points, of, results, pairs: pairsOf(checked) };
  }
}
