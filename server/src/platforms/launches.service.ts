import { Inject, Injectable } from '@nestjs/common';
import type { ArrivalDone, ArrivalShown, Me } from '@gleddo/contract';
import { and, eq } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import {
  people,
  platformCourses,
  platformLinks,
  platformPeople,
  platformStaff,
} from '../database/schema/index.js';
import { readyPasswords } from '../groups/new-students.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { meOf } from '../people/me-of.js';
import { markOf, type Arrival } from './arriving.service.js';
import type { Launch } from './launch.js';
import { OwnKeys } from './own-keys.js';
import { personOf, studentFrom } from './platform-students.js';
import { PlatformsService } from './platforms.service.js';
import { RefusedArrival } from './refused-arrival.js';

/** In seconds. */
const TO_SAY_WHO = 900;
const WHO = 'who comes';

type Link = typeof platformLinks.$inferSelect;
type Course = typeof platformCourses.$inferSelect;

/** Where whoever comes goes on, and as whom they are signed in; nobody: they sign in themselves. */
export interface GoesOn {
  readonly to: string;
  readonly me: Me | null;
}

/** Where a student opens what. */
interface StudentAt {
  readonly course: Course;
  readonly link: Link;
  readonly isKnown: boolean;
}

const notYou = () =>
  refuse(
    'platform.not-you',
    'This way in is older than a quarter of an hour, or was begun in another browser. Open the exercise at your school’s platform again.',
  );

/** What becomes of somebody whom a platform sends: who they are here, and where they go on. */
@Injectable()
export class LaunchesService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly platforms: PlatformsService,
    private readonly own: OwnKeys,
    private readonly audit: AuditService,
  ) {}

  async goOn(arrival: Arrival, browser: string): Promise<GoesOn> {
    const { platform, launch } = arrival;
    const course = await this.courseOf(arrival);
    const link = await this.linkOf(course, launch);
    const known = await personOf(this.db, platform.id, launch.subject);
    const person = known === null ? null : await this.person(known);
    if (person?.role === 'instructor') return this.asInstructor(person, course, link);
    if (launch.isStaff && person === null) return this.askWho(arrival, link, browser);
    return this.asStudent(arrival, { course, link, isKnown: person !== null });
  }

  private async person(id: string) {
    const [found] = await this.db.select().from(people).where(eq(people.id, id));
    return found ?? null;
  }

  private async asInstructor(
    person: typeof people.$inferSelect,
    course: Course,
    link: Link,
  ): Promise<GoesOn> {
    await this.db
      .insert(platformStaff)
      .values({ courseId: course.id, personId: person.id })
      .onConflictDoNothing();
    const isSet = link.exerciseId !== null && course.groupId !== null;
    // Whoever asks for a second device is asked here, too: a platform does not stand in for it.
    return {
      to: isSet ? `/results/${link.exerciseId}` : `/from-platform/link/${link.id}`,
      me: person.totpSecret === null ? meOf(person) : null,
    };
  }

  private async asStudent({ platform, launch }: Arrival, at: StudentAt): Promise<GoesOn> {
    const { exerciseId } = at.link;
    const { groupId } = at.course;
    if (exerciseId === null || groupId === null) throw new RefusedArrival('not-set');
    // What is meant to take long is done for who may be new alone: a whole class comes at once.
    const [password = null] = at.isKnown ? [] : await readyPasswords(1);
    const { name, number, email, subject } = launch;
    const student = { name, number, email };
    const found = await studentFrom(this.db, {
      ...{ platformId: platform.id, subject, groupId, student, password },
    });
    const person = await this.person(found.id);
    if (!person || person.passwordHash === '') throw new RefusedArrival('away');
    if (found.isNew) await this.audit.write('came-from-platform', null, { aboutId: person.id });
    return { to: `/mine/${exerciseId}`, me: meOf(person) };
  }

  /** An instructor whom nobody knows as one of the platform says it once, signed in here. */
  private async askWho({ platform, launch }: Arrival, link: Link, browser: string) {
    const said = {
      ...{ platform: platform.id, subject: launch.subject, name: launch.name, link: link.id },
      browser: markOf(browser),
    };
    const token = await this.own.sign(said, WHO, TO_SAY_WHO);
    return { to: `/from-platform/who/${token}`, me: null };
  }

  private async saidIn(token: string, browser: string | undefined) {
    const said = await this.own.read(token, WHO);
    const isHere = browser !== undefined && said?.['browser'] === markOf(browser);
    const platform = said && (await this.platforms.byId(String(said['platform'])));
    if (!said || !isHere || !platform) throw notYou();
    return { platform, subject: String(said['subject']), said };
  }

  async who(token: string, browser: string | undefined): Promise<ArrivalShown> {
    const { platform, said } = await this.saidIn(token, browser);
    return { platform: platform.name, name: String(said['name']) };
  }

  /** From now on whoever the platform sends so is signed in as this instructor. */
  async itIsMe(me: Me, token: string, browser: string | undefined): Promise<ArrivalDone> {
    const { platform, subject, said } = await this.saidIn(token, browser);
    const row = { platformId: platform.id, subject, personId: me.id };
    const [link] = await this.db
      .select()
      .from(platformLinks)
      .where(eq(platformLinks.id, String(said['link'])));
    if (!link) throw notYou();
    await this.db.transaction(async (tx) => {
      // One account of a platform is one person, and one person one account of it: the last that was said.
      await tx
        .delete(platformPeople)
        .where(and(eq(platformPeople.platformId, platform.id), eq(platformPeople.personId, me.id)));
      await tx
        .insert(platformPeople)
        .values(row)
        .onConflictDoUpdate({
          target: [platformPeople.platformId, platformPeople.subject],
          set: { personId: me.id },
        });
      await tx
        .insert(platformStaff)
        .values({ courseId: link.courseId, personId: me.id })
        .onConflictDoNothing();
      await this.audit.write('platform-said-who', me.id, { aboutId: me.id, db: tx });
    });
    return { to: `/from-platform/link/${link.id}` };
  }

  private async courseOf({ platform, launch }: Arrival): Promise<Course> {
    const { context, title } = launch.course;
    const { membersUrl } = launch;
    const row = { platformId: platform.id, context, title, membersUrl };
    const [course] = await this.db
      .insert(platformCourses)
      .values({ id: nanoid(), ...row })
      .onConflictDoUpdate({
        target: [platformCourses.platformId, platformCourses.context],
        set: { title, ...(membersUrl !== null && { membersUrl }) },
      })
      .returning();
    if (!course) throw new RefusedArrival('kind');
    return course;
  }

  private async linkOf({ id: courseId }: Course, launch: Launch): Promise<Link> {
    const { resource, title } = launch.place;
    const { lineItemUrl, lineItemsUrl } = launch;
    const [link] = await this.db
      .insert(platformLinks)
      .values({ id: nanoid(), courseId, resource, title, lineItemUrl, lineItemsUrl })
      .onConflictDoUpdate({
        target: [platformLinks.courseId, platformLinks.resource],
        set: {
          title,
          ...(lineItemUrl !== null && { lineItemUrl }),
          ...(lineItemsUrl !== null && { lineItemsUrl }),
        },
      })
      .returning();
    if (!link) throw new RefusedArrival('kind');
    return link;
  }
}
