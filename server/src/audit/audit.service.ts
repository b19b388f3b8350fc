import { Inject, Injectable } from '@nestjs/common';
import type { HappenedPage } from '@gleddo/contract';
import { and, desc, eq, ilike, inArray, lt, or, type SQL } from 'drizzle-orm';
import { alias, type PgColumn } from 'drizzle-orm/pg-core';
import type { Database, Queries } from '../database/open-database.js';
import { audit, people, tries } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';

/** What is written down of who did what. */
const HAPPENED = {
  'signed-in': 'signed in',
  'sign-in-failed': 'was refused at signing in',
  'signed-out': 'signed out',
  'session-ended': 'ended a session of their own',
  'second-factor-on': 'asks for a second device at signing in',
  'second-factor-off': 'no longer asks for a second device at signing in',
  'data-taken': 'took along what is kept of them',
  'first-instructor': 'became the first instructor',
  'instructor-made': 'made an instructor of',
  'students-added': 'added',
  'student-joined': 'took into a class group',
  'student-returned': 'took back into a class group',
  'student-taken-out': 'took out of a class group',
  'student-changed': 'changed name, number or e-mail of',
  'students-merged': 'put two people together as',
  'deletion-asked': 'asked for the deletion of',
  'deletion-taken-back': 'took back the deletion of',
  deleted: 'had deleted',
  'password-reset': 'set a new password for',
  'password-changed': 'changed their own password',
  'link-made': 'gave a link to choose a password to',
  'link-sent': 'sent a link to choose a password to',
  'link-used': 'chose a password by a link',
  'mark-changed': 'changed the mark of',
  'answer-accepted': 'accepted an answer of',
  'names-accepted': 'accepted names that a class had used in an exercise',
  'name-refused': 'said that a name says something else, from the work of',
  'given-back': 'gave back the work of',
  'work-taken-back': 'took back the work of',
  'work-opened-again': 'opened the work again of',
  'paired-by-hand': 'joined or parted accounts by hand in the work of',
  'went-on': 'went on from a later step, in the work of',
  'work-filed': 'put a file beside the class as the work of',
  'answer-withdrawn': 'accepts no longer what stood in the work of',
  'all-given-back': 'gave back the works of an exercise',
  'handed-out': 'handed out an exercise',
  'taken-back': 'took back an exercise',
  'times-set': 'said when an exercise opens and closes',
  'more-time': 'gave more time to',
  'word-said': 'wrote to',
  shared: 'shares something with',
  'shared-no-more': 'shares something no longer with',
  'platform-added': 'added a learning platform of the school',
  'platform-removed': 'removed a learning platform of the school',
  'platform-said-who': 'said who of a learning platform they are:',
  'platform-linked': 'said to which exercise a place at a learning platform leads',
  'came-from-platform': 'came from a learning platform for the first time:',
  'sample-laid-out': 'laid out a sample to look around in',
  'sample-thrown-away': 'threw the sample away',
  'set-back': 'set a book back to an earlier moment',
} as const;

export type What = keyof typeof HAPPENED;

const MOST_SHOWN = 100;

/** Who did what that matters, and when. Nothing that people wrote stands in it. */
@Injectable()
export class AuditService {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async write(
    what: What,
    byId: string | null,
    {
      aboutId = null,
      db = this.db,
    }: { readonly aboutId?: string | null | undefined; readonly db?: Queries | undefined } = {},
  ): Promise<void> {
    await db.insert(audit).values({ what, byId, aboutId });
  }

  /** The latest, or those before one: all whose words, or whose people, hold what is looked for. */
  async page(words: string, before: number | null): Promise<HappenedPage> {
    const by = alias(people, 'by');
    const about = alias(people, 'about');
    const worker = alias(people, 'worker');
    const rows = await this.db
      .select({
        ...{ id: audit.id, at: audit.at, what: audit.what },
        ...{ by: by.name, about: about.name, of: worker.name },
      })
      .from(audit)
      .leftJoin(by, eq(by.id, audit.byId))
      .leftJoin(about, eq(about.id, audit.aboutId))
      .leftJoin(tries, eq(tries.id, audit.aboutId))
      .leftJoin(worker, eq(worker.id, tries.personId))
      .where(
        and(
          before === null ? undefined : lt(audit.id, before),
          words === '' ? undefined : found(words, [by.name, about.name, worker.name]),
        ),
      )
      .orderBy(desc(audit.id))
      .limit(MOST_SHOWN + 1);
    const shown = rows.slice(0, MOST_SHOWN).map((row) => ({
      ...{ id: row.id, at: row.at.toISOString(), by: row.by ?? 'Somebody' },
      ...{ what: HAPPENED[row.what as What] ?? row.what, about: row.about ?? row.of ?? '' },
    }));
    return { rows: shown, before: rows.length > MOST_SHOWN ? (shown.at(-1)?.id ?? null) : null };
  }
}

/** Rows that hold the words in what was done, or in the name of somebody. */
function found(words: string, names: readonly PgColumn[]): SQL | undefined {
  const text = words.trim().toLowerCase();
  const kinds = Object.entries(HAPPENED).flatMap(([what, says]) =>
    says.includes(text) ? [what] : [],
  );
  const like = `%${text.replace(/[\\%_]/g, '\\$&')}%`;
  return or(inArray(audit.what, kinds), ...names.map((name) => ilike(name, like)));
}
