import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { juniperLane, pollardRow, slugOf, ternIsland } from '@gleddo/core';
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
import { halfWay, STUDENTS, workWith, type DemoStudent } from './demo-faults.js';

/** Everybody in the demo has the same password, besides the one click. */
const PASSWORD = 'kayaks at dawn';
const HANDED_IN = Date.parse('2027-04-14T15:00:00Z');
const APART = 17 * 60_000;

/** The demo world: three companies, a class group, an exercise with tries in every state. */
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
    const exerciseId = await this.exercises.add(ruth, {
      title: TITLE,
      brief: BRIEF,
      key: keyBook(),
      start: startBook(),
      keyRules: KEY_RULES,
    });
    await this.exercises.handOut(ruth, exerciseId, group.id);
    for (const [i, student] of STUDENTS.entries())
      await this.enrol(student, i, group.id, exerciseId);
    await this.checkAll(ruth, exerciseId);
  }

  private async enrol(
    student: DemoStudent,
    i: number,
    groupId: string,
    exerciseId: string,
  ): Promise<void> {
    const login = slugOf(student.name).replaceAll('-', '.');
    const person = await this.people.add({
      name: student.name,
      login,
      password: PASSWORD,
      role: 'student',
    });
    await this.db.insert(members).values({ groupId, personId: person.id });
    if (student.state === 'not-started') return;
    const work = student.state === 'working' ? halfWay(2 + (i % 5)) : workWith(student.faults);
    const bookId = await this.books.create(work, 'try');
    const handedInAt = student.state === 'working' ? null : new Date(HANDED_IN + i * APART);
    const { state } = student;
    await this.db
      .insert(tries)
      .values({ id: nanoid(), exerciseId, personId: person.id, bookId, state, handedInAt });
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
