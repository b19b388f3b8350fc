import { Inject, Injectable } from '@nestjs/common';
import { sql } from 'drizzle-orm';
import { rowsOf, type Database, type Queries } from '../database/open-database.js';
import { DATABASE } from '../http/tokens.js';
import type { PreparedBook } from '../threads/prepared-book.js';

/** Where the database tells of each change: the book's id and its revision. */
export const CHANGED = 'gleddo_book_changed';

/** One step of a book's history, as it is kept. */
export interface WrittenStep {
  readonly id: string;
  readonly byId: string;
  readonly token: string;
  readonly operation: string;
  readonly inverse: string;
  /** The token of the step that this one takes back; null for a change of its own. */
  readonly undoes: string | null;
  /** Whether the book is a student's try: then it is written only while it is worked on. */
  readonly isTry: boolean;
  /** Whether the book is kept as it then stands, too: what its history alone does not tell. */
  readonly isKept: boolean;
}

/** A step, the revision that it is made on, and the book that comes of it. */
interface Writing {
  readonly step: WrittenStep;
  readonly before: number;
  readonly book: PreparedBook;
}

interface Waiting extends Writing {
  readonly resolve: (isWritten: boolean) => void;
  readonly reject: (error: unknown) => void;
}

/** So many changes of as many books go into the database in one step. */
const MOST_TOGETHER = 64;

/**
 * The one place where a book that exists is written. Its history is written with each change; its text follows later
 * (`book-texts.ts`), but where the history alone does not tell it. What several people change at the same time is
 * written in one step of the database, which costs hardly more than one of them.
 */
@Injectable()
export class BookWriting {
  private readonly waiting: Waiting[] = [];
  private isWriting = false;

  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /**
   * Writes the history of a book, and the book where it is kept with it; false when the book is not at the revision
   * before, or the try that it is has been handed in. A try can't be handed in while this writes, nor be written when it
   * was.
   */
  async write(
    step: WrittenStep,
    before: number,
    { book, db }: { readonly book: PreparedBook; readonly db?: Queries },
  ): Promise<boolean> {
    const writing = { step, before, book };
    if (db || step.isKept) return (await writeAll([writing], db ?? this.db)).has(step.id);
    return new Promise((resolve, reject) => {
      this.waiting.push({ ...writing, resolve, reject });
      void this.next();
    });
  }

  /** What has come together while the last was written is written next. */
  private async next(): Promise<void> {
    if (this.isWriting) return;
    this.isWriting = true;
    while (this.waiting.length > 0) await this.together(this.waiting.splice(0, MOST_TOGETHER));
    this.isWriting = false;
  }

  private async together(all: readonly Waiting[]): Promise<void> {
    try {
      const written = await writeAll(all, this.db);
      for (const { step, resolve } of all) resolve(written.has(step.id));
    } catch (error) {
      const [one] = all;
      if (one && all.length === 1) return one.reject(error);
      // One of them is refused, and with it all: each by itself, then.
      for (const each of all) await this.together([each]);
    }
  }
}

/** What the database is given of each, under the names of its columns. */
const given = ({ step, before, book }: Writing) => ({
  ...{ id: step.id, before, token: step.token, undoes: step.undoes, by_id: step.byId },
  ...{ operation: step.operation, inverse: step.inverse, is_try: step.isTry, is_kept: step.isKept },
  ...{ name: book.name, trade: book.trade, accounts: book.accounts, entries: book.entries },
  state: step.isKept ? book.text : null,
});

const COLUMNS = sql.raw(
  `id text, before int, token text, undoes text, by_id text, operation text, inverse text, is_try bool,
  is_kept bool, name text, trade text, accounts int, entries int, state text`,
);

/** Writes steps of different books; answers the ids of those that were. */
async function writeAll(all: readonly Writing[], db: Queries): Promise<ReadonlySet<string>> {
  const done = await db.execute(sql`
    with given as (
      select * from json_to_recordset(${JSON.stringify(all.map(given))}::json) as given(${COLUMNS})
    ), open as (
      select book_id from tries
      where book_id in (select id from given where is_try) and state = 'working' order by id for share
    ), written as (
      update books set revision = given.before + 1, changed_at = now(), name = given.name,
        trade = given.trade, accounts = given.accounts, entries = given.entries,
        state = case when given.is_kept then given.state else books.state end,
        state_revision = case when given.is_kept then given.before + 1 else books.state_revision end
      from given
      where books.id = given.id and books.revision = given.before
        and (not given.is_try or given.id in (select book_id from open))
      returning books.id, books.revision
    ), kept as (
      insert into book_snapshots (book_id, revision, state)
      select id, revision, state from written join given using (id) where is_kept
      on conflict do nothing
    )
    insert into book_operations (book_id, revision, token, by_id, operation, inverse, undoes)
    select id, revision, token, by_id, operation, inverse, undoes from written join given using (id)
    returning book_id, pg_notify(${CHANGED}, book_id || ' ' || revision)`);
  return new Set(rowsOf<{ book_id: string }>(done).map((row) => row.book_id));
}
