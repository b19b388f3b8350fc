import { IsBoolean, IsObject } from 'class-validator';
import type { SharedBy } from './sharing.js';

/** A new company from a book document: a fresh one, one made from a table, or one from a file. */
export class NewCompanyRequest {
  @IsObject({ message: 'The company’s book is missing.' })
  book!: object;
}

export class ChangeCompanyRequest {
  /** Out of the way, or back in the list. Nothing of it is lost. */
  @IsBoolean()
  putAway!: boolean;
}

/** What goes with a company when it is deleted. */
export interface HangsOnCompany {
  readonly changes: number;
  /** Moments that were given a name. */
  readonly moments: number;
}

export interface CompanySummary {
  readonly id: string;
  readonly bookId: string;
  readonly name: string;
  readonly trade: string;
  readonly accounts: number;
  readonly entries: number;
  readonly changedAt: string;
  readonly putAway: boolean;
  /** Whether it knows of which other it is a copy. */
  readonly isCopy: boolean;
  /** Whose it is and how it is shared; null: it is one’s own. */
  readonly shared: SharedBy | null;
}
