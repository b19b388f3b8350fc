import type { BookAnswer, HistoryEntry, OperationsAnswer } from '@gleddo/contract';
import {
  apply,
  bookFromJson,
  formerNames,
  operationSays,
  type Book,
  type Operation,
  type Refusal,
  type Rules,
} from '@gleddo/core';
import { nanoid } from 'nanoid';
import { get, post, Problem } from '../api/client';
import { PendingChanges, type Pending } from './pending-changes';
import { readHistory } from './read-history';

export type Saving = 'saved' | 'saving' | 'waiting';

export interface BookState {
  readonly book: Book;
  readonly answer: BookAnswer;
  readonly saving: Saving;
  /** Why something sent was not done after all, or that a newer book was taken over. */
  readonly said: readonly string[];
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

export type ShownBook = Pick<BookState, 'book' | 'answer'>;

const RETRY_AFTER = 2000;
const SIGNED_OUT = 401;
const TOO_MANY = 429;

const COME_IN_AGAIN =
  'You are signed out. What you change is kept in this browser: open Gleddo in another tab and sign in there, and it is sent.';

/** Whether the server has looked at a change and will not have it; all else is tried again. */
const isRefusal = (error: unknown): error is Problem =>
  error instanceof Problem &&
  error.status < 500 &&
  error.status !== TOO_MANY &&
  error.status !== SIGNED_OUT;

function readAnswer(document: object): Book {
  const read = bookFromJson(document);
  if (!read.ok) throw new Error(read.refusals[0]?.says ?? 'The book is not readable.');
  return read.value;
}

/**
 * One open book: changes are applied here at once and sent in their order. What is not confirmed yet is
 * kept in the browser, so a refresh, a lost connection or a crash of the server loses nothing.
 */
export class BookStore {
  private state: BookState;
  private revision: number;
  private readonly kept: PendingChanges;
  private pending: Pending[];
  private undos: Operation[];
  private redos: Operation[] = [];
  private shown: ShownBook | null = null;
  private sending = false;
  private readonly listeners = new Set<() => void>();

  private constructor(answer: BookAnswer, history: readonly HistoryEntry[]) {
    this.revision = answer.revision;
    this.kept = new PendingChanges(answer.id);
    this.pending = this.kept.left();
    this.undos = readHistory(history)
      .map((step) => step.inverse)
      .reverse();
    const book = readAnswer(answer.book);
    this.state = { book, answer, saving: 'saved', said: [], canUndo: false, canRedo: false };
    this.replay();
    void this.flush();
  }

  static async open(id: string): Promise<BookStore> {
    const [answer, history] = await Promise.all([
      get<BookAnswer>(`books/${id}`),
      get<HistoryEntry[]>(`books/${id}/history`),
    ]);
    return new BookStore(answer, history);
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): BookState => this.state;

  /** The book alone: the same object until the book itself changes, whatever is being saved meanwhile. */
  bookSnapshot = (): ShownBook => {
    const { book, answer } = this.state;
    if (this.shown?.book !== book || this.shown.answer !== answer) this.shown = { book, answer };
    return this.shown;
  };

  get rules(): Rules {
    const { by, entriesMayChange } = this.state.answer;
    return { by, entriesMayChange };
  }

  /** Names that accounts had before, by account: told by the history. */
  formerNames(): Readonly<Record<string, readonly string[]>> {
    return formerNames([...this.undos].reverse());
  }

  /** Applies a change at once; answers why not when it can't be done, and notices when it could. */
  change(operation: Operation): { refusals: readonly Refusal[]; notices: readonly Refusal[] } {
    const done = this.perform(operation);
    if (!done.ok) return { refusals: done.refusals, notices: [] };
    this.undos.push(done.value.inverse);
    this.redos = [];
    this.tell({});
    return { refusals: [], notices: done.value.notices() };
  }

  undo = (): void => this.step(this.undos, this.redos);
  redo = (): void => this.step(this.redos, this.undos);

  private step(from: Operation[], to: Operation[]): void {
    const operation = from.pop();
    if (!operation) return;
    const done = this.perform(operation);
    if (done.ok) to.push(done.value.inverse);
    this.tell(done.ok ? {} : { said: done.refusals.map((refusal) => refusal.says) });
  }

  dismiss = (): void => this.tell({ said: [] });

  private perform(operation: Operation) {
    const applied = apply(this.state.book, operation, this.rules);
    if (!applied.ok) return applied;
    const change = { token: nanoid(), operation };
    this.pending.push(change);
    this.kept.keep(change);
    this.state = { ...this.state, book: applied.value.book, said: [] };
    void this.flush();
    return applied;
  }

  private async flush(): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    while (this.pending[0]) {
      this.tell({ saving: this.state.saving === 'waiting' ? 'waiting' : 'saving' });
      const sent = this.pending[0];
      try {
        const answer = await post<OperationsAnswer>(`books/${this.state.answer.id}/operations`, {
          revision: this.revision,
          operations: [sent.operation],
          token: sent.token,
        });
        this.confirm(answer, sent);
      } catch (error) {
        if (isRefusal(error)) await this.giveUp(error, sent);
        else await this.wait(error);
      }
    }
    this.sending = false;
    this.tell({ saving: 'saved' });
  }

  private confirm(answer: OperationsAnswer, sent: Pending): void {
    this.pending.shift();
    this.kept.letGo(sent);
    this.revision = answer.revision;
    if (this.state.said[0] === COME_IN_AGAIN) this.dismiss();
    if (!answer.book) return this.tell({ saving: 'saving' });
    this.state = { ...this.state, book: readAnswer(answer.book) };
    this.replay();
  }

  /** The server refused: the change is dropped, its reason said, the rest tried on the book as it stands. */
  private async giveUp(error: Problem, sent: Pending): Promise<void> {
    this.pending.shift();
    this.kept.letGo(sent);
    try {
      const answer = await get<BookAnswer>(`books/${this.state.answer.id}`);
      this.revision = answer.revision;
      this.state = { ...this.state, answer, book: readAnswer(answer.book) };
    } catch {
      // The book itself can't be read now; what stands here stays until it can.
    }
    this.replay();
    this.tell({
      said: [`Not done: ${operationSays(sent.operation, this.state.book)} ${error.message}`],
    });
  }

  private async wait(error: unknown): Promise<void> {
    const isOut = error instanceof Problem && error.status === SIGNED_OUT;
    this.tell({ saving: 'waiting', ...(isOut ? { said: [COME_IN_AGAIN] } : {}) });
    await new Promise((resolve) => setTimeout(resolve, RETRY_AFTER));
  }

  /** Applies what is not confirmed yet to the confirmed book. */
  private replay(): void {
    let { book } = this.state;
    for (const { operation } of this.pending) {
      const applied = apply(book, operation, this.rules);
      if (applied.ok) book = applied.value.book;
    }
    this.tell({ book });
  }

  private tell(changed: Partial<BookState>): void {
    this.state = {
      ...this.state,
      ...changed,
      canUndo: this.undos.length > 0,
      canRedo: this.redos.length > 0,
    };
    for (const listener of this.listeners) listener();
  }
}
