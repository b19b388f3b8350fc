import { randomInt } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import {
  mayAtLeast,
  type ExerciseAnswer,
  type ExerciseSummary,
  type May,
  type Me,
  type NewExerciseRequest,
} from '@gleddo/contract';
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
import { and, count, desc, eq, getTableColumns, inArray, isNotNull, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import { CompaniesService } from '../companies/companies.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, people, tries } from '../database/schema/index.js';
import { notFound, refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { mayOnExercise, seesTry } from '../reach/reach.js';
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

  /** All that somebody sees; `among`: of these alone. */
  async list(me: Me, among: readonly string[] | null = null): Promise<ExerciseSummary[]> {
    const rows = await this.db
      .select({
        exercise: LISTED,
        may: mayOnExercise(me.id),
        owner: people.name,
        tries: count(tries.id),
        handedIn: sql<number>`count(*) filter (where ${tries.state} = 'handed-in')`.mapWith(Number),
        givenBack: sql<number>`count(*) filter (where ${tries.state} = 'given-back')`.mapWith(
          Number,
        ),
      })
      .from(exercises)
      .innerJoin(people, eq(people.id, exercises.ownerId))
      .leftJoin(tries, and(eq(tries.exerciseId, exercises.id), seesTry(me.id)))
      .where(
        and(
          among === null ? undefined : inArray(exercises.id, [...among]),
          isNotNull(mayOnExercise(me.id)),
        ),
      )
      .groupBy(exercises.id, people.name)
      .orderBy(desc(exercises.createdAt));
    const groupsOf = await this.handOuts.groupsOf(
      me,
      rows.map(({ exercise: { id } }) => id),
    );
    return rows.map(({ exercise: { putAwayAt, continues, ...exercise }, owner, ...rest }) => {
      const out = groupsOf.get(exercise.id) ?? [];
      const may = rest.may ?? 'look';
      const state = out.length > 0 ? 'handed-out' : 'draft';
      const after = rows.find((each) => each.exercise.id === continues)?.exercise.title ?? null;
      const by = may === 'own' ? null : owner;
      const putAway = may === 'own' && putAwayAt !== null;
      return { ...exercise, after, state, groups: out, putAway, ...rest, may, by };
    });
  }

  /** The exercise’s row, for somebody who may do so much with it: to change it, where nothing else is said. */
  async rowOf(me: Me, id: string, least: May = 'change'): Promise<ExerciseRow> {
    const [row] = await this.db
      .select({
        ...getTableColumns(exercises),
        may: mayOnExercise(me.id),
        owner: people.name,
      })
      .from(exercises)
      .innerJoin(people, eq(people.id, exercises.ownerId))
      .where(eq(exercises.id, id));
    if (!row || row.may === null) throw notFound('This exercise');
    const { may, owner, ...exercise } = row;
    if (!mayAtLeast(may, least)) throw notSo(owner, least);
    return exercise;
  }

  async mayOf(me: Me, id: string): Promise<May> {
    const [row] = await this.db
      .select({ may: mayOnExercise(me.id) })
      .from(exercises)
      .where(eq(exercises.id, id));
    if (!row || row.may === null) throw notFound('This exercise');
    return row.may;
  }

  async open(me: Me, id: string): Promise<ExerciseAnswer> {
    const row = await this.rowOf(me, id, 'look');
    const seen = await this.list(me, [id, row.continues ?? id]);
    const summary = seen.find((each) => each.id === id);
    if (!summary) throw notFound('This exercise');
    const { startBookId, keyBookId, revision } = row;
    const { title: _, rules, ...parts } = partsOfRow(row);
    return {
      ...summary,
      ...rules,
      ...parts,
      ...{ startBookId, keyBookId, revision },
      handedOutTo: await this.handOuts.of(id, me),
      moreTime: await this.handOuts.seenOf(me, id, await this.times.moreTimeOf(id)),
      ...(await this.neighbours(row)),
      begun: await this.db.$count(tries, eq(tries.exerciseId, id)),
      isCopy: row.originId !== null,
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
    await this.rowOf(me, id, 'own');
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

const SAYS: Readonly<Record<May, string>> = {
  look: 'look at it',
  assist: 'see the works of its classes',
  mark: 'mark the works of its classes',
  change: 'change it',
  own: 'do this with it',
};

/** It is shared, but not so far. */
const notSo = (owner: string, least: May) =>
  refuse(
    'exercise.not-so-far',
    `This exercise is ${owner}’s, and you may not ${SAYS[least]}. Ask ${owner} to share it so, or save it as a file and take that as an exercise of your own.`,
  );

const LISTED = {
  id: exercises.id,
  title: exercises.title,
  company: exercises.company,
  ready: exercises.ready,
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
