import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../scripts/server.mjs';

/** A server of its own with the demo's data, to be measured and thrown away. */
export async function startDemo(main) {
  const data = mkdtempSync(join(tmpdir(), 'gleddo-bench-'));
  const env = { DATABASE_URL: undefined, GLEDDO_DEMO: '1', GLEDDO_DATA: data };
  const { address, end } = await startServer({ main, env });
  return {
    address,
    async end() {
      await end();
      rmSync(data, { recursive: true, force: true });
    },
  };
}
