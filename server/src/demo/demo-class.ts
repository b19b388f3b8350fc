import { Inject, Injectable } from '@nestjs/common';
import { USUAL_GIVING } from '@gleddo/contract';
import { formatDecimal, minorDigits, slugOf, trialBalance, typeOf, type Book } from '@gleddo/core';
import { eq, inArray } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { filedTables, members, people, tries, words } from '../database/schema/index.js';
import type { MadeExercise } from '../exercises/exercises.service.js';
import { DATABASE } from '../http/tokens.js';
import { PeopleService } from '../people/people.service.js';
import { ChecksService } from '../results/checks.service.js';
import { halfWay, STUDENTS, workWith, type DemoStudent } from './demo-faults.js';
import { placedBy, PLACED } from './demo-workshop.js';

/** Everybody in the demo has the same password, besides the one click. */
export const PASSWORD = 'kayaks at dawn';
const HANDED_IN = Date.parse('2027-04-14T15:00:00Z');
const PLACED_IN = Date.parse('2027-03-03T09:30:00Z');
const APART = 17 * 60_000;

/** For how many minutes those who work have done nothing. */
const RESTED: Readonly<Record<string, number>> = { 'Vera Quill': 14, 'Xenia Holt': 38 };
const ASKS_AFTER = 30;

/** What the school calls the first of them by. */
const FIRST_NUMBER = 2701;

/** The demo's class group: its students, and what each has made of the exercises. */
@Injectable()
export class DemoClass {
  private readonly toGiveBack: string[] = [];

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly people: PeopleService,
    private readonly books: KeptBooks,
    private readonly checks: ChecksService,
  ) {}

  /** Lets every student come, work and hand in; checks what is handed in and gives back what is to be. */
  async work(groupId: string, quarterId: string, placed: { id: string; made: MadeExercise }) {
    for (const student of STUDENTS) {
      const personId = await this.enrol(student, groupId);
      await this.keepBooks(student, personId, quarterId);
      await this.place(student, personId, placed);
    }
    await this.checkAll();
    await this.giveBack();
  }

  /** Answers who the student is, from now on. */
  private async enrol(student: DemoStudent, groupId: string): Promise<string> {
    const login = slugOf(student.name).replaceAll('-', '.');
    const person = await this.people.add({
      name: student.name,
      login,
      password: PASSWORD,
      role: 'student',
    });
    const number = String(FIRST_NUMBER + STUDENTS.indexOf(student));
    const listed = { number, email: `${login}@tern-island.example` };
    await this.db.update(people).set(listed).where(eq(people.id, person.id));
    await this.db.insert(members).values({ groupId, personId: person.id });
    return person.id;
  }

  private async keepBooks(
    student: DemoStudent,
    personId: string,
    exerciseId: string,
  ): Promise<void> {
    const { state, faults } = student;
    if (state === 'not-started') return;
    const i = STUDENTS.indexOf(student);
    const work = state === 'working' ? halfWay(2 + (i % 5)) : workWith(faults);
    const handedInAt = state === 'working' ? null : new Date(HANDED_IN + i * APART);
    const fileName = FILES[student.name]?.name ?? null;
    const id = await this.leave(work, { exerciseId, personId, handedInAt, fileName });
    if (fileName !== null)
      await this.db
        .insert(filedTables)
        .values({ tryId: id, content: JSON.stringify(FILES[student.name]?.content(work)) });
    if (state === 'given-back') this.toGiveBack.push(id);
    if (state === 'working') await this.rest(id, { personId, minutes: RESTED[student.name] ?? 1 });
  }

  /** A work on which nobody has done anything for so long; who has longest asks. */
  private async rest(
    tryId: string,
    { personId, minutes }: { readonly personId: string; readonly minutes: number },
  ): Promise<void> {
    const startedAt = new Date(Date.now() - minutes * 60_000);
    await this.db.update(tries).set({ startedAt }).where(eq(tries.id, tryId));
    if (minutes < ASKS_AFTER) return;
    await this.db.insert(words).values({
      ...{ id: nanoid(), tryId, byId: personId, about: 'Adjustments' },
      text: 'Why is the insurance not 2,580? We paid all of it.',
    });
  }

  private async place(
    { name }: DemoStudent,
    personId: string,
    { id: exerciseId, made }: { id: string; made: MadeExercise },
  ): Promise<void> {
    const i = PLACED.findIndex((each) => each.name === name);
    const placed = PLACED[i];
    if (!placed) return;
    const { misplaced, undone } = placed;
    const handedInAt = undone > 0 ? null : new Date(PLACED_IN + i * APART);
    await this.leave(placedBy(made, misplaced, undone), { exerciseId, personId, handedInAt });
  }

  /** A try, as a student left it: handed in, or half way. */
  private async leave(
    work: Book,
    of: { exerciseId: string; personId: string; handedInAt: Date | null; fileName?: string | null },
  ): Promise<string> {
    const bookId = await this.books.create(work, 'try');
    const id = nanoid();
    const state = of.handedInAt === null ? 'working' : 'handed-in';
    await this.db.insert(tries).values({ id, bookId, state, ...of });
    return id;
  }

  private async checkAll(): Promise<void> {
    const works = await this.db
      .select({ id: tries.id })
      .from(tries)
      .where(eq(tries.state, 'handed-in'));
    await Promise.all(works.map(({ id }) => this.checks.run(id)));
  }

  private async giveBack(): Promise<void> {
    await this.db
      .update(tries)
      .set({
        ...{ state: 'given-back', givenBackAt: new Date() },
        giving: JSON.stringify(USUAL_GIVING),
      })
      .where(inArray(tries.id, this.toGiveBack));
  }
}

const LISTED_AT = '2027-03-31';

/** A work as a spreadsheet of balances has it: credits below zero, sections above their accounts. */
function listOf(work: Book) {
  const { lines } = trialBalance(work, LISTED_AT);
  const digits = minorDigits(work.company.currency);
  const rows = lines.map(({ account: { number, name, type }, debit, credit }) => [
    number ?? '',
    name,
    typeOf(work.scheme, type)?.name ?? '',
    formatDecimal(debit - credit, digits),
  ]);
  return { cells: [['No.', 'Account', 'Type', 'Closing balance'], ...rows] };
}

interface DemoFile {
  readonly name: string;
  content(work: Book): object;
}

/** One of the class keeps their books elsewhere, and hands in a list of balances; one sent a picture of theirs. */
const FILES: Readonly<Record<string, DemoFile>> = {
  'Tess Obi': { name: 'balances-tess-obi.csv', content: listOf },
  'Umar Lyle': {
    name: 'umar-lyle.png',
    content: () => ({
      cells: [],
      refused: 'It is a picture, in which no figures can be read. Ask for the table itself.',
    }),
  },
};
