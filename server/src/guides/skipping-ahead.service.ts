import { Inject, Injectable } from '@nestjs/common';
import type { GuideAnswer, Me } from '@gleddo/contract';
import type { StepShown } from '@gleddo/core';
import { and, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import { BookAccess, type SkipTo } from '../books/book-access.js';
import { BookWriting } from '../books/book-writing.js';
import { KeptBooks } from '../books/kept-books.js';
import { Turns } from '../books/turns.js';
import type { Database, Queries } from '../database/open-database.js';
import { exercises, notes, tries } from '../database/schema/index.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { refuse, Refused, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { seesTry } from '../reach/reach.js';
import { ChecksService } from '../results/checks.service.js';
import { guideOf } from '../threads/guiding.js';
import { Threads } from '../threads/threads.js';
import { goneOnAt, WENT_ON } from './gone-on.js';
import { GuidesService, mayGoOn, type Going } from './guides.service.js';

/** Where one goes on, and the steps that one had not done by then. */
interface Skipping {
  readonly at: number;
  readonly title: string;
  readonly skipped: readonly StepShown[];
}

/** What going on is charged for. */
interface Charged extends Skipping {
  readonly bookId: string;
  /** The points that it gave. */
  readonly given: number;
  /** The revision that it made. */
  readonly revision: number;
}

/** Whoever is stuck or comes late goes on from the beginning of a later step, with the key’s books of that moment. */
@Injectable()
export class SkippingAheadService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly guides: GuidesService,
    private readonly access: BookAccess,
    private readonly threads: Threads,
    private readonly writing: BookWriting,
    private readonly turns: Turns,
    private readonly audit: AuditService,
    private readonly books: KeptBooks,
    private readonly checks: ChecksService,
  ) {}

  async goOn(me: Me, bookId: string, step: string): Promise<GuideAnswer> {
    await this.turns.take(bookId, async () => {
      const going = await this.guides.going(me, bookId);
      if (!going.rights.mayChange) throw refuse('book.fixed', going.rights.why);
      if (!mayGoOn(going)) throw mayNot();
      await this.putThere(me, bookId, { going, step });
    });
    return this.guides.open(me, bookId);
  }

  /** An instructor lets students go on: it costs them nothing. Whoever hands in or changes their book just then stays where they are. */
  async letGoOn(
    me: Me,
    exercise: ExerciseRow,
    { step, tries: ids }: { readonly step: string; readonly tries: readonly string[] },
  ): Promise<number> {
    const working = await this.db
      .select({ id: tries.id, bookId: tries.bookId, personId: tries.personId })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(and(eq(tries.exerciseId, exercise.id), eq(tries.state, 'working'), seesTry(me.id)));
    stepAt(exercise, step);
    let count = 0;
    for (const { id, bookId, personId } of working)
      if (ids.length === 0 || ids.includes(id))
        count += (await this.letOne(me, exercise, { step, bookId, personId })) ? 1 : 0;
    return count;
  }

  private async letOne(
    me: Me,
    exercise: ExerciseRow,
    { step, bookId, personId }: { step: string; bookId: string; personId: string },
  ): Promise<boolean> {
    const go: SkipTo = {
      ...{ kind: 'try', exerciseId: exercise.id, personId, seed: null, begunAs: bookId },
    };
    try {
      await this.turns.take(bookId, async () => {
        const rights = await this.access.rightsOf(bookId, me);
        await this.putThere(me, bookId, {
          going: { go, rights, exercise, costs: false, isHeldBack: false },
          step,
        });
      });
      return true;
    } catch (error) {
      if (error instanceof Refused) return false;
      throw error;
    }
  }

  /** The books, and what it costs, in one step. */
  private async putThere(
    me: Me,
    bookId: string,
    { going, step }: { readonly going: Going; readonly step: string },
  ): Promise<void> {
    const { exercise, rights } = going;
    const skipping = await this.skipping(bookId, going, step);
    const key = await this.guides.keyOf(going);
    const ready = await this.threads.checkpointOf({
      ...{ key, guide: exercise.guide, step: skipping.at },
    });
    if (!ready.ok) throw refusedBy(ready.refusals);
    const said = JSON.stringify({ kind: WENT_ON, step: skipping.title });
    const written = {
      ...{ id: bookId, byId: me.id, token: nanoid(), operation: said, inverse: said },
      ...{ undoes: null, isTry: rights.isTry, isKept: true },
    };
    const given = await this.given(bookId, going, ready.value.text);
    const charged = { ...skipping, bookId, given, revision: rights.revision + 1 };
    await this.db.transaction(async (tx) => {
      const book = { book: ready.value, db: tx };
      if (!(await this.writing.write(written, rights.revision, book))) throw changedMeanwhile();
      if (going.costs) await this.charge(tx, exercise, charged);
      await this.audit.write('went-on', me.id, { aboutId: bookId, db: tx });
    });
  }

  private async skipping(bookId: string, going: Going, step: string): Promise<Skipping> {
    const at = stepAt(going.exercise, step);
    const { steps } = await this.guides.shownOver(bookId, going);
    return { at, title: steps[at]?.title ?? '', skipped: steps.slice(0, at).filter(isUndone) };
  }

  /** The points that a checkpoint would earn above what stands in a work by now. */
  private async given(
    bookId: string,
    { go, exercise, costs }: Going,
    then: string,
  ): Promise<number> {
    if (!costs || exercise.goOnCost !== null) return 0;
    const { text } = await this.books.at(bookId);
    const by = { ...go, bookId };
    const before = await this.checks.now(exercise, text, by);
    const after = await this.checks.now(exercise, then, by);
    return Math.max(0, after.points - before.points);
  }

  /** What going on costs stands as notes that the instructor can take away. */
  private async charge(db: Queries, exercise: ExerciseRow, charged: Charged): Promise<void> {
    const [work] = await db.select().from(tries).where(eq(tries.bookId, charged.bookId));
    if (!work) return;
    const before = await db.select().from(notes).where(eq(notes.tryId, work.id));
    const due =
      exercise.goOnCost === null
        ? await dueForAll(db, charged, before)
        : dueByStep(charged, exercise.goOnCost, before);
    if (due.length === 0) return;
    const whose = { tryId: work.id, byId: exercise.ownerId };
    await db.insert(notes).values(due.map((note) => ({ id: nanoid(), ...whose, ...note })));
  }
}

