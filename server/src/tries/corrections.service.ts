import { Inject, Injectable } from '@nestjs/common';
import type { Me, CorrectedCheck, MyTryDetail } from '@gleddo/contract';
import { eq } from 'drizzle-orm';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { books, corrections } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { ChecksService } from '../results/checks.service.js';
import { asShown, tellsKey } from '../kept/giving.js';
import { shown } from '../results/shown-results.js';
import { copyAnswers } from '../books/answers.js';
import { TriesService } from './tries.service.js';

/** A student puts a work that was given back right, in a copy. Nothing of it is marked, listed or counted. */
@Injectable()
export class CorrectionsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly tries: TriesService,
    private readonly checks: ChecksService,
  ) {}

  /** Begins the copy from the work as it was handed in; begun already, it is simply opened. */
  async begin(me: Me, exerciseId: string): Promise<MyTryDetail> {
    const { work } = await this.correctable(me, exerciseId);
    const before = await this.books.newest(work.bookId);
    await this.db.transaction(async (tx) => {
      const bookId = await this.books.copy(before, 'try', tx);
      const [begun] = await tx
        .insert(corrections)
        .values({ tryId: work.id, bookId })
        .onConflictDoNothing()
        .returning({ id: corrections.tryId });
      if (!begun) await tx.delete(books).where(eq(books.id, bookId));
      else await copyAnswers(tx, work.bookId, bookId);
    });
    return this.tries.open(me, exerciseId);
  }

  /** Checks the copy as it stands, with the key that the work was marked with. */
  async check(me: Me, exerciseId: string): Promise<CorrectedCheck> {
    const { work, shows } = await this.correctable(me, exerciseId);
    const [correction] = await this.db
      .select()
      .from(corrections)
      .where(eq(corrections.tryId, work.id));
    if (!correction || work.checkId === null)
      throw refuse(
        'correction.not-begun',
        'You have not begun to put this work right. Begin it first.',
      );
    const { text } = await this.books.at(correction.bookId);
    const { points, of, results, pairs } = await this.checks.asMarked(work.checkId, text, {
      ...{ exerciseId, personId: me.id, bookId: correction.bookId, begunAs: work.bookId },
    });
    const described = asShown(shows, results.map(shown));
    const marks = { points: shows.marks ? points : null, of: shows.marks ? of : null };
    if (tellsKey(shows)) return { ...marks, results: described, pairs };
    const redaction = await this.tries.redactionOf(work);
    return {
      ...marks,
      results: described.map((each) => redaction.result(each)),
      pairs: pairs.map((each) => redaction.pair(each)),
    };
  }

  private async correctable(me: Me, exerciseId: string) {
    const { work } = await this.tries.find(me, exerciseId);
    const shows = work?.state === 'given-back' ? await this.tries.showsOf(work) : null;
    if (!work || !shows?.copy)
      throw refuse(
        'correction.not-allowed',
        'This work can’t be put right in a copy: it has not been given back, it came as a list of balances, or your instructor did not allow it.',
      );
    return { work, shows };
  }
}
