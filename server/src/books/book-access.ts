import { Inject, Injectable } from '@nestjs/common';
import { mayAtLeast, type BookUse, type Help, type May, type Me } from '@gleddo/contract';
import { AUTHOR, type Rules } from '@gleddo/core';
import { eq, or, sql } from 'drizzle-orm';
import { alias } from 'drizzle-orm/pg-core';
import { LRUCache } from 'lru-cache';
import type { Database, Engine } from '../database/open-database.js';
import {
  books,
  companies,
  earlierTries,
  exercises,
  corrections,
  practices,
  trialRuns,
  tries,
} from '../database/schema/index.js';
import { drawsFigures, keyRulesIn } from '../kept/kept-rules.js';
import { notFound } from '../http/problem.js';
import { shownOf } from '../kept/giving.js';
import { DATABASE, ENGINE } from '../http/tokens.js';
import { mayOnCompany, mayOnExercise, seesTry } from '../reach/reach.js';

export interface Rights {
  readonly revision: number;
  readonly use: BookUse;
  readonly mayChange: boolean;
  /** Why it may not be changed, when it may not. */
  readonly why: string;
  readonly rules: Rules;
  readonly help: Help;
  /** The starting point that the book is compared with; null for a company. */
  readonly startBookId: string | null;
  /** Whether each begins with another start: own figures, or their own work. */
  readonly startsDiffer: boolean;
  /** The exercise that it is a go at, and whose figures it has; null: it is none. */
  readonly go: SkipTo | null;
  /** Whether it is a student's try: it stays as it is once it has been handed in. */
  readonly isTry: boolean;
}

/** A go at an exercise: a try, a copy to put right, a practice, or the instructor's own. */
export interface SkipTo {
  readonly kind: 'try' | 'correction' | 'practice' | 'trial-run';
  readonly exerciseId: string;
  readonly personId: string;
  /** Whose figures, where they are drawn anew each time; null: the person’s own. */
  readonly seed: number | null;
  /** The book as which it was begun: its first moment is the start, where that is one’s own. */
  readonly begunAs: string;
}

type Own = Omit<Rights, 'revision' | 'use' | 'isTry' | 'go' | 'startsDiffer'>;

/** How long rights are taken to be what they were, in milliseconds: where others may change them, not as long. */
const LATELY: Readonly<Record<Engine, number>> = { embedded: 120_000, shared: 10_000 };

const ALL_HELP: Help = { types: true, totals: true, bands: true, health: true, asksSides: false };

const OWN: Own = { mayChange: true, why: '', rules: AUTHOR, help: ALL_HELP, startBookId: null };

const HANDED_IN =
  'This work has been handed in, so it stays as it is. Ask your instructor if something must be changed.';
const THEIRS = 'This is a student’s work; only they change it.';
const TO_LOOK_AT =
  'A colleague shares this with you to look at, so it stays as it is. Take a copy, or ask for it to be shared to change.';

/** The exercise that a book is the start or the key of, and the one that it is a go at. */
const made = alias(exercises, 'made');
const done = alias(exercises, 'done');
/** The work that a book is the copy of, in which its student puts it right. */
const corrected = alias(tries, 'mended');

const RULES_OF_TRY = {
  entriesMayChange: done.entriesMayChange,
  enters: done.enters,
  startBookId: done.startBookId,
  types: done.helpTypes,
  totals: done.helpTotals,
  bands: done.helpBands,
  health: done.helpHealth,
  keyRules: done.keyRules,
  ownWork: done.ownWork,
  spoilt: trialRuns.spoilt,
};

