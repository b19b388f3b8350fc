import { existsSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { DatabaseSettings } from '../database/open-database.js';

export interface Settings {
  readonly port: number;
  readonly host: string;
  /** Whether the demo world is laid out and its people sign in with one click. */
  readonly demo: boolean;
  /** The folder of the built web application; null while it is served otherwise. */
  readonly web: string | null;
  readonly database: DatabaseSettings;
}

/** The folder of the server's package, from the built file and from the source alike. */
function packageFolder(): string {
  let at = dirname(fileURLToPath(import.meta.url));
  while (!existsSync(join(at, 'migrations'))) at = dirname(at);
  return at;
}

/** Settings from the environment: GLEDDO_PORT, GLEDDO_HOST, GLEDDO_DATA, GLEDDO_DEMO, DATABASE_URL. */
export function settingsFrom(env: NodeJS.ProcessEnv): Settings {
  const server = packageFolder();
  const web = resolve(server, '../web/dist');
  return {
    port: Number(env['GLEDDO_PORT'] ?? 3000),
    host: env['GLEDDO_HOST'] ?? '127.0.0.1',
    demo: env['GLEDDO_DEMO'] === '1',
    web: existsSync(join(web, 'index.html')) ? web : null,
    database: {
      url: env['DATABASE_URL'] ?? null,
      folder: resolve(env['GLEDDO_DATA'] ?? join(server, '../data/main')),
      migrations: join(server, 'migrations'),
    },
  };
}
