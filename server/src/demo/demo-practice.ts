import { Inject, Injectable } from '@nestjs/common';
import {
  drillNames,
  drillFeedback,
  keyOfRules,
  ownKey,
  randomFrom,
  takenFor,
  type DrillAnswer,
} from '@gleddo/core';
import { eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import {
  answers,
  drillAnswers,
  drillsAsked,
  people,
  practices,
  tries,
} from '../database/schema/index.js';
import { drillBooks } from '../drills/drills.service.js';
import type { MadeExercise } from '../exercises/exercises.service.js';
import { drawingOf } from '../exercises/own-seed.js';
import { DATABASE } from '../http/tokens.js';
import { HintsService } from '../guides/hints.service.js';
import { ChecksService } from '../results/checks.service.js';
import { LED, ledWork, type LedBy } from './demo-led.js';

/** Who drilled, how many rounds, and which types they mix up. */
const DRILLED: readonly (readonly [name: string, rounds: number, mixed: readonly string[]])[] = [
  ['Ade Marlow', 3, ['deferred-income', 'prepayment']],
  ['Ella Nakata', 4, ['prepayment', 'drawings']],
  ['Farid Osei', 2, ['deferred-income', 'accumulated-depreciation']],
  ['Hugh Santos', 3, ['accrued-expense', 'drawings']],
  ['Kaia Brandt', 2, ['repairs', 'plant-equipment']],
  ['Ines Okafor', 2, ['long-term-loan']],
];
/** Who asked for hints, and at which steps. */
const HINTED: Readonly<Record<string, readonly string[]>> = {
  'Ella Nakata': ['adjusting'],
  'Vera Quill': ['entries', 'entries', 'entries'],
};
const NAMES = 10;
const FIRST_DAY = Date.parse('2027-04-05T16:00:00Z');
const DAY = 86_400_000;

/** What the demo’s class does of the exercise that leads, in practice and in drills. */
@Injectable()
export class DemoPractice {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly checks: ChecksService,
    private readonly hints: HintsService,
  ) {}

  async layOut(exerciseId: string, made: MadeExercise, byId: string): Promise<void> {
    for (const each of LED) await this.work(exerciseId, made, each);
    await this.practise(exerciseId, made);
    for (const [name, rounds, mixed] of DRILLED) await this.drill(name, rounds, mixed);
    const personId = await this.personOf('Ade Marlow');
    await this.db
      .insert(drillsAsked)
      .values({ id: nanoid(), byId, personId, distinction: 'received-or-earned' });
  }

  private async personOf(name: string): Promise<string> {
    const [found] = await this.db.select().from(people).where(eq(people.name, name));
    if (!found) throw new Error(`${name} is not in the demo`);
    return found.id;
  }

  private async work(exerciseId: string, made: MadeExercise, by: LedBy): Promise<void> {
    const personId = await this.personOf(by.name);
    const whose = by.copies === undefined ? personId : await this.personOf(by.copies);
    const seed = drawingOf({ exerciseId, personId: whose, student: by.name }).seed;
    const drawing = { seed, student: by.name };
    const work = ledWork(made, by, drawing);
    const bookId = await this.books.create(work, 'try');
    const id = nanoid();
    const state = by.isHandedIn ? 'handed-in' : 'working';
    const handedInAt = by.isHandedIn ? new Date('2027-04-20T17:00:00Z') : null;
    await this.db.insert(tries).values({ id, bookId, exerciseId, personId, state, handedInAt });
    const said = Object.entries(await this.answersOf(made, by, drawing));
    if (said.length > 0)
      await this.db
        .insert(answers)
        .values(said.map(([questionId, answer]) => ({ bookId, questionId, answer })));
    if (by.isHandedIn) await this.checks.run(id);
    const me = {
      id: personId,
      name: by.name,
      role: 'student',
      isHead: false,
      isFirstPassword: false,
    } as const;
    for (const [told, step] of (HINTED[by.name] ?? []).entries())
      await this.hints.ask(me, bookId, { step, told, answer: false });
  }

  /** What was answered: who answers well also reads the profit off. */
  private async answersOf(made: MadeExercise, by: LedBy, drawing: { seed: number }) {
    const key = keyOfRules(made.key, made.keyRules);
    if (!key.ok || by.answers['forgotten'] !== '0') return by.answers;
    const { book } = ownKey(key.value, drawing);
    const left = book.accounts.find(({ id }) => id === 'insurance-prepaid');
    const used = book.entries
      .flatMap(({ lines }) => lines)
      .filter(({ account }) => account === left?.id)
      .reduce((sum, { amount }) => sum + amount, book.opening.balances[left?.id ?? ''] ?? 0);
    return { ...by.answers, expired: String(used / 100) };
  }

  private async practise(exerciseId: string, made: MadeExercise): Promise<void> {
    const goes = [
      ['Bea Lindqvist', 5, 96],
      ['Bea Lindqvist', 5, 100],
      ['Ella Nakata', 3, 61],
    ] as const;
    for (const [i, [name, upTo, share]] of goes.entries()) {
      const by: LedBy = { name, upTo, isHandedIn: false, answers: {}, misplaced: {} };
      const seed = 100 + i;
      const bookId = await this.books.create(ledWork(made, by, { seed, student: name }), 'try');
      await this.db.insert(practices).values({
        ...{ id: nanoid(), exerciseId, personId: await this.personOf(name), bookId, seed, share },
        ...{ checked: 2, begunAt: new Date(FIRST_DAY + i * DAY) },
      });
    }
  }

  /** Rounds of one who mixes some types up, less and less. */
  private async drill(name: string, rounds: number, mixed: readonly string[]): Promise<void> {
    const personId = await this.personOf(name);
    const { scheme, plan } = drillBooks();
    const random = randomFrom(name.length * 97);
    const history: DrillAnswer[] = [];
    for (let round = 0; round < rounds; round++) {
      const names = drillNames({
        ...{ scheme, history, count: NAMES, seed: round + name.length, words: 'international' },
        only: null,
      });
      for (const [i, each] of names.entries()) {
        const isMixed = mixed.includes(each.type) && random() > round * 0.3;
        const other = takenFor(scheme, each.type)[0];
        const answer = isMixed && other ? other : each.type;
        const { isRight, missed } = drillFeedback({ name: each, kind: 'type' }, answer, {
          scheme,
          plan,
        });
        const at = new Date(FIRST_DAY + round * DAY + i * 40_000);
        history.push({ name: each.id, isRight, missed, at: at.toISOString() });
        await this.db.insert(drillAnswers).values({
          ...{ id: nanoid(), personId, nameId: each.id, kind: 'type' },
          ...{ answer, isRight, missed, at },
        });
      }
    }
  }
}
