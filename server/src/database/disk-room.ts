import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  rmSync,
  statfsSync,
  writeSync,
} from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';

const MB = 1024 * 1024;
/** Kept aside in a file, for what the database is in the middle of when a disk is full. */
const ASIDE = 32 * MB;
/** With less than this nothing more is taken; with so much more it is again. */
const LEAST = 24 * MB;
const ENOUGH = 48 * MB;
const LOOK_EVERY = 1_000;

/** In bytes; null where it can’t be asked just now. */
function freeIn(folder: string): number | null {
  try {
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize;
  } catch {
    return null;
  }
}

/** Whether there is room to write. */
export interface Room {
  readonly isFull: boolean;
  /** In bytes; null: not known here. */
  readonly free: number | null;
}

/** A database elsewhere says itself when its disk is full. */
export const ROOM_ELSEWHERE: Room = { isFull: false, free: null };

/**
 * Watches the disk of the embedded database, which can’t live through a write that fails: before it comes to that nothing
 * more is taken, and what is under way ends with the room that was kept aside.
 */
export class DiskRoom implements Room {
  private readonly aside: string;
  private timer: NodeJS.Timeout | null = null;
  private full = false;
  free = 0;

  constructor(
    private readonly folder: string,
    private readonly log: Logger,
  ) {
    this.aside = join(folder, 'kept-aside');
  }

  get isFull(): boolean {
    return this.full;
  }

  watch(): void {
    mkdirSync(this.folder, { recursive: true });
    this.look();
    this.timer = setInterval(() => this.look(), LOOK_EVERY);
    this.timer.unref();
  }

  close(): void {
    if (this.timer) clearInterval(this.timer);
  }

  /** Gives what was kept aside to a write that found no room; false when there is nothing left to give. */
  release(): boolean {
    this.fill('the disk is full: what was kept aside is used');
    if (!existsSync(this.aside)) return false;
    rmSync(this.aside);
    return true;
  }

  private look(): void {
    const free = freeIn(this.folder);
    if (free === null) return;
    this.free = free;
    const isKept = existsSync(this.aside);
    if (this.free < (isKept ? LEAST : LEAST + ASIDE) && !this.full) this.fill('the disk is full');
    else if (this.free >= ENOUGH + (isKept ? 0 : ASIDE)) this.again(isKept);
  }

  private fill(what: string): void {
    if (this.full) return;
    this.full = true;
    const { folder, free } = this;
    this.log.error({ folder, free }, `${what}; nothing more is written until there is room again`);
  }

  private again(isKept: boolean): void {
    if (!isKept && !this.keepAside()) return;
    if (!this.full) return;
    this.full = false;
    this.log.warn({ folder: this.folder, free: this.free }, 'there is room on the disk again');
  }

  private keepAside(): boolean {
    try {
      const file = openSync(this.aside, 'w');
      const some = Buffer.alloc(MB);
      for (let at = 0; at < ASIDE; at += MB) writeSync(file, some, 0, MB, at);
      fsyncSync(file);
      closeSync(file);
      return true;
    } catch {
      rmSync(this.aside, { force: true });
      return false;
    }
  }
}
