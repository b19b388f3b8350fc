import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { asc, eq, or } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import {
  answers,
  audit,
  companies,
  drillAnswers,
  excused,
  letters,
  exercises,
  hints,
  groups,
  formerMembers,
  members,
  moreTimes,
  people,
  platformPeople,
  platforms,
  practices,
  sessions,
  tries,
  words,
} from '../database/schema/index.js';
import { ExerciseFilesService } from '../exercise-files/exercise-files.service.js';
import { DATABASE } from '../http/tokens.js';
import { shownOf } from '../kept/giving.js';
import { earlierOf } from '../points/earlier-tries.js';

type Part = readonly [name: string, rows: AsyncIterable<unknown>];

/**
 * All that is kept of a person, for that person: one JSON document, in which books and exercises are of the formats that
 * `docs/formats` says. Of marks only what was given back; of others nothing.
 */
@Injectable()
export class OwnDataService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly files: ExerciseFilesService,
  ) {}

  /** The document piece by piece: a house of an instructor is larger than what is held at once. */
  async *document(me: Me): AsyncGenerator<string> {
    yield `{"format":"gleddo-own-data","version":1,"at":"${new Date().toISOString()}",`;
    yield `"person":${JSON.stringify(await this.person(me))}`;
    for (const [name, rows] of this.parts(me)) {
      yield `,"${name}":[`;
      let isFirst = true;
      for await (const row of rows) {
        yield `${isFirst ? '' : ','}${JSON.stringify(row)}`;
        isFirst = false;
      }
      yield ']';
    }
    yield '}\n';
  }

  private parts(me: Me): readonly Part[] {
    const own: readonly Part[] = [
      ['groups', this.groups(me)],
      ['sessions', this.sessions(me)],
      ['done', this.done(me)],
      ['platforms', this.platforms(me)],
    ];
    return me.role === 'student'
      ? [
          ...own,
          ['works', this.works(me)],
          ['practices', this.practices(me)],
          ['drills', this.drills(me)],
          ['moreTime', this.moreTime(me)],
          ['excused', this.excused(me)],
          ['letters', this.letters(me)],
        ]
      : [...own, ['companies', this.companies(me)], ['exercises', this.exercises(me)]];
  }

  private async person({ id }: Me) {
    const [found] = await this.db.select().from(people).where(eq(people.id, id));
    if (!found) return null;
    const { name, number, email, login, role, createdAt } = found;
    return { id, name, number, email, login, role, createdAt };
  }

  private async *groups(me: Me) {
    yield* await this.db
      .selectDistinct({ id: groups.id, name: groups.name })
      .from(groups)
      .leftJoin(members, eq(members.groupId, groups.id))
      .leftJoin(formerMembers, eq(formerMembers.groupId, groups.id))
      .where(
        or(
          eq(groups.ownerId, me.id),
          eq(members.personId, me.id),
          eq(formerMembers.personId, me.id),
        ),
      );
  }

  private async *letters(me: Me) {
    const { subject, text, madeAt, sentAt } = letters;
    yield* await this.db
      .select({ subject, text, madeAt, sentAt })
      .from(letters)
      .where(eq(letters.personId, me.id));
  }

  /** By which learning platforms they come, and what they are called there. */
  private async *platforms(me: Me) {
    yield* await this.db
      .select({ platform: platforms.name, subject: platformPeople.subject })
      .from(platformPeople)
      .innerJoin(platforms, eq(platforms.id, platformPeople.platformId))
      .where(eq(platformPeople.personId, me.id));
  }

  /** The exercises that do not count for them over the term. */
  private async *excused(me: Me) {
    yield* await this.db
      .select({ exercise: exercises.title })
      .from(excused)
      .innerJoin(exercises, eq(exercises.id, excused.exerciseId))
      .where(eq(excused.personId, me.id));
  }

  private async *sessions(me: Me) {
    const { browser, begunAt, seenAt } = sessions;
    yield* await this.db
      .select({ browser, begunAt, seenAt })
      .from(sessions)
      .where(eq(sessions.personId, me.id));
  }

  /** What was written down of what they did, and of what was done to them. */
  private async *done(me: Me) {
    const { at, what, byId } = audit;
    const rows = await this.db
      .select({ at, what, byId })
      .from(audit)
      .where(or(eq(audit.byId, me.id), eq(audit.aboutId, me.id)))
      .orderBy(asc(audit.id));
    for (const row of rows) yield { at: row.at, what: row.what, byThem: row.byId === me.id };
  }

  private async *works(me: Me) {
    const rows = await this.db
      .select({ work: tries, title: exercises.title })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(eq(tries.personId, me.id));
    for (const { work, title } of rows) {
      const { state, startedAt, handedInAt, givenBackAt, points, outOf, fileName } = work;
      const isReported = state === 'given-back' && shownOf(work).marks;
      yield {
        ...{ title, state, startedAt, handedInAt, givenBackAt, fileName },
        ...(isReported ? { points, of: outOf } : {}),
        answers: await this.answers(work.bookId),
        words: await this.words(me, work.id),
        hints: await this.hints(work.bookId),
        book: await this.book(work.bookId),
        earlier: await this.earlier(work.id),
      };
    }
  }

  /** The tries before the one that the work is now. */
  private async earlier(tryId: string) {
    const rows = (await earlierOf(this.db, [tryId]))(tryId);
    return Promise.all(
      rows.map(async ({ number, startedAt, handedInAt, givenBackAt, bookId, ...row }) => ({
        ...{ number, startedAt, handedInAt, givenBackAt },
        ...(shownOf(row).marks ? { points: row.points, of: row.outOf } : {}),
        ...(shownOf(row).notes ? { notes: JSON.parse(row.notes) as unknown } : {}),
        answers: await this.answers(bookId),
        book: await this.book(bookId),
      })),
    );
  }

  /** What they asked about a work, and what was said to them. */
  private async words(me: Me, tryId: string) {
    const rows = await this.db
      .select()
      .from(words)
      .where(eq(words.tryId, tryId))
      .orderBy(asc(words.at));
    return rows.map(({ text, about, at, byId }) => ({ text, about, at, byThem: byId === me.id }));
  }

  private async *moreTime(me: Me) {
    yield* await this.db
      .select({ title: exercises.title, until: moreTimes.until })
      .from(moreTimes)
      .innerJoin(exercises, eq(exercises.id, moreTimes.exerciseId))
      .where(eq(moreTimes.personId, me.id));
  }

  /** The help that they asked for, as it was told. */
  private hints(bookId: string) {
    const { says, at } = hints;
    return this.db
      .select({ says, at })
      .from(hints)
      .where(eq(hints.bookId, bookId))
      .orderBy(asc(at));
  }

  private answers(bookId: string) {
    const { questionId: question, answer, at } = answers;
    return this.db.select({ question, answer, at }).from(answers).where(eq(answers.bookId, bookId));
  }

  private async *practices(me: Me) {
    const rows = await this.db
      .select({ practice: practices, title: exercises.title })
      .from(practices)
      .innerJoin(exercises, eq(exercises.id, practices.exerciseId))
      .where(eq(practices.personId, me.id));
    for (const { practice, title } of rows) {
      const { begunAt, checked, share, bookId } = practice;
      yield { title, begunAt, checked, share, book: await this.book(bookId) };
    }
  }

  private async *drills(me: Me) {
    const { nameId, kind, answer, isRight, at } = drillAnswers;
    yield* await this.db
      .select({ nameId, kind, answer, isRight, at })
      .from(drillAnswers)
      .where(eq(drillAnswers.personId, me.id))
      .orderBy(asc(drillAnswers.at));
  }

  private async *companies(me: Me) {
    const rows = await this.db.select().from(companies).where(eq(companies.ownerId, me.id));
    for (const { bookId, createdAt } of rows) yield { createdAt, book: await this.book(bookId) };
  }

  private async *exercises(me: Me) {
    const own = await this.db
      .select({ id: exercises.id })
      .from(exercises)
      .where(eq(exercises.ownerId, me.id));
    for (const { id } of own) yield this.files.of(me, id);
  }

  /** As it is kept, whether it can be read or not. */
  private async book(id: string): Promise<unknown> {
    const { text } = await this.books.at(id);
    try {
      return JSON.parse(text);
    } catch {
      return text;
    }
  }
}
