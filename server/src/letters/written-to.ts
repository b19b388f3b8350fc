import { and, eq, ne, sql } from 'drizzle-orm';
import { people } from '../database/schema/index.js';

const A_DAY = 86_400_000;
/** What is older is no news, to whomever it was never told. */
const OLDEST = 7 * A_DAY;

/** A day of letters: what it is called, and until when something closes soon. */
export interface LetterDay {
  readonly day: string;
  readonly now: Date;
  readonly soon: Date;
}

/** Whether somebody of a kind is written to on a day: they have an e-mail, want letters, and had none yet. */
export const isWrittenTo = (role: 'student' | 'instructor', { day }: LetterDay) =>
  and(
    ...[eq(people.role, role), ne(people.email, ''), people.wantsLetters],
    sql`not exists (select 1 from letters l where l.person_id = ${people.id} and l.day = ${day})`,
  );

/** Since when what happens is news to somebody. */
export const newsSince = ({ now }: LetterDay) =>
  sql`greatest(coalesce((select max(l.made_at) from letters l where l.person_id = ${people.id}), to_timestamp(0)), ${new Date(now.getTime() - OLDEST).toISOString()}::timestamptz)`;
