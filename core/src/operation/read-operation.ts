import { ENTRY_KINDS, LEGAL_FORMS, type Account, type Entry } from '../book/book.js';
import { join, JsonReader, jsonWrongKind } from '../book/json-reader.js';
import { readPlan, readScheme } from '../book/read-classification.js';
import { readTaxList } from '../book/tax-lists.js';
import type { Side } from '../money/side.js';
import { WORDS, type Scheme } from '../scheme/index.js';
import type { Amount } from '../money/amount.js';
import { done, type Result } from '../refusal/refusal.js';
import type { Activity } from '../scheme/scheme.js';
import type { Operation, OperationKind, OperationOf } from './operation.js';

type Json = Record<string, unknown>;
type Take<K extends OperationKind> = (read: Fields, json: Json) => Omit<OperationOf<K>, 'kind'>;

const SIDES = ['debit', 'credit'] as const;
const ACTIVITIES = ['cash', 'operating', 'investing', 'financing', 'none'] as const;

/** The fields of an operation as it came over the wire: every value checked for its kind. */
class Fields {
  constructor(
    readonly reader: JsonReader,
    readonly path: string,
  ) {}

  text = (json: Json, key: string): string => this.reader.text(json, key, this.path);

  orNull = (json: Json, key: string): string | null =>
    json[key] === null ? null : this.reader.optionalText(json, key, this.path);

  amount(json: Json, key: string): Amount {
    const value = json[key];
    if (typeof value === 'number' && Number.isSafeInteger(value)) return value;
    this.reader.fault(
      jsonWrongKind(
        { wanted: 'a whole number of minor units', found: String(value) },
        join(this.path, key),
      ),
    );
    return 0;
  }

  index(json: Json): { index?: number } {
    if (json['index'] === undefined) return {};
    return { index: this.reader.whole(json, 'index', this.path, 0, 0, 1_000_000) };
  }

  activity(json: Json): Activity | null {
    const given = json['cashFlow'] !== null && json['cashFlow'] !== undefined;
    return given ? this.reader.oneOf(json, 'cashFlow', this.path, ACTIVITIES, 'operating') : null;
  }

  side(json: Json, key: string): Side | null {
    const given = json[key] !== null && json[key] !== undefined;
    return given ? this.reader.oneOf(json, key, this.path, SIDES, 'debit') : null;
  }

  at(key: string | number): Fields {
    return new Fields(this.reader, join(this.path, key));
  }
}

const PARTICULARS = ['description', 'cashFlow', 'taxLine', 'taxCode', 'budget'];
const ACCOUNT_KEYS = [
  ...['id', 'number', 'name', 'type', 'parent', 'retired', 'statedSide'],
  ...PARTICULARS,
];

const takeParticulars = (read: Fields, json: Json) => ({
  description: read.orNull(json, 'description'),
  cashFlow: read.activity(json),
  taxLine: read.orNull(json, 'taxLine'),
  taxCode: read.orNull(json, 'taxCode'),
  budget:
    json['budget'] === null || json['budget'] === undefined ? null : read.amount(json, 'budget'),
});

function takeAccount(read: Fields, value: unknown): Account {
  const json = read.reader.object(value, read.path, ACCOUNT_KEYS);
  return {
    id: read.text(json, 'id'),
    number: read.orNull(json, 'number'),
    name: read.text(json, 'name'),
    type: read.orNull(json, 'type'),
    parent: read.orNull(json, 'parent'),
    retired: read.reader.flag(json, 'retired', read.path),
    ...takeParticulars(read, json),
    statedSide: read.side(json, 'statedSide'),
  };
}

function takeEntry(read: Fields, value: unknown): Entry {
  const keys = ['id', 'date', 'kind', 'reference', 'text', 'lines'];
  const json = read.reader.object(value, read.path, keys);
  return {
    id: read.text(json, 'id'),
    date: read.text(json, 'date'),
    kind: read.reader.oneOf(json, 'kind', read.path, ENTRY_KINDS, 'general'),
    reference: read.orNull(json, 'reference') ?? '',
    text: read.orNull(json, 'text') ?? '',
    lines: read.reader.list(json, 'lines', read.path).map((each, i) => {
      const at = read.at('lines').at(i);
      const line = read.reader.object(each, at.path, ['account', 'amount']);
      return { account: at.text(line, 'account'), amount: at.amount(line, 'amount') };
    }),
  };
}

const restores = (json: Json): { restores?: true } =>
  json['restores'] === true ? { restores: true } : {};

const onlyId = (read: Fields, json: Json) => ({ id: read.text(json, 'id') });

