import { Inject, Injectable } from '@nestjs/common';
import type { GuideAnswer, HintRequest, Me } from '@gleddo/contract';
import { hintsFor, type Hint, type HintPiece } from '@gleddo/core';
import { eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { answersBeside } from '../books/answers.js';
import { KeptBooks } from '../books/kept-books.js';
import { Turns } from '../books/turns.js';
import type { Database } from '../database/open-database.js';
import { hints, notes, tries } from '../database/schema/index.js';
import { refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { hintRef } from '../results/hint-charges.js';
import { guideOf } from '../threads/guiding.js';
import { Threads } from '../threads/threads.js';
import { GuidesService, hintsUpTo, type Going } from './guides.service.js';

interface Asked extends Pick<HintRequest, 'step' | 'answer'> {
  /** What was told before. */
  readonly before: readonly (typeof hints.$inferSelect)[];
}

/** Help at a step that comes piece by piece, counted. */
@Injectable()
export class HintsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly guides: GuidesService,
    private readonly books: KeptBooks,
    private readonly threads: Threads,
    private readonly turns: Turns,
  ) {}

  async ask(me: Me, bookId: string, asked: HintRequest): Promise<GuideAnswer> {
    await this.turns.take(bookId, async () => {
      const going = await this.guides.going(me, bookId);
      if (!going.rights.mayChange) throw refuse('book.fixed', going.rights.why);
      const before = await this.db.select().from(hints).where(eq(hints.bookId, bookId));
      // Another page, or the same request before, was told more.
      if (before.length !== asked.told) return;
      const hint = await this.next(bookId, going, { ...asked, before });
      await this.tell(bookId, going, { ...hint, step: asked.step });
    });
    return this.guides.open(me, bookId);
  }

  private async next(bookId: string, going: Going, { step, answer, before }: Asked): Promise<Hint> {
    const upTo = hintsUpTo(going);
    if (upTo === null) throw noHints();
    const pieces = hintsFor(upTo, answer);
    const taken = before.map(({ kind, about, piece }) => ({ about: { kind, id: about }, piece }));
    const found = await this.threads.hint(
      {
        ...{ key: await this.guides.keyOf(going), guide: going.exercise.guide },
        ...{ work: (await this.books.at(bookId)).text },
        ...{ answers: await answersBeside(this.db, bookId), soFar: { step, pieces, taken } },
      },
      bookId,
    );
    if (!found.ok) throw refusedBy(found.refusals);
    if (found.value === null) throw nothingLeft();
    return found.value;
  }

  /** Keeps what was told, and what it costs as a note that the instructor can take away, in one step. */
  private async tell(
    bookId: string,
    { exercise, costs }: Going,
    { about, piece, says, step }: Hint & { readonly step: string },
  ): Promise<void> {
    const row = { id: nanoid(), bookId, step, kind: about.kind, about: about.id, piece, says };
    const cost = piece === 'answer' ? 0 : exercise.hintCost;
    await this.db.transaction(async (tx) => {
      const [told] = await tx.insert(hints).values(row).onConflictDoNothing().returning();
      if (!told || !costs || (cost === 0 && piece !== 'answer')) return;
      const [work] = await tx.select().from(tries).where(eq(tries.bookId, bookId));
      if (!work) return;
      const title = (guideOf(exercise.guide).steps ?? []).find(({ id }) => id === step)?.title;
      await tx.insert(notes).values({
        ...{ id: nanoid(), tryId: work.id, byId: exercise.ownerId, ref: hintRef(row.id) },
        ...{ points: -cost, text: noteOf(piece, title ?? '') },
      });
    });
  }
}

const noteOf = (piece: HintPiece, step: string): string =>
  piece === 'answer'
    ? `Was told what belongs there at “${step}”: it earns nothing.`
    : `A hint at “${step}”.`;

const noHints = () =>
  refuse(
    'hint.none-here',
    'No hints are given here. Go through the brief and the papers once more, or ask your instructor.',
  );

const nothingLeft = () =>
  refuse(
    'hint.none-left',
    'There is no further hint for this step: all that it asks for stands, or all that is told of it was told.',
  );
