import { Inject, Injectable } from '@nestjs/common';
import { sql } from 'drizzle-orm';
import type { Logger } from 'pino';
import type { Room } from '../database/disk-room.js';
import type { Database } from '../database/open-database.js';
import { DATABASE, LOG, ROOM } from '../http/tokens.js';

/** What is to be written of a book: its text, and of which revision it is. */
interface Due {
  readonly revision: number;
  readonly text: string;
  /** Since when the text that is kept is older. */
  readonly since: number;
}

const LOOK_EVERY = 1_000;
/** A text follows its history within so long, in milliseconds: what is changed often is written once meanwhile. */
const DUE_AFTER = 8_000;
/** So many characters at most go in one step: nobody waits long behind it. */
const MOST_CHARACTERS = 400_000;

/**
 * The texts of books, written after their histories: within seconds, and when the server closes. The history is the
 * truth; should a server die before, whoever opens the book tells its text from there.
 */
@Injectable()
export class BookTexts {
  private readonly due = new Map<string, Due>();
  private timer: NodeJS.Timeout | null = null;
  private isWriting = false;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(ROOM) private readonly room: Room,
    @Inject(LOG) private readonly log: Logger,
  ) {}

  /** How many texts are to be written. */
  get waiting(): number {
    return this.due.size;
  }

  /** The text of a book is to follow its history. */
  follow(
    id: string,
    { revision, text }: { readonly revision: number; readonly text: string },
  ): void {
    const before = this.due.get(id);
    if (before && before.revision >= revision) return;
    this.due.set(id, { revision, text, since: before?.since ?? Date.now() });
    this.timer ??= setInterval(() => void this.writeDue(), LOOK_EVERY).unref();
  }

  private async writeDue(): Promise<void> {
    if (this.isWriting || this.room.isFull) return;
    this.isWriting = true;
    const now = Date.now();
    try {
      while (await this.writeSome(({ since }) => Math.abs(now - since) >= DUE_AFTER));
    } catch (error) {
      this.log.warn({ err: error }, 'texts of books could not be written yet');
    } finally {
      this.isWriting = false;
    }
  }

  /** Writes all that is due or not, before the server closes. */
  async writeAll(): Promise<void> {
    if (this.timer) clearInterval(this.timer);
    while (await this.writeSome(() => true));
  }

  /** Writes as many as go together; false when there was nothing to write. */
  private async writeSome(isDue: (due: Due) => boolean): Promise<boolean> {
    const some: (Due & { readonly id: string })[] = [];
    let characters = 0;
    for (const [id, due] of this.due) {
      if (!isDue(due)) continue;
      some.push({ id, ...due });
      characters += due.text.length;
      if (characters > MOST_CHARACTERS) break;
    }
    if (some.length === 0) return false;
    await this.write(some);
    for (const { id, revision } of some)
      if (this.due.get(id)?.revision === revision) this.due.delete(id);
      else this.again(id);
    return true;
  }

  /** What was changed while it was written is due anew. */
  private again(id: string): void {
    const newer = this.due.get(id);
    if (newer) this.due.set(id, { ...newer, since: Date.now() });
  }

  /** A book that has been deleted, or whose newer text somebody else wrote, is passed over. */
  private async write(some: readonly (Due & { readonly id: string })[]): Promise<void> {
    const given = some.map(({ id, revision, text }) => ({ id, revision, text }));
    await this.db.execute(sql`
      update books set state = given.text, state_revision = given.revision
      from json_to_recordset(${JSON.stringify(given)}::json) as given(id text, revision int, text text)
      where books.id = given.id and books.state_revision < given.revision
        and books.revision >= given.revision`);
  }
}
