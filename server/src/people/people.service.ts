import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { hash, verify } from '@node-rs/argon2';
import type { Me, PersonRole } from '@gleddo/contract';
import { and, eq, gt, lt, sql } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import { nanoid } from 'nanoid';
import type { Database, Queries } from '../database/open-database.js';
import { people, sessions } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';

const DAYS_SIGNED_IN = 14;
const DAY = 86_400_000;
/** Source: the OWASP cheat sheet on password storage (argon2id, 19 MiB, two passes). */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export interface NewPerson {
  readonly name: string;
  readonly login: string;
  readonly password: string;
  readonly role: PersonRole;
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url');

/** Who may come in: people, their passwords and their sessions. */
@Injectable()
export class PeopleService {
  private readonly remembered = new LRUCache<string, Me>({ max: 5000, ttl: 30_000 });

  constructor(@Inject(DATABASE) private readonly db: Database) {}

  async add(person: NewPerson, db: Queries = this.db): Promise<Me> {
    const { name, login, role } = person;
    const id = nanoid();
    const passwordHash = await hash(person.password, ARGON);
    const taken = await db
      .select()
      .from(people)
      .where(eq(sql`lower(${people.login})`, login.toLowerCase()));
    if (taken.length > 0)
      throw refuse(
        'login.taken',
        `“${login}” is taken as a name to sign in with. Choose another.`,
        'login',
      );
    await db.insert(people).values({ id, name: name.trim(), login, passwordHash, role });
    return { id, name: name.trim(), role };
  }

  async isEmpty(): Promise<boolean> {
    return (await this.db.select({ id: people.id }).from(people).limit(1)).length === 0;
  }

  /** The token of a new session; refuses in one sentence, whether name or password is wrong. */
  async signIn(login: string, password: string): Promise<{ me: Me; token: string }> {
    const [found] = await this.db
      .select()
      .from(people)
      .where(eq(sql`lower(${people.login})`, login.trim().toLowerCase()));
    const fits = found ? await verify(found.passwordHash, password) : await wasteTime(password);
    if (!found || !fits)
      throw refuse(
        'sign-in.wrong',
        'The name and the password do not go together. Check both, and the capitals.',
        'password',
      );
    return { me: found, token: await this.begin(found.id) };
  }

  async begin(personId: string): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + DAYS_SIGNED_IN * DAY);
    await this.db.delete(sessions).where(lt(sessions.expiresAt, new Date()));
    await this.db.insert(sessions).values({ id: hashOf(token), personId, expiresAt });
    return token;
  }

  async signOut(token: string): Promise<void> {
    this.remembered.delete(hashOf(token));
    await this.db.delete(sessions).where(eq(sessions.id, hashOf(token)));
  }

  async personOf(token: string): Promise<Me | null> {
    const id = hashOf(token);
    const known = this.remembered.get(id);
    if (known) return known;
    const [found] = await this.db
      .select({ id: people.id, name: people.name, role: people.role })
      .from(sessions)
      .innerJoin(people, eq(people.id, sessions.personId))
      .where(and(eq(sessions.id, id), gt(sessions.expiresAt, new Date())));
    if (found) this.remembered.set(id, found);
    return found ?? null;
  }

  async byLogin(login: string): Promise<Me | null> {
    const [found] = await this.db.select().from(people).where(eq(people.login, login));
    return found ? { id: found.id, name: found.name, role: found.role } : null;
  }
}

/** Takes as long as a real comparison, so that an unknown name is not told by its speed. */
async function wasteTime(password: string): Promise<false> {
  await hash(password, ARGON);
  return false;
}
