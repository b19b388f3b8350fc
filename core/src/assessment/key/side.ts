import type { Book } from '../../model/book/book.js';
import type { Traits } from './account-traits.js';
import type { Accepted } from './answer-key.js';
import type { Candidate } from './evidence.js';
import type { Opens } from './opening-entries.js';
import { PostingProfiles, type PostingProfile } from './posting-profile.js';

/** A book whose accounts are to be recognised: its accounts' traits, and which of its entries only open it. */
export interface Recognised {
  readonly book: Book;
  readonly traits: readonly Traits[];
  readonly opens: Opens;
  /** What was posted to its accounts, where that is known already: of a key it is the same for each work. */
  readonly posted?: PostingProfiles;
}

/** One side of a recognition: its accounts, those that stand for nobody yet, and what is told of them when it is asked. */
export class Side {
  readonly free: Set<number>;
  private posted: PostingProfiles | null = null;
  private traitsById: ReadonlyMap<string, Traits> | null = null;
  private types: ReadonlyMap<string | null, number> | null = null;

  constructor(readonly of: Recognised) {
    this.free = new Set(of.traits.keys());
  }

  /** The traits of its accounts, by id. */
  get byId(): ReadonlyMap<string, Traits> {
    return (this.traitsById ??= new Map(this.of.traits.map((each) => [each.account.id, each])));
  }

  at(i: number): Traits {
    return this.of.traits[i] as Traits;
  }

  postings(id: string): PostingProfile {
    this.posted ??= this.of.posted ?? new PostingProfiles(this.of.book, this.of.opens);
    return this.posted.of(id);
  }

  candidate(i: number): Candidate {
    const traits = this.at(i);
    this.types ??= countedTypes(this.of.traits);
    const isOnlyOfType = traits.type !== null && this.types.get(traits.type) === 1;
    return { traits, postings: this.postings(traits.account.id), isOnlyOfType };
  }
}

function countedTypes(all: readonly Traits[]): Map<string | null, number> {
  const counts = new Map<string | null, number>();
  for (const { type } of all) counts.set(type, (counts.get(type) ?? 0) + 1);
  return counts;
}

/** Two books while their accounts are recognised in each other. */
export interface Recognising {
  readonly keys: Side;
  readonly works: Side;
  acceptedOf(traits: Traits): Accepted;
  /** The student's accounts that were parted by hand from everything. */
  readonly parted: ReadonlySet<string | null>;
}
