import type { Account } from '../../model/book/book.js';
import { confidenceOf, type Evidence } from './evidence.js';

/** Accounts of the key and of the work that stand for each other: usually one and one. */
export interface Pair {
  readonly keys: readonly Account[];
  readonly works: readonly Account[];
  /** 0 to 1. */
  readonly confidence: number;
  /** In words: what spoke for it. */
  readonly reasons: readonly string[];
}

interface Joined {
  readonly keys?: readonly Account[];
  readonly works?: readonly Account[];
}

/** A pair whose reasons are told only when somebody asks for them. */
export class FoundPair implements Pair {
  readonly keys: readonly Account[];
  readonly works: readonly Account[];
  private made: Evidence | null = null;

  constructor(
    { keys, works }: Pick<Pair, 'keys' | 'works'>,
    private readonly find: () => Evidence,
    /** Made by hand: then nothing joins it but by hand. */
    readonly isByHand = false,
  ) {
    this.keys = keys;
    this.works = works;
  }

  private get evidence(): Evidence {
    return (this.made ??= this.find());
  }

  get confidence(): number {
    return confidenceOf(this.evidence);
  }

  get reasons(): readonly string[] {
    return this.evidence.reasons;
  }

  /** The same pair with more accounts on either side. */
  with(more: Joined): FoundPair {
    const keys = [...this.keys, ...(more.keys ?? [])];
    const works = [...this.works, ...(more.works ?? [])];
    const find = () => {
      const { worth, possible, reasons } = this.evidence;
      return { worth, possible, reasons: this.isByHand ? reasons : [...reasons, DETAILS] };
    };
    return new FoundPair({ keys, works }, find, this.isByHand);
  }
}

const DETAILS = 'several together, whose figures add up';
