import { Inject, Injectable } from '@nestjs/common';
import {
  foldedSignInName,
  type Me,
  type OwnSignIn,
  type PersonRole,
  type SignInRequest,
} from '@gleddo/contract';
import { eq, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import type { Database, Queries } from '../database/open-database.js';
import { people, signInLinks } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { fitsPassword, hashOfPassword, madePassword, wasteTime } from './passwords.js';
import { meOf } from './me-of.js';
import { FailedSignIns, tooManyFailed } from './failed-sign-ins.js';
import { KnownBrowsers } from './known-browsers.js';
import { SecondFactor } from './second-factor.js';
import { SessionsService } from './sessions.service.js';
import { judgePassword } from './weak-passwords.js';

export interface NewPerson {
  readonly name: string;
  readonly login: string;
  readonly password: string;
  readonly role: PersonRole;
  /** Whether the program made the password. */
  readonly isMade?: boolean;
}

/** Where somebody signs in from: the address, and what the browser shows of having been here before. */
export interface SignsInFrom {
  readonly address: string;
  readonly browser: string | undefined;
}

const takenLogin = (login: string) =>
  refuse('login.taken', `“${login}” is taken as a name to sign in with. Choose another.`, 'login');

/** Who may come in: people and their passwords. */
@Injectable()
export class PeopleService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly sessions: SessionsService,
    private readonly failed: FailedSignIns,
    private readonly browsers: KnownBrowsers,
    private readonly second: SecondFactor,
    private readonly audit: AuditService,
  ) {}

  async add(person: NewPerson, db: Queries = this.db): Promise<Me> {
    const added = await this.insert(person, false, db);
    if (!added) throw takenLogin(foldedSignInName(person.login));
    return added;
  }

  /** Null when there is such a person already: one of this login, or a first instructor. */
  private async insert(person: NewPerson, isHead: boolean, db: Queries): Promise<Me | null> {
    const name = person.name.trim();
    const login = foldedSignInName(person.login);
    const { role, isMade = false } = person;
    const passwordHash = await hashOfPassword(person.password);
    const id = nanoid();
    const [added] = await db
      .insert(people)
      .values({ id, name, login, passwordHash, role, isHead, isFirstPassword: isMade })
      .onConflictDoNothing()
      .returning();
    return added ? meOf(added) : null;
  }

  /** The first visitor becomes the first instructor; of several at once exactly one. */
  async addFirst(person: Omit<NewPerson, 'role'>): Promise<Me> {
    judgePassword(person.password, [person.name, person.login]);
    const first = (await this.isEmpty())
      ? await this.insert({ ...person, role: 'instructor' }, true, this.db)
      : null;
    if (!first) throw refuse('first.taken', 'There is an instructor already. Sign in instead.');
    await this.audit.write('first-instructor', first.id, { aboutId: first.id });
    return first;
  }

  async isEmpty(): Promise<boolean> {
    return (await this.db.select({ id: people.id }).from(people).limit(1)).length === 0;
  }

  /** Who it is; refuses in one sentence, whether name or password is wrong. */
  async signIn({ login, password, code }: SignInRequest, from: SignsInFrom): Promise<Me> {
    const [found] = await this.db
      .select()
      .from(people)
      .where(eq(sql`lower(${people.login})`, foldedSignInName(login).toLowerCase()));
    const isKnown = found !== undefined && (await this.browsers.isKnown(from.browser, found.id));
    if (!isKnown && !this.failed.tried(from.address)) throw tooManyFailed();
    const fits = found
      ? await fitsPassword(found.passwordHash, password)
      : await wasteTime(password);
    if (!found || !fits) {
      if (found) await this.audit.write('sign-in-failed', null, { aboutId: found.id });
      throw refuse(
        'sign-in.wrong',
        'The name and the password do not go together. Check both, and the capitals.',
        'password',
      );
    }
    await this.second.judge(found, code);
    if (!isKnown) this.failed.succeeded(from.address);
    await this.audit.write('signed-in', found.id);
    return meOf(found);
  }

  personOf = (token: string): Promise<Me | null> => this.sessions.personOf(token);

  async byLogin(login: string): Promise<Me | null> {
    const [found] = await this.db.select().from(people).where(eq(people.login, login));
    if (!found) return null;
    return meOf(found);
  }

  /** One's own password, by who knows the old one; every other session ends. */
  async changePassword(
    me: Me,
    old: string,
    { next, token }: { readonly next: string; readonly token: string },
  ): Promise<void> {
    const found = await this.judgeOwn(me, old, 'old');
    judgePassword(next, [found.name, found.login], 'next');
    await this.setPassword(me.id, next, false);
    await this.sessions.endAll(me.id, token);
    this.sessions.readAnew(me.id);
    await this.audit.write('password-changed', me.id, { aboutId: me.id });
  }

  async ownSignIn(me: Me): Promise<OwnSignIn> {
    const [found] = await this.db.select().from(people).where(eq(people.id, me.id));
    if (!found) throw notFound('This person');
    return { login: found.login, hasSecondFactor: found.totpSecret !== null };
  }

  /** Refuses, at the field, who does not know the password of the one who is signed in. */
  async judgeOwn(me: Me, password: string, at: string): Promise<typeof people.$inferSelect> {
    const [found] = await this.db.select().from(people).where(eq(people.id, me.id));
    if (!found || !(await fitsPassword(found.passwordHash, password)))
      throw refuse('password.wrong', 'This is not the password that you have now.', at);
    return found;
  }

  /** A new password for somebody who has lost theirs, shown this once; their sessions end. */
  async resetPassword(
    by: Me,
    personId: string,
  ): Promise<{ name: string; login: string; password: string }> {
    const [found] = await this.db.select().from(people).where(eq(people.id, personId));
    if (!found) throw notFound('This person');
    const password = madePassword();
    await this.setPassword(personId, password, true);
    // Who has lost the password may have lost the device.
    if (found.totpSecret !== null) await this.second.turnOff(personId, by.id);
    await this.sessions.endAll(personId);
    await this.audit.write('password-reset', by.id, { aboutId: personId });
    return { name: found.name, login: found.login, password };
  }

  /** One’s own password, in the place of the one that the program made: whoever had that one has shown it by coming in. */
  async chooseFirst(me: Me, password: string, token: string): Promise<Me> {
    const [found] = await this.db.select().from(people).where(eq(people.id, me.id));
    if (!found?.isFirstPassword)
      throw refuse(
        'password.chosen',
        'You have chosen a password already. Change it under “My sign-in”.',
      );
    judgePassword(password, [found.name, found.login]);
    if (await fitsPassword(found.passwordHash, password))
      throw refuse(
        'password.same',
        'This is the one that you were given. Choose another, which nobody else knows.',
        'password',
      );
    await this.setPassword(me.id, password, false);
    await this.sessions.endAll(me.id, token);
    this.sessions.readAnew(me.id);
    await this.audit.write('password-changed', me.id, { aboutId: me.id });
    return meOf({ ...found, isFirstPassword: false });
  }

  private async setPassword(
    personId: string,
    password: string,
    isFirstPassword: boolean,
  ): Promise<void> {
    const passwordHash = await hashOfPassword(password);
    await this.db.transaction(async (tx) => {
      await tx.update(people).set({ passwordHash, isFirstPassword }).where(eq(people.id, personId));
      await tx.delete(signInLinks).where(eq(signInLinks.personId, personId));
    });
  }
}
