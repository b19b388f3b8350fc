import { earnedOf, type KeptResult } from '@gleddo/core';
import { and, eq } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { hints, notes } from '../database/schema/index.js';

/** Whether a note charges for a piece of help. */
export const isOfHint = (ref: string | null): boolean => ref?.startsWith(hintRef('')) ?? false;

/** How a note names the piece of help that it charges for. */
export const hintRef = (id: string): string => `hint:${id}`;

interface Checked {
  readonly results: readonly KeptResult[];
  readonly of: number;
  readonly scaledFrom: number | null;
}

/** What was told as an answer earns nothing: the notes that say so take what a check gave for it. */
export async function chargeAnswers(
  db: Queries,
  { id: tryId, bookId }: { readonly id: string; readonly bookId: string },
  { results, of, scaledFrom }: Checked,
): Promise<void> {
  const told = await db
    .select()
    .from(hints)
    .where(and(eq(hints.bookId, bookId), eq(hints.piece, 'answer')));
  for (const { id, kind, about } of told) {
    const earned = earnedOf(results, { kind, id: about });
    const points = -Math.round((earned * of) / (scaledFrom ?? of));
    await db
      .update(notes)
      .set({ points: points === 0 ? 0 : points })
      .where(and(eq(notes.tryId, tryId), eq(notes.ref, hintRef(id))));
  }
}
