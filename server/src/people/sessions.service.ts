import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { and, eq, gt, lt, ne } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import type { Database, Engine } from '../database/open-database.js';
import { people, sessions } from '../database/schema/index.js';
import { DATABASE, ENGINE } from '../http/tokens.js';

const DAYS_SIGNED_IN = 14;
const DAY = 86_400_000;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url');

/** Who is signed in. A session that ended here has ended everywhere, at once. */
@Injectable()
export class SessionsService {
  private readonly remembered = new LRUCache<string, Me>({ max: 5000, ttl: 300_000 });

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    @Inject(ENGINE) private readonly engine: Engine,
  ) {}

  async begin(personId: string): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + DAYS_SIGNED_IN * DAY);
    await this.db.insert(sessions).values({ id: hashOf(token), personId, expiresAt });
    await this.db.delete(sessions).where(lt(sessions.expiresAt, new Date()));
    return token;
  }

  async end(token: string): Promise<void> {
    this.remembered.delete(hashOf(token));
    await this.db.delete(sessions).where(eq(sessions.id, hashOf(token)));
  }

  /** Ends every session of a person, but the one of the token. */
  async endAll(personId: string, except = ''): Promise<void> {
    for (const [id, me] of this.remembered.entries())
      if (me.id === personId) this.remembered.delete(id);
    await this.db
      .delete(sessions)
      .where(and(eq(sessions.personId, personId), ne(sessions.id, hashOf(except))));
  }

  /** Remembered only where no other server can end a session. */
  async personOf(token: string): Promise<Me | null> {
    const id = hashOf(token);
    const known = this.remembered.get(id);
    if (known) return known;
    const [found] = await this.db
      .select({ id: people.id, name: people.name, role: people.role, isHead: people.isHead })
      .from(sessions)
      .innerJoin(people, eq(people.id, sessions.personId))
      .where(and(eq(sessions.id, id), gt(sessions.expiresAt, new Date())));
    if (found && this.engine === 'embedded') this.remembered.set(id, found);
    return found ?? null;
  }
}
