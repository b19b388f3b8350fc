import { Inject, Injectable } from '@nestjs/common';
import type { Asks, Giving, InterimCheck, Me, MyTry, MyTryDetail, Note } from '@gleddo/contract';
import { isClosed, standsAt, type Times } from '@gleddo/core';
import { and, desc, eq, inArray, isNotNull, isNull, lt, lte, or, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import {
  books,
  exercises,
  handOuts,
  members,
  corrections,
  tries,
} from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { isGuided } from '../guides/guided.js';
import { foundSoFar } from '../results/found-so-far.js';
import { ChecksService } from '../results/checks.service.js';
import { asShown, mayBeCorrected, shownOf, tellsKey } from '../kept/giving.js';
import { CopiedFiguresService } from '../results/copied-figures.service.js';
import { Redaction } from '../results/redaction.js';
import { KeyVersionsService } from '../keys/key-versions.service.js';
import { StartsService } from '../results/starts.service.js';
import { closedNow } from '../times/came-in.js';
import { TimesService, type TimesFor } from '../times/times.service.js';
import { WordsService } from '../words/words.service.js';
import { earlierOf, earlierShown, type EarlierRow } from '../points/earlier-tries.js';
import { ShownResults } from '../results/shown-results.js';

import { AnotherTryService } from './another-try.service.js';
import { mayTryAgain, myTry } from './my-try.js';

type Exercise = typeof exercises.$inferSelect;
type Try = typeof tries.$inferSelect;

/** A student's own tries. Nothing here carries a key, or marks that were not given back. */
@Injectable()
export class TriesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly checks: ChecksService,
    private readonly shown: ShownResults,
    private readonly keys: KeyVersionsService,
    private readonly starts: StartsService,
    private readonly times: TimesService,
    private readonly words: WordsService,
    private readonly copied: CopiedFiguresService,
    private readonly another: AnotherTryService,
  ) {}

  /** What is handed out to a class of theirs, or what they have begun, whatever became of the hand-out. */
  private mine(me: Me) {
    const handedOut = this.db
      .select({ id: handOuts.exerciseId })
      .from(handOuts)
      .innerJoin(members, and(eq(members.groupId, handOuts.groupId), eq(members.personId, me.id)));
    return {
      rows: this.db
        .select({ exercise: exercises, work: tries })
        .from(exercises)
        .leftJoin(tries, and(eq(tries.exerciseId, exercises.id), eq(tries.personId, me.id))),
      where: or(isNotNull(tries.id), inArray(exercises.id, handedOut)),
    };
  }

  async list(me: Me): Promise<MyTry[]> {
    const { rows, where } = this.mine(me);
    const found = await rows.where(where).orderBy(desc(exercises.createdAt));
    await this.markRead(found.flatMap(({ work }) => work ?? []));
    const timesOf = await this.times.ofStudent(me.id);
    const unseen = await this.words.unseenBy(me);
    const earlier = await earlierOf(
      this.db,
      found.flatMap(({ work }) => work?.id ?? []),
    );
    return found.map(({ exercise, work }) => ({
      ...this.shownTry({ exercise, work }, timesOf, earlier(work?.id ?? '')),
      unseen: unseen.get(exercise.id) ?? 0,
    }));
  }

  private shownTry(
    { exercise, work }: { readonly exercise: Exercise; readonly work: Try | null },
    timesOf: TimesFor,
    earlier: readonly EarlierRow[],
  ): Omit<MyTry, 'unseen'> {
    const times = timesOf(exercise.id, work);
    const another = work !== null && mayTryAgain(work, earlier, timesOf(exercise.id, null));
    const shown = this.times.shown(times);
    return { ...myTry(exercise, work, { times, earlier }), times: shown, mayTryAgain: another };
  }

  private async timesOf(me: Me, exerciseId: string, work: Try | null): Promise<Times> {
    return (await this.times.ofStudent(me.id, exerciseId))(exerciseId, work);
  }

  /** The exercise, once it is open for this student. */
  async findOpen(me: Me, exerciseId: string) {
    const found = await this.find(me, exerciseId);
    if (!found.work) this.times.refuseBefore(await this.timesOf(me, exerciseId, null));
    return found;
  }

  /** The exercise, as long as work in it can be begun, or handed in otherwise: until it closes, unless it was opened again. */
  async findToDo(me: Me, exerciseId: string) {
    const found = await this.find(me, exerciseId);
    await this.refuseShut(me, found);
    return found;
  }

  private async refuseShut(me: Me, { exercise, work }: { exercise: Exercise; work: Try | null }) {
    const times = await this.timesOf(me, exercise.id, work);
    if (!work) this.times.refuseBefore(times);
    if (!work?.closedAt) this.times.refuseAfter(times);
  }

  /** The exercise, and this student’s work in it. */
  async find(me: Me, exerciseId: string): Promise<{ exercise: Exercise; work: Try | null }> {
    const { rows, where } = this.mine(me);
    const [row] = await rows.where(and(eq(exercises.id, exerciseId), where));
    if (!row) throw notFound('This exercise');
    return row;
  }

  async open(me: Me, exerciseId: string): Promise<MyTryDetail> {
    const { exercise, work } = await this.find(me, exerciseId);
    const isBack = work?.state === 'given-back';
    if (work) await this.markRead([work]);
    const timesOf = await this.times.ofStudent(me.id, exerciseId);
    const isThere = work !== null || standsAt(timesOf(exerciseId, work), Date.now()) !== 'before';
    const whose = { exerciseId, personId: me.id };
    const earlier = await this.another.earlier(work);
    return {
      ...this.shownTry({ exercise, work }, timesOf, earlier),
      unseen: (await this.words.unseenBy(me)).get(exerciseId) ?? 0,
      brief: isThere ? await this.starts.wordsOf(exercise, whose, exercise.brief) : '',
      checkWhileWorking: exercise.checkWhileWorking,
      mayFile: exercise.mayFile,
      isGuided: isGuided(exercise),
      asks: asksOf(exercise, work),
      ...(isBack ? await this.givenBack(exercise, work) : NOTHING_BACK),
    };
  }

  /** A try of before, as it was given back; its key, where that was shown, is not while another is worked on. */
  async openEarlier(me: Me, exerciseId: string, number: number): Promise<MyTryDetail> {
    const { exercise, work } = await this.find(me, exerciseId);
    const earlier = (await this.another.earlier(work)).find((each) => each.number === number);
    if (!work || !earlier) throw notFound('This try');
    const { bookId, points, outOf, handedInAt, giving } = earlier;
    const then: Try = {
      ...{ ...work, state: 'given-back', bookId, points, outOf, handedInAt, giving },
      ...{ checkId: earlier.checkId, fileName: earlier.fileName, closedAt: null, byItself: false },
    };
    const now = await this.open(me, exerciseId);
    const said = JSON.parse(earlier.notes) as Note[];
    const back = await this.givenBack(exercise, then, said);
    const key = work.state === 'given-back' ? back.key : null;
    return {
      ...{ ...now, ...back, key, state: 'given-back', bookId, copyBookId: null },
      ...{ ...earlierShown(earlier, 'shown'), earlier: [], mayTryAgain: false },
      shows: back.shows && { ...back.shows, copy: false },
    };
  }

  /** Another try at what was given back, while it is open and one is left. */
  async beginAgain(me: Me, exerciseId: string): Promise<MyTryDetail> {
    const { exercise, work } = await this.find(me, exerciseId);
    if (!work) return this.begin(me, exerciseId);
    const times = await this.timesOf(me, exerciseId, null);
    this.times.refuseBefore(times);
    this.times.refuseAfter(times);
    await this.another.begin(me, exercise, { work, times });
    return this.open(me, exerciseId);
  }

  /** What of a work given back is shown, and whether it may be put right in a copy. */
  async showsOf(work: Try): Promise<Giving> {
    const shows = shownOf(work);
    const isList = work.fileName !== null && (await this.checks.cameAs(work)).table !== null;
    return { ...shows, copy: mayBeCorrected(shows, isList) };
  }

  /** What came back of a work, as far as its instructor shows it. */
  private async givenBack(
    exercise: Exercise,
    work: Try,
    said: readonly Note[] | null = null,
  ): Promise<GivenBack> {
    const shows = await this.showsOf(work);
    const run = work.checkId !== null ? await this.shown.run(work.checkId) : null;
    const [correction] = await this.db
      .select()
      .from(corrections)
      .where(eq(corrections.tryId, work.id));
    const notes = shows.notes ? (said ?? (await this.shown.notesOf(work.id))) : null;
    const results =
      run && shows.notes
        ? await this.copied.told(exercise, work, asShown(shows, run.results))
        : null;
    const described = {
      results,
      notes: notes && (shows.marks ? notes : notes.map((note) => ({ ...note, points: 0 }))),
      pairs: run && shows.notes ? run.pairs : null,
    };
    return {
      shows,
      ...(tellsKey(shows) ? described : redacted(described, await this.redactionOf(work))),
      key: run && shows.key ? await this.keys.bookOf(run.keyId, work) : null,
      scaledFrom: run && shows.marks ? run.scaledFrom : null,
      copyBookId: shows.copy ? (correction?.bookId ?? null) : null,
    };
  }

  async redactionOf({ checkId, bookId }: Try): Promise<Redaction> {
    return new Redaction(checkId ?? '', await this.books.read(bookId));
  }

  /** From now on the marks that were shown can’t be taken back. */
  private async markRead(works: readonly Try[]): Promise<void> {
    const unread = works.filter(({ state, readAt }) => state === 'given-back' && readAt === null);
    if (unread.length === 0) return;
    const ids = unread.map(({ id }) => id);
    await this.db
      .update(tries)
      .set({ readAt: new Date() })
      .where(and(inArray(tries.id, ids), isNull(tries.readAt)));
  }

  /** Begins the one try, from a copy of the starting point; begun already, it is simply opened. */
  async begin(me: Me, exerciseId: string): Promise<MyTryDetail> {
    const { exercise, work } = await this.find(me, exerciseId);
    if (!work) {
      await this.refuseShut(me, { exercise, work });
      await this.copyStart(me, exercise);
    }
    return this.open(me, exerciseId);
  }

  private async copyStart(me: Me, exercise: Exercise): Promise<void> {
    const whose = { exerciseId: exercise.id, personId: me.id };
    const begins = await this.starts.begin(exercise, whose);
    await this.db.transaction(async (tx) => {
      const bookId = await begins(tx);
      const [begun] = await tx
        .insert(tries)
        .values({ id: nanoid(), exerciseId: exercise.id, personId: me.id, bookId })
        .onConflictDoNothing()
        .returning({ id: tries.id });
      if (!begun) await tx.delete(books).where(eq(books.id, bookId));
    });
  }

  /** What is not right yet, while the exercise allows to ask; never what would be right. */
  async checkNow(me: Me, exerciseId: string): Promise<InterimCheck> {
    const { exercise, work } = await this.find(me, exerciseId);
    if (!exercise.checkWhileWorking || work?.state !== 'working')
      throw refuse(
        'try.no-interim',
        'In this exercise the work is checked after it is handed in. Hand it in when you are ready.',
      );
    const counted = await this.countAsk(exercise, work);
    const kept = await this.books.at(work.bookId);
    const checked = await this.checks.now(exercise, kept.text, work);
    return { ...foundSoFar(checked, this.books.bookOf(kept)), asks: asksOf(exercise, counted) };
  }

  /** Counts one more ask, in one step; refuses when none is left, or it is too soon. */
  private async countAsk(exercise: Exercise, work: Try): Promise<Try> {
    const { askLimit, askPause } = exercise;
    const now = new Date();
    const rested = new Date(now.getTime() - askPause * MINUTE);
    const [counted] = await this.db
      .update(tries)
      .set({ asked: sql`${tries.asked} + 1`, askedAt: now })
      .where(
        and(
          eq(tries.id, work.id),
          eq(tries.state, 'working'),
          askLimit === null ? undefined : lt(tries.asked, askLimit),
          askPause === 0 ? undefined : or(isNull(tries.askedAt), lte(tries.askedAt, rested)),
        ),
      )
      .returning();
    if (counted) return counted;
    const [stands] = await this.db.select().from(tries).where(eq(tries.id, work.id));
    throw notNow(asksOf(exercise, stands ?? work));
  }

  /**
   * Hands the work in: one step, which needs no check to succeed. The check comes by itself. Asked again, since the
   * answer was lost, it is in already. After the closing it comes in as it would have by itself, and so is not unlike others.
   */
  /** `wished`: when it was to be handed in, where there was no line then. */
  async handIn(me: Me, exerciseId: string, wished?: string): Promise<MyTryDetail> {
    const { work } = await this.find(me, exerciseId);
    if (!work)
      throw refuse('try.not-begun', 'You have not begun this exercise yet. Begin it first.');
    const now = new Date();
    const isClosing =
      work.closedAt === null && isClosed(await this.timesOf(me, exerciseId, work), now.getTime());
    await this.db.transaction(async (tx) => {
      const [done] = await tx
        .update(tries)
        .set({
          ...(isClosing ? closedNow(now) : { state: 'handed-in', handedInAt: now }),
          wishedAt: wishIn(work, wished, now),
        })
        .where(and(eq(tries.id, work.id), eq(tries.state, 'working')))
        .returning({ id: tries.id });
      if (done) await this.checks.ask(work.id, tx);
    });
    this.checks.onAsked();
    return this.open(me, exerciseId);
  }
}

