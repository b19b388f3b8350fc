import type { BookAnswer, OperationsAnswer } from '@gleddo/contract';
import {
  apply,
  bookToJson,
  readOperations,
  ternIsland,
  type Book,
  type Operation,
} from '@gleddo/core';

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

interface Sent {
  readonly revision: number;
  readonly operations: readonly unknown[];
  readonly token: string;
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

  constructor() {
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      value: new FakeStorage(),
    });
    globalThis.fetch = (path, init) => this.answer(String(path), init);
  }

  /** Somebody else changes the book, in another tab. */
  changedElsewhere(operation: Operation): void {
    const applied = apply(this.book, operation);
    if (!applied.ok) throw new Error(applied.refusals[0]?.says);
    this.book = applied.value.book;
    this.revision++;
  }

  private async answer(path: string, init?: RequestInit): Promise<Response> {
    await Promise.resolve();
    if (this.mood === 'unreachable') throw new TypeError('fetch failed');
    if (this.mood === 'broken') return json(500, { detail: 'Something went wrong.' });
    if (this.mood === 'signed-out') return json(401, { detail: 'Sign in first.' });
    if (path.endsWith('/history')) return json(200, []);
    if (path.endsWith('/operations')) return this.change(JSON.parse(String(init?.body)) as Sent);
    return json(200, this.opened());
  }

  private opened(): BookAnswer {
    return {
      id: 'book',
      revision: this.revision,
      use: 'company',
      book: bookToJson(this.book),
      mayChange: true,
      entriesMayChange: true,
      by: 'author',
      help: { types: true, totals: true, bands: true, asksSides: false },
      start: null,
    };
  }

  private change({ revision, operations, token }: Sent): Response {
    const isOld = revision < this.revision;
    if (!this.tokens.includes(token)) {
      const read = readOperations(operations);
      const [operation] = read.ok ? read.value : [];
      if (!operation) return json(400, { detail: 'Not an operation.' });
      const applied = apply(this.book, operation);
      if (!applied.ok) return json(422, { detail: applied.refusals[0]?.says, faults: [] });
      this.book = applied.value.book;
      this.revision++;
      this.tokens.push(token);
    }
    if (this.losesAnswers) throw new TypeError('the connection was lost');
    const book = isOld ? bookToJson(this.book) : null;
    const answer: OperationsAnswer = { revision: this.revision, book };
    return json(200, answer);
  }
}

const json = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });
