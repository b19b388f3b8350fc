import type { Book } from '../../model/book/book.js';
import { addDays } from '../../model/day/calendar.js';
import { subledgersOf, withSubledgers } from '../../model/book/subledgers.js';
import type { Amount } from '../../model/money/amount.js';
import { percentOf } from '../../model/money/quantity.js';
import { USUAL_TERMS, type Party } from '../../model/shapes/party.js';
import { whoOwes, type OpenItem } from './who-owes.js';

/** An open document, and what may be taken off when it is settled at a day. */
export interface Settling extends Omit<OpenItem, 'document'> {
  readonly document: string;
  /** Minor units; 0: nothing, or too late for it. */
  readonly discount: Amount;
}

interface Wanted {
  readonly party: string | null;
  readonly at: string;
  /** A document that is being changed: what it settles now is open again. */
  readonly except: string | null;
}

type OfDocument = OpenItem & { readonly document: string };

/** What an entry says is settled by the next money, without being chosen. */
const isOfDocument = (each: OpenItem): each is OfDocument => each.document !== null;

const withDiscount = ({ terms = USUAL_TERMS }: Party, each: OfDocument, at: string): Settling => ({
  ...each,
  discount: at <= addDays(each.date, terms.discountDays) ? percentOf(terms.discount, each.open) : 0,
});

/** What a party has open at a day, the oldest first, each with the discount that its terms allow that day. */
export function settlingsOf(book: Book, { party: id, at, except }: Wanted): Settling[] {
  const { documents, parties } = subledgersOf(book);
  const party = parties.find((each) => each.id === id);
  if (!party) return [];
  const others = withSubledgers(book, {
    documents: documents.filter((each) => each.id !== except),
  });
  return whoOwes(others, party.kind, at)
    .parties.filter((each) => each.party.id === id)
    .flatMap(({ open }) => open)
    .filter(isOfDocument)
    .filter(({ open }) => open > 0)
    .map((each) => withDiscount(party, each, at));
}
