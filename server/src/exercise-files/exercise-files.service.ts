import { randomInt } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { ExerciseAnswer, Me } from '@gleddo/contract';
import { exerciseToJson } from '@gleddo/core';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { exercises } from '../database/schema/index.js';
import { refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { keepApart, picturesApart, PicturesService } from '../guides/pictures.service.js';
import { guideOf } from '../threads/guiding.js';
import { Threads } from '../threads/threads.js';
import { ExercisesService } from '../exercises/exercises.service.js';

const MOST_SEEDS = 2 ** 31;

/** Exercises as files, so that instructors can hand them to each other. */
@Injectable()
export class ExerciseFilesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly threads: Threads,
    private readonly pictures: PicturesService,
  ) {}

  /** The document of an exercise, with today's key. */
  async of(me: Me, id: string): Promise<object> {
    const row = await this.exercises.rowOf(me, id, 'look');
    const [key, start] = await Promise.all([
      this.exercises.keyOf(row),
      this.exercises.startOf(row),
    ]);
    const { title, brief } = row;
    const guide = await this.pictures.inFile(guideOf(row.guide));
    return exerciseToJson({ title, brief, start, key, rules: row, guide });
  }

  /**
   * An exercise from its file, or from that of a key: judged whole before anything of it is kept. One of the shelf says from
   * which it was taken.
   */
  async take(me: Me, body?: Uint8Array, ready: string | null = null): Promise<ExerciseAnswer> {
    if (!body) throw refuse('exercise.no-file', 'Nothing was sent. Choose the file again.');
    const read = await this.threads.takeExercise(body, randomInt(MOST_SEEDS));
    if (!read.ok) throw refusedBy(read.refusals);
    const { start, key, rules, ...words } = read.value;
    const { guide, apart } = picturesApart(guideOf(words.guide));
    const id = nanoid();
    await this.db.transaction(async (tx) => {
      const startBookId = await this.books.keep(start, 'start', tx);
      const keyBookId = await this.books.keep(key, 'key', tx);
      const made = { id, ownerId: me.id, ready, company: key.name, startBookId, keyBookId };
      const led = { guide: JSON.stringify(guide) };
      await tx.insert(exercises).values({ ...words, ...rules, ...made, ...led });
      await keepApart(tx, id, apart);
    });
    return this.exercises.open(me, id);
  }
}