/** What a book is, and whose. */
const WHAT_IT_IS = {
  revision: books.revision,
  use: books.use,
  companyId: companies.id,
  madeId: made.id,
  madeStart: made.startBookId,
  madeKey: made.keyBookId,
  personId: tries.personId,
  /** What was given back before another try was begun stays so. */
  tryState: sql<
    typeof tries.$inferSelect.state | null
  >`case when ${earlierTries.number} is null then ${tries.state} else 'given-back' end`,
  trialRunOf: trialRuns.exerciseId,
  trialRunSeed: trialRuns.seed,
  practiserId: practices.personId,
  practisedSeed: practices.seed,
  exerciseId: done.id,
  correctedBook: corrected.bookId,
  correctorId: corrected.personId,
  correctedState: corrected.state,
  correctedGiving: corrected.giving,
  doneOwner: done.ownerId,
};

/** What an instructor may do with what it belongs to. */
const reachOf = ({ id }: Me) => ({
  mayCompany: mayOnCompany(id),
  mayMade: mayOnExercise(id, 'made'),
  mayDone: mayOnExercise(id, 'done'),
  seesTry: sql<boolean>`${seesTry(id, 'tries', 'done')}`,
  seesCorrected: sql<boolean>`${seesTry(id, 'mended', 'done')}`,
});

/** Students have what is theirs, and nothing is asked of what colleagues share. */
const NO_REACH: ReturnType<typeof reachOf> = {
  ...{ mayCompany: sql`null`, mayMade: sql`null`, mayDone: sql`null` },
  ...{ seesTry: sql`false`, seesCorrected: sql`false` },
};

/** Who may see and change which book. What is not named here is nobody's. */
@Injectable()
export class BookAccess {
  private readonly known: LRUCache<string, Rights>;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(ENGINE) engine: Engine,
  ) {
    this.known = new LRUCache({ max: 5000, ttl: LATELY[engine] });
  }

  /** To be called when the rules of an exercise have changed: rights are asked for anew. */
  forget(): void {
    this.known.clear();
  }

  /**
   * The rights that a person had on a book a moment ago: for who changes it again and again. What they rest on is
   * looked at once more where the change is written; what they refuse is asked for anew.
   */
  async lately(bookId: string, me: Me): Promise<Rights> {
    const known = this.known.get(`${me.id} ${bookId}`);
    return known?.mayChange ? known : this.rightsOf(bookId, me);
  }

  /** The rights of a person on a book, and its revision; somebody else's book is not found. */
  async rightsOf(bookId: string, me: Me): Promise<Rights> {
    const rights = await this.ask(bookId, me);
    this.known.set(`${me.id} ${bookId}`, rights);
    return rights;
  }

  private async ask(bookId: string, me: Me): Promise<Rights> {
    const row = await this.rowOf(bookId, me);
    const own = row && (me.role === 'instructor' ? instructor(row) : student(row, me));
    if (!row || !own) throw notFound('This book');
    const { revision, use, tryState } = row;
    return {
      ...own,
      revision,
      use,
      isTry: tryState !== null,
      go: goOf(row),
      startsDiffer: startsDiffer(row),
    };
  }

  private async rowOf(bookId: string, me: Me) {
    const goes = or(
      eq(done.id, tries.exerciseId),
      eq(done.id, trialRuns.exerciseId),
      eq(done.id, corrected.exerciseId),
      eq(done.id, practices.exerciseId),
    );
    const [row] = await this.db
      .select({
        ...WHAT_IT_IS,
        ...RULES_OF_TRY,
        ...(me.role === 'instructor' ? reachOf(me) : NO_REACH),
      })
      .from(books)
      .leftJoin(companies, eq(companies.bookId, books.id))
      .leftJoin(made, or(eq(made.startBookId, books.id), eq(made.keyBookId, books.id)))
      .leftJoin(earlierTries, eq(earlierTries.bookId, books.id))
      .leftJoin(tries, or(eq(tries.bookId, books.id), eq(tries.id, earlierTries.tryId)))
      .leftJoin(trialRuns, eq(trialRuns.bookId, books.id))
      .leftJoin(corrections, eq(corrections.bookId, books.id))
      .leftJoin(practices, eq(practices.bookId, books.id))
      .leftJoin(corrected, eq(corrected.id, corrections.tryId))
      .leftJoin(done, goes)
      .where(eq(books.id, bookId));
    return row ? { ...row, id: bookId } : null;
  }
}