type Due = Pick<typeof notes.$inferInsert, 'ref' | 'points' | 'text'>;
type NoteRow = typeof notes.$inferSelect;

/** All that it gave, from where to where; what was charged for and set back from since is not charged again. */
async function dueForAll(
  db: Queries,
  { bookId, skipped: [first], title, given, revision }: Charged,
  before: readonly NoteRow[],
): Promise<Due[]> {
  const standing = new Set([...(await goneOnAt(db, bookId))].map(refOfRevision));
  const gone = before.filter(({ ref }) => ref?.startsWith(AT_REVISION) && !standing.has(ref));
  const due = given - gone.reduce((sum, { points }) => sum - points, 0);
  if (due <= 0) return [];
  const from = first ? `“${first.title}”` : 'where it stood';
  const text = `Went on from ${from} to “${title}”: what that gave earns nothing.`;
  return [{ ref: refOfRevision(revision), points: -due, text }];
}

/** What the exercise says for each step that was not done, once. */
function dueByStep({ skipped }: Charged, cost: number, before: readonly NoteRow[]): Due[] {
  const paid = new Set(before.map(({ ref }) => ref));
  if (cost === 0) return [];
  return skipped
    .filter(({ id }) => !paid.has(refOfStep(id)))
    .map(({ id, title }) => ({
      ...{ ref: refOfStep(id), points: -cost },
      text: `Went on without “${title}”.`,
    }));
}

const AT_REVISION = `${WENT_ON}:at:`;
const refOfRevision = (revision: number): string => `${AT_REVISION}${revision}`;
const refOfStep = (id: string): string => `${WENT_ON}:${id}`;

/** Whether something of it was still to be done that a checkpoint does for one: questions are answered later, too. */
const isUndone = ({ asks }: StepShown): boolean =>
  asks.some(({ kind, done, of }) => kind !== 'questions' && done < of);

function stepAt({ guide }: ExerciseRow, step: string): number {
  const at = (guideOf(guide).steps ?? []).findIndex(({ id }) => id === step);
  if (at < 1)
    throw refuse('guide.no-step', 'There is no such step to go on from. Choose a later one.');
  return at;
}

const mayNot = () =>
  refuse(
    'guide.no-skipping-ahead',
    'In this exercise nobody goes on from a later step. Ask your instructor, who can let you.',
  );

const changedMeanwhile = () =>
  refuse('book.busy', 'The book was changed meanwhile. Look at it, then try again.');
