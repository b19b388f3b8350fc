import type { Account, Book, Company, Entry } from '../book/book.js';
import type { Amount } from '../money/amount.js';
import type { NumberPlan } from '../numbering/number-plan.js';
import type { Refusal, Result } from '../refusal/refusal.js';
import type { Side } from '../money/side.js';
import type { Activity, Scheme } from '../scheme/scheme.js';
import type { TaxLists } from '../book/tax-lists.js';

/** A change of a book, as data with a name. It can be kept, sent, applied and undone. */
export type Operation =
  | { readonly kind: 'add-account'; readonly account: Account; readonly index?: number }
  | { readonly kind: 'rename-account'; readonly id: string; readonly name: string }
  | { readonly kind: 'renumber-account'; readonly id: string; readonly number: string | null }
  | {
      readonly kind: 'move-account';
      readonly id: string;
      readonly type: string | null;
      readonly parent: string | null;
      readonly number: string | null;
      /** The position among all accounts; it orders those without a number. Absent: stays. */
      readonly index?: number;
    }
  | {
      readonly kind: 'describe-account';
      readonly id: string;
      readonly description: string | null;
      readonly cashFlow: Activity | null;
      readonly taxLine: string | null;
      readonly taxCode: string | null;
      readonly budget: Amount | null;
    }
  | { readonly kind: 'state-side'; readonly id: string; readonly side: Side | null }
  | { readonly kind: 'retire-account'; readonly id: string }
  | { readonly kind: 'bring-back-account'; readonly id: string }
  | {
      readonly kind: 'delete-account';
      readonly id: string;
      /** What becomes of accounts under it: lifted to its own parent; or the deletion is refused. */
      readonly children: 'lift' | 'refuse';
    }
  | { readonly kind: 'set-opening'; readonly id: string; readonly amount: Amount }
  | { readonly kind: 'set-opening-date'; readonly date: string }
  | {
      readonly kind: 'record-entry';
      readonly entry: Entry;
      /** Where among the entries; absent: at the end. */
      readonly index?: number;
      /** It stood there before: accounts retired since do not stand in the way. */
      readonly restores?: true;
    }
  | { readonly kind: 'change-entry'; readonly entry: Entry; readonly restores?: true }
  | { readonly kind: 'remove-entry'; readonly id: string }
  | { readonly kind: 'change-company'; readonly company: Company }
  | { readonly kind: 'change-tax-lists'; readonly taxLists: TaxLists }
  | {
      readonly kind: 'change-scheme';
      readonly scheme: Scheme;
      /** Where accounts stand from then on; absent: those of a type that is gone lose their place. */
      readonly places?: readonly {
        readonly id: string;
        readonly type: string | null;
        readonly parent: string | null;
      }[];
    }
  | {
      readonly kind: 'renumber-all';
      readonly numbers: readonly { readonly id: string; readonly number: string | null }[];
      /** The plan from then on; null: the book works without numbers. */
      readonly numberPlan: NumberPlan | null;
    }
  | { readonly kind: 'several'; readonly operations: readonly Operation[] };

export type OperationKind = Operation['kind'];
export type OperationOf<K extends OperationKind> = Extract<Operation, { kind: K }>;

/** Who works, and what the exercise allows. */
export interface Rules {
  readonly by: 'author' | 'student';
  /** Whether recorded entries may be changed and removed, rather than reversed. */
  readonly entriesMayChange: boolean;
}

export const AUTHOR: Rules = { by: 'author', entriesMayChange: true };

export interface Applied {
  readonly book: Book;
  /** The operation that gives back exactly the book as it was. */
  readonly inverse: Operation;
  /** What was done all the same, and deserves a look. */
  readonly notices: readonly Refusal[];
}

/** One change of a book: all of one shape. */
export interface Change<K extends OperationKind> {
  apply(book: Book, operation: OperationOf<K>, rules: Rules): Result<Applied>;
}
