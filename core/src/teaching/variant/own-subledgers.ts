import type { Subledgers } from '../../model/book/book.js';
import { addDays } from '../../model/day/calendar.js';
import type { Amount } from '../../model/money/amount.js';
import { QUANTITY_DIGITS } from '../../model/money/quantity.js';
import type { Document, DocumentLine } from '../../model/shapes/document.js';
import type { Item } from '../../model/shapes/item.js';
import type { Party } from '../../model/shapes/party.js';
import type { Schedule } from '../../model/shapes/schedule.js';
import { placeAtOf } from './place-at.js';
import type { Reckoner } from './reckoner.js';

/** By what the subledgers of one seed are made. */
interface Making {
  readonly reckoner: Reckoner;
  named(text: string): string;
}

/** Parts of a total in the proportions of others, without a cent lost on the way. */
function inProportion(parts: readonly Amount[], total: Amount): Amount[] {
  const of = parts.reduce((sum, part) => sum + part, 0);
  let [seen, given] = [0, 0];
  return parts.map((part) => {
    seen += part;
    const until = of === 0 ? 0 : Math.round((total * seen) / of);
    const share = until - given;
    given = until;
    return share;
  });
}

const money = <T extends Amount | null>({ reckoner }: Making, at: string, usual: T): T =>
  usual === null ? usual : ((Math.sign(usual) * reckoner.amount(at, Math.abs(usual))) as T);

/** How many: only where a formula of its own says so. */
const count = <T extends number | null>({ reckoner }: Making, at: string, usual: T): T =>
  usual === null || !reckoner.hasOwn(at)
    ? usual
    : ((Math.sign(usual) * reckoner.amount(at, Math.abs(usual), QUANTITY_DIGITS)) as T);

const party = (of: Party, making: Making): Party => ({
  ...of,
  name: making.named(of.name),
  opening: money(making, placeAtOf.party(of.id), of.opening),
});

function item(of: Item, making: Making): Item {
  const at = (part: string) => placeAtOf.item(of.id, part);
  return {
    ...of,
    name: making.named(of.name),
    price: money(making, at('price'), of.price),
    cost: money(making, at('cost'), of.cost),
    openingQuantity: count(making, at('quantity'), of.openingQuantity),
    openingValue: money(making, at('value'), of.openingValue),
  };
}

function document(of: Document, making: Making): Document {
  const at = (part: string) => placeAtOf.document(of.id, part);
  const days = making.reckoner.days(at('date'));
  const line = (each: DocumentLine, i: number): DocumentLine => ({
    ...each,
    quantity: count(making, at(`${i}:quantity`), each.quantity),
    price: money(making, at(`${i}:price`), each.price),
    amount: money(making, at(`${i}:amount`), each.amount),
  });
  return {
    ...of,
    text: making.named(of.text),
    date: days === 0 ? of.date : addDays(of.date, days),
    amount: money(making, at('amount'), of.amount),
    discount: money(making, at('discount'), of.discount),
    lines: of.lines.map(line),
    settles: of.settles.map((each, i) => ({
      ...each,
      amount: money(making, at(`${i}:settles`), each.amount),
    })),
  };
}

function schedule(of: Schedule, { reckoner, named }: Making): Schedule {
  const total = reckoner.amount(placeAtOf.schedule(of.id), of.total);
  const [residual = 0] = inProportion([of.residual, of.total - of.residual], total);
  const amounts = inProportion(
    of.rows.map(({ amount }) => amount),
    total - residual,
  );
  const rows = of.rows.map((row, i) => ({ ...row, amount: amounts[i] ?? row.amount }));
  return { ...of, text: named(of.text), total, residual, rows };
}

/** Parties, items, documents and schedules as one seed makes them. */
export const ownSubledgers = (of: Subledgers, making: Making): Subledgers => ({
  ...of,
  parties: of.parties.map((each) => party(each, making)),
  items: of.items.map((each) => item(each, making)),
  documents: of.documents.map((each) => document(each, making)),
  openGoods: of.openGoods.map((each) => ({
    ...each,
    worth: money(making, placeAtOf.item(each.item, 'waiting'), each.worth),
  })),
  schedules: of.schedules.map((each) => schedule(each, making)),
});
