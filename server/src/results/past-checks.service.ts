import { Inject, Injectable } from '@nestjs/common';
import type { Me, PastCheck } from '@gleddo/contract';
import type { KeptResult } from '@gleddo/core';
import { and, desc, eq, gte } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { checks, keys } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';
import { MarkingService } from './marking.service.js';
import { shown } from './shown-results.js';

/** The checks that a work has had, one beside the other: with an older key, or before it was handed in anew. */
@Injectable()
export class PastChecksService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly marking: MarkingService,
  ) {}

  /** The newest first. */
  async of(me: Me, tryId: string): Promise<PastCheck[]> {
    const { work } = await this.marking.find(me, tryId, 'assist');
    const runs = await this.db
      .select({ check: checks, keyVersion: keys.version })
      .from(checks)
      .innerJoin(keys, eq(keys.id, checks.keyId))
      .where(and(eq(checks.tryId, tryId), gte(checks.at, work.startedAt)))
      .orderBy(desc(checks.at))
      .limit(MOST);
    return withoutRepeats(runs.reverse())
      .map(({ check, keyVersion }, i, all): PastCheck => {
        const before = all[i - 1]?.check;
        return {
          at: check.at.toISOString(),
          keyVersion,
          points: check.points,
          of: check.outOf,
          isOtherWork: before !== undefined && before.bookRevision !== check.bookRevision,
          changes: before ? changesBetween(read(before.results), read(check.results)) : [],
        };
      })
      .reverse();
  }
}

/** How many checks are looked at, the newest: each holds all its results. */
const MOST = 20;

interface Run {
  readonly check: typeof checks.$inferSelect;
  readonly keyVersion: number;
}

/** A check of the same work with the same key says nothing new. */
const withoutRepeats = (runs: readonly Run[]): Run[] =>
  runs.filter(({ check }, i) => {
    const before = runs[i - 1]?.check;
    return before?.keyId !== check.keyId || before.bookRevision !== check.bookRevision;
  });

const read = (results: string) => JSON.parse(results) as KeptResult[];

/** Results that earn another share of their points than before, those that got worse first. */
function changesBetween(before: KeptResult[], after: KeptResult[]): PastCheck['changes'] {
  const old = new Map(before.map((result) => [result.ref, result]));
  const changed = after.flatMap((result) => {
    const was = old.get(result.ref);
    if (!was || share(was) === share(result)) return [];
    const { title, subject, ref, told } = shown(result);
    return [{ title, subject, ref, told, isBetter: share(result) > share(was) }];
  });
  return changed.sort((a, b) => Number(a.isBetter) - Number(b.isBetter));
}

const share = ({ points, of }: KeptResult): number => (of === 0 ? 0 : points / of);
