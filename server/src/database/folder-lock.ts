import { createHash, timingSafeEqual } from 'node:crypto';
import { mkdirSync, readFileSync, realpathSync, writeFileSync } from 'node:fs';
import { createServer, type Server, type Socket } from 'node:net';
import { join } from 'node:path';
import { askForCopy, writeWord } from './copy-while-open.js';
import { CannotOpen } from './cannot-open.js';

/**
 * Holds a data folder for one process. The lock is a listening abstract socket named after the folder: the
 * kernel lets go of it when the process ends, however it ends. A note in the folder says who holds it.
 */
export class FolderLock {
  /** Makes a copy of what is in the folder, for whoever may read it; null: not now. */
  copies: ((to: string) => Promise<void>) | null = null;

  private constructor(
    private readonly socket: Server,
    private readonly word: string,
  ) {}

  /** Takes the lock, or throws a sentence that says who holds the folder. */
  static async take(folder: string): Promise<FolderLock> {
    mkdirSync(folder, { recursive: true });
    const real = realpathSync(folder);
    const note = join(real, 'held-by.txt');
    const socket = createServer();
    await new Promise<void>((resolve, reject) => {
      socket.once('error', () => reject(new CannotOpen(heldBy(real, note))));
      socket.listen(nameOf(real), resolve);
    });
    socket.unref();
    writeFileSync(note, `process ${process.pid}, since ${new Date().toISOString()}\n`);
    const lock = new FolderLock(socket, writeWord(real));
    socket.on('connection', (peer) => lock.hear(peer));
    return lock;
  }

  /** Asks whoever has a folder for a copy of it; false: nobody has it. */
  static askForCopy(folder: string, to: string): Promise<boolean> {
    mkdirSync(folder, { recursive: true });
    const real = realpathSync(folder);
    return askForCopy(nameOf(real), real, to);
  }

  private hear(peer: Socket): void {
    let asked = '';
    peer.on('error', () => peer.destroy());
    peer.setTimeout(ASK_WITHIN, () => peer.destroy());
    peer.on('data', (part) => {
      asked += part.toString();
      if (asked.length > LONGEST_ASK) peer.destroy();
      else if (asked.endsWith('\n')) void this.answer(asked).then((says) => peer.end(says));
    });
  }

  private async answer(asked: string): Promise<string> {
    try {
      const { word, to } = JSON.parse(asked) as { word: string; to: string };
      const [own, theirs] = [Buffer.from(this.word), Buffer.from(word)];
      if (own.length !== theirs.length || !timingSafeEqual(own, theirs))
        return 'The word is not right.';
      if (!this.copies) return 'It is only just beginning. Try again in a moment.';
      await this.copies(to);
      return 'done';
    } catch (error) {
      return error instanceof Error ? error.message : 'No copy was made.';
    }
  }

  release(): void {
    this.socket.close();
  }
}

const ASK_WITHIN = 120_000;
const LONGEST_ASK = 4_000;

const nameOf = (real: string): string =>
  `\0gleddo-${createHash('sha256').update(real).digest('hex').slice(0, 40)}`;

function heldBy(folder: string, note: string): string {
  let who = 'another process';
  try {
    who = readFileSync(note, 'utf8').trim();
  } catch {
    // The note is only a courtesy; the lock itself holds.
  }
  return `The data folder ${folder} is in use by ${who}. Stop that one first, or give this one another folder with GLEDDO_DATA.`;
}
