import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { juniperLane, pollardRow, slugOf, ternIsland, type Book } from '@gleddo/core';
import { eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { BooksService } from '../books/books.service.js';
import { CompaniesService } from '../companies/companies.service.js';
import type { Database } from '../database/open-database.js';
import { members, tries } from '../database/schema/index.js';
import { ExercisesService } from '../exercises/exercises.service.js';
import { GroupsService } from '../groups/groups.service.js';
import { DATABASE } from '../http/tokens.js';
import { PeopleService } from '../people/people.service.js';
import { CheckingService } from '../results/checking.service.js';
import { BRIEF, KEY_RULES, keyBook, startBook, TITLE } from './demo-exercise.js';
import { drafts, placedBy, PLACED, placing } from './demo-workshop.js';
import { halfWay, STUDENTS, workWith, type DemoStudent } from './demo-faults.js';

/** Everybody in the demo has the same password, besides the one click. */
const PASSWORD = 'kayaks at dawn';
const HANDED_IN = Date.parse('2027-04-14T15:00:00Z');
const PLACED_IN = Date.parse('2027-03-03T09:30:00Z');
const APART = 17 * 60_000;

/** The demo world: three companies, a class group, exercises of every kind with tries in every state. */
@Injectable()
export class DemoWorld {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly people: PeopleService,
    private readonly books: BooksService,
    private readonly companies: CompaniesService,
    private readonly groups: GroupsService,
    private readonly exercises: ExercisesService,
    private readonly checking: CheckingService,
  ) {}

  /** Lays the world out in an empty database; does nothing in one that is not empty. */
  async layOut(): Promise<void> {
    if (!(await this.people.isEmpty())) return;
    const ruth = await this.people.add({
      name: 'Ruth Marsh',
      login: 'ruth.marsh',
      password: PASSWORD,
      role: 'instructor',
    });
    for (const book of [juniperLane(), pollardRow(), ternIsland()])
      await this.companies.add(ruth, book);
    const group = await this.groups.create(ruth, 'Bookkeeping, spring term');
    for (const draft of drafts()) await this.exercises.add(ruth, draft);
    const placingId = await this.exercises.add(ruth, placing());
    const quarterId = await this.exercises.add(ruth, {
      title: TITLE,
      brief: BRIEF,
      key: keyBook(),
      start: startBook(),
      keyRules: KEY_RULES,
    });
    for (const id of [placingId, quarterId]) await this.exercises.handOut(ruth, id, group.id);
    for (const student of STUDENTS) {
      const personId = await this.enrol(student, group.id);
      await this.keepBooks(student, personId, quarterId);
      await this.place(student, personId, placingId);
    }
    for (const id of [placingId, quarterId]) await this.checkAll(ruth, id);
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
    await this.leave(work, { exerciseId, personId, state, handedInAt });
  }

  private async place({ name }: DemoStudent, personId: string, exerciseId: string): Promise<void> {
    const i = PLACED.findIndex((each) => each.name === name);
    const placed = PLACED[i];
    if (!placed) return;
    const { misplaced, undone } = placed;
    const handedInAt = undone > 0 ? null : new Date(PLACED_IN + i * APART);
    const state = undone > 0 ? 'working' : 'handed-in';
    const work = placedBy(placing(), misplaced, undone);
    await this.leave(work, { exerciseId, personId, state, handedInAt });
  }

  /** A try, as a student left it. */
  private async leave(work: Book, of: Omit<typeof tries.$inferInsert, 'id' | 'bookId'>) {
    const bookId = await this.books.create(work, 'try');
    await this.db.insert(tries).values({ id: nanoid(), bookId, ...of });
  }

  private async checkAll(me: Me, exerciseId: string): Promise<void> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const works = await this.db.select().from(tries).where(eq(tries.exerciseId, exerciseId));
    await this.checking.check(
      exercise,
      works.filter((work) => work.state !== 'working'),
    );
  }
}
