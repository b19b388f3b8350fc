import { Injectable } from '@nestjs/common';
import { KeptBooks } from '../books/kept-books.js';
import type { tries } from '../database/schema/index.js';
import { shownOf, tellsKey } from '../kept/giving.js';
import { Redaction } from './redaction.js';
import { ShownResults } from './shown-results.js';

type Try = typeof tries.$inferSelect;

/** The notes of a work given back, by what they are called here, and by what their student is told that they are called. */
@Injectable()
export class NoteRefs {
  constructor(
    private readonly books: KeptBooks,
    private readonly results: ShownResults,
  ) {}

  private async calls(work: Try): Promise<(ref: string) => string> {
    if (tellsKey(shownOf(work))) return (ref) => ref;
    const redaction = new Redaction(work.checkId ?? '', await this.books.read(work.bookId));
    return (ref) => redaction.ref(ref);
  }

  /** What a note that its student names is called here; null: there is none, or it is not shown to them. */
  async named(work: Try, shownRef: string): Promise<string | null> {
    if (work.state !== 'given-back' || !shownOf(work).notes || work.checkId === null) return null;
    const calls = await this.calls(work);
    const run = await this.results.run(work.checkId);
    return run?.results.find(({ ref }) => calls(ref) === shownRef)?.ref ?? null;
  }

  /** As its student knows each; while the work is not given back they know none. */
  async shown<T extends { readonly ref: string | null }>(
    work: Try,
    of: readonly T[],
  ): Promise<T[]> {
    if (of.every(({ ref }) => ref === null)) return [...of];
    if (work.state !== 'given-back') return of.map((each) => ({ ...each, ref: null }));
    const calls = await this.calls(work);
    return of.map((each) => ({ ...each, ref: each.ref === null ? null : calls(each.ref) }));
  }
}
