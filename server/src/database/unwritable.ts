import { codesOf } from './codes-of.js';

/** PostgreSQL, appendix A: a character that no text of its can hold, such as NUL. */
const UNWRITABLE: ReadonlySet<string> = new Set(['22021', '22P05']);

/** Whether the database refused a text for a character that it can't hold. */
export const isUnwritable = (error: unknown): boolean =>
  codesOf(error).some((code) => UNWRITABLE.has(code));
