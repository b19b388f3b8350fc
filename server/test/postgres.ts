import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { chownSync, existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Client } from 'pg';

/** A PostgreSQL of the tests' own: Debian's, over a fresh folder, on this machine alone. */
export interface TestPostgres {
  /** A fresh database; its address. */
  database(): Promise<string>;
  /** Lets go of every connection but its own, as a failing network does. */
  cutConnections(): Promise<void>;
  /** Ends as its operator ends it, letting go of everybody, and begins again at the same address. */
  restart(): Promise<void>;
  stop(): Promise<void>;
}

const DEBIAN = '/usr/lib/postgresql';

function programs(): string {
  const versions = existsSync(DEBIAN) ? readdirSync(DEBIAN) : [];
  const newest = versions.sort((a, b) => Number(a) - Number(b)).at(-1);
  if (!newest) throw new Error('no PostgreSQL is installed: `npm test` installs Debian’s');
  return join(DEBIAN, newest, 'bin');
}

interface User {
  readonly uid?: number;
  readonly gid?: number;
}

/** PostgreSQL refuses to run as root: Debian has a user for it. */
function user(): User {
  if (process.getuid?.() !== 0) return {};
  const id = (flag: string) => Number(execFileSync('id', [flag, 'postgres'], { encoding: 'utf8' }));
  return { uid: id('-u'), gid: id('-g') };
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => resolve(port));
    });
  });
}

async function asked(url: string, sql: string): Promise<void> {
  const client = new Client({ connectionString: url });
  await client.connect();
  await client.query(sql);
  await client.end();
}

async function ready(url: string, child: ChildProcess): Promise<void> {
  for (;;) {
    if (child.exitCode !== null) throw new Error('PostgreSQL ended at its start');
    try {
      return await asked(url, 'select 1');
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  }
}

export async function testPostgres(): Promise<TestPostgres> {
  const bin = programs();
  const as = user();
  const folder = mkdtempSync(join(tmpdir(), 'gleddo-postgres-'));
  if (as.uid !== undefined && as.gid !== undefined) chownSync(folder, as.uid, as.gid);
  const data = join(folder, 'data');
  const options = { ...as, cwd: folder, stdio: 'ignore' as const };
  execFileSync(
    join(bin, 'initdb'),
    ['-D', data, '-U', 'tests', '-A', 'trust', '--no-sync'],
    options,
  );
  const port = await freePort();
  const settings = ['fsync=off', 'max_connections=60', 'listen_addresses=127.0.0.1'];
  const args = ['-D', data, '-p', String(port), '-k', folder];
  const address = (name: string) => `postgres://tests@127.0.0.1:${port}/${name}`;
  const begin = async () => {
    const begun = spawn(
      join(bin, 'postgres'),
      [...args, ...settings.flatMap((setting) => ['-c', setting])],
      options,
    );
    await ready(address('postgres'), begun);
    return begun;
  };
  let child = await begin();
  const end = async () => {
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGINT');
    await ended;
  };
  let made = 0;
  return {
    async database() {
      const name = `house_${++made}`;
      await asked(address('postgres'), `create database ${name}`);
      return address(name);
    },
    cutConnections: () =>
      asked(
        address('postgres'),
        'select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() and datname is not null',
      ),
    async restart() {
      await end();
      child = await begin();
    },
    async stop() {
      await end();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
