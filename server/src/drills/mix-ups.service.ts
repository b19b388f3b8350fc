import { Inject, Injectable } from '@nestjs/common';
import {
  mayAtLeast,
  type AskDrillRequest,
  type ClassMixUps,
  type Me,
  type MixedUp,
  type MixUpRow,
} from '@gleddo/contract';
import {
  classMixUps,
  DISTINCTION_IDS,
  type ClassMixUp,
  type MixedStudent,
  type Overview,
} from '@gleddo/core';
import { and, desc, eq, inArray, isNotNull, isNull, max } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database } from '../database/open-database.js';
import {
  checks,
  drillAnswers,
  drillsAsked,
  exercises,
  groups,
  handOuts,
  members,
  people,
  tries,
} from '../database/schema/index.js';
import { isOfClass } from '../groups/of-class.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { mayOnExercise, mayOnGroup } from '../reach/reach.js';
import { drillAnswerOf, drillBooks } from './drills.service.js';

/** A student of the class, and what of theirs counts. */
interface Counted extends MixedStudent {
  readonly student: string;
}

const assistsOnly = () =>
  refuse(
    'drill.assists',
    'You assist in this class: what its students practise is asked of them by who teaches it.',
  );

const notPractised = () =>
  refuse(
    'exercise.not-practised',
    'This exercise is a colleague’s, and may not be practised. Ask whose it is to allow it.',
    'what',
  );

