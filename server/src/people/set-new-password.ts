import { foldedSignInName } from '@gleddo/contract';
import { eq, sql } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { audit, people, sessions, signInLinks } from '../database/schema/index.js';
import { hashOfPassword, madePassword } from './passwords.js';

/** A new password for somebody, without a second device, signed out everywhere; null where nobody signs in so. */
export async function setNewPassword(db: Queries, login: string): Promise<string | null> {
  const password = madePassword();
  const passwordHash = await hashOfPassword(password);
  const [found] = await db
    .update(people)
    .set({ passwordHash, isFirstPassword: true, totpSecret: null, totpStep: null })
    .where(eq(sql`lower(${people.login})`, foldedSignInName(login).toLowerCase()))
    .returning({ id: people.id });
  if (!found) return null;
  await db.delete(sessions).where(eq(sessions.personId, found.id));
  await db.delete(signInLinks).where(eq(signInLinks.personId, found.id));
  await db.insert(audit).values({ what: 'password-reset', byId: null, aboutId: found.id });
  return password;
}
