import { Inject, Injectable } from '@nestjs/common';
import { USUAL_GIVING } from '@gleddo/contract';
import type { Exercise } from '@gleddo/core';
import { SAMPLE_STUDENTS, sampleWork, type SampleStudent } from '@gleddo/core/shelf';
import { inArray } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { answers, members, people, samples, tries } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';
import { hashOfPassword } from '../people/passwords.js';
import { ChecksService } from '../results/checks.service.js';

const A_DAY = 86_400_000;
/** Between one hand-in and the next. */
const APART = 11 * 60_000;

/** An exercise of the sample, as it is kept and as it came from the shelf. */
export interface SampleExercise {
  readonly id: string;
  readonly of: Exercise;
}

interface SampleClass {
  readonly groupId: string;
  readonly ownerId: string;
}

/** Those who are in the sample’s class, and what they have made of its exercises. */
@Injectable()
export class SampleWorks {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly checks: ChecksService,
  ) {}

  /** Lets all of them come, work and hand in; what is handed in is checked, what is to be is given back. */
  async leave(group: SampleClass, exercises: readonly SampleExercise[]): Promise<void> {
    const [checked, back]: [string[], string[]] = [[], []];
    // Nobody is told it: nobody signs in as one of them.
    const passwordHash = await hashOfPassword(nanoid());
    for (const [i, student] of SAMPLE_STUDENTS.entries()) {
      const personId = await this.enrol(student, { ...group, passwordHash });
      for (const [at, exercise] of exercises.entries()) {
        const of = { exercise, personId, at, since: (exercises.length - at) * A_DAY - i * APART };
        const left = await this.work(student, of);
        if (left?.state === 'handed-in' || left?.state === 'given-back') checked.push(left.id);
        if (left?.state === 'given-back') back.push(left.id);
      }
    }
    await Promise.all(checked.map((id) => this.checks.run(id)));
    await this.giveBack(back);
  }

  private async enrol(
    { name }: SampleStudent,
    { groupId, ownerId, passwordHash }: SampleClass & { readonly passwordHash: string },
  ): Promise<string> {
    const id = nanoid();
    const login = `sample-${id.toLowerCase()}`;
    await this.db.transaction(async (tx) => {
      await tx.insert(people).values({ id, name, login, passwordHash, role: 'student' });
      await tx.insert(members).values({ groupId, personId: id });
      await tx.insert(samples).values({ ownerId, kind: 'student', thingId: id });
    });
    return id;
  }

  private async work(
    { tries: done }: SampleStudent,
    of: {
      readonly exercise: SampleExercise;
      readonly personId: string;
      readonly at: number;
      readonly since: number;
    },
  ) {
    const { state, faults } = done[of.at] ?? { state: 'not-started' as const, faults: {} };
    if (state === 'not-started') return null;
    const { work, answers: answered } = sampleWork(of.exercise.of, faults);
    const id = nanoid();
    const at = new Date(Date.now() - of.since);
    await this.db.transaction(async (tx) => {
      const bookId = await this.books.create(work, 'try', tx);
      await tx.insert(tries).values({
        ...{ id, bookId, exerciseId: of.exercise.id, personId: of.personId, startedAt: at },
        state: state === 'working' ? state : 'handed-in',
        handedInAt: state === 'working' ? null : at,
      });
      const rows = [...answered].map(([questionId, answer]) => ({ bookId, questionId, answer }));
      if (rows.length > 0) await tx.insert(answers).values(rows);
    });
    return { id, state };
  }

  private async giveBack(ids: readonly string[]): Promise<void> {
    const giving = JSON.stringify(USUAL_GIVING);
    await this.db
      .update(tries)
      .set({ state: 'given-back', givenBackAt: new Date(), giving })
      .where(inArray(tries.id, [...ids]));
  }
}
