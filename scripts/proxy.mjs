import { execFileSync, spawn } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.mjs';
import { ROOT } from './run.mjs';

/**
 * Tries deploy/nginx.conf: two servers on one PostgreSQL behind Debian's nginx with TLS. DATABASE_URL names an empty
 * database. Says what it tried, line by line; ends with status 1 at the first that is not so.
 */
const sleep = (time) => new Promise((resolve) => setTimeout(resolve, time));
const PORTS = [3000, 3001];
const TLS = 8443;
const url = process.env.DATABASE_URL;
if (!url) throw new Error('Name an empty PostgreSQL with DATABASE_URL.');
await build();
const folder = mkdtempSync(join(tmpdir(), 'gleddo-proxy-'));
const cert = join(folder, 'cert.pem');
const key = join(folder, 'key.pem');
const subject = '/CN=books.school.example';
execFileSync(
  'openssl',
  [
    ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', subject],
    ...['-keyout', key, '-out', cert],
  ],
  { stdio: 'ignore' },
);

const site = readFileSync(join(ROOT, 'deploy/nginx.conf'), 'utf8')
  .replace('listen 443', `listen 127.0.0.1:${TLS}`)
  .replace('/etc/ssl/gleddo/cert.pem', cert)
  .replace('/etc/ssl/gleddo/key.pem', key);
// Its workers are another user's.
chmodSync(folder, 0o755);
mkdirSync(join(folder, 'temp'));
const temp = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']
  .map((name) => `${name}_temp_path ${join(folder, 'temp', name)};`)
  .join('\n');
writeFileSync(
  join(folder, 'nginx.conf'),
  `pid ${join(folder, 'pid')};\nerror_log ${join(folder, 'log')};\nevents {}\nhttp {\naccess_log off;\n${temp}\n${site}}\n`,
);

const serverAt = (port) =>
  spawn(process.execPath, [join(ROOT, 'server/dist/main.mjs')], {
    env: {
      ...process.env,
      GLEDDO_PORT: String(port),
      GLEDDO_ADDRESS: 'https://books.school.example',
      GLEDDO_TRUST_PROXY: '127.0.0.1',
      GLEDDO_LOG: 'error',
    },
    stdio: 'ignore',
  });
const servers = PORTS.map(serverAt);
const nginx = spawn('nginx', ['-c', join(folder, 'nginx.conf'), '-g', 'daemon off;'], {
  stdio: 'inherit',
});

let cookies = '';
function ask(method, path, body) {
  const text = body === undefined ? undefined : JSON.stringify(body);
  const headers = { host: 'books.school.example', 'x-gleddo': '1', cookie: cookies };
  if (text) headers['content-type'] = 'application/json';
  return new Promise((resolve, reject) => {
    const asked = request(
      { host: '127.0.0.1', port: TLS, method, path, headers, rejectUnauthorized: false },
      (answer) => {
        let said = '';
        answer.on('data', (part) => (said += part));
        answer.on('end', () =>
          resolve({ status: answer.statusCode, headers: answer.headers, said }),
        );
      },
    );
    asked.on('error', reject);
    asked.end(text);
  });
}

function described(what, isSo) {
  process.stdout.write(`${isSo ? '✓' : '×'} ${what}\n`);
  if (!isSo) process.exitCode = 1;
}

try {
  for (let i = 0; i < 150; i++) {
    const ready = await ask('GET', '/ready').catch(() => null);
    if (ready?.status === 200) break;
    await sleep(200);
  }
  const person = { name: 'Ruth', login: 'ruth', password: 'words of her own' };
  const first = await ask('POST', '/api/first-instructor', person);
  const set = first.headers['set-cookie'] ?? [];
  cookies = set.map((each) => each.split(';')[0]).join('; ');
  described('the first visitor comes in through the proxy', first.status === 200);
  described(
    'cookies are Secure, and of this host alone',
    set.every((each) => /^__Host-.*; Secure/.test(each)),
  );
  described('browsers are told to stay with https', 'strict-transport-security' in first.headers);
  const both = await Promise.all(Array.from({ length: 20 }, () => ask('GET', '/api/me')));
  described(
    'a session holds at both servers',
    both.every(({ status }) => status === 200),
  );
  const large = await ask('POST', '/api/companies', { book: 'x'.repeat(8_900_000) });
  described(
    `a file that is too large is told (${large.status})`,
    /larger than it may be/.test(large.said),
  );
  servers[0].kill('SIGKILL');
  const after = [];
  for (let i = 0; i < 20; i++) after.push((await ask('GET', '/api/me')).status);
  described(
    'one server that is gone is passed over',
    after.every((status) => status === 200),
  );
  described(
    'what is measured is not told to others',
    (await ask('GET', '/metrics')).status === 404,
  );
} finally {
  nginx.kill();
  for (const server of servers) server.kill('SIGTERM');
  await sleep(1_500);
  rmSync(folder, { recursive: true, force: true });
}
