import { LARGEST_AMOUNT, minorDigits, type Amount } from '../money/amount.js';
import { parseDecimal } from '../money/parse-amount.js';
import { readNumber } from '../numbering/account-number.js';
import { done, refusal, type Result } from '../refusal/refusal.js';
import { WORDS } from '../scheme/index.js';
import {
  ENTRY_KINDS,
  LEGAL_FORMS,
  type Account,
  type Book,
  type Company,
  type Entry,
  type Line,
} from './book.js';
import { faultsOfBook } from './book-faults.js';
import { addDays, isDay } from './calendar.js';
import { join, jsonBroken, jsonTooLarge, JsonReader, LARGEST_FILE } from './json-reader.js';
import { readPlan, readScheme } from './read-classification.js';
import { readTaxList } from './tax-lists.js';

export const BOOK_FORMAT = 'gleddo-book';

export const notThisFormat = refusal(
  'file.format',
  (f: { wanted: string; found: string }) =>
    `The file says it is “${f.found}”; a file of the format “${f.wanted}”, version 1, is wanted here.`,
);
export const notADay = refusal(
  'file.day',
  (f: { text: string }) => `“${f.text}” is not a day. Write year-month-day, such as 2027-03-31.`,
);
export const notACurrency = refusal(
  'file.currency',
  (f: { text: string }) => `“${f.text}” is not a currency. Write its three letters, such as EUR.`,
);
export const oneSide = refusal(
  'file.one-side',
  () => 'Exactly one of “debit” and “credit” must stand here.',
);
export const amountNotPositive = refusal(
  'file.amount-sign',
  (f: { text: string }) =>
    `“${f.text}” must not be below zero. Put the amount on the other side instead.`,
);

const SIDES = ['debit', 'credit'] as const;
const ACTIVITIES = ['cash', 'operating', 'investing', 'financing', 'none'] as const;

/** Parses text as JSON; refuses what is too large or broken, in a sentence. */
export function parseJson(text: string): Result<unknown> {
  if (text.length > LARGEST_FILE)
    return { ok: false, refusals: [jsonTooLarge({ limit: LARGEST_FILE / 1e6 })] };
  try {
    return done(JSON.parse(text.replace(/^\uFEFF/, '')));
  } catch (error) {
    const why = error instanceof Error ? error.message.slice(0, 120) : 'unknown';
    return { ok: false, refusals: [jsonBroken({ why })] };
  }
}

/** Reads a book from the text of a `*.book.json` file, or answers every fault with its path. */
export function readBook(text: string): Result<Book> {
  const json = parseJson(text);
  return json.ok ? bookFromJson(json.value) : json;
}

/** Reads a book from a parsed document; `path` leads the place of each fault. */
export function bookFromJson(value: unknown, path = ''): Result<Book> {
  const reader = new JsonReader();
  const book = takeBook(reader, value, path);
  if (reader.faults.length === 0) for (const each of faultsOfBook(book, path)) reader.fault(each);
  return reader.faults.length === 0 ? done(book) : { ok: false, refusals: reader.faults };
}

const BOOK_KEYS = [
  'format',
  'version',
  'company',
  'scheme',
  'numberPlan',
  'taxLines',
  'taxCodes',
  'accounts',
  'opening',
  'entries',
];

function takeBook(reader: JsonReader, value: unknown, path: string): Book {
  const json = reader.object(value, path, BOOK_KEYS);
  takeFormat(reader, json, path, BOOK_FORMAT);
  const company = takeCompany(reader, json['company'], join(path, 'company'));
  const digits = minorDigits(company.currency);
  const accounts = reader
    .list(json, 'accounts', path)
    .map((each, i) => takeAccount(reader, each, join(join(path, 'accounts'), i), digits));
  return {
    company,
    scheme: readScheme(reader, json['scheme'], join(path, 'scheme'), company.words),
    numberPlan: readPlan(reader, json['numberPlan'], join(path, 'numberPlan')),
    taxLists: {
      lines: readTaxList(reader, json, 'taxLines', path),
      codes: readTaxList(reader, json, 'taxCodes', path),
    },
    accounts,
    opening: takeOpening(reader, json['opening'], join(path, 'opening'), company, digits),
    entries: reader
      .list(json, 'entries', path)
      .map((each, i) => takeEntry(reader, each, join(join(path, 'entries'), i), digits)),
  };
}

export function takeFormat(
  reader: JsonReader,
  json: Record<string, unknown>,
  path: string,
  wanted: string,
): void {
  const found = `${String(json['format'] ?? 'nothing')} ${String(json['version'] ?? '')}`.trim();
  if (json['format'] !== wanted || json['version'] !== 1)
    reader.fault(notThisFormat({ wanted, found: found.slice(0, 60) }, join(path, 'format')));
}

export function takeDay(
  reader: JsonReader,
  json: Record<string, unknown>,
  key: string,
  path: string,
): string {
  const text = reader.text(json, key, path);
  if (text !== '' && !isDay(text)) reader.fault(notADay({ text }, join(path, key)));
  return isDay(text) ? text : '2000-01-01';
}

