import { Inject, Injectable } from '@nestjs/common';
import type { AcceptRequest, Marked, Me, NewNoteRequest } from '@gleddo/contract';
import {
  acceptedFor,
  accountOf,
  isVisible,
  typeOf,
  type Accepted,
  type AnswerKey,
} from '@gleddo/core';
import { and, eq, inArray, isNotNull } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import { BooksService } from '../books/books.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, notes, people, tries } from '../database/schema/index.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { ChecksService, type TryRow } from './checks.service.js';
import { KeyVersionsService } from './key-versions.service.js';
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
    private readonly checks: ChecksService,
    private readonly keys: KeyVersionsService,
    private readonly shown: ShownResults,
    private readonly audit: AuditService,
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
    if (work.state === 'working' || !run) throw notMarkedYet(work, student);
    const key = JSON.parse((await this.keys.textOf(run.keyId)).key) as { book: object };
    const book = JSON.parse((await this.books.readable(work.bookId)).text) as object;
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
      key: key.book,
      work: book,
      results: run.results,
      pairs: run.pairs,
      notes: await this.shown.notesOf(tryId),
      checkFault: work.checkFault,
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
    if (!isVisible(text)) throw refuse('note.empty', 'Write the note first.', 'text');
    const note = { id: nanoid(), tryId, byId: me.id, ref: ref ?? null, text: text.trim(), points };
    await this.db.transaction(async (tx) => {
      await tx.insert(notes).values(note);
      await this.checks.addUp(work.id, tx);
      if (points !== 0) await this.audit.write('mark-changed', me.id, tryId, tx);
    });
    return this.open(me, tryId);
  }

  async removeNote(me: Me, tryId: string, noteId: string): Promise<Marked> {
    const { work } = await this.find(me, tryId);
    await this.db.transaction(async (tx) => {
      await tx.delete(notes).where(and(eq(notes.id, noteId), eq(notes.tryId, tryId)));
      await this.checks.addUp(work.id, tx);
      await this.audit.write('mark-changed', me.id, tryId, tx);
    });
    return this.open(me, tryId);
  }

  /** Gives one work back, once it has been checked; from then on its marks stay as they are. */
  async giveBack(me: Me, tryId: string): Promise<Marked> {
    const { work, student } = await this.find(me, tryId);
    const [given] = await this.db
      .update(tries)
      .set({ state: 'given-back', givenBackAt: new Date() })
      .where(and(eq(tries.id, tryId), TO_GIVE_BACK))
      .returning({ id: tries.id });
    if (!given && work.state !== 'given-back') throw notMarkedYet(work, student);
    if (given) await this.audit.write('given-back', me.id, tryId);
    return this.open(me, tryId);
  }

  /** Gives back all that is handed in and checked; what is not checked yet waits. */
  async giveAllBack(me: Me, exerciseId: string): Promise<void> {
    await this.exercises.rowOf(me, exerciseId);
    await this.db
      .update(tries)
      .set({ state: 'given-back', givenBackAt: new Date() })
      .where(and(eq(tries.exerciseId, exerciseId), TO_GIVE_BACK));
    await this.audit.write('all-given-back', me.id, exerciseId);
  }

  /** Has all that is handed in and not given back checked again, with today's key. */
  async checkAgain(me: Me, exerciseId: string): Promise<void> {
    await this.exercises.rowOf(me, exerciseId);
    await this.checks.askForAll(exerciseId);
    await this.checks.settled(exerciseId, SHORT_WHILE);
  }

  async cancelChecks(me: Me, exerciseId: string): Promise<void> {
    await this.exercises.rowOf(me, exerciseId);
    await this.checks.cancel(exerciseId);
  }

  /**
   * Accepts another name or type for an account of the key, for everybody, and has checked again what is not given
   * back: this work at once, the others after it.
   */
  async accept(me: Me, tryId: string, request: AcceptRequest): Promise<Marked> {
    const { exercise, work } = await this.find(me, tryId);
    await this.acceptFor(me, exercise.id, request);
    await this.audit.write('answer-accepted', me.id, tryId);
    if (work.state === 'handed-in') await this.checks.run(tryId);
    await this.checks.askForAll(exercise.id);
    await this.checks.settled(exercise.id, SHORT_WHILE);
    return this.open(me, tryId);
  }

  private async acceptFor(me: Me, exerciseId: string, request: AcceptRequest): Promise<void> {
    for (let attempt = 0; attempt < MOST_ATTEMPTS; attempt++)
      if (await this.acceptOnce(me, exerciseId, request)) return;
    throw refuse(
      'key.busy',
      'The key is being changed elsewhere at the same time. Try again in a moment.',
    );
  }

  /** False when somebody else changed the rules of the key between reading and writing. */
  private async acceptOnce(me: Me, exerciseId: string, request: AcceptRequest): Promise<boolean> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const accepts = acceptsWith(await this.exercises.keyOf(exercise), request);
    const rules = JSON.parse(exercise.keyRules) as object;
    const written = await this.db
      .update(exercises)
      .set({ keyRules: JSON.stringify({ ...rules, accepts }) })
      .where(and(eq(exercises.id, exerciseId), eq(exercises.keyRules, exercise.keyRules)))
      .returning({ id: exercises.id });
    return written.length > 0;
  }
}

/** What a class that is small has been checked within; who waits longer sees how far it is. */
const SHORT_WHILE = 3_000;
const MOST_ATTEMPTS = 20;

const TO_GIVE_BACK = and(eq(tries.state, 'handed-in'), isNotNull(tries.checkId));

function notMarkedYet(work: TryRow, student: string) {
  if (work.state === 'working')
    return refuse(
      'try.not-handed-in',
      `${student} has not handed in yet; there is nothing to mark.`,
    );
  return refuse(
    'try.not-checked',
    work.checkFault ??
      `${student} has handed in; the work is being checked. Look again in a moment.`,
  );
}

/** What a key accepts, with another name or type for one of its accounts. */
function acceptsWith(key: AnswerKey, { account, what, value }: AcceptRequest): Accepted[] {
  if (!accountOf(key.book, account)) throw notFound('This account of the key');
  if (what === 'type' && !typeOf(key.book.scheme, value)) throw notFound('This account type');
  const before = acceptedFor(key, account);
  const names = what === 'name' ? [...new Set([...before.names, value])] : before.names;
  const types = what === 'type' ? [...new Set([...before.types, value])] : before.types;
  return [...key.accepts.filter((each) => each.account !== account), { ...before, names, types }];
}
