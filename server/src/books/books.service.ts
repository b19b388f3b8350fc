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
    const start = rights.startBookId;
    const startText = start === null ? 'null' : await this.startText(rights, start);
    const { use, mayChange, rules, help } = rights;
    const { by, entriesMayChange, enters = 'both' } = rules;
    const setsCompany = by === 'author' || rules.setsCompany === true;
    const rest: Omit<BookAnswer, 'book' | 'start'> = {
      ...{ id, revision, use, mayChange, entriesMayChange, enters, by, help, setsCompany },
    };
    return `${JSON.stringify(rest).slice(0, -1)},"book":${text},"start":${startText}}`;
  }

  /** The start: that of the exercise, or the one as which it was begun where each has their own. */
  private async startText({ go, startsDiffer }: Rights, start: string): Promise<string> {
    const own = go && startsDiffer ? await this.kept.asBegun(go.begunAs) : null;
    return own ?? (await this.readable(start)).text;
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
