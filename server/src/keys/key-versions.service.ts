import { createHash } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { KeyVersionShown } from '@gleddo/contract';
import { bookToJson, readKey, writeBook, writeKey, type AnswerKey } from '@gleddo/core';
import { and, count, desc, eq, sql } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import { nanoid } from 'nanoid';
import { KeptBooks } from '../books/kept-books.js';
import type { Database } from '../database/open-database.js';
import { books, checks, exercises, keys, people, tries } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';
import { drawingOf } from '../exercises/own-seed.js';
import { ExercisesService, type ExerciseRow } from '../exercises/exercises.service.js';
import { readKeyText, type KeyText } from '../threads/checking.js';
import { Threads } from '../threads/threads.js';

export interface KeyVersion {
  readonly id: string;
  readonly version: number;
}

/** Whose figures a key has, where they are drawn: a person’s own, or those of a seed. */
export interface Figured {
  readonly exerciseId: string;
  readonly personId: string;
  readonly seed?: number | null;
  /** The book of the go, and the one as which it was begun; where one’s own work is gone on with, the key begins with that. */
  readonly bookId?: string;
  readonly begunAs?: string;
  /** The file that it came as: whoever hands one in was begun with by nobody here. */
  readonly fileName?: string | null;
}

interface KeptKeyText extends KeyText {
  /** Whether each begins with their own work of the exercise before. */
  readonly isOwnWork: boolean;
  /** Whether figures are drawn for each student. */
  readonly draws: boolean;
}

type NewVersion = Pick<typeof keys.$inferInsert, 'exerciseId' | 'content' | 'start' | 'hash'>;

const MOST_ATTEMPTS = 20;
/** The versions that are told, and the changes of each. */
const MOST_SHOWN = 12;
const MOST_CHANGES = 40;

