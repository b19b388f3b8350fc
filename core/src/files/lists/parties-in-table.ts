import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { USUAL_TERMS, type Party, type PartyKind } from '../../model/shapes/party.js';
import type { ListRow } from '../table/read-list.js';
import { listed, type Column, type Listed } from './listed.js';

const COLUMNS = {
  name: ['name|customer|supplier|customers|suppliers|party|company|account name|who', 'words'],
  opening: ['opening|opening balance|balance|owed|owes|amount|open|outstanding|due', 'money'],
  discount: ['discount|discount percent|discount rate|percent off|off', 'quantity'],
  discountDays: ['discount days|days for the discount|discount within|within', 'whole'],
  netDays: ['net days|net|days|terms|payment days|due days|days to pay', 'whole'],
} satisfies Record<string, Column>;

/** A party of which nothing is said but its kind. */
export const blankParty = (kind: PartyKind): Party => ({
  ...{ id: '', kind, name: '', account: null, opening: 0 },
});

function withSaid(party: Party, { words, figures }: ListRow<keyof typeof COLUMNS>): Party {
  const { opening = party.opening, ...terms } = figures;
  const said = { ...(party.terms ?? USUAL_TERMS), ...terms };
  const saysTerms = party.terms !== undefined || Object.keys(terms).length > 0;
  const named = { ...party, name: words.name ?? party.name, opening };
  const { discount, discountDays, netDays } = said;
  return saysTerms ? { ...named, terms: { discount, discountDays, netDays } } : named;
}

/**
 * The customers or suppliers of a table: one a row, by name; what it says of one that the book has already changes that
 * one. `newId` names those that are new.
 */
export function partiesInTable(
  book: Book,
  cells: readonly (readonly string[])[],
  { kind, newId }: { readonly kind: PartyKind; readonly newId: () => string },
): Listed<Party> {
  return listed(book, cells, {
    columns: COLUMNS,
    there: subledgersOf(book).parties.filter((each) => each.kind === kind),
    blank: () => ({ ...blankParty(kind), id: newId() }),
    withSaid,
  });
}
