import { accountLabel, accountOf, type Book } from '../../model/book/book.js';
import { accountUnknown } from '../../model/book/book-faults.js';
import { bookFromJson, faultsOfFormat, parseJson } from '../../changes/book-file/read-book.js';
import { bookToJson } from '../../changes/book-file/write-book.js';
import { entryUnknown } from '../../changes/entry-operations/entry-changes.js';
import { done, refusal, refused, type Refusal, type Result } from '../../model/refusal/refusal.js';
import { join } from '../../model/shape/explain.js';
import { usedAccounts } from './standing-rules.js';
import { KEY_FORMAT, keyFile } from '../../model/exercise-shapes/key-file.js';
import {
  keyRulesFile,
  type AcceptedEntryFile,
  type AcceptedFile,
  type KeyRulesFile,
} from '../../model/exercise-shapes/key-rules.js';
import { fitting } from '../../model/shape/shape.js';
import {
  datesOfEntries,
  usualDates,
  type Accepted,
  type AcceptedEntry,
  type AnswerKey,
  type StatementDate,
} from './answer-key.js';

/** Reads a key from the text of a `*.key.json` file; only the book is required. */
export function readKey(text: string): Result<AnswerKey> {
  const json = parseJson(text);
  return json.ok ? keyFromJson(json.value) : json;
}

export function keyFromJson(value: unknown): Result<AnswerKey> {
  const odd = faultsOfFormat(value, KEY_FORMAT);
  const shaped = fitting(keyFile, value);
  if (typeof value !== 'object' || value === null)
    return refused(...odd, ...(shaped.ok ? [] : shaped.refusals));
  const isOfFormat = ({ at }: Refusal) => at === 'format' || at === 'version';
  const faults = shaped.ok ? odd : [...odd, ...shaped.refusals.filter((each) => !isOfFormat(each))];
  const book = bookFromJson((value as { book?: unknown }).book ?? null, 'book');
  if (!book.ok) return refused(...faults, ...book.refusals);
  if (shaped.ok && faults.length === 0) return keyWith(book.value, shaped.value);
  return refused(...unknownIn(book.value, value), ...faults);
}

/** A key of a book that is known, from what is said of it besides: as it is kept with an exercise. */
export function keyOfRules(book: Book, rules: unknown): Result<AnswerKey> {
  const shaped = fitting(keyRulesFile, rules);
  return shaped.ok ? keyWith(book, shaped.value) : shaped;
}

function keyWith(book: Book, rules: KeyRulesFile): Result<AnswerKey> {
  const { accepts = [], acceptsEntries = [], statementDates, points = {}, total = null } = rules;
  const { questions = [], figures, settings = [], aim = null } = rules;
  const faults = [...unknownIn(book, rules), ...forbiddenInUse(book, accepts)];
  if (faults.length > 0) return refused(...faults);
  const dates = datesOfEntries(book);
  return done({
    book,
    accepts: accepts.map((each) => acceptedFrom(book, each)),
    acceptsEntries: acceptsEntries.map((each) => acceptedEntryFrom(dates, each)),
    statementDates: statementDates ? eachOnce(statementDates) : usualDates(book),
    aim,
    points,
    total,
    questions,
    settings: [...new Set(settings)],
    ...(figures ? { figures } : {}),
  });
}

/** The accounts and entries that are named and that the book lacks; the rules need not fit otherwise. */
function unknownIn(book: Book, rules: { accepts?: unknown; acceptsEntries?: unknown }): Refusal[] {
  const entries = new Set(book.entries.map(({ id }) => id));
  const named = (list: unknown, field: string): (string | null)[] =>
    (Array.isArray(list) ? list : []).map((each: unknown) => {
      const id = (each as Record<string, unknown> | null)?.[field];
      return typeof id === 'string' ? id : null;
    });
  return [
    ...named(rules.accepts, 'account').flatMap((id, i) => {
      const at = join(join('accepts', i), 'account');
      return id === null || accountOf(book, id) ? [] : [accountUnknown({ id }, at)];
    }),
    ...named(rules.acceptsEntries, 'entry').flatMap((id, i) => {
      const at = join(join('acceptsEntries', i), 'entry');
      return id === null || entries.has(id) ? [] : [entryUnknown({ id }, at)];
    }),
  ];
}

const forbiddenUsed = refusal(
  'key.forbidden-used',
  (f: { name: string }) =>
    `“${f.name}” has amounts in the key, so it can’t be forbidden. Take them out of the key’s book first, or let it be left out.`,
);

/** Accounts that are said not to be set up, and that the key itself uses. */
function forbiddenInUse(book: Book, accepts: readonly AcceptedFile[]): Refusal[] {
  if (!accepts.some((each) => each.forbidden)) return [];
  const used = usedAccounts(book);
  return accepts.flatMap(({ account: id, forbidden }, i) => {
    const account = forbidden && used.has(id) ? accountOf(book, id) : null;
    const at = join(join('accepts', i), 'forbidden');
    return account ? [forbiddenUsed({ name: accountLabel(account) }, at)] : [];
  });
}

/** A day or period that is named twice is compared once. */
const eachOnce = (dates: readonly StatementDate[]): StatementDate[] => [
  ...new Map(dates.map((date) => [JSON.stringify(date), date])).values(),
];

const acceptedFrom = (book: Book, said: AcceptedFile): Accepted => ({
  account: said.account,
  names: said.names ?? [],
  ...(said.otherNames?.length ? { otherNames: said.otherNames } : {}),
  types: said.types ?? [],
  number: said.number ?? 'in-band',
  required:
    said.forbidden !== true && (said.required ?? accountOf(book, said.account)?.retired !== true),
  ...(said.forbidden ? { forbidden: true } : {}),
  several: said.several ?? true,
  ...(said.reason ? { reason: said.reason } : {}),
});

function acceptedEntryFrom(
  dates: ReadonlyMap<string, string>,
  said: AcceptedEntryFile,
): AcceptedEntry {
  const own = dates.get(said.entry) ?? '';
  const { entry, from = own, to = own, required = true } = said;
  return { entry, from, to, required };
}

/** A key as the text of a `*.key.json` file, canonical: defaults written out, except where nothing is said. */
export const writeKey = (key: AnswerKey): string => `${JSON.stringify(keyToJson(key), null, 2)}\n`;

const acceptedToJson = (accepted: Accepted): AcceptedFile => {
  const { account, names, types, number, required, forbidden, several, reason } = accepted;
  const { otherNames = [] } = accepted;
  return {
    ...{ account, names: [...names] },
    ...(otherNames.length > 0 ? { otherNames: [...otherNames] } : {}),
    ...{ types: [...types], number, required },
    ...(forbidden ? { forbidden } : {}),
    several,
    ...(reason ? { reason } : {}),
  };
};

export function keyToJson(key: AnswerKey): object {
  return {
    format: KEY_FORMAT,
    version: 1,
    book: bookToJson(key.book),
    accepts: key.accepts.map(acceptedToJson),
    acceptsEntries: key.acceptsEntries.map(({ entry, from, to, required }) => ({
      entry,
      from,
      to,
      required,
    })),
    statementDates: key.statementDates,
    ...(key.aim === null ? {} : { aim: key.aim }),
    points: key.points,
    ...(key.total === null ? {} : { total: key.total }),
    ...(key.questions.length === 0 ? {} : { questions: key.questions }),
    ...(key.figures ? { figures: key.figures } : {}),
    ...(key.settings.length === 0 ? {} : { settings: key.settings }),
  };
}
