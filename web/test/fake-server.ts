import type {
  BookAnswer,
  ChangesAnswer,
  ChangesRequest,
  HistoryEntry,
  SentChange,
} from '@gleddo/contract';
import {
  apply,
  bookToJson,
  readOperations,
  sameUndoing,
  type Book,
  type Operation,
} from '@gleddo/core';
import { ternIsland } from '@gleddo/core/demo';

/** What a browser keeps, in memory. */
class FakeStorage {
  getItem(name: string): string | null {
    const value = (this as unknown as Record<string, string>)[name];
    return Object.hasOwn(this, name) ? (value ?? null) : null;
  }
  setItem(name: string, value: string): void {
    (this as unknown as Record<string, string>)[name] = value;
  }
  removeItem(name: string): void {
    delete (this as unknown as Record<string, string>)[name];
  }
}

/** A page that is seen, or is not. */
class FakeDocument extends EventTarget {
  visibilityState = 'visible';
}

export type Mood = 'well' | 'unreachable' | 'broken' | 'signed-out';

/** A server of one book, as far as an open book needs it: revisions, tokens, refusals, and bad days. */
export class FakeServer {
  book: Book = ternIsland();
  revision = 0;
  mood: Mood = 'well';
  /** Loses its answers, after it has done what was asked. */
  losesAnswers = false;
  readonly tokens: string[] = [];
  /** A name that it will not have. */
  refuses: string | null = null;
  /** Breaks down as soon as it has answered changes. */
  failsAfterChanges = false;
  /** Tells newer books that no page can read. */
  spoils = false;
  /** How often it was asked, in whatever mood. */
  tries = 0;
  /** What was asked of it, one line a request. */
  readonly asked: string[] = [];
  /** The latest first. */
  history: HistoryEntry[] = [];

  constructor() {
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      value: new FakeStorage(),
    });
    Object.assign(globalThis, {
      EventSource: FakeLine,
      document: new FakeDocument(),
      window: new EventTarget(),
    });
    globalThis.fetch = (path, init) => this.answer(String(path), init);
  }

  /** The book is changed elsewhere: in another tab, or by somebody else. */
  changedElsewhere(operation: Operation, isMine = true): void {
    const why = this.do(operation, { token: `elsewhere-${this.revision}`, operations: [] }, isMine);
    if (why !== null) throw new Error(why);
    FakeLine.tell(this.revision);
  }

  /** Null when it was done, else the reason. */
  private do(operation: Operation, sent: SentChange, isMine: boolean): string | null {
    const applied = apply(this.book, operation);
    if (!applied.ok) return applied.refusals[0]?.says ?? '';
    if ('name' in operation && operation.name === this.refuses) return 'It will not have it.';
    const { book, inverse } = applied.value;
    if (sent.seen && !sameUndoing(sent.seen as Operation, inverse)) return 'Changed since.';
    this.book = book;
    this.revision++;
    const { token, undoes = null } = sent;
    const step = { revision: this.revision, token, undoes, isMine, at: '', operation, inverse };
    this.history = [{ ...step, by: isMine ? 'Ada Quince' : 'Ben Tallow' }, ...this.history];
    return null;
  }

  private async answer(path: string, init?: RequestInit): Promise<Response> {
    await Promise.resolve();
    this.tries++;
    if (this.mood === 'unreachable') throw new TypeError('fetch failed');
    if (this.mood === 'broken') return json(500, { detail: 'Something went wrong.' });
    if (this.mood === 'signed-out') return json(401, { detail: 'Sign in first.' });
    this.asked.push(`${init?.method} ${path}`);
    if (path.endsWith('/history')) return json(200, this.history);
    if (path.endsWith('/changes'))
      return this.change(JSON.parse(String(init?.body)) as ChangesRequest);
    const since = /since\/(\d+)$/.exec(path);
    const [, id = ''] = /books\/([\w-]+)/.exec(path) ?? [];
    return json(200, since ? this.since(Number(since[1])) : this.opened(id));
  }

  private since(revision: number, refused: ChangesAnswer['refused'] = []): ChangesAnswer {
    const steps = this.history.filter((step) => step.revision > revision);
    const newer =
      steps.length > 0 ? { book: this.spoils ? {} : bookToJson(this.book), steps } : null;
    return { revision: this.revision, refused, newer };
  }

  private opened(id: string): BookAnswer {
    return {
      id,
      revision: this.revision,
      use: 'company',
      book: bookToJson(this.book),
      mayChange: true,
      entriesMayChange: true,
      enters: 'both',
      by: 'author',
      setsCompany: true,
      help: { types: true, totals: true, bands: true, health: true, asksSides: false },
      start: null,
    };
  }

  private change({ revision, changes }: ChangesRequest): Response {
    let isNewer = revision < this.revision;
    const refused = changes.flatMap((sent) => {
      if (this.tokens.includes(sent.token)) {
        isNewer = true;
        return [];
      }
      const read = readOperations(sent.operations);
      const [operation] = read.ok ? read.value : [];
      const why = operation ? this.do(operation, sent, true) : 'Not an operation.';
      if (why === null) this.tokens.push(sent.token);
      return why === null ? [] : [{ token: sent.token, code: 'unfit', says: why }];
    });
    if (this.losesAnswers) throw new TypeError('the connection was lost');
    if (this.failsAfterChanges) this.mood = 'broken';
    this.failsAfterChanges = false;
    if (isNewer) return json(200, this.since(revision, refused));
    const answer: ChangesAnswer = { revision: this.revision, refused, newer: null };
    return json(200, answer);
  }
}

/** What a browser hears server-sent events with. */
export class FakeLine {
  static readonly CLOSED = 2;
  private static readonly all = new Set<FakeLine>();
  readyState = 1;
  onmessage: (event: { data: string }) => void = () => undefined;
  onerror: () => void = () => undefined;

  constructor() {
    FakeLine.all.add(this);
  }

  static tell(revision: number): void {
    for (const line of FakeLine.all) line.onmessage({ data: JSON.stringify({ revision }) });
  }

  /** The connection is lost for good: the browser does not make it again by itself. */
  static cut(): void {
    for (const line of FakeLine.all) {
      line.readyState = FakeLine.CLOSED;
      FakeLine.all.delete(line);
      line.onerror();
    }
  }

  static get open(): number {
    return FakeLine.all.size;
  }

  addEventListener(): void {
    // Signs of life change nothing here.
  }

  close(): void {
    this.readyState = FakeLine.CLOSED;
    FakeLine.all.delete(this);
  }
}

const json = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
