import { randomInt } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type {
  ChangeExerciseRequest,
  ExerciseAnswer,
  ExerciseSummary,
  Me,
  NewExerciseRequest,
} from '@gleddo/contract';
import {
  givenToStudents,
  keyOfRules,
  proposedBrief,
  startingPoint,
  usualPoints,
  USUAL_RULES,
  fitting,
  guideFile,
  pictureIn,
  picturesOf,
  type AnswerKey,
  type Book,
  type RulesOfTry,
} from '@gleddo/core';
import { and, count, desc, eq, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { BookAccess } from '../books/book-access.js';
import { KeptBooks } from '../books/kept-books.js';
import { CompaniesService } from '../companies/companies.service.js';
import type { Database } from '../database/open-database.js';
import { exercises, tries } from '../database/schema/index.js';
import { notFound, refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
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
    private readonly access: BookAccess,
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
    const { brief, startBookId, keyBookId } = row;
    const rules = Object.fromEntries(
      RULES.map((name) => [name, row[name]]),
    ) as unknown as RulesOfTry;
    return {
      ...summary,
      ...rules,
      ...{ brief, startBookId, keyBookId },
      handedOutTo: await this.handOuts.of(id),
      keyRules: JSON.parse(row.keyRules) as object,
      guide: JSON.parse(row.guide) as object,
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
        points: usualPoints(request.start, request.asksSides),
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

  async change(me: Me, id: string, request: ChangeExerciseRequest): Promise<ExerciseAnswer> {
    const row = await this.rowOf(me, id);
    const { title, keyRules, putAway, guide, ...plain } = request;
    if (guide !== undefined) sound(guide);
    if (keyRules !== undefined) {
      const key = keyOfRules(await this.books.read(row.keyBookId), keyRules);
      if (!key.ok) throw refusedBy(key.refusals);
      await this.figuresMayChange(row, keyRules);
    }
    const given = Object.fromEntries(
      Object.entries(plain).filter(([, value]) => value !== undefined),
    );
    await this.db
      .update(exercises)
      .set({
        id,
        ...given,
        ...(putAway === undefined ? {} : { putAwayAt: putAway ? new Date() : null }),
        ...(title === undefined ? {} : { title: title.trim() }),
        ...(keyRules === undefined ? {} : { keyRules: JSON.stringify(keyRules) }),
        ...(guide === undefined ? {} : { guide: JSON.stringify(guide) }),
      })
      .where(eq(exercises.id, id));
    this.access.forget();
    return this.open(me, id);
  }

  /** Own figures stay as they are once somebody has begun: their books have them. */
  private async figuresMayChange(row: ExerciseRow, keyRules: object): Promise<void> {
    const figures = (rules: object) =>
      JSON.stringify((rules as { figures?: object }).figures ?? {});
    if (figures(JSON.parse(row.keyRules) as object) === figures(keyRules)) return;
    const begun = await this.db.$count(tries, eq(tries.exerciseId, row.id));
    if (begun > 0)
      throw refuse(
        'figures.begun',
        `${begun === 1 ? 'One student has' : `${begun} students have`} begun with the figures as they are, so these stay. For other figures, save the exercise as a file and read that back as a new one.`,
        'figures',
      );
  }

  /**
   * Today's key of an exercise. Rules about accounts and entries that the key no longer has are left out; an account that
   * the key has come to use is no longer forbidden.
   */
  async keyOf(row: ExerciseRow): Promise<AnswerKey> {
    const book = await this.books.read(row.keyBookId);
    const rules = JSON.parse(row.keyRules) as KeptRules;
    const accounts = new Set(book.accounts.map((account) => account.id));
    const entries = new Set(book.entries.map((entry) => entry.id));
    const posted = book.entries.flatMap(({ lines }) => lines.map(({ account }) => account));
    const used = new Set([...Object.keys(book.opening.balances), ...posted]);
    const accepts = rules.accepts
      ?.filter((each) => accounts.has(each.account))
      .map((each) => (used.has(each.account) ? { ...each, forbidden: false } : each));
    const acceptsEntries = rules.acceptsEntries?.filter((each) => entries.has(each.entry));
    const key = keyOfRules(book, {
      ...rules,
      ...(accepts ? { accepts } : {}),
      ...(acceptsEntries ? { acceptsEntries } : {}),
    });
    if (!key.ok) throw refusedBy(key.refusals);
    return key.value;
  }

  async startOf(row: ExerciseRow): Promise<Book> {
    return this.books.read(row.startBookId);
  }
}

const RULES = Object.keys(USUAL_RULES) as (keyof RulesOfTry)[];

/** A guide that can be kept: of the right shape, whatever it asks for. */
function sound(guide: object): void {
  const read = fitting(guideFile, guide, 'guide');
  if (!read.ok) throw refusedBy(read.refusals);
  if (picturesOf(read.value).some((each) => pictureIn(each) !== null))
    throw refuse('guide.picture-apart', PICTURES_APART, 'guide');
}

const PICTURES_APART =
  'A picture is sent by itself first, and named in the guide by the id that is answered.';

interface KeptRules {
  readonly accepts?: readonly { readonly account: string; readonly forbidden?: boolean }[];
  readonly acceptsEntries?: readonly { readonly entry: string }[];
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
