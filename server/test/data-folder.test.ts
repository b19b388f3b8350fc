import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FolderLock } from '../src/database/folder-lock.js';

describe('the data folder', () => {
  it('belongs to one process, and says whose it is', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'gleddo-lock-'));
    const lock = await FolderLock.take(folder);
    const second = FolderLock.take(folder);
    await expect(second).rejects.toThrow(`in use by process ${process.pid}`);
    lock.release();
    const again = await FolderLock.take(folder);
    again.release();
    rmSync(folder, { recursive: true });
  });

  it('is free again when the process that held it was killed', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'gleddo-lock-'));
    const script = `
      const net = require('node:net');
      const { createHash } = require('node:crypto');
      const name = '\\0gleddo-' + createHash('sha256').update(${JSON.stringify(folder)}).digest('hex').slice(0, 40);
      net.createServer().listen(name, () => process.kill(process.pid, 'SIGKILL'));`;
    expect(spawnSync(process.execPath, ['-e', script]).signal).toBe('SIGKILL');
    const lock = await FolderLock.take(folder);
    lock.release();
    rmSync(folder, { recursive: true });
  });
});
