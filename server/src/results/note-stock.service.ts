import { Inject, Injectable } from '@nestjs/common';
import type { Me, NewStockNoteRequest, StockNote } from '@gleddo/contract';
import { isVisible } from '@gleddo/core';
import { and, asc, count, eq, or, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Database } from '../database/open-database.js';
import { people, shares, stockNotes } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';

const MOST = 200;

/** The notes that an instructor writes often, kept to be taken again. */
@Injectable()
export class NoteStockService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** One’s own, then those of colleagues who share their stock. */
  async list(me: Me): Promise<StockNote[]> {
    const { id, text, points, ownerId } = stockNotes;
    const isShared = sql`exists (select 1 from ${shares} where ${shares.stockOfId} = ${ownerId}
      and ${shares.personId} = ${me.id})`;
    const isTheirs = sql<boolean>`${ownerId} <> ${me.id}`;
    const rows = await this.db
      .select({ id, text, points, by: { id: people.id, name: people.name }, isTheirs })
      .from(stockNotes)
      .innerJoin(people, eq(people.id, ownerId))
      .where(or(eq(ownerId, me.id), isShared))
      .orderBy(isTheirs, asc(text), asc(id));
    return rows.map(({ by, isTheirs: isOthers, ...note }) => ({
      ...note,
      by: isOthers ? by : null,
    }));
  }

  /** Keeps a note; one with the same words takes the points of the new one. */
  async add(me: Me, { text, points }: NewStockNoteRequest): Promise<StockNote[]> {
    if (!isVisible(text)) throw refuse('note.empty', 'Write the note first.', 'text');
    const words = text.trim();
    const mine = eq(stockNotes.ownerId, me.id);
    await this.db.transaction(async (tx) => {
      // One after the other: the same words sent twice at once are one note.
      await tx.select({ id: people.id }).from(people).where(eq(people.id, me.id)).for('update');
      await tx.delete(stockNotes).where(and(mine, eq(stockNotes.text, words)));
      const [kept] = await tx.select({ of: count() }).from(stockNotes).where(mine);
      if ((kept?.of ?? 0) >= MOST)
        throw refuse(
          'stock.full',
          `Your stock holds ${MOST} notes, as many as it can. Take one out that you no longer write.`,
        );
      await tx.insert(stockNotes).values({ id: nanoid(), ownerId: me.id, text: words, points });
    });
    return this.list(me);
  }

  async remove(me: Me, id: string): Promise<StockNote[]> {
    await this.db
      .delete(stockNotes)
      .where(and(eq(stockNotes.ownerId, me.id), eq(stockNotes.id, id)));
    return this.list(me);
  }
}
