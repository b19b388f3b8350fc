import type { PairShown, ShownResult } from '@gleddo/contract';
import type { Book } from '@gleddo/core';
import type { Money } from '../../platform/figures/money';

/** A part of a work beside the same part of the key. */
export interface BesideProps {
  readonly keyBook: Book;
  readonly work: Book;
  readonly pairs: readonly PairShown[];
  /** The numbered notes, in their order. */
  readonly faults: readonly ShownResult[];
  readonly money: Money;
  readonly onlyDiffering: boolean;
  /** The note that is pointed at; its rows stand out. */
  readonly active: number | null;
}
