import { Inject, Injectable } from '@nestjs/common';
import type { CheckedState, ClassResults, ClassRow, Me, PlacementCell } from '@gleddo/contract';
import {
  columnsOfClass,
  overviewOf,
  type KeptPair,
  type KeptResult,
  type Overview,
} from '@gleddo/core';
import { and, asc, eq, inArray } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import {
  checks,
  groups,
  handOuts,
  keys,
  members,
  people,
  tries,
} from '../database/schema/index.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { HandOutsService, isSeenBy } from '../exercises/hand-outs.service.js';
import { groupSaid } from '../groups/of-class.js';
import { DATABASE } from '../http/tokens.js';
import { STUDENT } from '../groups/groups.service.js';
import { cameIn } from '../times/came-in.js';
import { countedOf, earlierOf, type EarlierRow } from '../points/earlier-tries.js';
import { TimesService, type TimesFor } from '../times/times.service.js';
import { OpenWorks } from './open-works.service.js';
import { ChecksService, type TryRow } from './checks.service.js';
import { unknownNamesIn } from './unknown-names.js';
import { givingOf } from '../kept/giving.js';
import { KeyVersionsService } from '../keys/key-versions.service.js';

/** A work's latest run, as the class sees it. */
interface Run {
  readonly overview: Overview;
  readonly version: number;
  readonly keyId: string;
}

interface Student {
  readonly id: string;
  readonly name: string;
  readonly login: string;
  readonly number: string;
  readonly email: string;
  /** The class groups, by id, through which they have the exercise. */
  readonly groups: readonly string[];
}

