import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { Injectable } from '@nestjs/common';
import type { Operation, Rules } from '@gleddo/core';
import { Piscina } from 'piscina';
import type { ChangedBook } from './changing.js';
import type { CheckedWork, KeptCheck, ToCheck } from './checking.js';
import type { PreparedBook, Sent } from './prepared-book.js';

/** The longest that one task may take: what takes longer is ended, and its thread with it. */
const LONGEST = 60_000;
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

/** Long work, done in other threads while requests are answered: checks in some, all else in one of its own. */
@Injectable()
export class Threads {
  readonly forChecks = availableParallelism();
  private readonly checks = pool(this.forChecks);
  private readonly others = pool(1);

  checkToKeep = (work: ToCheck): Promise<KeptCheck> => this.run(this.checks, 'checkToKeep', work);

  /** For one who waits for the answer; nothing of it is kept. */
  check = (work: ToCheck): Promise<CheckedWork> => this.run(this.others, 'check', work);

  takeBook = (body: Uint8Array): Promise<Sent<PreparedBook>> =>
    this.run(this.others, 'takeBook', body);

  judge = (text: string): Promise<Sent<null>> => this.run(this.others, 'judge', text);

  changeText = (text: string, operation: Operation, rules: Rules): Promise<Sent<ChangedBook>> =>
    this.run(this.others, 'changeText', { text, operation, rules });

  private async run<T>(of: Piscina, name: string, task: unknown): Promise<T> {
    const ends = new AbortController();
    const timer = setTimeout(() => ends.abort(), LONGEST);
    try {
      return (await of.run(task, { name, signal: ends.signal })) as T;
    } catch (error) {
      if (!ends.signal.aborted) throw error;
      throw new Error(`It took longer than ${LONGEST / 1000} seconds and was ended.`, {
        cause: error,
      });
    } finally {
      clearTimeout(timer);
    }
  }

  async close(): Promise<void> {
    await Promise.all([this.checks.destroy(), this.others.destroy()]);
  }
}
