import { Inject, Injectable } from '@nestjs/common';
import type { ExerciseAnswer, Me } from '@gleddo/contract';
import {
  picturesOf,
  withPictures,
  type Guide,
  type PartChange,
  type PictureKind,
} from '@gleddo/core';
import { and, eq, inArray, isNotNull, ne } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { exercises, pictures } from '../database/schema/index.js';
import { ExerciseChangesService } from '../exercises/exercise-changes.service.js';
import { columnsOf, partsOfRow } from '../exercises/exercise-parts.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { keepApart, picturesApart, PicturesService } from '../guides/pictures.service.js';
import { DATABASE } from '../http/tokens.js';
import { mayOnExercise } from '../reach/reach.js';

/** No more lie beside an exercise than that: what is beyond it is looked for nowhere. */
const MOST_PICTURES = 60;

/** Exercises copied whole, and part by part. */
@Injectable()
export class CopiesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly changes: ExerciseChangesService,
    private readonly pictures: PicturesService,
  ) {}

  /** An exercise of one's own, the same to the id: so what is changed of the one can be done to the other. */
  async copy(me: Me, id: string): Promise<ExerciseAnswer> {
    const row = await this.exercises.rowOf(me, id, 'look');
    const parts = partsOfRow(row);
    const { guide, apart } = picturesApart(await this.pictures.inFile(parts.guide));
    const [start, key] = [
      await this.books.newest(row.startBookId),
      await this.books.newest(row.keyBookId),
    ];
    const made = nanoid();
    await this.db.transaction(async (tx) => {
      const startBookId = await this.books.copy(start, 'start', tx);
      const keyBookId = await this.books.copy(key, 'key', tx);
      await tx.insert(exercises).values({
        ...columnsOf({ ...parts, guide }),
        ...{ id: made, ownerId: me.id, company: row.company, ready: row.ready },
        ...{ startBookId, keyBookId, originId: id, originRevision: row.revision },
        ...{ originStart: start.revision, originKey: key.revision },
      });
      await keepApart(tx, made, apart);
    });
    return this.exercises.open(me, made);
  }

  /** Parts that stand elsewhere, put in here: a picture that lies beside another exercise lies here, too. */
  async takeOver(me: Me, id: string, changes: readonly PartChange[]): Promise<ExerciseAnswer> {
    const row = await this.exercises.rowOf(me, id);
    return this.changes.change(me, id, await this.withOwnPictures(me, row, changes));
  }

  private async withOwnPictures(me: Me, row: ExerciseRow, changes: readonly PartChange[]) {
    const all = changes.flatMap((change) => picturesOf(asGuide(change.now)));
    const named = [...new Set(all)].slice(0, MOST_PICTURES);
    if (named.length === 0) return changes;
    const others = await this.db
      .select({ id: pictures.id, kind: pictures.kind, data: pictures.data })
      .from(pictures)
      .innerJoin(exercises, eq(exercises.id, pictures.exerciseId))
      .where(
        and(inArray(pictures.id, named), ne(exercises.id, row.id), isNotNull(mayOnExercise(me.id))),
      );
    const own = new Map(
      others.map(({ id: name, kind, data }) => [
        name,
        { id: nanoid(), kind: kind as PictureKind, data },
      ]),
    );
    await this.pictures.takeIn(row, [...own.values()]);
    return changes.map((change) => renamed(change, (name) => own.get(name)?.id ?? null));
  }
}

/** A paper that is put in, as a guide that has nothing else; whatever is none names no picture. */
const asGuide = (json: unknown): Guide =>
  typeof json === 'object' && json !== null && 'picture' in json && typeof json.picture === 'string'
    ? { sheets: [json as NonNullable<Guide['sheets']>[number]] }
    : {};

function renamed(change: PartChange, idOf: (name: string) => string | null): PartChange {
  const guide = asGuide(change.now);
  if (picturesOf(guide).length === 0) return change;
  return { ...change, now: withPictures(guide, (name) => idOf(name) ?? name).sheets?.[0] };
}
