import type { BookAnswer, ChangesAnswer, HistoryEntry, NewerBook } from '@gleddo/contract';
import {
  apply,
  AUTHOR,
  formerNames,
  operationSays,
  standing,
  takeBack,
  type Applied,
  type Book,
  type DoneStep,
  type Operation,
  type Refusal,
  type Result,
  type Rules,
} from '@gleddo/core';
import { nanoid } from 'nanoid';
import { get } from '../../platform/api/client';
import { BookLine } from './book-line';
import { BookSender } from './book-sender';
import { confirmedBook, doneStep, takenOver, type ConfirmedBook } from './confirmed-book';
import { KeptBook } from './kept-book';
import { newsOf } from './news';
import type { Saving } from './saving';
import { WaitingChanges, type Change } from './waiting-changes';

export interface BookState {
  readonly book: Book;
  readonly answer: BookAnswer;
  /** The revision that the server has confirmed. */
  readonly revision: number;
  readonly saving: Saving;
  /** Whether the server is heard: else what others change is not seen here. */
  readonly isConnected: boolean;
  /** Why something was not done after all. */
  readonly said: readonly string[];
  /** What others changed meanwhile. */
  readonly news: readonly string[];
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

export type ShownBook = Pick<BookState, 'book' | 'answer'>;

interface Done {
  readonly refusals: readonly Refusal[];
  readonly notices: readonly Refusal[];
}

/** What waits, as it was done on the book that is shown, and the book after it. */
interface Tried {
  readonly step: DoneStep;
  readonly book: Book;
}

/**
 * One open book: changes are applied here at once and sent in their order. What is not confirmed yet is kept in the
 * browser, so a refresh, a lost connection or a crash of the server loses nothing. What *undo* means is told by the
 * steps themselves, those of the server and those that wait.
 */
export class BookStore {
  private state: BookState;
  private confirmed: ConfirmedBook;
  private readonly kept: WaitingChanges;
  private waiting: readonly Change[];
  private may: Rules = AUTHOR;
  private tried: readonly Tried[] = [];
  private readonly outOfReach = new Set<string>();
  /** The names of what was done here: no news, whenever it is told. */
  private readonly own = new Set<string>();
  private shown: ShownBook | null = null;
  private readonly listeners = new Set<() => void>();
  private readonly sender: BookSender;
  private readonly keeping = new KeptBook();

  private constructor(answer: BookAnswer, history: readonly HistoryEntry[]) {
    this.confirmed = confirmedBook(answer, history);
    this.kept = new WaitingChanges(answer.id);
    this.waiting = this.notDoneOf(this.kept.left());
    for (const { token } of this.waiting) this.own.add(token);
    const { book, revision } = this.confirmed;
    this.state = {
      ...{ book, revision, answer, saving: 'saved', isConnected: true },
      ...{ said: [], news: [], canUndo: false, canRedo: false },
    };
    this.sender = new BookSender(answer.id, {
      revision: () => this.confirmed.revision,
      waiting: () => this.waiting,
      settle: (sent, described) => this.settle(sent, described),
      refuse: (change, why) => this.refuse(change, why),
      tell: (changed) => this.tell(changed),
    });
    this.replay();
    void this.sender.go();
  }

