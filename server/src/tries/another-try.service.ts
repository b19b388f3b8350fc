import { Inject, Injectable } from '@nestjs/common';
import type { Me, Note } from '@gleddo/contract';
import type { CountsRule, Times } from '@gleddo/core';
import { eq } from 'drizzle-orm';
import { BookAccess } from '../books/book-access.js';
import type { Database, Queries } from '../database/open-database.js';
import { books, earlierTries, exercises, notes, tries } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { earlierOf, type EarlierRow } from '../points/earlier-tries.js';
import { AT_WORK, forgetHandedIn } from '../results/at-work-again.js';
import { ShownResults } from '../results/shown-results.js';
import { StartsService } from '../results/starts.service.js';

type Exercise = typeof exercises.$inferSelect;
type Try = typeof tries.$inferSelect;

/** A student tries again what was given back to them, as often as their class may: the try before stays as it was given back. */
@Injectable()
export class AnotherTryService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly starts: StartsService,
    private readonly shown: ShownResults,
    private readonly access: BookAccess,
  ) {}

  /** How many tries there were before this one. */
  async earlier(work: Pick<Try, 'id'> | null): Promise<readonly EarlierRow[]> {
    return work === null ? [] : (await earlierOf(this.db, [work.id]))(work.id);
  }

  /** Begins from the start, in one step; whoever is quicker by another tab has begun it. */
  async begin(
    me: Me,
    exercise: Exercise,
    { work, times }: { readonly work: Try; readonly times: Times },
  ): Promise<void> {
    if ((await this.numberOfNext(this.db, work, times)) === null) return;
    const begins = await this.starts.begin(exercise, { exerciseId: exercise.id, personId: me.id });
    await this.db.transaction(async (tx) => {
      const [now] = await tx.select().from(tries).where(eq(tries.id, work.id)).for('update');
      const number = now ? await this.numberOfNext(tx, now, times) : null;
      if (!now || number === null) return;
      // Whatever is said of it from now on waits until this is done, and is said of the next.
      const said = await this.shown.notesOf(work.id, tx);
      await keep(tx, now, { number, said, counts: times.counts });
      await forgetHandedIn(tx, now);
      if (now.begunBookId !== null) await tx.delete(books).where(eq(books.id, now.begunBookId));
      const bookId = await begins(tx);
      await tx
        .update(tries)
        .set({
          ...{ ...AT_WORK, bookId, startedAt: new Date(), handPairs: '[]' },
          ...{ asked: 0, askedAt: null, closedAt: null, lateChargedFor: null },
        })
        .where(eq(tries.id, work.id));
    });
    this.access.forget();
  }

  /** The number of the try that is put aside; null: another is begun already. Refused: it is not back, or none is left. */
  private async numberOfNext(
    db: Queries,
    { id, state }: Try,
    times: Times,
  ): Promise<number | null> {
    if (state === 'working') return null;
    if (state !== 'given-back') throw notBackYet();
    const number = (await db.$count(earlierTries, eq(earlierTries.tryId, id))) + 1;
    if (number >= times.tries) throw noneLeft(times.tries);
    return number;
  }
}

interface Kept {
  readonly number: number;
  readonly said: readonly Note[];
  readonly counts: CountsRule;
}

/** What was given back, for good: its notes with it, and how tries counted then. */
async function keep(tx: Queries, work: Try, { number, said, counts }: Kept): Promise<void> {
  const { bookId, startedAt, handedInAt, givenBackAt, points, outOf, checkId } = work;
  const { fileName, giving } = work;
  await tx.insert(earlierTries).values({
    ...{ tryId: work.id, number, bookId, startedAt, handedInAt, givenBackAt },
    ...{ points, outOf, checkId, fileName, giving, counts, notes: JSON.stringify(said) },
  });
  await tx.delete(notes).where(eq(notes.tryId, work.id));
}

const notBackYet = () =>
  refuse(
    'try.not-back-yet',
    'This try is not given back yet. Another begins once you have its marks and notes.',
  );

const noneLeft = (most: number) =>
  refuse(
    'try.none-left',
    `You have had ${most === 1 ? 'your one try' : `all ${most} tries`} at this exercise. Ask your instructor for another.`,
  );
