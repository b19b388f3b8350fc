import { Inject, Injectable } from '@nestjs/common';
import type { ClassResults, FiledRequest, Me } from '@gleddo/contract';
import { bookFromJson, workFromTable, writeBook, type Book } from '@gleddo/core';
import { and, eq, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import { KeptBooks } from '../books/kept-books.js';
import type { Database, Queries } from '../database/open-database.js';
import { handOuts, members, people, tries } from '../database/schema/index.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { notFound, refuse, refusedBy } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { ChecksService } from './checks.service.js';
import { ClassResultsService } from './class-results.service.js';

/** Works that came as files: each stands in the class beside the others, by the same points. */
@Injectable()
export class FilingService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly checks: ChecksService,
    private readonly results: ClassResultsService,
    private readonly audit: AuditService,
  ) {}

  /** Puts a file beside the class as a student's work, handed in; a file of theirs that was there before is replaced. */
  async file(me: Me, exerciseId: string, request: FiledRequest): Promise<ClassResults> {
    const exercise = await this.exercises.rowOf(me, exerciseId);
    const student = await this.studentOf(exerciseId, request.personId);
    const book = await this.bookIn(exercise, request);
    const tryId = await this.db.transaction(async (tx) => {
      const id = await this.put(tx, exercise, { book, request, student });
      await this.checks.ask(id, tx);
      await this.audit.write('work-filed', me.id, id, tx);
      return id;
    });
    await this.checks.run(tryId);
    return this.results.open(me, exerciseId);
  }

  private async studentOf(exerciseId: string, personId: string): Promise<string> {
    const [found] = await this.db
      .select({ name: people.name })
      .from(people)
      .innerJoin(members, eq(members.personId, people.id))
      .innerJoin(handOuts, eq(handOuts.groupId, members.groupId))
      .where(and(eq(people.id, personId), eq(handOuts.exerciseId, exerciseId)));
    if (!found) throw notFound('This student, in a class that has the exercise,');
    return found.name;
  }

  /**
   * The book of a file. One of a table is made of the table whenever it is checked; what is kept beside it is to be
   * looked at, and the start stands for it where it could not be opened (a number that stands twice).
   */
  private async bookIn(exercise: ExerciseRow, { table, book }: FiledRequest): Promise<Book> {
    if (book !== undefined) {
      const read = bookFromJson(book);
      if (!read.ok) throw refusedBy(read.refusals);
      return read.value;
    }
    if (!table)
      throw refuse('file.empty', 'Neither a table nor a book was sent. Choose the file again.');
    const work = workFromTable(await this.exercises.keyOf(exercise), table.cells, table);
    if (!work.ok) throw refusedBy(work.refusals);
    const made = bookFromJson(JSON.parse(writeBook(work.value.book)) as object);
    return made.ok ? made.value : this.exercises.startOf(exercise);
  }

  private async put(db: Queries, { id: exerciseId }: ExerciseRow, filed: Filed): Promise<string> {
    const { personId, fileName, table = null, pairs = [] } = filed.request;
    const bookId = await this.books.create(filed.book, 'try', db);
    const came = {
      bookId,
      state: 'handed-in' as const,
      handedInAt: new Date(),
      checkId: null,
      checkFault: null,
      points: null,
      outOf: null,
      file: JSON.stringify({ name: fileName, table }),
      handPairs: JSON.stringify(pairs),
    };
    const [made] = await db
      .insert(tries)
      .values({ id: nanoid(), exerciseId, personId, ...came })
      .onConflictDoUpdate({
        target: [tries.exerciseId, tries.personId],
        set: came,
        setWhere: sql`${tries.file} is not null and ${tries.state} = 'handed-in'`,
      })
      .returning({ id: tries.id });
    if (!made)
      throw refuse(
        'file.has-work',
        `${filed.student} has a work of their own in this exercise, or one that was given back; the file is not put in its place.`,
        'personId',
      );
    return made.id;
  }
}

interface Filed {
  readonly book: Book;
  readonly request: FiledRequest;
  readonly student: string;
}
