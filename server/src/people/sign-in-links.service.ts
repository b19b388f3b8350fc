import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { LinkShown, MadeLink, Me } from '@gleddo/contract';
import { and, eq, gt } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { people, signInLinks } from '../database/schema/index.js';
import { notFound, refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { meOf } from './me-of.js';
import { hashOfPassword } from './passwords.js';
import { SessionsService } from './sessions.service.js';
import { judgePassword } from './weak-passwords.js';

const DAYS = 14;
const A_DAY = 86_400_000;
const BYTES = 24;

const idOf = (token: string): string => createHash('sha256').update(token).digest('base64url');

const usedUp = () =>
  refuse(
    'link.used',
    'This link has been used, or is older than two weeks. Ask whoever gave it to you for another.',
  );

/** Who comes by a link, and whether a second device is asked for all the same. */
interface ComeByLink {
  readonly me: Me;
  readonly hasSecondFactor: boolean;
}

/** Links by which people choose a password of their own: passed on instead of one that the program made. */
@Injectable()
export class SignInLinksService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
  ) {}

  /** A new link for somebody; one that was given out before is worth nothing any more. Their password stays until it is used. */
  async make(by: Me, personId: string): Promise<MadeLink> {
    const [found] = await this.db.select().from(people).where(eq(people.id, personId));
    if (!found) throw notFound('This person');
    const token = randomBytes(BYTES).toString('base64url');
    const link = { id: idOf(token), personId, until: new Date(Date.now() + DAYS * A_DAY) };
    await this.db.transaction(async (tx) => {
      await tx
        .insert(signInLinks)
        .values(link)
        .onConflictDoUpdate({ target: signInLinks.personId, set: link });
      await this.audit.write('link-made', by.id, { aboutId: personId, db: tx });
    });
    const { name, login, email } = found;
    return { name, login, email, token, until: link.until.toISOString() };
  }

  async look(token: string): Promise<LinkShown> {
    const found = await this.found(token);
    return { name: found.name, login: found.login };
  }

  /** Whom a link is for, and until when: for who passes it on. */
  async whose(token: string) {
    const { person, until } = await this.rowOf(token);
    const { id, name, login, email } = person;
    return { id, name, login, email, until };
  }

  /** Sets the password that its person chooses; the link is used up, and whoever was signed in as them is so no longer. */
  async use(token: string, password: string): Promise<ComeByLink> {
    const person = await this.found(token);
    judgePassword(password, [person.name, person.login]);
    const passwordHash = await hashOfPassword(password);
    await this.db.transaction(async (tx) => {
      const [used] = await tx
        .delete(signInLinks)
        .where(eq(signInLinks.id, idOf(token)))
        .returning({ id: signInLinks.id });
      if (!used) throw usedUp();
      await tx
        .update(people)
        .set({ passwordHash, isFirstPassword: false })
        .where(eq(people.id, person.id));
      await this.audit.write('link-used', person.id, { aboutId: person.id, db: tx });
    });
    await this.sessions.endAll(person.id);
    const me = meOf({ ...person, isFirstPassword: false });
    return { me, hasSecondFactor: person.totpSecret !== null };
  }

  private found = async (token: string) => (await this.rowOf(token)).person;

  private async rowOf(token: string) {
    const [row] = await this.db
      .select({ person: people, until: signInLinks.until })
      .from(signInLinks)
      .innerJoin(people, eq(people.id, signInLinks.personId))
      .where(and(eq(signInLinks.id, idOf(token)), gt(signInLinks.until, new Date())));
    if (!row) throw usedUp();
    return row;
  }
}
