import { Injectable } from '@nestjs/common';
import type { BookAnswer, Me } from '@gleddo/contract';
import { Threads } from '../threads/threads.js';
import { BookAccess, type Rights } from './book-access.js';
import { KeptBooks, LARGE_TEXT, unreadable, type KeptBook } from './kept-books.js';

/** Opening a book: what it is, and what one may do with it. */
@Injectable()
export class BooksService {
  constructor(
    private readonly access: BookAccess,
    private readonly kept: KeptBooks,
    private readonly threads: Threads,
  ) {}

  /** The answer as JSON: the texts of the books go out as they are kept, unread. */
  async open(id: string, me: Me): Promise<string> {
    const rights = await this.access.rightsOf(id, me);
    const { revision, text } = await this.readable(id, rights.revision);
    const startText = (await this.startText(id, rights)) ?? 'null';
    const { use, mayChange, rules, help } = rights;
    const { by, entriesMayChange, enters = 'both' } = rules;
    const setsCompany = by === 'author' || rules.setsCompany === true;
    const rest: Omit<BookAnswer, 'book' | 'start'> = {
      ...{ id, revision, use, mayChange, entriesMayChange, enters, by, help, setsCompany },
    };
    return `${JSON.stringify(rest).slice(0, -1)},"book":${text},"start":${startText}}`;
  }

  /** The start: that of the exercise, the one as which it was begun where each has their own, or a company’s chart. */
  private async startText(id: string, rights: Rights): Promise<string | null> {
    const { go, startsDiffer, startBookId, use } = rights;
    if (use === 'company') return chartAlone(await this.kept.asBegun(id));
    if (startBookId === null) return null;
    const own = go && startsDiffer ? await this.kept.asBegun(go.begunAs) : null;
    return own ?? (await this.readable(startBookId)).text;
  }

  /** A book's text, judged once for each revision that was not written here. */
  async readable(id: string, revision?: number): Promise<KeptBook> {
    const kept = await this.kept.at(id, revision);
    if (kept.isJudged) return kept;
    if (kept.text.length < LARGE_TEXT) this.kept.bookOf(kept);
    else {
      const judged = await this.threads.judge(kept.text);
      if (!judged.ok) throw unreadable(judged.refusals[0]?.says ?? '');
    }
    kept.isJudged = true;
    return kept;
  }
}

/** What every new book has: the account that keeps the profit, and suspense. */
const BARE = 2;

/** The text of a book, where it is a chart with nothing recorded in it, as starters are; null otherwise. */
function chartAlone(text: string | null): string | null {
  if (text === null || text.length > LARGE_TEXT || !text.includes('"entries":[]')) return null;
  const { accounts } = JSON.parse(text) as { accounts: readonly object[] };
  return accounts.length > BARE ? text : null;
}
