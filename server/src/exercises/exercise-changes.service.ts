import { HttpStatus, Inject, Injectable } from '@nestjs/common';
import type { ExerciseAnswer, ExerciseChange, May, Me } from '@gleddo/contract';
import {
  EXERCISE_PARTS,
  exerciseOfParts,
  keyOfRules,
  namedIn,
  partChanges,
  partSays,
  pictureIn,
  picturesOf,
  reverseOf,
  standingRules,
  withPartChanges,
  type Book,
  type ExerciseParts,
  type Named,
  type Overtaken,
  type PartChange,
} from '@gleddo/core';
import { and, desc, eq } from 'drizzle-orm';
import { BookAccess } from '../books/book-access.js';
import { KeptBooks } from '../books/kept-books.js';
import type { Database, Queries } from '../database/open-database.js';
import { exerciseChanges, exercises, people, tries } from '../database/schema/index.js';
import { notFound, Refused, refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { columnsOf, partsOfRow } from './exercise-parts.js';
import { ExercisesService, type ExerciseRow } from './exercises.service.js';

const MOST_SHOWN = 30;
const FIGURES = '/keyRules/figures/';

/** What becomes of an exercise's parts, as they are by now. */
export type Edit = (now: ExerciseParts) => readonly PartChange[];

interface Asked {
  readonly edit: Edit;
  /** The revision that is taken back; null: none. */
  readonly undoes: number | null;
  /** What whoever changes it has to be allowed; absent: to change it. */
  readonly least?: May;
}

/** An exercise changed part by part: what does not fit any more is told, and nothing is written over. */
@Injectable()
export class ExerciseChangesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly exercises: ExercisesService,
    private readonly books: KeptBooks,
    private readonly access: BookAccess,
  ) {}

  async change(me: Me, id: string, changes: readonly PartChange[]): Promise<ExerciseAnswer> {
    await this.edit(me, id, () => changes.map(withPlainTitle));
    return this.exercises.open(me, id);
  }

  /** Changes parts as they are told from the exercise as it is by now. */
  edit(me: Me, id: string, edit: Edit): Promise<void> {
    return this.keep(me, id, { edit, undoes: null });
  }

  /** The same by who marks works with it: what else is right is said while marking. */
  accept(me: Me, id: string, edit: Edit): Promise<void> {
    return this.keep(me, id, { edit, undoes: null, least: 'mark' });
  }

  /** Takes back what was changed in one step, where it still stands so. */
  async takeBack(me: Me, id: string, revision: number): Promise<ExerciseAnswer> {
    const { changes } = await this.stepOf(id, revision);
    const edit = () => reverseOf(changes);
    await this.keep(me, id, { edit, undoes: revision });
    return this.exercises.open(me, id);
  }

  private async keep(me: Me, id: string, { edit, undoes, least = 'change' }: Asked): Promise<void> {
    const { keyBookId } = await this.exercises.rowOf(me, id, least);
    const book = await this.books.read(keyBookId);
    await this.db.transaction(async (tx) => {
      const [row] = await tx.select().from(exercises).where(eq(exercises.id, id)).for('update');
      if (!row) throw notFound('This exercise');
      const now = partsOfRow(row);
      const { document, done, overtaken } = withPartChanges(EXERCISE_PARTS, now, edit(now));
      if (overtaken.length > 0) throw overtakenBy(overtaken, namedIn(book));
      if (done.length === 0) return;
      const next = judged(document, now, book);
      await this.figuresMayChange(tx, row, done);
      const revision = row.revision + 1;
      const step = { exerciseId: id, revision, byId: me.id, undoes, changes: JSON.stringify(done) };
      await tx
        .update(exercises)
        .set({ ...columnsOf(next), revision })
        .where(eq(exercises.id, id));
      await tx.insert(exerciseChanges).values(step);
    });
    this.access.forget();
  }

  /** Own figures stay as they are once somebody has begun: their books have them. */
  private async figuresMayChange(
    tx: Queries,
    row: ExerciseRow,
    done: readonly PartChange[],
  ): Promise<void> {
    if (!done.some(({ at }) => at.startsWith(FIGURES))) return;
    const begun = await tx.$count(tries, eq(tries.exerciseId, row.id));
    if (begun > 0)
      throw refuse(
        'figures.begun',
        `${begun === 1 ? 'One student has' : `${begun} students have`} begun with the figures as they are, so these stay. For other figures, save the exercise as a file and read that back as a new one.`,
        'figures',
      );
  }

  private async stepOf(id: string, revision: number) {
    const [step] = await this.db
      .select()
      .from(exerciseChanges)
      .where(and(eq(exerciseChanges.exerciseId, id), eq(exerciseChanges.revision, revision)));
    if (!step) throw notFound('This change');
    return { changes: JSON.parse(step.changes) as readonly PartChange[] };
  }

  /** What was changed by whom, the latest first. */
  async list(me: Me, id: string): Promise<ExerciseChange[]> {
    const row = await this.exercises.rowOf(me, id, 'look');
    const now = partsOfRow(row);
    const named = namedIn(await this.books.read(row.keyBookId));
    const steps = await this.db
      .select({ step: exerciseChanges, by: people.name })
      .from(exerciseChanges)
      .leftJoin(people, eq(people.id, exerciseChanges.byId))
      .where(eq(exerciseChanges.exerciseId, id))
      .orderBy(desc(exerciseChanges.revision))
      .limit(MOST_SHOWN);
    const takenBack = new Set(steps.map(({ step }) => step.undoes));
    return steps.map(({ step, by }) => {
      const changes = JSON.parse(step.changes) as readonly PartChange[];
      const back = withPartChanges(EXERCISE_PARTS, now, reverseOf(changes));
      return {
        ...{ revision: step.revision, at: step.at.toISOString(), by: by ?? 'Somebody' },
        what: [...new Set(changes.map((change) => saysOf(change, named)))],
        undoes: step.undoes,
        mayTakeBack: !takenBack.has(step.revision) && back.overtaken.length === 0,
      };
    });
  }
}

