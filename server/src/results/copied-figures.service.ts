import { Inject, Injectable } from '@nestjs/common';
import type { CopiedShown } from '@gleddo/contract';
import { and, eq, inArray } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { people, tries } from '../database/schema/index.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { drawsFigures } from '../kept/kept-rules.js';
import { ownSeed } from '../exercises/own-seed.js';
import { DATABASE } from '../http/tokens.js';
import { Threads } from '../threads/threads.js';
import { KeyVersionsService } from '../keys/key-versions.service.js';

/** Somebody else’s own figures in a work: a fact that the instructor is told, no verdict. */
@Injectable()
export class CopiedFiguresService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly keys: KeyVersionsService,
    private readonly threads: Threads,
  ) {}

  async in(exercise: ExerciseRow): Promise<CopiedShown[]> {
    if (!drawsFigures(exercise.keyRules)) return [];
    const rows = await this.db
      .select({ work: tries, student: people.name })
      .from(tries)
      .innerJoin(people, eq(people.id, tries.personId))
      .where(
        and(eq(tries.exerciseId, exercise.id), inArray(tries.state, ['handed-in', 'given-back'])),
      );
    const works = await Promise.all(
      rows.map(async ({ work }) => ({
        seed: ownSeed(exercise.id, work.personId),
        whose: work.id,
        text: (await this.books.at(work.bookId)).text,
      })),
    );
    const nameOf = new Map(rows.map(({ work, student }) => [work.id, student]));
    const key = await this.keys.textOf((await this.keys.todays(exercise)).id);
    const found = await this.threads.copied(key, works);
    return found.map(({ by, whose, count, how }) => ({
      ...{ tryId: by, student: nameOf.get(by) ?? '', count, how },
      whose: whose.map((id) => nameOf.get(id) ?? '').join(' or '),
    }));
  }
}
