import { Inject, Injectable } from '@nestjs/common';
import type { LetterNews } from '@gleddo/core';
import { and, count, eq, gt, isNull, lte, ne, notInArray, or, sql } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import {
  exercises,
  handOuts,
  members,
  moreTimes,
  people,
  tries,
  words,
} from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';
import { TimesService } from '../times/times.service.js';
import { isWrittenTo, newsSince, type LetterDay } from './written-to.js';

/** News of one student while they are gathered. */
type News = { -readonly [K in keyof LetterNews]: [...LetterNews[K]] };

/** A student who is written to, where there is news. */
interface Addressee {
  readonly id: string;
  readonly name: string;
  readonly news: LetterNews;
}

/** Who is to be written to, and why: all students who have an e-mail, want letters, and had none on that day. */
@Injectable()
export class LetterNewsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly times: TimesService,
  ) {}

  /** Who they are is looked at first: of whom there is less known then, all is told the next time. */
  async of(day: LetterDay): Promise<readonly Addressee[]> {
    const to = await this.db
      .select({ id: people.id, name: people.name })
      .from(people)
      .where(isWrittenTo('student', day));
    if (to.length === 0) return [];
    const all = new Map(to.map((each) => [each.id, { ...each, news: NONE() }]));
    for (const { personId, ...row } of await this.handedOut(day))
      all.get(personId)?.news.handedOut.push(row);
    for (const { personId, ...row } of await this.givenBack(day))
      all.get(personId)?.news.givenBack.push(row);
    for (const { personId, ...row } of await this.answered(day))
      all.get(personId)?.news.answered.push(row);
    for (const { personId, ...row } of await this.closing(day))
      all.get(personId)?.news.closing.push(row);
    return [...all.values()];
  }

  private async handedOut(day: LetterDay) {
    const opened = sql`coalesce(${handOuts.opensAt}, ${handOuts.at})`;
    const rows = await this.db
      .selectDistinct({ personId: people.id, exerciseId: exercises.id, title: exercises.title })
      .from(handOuts)
      .innerJoin(members, eq(members.groupId, handOuts.groupId))
      .innerJoin(people, eq(people.id, members.personId))
      .innerJoin(exercises, eq(exercises.id, handOuts.exerciseId))
      .where(
        and(
          ...[isWrittenTo('student', day), isNull(exercises.putAwayAt)],
          sql`greatest(${opened}, ${handOuts.at}) > ${newsSince(day)}`,
          sql`greatest(${opened}, ${handOuts.at}) <= ${day.now.toISOString()}::timestamptz`,
          or(isNull(handOuts.closesAt), gt(handOuts.closesAt, day.now)),
          sql`not exists (select 1 from tries w where w.person_id = ${people.id} and w.exercise_id = ${exercises.id})`,
        ),
      );
    return Promise.all(
      rows.map(async ({ personId, exerciseId, title }) => {
        const { closesAt } = (await this.times.ofExercise(exerciseId))(personId, null);
        return { personId, title, closesAt };
      }),
    );
  }

  private givenBack = (day: LetterDay) =>
    this.db
      .select({ personId: people.id, title: exercises.title })
      .from(tries)
      .innerJoin(people, eq(people.id, tries.personId))
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(
        and(
          ...[isWrittenTo('student', day), eq(tries.state, 'given-back')],
          sql`${tries.givenBackAt} > ${newsSince(day)}`,
        ),
      );

  private answered = (day: LetterDay) =>
    this.db
      .select({ personId: people.id, title: exercises.title, many: count() })
      .from(words)
      .innerJoin(tries, eq(tries.id, words.tryId))
      .innerJoin(people, eq(people.id, tries.personId))
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(
        and(
          ...[isWrittenTo('student', day), ne(words.byId, tries.personId), isNull(words.seenAt)],
          sql`${words.at} > ${newsSince(day)}`,
        ),
      )
      .groupBy(people.id, exercises.id, exercises.title);

  /** What closes soon for a student, by their own time, and is not handed in. */
  private async closing(day: LetterDay) {
    const { now, soon } = day;
    const near = await this.db
      .selectDistinct({ id: exercises.id, title: exercises.title })
      .from(exercises)
      .leftJoin(handOuts, eq(handOuts.exerciseId, exercises.id))
      .leftJoin(moreTimes, eq(moreTimes.exerciseId, exercises.id))
      .where(
        and(
          isNull(exercises.putAwayAt),
          or(
            and(gt(handOuts.closesAt, now), lte(handOuts.closesAt, soon)),
            and(gt(moreTimes.until, now), lte(moreTimes.until, soon)),
          ),
        ),
      );
    const rows = await Promise.all(near.map((exercise) => this.closingOf(exercise, day)));
    return rows.flat();
  }

  private async closingOf(
    { id, title }: { readonly id: string; readonly title: string },
    day: LetterDay,
  ) {
    const timesOf = await this.times.ofExercise(id);
    const open = await this.db
      .selectDistinct({ personId: people.id, startedAt: tries.startedAt })
      .from(handOuts)
      .innerJoin(members, eq(members.groupId, handOuts.groupId))
      .innerJoin(people, eq(people.id, members.personId))
      .leftJoin(tries, and(eq(tries.exerciseId, id), eq(tries.personId, people.id)))
      .where(
        and(
          ...[eq(handOuts.exerciseId, id), isWrittenTo('student', day)],
          or(isNull(tries.id), notInArray(tries.state, ['handed-in', 'given-back'])),
        ),
      );
    return open.flatMap(({ personId, startedAt }) => {
      const { closesAt, opensAt } = timesOf(personId, startedAt === null ? null : { startedAt });
      const isOpen = opensAt === null || opensAt <= day.now.getTime();
      const isSoon =
        closesAt !== null && closesAt > day.now.getTime() && closesAt <= day.soon.getTime();
      return isOpen && isSoon ? [{ personId, title, closesAt }] : [];
    });
  }
}

const NONE = (): News => ({ closing: [], givenBack: [], answered: [], handedOut: [] });
