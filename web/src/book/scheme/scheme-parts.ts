import type { Book, Scheme } from '@gleddo/core';

/** A section or a type of the scheme, chosen to be looked at. */
export interface PartOfScheme {
  readonly kind: 'section' | 'type';
  readonly id: string;
}

export interface SchemePartsProps {
  readonly book: Book;
  readonly scheme: Scheme;
  readonly chosen: PartOfScheme | null;
  readonly mayChange: boolean;
  onChoose(part: PartOfScheme | null): void;
  onChange(scheme: Scheme): void;
}
