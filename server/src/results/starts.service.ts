import { Inject, Injectable } from '@nestjs/common';
import { yearCarriedOn, type Book } from '@gleddo/core';
import { and, eq } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database, Queries } from '../database/open-database.js';
import { tries } from '../database/schema/index.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { drawsFigures } from '../kept/kept-rules.js';
import { DATABASE } from '../http/tokens.js';
import { refusedBy } from '../http/problem.js';
import { earlierOf } from '../points/earlier-tries.js';
import { wordsFor } from '../threads/guiding.js';
import { Threads } from '../threads/threads.js';
import { KeyVersionsService, type Figured } from '../keys/key-versions.service.js';

/** What somebody begins an exercise with. */
@Injectable()
export class StartsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly keys: KeyVersionsService,
    private readonly threads: Threads,
  ) {}

  /** How the book is made with which somebody begins: a copy of the start, with their own figures where these are drawn. */
  async begin(exercise: ExerciseRow, whose: Figured): Promise<(db: Queries) => Promise<string>> {
    const before = exercise.ownWork ? await this.workBefore(exercise, whose.personId) : null;
    if (before) return (db) => this.books.create(before, 'try', db);
    if (!drawsFigures(exercise.keyRules)) {
      const start = await this.books.newest(exercise.startBookId);
      return (db) => this.books.copy(start, 'try', db);
    }
    const version = await this.keys.todays(exercise);
    const ready = await this.threads.ownStart(await this.keys.ownTextOf(version.id, whose));
    if (!ready.ok) throw refusedBy(ready.refusals);
    return (db) => this.books.keep(ready.value, 'try', db);
  }

  /** Words of an exercise as somebody reads them: with their own figures and names. */
  async wordsOf(exercise: ExerciseRow, whose: Figured, words: string): Promise<string> {
    if (!/\{=|\{student\}/.test(words) && !drawsFigures(exercise.keyRules)) return words;
    const today = await this.keys.todays(exercise);
    const text = await this.keys.ownTextOf(today.id, whose);
    return wordsFor(text, words);
  }

  /** Somebody’s own work of the exercise before, handed in, closed and carried forward; null where there is none that could be. */
  private async workBefore({ continues }: ExerciseRow, personId: string): Promise<Book | null> {
    const [work] = await this.db
      .select()
      .from(tries)
      .where(and(eq(tries.exerciseId, continues ?? ''), eq(tries.personId, personId)));
    if (!work) return null;
    const before = (await earlierOf(this.db, [work.id]))(work.id).at(-1);
    const handedIn = work.state === 'working' ? before : work;
    const carried = handedIn ? yearCarriedOn(await this.books.read(handedIn.bookId)) : null;
    return carried?.ok ? carried.value : null;
  }
}
