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
  /** The address that people know: with https, cookies are Secure and browsers are told to stay with it. */
  readonly publicAddress: string | null;
  /** The proxies whose word on who asks is taken: addresses or nets; null: nobody's. */
  readonly trustedProxy: string | null;
  /** After so many hours without a request one is signed out. */
  readonly idleHours: number;
  readonly logLevel: string;
  readonly database: DatabaseSettings;
}

/** The folder of the server's package, from the built file and from the source alike. */
function packageFolder(): string {
  let at = dirname(fileURLToPath(import.meta.url));
  while (!existsSync(join(at, 'migrations'))) at = dirname(at);
  return at;
}

const USUAL_IDLE = 12;
const LONGEST_IDLE = 336;

export class SettingRefused extends Error {}

function portFrom(text: string | undefined): number {
  const port = Number(text ?? 3000);
  if (Number.isInteger(port) && port >= 0 && port <= 65_535) return port;
  throw new SettingRefused(
    `GLEDDO_PORT is “${text}”; a port is a whole number from 0 to 65535. Give it one, such as 3000.`,
  );
}

function hoursFrom(text: string | undefined): number {
  const hours = Number(text || USUAL_IDLE);
  if (hours > 0 && hours <= LONGEST_IDLE) return hours;
  throw new SettingRefused(
    `GLEDDO_IDLE_HOURS is “${text}”; give a number of hours from 0.1 to ${LONGEST_IDLE}, such as ${USUAL_IDLE}.`,
  );
}

function addressFrom(text: string | undefined): string | null {
  if (text === undefined || text === '') return null;
  if (/^https?:\/\/[^/\s]+\/?$/.test(text)) return text.replace(/\/$/, '');
  throw new SettingRefused(
    `GLEDDO_ADDRESS is “${text}”; write the address that people type, such as https://books.school.example.`,
  );
}

/** Settings from the environment; the README names them. */
export function settingsFrom(env: NodeJS.ProcessEnv): Settings {
  const server = packageFolder();
  const web = resolve(server, '../web/dist');
  return {
    port: portFrom(env['GLEDDO_PORT']),
    host: env['GLEDDO_HOST'] ?? '127.0.0.1',
    demo: env['GLEDDO_DEMO'] === '1',
    web: existsSync(join(web, 'index.html')) ? web : null,
    publicAddress: addressFrom(env['GLEDDO_ADDRESS']),
    trustedProxy: env['GLEDDO_TRUST_PROXY'] || null,
    idleHours: hoursFrom(env['GLEDDO_IDLE_HOURS']),
    logLevel: env['GLEDDO_LOG'] ?? 'warn',
    database: {
      url: env['DATABASE_URL'] || null,
      folder: resolve(env['GLEDDO_DATA'] ?? join(server, '../data/main')),
      migrations: join(server, 'migrations'),
    },
  };
}

export const isSecure = ({ publicAddress }: Settings): boolean =>
  publicAddress?.startsWith('https://') === true;
