import { Inject, Injectable } from '@nestjs/common';
import type { ClassResults, ClassRow, Me, PlacementCell } from '@gleddo/contract';
import {
  accountOf,
  columnOf,
  faultOf,
  readKey,
  sectionIdOf,
  worst,
  type AnswerKey,
  type CheckResult,
  type Outcome,
} from '@gleddo/core';
import { eq, inArray } from 'drizzle-orm';
import { BooksService } from '../books/books.service.js';
import type { Database } from '../database/open-database.js';
import { checkResults, checks, keys, members, people, tries } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { DATABASE } from '../http/tokens.js';
import { CheckingService, type TryRow } from './checking.service.js';
import { columnsFor } from './class-columns.js';
import { knownSubjects } from './known-subjects.js';

type ResultRow = typeof checkResults.$inferSelect;

interface Pairs {
  readonly keys: readonly string[];
  readonly works: readonly string[];
}

/** What the whole class did: every student and every check, where accounts were placed, what was missed. */
@Injectable()
export class ClassResultsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: BooksService,
    private readonly exercises: ExercisesService,
    private readonly checking: CheckingService,
  ) {}

  async open(me: Me, exerciseId: string): Promise<ClassResults> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const today = await this.checking.todaysKey(exercise);
    const works = await this.db.select().from(tries).where(eq(tries.exerciseId, exerciseId));
    const students = await this.studentsOf(exercise.groupId, works);
    const byPerson = new Map(works.map((work) => [work.personId, work]));
    const { results, runs } = await this.runsOf(works);
    const key = runs.key ?? today.key;
    const columns = columnsFor(key, [...results.values()].flat());
    const rows = students.map((student) =>
      rowOf(student, byPerson.get(student.id) ?? null, results, key),
    );
    const count = (...states: string[]) => rows.filter((row) => states.includes(row.state)).length;
    return {
      exerciseId,
      title: exercise.title,
      counts: {
        inClass: rows.length,
        handedIn: count('handed-in', 'given-back'),
        working: count('working'),
        notStarted: count('not-started'),
      },
      columns,
      rows,
      sections: key.book.scheme.sections.map(({ id, name }) => ({ id, name })),
      placements: await this.placements(works, runs.pairs, key),
      missed: missedOf(results, key),
      keyVersion: today.version,
      checkedWithToday: runs.versions.every((version) => version === today.version),
    };
  }

  private async studentsOf(groupId: string | null, works: readonly TryRow[]) {
    const inGroup = groupId
      ? await this.db
          .select({ id: people.id, name: people.name, login: people.login })
          .from(members)
          .innerJoin(people, eq(people.id, members.personId))
          .where(eq(members.groupId, groupId))
      : [];
    const known = new Set(inGroup.map((student) => student.id));
    const others = works.map((work) => work.personId).filter((id) => !known.has(id));
    const rest = others.length
      ? await this.db
          .select({ id: people.id, name: people.name, login: people.login })
          .from(people)
          .where(inArray(people.id, others))
      : [];
    const collator = new Intl.Collator('en');
    return [...inGroup, ...rest].sort((a, b) => collator.compare(a.name, b.name));
  }

  private async runsOf(works: readonly TryRow[]) {
    const ids = works.flatMap((work) => (work.checkId === null ? [] : [work.checkId]));
    const results = new Map<string, ResultRow[]>();
    const pairs = new Map<string, Pairs[]>();
    if (ids.length === 0) return { results, runs: { pairs, versions: [], key: null } };
    const rows = await this.db.select().from(checkResults).where(inArray(checkResults.runId, ids));
    for (const row of rows) results.set(row.runId, [...(results.get(row.runId) ?? []), row]);
    const found = await this.db
      .select({ id: checks.id, pairs: checks.pairs, version: keys.version, keyId: keys.id })
      .from(checks)
      .innerJoin(keys, eq(keys.id, checks.keyId))
      .where(inArray(checks.id, ids));
    for (const run of found) pairs.set(run.id, JSON.parse(run.pairs) as Pairs[]);
    const versions = found.map((run) => run.version);
    const latest = found.reduce((a, b) => (b.version > a.version ? b : a));
    const [row] = await this.db.select().from(keys).where(eq(keys.id, latest.keyId));
    const key = row ? readKey(row.content) : null;
    return { results, runs: { pairs, versions, key: key?.ok ? key.value : null } };
  }

  /** How often the accounts of a section of the key were placed in which section. */
  private async placements(
    works: readonly TryRow[],
    pairs: ReadonlyMap<string, readonly Pairs[]>,
    key: AnswerKey,
  ): Promise<PlacementCell[]> {
    const counts = new Map<string, PlacementCell>();
    for (const work of works) {
      const found = work.checkId === null ? [] : (pairs.get(work.checkId) ?? []);
      if (found.length === 0) continue;
      const { book } = await this.books.read(work.bookId);
      for (const pair of found) {
        const right = accountOf(key.book, pair.keys[0] ?? null);
        const placed = accountOf(book, pair.works[0] ?? null);
        if (!right || !placed) continue;
        const from = sectionIdOf(key.book, right);
        const to = sectionIdOf(book, placed);
        const before = counts.get(`${from} ${to}`)?.count ?? 0;
        counts.set(`${from} ${to}`, { from, to, count: before + 1 });
      }
    }
    return [...counts.values()];
  }
}

function rowOf(
  student: { readonly name: string; readonly login: string },
  work: TryRow | null,
  results: ReadonlyMap<string, readonly ResultRow[]>,
  key: AnswerKey,
): ClassRow {
  const known = knownSubjects(key);
  const byColumn = new Map<string, Outcome[]>();
  const isIn = work !== null && work.state !== 'working';
  for (const row of isIn ? (results.get(work.checkId ?? '') ?? []) : []) {
    const subject = { kind: row.subjectKind, id: row.subjectId };
    const { id } = columnOf({ ...row, of: row.outOf, subject }, known);
    byColumn.set(id, [...(byColumn.get(id) ?? []), row.outcome]);
  }
  return {
    tryId: work?.id ?? null,
    student: student.name,
    login: student.login,
    handedInOn: work?.handedInAt?.toISOString().slice(0, 10) ?? null,
    state: work?.state ?? 'not-started',
    points: isIn ? work.points : null,
    of: isIn ? work.outOf : null,
    cells: Object.fromEntries([...byColumn].map(([id, outcomes]) => [id, worst(outcomes)])),
  };
}

const MOST_MISSED = 6;

/** What was marked down most, each with the share of those who handed in. */
function missedOf(
  results: ReadonlyMap<string, readonly ResultRow[]>,
  key: AnswerKey,
): ClassResults['missed'] {
  const missed = new Map<string, { row: ResultRow; count: number }>();
  for (const row of [...results.values()].flat()) {
    if (row.outcome !== 'not-met') continue;
    const id = `${row.check}:${row.subjectId}`;
    const before = missed.get(id);
    missed.set(id, { row, count: (before?.count ?? 0) + 1 });
  }
  return [...missed.values()]
    .sort((a, b) => b.count - a.count)
    .slice(0, MOST_MISSED)
    .map(({ row, count }) => ({
      fault: faultOf({
        check: row.check,
        facts: (JSON.parse(row.content) as Pick<CheckResult, 'facts'>).facts,
      }),
      about: subjectName(key, row),
      share: count / Math.max(1, results.size),
    }));
}

function subjectName(key: AnswerKey, { subjectKind, subjectId }: ResultRow): string {
  if (subjectKind === 'entry')
    return key.book.entries.find((each) => each.id === subjectId)?.text ?? '';
  return accountOf(key.book, subjectId)?.name ?? '';
}
