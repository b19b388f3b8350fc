import { Inject, Injectable } from '@nestjs/common';
import type { AlikeShown, Me } from '@gleddo/contract';
import type { Oddity, WorksAlike } from '@gleddo/core';
import { and, eq, inArray } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import type { Database } from '../database/open-database.js';
import { people, tries } from '../database/schema/index.js';
import { HandOutsService } from '../exercises/hand-outs.service.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { DATABASE } from '../http/tokens.js';
import { Threads } from '../threads/threads.js';
import { ChecksService } from './checks.service.js';

type Work = typeof tries.$inferSelect;

/** Of each pair so many likenesses are told by their words. */
const TOLD = 12;
/** So many pairs are told; who finds more has handed out something that all do alike. */
const MOST = 30;
/** So many works are looked at beside each other. */
const AT_ONCE = 4;

/** Works that are so much alike that it is hardly chance: a fact that the instructor is told, no verdict. */
@Injectable()
export class WorksAlikeService {
  /** By the check that a work had last. */
  private readonly odd = new LRUCache<string, readonly Oddity[]>({ max: 3000 });
  private readonly known = new LRUCache<string, Promise<WorksAlike<string>[]>>({ max: 20 });

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly handOuts: HandOutsService,
    private readonly checks: ChecksService,
    private readonly threads: Threads,
  ) {}

  /** Pairs of which somebody sees one at least; the other is named only where they see it, too. */
  async seenBy(me: Me, exercise: ExerciseRow): Promise<AlikeShown[]> {
    const rows = await this.checked(exercise.id);
    const found = await this.among(exercise, rows);
    const sees = await this.handOuts.seesOf(me, exercise.id);
    const shown = (tryId: string) => {
      const row = rows.find(({ work }) => work.id === tryId);
      return row && sees(row.work.personId) ? { tryId, student: row.student } : ELSEWHERE;
    };
    return found
      .map(({ works, same, count, onceIn }) => ({
        works: works.map(shown),
        same: inWordsOf(works.map(shown), same).slice(0, TOLD),
        ...{ count, onceIn: Math.round(onceIn) },
      }))
      .filter(({ works }) => works.some(({ tryId }) => tryId !== null))
      .slice(0, MOST);
  }

  private checked(exerciseId: string) {
    return this.db
      .select({ work: tries, student: people.name })
      .from(tries)
      .innerJoin(people, eq(people.id, tries.personId))
      .where(
        and(eq(tries.exerciseId, exerciseId), inArray(tries.state, ['handed-in', 'given-back'])),
      )
      .then((rows) => rows.filter(({ work }) => work.checkId !== null));
  }

  private async among(
    exercise: ExerciseRow,
    rows: readonly { readonly work: Work }[],
  ): Promise<WorksAlike<string>[]> {
    const about = rows.map(({ work }) => work.checkId).sort();
    const name = [exercise.id, ...about].join();
    const known = this.known.get(name) ?? this.find(exercise, rows);
    this.known.set(name, known);
    known.catch(() => this.known.delete(name));
    return known;
  }

  private async find(exercise: ExerciseRow, rows: readonly { readonly work: Work }[]) {
    const works: { whose: string; oddities: readonly Oddity[] }[] = [];
    for (let i = 0; i < rows.length; i += AT_ONCE)
      works.push(
        ...(await Promise.all(
          rows.slice(i, i + AT_ONCE).map(async ({ work }) => ({
            ...{ whose: work.id, oddities: await this.oddities(exercise, work) },
          })),
        )),
      );
    return this.threads.alike(works);
  }

  private async oddities(exercise: ExerciseRow, work: Work): Promise<readonly Oddity[]> {
    const id = work.checkId ?? '';
    const known = this.odd.get(id);
    if (known) return known;
    const { task } = await this.checks.toCheck({ work, exercise });
    // A work that takes too long is beside none; the others are.
    const found = await this.threads.oddities(task).catch((): Oddity[] => []);
    this.odd.set(id, found);
    return found;
  }
}

/** In the words of a work that is theirs to see who asks. */
const inWordsOf = (
  shown: AlikeShown['works'],
  [one, other]: WorksAlike<string>['same'],
): readonly string[] => (shown[0]?.tryId === null ? other : one);

const ELSEWHERE = { tryId: null, student: 'a student of another class' };
