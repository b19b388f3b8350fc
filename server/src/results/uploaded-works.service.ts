import { Inject, Injectable } from '@nestjs/common';
import type { FiledRequest, HandPairShown, Me, OwnFileRequest } from '@gleddo/contract';
import { and, eq, sql, type SQL } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import { KeptBooks } from '../books/kept-books.js';
import type { Database, Queries } from '../database/open-database.js';
import {
  books,
  filedTables,
  handOuts,
  members,
  corrections,
  people,
  tries,
} from '../database/schema/index.js';
import { HandOutsService } from '../exercises/hand-outs.service.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { notFound, refuse, refusedBy, type Refused } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { ChecksService } from './checks.service.js';
import { KeyVersionsService } from '../keys/key-versions.service.js';
import type { IncomingTable } from '../threads/checking.js';
import type { PreparedBook } from '../threads/prepared-book.js';
import { Threads } from '../threads/threads.js';

/** Works that came as files: each stands in the class beside the others, by the same points. */
@Injectable()
export class UploadedWorksService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly handOuts: HandOutsService,
    private readonly checks: ChecksService,
    private readonly keys: KeyVersionsService,
    private readonly threads: Threads,
    private readonly audit: AuditService,
  ) {}

  /** Puts a file beside the class as a student's work, handed in; a file of theirs that was there before is replaced. */
  async file(me: Me, exerciseId: string, request: FiledRequest): Promise<void> {
    const exercise = await this.exercises.rowOf(me, exerciseId, 'mark');
    await this.handOuts.judgeSeen(me, exerciseId, request.personId);
    const student = await this.studentOf(exerciseId, request.personId);
    await this.take(me, exercise, {
      ...{ ...request, isOwn: false, mayReplace: REPLACED_BY_FILE, refusal: hasWork(student) },
    });
  }

  /** A student hands in a file in the place of what they may have begun here; once handed in, it stays. */
  async fileOwn(me: Me, exercise: ExerciseRow, request: OwnFileRequest): Promise<void> {
    if (!exercise.mayFile)
      throw refuse(
        'file.not-allowed',
        'In this exercise the work is done here; a file can’t be handed in. Begin it, or ask your instructor.',
      );
    const { table, book, fileName } = request;
    await this.take(me, exercise, {
      ...{
        fileName,
        ...(book ? { book } : {}),
        ...(table ? { table: { cells: table.cells } } : {}),
        personId: me.id,
        isOwn: true,
        mayReplace: REPLACED_BY_OWN,
        refusal: handedIn(),
      },
    });
  }

  private async take(me: Me, exercise: ExerciseRow, filed: Filed): Promise<void> {
    const today = await this.keys.todays(exercise);
    const whose = { exerciseId: exercise.id, personId: filed.personId };
    const key = await this.keys.ownTextOf(today.id, whose);
    const { table = null, book = null, isOwn } = filed;
    const content = { key, table: table as IncomingTable | null, book, isOwn };
    const ready = await this.threads.takeWork(content);
    if (!ready.ok) throw refusedBy(ready.refusals);
    await this.db.transaction(async (tx) => {
      const id = await this.put(tx, { ...filed, exerciseId: exercise.id }, ready.value);
      await this.checks.ask(id, tx);
      await this.audit.write('work-filed', me.id, { aboutId: id, db: tx });
    });
    this.checks.onAsked();
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

  private async put(
    db: Queries,
    filed: Filed & { readonly exerciseId: string },
    ready: PreparedBook,
  ): Promise<string> {
    const { exerciseId, personId, fileName, table = null, pairs = [], isOwn } = filed;
    const of = and(eq(tries.exerciseId, exerciseId), eq(tries.personId, personId));
    const [before] = await db
      .select({ bookId: tries.bookId, begunBookId: tries.begunBookId })
      .from(tries)
      .where(of)
      .for('update');
    const bookId = await this.books.keep(ready, 'try', db);
    const came = {
      ...{ bookId, fileName, handPairs: JSON.stringify(pairs) },
      ...{ state: 'handed-in' as const, handedInAt: new Date() },
      ...{ checkId: null, checkFault: null, points: null, outOf: null },
      // What somebody else puts beside the class is not late.
      ...(isOwn ? {} : { closedAt: new Date() }),
      ...{ byItself: false, wishedAt: null },
      // A file that takes the place of another one leaves what was begun before both.
      begunBookId: (isOwn ? before?.bookId : before?.begunBookId) ?? null,
    };
    const [made] = await db
      .insert(tries)
      .values({ id: nanoid(), exerciseId, personId, ...came })
      .onConflictDoUpdate({
        target: [tries.exerciseId, tries.personId],
        set: came,
        setWhere: filed.mayReplace,
      })
      .returning({ id: tries.id });
    if (!made) throw filed.refusal;
    await db.delete(filedTables).where(eq(filedTables.tryId, made.id));
    await db.delete(corrections).where(eq(corrections.tryId, made.id));
    if (table)
      await db.insert(filedTables).values({ tryId: made.id, content: JSON.stringify(table) });
    // What was begun here stays: it is gone on with should the work be opened again.
    if (before && !isOwn) await db.delete(books).where(eq(books.id, before.bookId));
    return made.id;
  }
}

const hasWork = (student: string) =>
  refuse(
    'file.has-work',
    `${student} has a work of their own in this exercise, or one that was given back; the file is not put in its place.`,
    'personId',
  );

const handedIn = () => refuse('try.handed-in', 'This work has been handed in already.');

/** A file takes the place of a file that came before it, as long as that was not given back. */
const REPLACED_BY_FILE = sql`${tries.fileName} is not null and ${tries.state} = 'handed-in'`;
/** One’s own takes the place of what was begun. */
const REPLACED_BY_OWN = sql`${tries.state} = 'working'`;

interface Filed extends OwnFileRequest {
  readonly personId: string;
  readonly pairs?: HandPairShown[];
  readonly isOwn: boolean;
  readonly mayReplace: SQL;
  readonly refusal: Refused;
}
