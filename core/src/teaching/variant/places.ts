import type { Book } from '../../model/book/book.js';
import { accountOf } from '../../model/book/book.js';
import { isMade } from '../../accounting/document/document-entries.js';
import type { Amount } from '../../model/money/amount.js';
import { placeAtOf } from './place-at.js';

/** A place of an amount where a formula can stand. */
export interface FigurePlace {
  readonly at: string;
  /** What it is part of: the opening balances, an entry, a document. */
  readonly of: string;
  readonly name: string;
  /** As it was made, minor units over zero. */
  readonly usual: Amount;
}

const named = (book: Book, id: string) => accountOf(book, id)?.name ?? id;

/** The amounts of a book where a formula can stand, in the order in which one meets them. */
export function figurePlaces(book: Book): FigurePlace[] {
  const openings = Object.entries(book.opening.balances).map(([id, amount]) => ({
    at: placeAtOf.opening(id),
    of: 'Opening balances',
    name: named(book, id),
    usual: Math.abs(amount),
  }));
  const entries = book.entries
    .filter((entry) => !isMade(entry))
    .flatMap((entry) =>
      entry.lines.map(({ account, amount }, i) => ({
        at: placeAtOf.line(entry.id, i),
        of: `${entry.date} ${entry.text || entry.reference}`,
        name: named(book, account),
        usual: Math.abs(amount),
      })),
    );
  const documents = (book.subledgers?.documents ?? []).flatMap((document) => {
    const of = `${document.date} ${document.text || document.reference || document.kind}`;
    const money = { at: placeAtOf.document(document.id, 'amount'), of, name: 'Money' };
    const lines = document.lines.flatMap((line, i) => {
      const at = (part: string) => placeAtOf.document(document.id, `${i}:${part}`);
      const price =
        line.price === null ? [] : [{ at: at('price'), of, name: 'Price', usual: line.price }];
      const amount =
        line.amount === null ? [] : [{ at: at('amount'), of, name: 'Amount', usual: line.amount }];
      return [...price, ...amount];
    });
    return [...(document.amount === null ? [] : [{ ...money, usual: document.amount }]), ...lines];
  });
  const schedules = (book.subledgers?.schedules ?? []).map(({ id, text, total }) => ({
    at: placeAtOf.schedule(id),
    of: 'Schedules',
    name: text,
    usual: total,
  }));
  return [...openings, ...entries, ...documents, ...schedules].filter(({ usual }) => usual > 0);
}
