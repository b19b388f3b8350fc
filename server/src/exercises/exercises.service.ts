import { randomInt } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { ExerciseAnswer, ExerciseSummary, Me, NewExerciseRequest } from '@gleddo/contract';
import {
  givenToStudents,
  keyOfRules,
  proposedBrief,
  standingRules,
  startingPoint,
  usualKeyRules,
  type AnswerKey,
  type Book,
  type RulesOfTry,
} from '@gleddo/core';
import { and, count, desc, eq, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import { CompaniesService } from '../companies/companies.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, tries } from '../database/schema/index.js';
import { notFound, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { partsOfRow } from './exercise-parts.js';
import { TimesService } from '../times/times.service.js';
import { HandOutsService } from './hand-outs.service.js';

export type ExerciseRow = typeof exercises.$inferSelect;

/** Exercises: brief, starting point, key, whom they are handed out to. */
@Injectable()
export class ExercisesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly companies: CompaniesService,
    private readonly handOuts: HandOutsService,
    private readonly times: TimesService,
  ) {}

  async list(me: Me): Promise<ExerciseSummary[]> {
    const rows = await this.db
      .select({
        exercise: LISTED,
        tries: count(tries.id),
        handedIn: sql<number>`count(*) filter (where ${tries.state} = 'handed-in')`.mapWith(Number),
        givenBack: sql<number>`count(*) filter (where ${tries.state} = 'given-back')`.mapWith(
          Number,
        ),
      })
      .from(exercises)
      .leftJoin(tries, eq(tries.exerciseId, exercises.id))
      .where(eq(exercises.ownerId, me.id))
      .groupBy(exercises.id)
      .orderBy(desc(exercises.createdAt));
    const groupsOf = await this.handOuts.groupsOf(me);
    return rows.map(({ exercise: { putAwayAt, continues, ...exercise }, ...rest }) => {
      const out = groupsOf.get(exercise.id) ?? [];
      const state = out.length > 0 ? 'handed-out' : 'draft';
      const after = rows.find((each) => each.exercise.id === continues)?.exercise.title ?? null;
      return { ...exercise, after, state, groups: out, putAway: putAwayAt !== null, ...rest };
    });
  }

  /** The exercise's row, when it is this instructor's. */
  async rowOf(me: Me, id: string): Promise<ExerciseRow> {
    const [row] = await this.db
      .select()
      .from(exercises)
      .where(and(eq(exercises.id, id), eq(exercises.ownerId, me.id)));
    if (!row) throw notFound('This exercise');
    return row;
  }

  async open(me: Me, id: string): Promise<ExerciseAnswer> {
    const row = await this.rowOf(me, id);
    const summary = (await this.list(me)).find((each) => each.id === id);
    if (!summary) throw notFound('This exercise');
    const { startBookId, keyBookId, revision } = row;
    const { title: _, rules, ...parts } = partsOfRow(row);
    return {
      ...summary,
      ...rules,
      ...parts,
      ...{ startBookId, keyBookId, revision },
      handedOutTo: await this.handOuts.of(id),
      moreTime: await this.times.moreTimeOf(id),
      ...(await this.neighbours(row)),
      begun: await this.db.$count(tries, eq(tries.exerciseId, id)),
    };
  }

  /** The exercises of its series next to it. */
  private async neighbours({ id, ownerId, continues }: ExerciseRow) {
    const named = { id: exercises.id, title: exercises.title };
    const own = eq(exercises.ownerId, ownerId);
    const [before] = await this.db
      .select(named)
      .from(exercises)
      .where(and(eq(exercises.id, continues ?? ''), own));
    const after = await this.db
      .select(named)
      .from(exercises)
      .where(and(eq(exercises.continues, id), own));
    return { continues: before ?? null, continuedBy: after };
  }

  /** An exercise from a company: its book is the key; the start is cut down from it as asked. */
  async create(me: Me, request: NewExerciseRequest): Promise<ExerciseAnswer> {
    const book = await this.companies.bookOf(me, request.companyId, request.moment);
    const planting = {
      faults: request.faults ?? {},
      seed: request.seed ?? 1,
      ...(request.trade === undefined ? {} : { trade: request.trade }),
    };
    const id = await this.add(me, {
      title: request.title.trim(),
      key: book,
      start: givenToStudents(
        startingPoint(book, request.start, planting),
        request.start,
        randomInt(MOST_SEEDS),
      ),
      brief: proposedBrief(book, request.start, { planting, asksSides: request.asksSides }),
      keyRules: {
        statementDates: datesOf(book),
        ...usualKeyRules(request.start, request.asksSides),
      },
    });
    return this.open(me, id);
  }

  async add(me: Me, made: MadeExercise): Promise<string> {
    const id = nanoid();
    await this.db.transaction(async (tx) => {
      const startBookId = await this.books.create(made.start, 'start', tx);
      const keyBookId = await this.books.create(made.key, 'key', tx);
      await tx.insert(exercises).values({
        id,
        ownerId: me.id,
        title: made.title,
        company: made.key.company.name,
        brief: made.brief,
        startBookId,
        keyBookId,
        keyRules: JSON.stringify(made.keyRules),
        ...made.series,
        ...made.rules,
        ...(made.guide ? { guide: JSON.stringify(made.guide) } : {}),
      });
    });
    return id;
  }

  /** Out of the instructor's way, or back in the list. */
  async putAway(me: Me, id: string, away: boolean): Promise<ExerciseAnswer> {
    await this.rowOf(me, id);
    await this.db
      .update(exercises)
      .set({ putAwayAt: away ? new Date() : null })
      .where(eq(exercises.id, id));
    return this.open(me, id);
  }

  /** Today's key of an exercise: what is said of it and still stands beside its book. */
  async keyOf(row: ExerciseRow): Promise<AnswerKey> {
    const book = await this.books.read(row.keyBookId);
    const key = keyOfRules(book, standingRules(book, partsOfRow(row).keyRules));
    if (!key.ok) throw refusedBy(key.refusals);
    return key.value;
  }

  async startOf(row: ExerciseRow): Promise<Book> {
    return this.books.read(row.startBookId);
  }
}

const LISTED = {
  id: exercises.id,
  title: exercises.title,
  company: exercises.company,
  putAwayAt: exercises.putAwayAt,
  continues: exercises.continues,
};

const MOST_SEEDS = 2 ** 31;

export interface MadeExercise {
  readonly title: string;
  readonly brief: string;
  readonly key: Book;
  readonly start: Book;
  readonly keyRules: object;
  readonly guide?: object;
  readonly rules?: Partial<RulesOfTry>;
  /** Which exercise of a series it continues. */
  readonly series?: { readonly continues: string; readonly ownWork: boolean };
}

/** The statements are compared at the last entry, for the part of the year up to it. */
export function datesOf(book: Book): object[] {
  const { firstDay } = book.company;
  const last =
    book.entries
      .map((entry) => entry.date)
      .sort()
      .at(-1) ?? book.opening.date;
  const sheet = { statement: 'balance-sheet', at: last };
  return last < firstDay
    ? [sheet]
    : [sheet, { statement: 'profit-and-loss', from: firstDay, to: last }];
}
