import { accountOf, type Book, type Subledgers } from '../../model/book/book.js';
import { accountUnknown, idTaken } from '../../model/book/book-faults.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import { refusal, type Refusal } from '../../model/refusal/refusal.js';
import { faultsOfSchedule } from '../schedule/schedule-faults.js';
import { join } from '../../model/shape/explain.js';
import type { Item } from '../../model/shapes/item.js';
import type { OpenGoods } from '../../model/shapes/open-goods.js';
import type { Party } from '../../model/shapes/party.js';
import { WHOLE_PERCENT } from '../../model/money/quantity.js';
import { isVisible } from '../../model/shape/visible.js';
import { entriesMadeBy, isMade, makerOf } from './document-entries.js';
import { faultsOfDocument } from './document-faults.js';
import { faultsOfTaxRules } from './tax-faults.js';
import { faultsOfSettlements } from './settlement-faults.js';

const nameless = refusal(
  'subledgers.nameless',
  (f: { what: string }) => `A ${f.what} needs a name that can be seen. Type one.`,
);
const negativeStock = refusal(
  'item.opening',
  (f: { name: string }) =>
    `“${f.name}” can’t begin with less than nothing in stock. Enter how many there are and what they are worth.`,
);
const negativePrice = refusal(
  'item.price',
  (f: { name: string }) =>
    `“${f.name}” can’t cost, or be sold for, less than nothing. Enter the price of one without a minus.`,
);
const oddDiscount = refusal(
  'party.discount',
  () => 'A discount lies between nothing and the whole: from 0 to 100 percent.',
);
const madeByNobody = refusal(
  'entry.made-by-nobody',
  (f: { id: string }) =>
    `The entry says that “${f.id}” made it, but no document or schedule makes this entry. Leave that out, and it is an entry like any other.`,
);

const openUnknown = refusal(
  'subledgers.open-goods',
  (f: { id: string }) =>
    `Goods that wait for their invoice name “${f.id}”, and there is no such item or supplier in this book. Add it, or leave that out.`,
);

const PARTS = ['parties', 'items', 'documents', 'schedules'] as const;

/** The accounts that one of the subledgers names, each with its place in it. */
type Named = readonly (readonly [string, string | null])[];

const ofParty = ({ account, control }: Party): Named => [
  ['account', account],
  ['control', control ?? null],
];

const ofItem = (item: Item): Named =>
  (['incomeAccount', 'costAccount', 'stockAccount'] as const).map((name) => [name, item[name]]);

/** Accounts that are named and are not there. */
const unknownAmong = (book: Book, named: Named): Refusal[] =>
  named.flatMap(([at, id]) =>
    id !== null && !accountOf(book, id) ? [accountUnknown({ id }, at)] : [],
  );

function faultsOfParty(book: Book, party: Party): Refusal[] {
  const named = isVisible(party.name) ? [] : [nameless({ what: party.kind }, 'name')];
  const rate = party.terms?.discount ?? 0;
  const odd = rate < 0 || rate > WHOLE_PERCENT ? [oddDiscount({}, 'terms.discount')] : [];
  return [...named, ...odd, ...unknownAmong(book, ofParty(party))];
}

function faultsOfItem(book: Book, item: Item): Refusal[] {
  const named = isVisible(item.name) ? [] : [nameless({ what: 'thing in stock' }, 'name')];
  const isShort = item.openingQuantity < 0 || item.openingValue < 0;
  const short = isShort ? [negativeStock({ name: item.name }, 'openingQuantity')] : [];
  const isBelow = (item.price ?? 0) < 0 || (item.cost ?? 0) < 0;
  const below = isBelow ? [negativePrice({ name: item.name }, 'price')] : [];
  return [...named, ...short, ...below, ...unknownAmong(book, ofItem(item))];
}

/** Judges goods that wait for their invoice: what they name is there. */
function judgeOpenGoods({ items, parties }: Subledgers): (open: OpenGoods) => Refusal[] {
  const known = {
    item: new Set(items.map(({ id }) => id)),
    party: new Set(parties.map(({ id }) => id)),
  };
  return (open) =>
    (['item', 'party'] as const).flatMap((at) =>
      known[at].has(open[at]) ? [] : [openUnknown({ id: open[at] }, at)],
    );
}

function doubledIds(subledgers: Subledgers): Refusal[] {
  return PARTS.flatMap((part) => {
    const seen = new Set<string>();
    return subledgers[part].flatMap(({ id }, i) => {
      if (!seen.has(id)) return (seen.add(id), []);
      return [idTaken({ id }, `${part}[${i}].id`)];
    });
  });
}

/** Entries that say that something made them which makes none, or makes another one already. */
function madeByOthers(book: Book, subledgers: Subledgers): Refusal[] {
  const made = entriesMadeBy(subledgers);
  // Where an account is missing for some, what is there can't be told apart from what would be made.
  if (!made.ok) return madeWithout(book, subledgers);
  const free = new Set(made.value.map(makerOf));
  return book.entries.flatMap((entry, i) =>
    isMade(entry) && !free.delete(makerOf(entry))
      ? [madeByNobody({ id: entry.document ?? entry.schedule ?? '' }, `entries[${i}]`)]
      : [],
  );
}

function madeWithout(book: Book, { documents, schedules }: Subledgers): Refusal[] {
  const ids = new Set([...documents, ...schedules].map(({ id }) => id));
  return book.entries.flatMap(({ document, schedule }, i) => {
    const id = document ?? schedule;
    return id !== undefined && !ids.has(id) ? [madeByNobody({ id }, `entries[${i}]`)] : [];
  });
}

const placed = (
  path: string,
  part: string,
  { faults, i }: { readonly faults: readonly Refusal[]; readonly i: number },
): Refusal[] =>
  faults.map((fault) => ({ ...fault, at: join(path, join(`${part}[${i}]`, fault.at)) }));

/** What is wrong with parties, items, documents and schedules, and with entries that say one of them made them. */
export function faultsOfSubledgers(book: Book, path = ''): Refusal[] {
  const subledgers = subledgersOf(book);
  const all = <T>(part: string, list: readonly T[], judge: (each: T) => Refusal[]) =>
    list.flatMap((each, i) => placed(path, part, { faults: judge(each), i }));
  const faults = [
    ...unknownAmong(book, Object.entries(subledgers.posting)).map((fault) => ({
      ...fault,
      at: join('posting', fault.at),
    })),
    ...faultsOfTaxRules(book, subledgers.taxes).map((fault) => ({
      ...fault,
      at: `taxes${fault.at}`,
    })),
    ...doubledIds(subledgers),
  ].map((fault) => ({ ...fault, at: join(path, fault.at) }));
  const judged = [
    ...faults,
    ...all('parties', subledgers.parties, (party) => faultsOfParty(book, party)),
    ...all('items', subledgers.items, (item) => faultsOfItem(book, item)),
    ...all('openGoods', subledgers.openGoods, judgeOpenGoods(subledgers)),
    ...all('documents', subledgers.documents, (each) => faultsOfDocument(book, each)),
    ...all('schedules', subledgers.schedules, (each) => faultsOfSchedule(book, each)),
    ...faultsOfSettlements(subledgers).map((fault) => ({ ...fault, at: join(path, fault.at) })),
  ];
  if (judged.length > 0) return judged;
  return madeByOthers(book, subledgers).map((fault) => ({ ...fault, at: join(path, fault.at) }));
}
