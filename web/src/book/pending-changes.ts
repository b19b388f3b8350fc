import type { Operation } from '@gleddo/core';

/** A change that the server has not confirmed yet. */
export interface Pending {
  readonly token: string;
  readonly operation: Operation;
}

interface Kept extends Pending {
  readonly at: number;
}

const PREFIX = 'gleddo.pending.';

function readKept(name: string): Kept | null {
  try {
    const kept = JSON.parse(localStorage.getItem(name) ?? 'null') as Partial<Kept> | null;
    const isWhole = typeof kept?.token === 'string' && kept.operation !== undefined;
    return isWhole ? (kept as Kept) : null;
  } catch {
    return null;
  }
}

/** What the browser keeps; nothing where it keeps nothing for anybody. */
function keptNames(): string[] {
  try {
    return Object.keys(localStorage);
  } catch {
    return [];
  }
}

/**
 * Unconfirmed changes of one book, kept in the browser each under a name of its own, so that two tabs on one
 * book never overwrite what the other still has to send.
 */
export class PendingChanges {
  private last = 0;

  constructor(private readonly bookId: string) {}

  private nameOf(token: string): string {
    return `${PREFIX}${this.bookId}.${token}`;
  }

  /** What was left behind, in the order in which it was done. */
  left(): Pending[] {
    const kept = keptNames()
      .filter((name) => name.startsWith(this.nameOf('')))
      .flatMap((name) => readKept(name) ?? []);
    kept.sort((a, b) => a.at - b.at);
    return kept.map(({ token, operation }) => ({ token, operation }));
  }

  /** Keeps a change; where the browser has no room for it, it is still sent. */
  keep({ token, operation }: Pending): void {
    this.last = Math.max(Date.now(), this.last + 1);
    const kept: Kept = { token, operation, at: this.last };
    try {
      localStorage.setItem(this.nameOf(token), JSON.stringify(kept));
    } catch {
      // It stays in this tab's memory.
    }
  }

  letGo({ token }: Pending): void {
    try {
      localStorage.removeItem(this.nameOf(token));
    } catch {
      // Where nothing can be kept, nothing is to be let go.
    }
  }
}
