import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { isClosed } from '@gleddo/core';
import { and, eq, ne } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import { BookAccess } from '../books/book-access.js';
import type { Database, Queries } from '../database/open-database.js';
import { books, tries } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { TimesService } from '../times/times.service.js';
import { AT_WORK, forgetHandedIn } from './at-work-again.js';
import type { TryRow } from './checks.service.js';
import { MarkingService } from './marking.service.js';

/** Letting a student go on with a work that was handed in, or given back. */
@Injectable()
export class OpeningAgainService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly marking: MarkingService,
    private readonly access: BookAccess,
    private readonly audit: AuditService,
    private readonly times: TimesService,
  ) {}

  /**
   * In one step: the marks are put aside (the checks so far stay, and the notes), and what was begun before a file was
   * handed in is the work again.
   */
  async open(me: Me, tryId: string): Promise<void> {
    const { work, student } = await this.marking.find(me, tryId);
    const times = (await this.times.ofExercise(work.exerciseId))(work.personId, work);
    const closedAt = isClosed(times, Date.now()) ? new Date() : null;
    await this.db.transaction(async (tx) => {
      const [open] = await tx
        .update(tries)
        .set({ ...AT_WORK, ...workOf(work), closedAt })
        .where(and(eq(tries.id, tryId), ne(tries.state, 'working'), eq(tries.bookId, work.bookId)))
        .returning({ id: tries.id });
      if (!open)
        throw refuse('try.open', `${student} is working on it already. Look at the class again.`);
      await forget(tx, work);
      await this.audit.write('work-opened-again', me.id, { aboutId: tryId, db: tx });
    });
    this.access.forget();
  }
}

/** The book to go on with, and what was paired by hand in it: nothing in one that was not handed in. */
const workOf = ({ bookId, begunBookId, handPairs }: TryRow) =>
  begunBookId === null ? { bookId, handPairs } : { bookId: begunBookId, handPairs: '[]' };

/** What hung on it as it was handed in; the file that it came as, where something was begun before. */
async function forget(db: Queries, work: TryRow): Promise<void> {
  await forgetHandedIn(db, work);
  if (work.begunBookId !== null) await db.delete(books).where(eq(books.id, work.bookId));
}
