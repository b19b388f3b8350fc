import type { Book, LegalForm } from '../../model/book/book.js';
import type { Words } from '../../model/scheme/index.js';

/** A company of the shelf: what it is, and its chart with what stands on it when the books begin. */
export interface CompanyChart {
  readonly name: string;
  readonly trade: string;
  readonly legalForm: LegalForm;
  readonly scheme?: string;
  readonly words?: Words;
  readonly currency?: string;
  readonly inventory?: NonNullable<Book['subledgers']>['inventory'];
  /** `id | name | type | opening (debit positive, whole units) | parent` */
  readonly accounts: string;
}
