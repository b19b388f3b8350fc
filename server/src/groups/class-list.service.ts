import { Inject, Injectable } from '@nestjs/common';
import type { ClassListDone, ClassListPlan, ClassListRequest, Me } from '@gleddo/contract';
import {
  planOfList,
  type KnownStudent,
  type ListedStudent,
  type ListPlan,
  type PlannedStudent,
} from '@gleddo/core';
import { and, eq, inArray } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import { AuditService } from '../audit/audit.service.js';
import type { Database, Queries } from '../database/open-database.js';
import { groups, members, people } from '../database/schema/index.js';
import { isUniqueViolation } from '../database/unique.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { PeopleService } from '../people/people.service.js';
import { GroupsService, STUDENT } from './groups.service.js';
import { knownStudents, ownClassesOf } from './known-students.js';
import { makeStudents, readyPasswords, type ReadyPassword } from './new-students.js';
import { bringIn, takeOut } from './memberships.js';
import { WhoseStudents } from './whose-students.js';

const MOST_ATTEMPTS = 5;

interface ListToDo {
  readonly me: Me;
  readonly groupId: string;
  readonly plan: ListPlan;
  readonly list: Pick<ClassListRequest, 'takeOut'> & {
    readonly token: string;
    readonly ready: readonly ReadyPassword[];
  };
}

const plain = (list: readonly ListedStudent[]): ListedStudent[] =>
  list.map(({ name, number, email }) => ({ name, number, email }));

const of = (plan: ListPlan, ...kinds: PlannedStudent['becomes'][]) =>
  plan.students.filter(({ becomes }) => kinds.includes(becomes));

const doubtful = ({ name, why }: PlannedStudent) =>
  refuse(
    'list.doubtful',
    `Who “${name}” is can’t be told. ${why} Say who it is, or give a number; nothing of the list was done.`,
    'students',
  );

