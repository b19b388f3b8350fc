import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, realpathSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { join } from 'node:path';
import { CannotOpen } from './cannot-open.js';

/**
 * Holds a data folder for one process. The lock is a listening abstract socket named after the folder: the
 * kernel lets go of it when the process ends, however it ends. A note in the folder says who holds it.
 */
export class FolderLock {
  private constructor(private readonly socket: Server) {}

  /** Takes the lock, or throws a sentence that says who holds the folder. */
  static async take(folder: string): Promise<FolderLock> {
    mkdirSync(folder, { recursive: true });
    const real = realpathSync(folder);
    const name = `\0gleddo-${createHash('sha256').update(real).digest('hex').slice(0, 40)}`;
    const note = join(real, 'held-by.txt');
    const socket = createServer((peer) => peer.destroy());
    await new Promise<void>((resolve, reject) => {
      socket.once('error', () => reject(new CannotOpen(heldBy(real, note))));
      socket.listen(name, resolve);
    });
    socket.unref();
    writeFileSync(note, `process ${process.pid}, since ${new Date().toISOString()}\n`);
    return new FolderLock(socket);
  }

  release(): void {
    this.socket.close();
  }
}

function heldBy(folder: string, note: string): string {
  let who = 'another process';
  try {
    who = readFileSync(note, 'utf8').trim();
  } catch {
    // The note is only a courtesy; the lock itself holds.
  }
  return `The data folder ${folder} is in use by ${who}. Stop that one first, or give this one another folder with GLEDDO_DATA.`;
}
