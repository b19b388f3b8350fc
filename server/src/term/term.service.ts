import { Inject, Injectable } from '@nestjs/common';
import type { Me, OwnTerm, TermMarks, TermRequest, TermRow } from '@gleddo/contract';
import {
  standsAt,
  termResult,
  ALWAYS,
  type TermExercise,
  type TermWork,
  type Times,
} from '@gleddo/core';
import { and, asc, eq, inArray, isNull, min, sql } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import {
  excused,
  exercises,
  groups,
  handOuts,
  members,
  people,
  termWeights,
  tries,
} from '../database/schema/index.js';
import { GroupsService, STUDENT } from '../groups/groups.service.js';
import { isOfClass } from '../groups/of-class.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { countedOf, earlierOf } from '../points/earlier-tries.js';
import { TimesService, type Begun } from '../times/times.service.js';

/** As much as each exercise weighs where nothing is said. */
const USUAL_WEIGHT = 1;

type Student = Pick<TermRow, 'student' | 'login' | 'number' | 'email'> & { readonly id: string };

interface ClassTerm {
  readonly exercises: readonly TermExercise[];
  readonly dropWorst: number;
  workOf(person: string, exercise: string): TermWork;
}

const nothingSaid = () =>
  refuse('term.nothing', 'Say which exercise weighs how much, or for whom it does not count.');

