import { Inject, Injectable } from '@nestjs/common';
import type { CopiedShown, Me, ShownResult } from '@gleddo/contract';
import { asNotOwnFigures } from '@gleddo/core';
import { and, eq, inArray } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { people, tries } from '../database/schema/index.js';
import { HandOutsService } from '../exercises/hand-outs.service.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { drawsFigures } from '../kept/kept-rules.js';
import { ownSeed } from '../exercises/own-seed.js';
import { DATABASE } from '../http/tokens.js';
import { Threads } from '../threads/threads.js';
import { KeyVersionsService } from '../keys/key-versions.service.js';

interface WorkOf {
  readonly work: typeof tries.$inferSelect;
  readonly student: string;
}

interface MadeBy {
  readonly personId: string;
  readonly student: string;
}

interface Copied extends Omit<CopiedShown, 'whose'>, MadeBy {
  readonly bookId: string;
  readonly whose: readonly MadeBy[];
}

/** Of so many classes it is remembered what was found. */
const REMEMBERED = 20;

/** Somebody else’s own figures in a work: a fact that the instructor is told, no verdict. */
@Injectable()
export class CopiedFiguresService {
  private readonly known = new Map<string, Promise<Copied[]>>();

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly handOuts: HandOutsService,
    private readonly keys: KeyVersionsService,
    private readonly threads: Threads,
  ) {}

  /** Those that somebody sees; of whom it was copied is told only where they see that one’s work, too. */
  async seenBy(me: Me, exercise: ExerciseRow): Promise<CopiedShown[]> {
    const all = await this.in(exercise);
    const sees = await this.handOuts.seesOf(me, exercise.id);
    return all
      .filter(({ personId }) => sees(personId))
      .map(({ personId: _, bookId: __, whose, ...found }) => ({
        ...found,
        whose: whose
          .map((each) => (sees(each.personId) ? each.student : 'a student of another class'))
          .join(' or '),
      }));
  }

  private async in(exercise: ExerciseRow): Promise<Copied[]> {
    if (!drawsFigures(exercise.keyRules)) return [];
    const rows = await this.db
      .select({ work: tries, student: people.name })
      .from(tries)
      .innerJoin(people, eq(people.id, tries.personId))
      .where(
        and(eq(tries.exerciseId, exercise.id), inArray(tries.state, ['handed-in', 'given-back'])),
      );
    const key = await this.keys.todays(exercise);
    const about = [key.id, ...rows.map(({ work }) => `${work.id} ${work.checkId}`).sort()].join();
    const known = this.known.get(about) ?? this.among(exercise, key.id, rows);
    this.known.delete(about);
    this.known.set(about, known);
    for (const oldest of [...this.known.keys()].slice(0, -REMEMBERED)) this.known.delete(oldest);
    known.catch(() => this.known.delete(about));
    return known;
  }

  /** Results of a work as they are shown: where its figures are somebody else’s, this is one note. Where that can’t be told, they are shown as they are. */
  async told<R extends ShownResult>(
    exercise: ExerciseRow,
    work: Pick<typeof tries.$inferSelect, 'id' | 'bookId'>,
    results: readonly R[],
  ): Promise<readonly R[]> {
    const all = await this.in(exercise).catch(() => []);
    // A try of before is another book: what is known of the latest says nothing of it.
    const found = all.find((each) => each.tryId === work.id && each.bookId === work.bookId);
    return found ? asNotOwnFigures(results, found.count) : results;
  }

  private async among(
    exercise: ExerciseRow,
    keyId: string,
    rows: readonly WorkOf[],
  ): Promise<Copied[]> {
    const works = await Promise.all(
      rows.map(async ({ work }) => ({
        seed: ownSeed(exercise.id, work.personId),
        whose: work.id,
        text: (await this.books.at(work.bookId)).text,
      })),
    );
    const madeBy = new Map(
      rows.map(({ work, student }) => [work.id, { personId: work.personId, student }]),
    );
    const by = (id: string) => madeBy.get(id) ?? { personId: '', student: '' };
    const bookOf = new Map(rows.map(({ work }) => [work.id, work.bookId]));
    const found = await this.threads.copied(await this.keys.textOf(keyId), works);
    return found.map(({ by: tryId, whose, count, how }) => ({
      ...{ tryId, bookId: bookOf.get(tryId) ?? '', ...by(tryId), count, how },
      whose: whose.map(by),
    }));
  }
}
