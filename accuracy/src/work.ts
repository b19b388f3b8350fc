import type { Account, AnswerKey, Book, Entry } from '@gleddo/core';

/** A fault that was planted, and where it may be told: the checks and what they are about, by the key's ids or the work's. */
export interface Planted {
  readonly kind: string;
  /** References such as `account.type:bank`, any of which tells it; a name alone stands for every check of the group. */
  readonly described: readonly string[];
  /** Everything that may be said of it without being a false alarm. */
  readonly about: readonly string[];
}

/** A work that the generator made: whom each account stands for, and what is wrong with it. */
export interface Made {
  readonly seed: number;
  readonly key: AnswerKey;
  readonly book: Book;
  /** Which of the key's accounts each of the work's stands for; none for one that is too many. */
  readonly stands: ReadonlyMap<string, readonly string[]>;
  readonly planted: readonly Planted[];
  /** What was changed without being wrong, in words. */
  readonly harmless: readonly string[];
}

/** A work while it is made. */
export class Making {
  accounts: Account[];
  balances: Record<string, number>;
  entries: Entry[];
  openingDate: string;
  readonly stands = new Map<string, readonly string[]>();
  readonly planted: Planted[] = [];
  readonly harmless: string[] = [];
  /** Ids of accounts and entries that something was done to: no two things are done to one. */
  readonly touched = new Set<string>();

  constructor(
    readonly key: AnswerKey,
    readonly seed: number,
  ) {
    const { book } = key;
    this.accounts = [...book.accounts];
    this.balances = { ...book.opening.balances };
    this.entries = [...book.entries];
    this.openingDate = book.opening.date;
    for (const { id } of book.accounts) this.stands.set(id, [id]);
  }

  change(id: string, rest: Partial<Account>): void {
    this.accounts = this.accounts.map((each) => (each.id === id ? { ...each, ...rest } : each));
  }

  changeEntry(id: string, change: (entry: Entry) => Entry[]): void {
    this.entries = this.entries.flatMap((each) => (each.id === id ? change(each) : [each]));
  }

  /** Takes an account out and gives another all that stood on it. */
  give(from: string, to: string): void {
    this.accounts = this.accounts.filter(({ id }) => id !== from);
    this.stands.delete(from);
    this.entries = this.entries.map((each) => ({
      ...each,
      lines: each.lines.map((line) => (line.account === from ? { ...line, account: to } : line)),
    }));
    const { [from]: given = 0, [to]: had = 0, ...others } = this.balances;
    this.balances = given + had === 0 ? others : { ...others, [to]: given + had };
  }

  /** Whether nothing was done yet to any of these; they are then taken. */
  take(...ids: readonly string[]): boolean {
    if (ids.some((id) => this.touched.has(id))) return false;
    for (const id of ids) this.touched.add(id);
    return true;
  }

  postingsOf(id: string): Entry[] {
    return this.entries.filter(({ lines }) => lines.some(({ account }) => account === id));
  }

  made(): Made {
    const { subledgers, locked, ...frame } = this.key.book;
    void subledgers;
    void locked;
    const book: Book = {
      ...frame,
      accounts: this.accounts,
      opening: { date: this.openingDate, balances: this.balances },
      entries: this.entries,
    };
    const { seed, key, stands, planted, harmless } = this;
    return { seed, key, book, stands, planted, harmless };
  }
}
