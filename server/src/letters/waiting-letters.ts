import { sql } from 'drizzle-orm';
import { letters } from '../database/schema/index.js';

/** What could not go by then is news no more. */
const MOST_TRIES = 24;

/**
 * Whether a letter is still to go. One whose sending was begun and never came to an end may have gone: it is not sent twice,
 * and does not wait.
 */
export const isToGo = sql<boolean>`(${letters.sentAt} is null and ${letters.tried} < ${MOST_TRIES}
  and (${letters.tried} = 0 or ${letters.fault} is not null))`;
