import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import type { KeptResult } from '@gleddo/core';
import { and, eq, inArray, isNotNull } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import type { Database } from '../database/open-database.js';
import { checks, exercises, tries } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';
import { seesTry } from '../reach/reach.js';

/** Which works that were given back have a note at the same place: of whom the same could be asked. */
@Injectable()
export class SameNotes {
  /** The notes of a run, which never change. */
  private readonly notes = new LRUCache<string, ReadonlySet<string>>({ max: 2000 });

  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** The works by the place of the note, for each of these places. */
  async at(me: Me, exerciseId: string, refs: readonly string[]): Promise<Map<string, string[]>> {
    if (refs.length === 0) return new Map();
    const works = await this.db
      .select({ tryId: tries.id, checkId: tries.checkId })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(
        and(
          seesTry(me.id),
          eq(tries.exerciseId, exerciseId),
          eq(tries.state, 'given-back'),
          isNotNull(tries.checkId),
        ),
      );
    await this.read(works.flatMap(({ checkId }) => checkId ?? []));
    const has = (checkId: string | null, ref: string) => this.notes.get(checkId ?? '')?.has(ref);
    return new Map(
      refs.map((ref) => [
        ref,
        works.flatMap(({ tryId, checkId }) => (has(checkId, ref) ? [tryId] : [])),
      ]),
    );
  }

  private async read(checkIds: readonly string[]): Promise<void> {
    const unread = checkIds.filter((id) => !this.notes.has(id));
    if (unread.length === 0) return;
    const rows = await this.db
      .select({ id: checks.id, results: checks.results })
      .from(checks)
      .where(inArray(checks.id, unread));
    for (const { id, results } of rows) {
      const all = JSON.parse(results) as KeptResult[];
      this.notes.set(
        id,
        new Set(all.filter(({ outcome }) => outcome === 'not-met').map(({ ref }) => ref)),
      );
    }
  }
}
