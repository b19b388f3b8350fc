import { DEALINGS, postingShape } from '../shapes/dealings.js';
import { blankOf } from '../shape/record.js';
import type { Shape } from '../shape/shape.js';
import type { Book, Dealings } from './book.js';

type Part = keyof Dealings;
const PARTS = Object.keys(DEALINGS) as Part[];
const shapeOf = (part: Part) => DEALINGS[part] as unknown as Shape<unknown>;

/** Nothing said: perpetual, no parties, no items, no documents, no schedules, nothing that waits. */
const NONE: Dealings = {
  inventory: 'perpetual',
  posting: blankOf(postingShape.fields) as Dealings['posting'],
  parties: [],
  items: [],
  documents: [],
  openGoods: [],
  schedules: [],
  waiting: [],
  templates: [],
};

/** What a company deals in and with, and what happened. */
export const dealingsOf = ({ dealings }: Book): Dealings => dealings ?? NONE;

const saysNothing = (value: unknown): boolean =>
  Array.isArray(value)
    ? value.length === 0
    : typeof value === 'object' && value !== null
      ? Object.values(value).every((each) => each === null)
      : value === NONE.inventory;

/** The book with some of its dealings changed; where they say nothing any more, it holds none. */
export function withDealings(book: Book, change: Partial<Dealings>): Book {
  const { dealings: _, ...rest } = book;
  const dealings = { ...dealingsOf(book), ...change };
  return PARTS.every((part) => saysNothing(dealings[part])) ? rest : { ...rest, dealings };
}

/** The parts of a book's file that say its dealings; those that say nothing are left out. */
export function dealingsToJson({ dealings }: Book, digits: number): object {
  if (!dealings) return {};
  const said = PARTS.filter((part) => !saysNothing(dealings[part]));
  return Object.fromEntries(
    said.map((part) => [part, shapeOf(part).write(dealings[part], digits)]),
  );
}

/** The dealings that a book's file says; nothing where it says none. */
export function dealingsFrom(
  json: Readonly<Record<string, unknown>>,
  digits: number,
): { readonly dealings?: Dealings } {
  const said = PARTS.filter((part) => json[part] !== undefined).map((part) => [
    part,
    shapeOf(part).read(json[part], digits),
  ]);
  const dealings = { ...NONE, ...(Object.fromEntries(said) as Partial<Dealings>) };
  return PARTS.every((part) => saysNothing(dealings[part])) ? {} : { dealings };
}
