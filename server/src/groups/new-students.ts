import type { ClassListDone } from '@gleddo/contract';
import type { ListedStudent } from '@gleddo/core';
import { slugOf } from '@gleddo/core';
import { inArray, like, or, sql } from 'drizzle-orm';
import { nanoid } from 'nanoid';
import type { Queries } from '../database/open-database.js';
import { members, people } from '../database/schema/index.js';
import { hashOfPassword, madePassword } from '../people/passwords.js';

type Added = ClassListDone['added'][number];

/** A password, and what is kept of it, which takes long. */
export interface ReadyPassword {
  readonly password: string;
  readonly passwordHash: string;
}

export const readyPasswords = (many: number): Promise<ReadyPassword[]> =>
  Promise.all(
    Array.from({ length: many }, async () => {
      const password = madePassword();
      return { password, passwordHash: await hashOfPassword(password) };
    }),
  );

/** Makes students and puts them into a class group; a name to sign in with that was taken meanwhile is a conflict. */
export async function makeStudents(
  tx: Queries,
  { groupId, token }: { readonly groupId: string; readonly token: string },
  fresh: readonly (ListedStudent & ReadyPassword)[],
): Promise<Added[]> {
  if (fresh.length === 0) return [];
  const logins = await freeLogins(tx, fresh);
  const made = fresh.map((each, i) => ({ ...each, id: nanoid(), login: logins[i] ?? '' }));
  await tx.insert(people).values(
    made.map(({ id, name, number, email, login, passwordHash }) => ({
      ...{ id, name, number, email, login, passwordHash },
      ...{ role: 'student' as const, addedWith: token, isFirstPassword: true },
    })),
  );
  await tx.insert(members).values(made.map(({ id }) => ({ groupId, personId: id })));
  return made.map(({ id, name, number, email, login, password }) => ({
    ...{ id, name, number, email, login, password },
  }));
}

/** A name to sign in with for each, that nobody has: `ada.finch`, `ada.finch2`. */
async function freeLogins(db: Queries, fresh: readonly ListedStudent[]): Promise<string[]> {
  const wanted = fresh.map(({ name }) => slugOf(name).replaceAll('-', '.') || 'student');
  const alike = await db
    .select({ login: sql<string>`lower(${people.login})` })
    .from(people)
    .where(
      or(inArray(people.login, wanted), ...wanted.map((each) => like(people.login, `${each}%`))),
    );
  const taken = new Set(alike.map(({ login }) => login));
  return wanted.map((stem) => {
    let login = stem;
    for (let n = 2; taken.has(login); n++) login = `${stem}${n}`;
    taken.add(login);
    return login;
  });
}