/** Keys as they were when something was checked with them: made once, never changed, read once. */
@Injectable()
export class KeyVersionsService {
  /** By what today's key is made of. */
  private readonly made = new LRUCache<string, KeyVersion>({ max: 500 });
  private readonly texts = new LRUCache<string, KeptKeyText>({
    maxSize: 60_000_000,
    sizeCalculation: ({ key, start }) => key.length + start.length + 1,
  });
  private readonly readKeys = new LRUCache<string, AnswerKey>({ max: 50 });

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly books: KeptBooks,
    private readonly exercises: ExercisesService,
    private readonly threads: Threads,
  ) {}

  /** The version that says what the key says today; a new one when something has changed. */
  async todays(exercise: ExerciseRow): Promise<KeyVersion> {
    const name = await this.nameOf(exercise);
    const known = this.made.get(name);
    if (known) return known;
    const version = await this.make(exercise);
    this.made.set(name, version);
    return version;
  }

  /** What today's key is made of: it is the same while these are. */
  private async nameOf({ id, keyBookId, startBookId, keyRules }: ExerciseRow): Promise<string> {
    const revisions = [keyBookId, startBookId].map(async (bookId) => {
      const [row] = await this.db
        .select({ revision: books.revision })
        .from(books)
        .where(eq(books.id, bookId));
      return row?.revision ?? -1;
    });
    const [key, start] = await Promise.all(revisions);
    return `${id} ${key} ${start} ${createHash('sha256').update(keyRules).digest('base64')}`;
  }

  /** The latest versions of an exercise’s key, the newest first: what each changed, and how many works it marks. */
  async history(exerciseId: string): Promise<KeyVersionShown[]> {
    const found = await this.db
      .select({ id: keys.id, version: keys.version, madeAt: keys.madeAt, works: count(tries.id) })
      .from(keys)
      .leftJoin(checks, eq(checks.keyId, keys.id))
      .leftJoin(tries, eq(tries.checkId, checks.id))
      .where(eq(keys.exerciseId, exerciseId))
      .groupBy(keys.id)
      .orderBy(desc(keys.version))
      .limit(MOST_SHOWN + 1);
    const texts = await Promise.all(found.map(({ id }) => this.textOf(id)));
    const changes = await this.threads.keyHistory(texts);
    const shown = found.map(({ version, madeAt, works }, i): KeyVersionShown => ({
      ...{ version, works, at: madeAt.toISOString() },
      changes: (changes[i] ?? []).slice(0, MOST_CHANGES),
    }));
    return shown.slice(0, MOST_SHOWN);
  }

  private async make(exercise: ExerciseRow): Promise<KeyVersion> {
    const content = writeKey(await this.exercises.keyOf(exercise));
    const start = writeBook(await this.exercises.startOf(exercise));
    const hash = createHash('sha256').update(content).update(start).digest('hex');
    const exerciseId = exercise.id;
    for (let attempt = 0; attempt < MOST_ATTEMPTS; attempt++) {
      const known = await this.withHash(exerciseId, hash);
      if (known) return known;
      await this.addVersion({ exerciseId, content, start, hash });
    }
    throw new Error('no version of the key could be made');
  }

  /** The next version, unless there is one that says the same: in one statement, so that no two are of one key. */
  private async addVersion({ exerciseId, content, start, hash }: NewVersion): Promise<void> {
    await this.db.execute(sql`
      insert into keys (id, exercise_id, version, content, start, hash)
      select ${nanoid()}, ${exerciseId},
        (select coalesce(max(version), 0) + 1 from keys where exercise_id = ${exerciseId}),
        ${content}, ${start}, ${hash}
      where not exists (select 1 from keys where exercise_id = ${exerciseId} and hash = ${hash})
      on conflict do nothing`);
  }

  private async withHash(exerciseId: string, hash: string): Promise<KeyVersion | null> {
    const [found] = await this.db
      .select({ id: keys.id, version: keys.version })
      .from(keys)
      .where(and(eq(keys.exerciseId, exerciseId), eq(keys.hash, hash)))
      .orderBy(desc(keys.version))
      .limit(1);
    return found ?? null;
  }

  /** The texts of a version, for whoever checks with it. */
  async textOf(id: string): Promise<KeptKeyText> {
    const known = this.texts.get(id);
    if (known) return known;
    const [row] = await this.db
      .select({ key: keys.content, start: keys.start, isOwnWork: exercises.ownWork })
      .from(keys)
      .innerJoin(exercises, eq(exercises.id, keys.exerciseId))
      .where(eq(keys.id, id));
    if (!row) throw new Error('this version of the key is gone');
    const text = { id, ...row, draws: 'figures' in (JSON.parse(row.key) as object) };
    this.texts.set(id, text);
    return text;
  }

  /** The same with the figures of whoever it is for. */
  async ownTextOf(id: string, whose: Figured): Promise<KeyText> {
    const text = await this.textOf(id);
    const begun = text.isOwnWork ? await this.begunWith(whose) : null;
    const own = begun === null ? text : { ...text, begun };
    if (!text.draws) return own;
    return { ...own, drawing: drawingOf({ ...whose, student: await this.nameOfPerson(whose) }) };
  }

  /** The book as which a go was begun; null where it was not begun here. */
  private async begunWith({ begunAs, bookId, fileName = null }: Figured): Promise<string | null> {
    const first = begunAs ?? bookId;
    return first === undefined || fileName !== null ? null : this.books.asBegun(first);
  }

  private async nameOfPerson({ personId }: Figured): Promise<string> {
    const [found] = await this.db
      .select({ name: people.name })
      .from(people)
      .where(eq(people.id, personId));
    return found?.name ?? '';
  }

  /** The book of a version with the figures of whoever it is for, as its file has it. */
  async bookOf(id: string, whose: Figured): Promise<object> {
    const text = await this.ownTextOf(id, whose);
    if (text.drawing === undefined && text.begun === undefined)
      return (JSON.parse(text.key) as { book: object }).book;
    return bookToJson(readKeyText(text).key.book);
  }

  async read(id: string): Promise<AnswerKey> {
    const known = this.readKeys.get(id);
    if (known) return known;
    const { key } = await this.textOf(id);
    const read = readKey(key);
    if (!read.ok) throw new Error('this version of the key can’t be read');
    this.readKeys.set(id, read.value);
    return read.value;
  }
}
