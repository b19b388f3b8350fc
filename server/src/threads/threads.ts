import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { Injectable } from '@nestjs/common';
import type {
  CopiedFigures,
  GuideShown,
  Hint,
  Oddity,
  Operation,
  Rules,
  StepReached,
  WorksAlike,
} from '@gleddo/core';
import { Piscina } from 'piscina';
import { whoAsks } from '../turns/asking.js';
import type { ChangedBook } from './changing.js';
import type {
  CheckedWork,
  CheckOutcome,
  KeptCheck,
  KeyText,
  OddWork,
  ToCheck,
} from './checking.js';
import type { PreparedBook, Sent } from './prepared-book.js';
import type { PreparedExercise } from './taking-exercise.js';
import type { FiguredWork, ToGoOn, ToGuide, ToHint } from './guiding.js';
import type { FiledContent } from './taking-work.js';
import type { ToReplay } from './replaying.js';
import { TurnsByPerson } from '../turns/turns-by-person.js';

/** Somebody else’s figures in a work. */
export interface CopiedFound extends CopiedFigures<string> {
  readonly by: string;
}

/** The longest that one task may take: what takes longer is ended, and its thread with it. */
const LONGEST = 60_000;
/** The longest that somebody waits for a check of which nothing is kept. */
const LONGEST_ASKED = 20_000;
/** One more than one person has, so that there is one for whoever comes. */
const MOST_ASKED = 3;
const MOST_OTHERS = 2;
const IDLE = 60_000;

const thread = fileURLToPath(new URL('./thread.mjs', import.meta.url));

const pool = (maxThreads: number): Piscina =>
  new Piscina({
    filename: thread,
    minThreads: 0,
    maxThreads,
    idleTimeout: IDLE,
    // A check makes much that lives shortly: with room for it, little of it is ever moved.
    resourceLimits: { maxYoungGenerationSizeMb: 96 },
  });

/** Threads, and who has the next of them. */
interface Places {
  readonly pool: Piscina;
  readonly turns: TurnsByPerson;
}

const places = (count: number, ofOne?: number): Places => ({
  pool: pool(count),
  turns: new TurnsByPerson(count, ofOne),
});

class TookTooLong extends Error {
  constructor(longest: number) {
    super(`It took longer than ${longest / 1000} seconds and was ended.`);
  }
}

/**
 * Long work, done in other threads while requests are answered: checks to be kept in some, those that somebody asked
 * for while working in others, all else in one of its own. So none of them waits for another.
 */
@Injectable()
export class Threads {
  readonly forChecks = availableParallelism();
  private readonly checks = places(this.forChecks, this.forChecks);
  private readonly asked = places(MOST_ASKED);
  private readonly others = places(MOST_OTHERS);

  /** How many tasks wait for a thread. */
  get waiting(): number {
    return this.all.reduce((sum, { turns }) => sum + turns.waiting, 0);
  }

  private get all(): readonly Places[] {
    return [this.checks, this.asked, this.others];
  }

  checkToKeep = (work: ToCheck): Promise<CheckOutcome<KeptCheck>> =>
    judged(this.run(this.checks, { name: 'checkToKeep' }, work));

  /** For one who waits for the answer; nothing of it is kept. Of the same book only the newest is checked. */
  check = (work: ToCheck, bookId: string | null): Promise<CheckOutcome<CheckedWork>> =>
    judged(this.run(this.asked, { name: 'check', longest: LONGEST_ASKED, of: bookId }, work));

  /** For one who waits for it, as a check is. */
  guide = (work: ToGuide, bookId: string): Promise<Sent<GuideShown>> =>
    this.run(this.asked, { name: 'guide', longest: LONGEST_ASKED, of: bookId }, work);

  hint = (to: ToHint, bookId: string): Promise<Sent<Hint | null>> =>
    this.run(this.asked, { name: 'hint', longest: LONGEST_ASKED, of: bookId }, to);

  reached = (works: readonly ToGuide[]): Promise<StepReached[][]> =>
    this.run(this.others, { name: 'reached' }, works);

  ownStart = (key: KeyText): Promise<Sent<PreparedBook>> =>
    this.run(this.asked, { name: 'ownStartOf' }, key);

  checkpointOf = (work: ToGoOn): Promise<Sent<PreparedBook>> =>
    this.run(this.asked, { name: 'checkpointOf' }, work);

  copied = (key: KeyText, works: readonly FiguredWork[]): Promise<CopiedFound[]> =>
    this.run(this.others, { name: 'copied' }, { key, works });

  oddities = (work: ToCheck): Promise<Oddity[]> =>
    this.run(this.others, { name: 'oddities' }, work);

  alike = (works: readonly OddWork[]): Promise<WorksAlike<string>[]> =>
    this.run(this.others, { name: 'alike' }, works);

  takeBook = (body: Uint8Array): Promise<Sent<PreparedBook>> =>
    this.run(this.others, { name: 'takeBook' }, body);

  keyHistory = (texts: readonly KeyText[]): Promise<string[][]> =>
    this.run(this.others, { name: 'keyHistory' }, texts);

  takeExercise = (body: Uint8Array, seed: number): Promise<Sent<PreparedExercise>> =>
    this.run(this.others, { name: 'takeExercise' }, { body, seed });

  takeWork = (content: FiledContent): Promise<Sent<PreparedBook>> =>
    this.run(this.others, { name: 'takeWork' }, content);

  judge = (text: string): Promise<Sent<null>> => this.run(this.others, { name: 'judge' }, text);

  replay = (described: ToReplay): Promise<Sent<PreparedBook | null>> =>
    this.run(this.others, { name: 'replay' }, described);

  changeText = (text: string, operation: Operation, rules: Rules): Promise<Sent<ChangedBook>> =>
    this.run(this.others, { name: 'changeText' }, { text, operation, rules });

  /** In its turn: how long it waits for that is no part of how long it may take. */
  private run<T>({ pool, turns }: Places, { name, longest = LONGEST, of }: Asked, task: unknown) {
    const work = async (): Promise<T> => {
      const ends = new AbortController();
      const timer = setTimeout(() => ends.abort(), longest);
      try {
        return (await pool.run(task, { name, signal: ends.signal })) as T;
      } catch (error) {
        throw ends.signal.aborted ? new TookTooLong(longest) : error;
      } finally {
        clearTimeout(timer);
      }
    };
    return turns.take(whoAsks(), work, of ? `${name} ${of}` : null);
  }

  async close(): Promise<void> {
    await Promise.all(this.all.map(({ pool }) => pool.destroy()));
  }
}

/** What a thread does, how long it may take in milliseconds, and of which book, where a later one takes its place. */
interface Asked {
  readonly name: string;
  readonly longest?: number;
  readonly of?: string | null;
}

/** That a check takes too long is a fault of the work, as one that can't be read is. */
async function judged<T>(outcome: Promise<CheckOutcome<T>>): Promise<CheckOutcome<T>> {
  try {
    return await outcome;
  } catch (error) {
    if (!(error instanceof TookTooLong)) throw error;
    return { ok: false, why: error.message, error, isOdd: true };
  }
}
