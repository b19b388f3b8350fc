import { Inject, Injectable } from '@nestjs/common';
import type { Me, Preview, PreviewRow } from '@gleddo/contract';
import { writeBook, writeKey, type AnswerKey, type Times } from '@gleddo/core';
import { and, eq, inArray, isNotNull } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { exercises, notes, people, tries } from '../database/schema/index.js';
import { drawingOf } from '../exercises/own-seed.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { DATABASE } from '../http/tokens.js';
import { seesTry } from '../reach/reach.js';
import { Threads } from '../threads/threads.js';
import { withOwn } from '../points/add-up.js';
import { LATE_REF, offOf } from '../points/late-charge.js';
import { TimesService } from '../times/times.service.js';
import { ChecksService, type TryRow } from './checks.service.js';
import type { KeyText } from '../threads/checking.js';

interface Work {
  readonly work: TryRow;
  readonly student: string;
}

/** What notes say, and whether one of them is for coming late. */
interface Own {
  readonly points: number;
  readonly late: Times | null;
}

const NONE: Own = { points: 0, late: null };

/** Where a work's marks are and where they would be; null where it could not be checked. */
type Outcome = Omit<PreviewRow, 'tryId' | 'student' | 'state'> | null;

/** What a change of a key would do to everybody's marks: shown before it is kept, and nothing of it is kept. */
@Injectable()
export class PreviewsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly threads: Threads,
    private readonly checks: ChecksService,
    private readonly times: TimesService,
  ) {}

  /** Of the works that somebody sees: those of colleagues’ classes are checked again by them. */
  async of(me: Me, exercise: ExerciseRow, key: AnswerKey): Promise<Preview> {
    const start = await this.exercises.startOf(exercise);
    const text: KeyText = {
      id: `preview-${nanoid()}`,
      key: writeKey(key),
      start: writeBook(start),
    };
    const works = await this.worksOf(me, exercise.id);
    const own = await this.ownOf(exercise.id, works);
    const rows: PreviewRow[] = [];
    let failed = 0;
    let same = 0;
    for (const { work, student } of works) {
      const outcome = await this.outcome(text, { work, student }, own.get(work.id) ?? NONE);
      if (outcome === null) failed++;
      else if (outcome.newPoints === outcome.points && outcome.newOf === outcome.of) same++;
      else rows.push({ tryId: work.id, student, state: stateOf(work), ...outcome });
    }
    return { rows, same, failed };
  }

  /** What has marks: a work that waits for its first check has none that could change. */
  private async worksOf(me: Me, exerciseId: string): Promise<Work[]> {
    const rows = await this.db
      .select({ work: tries, student: people.name })
      .from(tries)
      .innerJoin(people, eq(people.id, tries.personId))
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(
        and(
          seesTry(me.id),
          eq(tries.exerciseId, exerciseId),
          inArray(tries.state, ['handed-in', 'given-back']),
          isNotNull(tries.points),
        ),
      );
    const collator = new Intl.Collator('en');
    return rows.sort((a, b) => collator.compare(a.student, b.student));
  }

  /** What notes say of each work; what is taken off for coming late, apart: it hangs on what there is to earn. */
  private async ownOf(
    exerciseId: string,
    works: readonly Work[],
  ): Promise<ReadonlyMap<string, Own>> {
    if (works.length === 0) return new Map();
    const timesOf = await this.times.ofExercise(exerciseId);
    const rows = await this.db
      .select({ id: notes.tryId, ref: notes.ref, points: notes.points })
      .from(notes)
      .where(
        inArray(
          notes.tryId,
          works.map(({ work }) => work.id),
        ),
      );
    return new Map(
      works.map(({ work }) => {
        const its = rows.filter(({ id }) => id === work.id);
        const others = its.filter(({ ref }) => ref !== LATE_REF);
        const points = others.reduce((sum, each) => sum + each.points, 0);
        const late = others.length < its.length ? timesOf(work.personId, work) : null;
        return [work.id, { points, late }];
      }),
    );
  }

  private async outcome(key: KeyText, { work, student }: Work, own: Own): Promise<Outcome> {
    const { text } = await this.books.at(work.bookId);
    const came = await this.checks.cameAs(work);
    const drawing = drawingOf({ ...work, student });
    const checked = await this.threads.check(
      { key: { ...key, drawing }, work: text, ...came },
      null,
    );
    if (!checked.ok || work.points === null || work.outOf === null) return null;
    const { points, of } = checked.value;
    const off = own.late === null ? 0 : offOf(work, { times: own.late, of });
    const newPoints = withOwn(points, of, own.points - off);
    return { points: work.points, of: work.outOf, newPoints, newOf: of };
  }
}

const stateOf = ({ state }: TryRow): PreviewRow['state'] =>
  state === 'given-back' ? 'given-back' : 'handed-in';
