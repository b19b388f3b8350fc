import type { Operation } from '@gleddo/core';

/** A change that was made here and is not confirmed yet: what, where it came from, and what undoes it. */
export interface Change {
  readonly token: string;
  readonly operation: Operation;
  /** The token of the step that it takes back; null for a change of its own. */
  readonly undoes: string | null;
  /** What undid it on the book that it was made on: told with an undoing, so that nothing is written over. */
  readonly seen: Operation | null;
  /** When it was made, in milliseconds since 1970. */
  readonly at: number;
}

const PREFIX = 'gleddo.pending.';

function readKept(name: string): Change | null {
  try {
    const kept = JSON.parse(localStorage.getItem(name) ?? 'null') as Partial<Change> | null;
    if (typeof kept?.token !== 'string' || kept.operation === undefined) return null;
    return { undoes: null, seen: null, at: 0, ...kept } as Change;
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
export class WaitingChanges {
  private last = 0;

  constructor(private readonly bookId: string) {}

  private nameOf(token: string): string {
    return `${PREFIX}${this.bookId}.${token}`;
  }

  /** What was left behind, in the order in which it was done. */
  left(): Change[] {
    const kept = keptNames()
      .filter((name) => name.startsWith(this.nameOf('')))
      .flatMap((name) => readKept(name) ?? []);
    kept.sort((a, b) => a.at - b.at);
    return kept;
  }

  /** Keeps a change; where the browser has no room for it, it is still sent. */
  keep(change: Change): void {
    this.last = Math.max(change.at, this.last + 1);
    const kept: Change = { ...change, at: this.last };
    try {
      localStorage.setItem(this.nameOf(change.token), JSON.stringify(kept));
    } catch {
      // It stays in this tab's memory.
    }
  }

  letGo({ token }: Change): void {
    try {
      localStorage.removeItem(this.nameOf(token));
    } catch {
      // Where nothing can be kept, nothing is to be let go.
    }
  }
}
