import { Inject, Injectable } from '@nestjs/common';
import type {
  AnswerRequest,
  GuideAnswer,
  GuidePlace,
  HintsShown,
  Me,
  PlaceRequest,
} from '@gleddo/contract';
import type { GuideShown, HintPiece } from '@gleddo/core';
import { asc, eq, sql } from 'drizzle-orm';
import { BookAccess, type SkipTo, type Rights } from '../books/book-access.js';
import { KeptBooks } from '../books/kept-books.js';
import { rowsOf, type Database } from '../database/open-database.js';
import { answers, exercises, guidePlaces, hints } from '../database/schema/index.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { notFound, refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { KeyVersionsService } from '../keys/key-versions.service.js';
import type { KeyText } from '../threads/checking.js';
import { isTryOpen } from '../exercises/open-try.js';
import { Threads } from '../threads/threads.js';
import { answersBeside } from '../books/answers.js';

export interface Going {
  readonly go: SkipTo;
  readonly rights: Rights;
  readonly exercise: ExerciseRow;
  /** Whether going on costs what the exercise says. */
  readonly costs: boolean;
  /** Whether it is practised by one who has still to hand it in: nothing of the key is given. */
  readonly isHeldBack: boolean;
}

const NOWHERE: GuidePlace = { step: null, ticks: [] };

/** What leads through a go at an exercise: its steps and papers, what is answered, where one is. */
@Injectable()
export class GuidesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly access: BookAccess,
    private readonly books: KeptBooks,
    private readonly keys: KeyVersionsService,
    private readonly threads: Threads,
  ) {}

  /** What a book is a go at; refused where it is none, or not one’s own. */
  async going(me: Me, bookId: string): Promise<Going> {
    const rights = await this.access.rightsOf(bookId, me);
    const { go } = rights;
    const [exercise] = go
      ? await this.db.select().from(exercises).where(eq(exercises.id, go.exerciseId))
      : [];
    if (!go || !exercise) throw notFound('What leads through this book');
    const isHeldBack = go.kind === 'practice' && (await isTryOpen(this.db, go));
    return { go, rights, exercise, costs: go.kind === 'try', isHeldBack };
  }

  async keyOf({ go, exercise }: Going): Promise<KeyText> {
    return this.keys.ownTextOf((await this.keys.todays(exercise)).id, go);
  }

  async open(me: Me, bookId: string): Promise<GuideAnswer> {
    const going = await this.going(me, bookId);
    const { rights, exercise } = going;
    return {
      guide: await this.shownOver(bookId, going),
      place: await this.placeOf(bookId),
      mayAnswer: rights.mayChange,
      mayGoOn: rights.mayChange && mayGoOn(going),
      goOnCost: going.costs ? exercise.goOnCost : 0,
      hints: await this.hintsOf(bookId, going),
    };
  }

  /** The guide over the book as it stands. */
  async shownOver(bookId: string, going: Going): Promise<GuideShown> {
    const key = await this.keyOf(going);
    const { text } = await this.books.at(bookId);
    const answered = await answersBeside(this.db, bookId);
    const shown = await this.threads.guide(
      {
        ...{ key, guide: going.exercise.guide, work: text, answers: answered },
      },
      bookId,
    );
    if (!shown.ok) throw refusedBy(shown.refusals);
    return shown.value;
  }

  /** What was told here; what it is about keeps its key’s name back. */
  private async hintsOf(bookId: string, going: Going): Promise<HintsShown> {
    const rows = await this.db
      .select()
      .from(hints)
      .where(eq(hints.bookId, bookId))
      .orderBy(asc(hints.at), asc(hints.id));
    const things = [...new Set(rows.map(({ kind, about }) => `${kind}:${about}`))];
    return {
      upTo: going.rights.mayChange ? hintsUpTo(going) : null,
      cost: going.costs ? going.exercise.hintCost : 0,
      told: rows.map(({ step, kind, about, piece, says }) => ({
        ...{ step, piece, says, thing: things.indexOf(`${kind}:${about}`) + 1 },
      })),
    };
  }

  private async placeOf(bookId: string): Promise<GuidePlace> {
    const [row] = await this.db.select().from(guidePlaces).where(eq(guidePlaces.bookId, bookId));
    return row ? (JSON.parse(row.place) as GuidePlace) : NOWHERE;
  }

  async putPlace(me: Me, bookId: string, { step, ticks }: PlaceRequest): Promise<GuidePlace> {
    const { rights } = await this.going(me, bookId);
    if (!rights.mayChange) return this.placeOf(bookId);
    const place = JSON.stringify({ step, ticks });
    await this.db
      .insert(guidePlaces)
      .values({ bookId, place })
      .onConflictDoUpdate({ target: guidePlaces.bookId, set: { place } });
    return { step, ticks };
  }

  /** Keeps an answer in one step with seeing that the work is not handed in; a later one takes its place. */
  async answer(me: Me, bookId: string, { question, answer }: AnswerRequest): Promise<void> {
    const going = await this.going(me, bookId);
    if (!going.rights.mayChange) throw refuse('book.fixed', going.rights.why);
    const { questions } = await this.keys.read((await this.keys.todays(going.exercise)).id);
    if (!questions.some(({ id }) => id === question))
      throw refuse('question.none', 'This question is asked no longer. Open the exercise again.');
    const done = await this.db.execute(sql`
      with open as (select id from tries where book_id = ${bookId} and state = 'working' for share)
      insert into ${answers} (book_id, question_id, answer)
      select ${bookId}, ${question}, ${answer}
      where ${!going.rights.isTry} or exists (select 1 from open)
      on conflict (book_id, question_id) do update set answer = excluded.answer, at = now()
      returning question_id`);
    if (rowsOf(done).length === 0) throw refuse('book.fixed', HANDED_IN);
  }
}

const HANDED_IN = 'This work has been handed in, so its answers stay as they are.';

/** How far help goes here; null: none. In a practice of what is still to be handed in nothing of the key is told. */
export const hintsUpTo = ({ go, exercise, isHeldBack }: Going): HintPiece | null =>
  go.kind === 'correction' || isHeldBack ? null : exercise.hintsUpTo;

/** Practice, once one has handed in, and one’s own go are as free as can be. */
export const mayGoOn = ({ go, exercise, isHeldBack }: Going): boolean =>
  go.kind === 'try' ? exercise.mayGoOn : go.kind !== 'correction' && !isHeldBack;
