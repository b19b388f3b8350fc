import { eq } from 'drizzle-orm';
import type { Queries } from '../database/open-database.js';
import { answers } from '../database/schema/index.js';

/** What was answered beside a book, by question. */
export async function answersBeside(
  db: Queries,
  bookId: string,
): Promise<Readonly<Record<string, string>>> {
  const rows = await db.select().from(answers).where(eq(answers.bookId, bookId));
  return Object.fromEntries(rows.map(({ questionId, answer }) => [questionId, answer]));
}

/** Gives another book the answers that stand beside one. */
export async function copyAnswers(db: Queries, from: string, to: string): Promise<void> {
  const rows = await db.select().from(answers).where(eq(answers.bookId, from));
  if (rows.length > 0) await db.insert(answers).values(rows.map((row) => ({ ...row, bookId: to })));
}
