import { Inject, Injectable } from '@nestjs/common';
import type { Help, Me } from '@gleddo/contract';
import { AUTHOR, type Rules } from '@gleddo/core';
import { eq, or } from 'drizzle-orm';
import type { Database, Queries } from '../database/open-database.js';
import { companies, exercises, rehearsals, tries } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';

export interface Rights {
  readonly mayChange: boolean;
  /** Why it may not be changed, when it may not. */
  readonly why: string;
  readonly rules: Rules;
  readonly help: Help;
  /** The starting point that the book is compared with; null for a company. */
  readonly startBookId: string | null;
}

const ALL_HELP: Help = { types: true, totals: true, bands: true, asksSides: false };

const OWN: Rights = { mayChange: true, why: '', rules: AUTHOR, help: ALL_HELP, startBookId: null };

const HANDED_IN =
  'This work has been handed in, so it stays as it is. Ask your instructor if something must be changed.';

/** Who may see and change which book. What is not named here is nobody's. */
@Injectable()
export class BookAccess {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** The rights of a person on a book; somebody else's book is not found. */
  async rightsOf(bookId: string, me: Me): Promise<Rights> {
    const rights =
      me.role === 'instructor' ? await this.instructor(bookId, me) : await this.student(bookId, me);
    if (!rights) throw notFound('This book');
    return rights;
  }

  /** Refuses when a try has been handed in meanwhile; it can't be, until the transaction has ended. */
  async holdOpen(bookId: string, db: Queries): Promise<void> {
    const [work] = await db
      .select({ state: tries.state })
      .from(tries)
      .where(eq(tries.bookId, bookId))
      .for('share');
    if (work && work.state !== 'working') throw refuse('book.fixed', HANDED_IN);
  }

  private async instructor(bookId: string, me: Me): Promise<Rights | null> {
    const [company] = await this.db.select().from(companies).where(eq(companies.bookId, bookId));
    if (company) return company.ownerId === me.id ? OWN : null;
    const [exercise] = await this.db
      .select()
      .from(exercises)
      .where(or(eq(exercises.startBookId, bookId), eq(exercises.keyBookId, bookId)));
    if (exercise) {
      const isKey = exercise.keyBookId === bookId;
      const startBookId = isKey ? exercise.startBookId : null;
      return exercise.ownerId === me.id ? { ...OWN, startBookId } : null;
    }
    const rehearsed = await this.rehearsal(bookId);
    if (rehearsed) return rehearsed.ownerId === me.id ? asStudent(rehearsed, true) : null;
    const [work] = await this.db
      .select({ ownerId: exercises.ownerId, startBookId: exercises.startBookId })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(eq(tries.bookId, bookId));
    if (work?.ownerId !== me.id) return null;
    return {
      mayChange: false,
      why: 'This is a student’s work; only they change it.',
      rules: AUTHOR,
      help: ALL_HELP,
      startBookId: work.startBookId,
    };
  }

  private async student(bookId: string, me: Me): Promise<Rights | null> {
    const [work] = await this.db
      .select({ personId: tries.personId, state: tries.state, ...RULES_OF_TRY })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(eq(tries.bookId, bookId));
    if (work?.personId !== me.id) return null;
    const rights = asStudent(work, work.state === 'working');
    return work.state === 'given-back' ? { ...rights, help: ALL_HELP } : rights;
  }

  private async rehearsal(bookId: string) {
    const [row] = await this.db
      .select({ ownerId: exercises.ownerId, ...RULES_OF_TRY })
      .from(rehearsals)
      .innerJoin(exercises, eq(exercises.id, rehearsals.exerciseId))
      .where(eq(rehearsals.bookId, bookId));
    return row;
  }
}

const RULES_OF_TRY = {
  entriesMayChange: exercises.entriesMayChange,
  startBookId: exercises.startBookId,
  types: exercises.helpTypes,
  totals: exercises.helpTotals,
  bands: exercises.helpBands,
  keyRules: exercises.keyRules,
};

type RulesOfTry = Pick<
  typeof exercises.$inferSelect,
  'entriesMayChange' | 'startBookId' | 'keyRules'
> &
  Pick<Help, 'types' | 'totals' | 'bands'>;

/** What a student may, and is helped with, by the rules of the exercise. */
function asStudent(exercise: RulesOfTry, mayChange: boolean): Rights {
  const { entriesMayChange, startBookId, types, totals, bands } = exercise;
  const asksSides = pointsIn(exercise.keyRules, 'account.normal-side') > 0;
  const rules: Rules = { by: 'student', entriesMayChange };
  const help = { types, totals, bands, asksSides };
  return { mayChange, why: HANDED_IN, rules, help, startBookId };
}

/** The points that the rules of a key put on a check; 0 when they say nothing of it. */
function pointsIn(keyRules: string, check: string): number {
  const { points = {} } = JSON.parse(keyRules) as { points?: Record<string, number> };
  return points[check] ?? 0;
}
