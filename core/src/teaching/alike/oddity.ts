import type { Checked } from '../../assessment/mark/index.js';
import type { AnswerKey } from '../../assessment/key/index.js';
import type { Account, Book } from '../../model/book/book.js';
import { type Amount } from '../../model/money/index.js';
import { writingOf } from '../../model/place/writing.js';
import { amountSaid } from '../../model/money/format-amount.js';

/** Something in which a work differs from its key, whether or not it costs anything; what was not done is none. */
export interface Oddity {
  /** The same in every work that has it. */
  readonly name: string;
  /** What one slip or one habit brings with it has one kind, so that it does not speak twice. */
  readonly kind: string;
  /** As a part of a sentence, in the words of this work. */
  readonly says: string;
}

export interface CheckedBook {
  readonly key: AnswerKey;
  readonly work: Book;
  readonly checked: Checked;
  /** What was answered beside the book, by question. */
  readonly answers: ReadonlyMap<string, string>;
}

/** The accounts of a work by whose they are in the key, else by how they are called. */
export class Standing {
  private readonly names: ReadonlyMap<string, string>;

  constructor({ work, checked }: Pick<CheckedBook, 'work' | 'checked'>) {
    this.names = new Map(work.accounts.map((each) => [each.id, nameOf(each, checked)]));
  }

  of(account: string): string {
    return this.names.get(account) ?? '?';
  }
}

const nameOf = ({ id, name }: Account, { recognition }: Checked): string =>
  recognition.byWork.get(id)?.keys[0]?.id ?? `own ${asTyped(name)}`;

/** As it was typed, but for letter case and spaces. */
export const asTyped = (text: string): string =>
  text.normalize('NFKC').toLowerCase().replace(/\s+/g, ' ').trim();

/** An amount without its side, in the currency of a book. */
export function moneyIn({ company }: Book, amount: Amount): string {
  return amountSaid(amount, writingOf(company));
}
