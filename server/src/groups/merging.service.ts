import { Inject, Injectable } from '@nestjs/common';
import type { GroupAnswer, Me, Student } from '@gleddo/contract';
import { eq, inArray, sql } from 'drizzle-orm';
import { AuditService } from '../audit/audit.service.js';
import type { Database, Queries } from '../database/open-database.js';
import { exercises, formerMembers, members, people, tries } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { drawsFigures } from '../kept/kept-rules.js';
import { SessionsService } from '../people/sessions.service.js';
import { GroupsService } from './groups.service.js';
import { moveWhatIsTheirs } from './what-is-theirs.js';
import { StudentsService } from './students.service.js';
import { WhoseStudents } from './whose-students.js';

interface Both {
  readonly from: Student;
  readonly into: Student;
}

const samePerson = () =>
  refuse('merge.same', 'This is one and the same. Choose the other one of the two.', 'into');

const bothDone = (title: string, { from, into }: Both) =>
  refuse(
    'merge.both-done',
    `Both ${from.name} (${from.login}) and ${into.name} (${into.login}) have handed in “${title}”. Open one of the two works again first: of two, the one that is further stays.`,
    'into',
  );

const ownFigures = (title: string, { from, into }: Both) =>
  refuse(
    'merge.own-figures',
    `${from.name} (${from.login}) works in “${title}” with figures drawn for that sign-in; under another they would no longer be their own. Keep ${from.login}, and put ${into.login} to it.`,
    'into',
  );

/** Two that are one person become one: works, classes and all else of the one who goes are the other’s. */
@Injectable()
export class MergingService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly groups: GroupsService,
    private readonly students: StudentsService,
    private readonly whose: WhoseStudents,
    private readonly audit: AuditService,
    private readonly sessions: SessionsService,
  ) {}

  async merge(
    me: Me,
    groupId: string,
    { id, into: other }: { readonly id: string; readonly into: string },
  ): Promise<GroupAnswer> {
    if (id === other) throw samePerson();
    const both = {
      from: await this.students.find(me, groupId, id),
      into: await this.students.find(me, groupId, other),
    };
    for (const each of [both.from, both.into]) await this.whose.judge(me, each);
    await this.sessions.endAll(id);
    await this.db.transaction((tx) => this.put(tx, me, both));
    await this.sessions.lookAgain(id);
    return this.groups.open(me, groupId);
  }

  private async put(tx: Queries, me: Me, both: Both): Promise<void> {
    const { from, into } = both;
    // Nobody begins or hands in anything meanwhile under either.
    await tx
      .select({ id: people.id })
      .from(people)
      .where(inArray(people.id, [from.id, into.id]))
      .orderBy(people.id)
      .for('update');
    await settleWorks(tx, both);
    await this.takeAlong(tx, both);
    await moveWhatIsTheirs(tx, from.id, into.id);
    await tx.delete(people).where(eq(people.id, from.id));
    await this.audit.write('students-merged', me.id, { aboutId: into.id, db: tx });
  }

  /** The classes of both, and what the one who stays does not say of themselves. */
  private async takeAlong(tx: Queries, { from, into }: Both): Promise<void> {
    for (const table of [members, formerMembers])
      await tx.execute(
        sql`insert into ${table} (group_id, person_id)
          select group_id, ${into.id} from ${table} where person_id = ${from.id}
          on conflict do nothing`,
      );
    await tx.execute(
      sql`delete from former_members f where person_id = ${into.id}
        and exists (select 1 from members m where m.group_id = f.group_id and m.person_id = ${into.id})`,
    );
    await tx
      .update(people)
      .set({ number: into.number || from.number, email: into.email || from.email })
      .where(eq(people.id, into.id));
  }
}

/** Of two works in one exercise the one that is further stays; what can’t be settled so is refused. */
async function settleWorks(tx: Queries, both: Both): Promise<void> {
  const rows = await tx
    .select({ work: tries, title: exercises.title, rules: exercises.keyRules })
    .from(tries)
    .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
    .where(inArray(tries.personId, [both.from.id, both.into.id]));
  const own = rows.find(({ work, rules }) => work.personId === both.from.id && drawsFigures(rules));
  if (own) throw ownFigures(own.title, both);
  for (const { work, title } of rows.filter(({ work: each }) => each.personId === both.from.id)) {
    const other = rows.find(
      (each) => each.work.exerciseId === work.exerciseId && each.work.personId === both.into.id,
    );
    if (!other) continue;
    const isOpen = (each: typeof work) => each.state === 'working';
    if (!isOpen(work) && !isOpen(other.work)) throw bothDone(title, both);
    const goes = isOpen(work) ? work : other.work;
    await tx.delete(tries).where(eq(tries.id, goes.id));
  }
}
