import type { KeptResult } from '@gleddo/core';
import { and, eq } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { checks, tries } from '../database/schema/index.js';

/** Which works that were given back have a note at each of these places: of whom the same could be asked. */
export async function sameNotes(
  db: Queries,
  exerciseId: string,
  refs: readonly string[],
): Promise<Map<string, string[]>> {
  const found = new Map<string, string[]>();
  if (refs.length === 0) return found;
  const wanted = new Set(refs);
  const rows = await db
    .select({ tryId: tries.id, results: checks.results })
    .from(tries)
    .innerJoin(checks, eq(checks.id, tries.checkId))
    .where(and(eq(tries.exerciseId, exerciseId), eq(tries.state, 'given-back')));
  for (const { tryId, results } of rows)
    for (const { ref, outcome } of JSON.parse(results) as KeptResult[])
      if (outcome === 'not-met' && wanted.has(ref))
        found.set(ref, [...(found.get(ref) ?? []), tryId]);
  return found;
}
