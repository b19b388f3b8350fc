import type { Book } from '../../model/book/book.js';
import type { Amount } from '../../model/money/amount.js';
import type { Opens } from './opening-entries.js';

/** What was posted to an account after the opening: how often each amount on each day. */
export type PostingProfile = ReadonlyMap<string, number>;

interface PostedLine {
  readonly date: string;
  readonly amount: Amount;
}

/** What was posted to the accounts of a book, counted for an account when somebody asks for it. */
export class PostingProfiles {
  private readonly lines = new Map<string, PostedLine[]>();
  private readonly counted = new Map<string, PostingProfile>();

  constructor(book: Book, opens: Opens) {
    for (const entry of book.entries) {
      if (opens(entry)) continue;
      const { date } = entry;
      for (const { account, amount } of entry.lines) {
        const own = this.lines.get(account);
        if (own) own.push({ date, amount });
        else this.lines.set(account, [{ date, amount }]);
      }
    }
  }

  of(account: string): PostingProfile {
    const known = this.counted.get(account);
    if (known) return known;
    const lines = this.lines.get(account);
    if (!lines) return NO_POSTINGS;
    const counted = new Map<string, number>();
    for (const { date, amount } of lines) {
      const posting = `${date} ${amount}`;
      counted.set(posting, (counted.get(posting) ?? 0) + 1);
    }
    this.counted.set(account, counted);
    return counted;
  }
}

const NO_POSTINGS: PostingProfile = new Map();

export function countOf(postings: PostingProfile): number {
  let count = 0;
  for (const times of postings.values()) count += times;
  return count;
}

/** How many postings two accounts have in common, by day and amount. */
export function sharedBy(one: PostingProfile, other: PostingProfile): number {
  const [few, many] = one.size <= other.size ? [one, other] : [other, one];
  let shared = 0;
  for (const [posting, times] of few) shared += Math.min(times, many.get(posting) ?? 0);
  return shared;
}

/** The postings of one that another does not have. */
export function without(one: PostingProfile, other: PostingProfile): PostingProfile {
  const left = new Map<string, number>();
  for (const [posting, times] of one) {
    const more = times - (other.get(posting) ?? 0);
    if (more > 0) left.set(posting, more);
  }
  return left;
}

/** Those of several accounts together. */
export function together(all: readonly PostingProfile[]): PostingProfile {
  if (all.length === 1) return all[0] ?? NO_POSTINGS;
  const sum = new Map<string, number>();
  for (const each of all)
    for (const [posting, times] of each) sum.set(posting, (sum.get(posting) ?? 0) + times);
  return sum;
}

/** Which share of the postings of two accounts has a partner on the other side, from 0 to 1; null where neither has any. */
export function likenessOf(one: PostingProfile, other: PostingProfile): number | null {
  const count = countOf(one) + countOf(other);
  return count === 0 ? null : (2 * sharedBy(one, other)) / count;
}
