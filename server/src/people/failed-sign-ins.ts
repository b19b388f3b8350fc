import { HttpStatus, Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { Refused } from '../http/problem.js';

/** So many failures at once are those of a whole class behind one address that mistypes its passwords. */
const AT_ONCE = 60;
/** So many more each minute. */
const A_MINUTE = 20;
const MINUTE = 60_000;
const MOST_ADDRESSES = 20_000;

interface Allowance {
  readonly left: number;
  readonly at: number;
}

/**
 * Counts failures to sign in by address, whichever names are tried: who tries one name after the other is slowed, a
 * school behind one address, of which most sign in, is not. A browser that an account knows is let through.
 */
@Injectable()
export class FailedSignIns {
  private readonly of = new LRUCache<string, Allowance>({ max: MOST_ADDRESSES });

  private leftAt(address: string, now: number): number {
    const { left, at } = this.of.get(address) ?? { left: AT_ONCE, at: now };
    return Math.min(AT_ONCE, left + (A_MINUTE * Math.max(0, now - at)) / MINUTE);
  }

  /** To be called before a password is compared: what is tried at once is counted at once. Given back by `succeeded`. */
  tried(address: string, now = Date.now()): boolean {
    const left = this.leftAt(address, now);
    this.of.set(address, { left: Math.max(0, left - 1), at: now });
    return left >= 1;
  }

  succeeded(address: string, now = Date.now()): void {
    this.of.set(address, { left: Math.min(AT_ONCE, this.leftAt(address, now) + 1), at: now });
  }
}

export const tooManyFailed = () =>
  new Refused(
    [
      {
        at: 'password',
        code: 'sign-in.too-many',
        says: 'Too many names and passwords that do not go together were tried from here. Wait a minute, then try again.',
      },
    ],
    HttpStatus.TOO_MANY_REQUESTS,
  );
