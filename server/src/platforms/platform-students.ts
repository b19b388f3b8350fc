import { planOfList, type ListedStudent } from '@gleddo/core';
import { and, eq } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { groups, people, platformPeople, sessions, tries } from '../database/schema/index.js';
import { knownStudents } from '../groups/known-students.js';
import { bringIn } from '../groups/memberships.js';
import { makeStudents, type ReadyPassword } from '../groups/new-students.js';
import { isUniqueViolation } from '../database/unique.js';
import type { Database } from '../database/open-database.js';

interface Comes {
  readonly platformId: string;
  readonly subject: string;
  readonly groupId: string;
  readonly student: ListedStudent;
  /** One that nobody knows, where somebody may be new: whoever comes from a platform needs none here. */
  readonly password: ReadyPassword | null;
}

export interface Found {
  readonly id: string;
  readonly isNew: boolean;
}

/**
 * Who a student of a platform is here: somebody of the class, or of the house, whom number or e-mail tell, or a name that nobody
 * else has where nobody has been here by it; else somebody new. From then on the platform’s own name for them tells it.
 */
export async function studentFrom(db: Database, comes: Comes): Promise<Found> {
  try {
    return await db.transaction((tx) => inClass(tx, comes));
  } catch (error) {
    // Another of the same name came at the same moment: now it is known who has it.
    if (!isUniqueViolation(error)) throw error;
    return db.transaction((tx) => inClass(tx, comes));
  }
}

async function inClass(tx: Queries, comes: Comes): Promise<Found> {
  const { platformId, subject, groupId } = comes;
  // One after the other: who opens two places at once is found by the second.
  await tx.select({ id: groups.id }).from(groups).where(eq(groups.id, groupId)).for('update');
  const already = await personOf(tx, platformId, subject);
  const id = already ?? (await matched(tx, comes));
  if (id !== null) await bringIn(tx, groupId, [id]);
  const isNew = id === null;
  const personId = id ?? (await made(tx, comes));
  if (already === null) await tx.insert(platformPeople).values({ platformId, subject, personId });
  return { id: personId, isNew };
}

/** Who somebody of a platform is here; null: it is not known. */
export async function personOf(
  db: Queries,
  platformId: string,
  subject: string,
): Promise<string | null> {
  const [known] = await db
    .select({ id: platformPeople.personId })
    .from(platformPeople)
    .where(and(eq(platformPeople.platformId, platformId), eq(platformPeople.subject, subject)));
  return known?.id ?? null;
}

async function matched(tx: Queries, { platformId, groupId, student }: Comes) {
  const taken = new Set(
    (
      await tx
        .select({ id: platformPeople.personId })
        .from(platformPeople)
        .where(eq(platformPeople.platformId, platformId))
    ).map(({ id }) => id),
  );
  const known = (await knownStudents(tx, groupId, [student]))
    .filter(({ id }) => !taken.has(id))
    .map((each) => ({ ...each, mayChange: false }));
  const [plan] = planOfList([student], known).students;
  const found = known.find(({ id }) => id === plan?.id);
  if (!plan || !found || plan.becomes === 'doubtful') return null;
  return isSigned(student, found) || (await isUntouched(tx, found.id)) ? found.id : null;
}

/** Whether a number or an e-mail tells who it is: a name people choose for themselves at many platforms. */
const isSigned = (one: ListedStudent, other: ListedStudent): boolean =>
  (['number', 'email'] as const).some(
    (sign) => one[sign] !== '' && one[sign].toLowerCase() === other[sign].toLowerCase(),
  );

/** Whether nobody has been here as this student: there is nothing that a namesake could come to see. */
async function isUntouched(tx: Queries, personId: string): Promise<boolean> {
  const [work] = await tx
    .select({ id: tries.id })
    .from(tries)
    .where(eq(tries.personId, personId))
    .limit(1);
  const [session] = await tx
    .select({ id: sessions.id })
    .from(sessions)
    .where(eq(sessions.personId, personId))
    .limit(1);
  const [person] = await tx.select().from(people).where(eq(people.id, personId));
  return work === undefined && session === undefined && person?.isFirstPassword === true;
}

async function made(tx: Queries, { groupId, password, subject, student }: Comes) {
  if (!password) throw new Error('somebody new needs what is kept of a password');
  const [one] = await makeStudents(tx, { groupId, token: `platform ${subject}` }, [
    { ...student, ...password },
  ]);
  const id = one?.id ?? '';
  await tx.update(people).set({ isFirstPassword: false }).where(eq(people.id, id));
  return id;
}