/** What the exercises of a class come to over the term. Only what was given back is a mark. */
@Injectable()
export class TermService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly groups: GroupsService,
    private readonly times: TimesService,
  ) {}

  async ofClass(me: Me, groupId: string): Promise<TermMarks> {
    const { name, shared } = await this.groups.own(me, groupId, 'assist');
    const term = await this.termOf(groupId);
    const students = await this.db
      .select({ ...STUDENT, student: people.name })
      .from(members)
      .innerJoin(people, eq(people.id, members.personId))
      .where(eq(members.groupId, groupId));
    const collator = new Intl.Collator('en');
    return {
      ...{ group: name, dropWorst: term.dropWorst, exercises: term.exercises },
      rows: students
        .sort((a, b) => collator.compare(a.student, b.student))
        .map((student) => rowOf(student, term)),
      mayChange: shared?.how !== 'assist',
    };
  }

  /** In each class that one is in. */
  async ofStudent(me: Me): Promise<OwnTerm[]> {
    const own = await this.db
      .select({ id: groups.id, name: groups.name })
      .from(members)
      .innerJoin(groups, eq(groups.id, members.groupId))
      .where(and(eq(members.personId, me.id), isNull(groups.withinId)))
      .orderBy(asc(groups.name));
    return Promise.all(
      own.map(async ({ id, name }) => {
        const term = await this.termOf(id, me.id);
        const { marks, tenths } = markedIn(me.id, term);
        const own = marks.filter(({ counts }) => counts !== 'not-given');
        const given = new Set(own.map(({ exerciseId }) => exerciseId));
        const theirs = term.exercises.filter(({ id }) => given.has(id));
        return { group: name, exercises: theirs, marks: own, tenths };
      }),
    );
  }

  async change(me: Me, groupId: string, request: TermRequest): Promise<TermMarks> {
    await this.groups.own(me, groupId);
    const { dropWorst, exerciseId, weight, personId, isExcused } = request;
    if (dropWorst !== undefined)
      await this.db.update(groups).set({ dropWorst }).where(eq(groups.id, groupId));
    if (exerciseId !== undefined) {
      await this.judgeHandedOut(groupId, exerciseId);
      if (weight !== undefined) await this.weigh({ groupId, exerciseId, weight });
      if (personId !== undefined && isExcused !== undefined)
        await this.excuse(groupId, { exerciseId, personId }, isExcused);
    } else if (dropWorst === undefined) throw nothingSaid();
    return this.ofClass(me, groupId);
  }

  private async judgeHandedOut(groupId: string, exerciseId: string): Promise<void> {
    const [found] = await this.db
      .select({ id: handOuts.exerciseId })
      .from(handOuts)
      .where(and(isOfClass(groupId), eq(handOuts.exerciseId, exerciseId)))
      .limit(1);
    if (!found) throw notFound('This exercise, among those of the class,');
  }

  private async weigh(row: typeof termWeights.$inferInsert): Promise<void> {
    await this.db
      .insert(termWeights)
      .values(row)
      .onConflictDoUpdate({
        target: [termWeights.groupId, termWeights.exerciseId],
        set: { weight: row.weight },
      });
  }

  private async excuse(
    groupId: string,
    who: { readonly exerciseId: string; readonly personId: string },
    isExcused: boolean,
  ): Promise<void> {
    const [member] = await this.db
      .select({ id: members.personId })
      .from(members)
      .where(and(eq(members.groupId, groupId), eq(members.personId, who.personId)));
    if (!member) throw notFound('This student');
    const at = and(eq(excused.exerciseId, who.exerciseId), eq(excused.personId, who.personId));
    if (isExcused) await this.db.insert(excused).values(who).onConflictDoNothing();
    else await this.db.delete(excused).where(at);
  }

  /** Of a whole class, or as far as one student is concerned, and may know. */
  private async termOf(groupId: string, only: string | null = null): Promise<ClassTerm> {
    const [group] = await this.db.select().from(groups).where(eq(groups.id, groupId));
    const handedOut = await this.exercisesOf(groupId);
    const ids = ['', ...handedOut.map(({ id }) => id)];
    const ofOne = only === null ? undefined : eq(tries.personId, only);
    const works = await this.db
      .select()
      .from(tries)
      .where(and(inArray(tries.exerciseId, ids), ofOne));
    const timesOf = await this.timesOf(handedOut, only);
    const now = Date.now();
    const out = await this.db.select().from(excused).where(inArray(excused.exerciseId, ids));
    const theirs = await this.givenTo(groupId);
    const ill = new Set(out.map(({ exerciseId, personId }) => `${personId} ${exerciseId}`));
    const byWork = new Map(works.map((work) => [`${work.personId} ${work.exerciseId}`, work]));
    const earlier = await earlierOf(
      this.db,
      works.map(({ id }) => id),
    );
    // A student is told of a mark only where marks are shown.
    const told = only === null ? 'all' : 'shown';
    return {
      exercises: handedOut,
      dropWorst: group?.dropWorst ?? 0,
      workOf: (person, exercise) => {
        const work = byWork.get(`${person} ${exercise}`);
        const times = timesOf(exercise, person, work ?? null);
        const before = earlier(work?.id ?? '');
        return {
          mark: work ? countedOf(work, before, { times, told }) : null,
          isIn: work !== undefined && (work.state !== 'working' || before.length > 0),
          mayStill: mayStill(times, work !== undefined, now),
          isExcused: ill.has(`${person} ${exercise}`),
          isGiven: theirs.has(`${person} ${exercise}`),
        };
      },
    };
  }

  /** Who has which exercise: with the class, or a group within it. */
  private async givenTo(groupId: string): Promise<ReadonlySet<string>> {
    const rows = await this.db
      .select({ exerciseId: handOuts.exerciseId, personId: members.personId })
      .from(handOuts)
      .innerJoin(members, eq(members.groupId, handOuts.groupId))
      .where(isOfClass(groupId));
    return new Set(rows.map(({ exerciseId, personId }) => `${personId} ${exerciseId}`));
  }

  private async timesOf(
    handedOut: readonly TermExercise[],
    only: string | null,
  ): Promise<(exercise: string, person: string, begun: Begun) => Times> {
    if (only !== null) {
      const own = await this.times.ofStudent(only);
      return (exercise, _, begun) => own(exercise, begun);
    }
    const known = await Promise.all(
      handedOut.map(async ({ id }) => [id, await this.times.ofExercise(id)] as const),
    );
    const byExercise = new Map(known);
    return (exercise, person, begun) => byExercise.get(exercise)?.(person, begun) ?? ALWAYS;
  }

  private async exercisesOf(groupId: string): Promise<TermExercise[]> {
    const isOver = sql<boolean>`exists (select 1 from tries w join members sits
      on sits.person_id = w.person_id and sits.group_id = ${groupId}
      where w.exercise_id = "exercises"."id" and w.state = 'given-back')`;
    const rows = await this.db
      .select({ id: exercises.id, title: exercises.title, weight: termWeights.weight, isOver })
      .from(handOuts)
      .innerJoin(exercises, eq(exercises.id, handOuts.exerciseId))
      .leftJoin(
        termWeights,
        and(eq(termWeights.exerciseId, exercises.id), eq(termWeights.groupId, groupId)),
      )
      .where(isOfClass(groupId))
      .groupBy(exercises.id, exercises.title, termWeights.weight)
      .orderBy(asc(min(handOuts.at)), asc(exercises.title));
    return rows.map(({ weight, ...row }) => ({ ...row, weight: weight ?? USUAL_WEIGHT }));
  }
}

function markedIn(person: string, { exercises: all, dropWorst, workOf }: ClassTerm) {
  const works = new Map(all.map(({ id }) => [id, workOf(person, id)]));
  const { tenths, counts } = termResult(all, works, dropWorst);
  const marks = all.map(({ id }) => {
    const mark = works.get(id)?.mark ?? null;
    const counted = counts.get(id) ?? 'not-yet';
    return { exerciseId: id, points: mark?.points ?? null, of: mark?.of ?? null, counts: counted };
  });
  return { marks, tenths };
}

function rowOf({ id, student, login, number, email }: Student, term: ClassTerm): TermRow {
  return { personId: id, student, login, number, email, ...markedIn(id, term) };
}

/** Whether a work that is not in could still come in time; where nothing closes, whether it was begun. */
const mayStill = (times: Times, isBegun: boolean, now: number): boolean =>
  times.closesAt === null ? isBegun : standsAt(times, now) !== 'over';
