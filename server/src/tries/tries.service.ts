import { Inject, Injectable } from '@nestjs/common';
import type { InterimCheck, Me, MyTry, MyTryDetail } from '@gleddo/contract';
import { checkWork, faultOf, type Checked } from '@gleddo/core';
import { and, desc, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { BooksService } from '../books/books.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, members, tries } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { CheckingService } from '../results/checking.service.js';
import { ShownResults } from '../results/shown-results.js';

type Exercise = typeof exercises.$inferSelect;
type Try = typeof tries.$inferSelect;

/** A student's own tries. Nothing here carries a key, or marks that were not given back. */
@Injectable()
export class TriesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: BooksService,
    private readonly exercises: ExercisesService,
    private readonly checking: CheckingService,
    private readonly shown: ShownResults,
  ) {}

  private handedOutTo(me: Me) {
    return this.db
      .select({ exercise: exercises, work: tries })
      .from(exercises)
      .innerJoin(members, and(eq(members.groupId, exercises.groupId), eq(members.personId, me.id)))
      .leftJoin(tries, and(eq(tries.exerciseId, exercises.id), eq(tries.personId, me.id)));
  }

  async list(me: Me): Promise<MyTry[]> {
    const rows = await this.handedOutTo(me)
      .where(eq(exercises.state, 'handed-out'))
      .orderBy(desc(exercises.createdAt));
    return rows.map(({ exercise, work }) => myTry(exercise, work));
  }

  private async find(
    me: Me,
    exerciseId: string,
  ): Promise<{ exercise: Exercise; work: Try | null }> {
    const [row] = await this.handedOutTo(me).where(
      and(eq(exercises.id, exerciseId), eq(exercises.state, 'handed-out')),
    );
    if (!row) throw notFound('This exercise');
    return row;
  }

  async open(me: Me, exerciseId: string): Promise<MyTryDetail> {
    const { exercise, work } = await this.find(me, exerciseId);
    const isBack = work?.state === 'given-back';
    const run = isBack && work.checkId !== null ? await this.shown.run(work.checkId) : null;
    return {
      ...myTry(exercise, work),
      brief: exercise.brief,
      checkWhileWorking: exercise.checkWhileWorking,
      results: run?.results ?? null,
      notes: isBack ? await this.shown.notesOf(work.id) : null,
      pairs: run?.pairs ?? null,
    };
  }

  /** Begins the one try, from a copy of the starting point; begun already, it is simply opened. */
  async begin(me: Me, exerciseId: string): Promise<MyTryDetail> {
    const { exercise, work } = await this.find(me, exerciseId);
    if (!work) {
      const start = await this.exercises.startOf(exercise);
      await this.db.transaction(async (tx) => {
        const bookId = await this.books.create(start, 'try', tx);
        await tx
          .insert(tries)
          .values({ id: nanoid(), exerciseId, personId: me.id, bookId })
          .onConflictDoNothing();
      });
    }
    return this.open(me, exerciseId);
  }

  /** What is not right yet, while the exercise allows to ask; never what would be right. */
  async checkNow(me: Me, exerciseId: string): Promise<InterimCheck> {
    const { exercise, work } = await this.find(me, exerciseId);
    if (!exercise.checkWhileWorking || work?.state !== 'working')
      throw refuse(
        'try.no-interim',
        'In this exercise the work is checked after it is handed in. Hand it in when you are ready.',
      );
    const key = await this.exercises.keyOf(exercise);
    const start = await this.exercises.startOf(exercise);
    const { book } = await this.books.read(work.bookId);
    return interimCheck(checkWork(key, book, { start }));
  }

  async handIn(me: Me, exerciseId: string): Promise<MyTryDetail> {
    const { exercise, work } = await this.find(me, exerciseId);
    if (!work)
      throw refuse('try.not-begun', 'You have not begun this exercise yet. Begin it first.');
    const [done] = await this.db
      .update(tries)
      .set({ state: 'handed-in', handedInAt: new Date() })
      .where(and(eq(tries.id, work.id), eq(tries.state, 'working')))
      .returning();
    if (!done) throw refuse('try.handed-in', 'This work has been handed in already.');
    await this.checking.check(exercise, [done]);
    return this.open(me, exerciseId);
  }
}

/** Faults by their kind and the student's own names: nothing that only the key says. */
function interimCheck({ results, recognition }: Checked): InterimCheck {
  const faults = results.filter((result) => result.outcome === 'not-met');
  return {
    met: results.filter((result) => result.outcome === 'met').length,
    notMet: faults.map((fault) => ({
      fault: faultOf(fault),
      about: recognition.byKey.get(fault.subject.id)?.works[0]?.name ?? '',
    })),
  };
}

function myTry(exercise: Exercise, work: Try | null): MyTry {
  const isBack = work?.state === 'given-back';
  return {
    exerciseId: exercise.id,
    title: exercise.title,
    company: exercise.company,
    tryId: work?.id ?? null,
    bookId: work?.bookId ?? null,
    state: work?.state ?? 'not-started',
    handedInAt: work?.handedInAt?.toISOString() ?? null,
    points: isBack ? work.points : null,
    of: isBack ? work.outOf : null,
  };
}