const saysOf = ({ at, was, now }: PartChange, named: Named): string =>
  partSays(EXERCISE_PARTS, { at, json: now ?? was, named });

const overtakenBy = (overtaken: readonly Overtaken[], named: Named): Refused =>
  new Refused(
    overtaken.map(({ change }) => ({
      ...{ at: change.at, code: 'exercise.overtaken' },
      says: `Somebody has changed ${saysOf(change, named) || 'what you have'} since. Look at it as it is now, and say which shall stand.`,
    })),
    HttpStatus.CONFLICT,
  );

/** Without blanks around it, as it is shown. */
const withPlainTitle = (change: PartChange): PartChange =>
  change.at === '/title' && typeof change.now === 'string'
    ? { ...change, now: change.now.trim() }
    : change;

/**
 * An exercise that can be kept: of the right shape, with a key that can be made. What was said before of accounts that the
 * key has lost, or has come to use, stands in nobody's way.
 */
function judged(document: unknown, now: ExerciseParts, book: Book): ExerciseParts {
  const read = exerciseOfParts(document);
  if (!read.ok) throw refusedBy(read.refusals);
  const { accepts = [], acceptsEntries = [] } = now.keyRules;
  const before = new Set([...accepts, ...acceptsEntries].map((rule) => JSON.stringify(rule)));
  const isNew = (rule: object) => !before.has(JSON.stringify(rule));
  const key = keyOfRules(book, standingRules(book, read.value.keyRules, isNew));
  if (!key.ok) throw refusedBy(key.refusals);
  if (picturesOf(read.value.guide).some((each) => pictureIn(each) !== null))
    throw refuse('guide.picture-apart', PICTURES_APART, 'guide');
  return read.value;
}

const PICTURES_APART =
  'A picture is sent by itself first, and named in the guide by the id that is answered.';

/** What makes one exercise of another. */
export const between = (before: ExerciseParts, after: ExerciseParts): readonly PartChange[] =>
  partChanges(EXERCISE_PARTS, before, after);