/** A school’s list of a class: what it will do, and its being done, all or nothing. */
@Injectable()
export class ClassListService {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly groups: GroupsService,
    private readonly whose: WhoseStudents,
    private readonly people: PeopleService,
    private readonly audit: AuditService,
  ) {}

  async look(me: Me, groupId: string, list: ClassListRequest): Promise<ClassListPlan> {
    await this.groups.own(me, groupId);
    const { plan, known } = await this.plan(me, { ...list, groupId }, this.db);
    const named = new Set([...plan.students.flatMap(({ could }) => could), ...plan.gone]);
    const classes = await ownClassesOf(this.db, me, [...named]);
    const said = new Set(plan.students.map(({ name }) => name.toLowerCase()));
    // Of a colleague’s student no name is told that did not stand in the list.
    const isTold = ({ stands, mayChange, name }: KnownStudent) =>
      stands !== 'elsewhere' || mayChange || said.has(name.toLowerCase());
    return {
      ...plan,
      people: known
        .filter(({ id }) => named.has(id))
        .map((each) => ({
          id: each.id,
          name: isTold(each) ? each.name : 'Somebody',
          classes: classes.get(each.id) ?? [],
        })),
    };
  }

  private async plan(
    me: Me,
    { groupId, students, same }: Pick<ClassListRequest, 'students' | 'same'> & { groupId: string },
    db: Queries,
  ) {
    const rows = plain(students);
    const found = await knownStudents(db, groupId, rows);
    const ids = found.map(({ id }) => id);
    const shared = await this.whose.shared(me, ids, db);
    const known = found.map((each) => ({ ...each, mayChange: !shared.has(each.id) }));
    return { known, plan: planOfList(rows, known, same) };
  }

  /** Sent again under the same token, since the answer was lost, it adds nobody and makes their passwords anew. */
  async take(me: Me, groupId: string, list: ClassListRequest): Promise<ClassListDone> {
    await this.groups.own(me, groupId);
    const { token = nanoid() } = list;
    let ready: ReadyPassword[] = [];
    for (let attempt = 0; attempt < MOST_ATTEMPTS; attempt++) {
      const { plan } = await this.plan(me, { ...list, groupId }, this.db);
      ready = [...ready, ...(await readyPasswords(of(plan, 'new').length - ready.length))];
      const done = await this.tryOnce(me, groupId, { ...list, token, ready });
      if (done) return 'again' in done ? this.withNewPasswords(me, done.again) : done;
    }
    throw refuse('group.busy', 'Others are adding students of these names. Try again in a moment.');
  }

  /** Null where somebody else was quicker: then nothing was done. */
  private async tryOnce(
    me: Me,
    groupId: string,
    list: ClassListRequest & { readonly token: string; readonly ready: readonly ReadyPassword[] },
  ) {
    try {
      return await this.db.transaction(async (tx) => {
        // One list after the other: what is sent twice at once finds what the first has added.
        await tx.select({ id: groups.id }).from(groups).where(eq(groups.id, groupId)).for('update');
        const again = await addedWith(tx, groupId, list.token);
        if (again.length > 0) return { again };
        const { plan } = await this.plan(me, { ...list, groupId }, tx);
        const [unknown] = of(plan, 'doubtful');
        if (unknown) throw doubtful(unknown);
        if (of(plan, 'new').length > list.ready.length) return null;
        return this.doAll(tx, { me, groupId, list, plan });
      });
    } catch (error) {
      if (isUniqueViolation(error)) return null;
      throw error;
    }
  }

  private async doAll(tx: Queries, { me, groupId, list, plan }: ListToDo): Promise<ClassListDone> {
    const fresh = of(plan, 'new').flatMap((student, i) => {
      const password = list.ready[i];
      return password ? [{ ...student, ...password }] : [];
    });
    const added = await makeStudents(tx, { groupId, token: list.token }, fresh);
    const ids = (...kinds: PlannedStudent['becomes'][]) =>
      of(plan, ...kinds).flatMap(({ id }) => id ?? []);
    const [joined, returned] = [ids('joins'), ids('returns')];
    const gone = plan.gone.filter((id) => list.takeOut?.includes(id));
    await bringIn(tx, groupId, [...joined, ...returned]);
    await takeOut(tx, groupId, gone);
    const changed = await changeAll(tx, plan);
    const written = [
      ['students-added', added.map(({ id }) => id)],
      ['student-joined', joined],
      ['student-returned', returned],
      ['student-changed', changed],
      ['student-taken-out', gone],
    ] as const;
    for (const [what, about] of written)
      for (const aboutId of about) await this.audit.write(what, me.id, { aboutId, db: tx });
    return {
      ...{ added, joined: joined.length, returned: returned.length },
      ...{ changed: changed.length, takenOut: gone.length },
    };
  }

  private async withNewPasswords(
    me: Me,
    students: readonly Omit<ClassListDone['added'][number], 'password'>[],
  ): Promise<ClassListDone> {
    const added: ClassListDone['added'][number][] = [];
    for (const student of students) {
      const { password } = await this.people.resetPassword(me, student.id);
      added.push({ ...student, password });
    }
    return { added, joined: 0, returned: 0, changed: 0, takenOut: 0 };
  }
}

const addedWith = (tx: Queries, groupId: string, token: string) =>
  tx
    .select(STUDENT)
    .from(people)
    .innerJoin(members, and(eq(members.personId, people.id), eq(members.groupId, groupId)))
    .where(eq(people.addedWith, token));

/** Whose name, number or e-mail the list says otherwise. */
async function changeAll(tx: Queries, { students }: ListPlan): Promise<string[]> {
  const changed = students.flatMap(({ id, changes }) =>
    id === null || changes.length === 0 ? [] : [{ id, changes }],
  );
  for (const { id, changes } of changed)
    await tx
      .update(people)
      .set(Object.fromEntries(changes.map(({ field, to }) => [field, to])))
      .where(inArray(people.id, [id]));
  return changed.map(({ id }) => id);
}
