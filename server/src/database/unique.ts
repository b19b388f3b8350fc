/** PostgreSQL, appendix A: a second row of what may be there once. */
const UNIQUE = '23505';

/** Whether the database refused a second row of what may be there once. */
export function isUniqueViolation(error: unknown): boolean {
  const { code, cause } = error as { code?: unknown; cause?: { code?: unknown } };
  return code === UNIQUE || cause?.code === UNIQUE;
}