/** What the whole class did: every student and every check, where accounts were placed, what was missed. */
@Injectable()
export class ClassResultsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly handOuts: HandOutsService,
    private readonly checks: ChecksService,
    private readonly keys: KeyVersionsService,
    private readonly times: TimesService,
    private readonly openWorks: OpenWorks,
  ) {}

  /** Of all class groups that have the exercise, or of one of them. */
  async open(me: Me, exerciseId: string, groupId: string | null = null): Promise<ClassResults> {
    const exercise = await this.exercises.rowOf(me, exerciseId, 'assist');
    // Asked first: what is read after nothing was being checked is what came of the checks.
    const checking = await this.checks.progress(exerciseId);
    const today = await this.keys.todays(exercise);
    const all = await this.worksOf(me, exerciseId);
    const students = (await this.studentsOf(me, exerciseId, all)).filter(
      ({ groups }) => groupId === null || groups.includes(groupId),
    );
    const shown = new Set(students.map(({ id }) => id));
    const works = all.filter(({ personId }) => shown.has(personId));
    const byPerson = new Map(works.map((work) => [work.personId, work]));
    const seen = await this.seenOf(me, exerciseId, works);
    const { runs } = seen;
    const rows = students.map((student) => rowOf(student, byPerson.get(student.id) ?? null, seen));
    const latest = [...runs.values()].reduce<Run | null>(
      (a, b) => (a === null || b.version > a.version ? b : a),
      null,
    );
    const key = await this.keys.read(latest?.keyId ?? today.id);
    const overviews = [...runs.values()].map(({ overview }) => overview);
    return {
      ...(await this.about(me, exercise)),
      counts: countsOf(rows),
      columns: columnsOfClass(overviews),
      rows,
      sections: key.book.scheme.sections.map(({ id, name }) => ({ id, name })),
      placements: placementsIn(overviews),
      missed: missedMost(overviews),
      unknownNames: unknownNamesIn(await this.exercises.keyOf(exercise), seenIn(rows, runs)),
      keyVersion: today.version,
      checkedWithToday: works
        .filter(({ state }) => state === 'handed-in')
        .every(({ id }) => (runs.get(id)?.version ?? today.version) === today.version),
      checking,
    };
  }

  /** What is known of works beside themselves. */
  private async seenOf(me: Me, exerciseId: string, works: readonly TryRow[]): Promise<Seen> {
    return {
      runs: await this.runsOf(works),
      held: await this.openWorks.heldByOthers(me),
      timesOf: await this.times.ofExercise(exerciseId),
      earlier: await earlierOf(
        this.db,
        works.map(({ id }) => id),
      ),
    };
  }

  private async about(me: Me, exercise: ExerciseRow) {
    const { id: exerciseId, title } = exercise;
    return {
      ...{ exerciseId, title, shows: givingOf(exercise) },
      may: await this.exercises.mayOf(me, exerciseId),
      groups: await this.groupsOf(me, exerciseId),
    };
  }

  /** The works that somebody sees. */
  private async worksOf(me: Me, exerciseId: string): Promise<TryRow[]> {
    const works = await this.db.select().from(tries).where(eq(tries.exerciseId, exerciseId));
    return this.handOuts.seenOf(me, exerciseId, works);
  }

  private async studentsOf(
    me: Me,
    exerciseId: string,
    works: readonly TryRow[],
  ): Promise<Student[]> {
    const found = await this.db
      .select({ ...STUDENT, group: handOuts.groupId })
      .from(handOuts)
      .innerJoin(members, eq(members.groupId, handOuts.groupId))
      .innerJoin(people, eq(people.id, members.personId))
      .where(and(eq(handOuts.exerciseId, exerciseId), isSeenBy(me)));
    const known = new Map<string, Student>();
    for (const { group, ...student } of found)
      known.set(student.id, {
        ...student,
        groups: [...(known.get(student.id)?.groups ?? []), group],
      });
    const others = works.map((work) => work.personId).filter((id) => !known.has(id));
    const rest = others.length
      ? await this.db.select(STUDENT).from(people).where(inArray(people.id, others))
      : [];
    const collator = new Intl.Collator('en');
    return [...known.values(), ...rest.map((student) => ({ ...student, groups: [] }))].sort(
      (a, b) => collator.compare(a.name, b.name),
    );
  }

  /** The class groups that have an exercise, by name. */
  private async groupsOf(me: Me, exerciseId: string): Promise<ClassResults['groups']> {
    const found = await this.db
      .select({ id: groups.id, name: groupSaid('groups'), at: handOuts.at })
      .from(handOuts)
      .innerJoin(groups, eq(groups.id, handOuts.groupId))
      .where(and(eq(handOuts.exerciseId, exerciseId), isSeenBy(me)))
      .orderBy(asc(groupSaid('groups')));
    return found.map(({ at, ...group }) => ({ ...group, at: at.toISOString() }));
  }

  /** The latest runs by the tries that they are of. */
  private async runsOf(works: readonly TryRow[]): Promise<Map<string, Run>> {
    const byRun = new Map(works.map((work) => [work.checkId ?? '', work]));
    const ids = works.flatMap(({ checkId, state }) =>
      checkId === null || state === 'working' ? [] : [checkId],
    );
    if (ids.length === 0) return new Map();
    const found = await this.db
      .select({ id: checks.id, overview: checks.overview, keyId: keys.id, version: keys.version })
      .from(checks)
      .innerJoin(keys, eq(keys.id, checks.keyId))
      .where(inArray(checks.id, ids));
    const runs = new Map<string, Run>();
    for (const { id, overview: text, keyId, version } of found) {
      const work = byRun.get(id);
      if (!work) continue;
      const overview =
        text === null ? await this.overviewFor(id, work, keyId) : (JSON.parse(text) as Overview);
      runs.set(work.id, { overview, version, keyId });
    }
    return runs;
  }

  /** The overview of a run from before there were overviews; kept from now on. */
  private async overviewFor(runId: string, work: TryRow, keyId: string): Promise<Overview> {
    const [run] = await this.db
      .select({ results: checks.results, pairs: checks.pairs })
      .from(checks)
      .where(eq(checks.id, runId));
    const key = await this.keys.read(keyId);
    const book = await this.books.read(work.bookId);
    const results = JSON.parse(run?.results ?? '[]') as KeptResult[];
    const pairs = JSON.parse(run?.pairs ?? '[]') as KeptPair[];
    const overview = overviewOf(key, book, { results, pairs });
    await this.db
      .update(checks)
      .set({ overview: JSON.stringify(overview) })
      .where(eq(checks.id, runId));
    return overview;
  }
}

