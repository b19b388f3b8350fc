import { Injectable } from '@nestjs/common';
import type { StepReached } from '@gleddo/core';
import { LRUCache } from 'lru-cache';
import { KeptBooks } from '../books/kept-books.js';
import type { ExerciseRow } from '../exercises/exercises.service.js';
import { KeyVersionsService } from '../keys/key-versions.service.js';
import { Threads } from '../threads/threads.js';

/** A work, as far as it is known by what it depends on. */
export interface Standing {
  readonly personId: string;
  readonly bookId: string;
  readonly revision: number;
  /** What is answered beside the book, as one text. */
  readonly answers: Readonly<Record<string, string>>;
}

const AT_ONCE = 40;

/** How far works are, step by step: reckoned again only where something has changed. */
@Injectable()
export class HowFarService {
  private readonly known = new LRUCache<string, StepReached[]>({ max: 5000 });

  constructor(
    private readonly books: KeptBooks,
    private readonly keys: KeyVersionsService,
    private readonly threads: Threads,
  ) {}

  async of(exercise: ExerciseRow, works: readonly Standing[]): Promise<StepReached[][]> {
    const { id: keyId } = await this.keys.todays(exercise);
    const of = `${keyId} ${exercise.revision}`;
    const name = ({ bookId, revision, answers }: Standing) =>
      `${of} ${bookId} ${revision} ${JSON.stringify(answers)}`;
    const open = works.filter((work) => !this.known.has(name(work)));
    const found = open.length === 0 ? [] : await this.reckon(exercise, keyId, open);
    open.forEach((work, i) => this.known.set(name(work), found[i] ?? []));
    return works.map((work) => this.known.get(name(work)) ?? []);
  }

  /** Some at a time: each is sent with its key, and others want the threads, too. */
  private async reckon(exercise: ExerciseRow, keyId: string, works: readonly Standing[]) {
    const found: StepReached[][] = [];
    for (let from = 0; from < works.length; from += AT_ONCE)
      found.push(...(await this.some(exercise, keyId, works.slice(from, from + AT_ONCE))));
    return found;
  }

  private async some({ id, guide }: ExerciseRow, keyId: string, works: readonly Standing[]) {
    const asked = [];
    for (const { personId, bookId, answers } of works) {
      const key = await this.keys.ownTextOf(keyId, { exerciseId: id, personId, bookId });
      const { text } = await this.books.at(bookId);
      asked.push({ key, guide, work: text, answers });
    }
    return this.threads.reached(asked);
  }
}
