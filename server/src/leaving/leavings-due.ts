import { Inject, Injectable } from '@nestjs/common';
import { and, eq, lte } from 'drizzle-orm';
import type { Logger } from 'pino';
import { AuditService } from '../audit/audit.service.js';
import { BookAccess } from '../books/book-access.js';
import type { Database, Queries } from '../database/open-database.js';
import { leavings, people } from '../database/schema/index.js';
import { DATABASE, LOG } from '../http/tokens.js';
import { SessionsService } from '../people/sessions.service.js';
import {
  removeExercises,
  removeGroups,
  removeInstructor,
  removeLooseBooks,
  removeStudents,
} from './removing.js';
import { groupsOf, onlyIn } from './what-hangs.js';

const LOOK_EVERY = 60_000;

type Row = typeof leavings.$inferSelect;

/** Deletes what is due, each in one step; of several servers one does it. */
@Injectable()
export class LeavingsDue {
  private timer: NodeJS.Timeout | null = null;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(LOG) private readonly log: Logger,
    private readonly sessions: SessionsService,
    private readonly access: BookAccess,
    private readonly audit: AuditService,
  ) {}

  start(): void {
    this.timer = setInterval(() => void this.look(), LOOK_EVERY).unref();
    void this.look();
  }

  stop(): void {
    if (this.timer) clearInterval(this.timer);
  }

  /** What can’t be done is tried again; the others are done. */
  async look(): Promise<void> {
    const due = await this.tried(() =>
      this.db.select().from(leavings).where(lte(leavings.dueAt, new Date())),
    );
    for (const row of due ?? []) await this.tried(() => this.carryOut(row));
  }

  private async tried<T>(work: () => Promise<T>): Promise<T | null> {
    try {
      return await work();
    } catch (error) {
      this.log.error({ err: error }, 'what is due to be deleted could not be; it is tried again');
      return null;
    }
  }

  private async carryOut(row: Row): Promise<void> {
    for (const id of await this.whoLeaves(row)) await this.sessions.endAll(id);
    const isDone = await this.db.transaction(async (tx) => {
      const mine = await tx
        .delete(leavings)
        .where(
          and(
            eq(leavings.kind, row.kind),
            eq(leavings.aboutId, row.aboutId),
            lte(leavings.dueAt, new Date()),
          ),
        )
        .returning();
      if (mine.length === 0) return false;
      await this.remove(tx, row);
      await removeLooseBooks(tx);
      await this.audit.write('deleted', row.byId, { aboutId: row.aboutId, db: tx });
      return true;
    });
    if (isDone) this.access.forget();
  }

  /** Whose sessions end. */
  private async whoLeaves({ kind, aboutId, heirId }: Row): Promise<string[]> {
    if (kind === 'exercise') return [];
    if (kind === 'group') return onlyIn(this.db, [aboutId]);
    const along = heirId === null ? await onlyIn(this.db, await groupsOf(this.db, aboutId)) : [];
    return [aboutId, ...along];
  }

  private async remove(tx: Queries, { kind, aboutId, fate, heirId }: Row): Promise<void> {
    if (kind === 'exercise') return removeExercises(tx, [aboutId]);
    if (kind === 'group') return removeGroups(tx, [aboutId], fate);
    const [person] = await tx.select().from(people).where(eq(people.id, aboutId));
    if (person?.role === 'instructor') return removeInstructor(tx, { id: aboutId, heirId, fate });
    return removeStudents(tx, [aboutId], fate);
  }
}
