/** PostgreSQL, appendix A: a character that no text of its can hold, such as NUL. */
const UNWRITABLE = new Set(['22021', '22P05']);

/** Whether the database refused a text for a character that it can't hold. */
export function isUnwritable(error: unknown): boolean {
  for (let at = error, n = 0; at instanceof Error && n < 5; at = at.cause, n++)
    if (UNWRITABLE.has(String((at as { code?: unknown }).code))) return true;
  return false;
}
