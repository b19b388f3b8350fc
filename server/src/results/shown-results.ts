import { Inject, Injectable } from '@nestjs/common';
import type { Note, PairShown, ShownResult } from '@gleddo/contract';
import { checkById, faultOf, sentenceOf, type CheckResult } from '@gleddo/core';
import { asc, eq } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { checkResults, checks, keys, notes } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';

type Row = typeof checkResults.$inferSelect;
type Content = Pick<CheckResult, 'ref' | 'facts' | 'from'> &
  Pick<ShownResult, 'difference' | 'causes' | 'date'>;

export interface ShownRun {
  readonly results: readonly ShownResult[];
  readonly pairs: readonly PairShown[];
  readonly keyVersion: number;
  readonly keyContent: string;
  readonly points: number;
  readonly of: number;
}

/** A kept run with its sentences, made from codes and facts now that it is shown. */
@Injectable()
export class ShownResults {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async run(runId: string): Promise<ShownRun | null> {
    const [run] = await this.db
      .select()
      .from(checks)
      .innerJoin(keys, eq(keys.id, checks.keyId))
      .where(eq(checks.id, runId));
    if (!run) return null;
    const rows = await this.db
      .select()
      .from(checkResults)
      .where(eq(checkResults.runId, runId))
      .orderBy(asc(checkResults.position));
    return {
      results: rows.map(shown),
      pairs: JSON.parse(run.checks.pairs) as PairShown[],
      keyVersion: run.keys.version,
      keyContent: run.keys.content,
      points: run.checks.points,
      of: run.checks.outOf,
    };
  }

  async notesOf(tryId: string): Promise<Note[]> {
    const rows = await this.db
      .select()
      .from(notes)
      .where(eq(notes.tryId, tryId))
      .orderBy(asc(notes.at));
    return rows.map(({ id, ref, text, points }) => ({ id, ref, text, points }));
  }
}

export function shown(row: Row): ShownResult {
  const { ref, facts, from, difference, causes, date } = JSON.parse(row.content) as Content;
  const { check, outcome, points } = row;
  return {
    check,
    title: checkById(check)?.title ?? check,
    fault: faultOf({ check, facts }),
    ref,
    subject: { kind: row.subjectKind as ShownResult['subject']['kind'], id: row.subjectId },
    outcome,
    from,
    points,
    of: row.outOf,
    says: sentenceOf({ check, facts, outcome }),
    difference,
    causes,
    date,
  };
}
