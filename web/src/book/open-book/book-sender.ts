import type { ChangesAnswer, SentChange } from '@gleddo/contract';
import { MOST_CHANGES } from '@gleddo/core';
import { get, post, Problem, Unreachable } from '../../platform/api/client';
import type { Saving } from './saving';
import type { Change } from './waiting-changes';

/** What the sender needs of the book that it sends for. */
interface Sends {
  revision(): number;
  waiting(): readonly Change[];
  settle(sent: readonly Change[], answer: ChangesAnswer): Promise<void>;
  refuse(change: Change, why: string): Promise<void>;
  tell(changed: { readonly saving?: Saving; readonly said?: readonly string[] }): void;
}

const SIGNED_OUT = 401;
const BUSY = 409;
const TOO_MANY = 429;
const TOO_LARGE = 413;
const DISK_FULL = 507;

const FIRST_PAUSE = 1_000;
const LONGEST_PAUSE = 30_000;
/** So many characters at most go in one request, unless a single change has more. */
const MOST_CHARACTERS = 400_000;
/** So many operations at most, however the changes hold them. */
const MOST_OPERATIONS = 400;

const COME_IN_AGAIN =
  'You are signed out. What you change is kept in this browser: open Gleddo in another tab and sign in there, and it is sent.';

/** Whether the server has looked at a change and will not have it; all else is tried again. */
const isRefusal = (error: unknown): error is Problem =>
  error instanceof Problem &&
  error.status < 500 &&
  ![SIGNED_OUT, BUSY, TOO_MANY].includes(error.status);

const isTooMuch = (error: unknown): boolean =>
  error instanceof Problem && (error.status === TOO_LARGE || error.status === 422);

const asSent = ({ token, operation, undoes, seen }: Change): SentChange => ({
  token,
  operations: [operation],
  ...(undoes === null ? {} : { undoes }),
  ...(seen === null ? {} : { seen }),
});

/** What is to be said of a failure that is neither passing nor a lost connection: whoever runs it must do something. */
const oddity = (error: unknown): string | null =>
  (error instanceof Problem && error.status !== DISK_FULL) ||
  error instanceof Unreachable ||
  !(error instanceof Error)
    ? null
    : error.message;

/** The first of what waits, as much as goes in one request. */
function batchOf(waiting: readonly Change[], most: number): readonly Change[] {
  let characters = 0;
  let operations = 0;
  const end = waiting.findIndex((change) => {
    characters += JSON.stringify(asSent(change)).length;
    operations += change.operation.kind === 'several' ? change.operation.operations.length : 1;
    return characters > MOST_CHARACTERS || operations > MOST_OPERATIONS;
  });
  return waiting.slice(0, Math.min(most, end < 0 ? waiting.length : Math.max(1, end)));
}

/**
 * Sends what waits, in its order and together, and fetches what others changed: one request after the other, with
 * pauses that grow as long as none gets through.
 */
export class BookSender {
  private isGoing = false;
  private pause = 0;
  private newest = 0;
  private most = MOST_CHANGES;
  private wakeUp: () => void = () => undefined;

  constructor(
    private readonly bookId: string,
    private readonly of: Sends,
  ) {}

  /** Whether nothing gets through at this time. */
  get isStuck(): boolean {
    return this.pause > 0;
  }

  /** The book is known to be at this revision somewhere. */
  heard(revision: number): void {
    this.newest = Math.max(this.newest, revision);
    void this.go();
  }

  /** The server is heard again: what waits need wait no longer. */
  wake(): void {
    this.wakeUp();
  }

  async go(): Promise<void> {
    if (this.isGoing) return;
    this.isGoing = true;
    try {
      while (this.of.waiting().length > 0 || this.newest > this.of.revision()) await this.once();
      this.of.tell({ saving: 'saved' });
    } finally {
      this.isGoing = false;
    }
  }

  private async once(): Promise<void> {
    const sent = batchOf(this.of.waiting(), this.most);
    if (sent.length > 0 && !this.isStuck) this.of.tell({ saving: 'saving' });
    try {
      const heard = this.newest;
      const answer = await this.ask(sent);
      // What was heard of before it was asked for, and is not there, is nowhere; what was heard of since is still to come.
      const isNowhere = sent.length === 0 && this.newest === heard;
      this.newest = isNowhere ? answer.revision : Math.max(this.newest, answer.revision);
      if (this.isStuck) this.of.tell({ saving: 'saving', said: [] });
      await this.of.settle(sent, answer);
      this.pause = 0;
      this.most = MOST_CHANGES;
    } catch (error) {
      await this.failed(sent, error);
    }
  }

  private ask(sent: readonly Change[]): Promise<ChangesAnswer> {
    const revision = this.of.revision();
    if (sent.length === 0) return get(`books/${this.bookId}/since/${String(revision)}`);
    const changes = sent.map(asSent);
    return post(`books/${this.bookId}/changes`, { revision, changes });
  }

  private async failed(sent: readonly Change[], error: unknown): Promise<void> {
    const [first] = sent;
    if (!isRefusal(error)) return this.rest(error);
    if (sent.length > 1 && isTooMuch(error)) this.most = 1;
    else if (first) await this.of.refuse(first, error.message);
    else this.newest = 0;
  }

  private async rest(error: unknown): Promise<void> {
    const isOut = error instanceof Problem && error.status === SIGNED_OUT;
    const said = isOut ? COME_IN_AGAIN : oddity(error);
    this.pause = Math.min(LONGEST_PAUSE, 2 * this.pause || FIRST_PAUSE);
    const saving = this.of.waiting().length > 0 ? 'waiting' : 'saved';
    this.of.tell({ saving, ...(said === null ? {} : { said: [said] }) });
    await new Promise<void>((resolve) => {
      const timer = setTimeout(resolve, this.pause);
      this.wakeUp = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }
}
