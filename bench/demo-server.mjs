import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A server of its own with the demo's data, to be measured and thrown away. */
export async function startDemo(server, port = 3241) {
  const data = mkdtempSync(join(tmpdir(), 'gleddo-bench-'));
  const env = {
    ...process.env,
    DATABASE_URL: undefined,
    GLEDDO_DEMO: '1',
    GLEDDO_DATA: data,
    GLEDDO_PORT: String(port),
  };
  const child = spawn(process.execPath, [server], { env });
  let why = '';
  child.stderr.on('data', (said) => (why += said));
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (said) => String(said).includes('Gleddo is at') && resolve());
    child.once('exit', () => reject(new Error(`the server ended: ${why}`)));
  });
  return {
    address: `http://localhost:${port}`,
    async end() {
      child.kill('SIGTERM');
      await new Promise((resolve) => child.once('exit', resolve));
      rmSync(data, { recursive: true, force: true });
    },
  };
}
