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
  /** Whether the book is kept as it then stands, too. */
  readonly isKept: boolean;
}

/** The one place where a book that exists is written. */
@Injectable()
export class BookWriting {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /**
   * Writes the book and its history at once; false when the book is not at the revision before, or the try that it
   * is has been handed in. A try can't be handed in while this writes, nor be written when it was.
   */
  async write(
    step: WrittenStep,
    before: number,
    { book, db = this.db }: { readonly book: PreparedBook; readonly db?: Queries },
  ): Promise<boolean> {
    const { id, byId, token, operation, inverse, undoes, isTry, isKept } = step;
    const { text, name, trade, accounts, entries } = book;
    const done = await db.execute(sql`
      with open as (
        select id from tries where book_id = ${id} and state = 'working' for share
      ), written as (
        update books set revision = ${before + 1}, changed_at = now(), state = ${text},
          name = ${name}, trade = ${trade}, accounts = ${accounts}, entries = ${entries}
        where id = ${id} and revision = ${before} and (${!isTry} or exists (select 1 from open))
        returning id, revision, state
      ), kept as (
        insert into book_snapshots (book_id, revision, state)
        select id, revision, state from written where ${isKept}
        on conflict do nothing
      )
      insert into book_operations (book_id, revision, token, by_id, operation, inverse, undoes)
      select id, revision, ${token}, ${byId}, ${operation}, ${inverse}, ${undoes} from written
      returning pg_notify(${CHANGED}, book_id || ' ' || revision)`);
    return rowsOf(done).length > 0;
  }
}
