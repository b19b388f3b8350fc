import { SUBLEDGERS, assignmentShape } from '../shapes/subledgers.js';
import { blankOf } from '../shape/record.js';
import type { Shape } from '../shape/shape.js';
import type { Book, Subledgers } from './book.js';

type Part = keyof Subledgers;
const PARTS = Object.keys(SUBLEDGERS) as Part[];
const shapeOf = (part: Part) => SUBLEDGERS[part] as unknown as Shape<unknown>;

/** Nothing said: perpetual, no taxes, no parties, no items, no documents, no schedules, nothing that waits. */
const NONE: Subledgers = {
  inventory: 'perpetual',
  posting: blankOf(assignmentShape.fields) as Subledgers['posting'],
  taxes: [],
  parties: [],
  items: [],
  documents: [],
  openGoods: [],
  schedules: [],
  waiting: [],
  templates: [],
};

/** What a company deals in and with, and what happened. */
export const subledgersOf = ({ subledgers }: Book): Subledgers => subledgers ?? NONE;

const saysNothing = (value: unknown): boolean =>
  Array.isArray(value)
    ? value.length === 0
    : typeof value === 'object' && value !== null
      ? Object.values(value).every((each) => each === null)
      : value === NONE.inventory;

/** The book with some of its subledgers changed; where they say nothing any more, it holds none. */
export function withSubledgers(book: Book, change: Partial<Subledgers>): Book {
  const { subledgers: _, ...rest } = book;
  const subledgers = { ...subledgersOf(book), ...change };
  return PARTS.every((part) => saysNothing(subledgers[part])) ? rest : { ...rest, subledgers };
}

/** The parts of a book's file that say its subledgers; those that say nothing are left out. */
export function subledgersToJson({ subledgers }: Book, digits: number): object {
  if (!subledgers) return {};
  const said = PARTS.filter((part) => !saysNothing(subledgers[part]));
  return Object.fromEntries(
    said.map((part) => [part, shapeOf(part).write(subledgers[part], digits)]),
  );
}

/** The subledgers that a book's file says; nothing where it says none. */
export function subledgersFrom(
  json: Readonly<Record<string, unknown>>,
  digits: number,
): { readonly subledgers?: Subledgers } {
  const said = PARTS.filter((part) => json[part] !== undefined).map((part) => [
    part,
    shapeOf(part).read(json[part], digits),
  ]);
  const subledgers = { ...NONE, ...(Object.fromEntries(said) as Partial<Subledgers>) };
  return PARTS.every((part) => saysNothing(subledgers[part])) ? {} : { subledgers };
}
