import { Inject, Injectable } from '@nestjs/common';
import type { PictureKept } from '@gleddo/contract';
import {
  notAPicture,
  pictureIn,
  picturesOf,
  urlOfPicture,
  withPictures,
  type Guide,
  type Picture,
  type PictureKind,
} from '@gleddo/core';
import { and, eq, inArray, notInArray } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database, Queries } from '../database/open-database.js';
import { pictures } from '../database/schema/index.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { notFound, refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { guideOf } from '../threads/guiding.js';

const MOST = 60;

/** Pictures that lie beside the work: kept apart from the guide, which names them. */
@Injectable()
export class PicturesService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async keep(exercise: ExerciseRow, url: string): Promise<PictureKept> {
    const exerciseId = exercise.id;
    const picture = pictureIn(url);
    if (!picture) throw refusedBy([notAPicture({}, 'picture')]);
    if ((await this.countOf(exerciseId)) >= MOST) await this.dropUnnamed(exercise);
    if ((await this.countOf(exerciseId)) >= MOST)
      throw refuse('guide.pictures', TOO_MANY, 'picture');
    const id = nanoid();
    await this.db.insert(pictures).values({ id, exerciseId, ...picture });
    return { id };
  }

  /** Pictures that lie beside other exercises, put in here, too; refused where there is no room for them. */
  async takeIn(exercise: ExerciseRow, taken: Apart) {
    const fits = async () => (await this.countOf(exercise.id)) + taken.length <= MOST;
    if (!(await fits())) await this.dropUnnamed(exercise);
    if (!(await fits())) throw refuse('guide.pictures', TOO_MANY, 'picture');
    await keepApart(this.db, exercise.id, taken);
  }

  private countOf(exerciseId: string): Promise<number> {
    return this.db.$count(pictures, eq(pictures.exerciseId, exerciseId));
  }

  /** What was put in and is named by the guide no longer makes room for what is put in now. */
  private async dropUnnamed({ id, guide }: ExerciseRow): Promise<void> {
    const named = picturesOf(guideOf(guide));
    const own = eq(pictures.exerciseId, id);
    await this.db
      .delete(pictures)
      .where(named.length === 0 ? own : and(own, notInArray(pictures.id, [...named])));
  }

  /** A picture that was put in for an exercise, whether its guide names it already or not. */
  async keptWith(exerciseId: string, id: string): Promise<Picture> {
    const kept = and(eq(pictures.id, id), eq(pictures.exerciseId, exerciseId));
    const [row] = await this.db.select().from(pictures).where(kept);
    if (!row) throw notFound('This picture');
    return { kind: row.kind as PictureKind, data: row.data };
  }

  /** The picture of an exercise whose guide names it. */
  async of({ guide }: Pick<ExerciseRow, 'guide'>, id: string): Promise<Picture> {
    if (!picturesOf(guideOf(guide)).includes(id)) throw notFound('This picture');
    const found = (await this.named([id])).get(id);
    if (!found) throw notFound('This picture');
    return found;
  }

  /** A guide as its file has it: the pictures stand in it. */
  async inFile(guide: Guide): Promise<Guide> {
    const named = await this.named(picturesOf(guide));
    return withPictures(guide, (id) => {
      const picture = named.get(id);
      return picture ? urlOfPicture(picture) : null;
    });
  }

  private async named(ids: readonly string[]): Promise<ReadonlyMap<string, Picture>> {
    if (ids.length === 0) return new Map();
    const rows = await this.db
      .select()
      .from(pictures)
      .where(inArray(pictures.id, [...ids]));
    return new Map(
      rows.map(({ id, kind, data }) => [id, { kind: kind as PictureKind, data }] as const),
    );
  }
}

/** A guide without its pictures, which it names, and these, to be kept once the exercise is. */
export function picturesApart(guide: Guide) {
  const apart: (Picture & { readonly id: string })[] = [];
  const named = withPictures(guide, (url) => {
    const picture = pictureIn(url);
    if (!picture) return null;
    const id = nanoid();
    apart.push({ id, ...picture });
    return id;
  });
  return { guide: named, apart };
}

type Apart = ReturnType<typeof picturesApart>['apart'];

/** Keeps what was taken apart. */
export async function keepApart(db: Queries, exerciseId: string, apart: Apart): Promise<void> {
  if (apart.length > 0)
    await db.insert(pictures).values(apart.map((each) => ({ ...each, exerciseId })));
}

const TOO_MANY =
  'An exercise keeps 60 pictures. Remove a paper that is needed no longer, save the steps, and choose this one again.';
