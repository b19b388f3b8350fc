import { Inject, Injectable } from '@nestjs/common';
import {
  type Note,
  mayAtLeast,
  type AcceptedShown,
  type FiledWork,
  type GiveAllBackRequest,
  type Giving,
  type HandPairShown,
  type KeyVersionShown,
  type Marked,
  type May,
  type Me,
  type NewNoteRequest,
  type WorkOpen,
} from '@gleddo/contract';
import { isVisible } from '@gleddo/core';
import { and, eq, inArray, isNotNull, isNull, notInArray } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import { BooksService } from '../books/books.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, members, notes, people, tries } from '../database/schema/index.js';
import { keyRulesIn } from '../kept/kept-rules.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { addUp } from '../points/add-up.js';
import { mayOnExercise, seesTry } from '../reach/reach.js';
import { ChecksService, type TryRow } from './checks.service.js';
import { OpenWorks } from './open-works.service.js';
import { CopiedFiguresService } from './copied-figures.service.js';
import { givingOf, shownOf } from '../kept/giving.js';
import { KeyVersionsService } from '../keys/key-versions.service.js';
import { earlierOf, earlierShown, type EarlierRow } from '../points/earlier-tries.js';
import { ShownResults, type ShownRun } from './shown-results.js';

/** A work with its exercise and who made it. */
export interface FoundWork {
  readonly work: TryRow;
  readonly exercise: ExerciseRow;
  readonly student: string;
  readonly may: May | null;
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
    private readonly copied: CopiedFiguresService,
    private readonly openWorks: OpenWorks,
    private readonly audit: AuditService,
  ) {}

  /** A work that somebody sees, and with which they may do so much: mark it, where nothing else is said. */
  async find(me: Me, tryId: string, least: May = 'mark'): Promise<FoundWork> {
    const [row] = await this.db
      .select({
        ...{ work: tries, exercise: exercises, student: people.name },
        may: mayOnExercise(me.id),
      })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .innerJoin(people, eq(people.id, tries.personId))
      .where(and(eq(tries.id, tryId), seesTry(me.id)));
    if (!row) throw notFound('This work');
    if (!mayAtLeast(row.may, least)) throw assistsOnly();
    if (least !== 'assist') await this.openWorks.refuseHeld(me, tryId);
    return row;
  }

  async open(me: Me, tryId: string): Promise<Marked> {
    const { work, exercise, student, may } = await this.find(me, tryId, 'assist');
    const run = work.checkId === null ? null : await this.shown.run(work.checkId);
    if (work.state === 'working' || !run) throw notMarkedYet(work, student);
    return {
      ...(await this.marked({ work, exercise, student, may }, run)),
      notes: await this.shown.notesOf(tryId),
      handPairs: JSON.parse(work.handPairs) as HandPairShown[],
      file: await this.fileOf(work),
      ...(await this.neighbours(me, exercise.id, tryId)),
      earlier: (await this.earlier(tryId)).map((each) => earlierShown(each, 'all')),
    };
  }

  /** A try of before, as it was given back: to be looked at only. */
  async openEarlier(me: Me, tryId: string, number: number): Promise<Marked> {
    const { work, exercise, student } = await this.find(me, tryId, 'assist');
    const then = (await this.earlier(tryId)).find((each) => each.number === number);
    const run = then?.checkId ? await this.shown.run(then.checkId) : null;
    if (!then || !run) throw notFound('This try');
    const { bookId, points, outOf, handedInAt, giving, fileName } = then;
    const asItWas: TryRow = {
      ...{ ...work, state: 'given-back', bookId, points, outOf, handedInAt, giving, fileName },
      ...{ checkId: then.checkId, checkFault: null },
    };
    return {
      ...(await this.marked({ work: asItWas, exercise, student, may: 'look' }, run)),
      notes: JSON.parse(then.notes) as Note[],
      // The latest, once it can be looked at.
      next: work.state === 'working' || work.checkId === null ? null : tryId,
      ...{ handPairs: [], previous: null, earlier: [] },
      file: fileName === null ? null : { name: fileName, table: null },
    };
  }

  private async earlier(tryId: string): Promise<readonly EarlierRow[]> {
    return (await earlierOf(this.db, [tryId]))(tryId);
  }

  /** What a check found in a work, beside its key. */
  private async marked({ work, exercise, student, may }: FoundWork, run: ShownRun) {
    return {
      ...{ tryId: work.id, student, exerciseId: exercise.id, title: exercise.title },
      ...{ may: may ?? 'assist', state: work.state, checkFault: work.checkFault },
      handedInAt: work.handedInAt?.toISOString() ?? null,
      ...{ points: work.points ?? run.points, of: run.of, scaledFrom: run.scaledFrom },
      shows: work.state === 'given-back' ? shownOf(work) : givingOf(exercise),
      keyVersion: run.keyVersion,
      key: await this.keys.bookOf(run.keyId, work),
      work: JSON.parse((await this.books.readable(work.bookId)).text) as object,
      results: await this.copied.told(exercise, work, run.results),
      pairs: run.pairs,
      accepts: acceptedIn(exercise.keyRules),
    };
  }

  /** Somebody has a work open, from now on or still; answers who marks it, where that is somebody else. */
  async look(me: Me, tryId: string): Promise<WorkOpen> {
    const { may } = await this.find(me, tryId, 'assist');
    return { heldBy: await this.openWorks.here(me, tryId, mayAtLeast(may, 'mark')) };
  }

  private async fileOf(work: TryRow): Promise<FiledWork | null> {
    const { table } = await this.checks.cameAs(work);
    return work.fileName === null ? null : { name: work.fileName, table };
  }

  /** The handed-in tries before and after one, by the students' names: those that nobody else has open. */
  private async neighbours(me: Me, exerciseId: string, tryId: string) {
    const rows = await this.db
      .select({ id: tries.id, name: people.name })
      .from(tries)
      .innerJoin(people, eq(people.id, tries.personId))
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(
        and(
          eq(tries.exerciseId, exerciseId),
          inArray(tries.state, ['handed-in', 'given-back']),
          seesTry(me.id),
        ),
      );
    const held = await this.openWorks.heldByOthers(me);
    const free = rows.filter(({ id }) => id === tryId || !held.has(id));
    const collator = new Intl.Collator('en');
    free.sort((a, b) => collator.compare(a.name, b.name));
    const at = free.findIndex((row) => row.id === tryId);
    return { previous: free[at - 1]?.id ?? null, next: free[at + 1]?.id ?? null };
  }

  async addNote(me: Me, tryId: string, { ref, text, points }: NewNoteRequest): Promise<Marked> {
    // Who assists writes notes; what a note counts is said by who marks.
    const { work } = await this.find(me, tryId, points === 0 ? 'assist' : 'mark');
    if (!isVisible(text)) throw refuse('note.empty', 'Write the note first.', 'text');
    const note = { id: nanoid(), tryId, byId: me.id, ref: ref ?? null, text: text.trim(), points };
    await this.db.transaction(async (tx) => {
      await tx.insert(notes).values(note);
      await addUp(tx, work.id);
      if (points !== 0) await this.audit.write('mark-changed', me.id, { aboutId: tryId, db: tx });
    });
    return this.open(me, tryId);
  }

  async removeNote(me: Me, tryId: string, noteId: string): Promise<Marked> {
    const { work } = await this.find(me, tryId, await this.neededToRemove(me, noteId));
    await this.db.transaction(async (tx) => {
      await tx.delete(notes).where(and(eq(notes.id, noteId), eq(notes.tryId, tryId)));
      await addUp(tx, work.id);
      await this.audit.write('mark-changed', me.id, { aboutId: tryId, db: tx });
    });
    return this.open(me, tryId);
  }

  /** Who assists takes away their own notes that count nothing. */
  private async neededToRemove(me: Me, noteId: string): Promise<May> {
    const [note] = await this.db.select().from(notes).where(eq(notes.id, noteId));
    return note?.byId === me.id && note.points === 0 ? 'assist' : 'mark';
  }

  /** Gives one work back, once it has been checked; from then on its marks stay as they are. */
  async giveBack(me: Me, tryId: string, shows?: Giving): Promise<Marked> {
    const { work, exercise, student } = await this.find(me, tryId);
    const [given] = await this.db
      .update(tries)
      .set(await this.given(exercise, shows))
      .where(and(eq(tries.id, tryId), TO_GIVE_BACK))
      .returning({ id: tries.id });
    if (!given && work.state !== 'given-back') throw notMarkedYet(work, student);
    if (given) await this.audit.write('given-back', me.id, { aboutId: tryId });
    return this.open(me, tryId);
  }

  /** Gives back all that is handed in and checked; what is not checked yet waits. */
  /** All that are checked, but those that a colleague marks just now. */
  async giveAllBack(
    me: Me,
    exerciseId: string,
    { shows, groupId }: GiveAllBackRequest,
  ): Promise<void> {
    const exercise = await this.exercises.rowOf(me, exerciseId, 'mark');
    const ofGroup = this.db
      .select({ id: members.personId })
      .from(members)
      .where(eq(members.groupId, groupId ?? ''));
    const held = await this.openWorks.heldByOthers(me);
    await this.db
      .update(tries)
      .set(await this.given(exercise, shows))
      .where(
        and(
          eq(tries.exerciseId, exerciseId),
          TO_GIVE_BACK,
          notInArray(tries.id, ['', ...held.keys()]),
          groupId === undefined ? undefined : inArray(tries.personId, ofGroup),
          inArray(tries.id, this.seenIn(me, exerciseId)),
        ),
      );
    await this.audit.write('all-given-back', me.id, { aboutId: exerciseId });
  }

  /** The works at an exercise that somebody sees. */
  private seenIn(me: Me, exerciseId: string) {
    return this.db
      .select({ id: tries.id })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(and(eq(tries.exerciseId, exerciseId), seesTry(me.id)));
  }

  /** What becomes of a work that is given back; what is shown of it is chosen for the next ones, too. */
  private async given(exercise: ExerciseRow, shows: Giving = givingOf(exercise)) {
    const giving = JSON.stringify(shows);
    if (giving !== exercise.giving)
      await this.db.update(exercises).set({ giving }).where(eq(exercises.id, exercise.id));
    return { state: 'given-back' as const, givenBackAt: new Date(), giving };
  }

  /** Takes back one work that was given back, as long as its student has not looked at it. */
  async takeBack(me: Me, tryId: string): Promise<Marked> {
    const { work, student } = await this.find(me, tryId);
    if (work.state !== 'given-back') return this.open(me, tryId);
    const [taken] = await this.db
      .update(tries)
      .set({ state: 'handed-in', givenBackAt: null })
      .where(and(eq(tries.id, tryId), eq(tries.state, 'given-back'), isNull(tries.readAt)))
      .returning({ id: tries.id });
    if (!taken)
      throw refuse(
        'try.read',
        `${student} has looked at these marks already, so they can’t be taken back. Change a mark with a note instead.`,
      );
    await this.audit.write('work-taken-back', me.id, { aboutId: tryId });
    return this.open(me, tryId);
  }

  /**
   * Has all that is handed in and not given back checked again, with today's key; of those given back only the ones
   * that are named.
   */
  async checkAgain(me: Me, exerciseId: string, givenBack: readonly string[] = []): Promise<void> {
    await this.exercises.rowOf(me, exerciseId, 'mark');
    await this.checks.askForAll(exerciseId, me);
    await this.checkGivenBack(me, exerciseId, givenBack);
    await this.checks.settled(exerciseId, SHORT_WHILE);
  }

  /** Checks works again that were given back: only because the instructor says so of each. */
  private async checkGivenBack(me: Me, exerciseId: string, ids: readonly string[]): Promise<void> {
    if (ids.length === 0) return;
    const found = await this.db
      .select({ id: tries.id })
      .from(tries)
      .where(
        and(
          eq(tries.exerciseId, exerciseId),
          inArray(tries.id, [...ids]),
          inArray(tries.id, this.seenIn(me, exerciseId)),
        ),
      );
    for (const { id } of found) {
      await this.checks.run(id, true);
      await this.audit.write('mark-changed', me.id, { aboutId: id });
    }
  }

  /** Joins and parts accounts by hand, and checks the work again with that; what was given back is left as it is. */
  async pair(me: Me, tryId: string, pairs: readonly HandPairShown[]): Promise<Marked> {
    const { work, student } = await this.find(me, tryId);
    if (work.state !== 'handed-in') throw notToBePaired(work, student);
    await this.db
      .update(tries)
      .set({ handPairs: JSON.stringify(pairs) })
      .where(and(eq(tries.id, tryId), eq(tries.state, 'handed-in')));
    await this.checks.run(tryId);
    await this.audit.write('paired-by-hand', me.id, { aboutId: tryId });
    return this.open(me, tryId);
  }

  async keyVersions(me: Me, exerciseId: string): Promise<KeyVersionShown[]> {
    const exercise = await this.exercises.rowOf(me, exerciseId, 'assist');
    await this.keys.todays(exercise);
    return this.keys.history(exerciseId);
  }

  async cancelChecks(me: Me, exerciseId: string): Promise<void> {
    await this.exercises.rowOf(me, exerciseId, 'mark');
    await this.checks.cancel(exerciseId, me);
  }
}

/** What a class that is small has been checked within; who waits longer sees how far it is. */
const SHORT_WHILE = 3_000;

const assistsOnly = () =>
  refuse(
    'work.assists',
    'You assist in this class: you see its works and write notes. Marks are changed and given back by who teaches it.',
  );

const TO_GIVE_BACK = and(eq(tries.state, 'handed-in'), isNotNull(tries.checkId));

function notToBePaired(work: TryRow, student: string) {
  if (work.state === 'working') return notMarkedYet(work, student);
  return refuse(
    'try.given-back',
    `These marks were given back to ${student}: they stay as they are. Take the work back first, or change a mark with a note.`,
  );
}

/** What is accepted for accounts besides what the key says. */
const acceptedIn = (keyRules: string): AcceptedShown[] =>
  (keyRulesIn(keyRules).accepts ?? []).map(({ account, names = [], types = [] }) => ({
    ...{ account, names, types },
  }));

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