const TAKES: { readonly [K in OperationKind]: readonly [keys: readonly string[], take: Take<K>] } =
  {
    'add-account': [
      ['account', 'index'],
      (read, json) => ({
        account: takeAccount(read.at('account'), json['account']),
        ...read.index(json),
      }),
    ],
    'rename-account': [
      ['id', 'name'],
      (read, json) => ({ id: read.text(json, 'id'), name: read.text(json, 'name') }),
    ],
    'renumber-account': [
      ['id', 'number'],
      (read, json) => ({ id: read.text(json, 'id'), number: read.orNull(json, 'number') }),
    ],
    'move-account': [
      ['id', 'type', 'parent', 'number', 'index'],
      (read, json) => ({
        id: read.text(json, 'id'),
        type: read.orNull(json, 'type'),
        parent: read.orNull(json, 'parent'),
        number: read.orNull(json, 'number'),
        ...read.index(json),
      }),
    ],
    'describe-account': [
      ['id', ...PARTICULARS],
      (read, json) => ({ id: read.text(json, 'id'), ...takeParticulars(read, json) }),
    ],
    'state-side': [
      ['id', 'side'],
      (read, json) => ({ id: read.text(json, 'id'), side: read.side(json, 'side') }),
    ],
    'retire-account': [['id'], onlyId],
    'bring-back-account': [['id'], onlyId],
    'delete-account': [
      ['id', 'children'],
      (read, json) => ({
        id: read.text(json, 'id'),
        children: read.reader.oneOf(
          json,
          'children',
          read.path,
          ['lift', 'refuse'] as const,
          'refuse',
        ),
      }),
    ],
    'set-opening': [
      ['id', 'amount'],
      (read, json) => ({ id: read.text(json, 'id'), amount: read.amount(json, 'amount') }),
    ],
    'set-opening-date': [['date'], (read, json) => ({ date: read.text(json, 'date') })],
    'record-entry': [
      ['entry', 'index', 'restores'],
      (read, json) => ({
        entry: takeEntry(read.at('entry'), json['entry']),
        ...read.index(json),
        ...restores(json),
      }),
    ],
    'change-entry': [
      ['entry', 'restores'],
      (read, json) => ({ entry: takeEntry(read.at('entry'), json['entry']), ...restores(json) }),
    ],
    'remove-entry': [['id'], onlyId],
    'change-company': [
      ['company'],
      (read, json) => ({ company: takeCompany(read.at('company'), json['company']) }),
    ],
    'change-tax-lists': [
      ['taxLists'],
      (read, json) => {
        const path = join(read.path, 'taxLists');
        const lists = read.reader.object(json['taxLists'], path, ['lines', 'codes']);
        return {
          taxLists: {
            lines: readTaxList(read.reader, lists, 'lines', path),
            codes: readTaxList(read.reader, lists, 'codes', path),
          },
        };
      },
    ],
    'change-scheme': [
      ['scheme', 'places'],
      (read, json) => ({
        scheme: takeScheme(read, json['scheme']),
        places: read.reader.list(json, 'places', read.path).map((each, i) => {
          const at = read.at('places').at(i);
          const row = at.reader.object(each, at.path, ['id', 'type', 'parent']);
          return {
            id: at.text(row, 'id'),
            type: at.orNull(row, 'type'),
            parent: at.orNull(row, 'parent'),
          };
        }),
      }),
    ],
    'renumber-all': [
      ['numbers', 'numberPlan'],
      (read, json) => ({
        numbers: read.reader.list(json, 'numbers', read.path).map((each, i) => {
          const at = read.at('numbers').at(i);
          const row = at.reader.object(each, at.path, ['id', 'number']);
          return { id: at.text(row, 'id'), number: at.orNull(row, 'number') };
        }),
        numberPlan: readPlan(read.reader, json['numberPlan'], join(read.path, 'numberPlan')),
      }),
    ],
    several: [
      ['operations'],
      (read, json) => ({
        operations: read.reader
          .list(json, 'operations', read.path)
          .map((each, i) => takeOperation(read.at('operations').at(i), each)),
      }),
    ],
  };

function takeCompany(read: Fields, value: unknown) {
  const keys = ['name', 'trade', 'legalForm', 'currency', 'firstDay', 'periods', 'words'];
  const json = read.reader.object(value, read.path, keys);
  return {
    name: read.text(json, 'name'),
    trade: read.orNull(json, 'trade') ?? '',
    legalForm: read.reader.oneOf(json, 'legalForm', read.path, LEGAL_FORMS, 'company'),
    currency: read.text(json, 'currency'),
    firstDay: read.text(json, 'firstDay'),
    periods: read.reader.whole(json, 'periods', read.path, 12, 1, 53),
    words: read.reader.oneOf(json, 'words', read.path, WORDS, 'international'),
  };
}

/** A scheme as it came over the wire says in which words its names are written. */
function takeScheme(read: Fields, value: unknown): Scheme {
  const path = join(read.path, 'scheme');
  if (typeof value !== 'object' || value === null) return readScheme(read.reader, value, path);
  const { words: _, ...rest } = value as Json;
  const words = read.reader.oneOf(value as Json, 'words', path, WORDS, 'international');
  return readScheme(read.reader, rest, path, words);
}

const DEEPEST_NESTING = 4;

function takeOperation(read: Fields, value: unknown): Operation {
  const nothing: Operation = { kind: 'several', operations: [] };
  const isObject = typeof value === 'object' && value !== null && 'kind' in value;
  const kind = isObject ? String(value.kind) : '';
  const tooDeep = read.path.split('operations').length > DEEPEST_NESTING;
  if (!Object.hasOwn(TAKES, kind) || tooDeep) {
    const wanted = 'an operation that is known';
    read.reader.fault(jsonWrongKind({ wanted, found: `“${kind.slice(0, 40)}”` }, read.path));
    return nothing;
  }
  const [keys, take] = TAKES[kind as OperationKind];
  const json = read.reader.object(value, read.path, ['kind', ...keys]);
  return { kind, ...take(read, json) } as Operation;
}

/** Reads operations that came over the wire; refuses what is not one, with its path. */
export function readOperations(values: readonly unknown[]): Result<Operation[]> {
  const reader = new JsonReader();
  const operations = values.map((value, i) => takeOperation(new Fields(reader, `[${i}]`), value));
  return reader.faults.length === 0 ? done(operations) : { ok: false, refusals: reader.faults };
}
