import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable, type OnModuleInit } from '@nestjs/common';
import type { Me, SessionShown } from '@gleddo/contract';
import { and, desc, eq, gt, lt, ne, or, sql } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import { nanoid } from 'nanoid';
import { Subject } from 'rxjs';
import type { Database, Engine, OpenDatabase } from '../database/open-database.js';
import { people, sessions } from '../database/schema/index.js';
import type { Settings } from '../http/settings.js';
import { DATABASE, ENGINE, LISTEN, SETTINGS } from '../http/tokens.js';

const DAYS_SIGNED_IN = 14;
const DAY = 86_400_000;
const HOUR = 3_600_000;
/** How long it is not written down that somebody was here again. */
const SEEN_EVERY = 300_000;
const LONGEST_BROWSER = 200;
/** Where the database tells of sessions that have ended: by whichever server. */
const ENDED = 'gleddo_session_ended';

const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url');

/** Who is signed in. A session that ended here has ended everywhere, at once. */
@Injectable()
export class SessionsService implements OnModuleInit {
  private readonly remembered = new LRUCache<string, Me>({ max: 5000, ttl: SEEN_EVERY });
  private readonly idle: number;
  /** Of this person some have ended; null: of whomever, since it may have been missed. Whoever rests on one looks again. */
  readonly ended = new Subject<string | null>();

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(ENGINE) private readonly engine: Engine,
    @Inject(LISTEN) private readonly listen: OpenDatabase['listen'],
    @Inject(SETTINGS) settings: Settings,
  ) {
    this.idle = settings.idleHours * HOUR;
  }

  async onModuleInit(): Promise<void> {
    await this.listen(
      ENDED,
      (personId) => this.forget(personId),
      () => this.forget(null),
    );
  }

  private forget(personId: string | null): void {
    this.readAnew(personId);
    this.ended.next(personId);
  }

  /** What is remembered of somebody, or of all, is asked for again. */
  readAnew(personId: string | null): void {
    for (const [id, me] of this.remembered.entries())
      if (personId === null || me.id === personId) this.remembered.delete(id);
  }

  async begin(personId: string, browser = ''): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + DAYS_SIGNED_IN * DAY);
    await this.db.insert(sessions).values({
      ...{ id: hashOf(token), personId, expiresAt, handle: nanoid() },
      browser: browser.replace(/[^\x20-\x7e]/g, '').slice(0, LONGEST_BROWSER),
    });
    await this.db
      .delete(sessions)
      .where(or(lt(sessions.expiresAt, new Date()), lt(sessions.seenAt, this.idleSince())));
    return token;
  }

  private idleSince = (): Date => new Date(Date.now() - this.idle);

  async end(token: string): Promise<void> {
    await this.endWhere(eq(sessions.id, hashOf(token)));
  }

  /** Ends every session of a person, but the one of the token. */
  async endAll(personId: string, except = ''): Promise<void> {
    await this.endWhere(and(eq(sessions.personId, personId), ne(sessions.id, hashOf(except))));
  }

  /** Ends one of a person’s own; false where there is no such one. */
  endOne(personId: string, handle: string): Promise<boolean> {
    return this.endWhere(and(eq(sessions.personId, personId), eq(sessions.handle, handle)));
  }

  private async endWhere(which: ReturnType<typeof and>): Promise<boolean> {
    const ended = await this.db
      .delete(sessions)
      .where(which)
      .returning({ personId: sessions.personId });
    for (const personId of new Set(ended.map((each) => each.personId)))
      await this.lookAgain(personId);
    return ended.length > 0;
  }

  /** Whoever remembers this person looks again who they are, on each server. */
  async lookAgain(personId: string): Promise<void> {
    this.forget(personId);
    await this.db.execute(sql`select pg_notify(${ENDED}, ${personId})`);
  }

  /** Where somebody is signed in, the one that asks first. */
  async list(personId: string, token: string): Promise<SessionShown[]> {
    const rows = await this.db
      .select()
      .from(sessions)
      .where(and(eq(sessions.personId, personId), this.isLive()))
      .orderBy(desc(sessions.seenAt));
    const own = hashOf(token);
    return rows
      .map(({ id, handle, browser, begunAt, seenAt }) => ({
        ...{ id: handle, browser, isThis: id === own },
        ...{ begunAt: begunAt.toISOString(), seenAt: seenAt.toISOString() },
      }))
      .sort((a, b) => Number(b.isThis) - Number(a.isThis));
  }

  private isLive = () =>
    and(gt(sessions.expiresAt, new Date()), gt(sessions.seenAt, this.idleSince()));

  /** Remembered only where no other server can end a session. */
  async personOf(token: string): Promise<Me | null> {
    const id = hashOf(token);
    const known = this.remembered.get(id);
    if (known) return known;
    const [found] = await this.db
      .select({
        ...{ id: people.id, name: people.name, role: people.role, isHead: people.isHead },
        isFirstPassword: people.isFirstPassword,
        seenAt: sessions.seenAt,
      })
      .from(sessions)
      .innerJoin(people, eq(people.id, sessions.personId))
      .where(and(eq(sessions.id, id), this.isLive()));
    if (!found) return null;
    const { seenAt, ...me } = found;
    if (Date.now() - seenAt.getTime() > SEEN_EVERY)
      await this.db.update(sessions).set({ seenAt: new Date() }).where(eq(sessions.id, id));
    if (this.engine === 'embedded') this.remembered.set(id, me);
    return me;
  }
}
