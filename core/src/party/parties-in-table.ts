import type { Book } from '../book/book.js';
import { dealingsOf } from '../book/dealings.js';
import { minorDigits } from '../money/amount.js';
import { QUANTITY_DIGITS } from '../money/quantity.js';
import { USUAL_TERMS, type Party, type PartyKind } from '../shape/party.js';
import { readList, type ListRow } from '../table/read-list.js';
import { sameName, type Listed } from './listed.js';

const COLUMNS = {
  name: 'name|customer|supplier|customers|suppliers|party|company|account name|who',
  opening: 'opening|opening balance|balance|owed|owes|amount|open|outstanding|due',
  discount: 'discount|discount percent|discount rate|percent off|off',
  discountDays: 'discount days|days for the discount|discount within|within',
  netDays: 'net days|net|days|terms|payment days|due days|days to pay',
};
type Column = keyof typeof COLUMNS;

/** A party of which nothing is said but its kind. */
export const blankParty = (kind: PartyKind): Party => ({
  ...{ id: '', kind, name: '', account: null, opening: 0 },
});

function withSaid(party: Party, { words, figures }: ListRow<Column>): Party {
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
  const digits = minorDigits(book.company.currency);
  const column = (name: Column, of: number | null) => ({ heads: COLUMNS[name], digits: of });
  const { rows, faults } = readList<Column>(cells, {
    name: column('name', null),
    opening: column('opening', digits),
    discount: column('discount', QUANTITY_DIGITS),
    discountDays: column('discountDays', 0),
    netDays: column('netDays', 0),
  });
  const there = dealingsOf(book).parties.filter((each) => each.kind === kind);
  return {
    faults,
    things: rows.map((row) => {
      const known = there.find(({ name }) => sameName(name, row.words.name ?? ''));
      const party = known ?? { ...blankParty(kind), id: newId() };
      return { row: row.row, isNew: known === undefined, thing: withSaid(party, row) };
    }),
  };
}
