import type { LegalForm } from '@gleddo/core';
import type { ReadyFacts } from '@gleddo/core/shelf';

/** A ready exercise, as it lies on the shelf. */
export interface ReadyShown extends ReadyFacts {
  readonly id: string;
  /** What it is about, as the shelf heads it. */
  readonly subject: string;
  readonly title: string;
  /** What one can do afterwards. */
  readonly says: string;
  readonly company: string;
  readonly trade: string;
  readonly legalForm: LegalForm;
}
