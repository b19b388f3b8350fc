import { Inject, Injectable } from '@nestjs/common';
import type { ExerciseThen, Me, OriginShown, OthersParts } from '@gleddo/contract';
import {
  besideParts,
  EXERCISE_PARTS,
  exerciseOfParts,
  partsBefore,
  partsForBook,
  type ExerciseParts,
  type PartChange,
} from '@gleddo/core';
import { and, asc, eq, gt } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { exerciseChanges, people } from '../database/schema/index.js';
import { partsOfRow } from '../exercises/exercise-parts.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { isNotFound, refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { ChangedBooksService } from './changed-books.service.js';

/** What stands elsewhere of an exercise: before, where it is a copy of, in another. */
@Injectable()
export class OtherVersionsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly changed: ChangedBooksService,
  ) {}

  async asOf(me: Me, id: string, revision: number): Promise<ExerciseThen> {
    const row = await this.exercises.rowOf(me, id, 'look');
    if (revision < 0 || revision > row.revision)
      throw refuse('exercise.no-revision', NO_REVISION, 'revision');
    return { revision, parts: await this.partsAt(row, revision) };
  }

  /** Its parts after a revision: as they are, with what came later taken back. */
  private async partsAt(row: ExerciseRow, revision: number): Promise<ExerciseParts> {
    const later = await this.db
      .select({ changes: exerciseChanges.changes })
      .from(exerciseChanges)
      .where(and(eq(exerciseChanges.exerciseId, row.id), gt(exerciseChanges.revision, revision)))
      .orderBy(asc(exerciseChanges.revision));
    const since = later.flatMap(({ changes }) => JSON.parse(changes) as readonly PartChange[]);
    const parts = partsBefore(EXERCISE_PARTS, partsOfRow(row), since);
    const read = exerciseOfParts(parts);
    if (!read.ok) throw refusedBy(read.refusals);
    return read.value;
  }

  /** The exercise of which one's own is a copy, as long as it may be looked at. */
  async originOf(me: Me, row: ExerciseRow): Promise<ExerciseRow> {
    if (row.originId === null) throw refuse('origin.none', NO_ORIGIN);
    return this.exercises.rowOf(me, row.originId, 'look').catch((err: unknown) => {
      throw isNotFound(err) ? refuse('origin.gone', GONE) : err;
    });
  }

  async origin(me: Me, id: string): Promise<OriginShown> {
    const row = await this.exercises.rowOf(me, id);
    const origin = await this.originOf(me, row);
    const [by] = await this.db
      .select({ name: people.name })
      .from(people)
      .where(eq(people.id, origin.ownerId));
    return {
      ...{ id: origin.id, title: origin.title, by: by?.name ?? '' },
      base: await this.partsAt(origin, row.originRevision ?? 0),
      now: partsOfRow(origin),
      key: await this.changed.since(origin.keyBookId, row.originKey ?? 0),
      start: await this.changed.since(origin.startBookId, row.originStart ?? 0),
    };
  }

  async partsOf(me: Me, id: string, other: string): Promise<OthersParts> {
    const row = await this.exercises.rowOf(me, id);
    const there = await this.exercises.rowOf(me, other, 'look');
    return partsForBook(
      besideParts(partsOfRow(there), partsOfRow(row)),
      await this.books.read(there.keyBookId),
      await this.books.read(row.keyBookId),
    );
  }
}

const NO_REVISION = 'This exercise was not changed so often. Choose one of its changes.';
const NO_ORIGIN = 'This exercise is no copy of another.';
const GONE =
  'The exercise of which this one is a copy is no longer shared with you, or is gone. Ask whoever shared it; yours stays as it is.';
