import { Inject, Injectable } from '@nestjs/common';
import type { Me } from '@gleddo/contract';
import { and, eq, inArray, ne, sql } from 'drizzle-orm';
import type { Database, Queries } from '../database/open-database.js';
import {
  exercises,
  formerMembers,
  groups,
  members,
  people,
  tries,
} from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { DATABASE } from '../http/tokens.js';
import { groupsTaughtBy, seesTry } from '../reach/reach.js';

/** Who was made nameless can’t come in any more: their works alone are left. */
export const IS_HERE = ne(people.passwordHash, '');

const taughtByOthers = (name: string) =>
  refuse(
    'student.shared',
    `${name} is, or was, in a colleague’s class, too. The head of the house changes what is known of them, and sets new passwords.`,
  );

/** Who may change what is known of a student, and give them a new password: who alone has taught them, and the head of the house. */
@Injectable()
export class WhoseStudents {
  constructor(@Inject(DATABASE) private readonly db: Database) {}

  /** Which of them a colleague teaches as well, or did, or has works of. */
  async shared(me: Me, ids: readonly string[], db: Queries = this.db): Promise<Set<string>> {
    if (me.isHead || ids.length === 0) return new Set();
    const inClasses = (table: typeof members | typeof formerMembers) =>
      db
        .select({ id: table.personId })
        .from(table)
        .innerJoin(groups, eq(groups.id, table.groupId))
        .where(
          and(inArray(table.personId, [...ids]), sql`${groups.id} not in ${groupsTaughtBy(me.id)}`),
        );
    const works = db
      .select({ id: tries.personId })
      .from(tries)
      .innerJoin(exercises, eq(exercises.id, tries.exerciseId))
      .where(and(inArray(tries.personId, [...ids]), sql`not ${seesTry(me.id)}`));
    const rows = await inClasses(members).union(inClasses(formerMembers)).union(works);
    return new Set(rows.map(({ id }) => id));
  }

  async judge(me: Me, { id, name }: { readonly id: string; readonly name: string }): Promise<void> {
    if ((await this.shared(me, [id])).has(id)) throw taughtByOthers(name);
  }
}
