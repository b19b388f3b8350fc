/** Codes of a database that is not there, or has let go of us. Source: PostgreSQL, appendix A, class 57 and 08; Node. */
const AWAY = new Set([
  ...['57P01', '57P02', '57P03', '08000', '08001', '08003', '08004', '08006', '53300'],
  ...['ECONNREFUSED', 'ECONNRESET', 'EPIPE', 'ENOTFOUND', 'ETIMEDOUT', 'EAI_AGAIN'],
]);

/** What the driver says of a connection that is gone, where there is no code. */
const LOST = [
  'Connection terminated',
  'timeout exceeded when trying to connect',
  'Client has encountered a connection error and is not queryable',
];

/** Whether an error says that the database could not be reached, rather than that it refused something. */
export function isAway(error: unknown): boolean {
  for (let at = error, n = 0; at instanceof Error && n < 5; at = at.cause, n++) {
    const { code } = at as Error & { code?: unknown };
    if (typeof code === 'string' && AWAY.has(code)) return true;
    if (LOST.some((words) => at.message.includes(words))) return true;
  }
  return false;
}