/** What a class does not tell apart, from its works and its drills; and what is asked of whom because of it. */
@Injectable()
export class MixUpsService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  private async groupOf(me: Me, groupId: string) {
    const [group] = await this.db
      .select({ name: groups.name, may: mayOnGroup(me.id) })
      .from(groups)
      .where(eq(groups.id, groupId));
    if (!group || group.may === null) throw notFound('This class group');
    return group;
  }

  /** Of a whole class, or of one of its students. */
  async ofClass(me: Me, groupId: string, only?: string): Promise<ClassMixUps> {
    const group = await this.groupOf(me, groupId);
    const mayAsk = group.may !== 'assist';
    const handedOut = await this.db
      .select({ id: exercises.id, title: exercises.title })
      .from(handOuts)
      .innerJoin(exercises, eq(exercises.id, handOuts.exerciseId))
      .where(and(isOfClass(groupId), isNotNull(mayOnExercise(me.id))))
      .groupBy(exercises.id, exercises.title)
      .orderBy(desc(max(handOuts.at)));
    const all = await this.countedIn(
      groupId,
      handedOut.map(({ id }) => id),
    );
    const counted = only === undefined ? all : all.filter(({ id }) => id === only);
    if (only !== undefined && counted.length === 0) throw notFound('This student');
    const asked = await this.askedOf(counted.map(({ id }) => id));
    return {
      ...{ group: group.name, mayAsk },
      people: all.map(({ id, student }) => ({ id, name: student })),
      students: counted.length,
      exercises: handedOut,
      practised: counted.reduce((sum, { drills }) => sum + drills.length, 0),
      rows: classMixUps(drillBooks().scheme, counted).map((row) => shownRow(row, counted, asked)),
    };
  }

  private async countedIn(groupId: string, ids: readonly string[]): Promise<Counted[]> {
    const students = await this.db
      .select({ personId: people.id, student: people.name })
      .from(members)
      .innerJoin(people, eq(people.id, members.personId))
      .where(eq(members.groupId, groupId));
    const persons = students.map(({ personId }) => personId);
    if (persons.length === 0) return [];
    const works = ids.length === 0 ? [] : await this.worksOf(persons, ids);
    const answers = await this.db
      .select()
      .from(drillAnswers)
      .where(inArray(drillAnswers.personId, persons))
      .orderBy(drillAnswers.at);
    const of = <T extends { readonly personId: string }>(list: readonly T[], id: string) =>
      list.filter(({ personId }) => personId === id);
    const collator = new Intl.Collator('en');
    return students
      .map(({ personId, student }) => ({
        ...{ id: personId, student },
        works: of(works, personId).map(({ tryId, mixUps }) => ({ id: tryId, mixUps })),
        drills: of(answers, personId).map(drillAnswerOf),
      }))
      .sort((a, b) => collator.compare(a.student, b.student));
  }

  private async worksOf(persons: readonly string[], ids: readonly string[]) {
    const rows = await this.db
      .select({ personId: tries.personId, tryId: tries.id, overview: checks.overview })
      .from(tries)
      .innerJoin(checks, eq(checks.id, tries.checkId))
      .where(and(inArray(tries.personId, [...persons]), inArray(tries.exerciseId, [...ids])));
    return rows.flatMap(({ overview, ...work }) => {
      const mixUps = overview === null ? undefined : (JSON.parse(overview) as Overview).mixUps;
      return mixUps ? [{ ...work, mixUps }] : [];
    });
  }

  /** Of whom what is asked already, and not done yet. */
  private async askedOf(persons: readonly string[]): Promise<ReadonlySet<string>> {
    if (persons.length === 0) return new Set();
    const rows = await this.db
      .select()
      .from(drillsAsked)
      .where(and(inArray(drillsAsked.personId, [...persons]), isNull(drillsAsked.doneAt)));
    return new Set(rows.map(({ personId, distinction }) => `${personId} ${distinction ?? ''}`));
  }

  /** Asks a drill or a practice of some of a class; of whom it is asked already, not once more. */
  async ask(
    me: Me,
    groupId: string,
    { kind, what, people: named }: AskDrillRequest,
  ): Promise<ClassMixUps> {
    if ((await this.groupOf(me, groupId)).may === 'assist') throw assistsOnly();
    const isDrill = kind === 'drill';
    if (isDrill && !DISTINCTION_IDS.some((id) => id === what))
      throw refuse('drill.unknown', 'Choose from the list what is to be told apart.');
    if (!isDrill) await this.practisable(me, what);
    const students = await this.db
      .select({ id: members.personId })
      .from(members)
      .where(and(eq(members.groupId, groupId), inArray(members.personId, [...named, ''])));
    const about = isDrill
      ? { distinction: what, exerciseId: null }
      : { distinction: null, exerciseId: what };
    await this.db.transaction(async (tx) => {
      // One asking after the other: what is sent twice at once is asked once.
      await tx.select({ id: groups.id }).from(groups).where(eq(groups.id, groupId)).for('update');
      for (const { id: personId } of students) {
        const same = and(
          eq(drillsAsked.personId, personId),
          isDrill ? eq(drillsAsked.distinction, what) : eq(drillsAsked.exerciseId, what),
          isNull(drillsAsked.doneAt),
        );
        const [open] = await tx.select().from(drillsAsked).where(same);
        if (!open)
          await tx.insert(drillsAsked).values({ id: nanoid(), byId: me.id, personId, ...about });
      }
    });
    return this.ofClass(me, groupId);
  }

  private async practisable(me: Me, exerciseId: string): Promise<void> {
    const [exercise] = await this.db
      .select({ mayPractise: exercises.mayPractise, may: mayOnExercise(me.id) })
      .from(exercises)
      .where(eq(exercises.id, exerciseId));
    if (!exercise || !mayAtLeast(exercise.may, 'mark')) throw notFound('This exercise');
    if (!exercise.mayPractise && !mayAtLeast(exercise.may, 'change')) throw notPractised();
    if (!exercise.mayPractise)
      await this.db
        .update(exercises)
        .set({ mayPractise: true })
        .where(eq(exercises.id, exerciseId));
  }
}

/** A row with the students’ names, and whether the drill is asked of them. */
function shownRow(
  { who, ...row }: ClassMixUp,
  students: readonly Counted[],
  open: ReadonlySet<string>,
): MixUpRow {
  const names = new Map(students.map(({ id, student }) => [id, student]));
  return {
    ...row,
    who: who.map(({ id, work, ...each }): MixedUp => ({
      ...each,
      personId: id,
      student: names.get(id) ?? '',
      tryId: work,
      isAsked: open.has(`${id} ${row.distinction}`),
    })),
  };
}
