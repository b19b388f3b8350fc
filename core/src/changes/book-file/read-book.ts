import { minorDigits, type Amount } from '../../model/money/amount.js';
import { faultsOfSubledgers } from '../../accounting/document/subledger-faults.js';
import { withMissingEntries } from '../../accounting/document/document-entries.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import {
  accountsShape,
  balancesShape,
  BOOK_FORMAT,
  bookFile,
  entriesShape,
  LARGEST_BOOK,
  notThisFormat,
} from '../../model/shapes/book-file.js';
import { companyShape, USUAL_CURRENCY } from '../../model/shapes/company.js';
import { day } from '../../model/shapes/day.js';
import { join } from '../../model/shape/explain.js';
import { fitting, quickly, UNFIT } from '../../model/shape/shape.js';
import { taxListShape } from '../../model/shapes/tax-list.js';
import type { Book, Company } from '../../model/book/book.js';
import { bookTooLarge, faultsOfBook } from '../../model/book/book-faults.js';
import { addDays } from '../../model/day/calendar.js';
import { subledgersFrom } from '../../model/book/subledgers.js';
import { takePlan, takeScheme } from '../../model/book/read-classification.js';

const jsonBroken = refusal(
  'file.broken',
  () =>
    'This is not readable as JSON: it was cut off or changed on its way. Save the file again and retry.',
);
const jsonTooLarge = refusal(
  'file.too-large',
  (f: { limit: number }) =>
    `The file is larger than ${f.limit} MB, more than a book can need. Check that it is the right file.`,
);

/** The largest exchange file taken, in characters: a book with the indents of its file. */
const LARGEST_FILE = 20_000_000;

/** Parses text as JSON; refuses what is too large or broken, in a sentence. */
export function parseJson(text: string): Result<unknown> {
  if (text.length > LARGEST_FILE) return refused(jsonTooLarge({ limit: LARGEST_FILE / 1e6 }));
  try {
    return done(JSON.parse(text.startsWith('\uFEFF') ? text.slice(1) : text));
  } catch {
    return refused(jsonBroken({}));
  }
}

/** Reads a book from the text of a `*.book.json` file, or answers every fault with its path. */
export function readBook(text: string): Result<Book> {
  const json = parseJson(text);
  if (!json.ok) return json;
  const read = bookFromJson(json.value);
  const isLarge = text.length > LARGEST_BOOK && JSON.stringify(json.value).length > LARGEST_BOOK;
  return read.ok && isLarge ? refused(bookTooLarge({})) : read;
}

type Json = Record<string, unknown>;

const part = (json: unknown, name: string): unknown =>
  typeof json === 'object' && json !== null ? (json as Json)[name] : undefined;

/** Whether a document says that it is of this format, in a version that is known. */
export function faultsOfFormat(json: unknown, wanted: string, path = ''): Refusal[] {
  const isObject = typeof json === 'object' && json !== null && !Array.isArray(json);
  const [format, version] = [part(json, 'format'), part(json, 'version')];
  if (!isObject || (format === wanted && version === 1)) return [];
  const found = `${String(format ?? 'nothing')} ${String(version ?? '')}`.trim();
  return [notThisFormat({ wanted, found: found.slice(0, 60) }, join(path, 'format'))];
}

/** Reads a book from a parsed document; `path` leads the place of each fault. */
export function bookFromJson(value: unknown, path = ''): Result<Book> {
  const odd = faultsOfFormat(value, BOOK_FORMAT, path);
  const currency = part(part(value, 'company'), 'currency');
  const digits = minorDigits(typeof currency === 'string' ? currency : USUAL_CURRENCY);
  const read = odd.length > 0 ? null : quickly(() => settled(value as Json, path, digits));
  return read ?? refused(...odd, ...shapeFaults(value, path, digits));
}

function shapeFaults(value: unknown, path: string, digits: number): readonly Refusal[] {
  const shaped = fitting(bookFile(digits), value, path);
  const isOfFormat = ({ at }: Refusal) =>
    ['format', 'version'].some((key) => at === join(path, key));
  return shaped.ok ? [] : shaped.refusals.filter((each) => !isOfFormat(each));
}

const BOOK_KEYS = new Set(Object.keys(bookFile(0).shape));
const OPENING_KEYS = new Set(['date', 'balances']);

function settled(json: Json, path: string, digits: number): Result<Book> {
  onlyWith(json, BOOK_KEYS);
  const company = plainly(companyShape.read(json['company'], digits));
  const words = company.words ?? 'international';
  const scheme = takeScheme(json['scheme'], join(path, 'scheme'), words);
  const plan = takePlan(json['numberPlan'], join(path, 'numberPlan'));
  const book: Book = {
    company,
    scheme: scheme.value,
    numberPlan: plan.value,
    taxLists: {
      lines: taxListShape.read(json['taxLines'] ?? [], digits),
      codes: taxListShape.read(json['taxCodes'] ?? [], digits),
    },
    accounts: accountsShape.read(json['accounts'] ?? [], digits),
    opening: openingFrom(json['opening'] ?? {}, company, digits),
    entries: entriesShape.read(json['entries'] ?? [], digits),
    ...(json['locked'] === undefined ? {} : { locked: day.read(json['locked'], 0) }),
    ...subledgersFrom(json, digits),
  };
  const faults = [
    ...scheme.faults,
    ...plan.faults,
    ...faultsOfBook(book, path),
    ...faultsOfSubledgers(book, path),
  ];
  return faults.length === 0 ? done(withMissingEntries(book)) : refused(...faults);
}

/** Null where a document says nothing is not the same as saying nothing. */
function onlyWith(json: unknown, known: ReadonlySet<string>): asserts json is Json {
  if (typeof json !== 'object' || json === null || Array.isArray(json)) throw UNFIT;
  for (const key in json) {
    if (!known.has(key)) throw UNFIT;
    if ((json as Json)[key] === null && key !== 'numberPlan') throw UNFIT;
  }
}

/** International words are said by saying none. */
export function plainly({ words = 'international', ...company }: Company): Company {
  return words === 'international' ? company : { ...company, words };
}

function openingFrom(json: unknown, company: Company, digits: number): Book['opening'] {
  onlyWith(json, OPENING_KEYS);
  const balances: Record<string, Amount> = {};
  for (const { account, amount } of balancesShape.read(json['balances'] ?? [], digits)) {
    const total = (Object.hasOwn(balances, account) ? (balances[account] ?? 0) : 0) + amount;
    Object.defineProperty(balances, account, { value: total, ...PLAIN });
  }
  for (const [id, amount] of Object.entries(balances)) if (amount === 0) delete balances[id];
  const date =
    json['date'] === undefined ? addDays(company.firstDay, -1) : day.read(json['date'], 0);
  return { date, balances };
}

/** So that an account named `__proto__` in a hostile file is only an account. */
const PLAIN = { writable: true, enumerable: true, configurable: true };
