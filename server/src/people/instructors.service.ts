import { Inject, Injectable } from '@nestjs/common';
import {
  foldedSignInName,
  type Instructor,
  type MadeLink,
  type MadePassword,
  type Me,
} from '@gleddo/contract';
import { and, asc, eq, sql } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { people } from '../database/schema/index.js';
import { notFound } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { madePassword } from './passwords.js';
import { PeopleService } from './people.service.js';
import { SignInLinksService } from './sign-in-links.service.js';

/** The instructors of the house, each with companies and classes of their own. */
@Injectable()
export class InstructorsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly people: PeopleService,
    private readonly links: SignInLinksService,
    private readonly audit: AuditService,
  ) {}

  async list(): Promise<Instructor[]> {
    const count = (table: string) =>
      sql<number>`(select count(*) from ${sql.identifier(table)} where owner_id = "people"."id")`.mapWith(
        Number,
      );
    return this.db
      .select({
        id: people.id,
        name: people.name,
        login: people.login,
        isHead: people.isHead,
        companies: count('companies'),
        groups: count('groups'),
      })
      .from(people)
      .where(eq(people.role, 'instructor'))
      .orderBy(asc(people.createdAt));
  }

  /** Another instructor, with a password that is shown this once. */
  async add(me: Me, name: string, login: string): Promise<MadePassword> {
    const password = madePassword();
    const added = await this.people.add({
      name,
      login,
      password,
      role: 'instructor',
      isMade: true,
    });
    await this.audit.write('instructor-made', me.id, { aboutId: added.id });
    return { name: added.name, login: foldedSignInName(login), password };
  }

  async resetPassword(me: Me, id: string): Promise<MadePassword> {
    await this.judge(id);
    return this.people.resetPassword(me, id);
  }

  async link(me: Me, id: string): Promise<MadeLink> {
    await this.judge(id);
    return this.links.make(me, id);
  }

  private async judge(id: string): Promise<void> {
    const [found] = await this.db
      .select({ id: people.id })
      .from(people)
      .where(and(eq(people.id, id), eq(people.role, 'instructor')));
    if (!found) throw notFound('This instructor');
  }
}