function takeCompany(reader: JsonReader, value: unknown, path: string): Company {
  const keys = ['name', 'trade', 'legalForm', 'currency', 'firstDay', 'periods', 'words'];
  const json = reader.object(value, path, keys);
  const words = reader.oneOf(json, 'words', path, WORDS, 'international');
  const currency = reader.optionalText(json, 'currency', path) ?? 'EUR';
  if (!/^[A-Z]{3}$/.test(currency))
    reader.fault(notACurrency({ text: currency }, join(path, 'currency')));
  return {
    name: reader.text(json, 'name', path),
    trade: reader.optionalText(json, 'trade', path) ?? '',
    legalForm: reader.oneOf(json, 'legalForm', path, LEGAL_FORMS, 'company'),
    currency,
    firstDay: takeDay(reader, json, 'firstDay', path),
    periods: reader.whole(json, 'periods', path, 12, 1, 53),
    ...(words === 'international' ? {} : { words }),
  };
}

const ACCOUNT_KEYS = [
  'id',
  'number',
  'name',
  'type',
  'parent',
  'retired',
  'description',
  'cashFlow',
  'taxLine',
  'taxCode',
  'budget',
  'statedSide',
];

function takeAccount(reader: JsonReader, value: unknown, path: string, digits: number): Account {
  const json = reader.object(value, path, ACCOUNT_KEYS);
  const number = reader.optionalText(json, 'number', path);
  const read = number === null ? null : readNumber(number);
  if (read && !read.ok)
    for (const each of read.refusals) reader.fault({ ...each, at: join(path, 'number') });
  const flow = json['cashFlow'] === undefined ? null : ACTIVITIES;
  return {
    id: reader.text(json, 'id', path),
    number: read?.ok ? read.value : null,
    name: reader.text(json, 'name', path),
    type: reader.optionalText(json, 'type', path),
    parent: reader.optionalText(json, 'parent', path),
    retired: reader.flag(json, 'retired', path),
    description: reader.optionalText(json, 'description', path),
    cashFlow: flow && reader.oneOf(json, 'cashFlow', path, flow, 'operating'),
    taxLine: reader.optionalText(json, 'taxLine', path),
    taxCode: reader.optionalText(json, 'taxCode', path),
    budget: takeBudget(reader, json, path, digits),
    statedSide:
      json['statedSide'] === undefined
        ? null
        : reader.oneOf(json, 'statedSide', path, SIDES, 'debit'),
  };
}

function takeBudget(
  reader: JsonReader,
  json: Record<string, unknown>,
  path: string,
  digits: number,
): Amount | null {
  const text = reader.optionalText(json, 'budget', path);
  if (text === null) return null;
  const amount = parseDecimal(text, digits);
  if (amount.ok) return amount.value;
  for (const each of amount.refusals) reader.fault({ ...each, at: join(path, 'budget') });
  return null;
}

/** One debit or credit of a file, as minor units, debit positive. */
function takeSides(
  reader: JsonReader,
  json: Record<string, unknown>,
  path: string,
  digits: number,
): Amount {
  const key = json['debit'] === undefined ? 'credit' : 'debit';
  if ((json['debit'] === undefined) === (json['credit'] === undefined)) {
    reader.fault(oneSide({}, path));
    return 0;
  }
  const text = reader.text(json, key, path);
  const amount = parseDecimal(text, digits);
  if (!amount.ok) {
    for (const each of amount.refusals) reader.fault({ ...each, at: join(path, key) });
    return 0;
  }
  if (amount.value < 0) reader.fault(amountNotPositive({ text }, join(path, key)));
  if (amount.value === 0) return 0;
  return Math.min(amount.value, LARGEST_AMOUNT) * (key === 'debit' ? 1 : -1);
}

function takeOpening(
  reader: JsonReader,
  value: unknown,
  path: string,
  company: Company,
  digits: number,
): Book['opening'] {
  const usual = addDays(company.firstDay, -1);
  if (value === undefined) return { date: usual, balances: {} };
  const json = reader.object(value, path, ['date', 'balances']);
  const date = json['date'] === undefined ? usual : takeDay(reader, json, 'date', path);
  const balances: Record<string, Amount> = {};
  reader.list(json, 'balances', path).forEach((each, i) => {
    const at = join(join(path, 'balances'), i);
    const row = reader.object(each, at, ['account', 'debit', 'credit']);
    const id = reader.text(row, 'account', at);
    const amount = takeSides(reader, row, at, digits);
    const total = (Object.hasOwn(balances, id) ? (balances[id] ?? 0) : 0) + amount;
    Object.defineProperty(balances, id, { value: total, ...PLAIN });
  });
  for (const [id, amount] of Object.entries(balances)) if (amount === 0) delete balances[id];
  return { date, balances };
}

/** So that an account named `__proto__` in a hostile file is only an account. */
const PLAIN = { writable: true, enumerable: true, configurable: true };

function takeEntry(reader: JsonReader, value: unknown, path: string, digits: number): Entry {
  const json = reader.object(value, path, ['id', 'date', 'kind', 'reference', 'text', 'lines']);
  const lines = reader.list(json, 'lines', path).map((each, i): Line => {
    const at = join(join(path, 'lines'), i);
    const row = reader.object(each, at, ['account', 'debit', 'credit']);
    return {
      account: reader.text(row, 'account', at),
      amount: takeSides(reader, row, at, digits),
    };
  });
  return {
    id: reader.text(json, 'id', path),
    date: takeDay(reader, json, 'date', path),
    kind: reader.oneOf(json, 'kind', path, ENTRY_KINDS, 'general'),
    reference: reader.optionalText(json, 'reference', path) ?? '',
    text: reader.optionalText(json, 'text', path) ?? '',
    lines,
  };
}
