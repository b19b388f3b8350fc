import { Inject, Injectable } from '@nestjs/common';
import type { Note, PairShown, ShownResult } from '@gleddo/contract';
import { checkById, faultOf, kindOfFault, noteOf, type KeptResult } from '@gleddo/core';
import { asc, eq } from 'drizzle-orm';
import type { Database, Queries } from '../database/open-database.js';
import { checks, keys, notes } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';

export interface ShownRun {
  readonly results: readonly ShownResult[];
  readonly pairs: readonly PairShown[];
  readonly keyId: string;
  readonly keyVersion: number;
  readonly points: number;
  readonly of: number;
  readonly scaledFrom: number | null;
}

/** A kept run with its sentences, made from codes and facts now that it is shown. */
@Injectable()
export class ShownResults {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async run(runId: string): Promise<ShownRun | null> {
    const [run] = await this.db
      .select({ check: checks, keyVersion: keys.version })
      .from(checks)
      .innerJoin(keys, eq(keys.id, checks.keyId))
      .where(eq(checks.id, runId));
    if (!run) return null;
    const { check, keyVersion } = run;
    return {
      results: (JSON.parse(check.results) as KeptResult[]).map(shown),
      pairs: JSON.parse(check.pairs) as PairShown[],
      keyId: check.keyId,
      keyVersion,
      points: check.points,
      of: check.outOf,
      scaledFrom: check.scaledFrom,
    };
  }

  async notesOf(tryId: string, db: Queries = this.db): Promise<Note[]> {
    const rows = await db.select().from(notes).where(eq(notes.tryId, tryId)).orderBy(asc(notes.at));
    return rows.map(({ id, ref, text, points }) => ({ id, ref, text, points }));
  }
}

export function shown({ facts, ...kept }: KeptResult): ShownResult {
  const { check, outcome } = kept;
  return {
    ...kept,
    title: checkById(check)?.title ?? check,
    fault: faultOf({ check, facts }),
    kind: kindOfFault({ check, facts }),
    told: noteOf({ check, facts, outcome }),
  };
}
