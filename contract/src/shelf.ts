import type { Distinction, LegalForm } from '@gleddo/core';

/** A ready exercise, as it lies on the shelf. */
export interface ReadyShown {
  readonly id: string;
  /** What it is about, as the shelf heads it. */
  readonly subject: string;
  readonly title: string;
  /** What one can do afterwards. */
  readonly says: string;
  readonly company: string;
  readonly trade: string;
  readonly legalForm: LegalForm;
  /** Accounts to set up or to place, openings to enter, entries to record, questions to answer, in so many steps. */
  readonly accounts: number;
  readonly openings: number;
  readonly entries: number;
  readonly questions: number;
  readonly steps: number;
  /** How many of its accounts ask for each distinction. */
  readonly asks: Readonly<Partial<Record<Distinction, number>>>;
}