type Row = NonNullable<Awaited<ReturnType<BookAccess['rowOf']>>>;

/** A spoilt copy of a key has the start of everybody. */
const startsDiffer = ({ ownWork, keyRules, spoilt }: Row): boolean =>
  spoilt !== true && (ownWork === true || drawsFigures(keyRules));

/** What a book is a go at; null where it is none. */
function goOf(row: Row): SkipTo | null {
  const { exerciseId, id, doneOwner } = row;
  if (exerciseId === null) return null;
  const at = { exerciseId, seed: null, begunAs: id };
  if (row.correctorId !== null)
    return {
      ...at,
      kind: 'correction',
      personId: row.correctorId,
      begunAs: row.correctedBook ?? id,
    };
  if (row.practiserId !== null)
    return { ...at, kind: 'practice', personId: row.practiserId, seed: row.practisedSeed };
  if (row.personId !== null) return { ...at, kind: 'try', personId: row.personId };
  return { ...at, kind: 'trial-run', personId: doneOwner ?? '', seed: row.trialRunSeed };
}

/** A book of one’s own, or shared: to change, or to look at. */
function ofAuthor(may: May | null, startBookId: string | null): Own | null {
  if (may === null) return null;
  const own = { ...OWN, startBookId };
  return mayAtLeast(may, 'change') ? own : { ...own, mayChange: false, why: TO_LOOK_AT };
}

function instructor(row: Row): Own | null {
  if (row.companyId !== null) return ofAuthor(row.mayCompany, null);
  if (row.madeId !== null)
    return ofAuthor(row.mayMade, row.madeKey === row.id ? row.madeStart : null);
  if (row.practiserId !== null) return null;
  if (row.trialRunOf !== null)
    return mayAtLeast(row.mayDone, 'change') ? asStudent(row, true) : null;
  const sees = row.correctorId === null ? row.seesTry : row.seesCorrected;
  if (!sees || !mayAtLeast(row.mayDone, 'assist')) return null;
  const { startBookId } = row;
  return { mayChange: false, why: THEIRS, rules: AUTHOR, help: ALL_HELP, startBookId };
}

function student(row: Row, me: Me): Own | null {
  if (row.correctorId !== null) return corrector(row, me);
  if (row.practiserId !== null) return row.practiserId === me.id ? asStudent(row, true) : null;
  if (row.personId !== me.id) return null;
  const rights = asStudent(row, row.tryState === 'working');
  return row.tryState === 'given-back' ? { ...rights, help: ALL_HELP } : rights;
}

/** A copy in which a work is put right is open as long as the work stays given back. */
function corrector(row: Row, me: Me): Own | null {
  const { correctorId, correctedState: state, correctedGiving: giving } = row;
  if (correctorId !== me.id) return null;
  const isOpen = state === 'given-back' && shownOf({ giving }).copy;
  const why = 'Your instructor has taken this work back, so its copy stays as it is for now.';
  return { ...asStudent(row, isOpen), help: ALL_HELP, why };
}

/** What a student may, and is helped with, by the rules of the exercise. */
function asStudent(row: Row, mayChange: boolean): Own {
  const { startBookId, entriesMayChange, enters } = row;
  const { points = {}, settings = [] } = keyRulesIn(row.keyRules);
  const asksSides = (points['account.normal-side'] ?? 0) > 0;
  const rules: Rules = {
    by: 'student',
    entriesMayChange: entriesMayChange === true,
    enters: enters ?? 'both',
    // Settings of the company that are compared are made by students.
    setsCompany: settings.length > 0,
  };
  const help = {
    types: row.types === true,
    totals: row.totals === true,
    bands: row.bands === true,
    health: row.health === true,
    asksSides,
  };
  return { mayChange, why: HANDED_IN, rules, help, startBookId };
}
