import { IsObject } from 'class-validator';

/** A new company from a book document: a fresh one, one made from a table, or one from a file. */
export class NewCompanyRequest {
  @IsObject({ message: 'The company’s book is missing.' })
  book!: object;
}

export interface CompanySummary {
  readonly id: string;
  readonly bookId: string;
  readonly name: string;
  readonly trade: string;
  readonly accounts: number;
  readonly entries: number;
  readonly changedAt: string;
}