const MINUTE = 60_000;

/** A wish of before the work was begun, or of a time to come, is none: a clock goes wrong. */
function wishIn({ startedAt }: Try, wished: string | undefined, now: Date): Date | null {
  const at = wished === undefined ? null : new Date(wished);
  return at !== null && at > startedAt && at <= now ? at : null;
}

type GivenBack = Pick<
  MyTryDetail,
  'shows' | 'results' | 'notes' | 'pairs' | 'key' | 'scaledFrom' | 'copyBookId'
>;

const NOTHING_BACK: GivenBack = {
  ...{ shows: null, results: null, notes: null, pairs: null },
  ...{ key: null, scaledFrom: null, copyBookId: null },
};

function asksOf({ askLimit, askPause }: Exercise, work: Try | null): Asks {
  const asked = work?.asked ?? 0;
  const next = work?.askedAt && askPause > 0 ? work.askedAt.getTime() + askPause * MINUTE : 0;
  return {
    asked,
    limit: askLimit,
    nextAt: next > Date.now() ? new Date(next).toISOString() : null,
  };
}

function notNow({ asked, limit, nextAt }: Asks) {
  if (limit !== null && asked >= limit)
    return refuse(
      'try.asked-out',
      `You have asked ${asked === 1 ? 'once' : `${asked} times`}, as often as this exercise allows. Go through the work yourself, then hand it in.`,
    );
  const seconds = nextAt === null ? 1 : Math.ceil((Date.parse(nextAt) - Date.now()) / 1000);
  const wait = seconds > 90 ? `${Math.ceil(seconds / 60)} minutes` : `${seconds} seconds`;
  return refuse('try.asked-lately', `You asked a moment ago. Ask again in ${wait}.`);
}

const redacted = (
  { results, notes, pairs }: Pick<GivenBack, 'results' | 'notes' | 'pairs'>,
  redaction: Redaction,
): Pick<GivenBack, 'results' | 'notes' | 'pairs'> => ({
  results: results?.map((each) => redaction.result(each)) ?? null,
  notes: notes?.map((each) => redaction.note(each)) ?? null,
  pairs: pairs?.map((each) => redaction.pair(each)) ?? null,
});
