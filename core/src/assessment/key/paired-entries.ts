import type { Account, Book } from '../../model/book/book.js';
import { accountOf } from '../../model/book/book.js';
import { pairIndexesOf, viewsOf } from './entry-view.js';
import { openingSaid, opensBeside, opensIn } from './opening-entries.js';
import { pairEntries, type EntryPair } from './pair-entries.js';
import type { Pair, Recognition } from './recognise.js';

/** Accounts recognised in each other, by id: what is kept of a recognition. */
export interface PairedIds {
  readonly keys: readonly string[];
  readonly works: readonly string[];
}

const known = (book: Book, ids: readonly string[]): Account[] =>
  ids.flatMap((id) => accountOf(book, id) ?? []);

function recognitionFrom(key: Book, work: Book, pairs: readonly PairedIds[]): Recognition {
  const found = pairs.map((pair): Pair => ({
    keys: known(key, pair.keys),
    works: known(work, pair.works),
    confidence: 1,
    reasons: [],
  }));
  return {
    pairs: found,
    byKey: new Map(found.flatMap((pair) => pair.keys.map(({ id }) => [id, pair] as const))),
    byWork: new Map(found.flatMap((pair) => pair.works.map(({ id }) => [id, pair] as const))),
    forbidden: new Map(),
  };
}

/** Which entries of a work stand for which of the key's, once its accounts are recognised. */
export function pairedEntries(
  key: Book,
  work: Book,
  pairs: readonly PairedIds[],
): readonly EntryPair[] {
  const pairIndexes = pairIndexesOf(key, work, recognitionFrom(key, work, pairs));
  const opens = opensBeside(openingSaid(key), work);
  return pairEntries(
    viewsOf(key, opensIn(key), pairIndexes.ofKey),
    viewsOf(work, opens, pairIndexes.ofWork),
  );
}