function countsOf(rows: readonly ClassRow[]): ClassResults['counts'] {
  const count = (...states: string[]) => rows.filter((row) => states.includes(row.state)).length;
  return {
    inClass: rows.length,
    handedIn: count('handed-in', 'given-back'),
    working: count('working'),
    notStarted: count('not-started'),
  };
}

/** Whether a work that is in has been checked; null while it is being worked on. */
function checkedState(work: TryRow | null): CheckedState | null {
  if (!work || work.state === 'working') return null;
  if (work.checkFault !== null) return 'failed';
  return work.checkId === null ? 'waiting' : 'checked';
}

interface Seen {
  readonly runs: ReadonlyMap<string, Run>;
  /** Who marks a work now, by the work. */
  readonly held: ReadonlyMap<string, string>;
  readonly timesOf: TimesFor;
  earlier(tryId: string): readonly EarlierRow[];
}

function rowOf(student: Student, work: TryRow | null, seen: Seen): ClassRow {
  const { runs, held } = seen;
  const times = seen.timesOf(student.id, work);
  const earlier = seen.earlier(work?.id ?? '');
  const isIn = work !== null && work.state !== 'working';
  return {
    personId: student.id,
    fileName: work?.fileName ?? null,
    tryId: work?.id ?? null,
    bookId: work?.bookId ?? null,
    student: student.name,
    login: student.login,
    number: student.number,
    email: student.email,
    groups: student.groups,
    hasLeft: student.groups.length === 0,
    handedInOn: work?.handedInAt?.toISOString().slice(0, 10) ?? null,
    cameIn: cameIn(work, times),
    state: work?.state ?? 'not-started',
    heldBy: held.get(work?.id ?? '') ?? null,
    checked: checkedState(work),
    checkFault: work?.checkFault ?? null,
    asked: work?.asked ?? 0,
    points: isIn ? work.points : null,
    of: isIn ? work.outOf : null,
    tryNumber: earlier.length + 1,
    counted: work && earlier.length > 0 ? countedOf(work, earlier, { times, told: 'all' }) : null,
    cells: (isIn && runs.get(work.id)?.overview.cells) || {},
  };
}

/** The works that were checked, with whose they are. */
const seenIn = (rows: readonly ClassRow[], runs: ReadonlyMap<string, Run>) =>
  rows.flatMap(({ tryId, student }) => {
    const run = runs.get(tryId ?? '');
    return run && tryId !== null ? [{ tryId, student, overview: run.overview }] : [];
  });

/** How often the accounts of a section of the key were placed in which section. */
function placementsIn(overviews: readonly Overview[]): PlacementCell[] {
  const counts = new Map<string, PlacementCell>();
  for (const [from, to] of overviews.flatMap(({ placements }) => placements)) {
    const before = counts.get(`${from} ${to}`)?.count ?? 0;
    counts.set(`${from} ${to}`, { from, to, count: before + 1 });
  }
  return [...counts.values()];
}

const MOST_MISSED = 6;

/** What was marked down most, each with the share of those who handed in. */
function missedMost(overviews: readonly Overview[]): ClassResults['missed'] {
  const missed = new Map<string, { fault: string; about: string; count: number }>();
  for (const { id, fault, about } of overviews.flatMap((each) => each.missed))
    missed.set(id, { fault, about, count: (missed.get(id)?.count ?? 0) + 1 });
  return [...missed.values()]
    .sort((a, b) => b.count - a.count)
    .slice(0, MOST_MISSED)
    .map(({ count, ...rest }) => ({ ...rest, share: count / Math.max(1, overviews.length) }));
}
