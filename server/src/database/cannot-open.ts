/** The database can't be opened; the message is one sentence or two that say why and what to do. */
export class CannotOpen extends Error {}

const withoutPassword = (url: string): string => url.replace(/:\/\/([^:@/]*):[^@/]*@/, '://$1:…@');

const WHY: Readonly<Record<string, string>> = {
  ECONNREFUSED: 'nothing listens there. Start PostgreSQL, or correct DATABASE_URL.',
  ENOTFOUND: 'there is no such machine. Correct the name in DATABASE_URL.',
  EAI_AGAIN: 'the name of the machine can’t be looked up. Check the network, or DATABASE_URL.',
  ETIMEDOUT: 'it does not answer. Check the network and the firewall, or DATABASE_URL.',
  '28P01': 'it does not take the password. Correct it in DATABASE_URL.',
  '28000': 'it does not let this user in. Correct DATABASE_URL, or pg_hba.conf.',
  '3D000': 'it has no database of this name. Create it with createdb, or correct DATABASE_URL.',
  '42501': 'the user may not create tables there. Make them the owner of the database.',
  '53300': 'it has no connection left. Raise max_connections, or stop what holds them.',
};

/** What a PostgreSQL that can't be used is told as. */
export function postgresSays(error: unknown, url: string): CannotOpen {
  let code = '';
  for (let at = error as { code?: unknown; cause?: unknown } | undefined, n = 0; at && n < 5; n++) {
    if (typeof at.code === 'string') code = at.code;
    at = at.cause as typeof at;
  }
  const message = error instanceof Error ? error.message.split('\n')[0] : String(error);
  const why = WHY[code] ?? `${message}. Check DATABASE_URL and the log of PostgreSQL.`;
  return new CannotOpen(`The PostgreSQL at ${withoutPassword(url)} can’t be used: ${why}`);
}
