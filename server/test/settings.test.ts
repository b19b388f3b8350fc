import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(import.meta.dirname, '../..');

it('a server that stands alone, without its package, ends and says why', () => {
  const folder = mkdtempSync(join(tmpdir(), 'gleddo-alone-'));
  try {
    cpSync(join(root, 'server/dist'), join(folder, 'server/dist'), { recursive: true });
    for (const modules of ['node_modules', 'server/node_modules'])
      symlinkSync(join(root, modules), join(folder, modules));
    const { status, stderr } = spawnSync(process.execPath, [join(folder, 'server/dist/main.mjs')], {
      env: { ...process.env, GLEDDO_DATA: join(folder, 'data') },
      encoding: 'utf8',
      timeout: 60_000,
    });
    expect(stderr).toContain('The folder “migrations” is nowhere above');
    expect(status).toBe(1);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
