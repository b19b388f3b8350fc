import { Inject, Injectable } from '@nestjs/common';
import type {
  GroupAnswer,
  MadeLink,
  MadePassword,
  Me,
  Student,
  StudentRequest,
} from '@gleddo/contract';
import { eq } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { people } from '../database/schema/index.js';
import { notFound } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { SignInLinksService } from '../people/sign-in-links.service.js';
import { PeopleService } from '../people/people.service.js';
import { SessionsService } from '../people/sessions.service.js';
import { GroupsService } from './groups.service.js';
import { bringIn, takeOut } from './memberships.js';
import { WhoseStudents } from './whose-students.js';

/** A student of one’s own class, one at a time: renamed, moved, taken out and back, given a new password. */
@Injectable()
export class StudentsService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly groups: GroupsService,
    private readonly whose: WhoseStudents,
    private readonly people: PeopleService,
    private readonly links: SignInLinksService,
    private readonly audit: AuditService,
    private readonly sessions: SessionsService,
  ) {}

  /** Who is or was in a class of one’s own. */
  async find(me: Me, groupId: string, id: string): Promise<Student> {
    await this.groups.own(me, groupId);
    const { members, former } = await this.groups.open(me, groupId);
    const found = [...members, ...former].find((each) => each.id === id);
    if (!found) throw notFound('This student');
    return found;
  }

  async change(
    me: Me,
    groupId: string,
    { id, to }: { readonly id: string; readonly to: StudentRequest },
  ): Promise<GroupAnswer> {
    await this.whose.judge(me, await this.find(me, groupId, id));
    const said = Object.entries({ name: to.name, number: to.number, email: to.email }).flatMap(
      ([field, text]) => (text === undefined ? [] : [[field, text.trim()] as const]),
    );
    if (said.length > 0)
      await this.db.transaction(async (tx) => {
        await tx.update(people).set(Object.fromEntries(said)).where(eq(people.id, id));
        await this.audit.write('student-changed', me.id, { aboutId: id, db: tx });
      });
    await this.sessions.lookAgain(id);
    return this.groups.open(me, groupId);
  }

  async takeOut(me: Me, groupId: string, id: string): Promise<GroupAnswer> {
    await this.find(me, groupId, id);
    await this.db.transaction(async (tx) => {
      await takeOut(tx, groupId, [id]);
      await this.audit.write('student-taken-out', me.id, { aboutId: id, db: tx });
    });
    return this.groups.open(me, groupId);
  }

  async bringBack(me: Me, groupId: string, id: string): Promise<GroupAnswer> {
    await this.find(me, groupId, id);
    await this.db.transaction(async (tx) => {
      await bringIn(tx, groupId, [id]);
      await this.audit.write('student-returned', me.id, { aboutId: id, db: tx });
    });
    return this.groups.open(me, groupId);
  }

  /** To another class of one’s own: out of this one and into that one in one step. */
  async move(
    me: Me,
    groupId: string,
    { id, to }: { readonly id: string; readonly to: string },
  ): Promise<GroupAnswer> {
    await this.find(me, groupId, id);
    await this.groups.own(me, to);
    await this.db.transaction(async (tx) => {
      await takeOut(tx, groupId, [id]);
      await bringIn(tx, to, [id]);
      await this.audit.write('student-taken-out', me.id, { aboutId: id, db: tx });
      await this.audit.write('student-joined', me.id, { aboutId: id, db: tx });
    });
    return this.groups.open(me, groupId);
  }

  /** A new password, shown this once. */
  async resetPassword(me: Me, groupId: string, id: string): Promise<MadePassword> {
    await this.whose.judge(me, await this.find(me, groupId, id));
    return this.people.resetPassword(me, id);
  }

  /** A link by which they choose a password of their own. */
  async link(me: Me, groupId: string, id: string): Promise<MadeLink> {
    await this.whose.judge(me, await this.find(me, groupId, id));
    return this.links.make(me, id);
  }
}