  static async open(id: string): Promise<BookStore> {
    return new BookStore(...(await opened(id)));
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

  /** Hears of others' changes until the answer is called. */
  listen = (): (() => void) =>
    new BookLine(this.state.answer.id, {
      described: (revision) => this.sender.heard(revision),
      found: () => {
        if (!this.state.isConnected) this.tell({ isConnected: true });
        this.sender.wake();
      },
      lost: () => this.tell({ isConnected: false }),
    }).listen();

  /** What may be done here: the same object as long as the same may be done. */
  get rules(): Rules {
    const { by, entriesMayChange, enters, setsCompany } = this.state.answer;
    const may = { by, entriesMayChange, enters, setsCompany };
    if (JSON.stringify(this.may) !== JSON.stringify(may)) this.may = may;
    return this.may;
  }

  /** Names that accounts had before, by account: told by the history. */
  formerNames(): Readonly<Record<string, readonly string[]>> {
    return formerNames(
      this.steps()
        .map(({ inverse }) => inverse)
        .reverse(),
    );
  }

  /** Applies a change at once; answers why not when it can't be done, and notices when it could. */
  change(operation: Operation): Done {
    const done = apply(this.state.book, operation, this.rules);
    if (!done.ok) return { refusals: done.refusals, notices: [] };
    this.keep(operation, done.value);
    return { refusals: [], notices: done.value.notices() };
  }

  undo = (): void => this.step('undo');
  redo = (): void => this.step('redo');

  dismiss = (): void => this.tell({ said: [], news: [] });

  /** Of what was left behind, what the server has not done; the rest is let go of. */
  private notDoneOf(left: readonly Change[]): readonly Change[] {
    const done = new Set(this.confirmed.steps.map(({ token }) => token));
    for (const change of left) if (done.has(change.token)) this.kept.letGo(change);
    return left.filter(({ token }) => !done.has(token));
  }

  private steps(): readonly DoneStep[] {
    return [...this.confirmed.steps, ...this.tried.map(({ step }) => step)];
  }

  private step(what: 'undo' | 'redo'): void {
    const steps = this.steps();
    const step = standing(steps, this.outOfReach)[what];
    if (!step) return;
    const taken: Result<Applied> = takeBack(this.state.book, steps, { step, rules: this.rules });
    if (taken.ok) return this.keep(step.inverse, taken.value, step.token);
    this.outOfReach.add(step.token);
    this.tell({ said: taken.refusals.map((refusal) => refusal.says) });
  }

  private keep(
    operation: Operation,
    { book, inverse }: Applied,
    undoes: string | null = null,
  ): void {
    const seen = undoes === null ? null : inverse;
    const change = { token: nanoid(), operation, undoes, seen, at: Date.now() };
    this.kept.keep(change);
    this.own.add(change.token);
    this.waiting = [...this.waiting, change];
    this.tried = [...this.tried, { step: doneStep(change, inverse), book }];
    this.tell({ book, said: [], news: [], saving: this.sender.isStuck ? 'waiting' : 'saving' });
    void this.sender.go();
  }

  /** What became of changes that were sent, and what others did meanwhile. */
  private async settle(sent: readonly Change[], answer: ChangesAnswer): Promise<void> {
    const why = new Map(answer.refused.map((each) => [each.token, each.says]));
    const said = sent.flatMap((change) => notDone(change, why.get(change.token), this.state.book));
    const { newer, revision } = answer;
    if (newer) this.takeOver(revision, newer);
    const asHere = said.length === 0 && !newer && this.confirmAsHere(sent, revision);
    this.letGo(sent.filter(({ token }) => why.has(token)));
    this.waiting = this.waiting.filter((each) => !sent.includes(each));
    if (asHere) {
      this.keepConfirmed(sent);
      return this.tell({ revision });
    }
    if (said.length > 0 || !newer) await this.openAnew();
    this.keepConfirmed(sent);
    this.replay();
    this.tell({ said: [...this.state.said, ...said] });
  }

  /** What was sent is let go of once the book that has it is kept. */
  private keepConfirmed(sent: readonly Change[]): void {
    this.keeping.keep(this.state.answer, this.confirmed, () => this.letGo(sent));
  }

  private takeOver(revision: number, newer: NewerBook): void {
    this.confirmed = takenOver(this.confirmed, revision, newer);
    const news = newsOf(this.confirmed.book, newer.steps, (token) => this.own.has(token));
    if (news.length > 0) this.tell({ news });
  }

  /** The server did what was done here, and nobody else did anything: false where that is not so. */
  private confirmAsHere(sent: readonly Change[], revision: number): boolean {
    const tried = this.tried.slice(0, sent.length);
    const last = tried.at(-1);
    if (!last || !sent.every(({ token }, i) => tried[i]?.step.token === token)) return false;
    const steps = [...this.confirmed.steps, ...tried.map(({ step }) => step)];
    this.confirmed = { revision, book: last.book, steps };
    this.tried = this.tried.slice(sent.length);
    return true;
  }

  /** The server will not have what was sent at all: the first of it is dropped, its reason said. */
  private async refuse(change: Change, why: string): Promise<void> {
    this.letGo([change]);
    const said = notDone(change, why, this.state.book);
    await this.openAnew();
    this.replay();
    this.tell({ said });
  }

  private letGo(changes: readonly Change[]): void {
    for (const change of changes) this.kept.letGo(change);
    this.waiting = this.waiting.filter((each) => !changes.includes(each));
  }

  /** Asks for the book and one's rights on it once more; where that can't be now, what stands here stays. */
  private async openAnew(): Promise<void> {
    try {
      const [answer, history] = await opened(this.state.answer.id);
      this.confirmed = confirmedBook(answer, history);
      this.state = { ...this.state, answer };
    } catch {
      // What stands here stays.
    }
  }

  /** Does what is not confirmed yet on the confirmed book; what no longer fits there is the server's to refuse. */
  private replay(): void {
    let { book } = this.confirmed;
    const tried: Tried[] = [];
    for (const change of this.waiting) {
      const applied = apply(book, change.operation, this.rules);
      if (!applied.ok) continue;
      book = applied.value.book;
      tried.push({ step: doneStep(change, applied.value.inverse), book });
    }
    this.tried = tried;
    this.tell({ book, revision: this.confirmed.revision });
  }

  private tell(changed: Partial<BookState>): void {
    const { undo, redo } = standing(this.steps(), this.outOfReach);
    const can = { canUndo: undo !== null, canRedo: redo !== null };
    this.state = { ...this.state, ...changed, ...can };
    for (const listener of this.listeners) listener();
  }
}

const opened = (id: string): Promise<[BookAnswer, HistoryEntry[]]> =>
  Promise.all([get(`books/${id}`), get(`books/${id}/history`)]);

const notDone = (change: Change, why: string | undefined, book: Book): string[] =>
  why === undefined ? [] : [`Not done: ${operationSays(change.operation, book)} ${why}`];
