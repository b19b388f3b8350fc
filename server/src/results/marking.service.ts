import { Inject, Injectable } from '@nestjs/common';
import type { AcceptRequest, Marked, Me, NewNoteRequest } from '@gleddo/contract';
import { acceptedFor, bookToJson, typeOf } from '@gleddo/core';
import { and, eq, inArray } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { BooksService } from '../books/books.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, notes, people, tries } from '../database/schema/index.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { CheckingService, type TryRow } from './checking.service.js';
import { ShownResults } from './shown-results.js';

interface Found {
  readonly work: TryRow;
  readonly exercise: ExerciseRow;
  readonly student: string;
}

/** Looking at one try beside the key, and what the instructor does there. */
@Injectable()
export class MarkingService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: BooksService,
    private readonly exercises: ExercisesService,
    private readonly checking: CheckingService,
    private readonly shown: ShownResults,
  ) {}

  private async find(me: Me, tryId: string): Promise<Found> {
    const [row] = await this.db
      .select({ work: tries, exercise: exercises, student: people.name })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .innerJoin(people, eq(people.id, tries.personId))
      .where(and(eq(tries.id, tryId), eq(exercises.ownerId, me.id)));
    if (!row) throw notFound('This work');
    return row;
  }

  async open(me: Me, tryId: string): Promise<Marked> {
    const { work, exercise, student } = await this.find(me, tryId);
    const run = work.checkId === null ? null : await this.shown.run(work.checkId);
    if (!run)
      throw refuse(
        'try.not-handed-in',
        `${student} has not handed in yet; there is nothing to mark.`,
      );
    const { book } = await this.books.read(work.bookId);
    const { previous, next } = await this.neighbours(exercise.id, tryId);
    return {
      tryId,
      student,
      exerciseId: exercise.id,
      title: exercise.title,
      state: work.state,
      handedInAt: work.handedInAt?.toISOString() ?? null,
      points: work.points ?? run.points,
      of: run.of,
      keyVersion: run.keyVersion,
      key: (JSON.parse(run.keyContent) as { book: object }).book,
      work: bookToJson(book),
      results: run.results,
      pairs: run.pairs,
      notes: await this.shown.notesOf(tryId),
      previous,
      next,
    };
  }

  /** The handed-in tries before and after one, by the students' names. */
  private async neighbours(exerciseId: string, tryId: string) {
    const rows = await this.db
      .select({ id: tries.id, name: people.name })
      .from(tries)
      .innerJoin(people, eq(people.id, tries.personId))
      .where(
        and(eq(tries.exerciseId, exerciseId), inArray(tries.state, ['handed-in', 'given-back'])),
      );
    const collator = new Intl.Collator('en');
    rows.sort((a, b) => collator.compare(a.name, b.name));
    const at = rows.findIndex((row) => row.id === tryId);
    return { previous: rows[at - 1]?.id ?? null, next: rows[at + 1]?.id ?? null };
  }

  async addNote(me: Me, tryId: string, { ref, text, points }: NewNoteRequest): Promise<Marked> {
    const { work } = await this.find(me, tryId);
    const note = { id: nanoid(), tryId, byId: me.id, ref: ref ?? null, text: text.trim(), points };
    await this.db.insert(notes).values(note);
    await this.checking.addUp(work.id);
    return this.open(me, tryId);
  }

  async removeNote(me: Me, tryId: string, noteId: string): Promise<Marked> {
    const { work } = await this.find(me, tryId);
    await this.db.delete(notes).where(and(eq(notes.id, noteId), eq(notes.tryId, tryId)));
    await this.checking.addUp(work.id);
    return this.open(me, tryId);
  }

  async giveBack(me: Me, tryId: string): Promise<Marked> {
    const { work } = await this.find(me, tryId);
    if (work.state === 'working')
      throw refuse('try.not-handed-in', 'This work has not been handed in yet.');
    await this.db
      .update(tries)
      .set({ state: 'given-back', givenBackAt: new Date() })
      .where(eq(tries.id, tryId));
    return this.open(me, tryId);
  }

  async giveAllBack(me: Me, exerciseId: string): Promise<void> {
    await this.exercises.rowOf(me, exerciseId);
    await this.db
      .update(tries)
      .set({ state: 'given-back', givenBackAt: new Date() })
      .where(and(eq(tries.exerciseId, exerciseId), eq(tries.state, 'handed-in')));
  }

  /** Checks all that was handed in again, with today's key. */
  async checkAgain(me: Me, exerciseId: string): Promise<void> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const works = await this.db
      .select()
      .from(tries)
      .where(
        and(eq(tries.exerciseId, exerciseId), inArray(tries.state, ['handed-in', 'given-back'])),
      );
    await this.checking.check(exercise, works);
  }

  /** Accepts another name or type for an account of the key, for everybody, and checks all again. */
  async accept(me: Me, tryId: string, { account, what, value }: AcceptRequest): Promise<Marked> {
    const { exercise } = await this.find(me, tryId);
    const key = await this.exercises.keyOf(exercise);
    if (!key.book.accounts.some((each) => each.id === account))
      throw notFound('This account of the key');
    if (what === 'type' && !typeOf(key.book.scheme, value)) throw notFound('This account type');
    const before = acceptedFor(key, account);
    const names = what === 'name' ? [...new Set([...before.names, value])] : before.names;
    const types = what === 'type' ? [...new Set([...before.types, value])] : before.types;
    const accepts = [
      ...key.accepts.filter((each) => each.account !== account),
      { ...before, names, types },
    ];
    const rules = JSON.parse(exercise.keyRules) as object;
    await this.exercises.change(me, exercise.id, { keyRules: { ...rules, accepts } });
    await this.checkAgain(me, exercise.id);
    return this.open(me, tryId);
  }
}
