import type { Book } from '../../model/book/book.js';
import { subledgersOf } from '../../model/book/subledgers.js';
import type { KeyRulesFile } from '../../model/exercise-shapes/key-rules.js';
import { namedIn } from './named-in.js';
import type { ExerciseParts } from './exercise-parts.js';
import type { Json } from './part-tree.js';

/** Parts of an exercise as they fit the key of another. */
export interface PartsForBook {
  readonly parts: ExerciseParts;
  /** What they speak of that the other key has not, as people call it there: it is left out where that can be. */
  readonly lost: readonly string[];
}

interface Named {
  readonly id: string;
  /** What both books would have to say alike for it to be the same; several, the surest first. */
  readonly marks: readonly string[];
}

const plain = (text: string): string => text.trim().toLowerCase();

function namedOf(book: Book): Named[] {
  const { documents, parties } = subledgersOf(book);
  return [
    ...book.accounts.map(({ id, name, number }) => ({
      ...{ id, marks: [`account ${plain(name)}`, ...(number ? [`number ${plain(number)}`] : [])] },
    })),
    ...book.entries.map(({ id, date, text }) => ({ id, marks: [`entry ${date} ${plain(text)}`] })),
    ...documents.map(({ id, kind, date, reference, text }) => ({
      ...{ id, marks: [`${kind} ${date} ${plain(reference || text)}`] },
    })),
    ...parties.map(({ id, name }) => ({ id, marks: [`party ${plain(name)}`] })),
  ];
}

/** Each id of one book by that of what is the same in another; what has none there is not among them. */
function sameIn(from: Book, to: Book): Map<string, string> {
  const there = namedOf(to);
  const ids = new Set(there.map(({ id }) => id));
  const byMark = new Map<string, string>();
  for (const { id, marks } of there)
    for (const mark of marks) if (!byMark.has(mark)) byMark.set(mark, id);
  const found = new Map<string, string>();
  for (const { id, marks } of namedOf(from)) {
    const alike = marks.map((mark) => byMark.get(mark)).find(Boolean);
    const same = alike ?? (ids.has(id) ? id : undefined);
    if (same !== undefined) found.set(id, same);
  }
  return found;
}

/** What an id of the one book is in the other; null: nothing. An id of neither is left as it is. */
type IdFor = (id: string) => string | null;

/** What a formula asks about: an id in quotes, behind a bracket or a comma. */
const ASKED = /([(,] ?)"([^"]{1,200})"/g;

/** Fields that name things by their ids; in all others an id stands in a formula alone. */
const NAMING = new Set([
  ...['id', 'account', 'accounts', 'openings', 'entry', 'entries', 'documents', 'nextTo'],
  ...['questions', 'sheets', 'step', 'right'],
]);

const inFormula = (text: string, idFor: IdFor): string =>
  text.replace(ASKED, (_, before: string, id: string) => `${before}"${idFor(id) ?? id}"`);

/** A value of a field with its ids put by others; what is lost falls out of lists. */
function withIds(json: Json, idFor: IdFor, field = ''): Json {
  const names = NAMING.has(field);
  if (typeof json === 'string') return inFormula((names ? idFor(json) : null) ?? json, idFor);
  if (Array.isArray(json))
    return json
      .filter((each) => !names || typeof each !== 'string' || idFor(each) !== null)
      .map((each) => withIds(each, idFor, field));
  if (typeof json !== 'object' || json === null) return json;
  return Object.fromEntries(
    Object.entries(json).map(([name, each]) => [name, withIds(each, idFor, name)]),
  );
}

/** Points stand by check, or by check and the id of what it is about. */
const pointsFor = (points: Readonly<Record<string, number>>, idFor: IdFor) =>
  Object.fromEntries(
    Object.entries(points).flatMap(([ref, worth]) => {
      const [check = '', ...about] = ref.split(':');
      if (about.length === 0) return [[ref, worth]];
      const id = idFor(about.join(':'));
      return id === null ? [] : [[`${check}:${id}`, worth]];
    }),
  );

function rulesFor({ figures: _, points, ...rules }: KeyRulesFile, idFor: IdFor): KeyRulesFile {
  const { accepts, acceptsEntries } = rules;
  const kept = {
    ...rules,
    ...(accepts && { accepts: accepts.filter(({ account }) => idFor(account) !== null) }),
    ...(acceptsEntries && {
      acceptsEntries: acceptsEntries.filter(({ entry }) => idFor(entry) !== null),
    }),
  };
  return {
    ...(withIds(kept, idFor) as KeyRulesFile),
    ...(points && { points: pointsFor(points, idFor) }),
  };
}

/**
 * The parts of one exercise, with the ids of its key’s book put by those of another’s: accounts by name or number,
 * entries by day and text, documents by kind, day and reference. What has no like there falls out of lists,
 * acceptances and points, and is named; where a question or a figure needs it, it stays, and is refused when it is to be
 * kept. Own figures belong to their own book and are left out.
 */
export function partsForBook(parts: ExerciseParts, from: Book, to: Book): PartsForBook {
  const known = new Set(namedOf(from).map(({ id }) => id));
  const same = sameIn(from, to);
  const lost = new Set<string>();
  const idFor: IdFor = (id) => {
    if (!known.has(id)) return id;
    const found = same.get(id) ?? null;
    if (found === null) lost.add(id);
    return found;
  };
  const keyRules = rulesFor(parts.keyRules, idFor);
  const guide = withIds(parts.guide, idFor) as typeof parts.guide;
  return { parts: { ...parts, keyRules, guide }, lost: [...lost].map(namedIn(from)) };
}

const idsIn = ({ guide, keyRules }: ExerciseParts): string[] =>
  [guide.steps, guide.sheets, keyRules.questions].flatMap((list) =>
    (list ?? []).map(({ id }) => id),
  );

/** The parts with ids of their own for steps, papers and questions, where another exercise has the same ids for its own. */
export function besideParts(parts: ExerciseParts, others: ExerciseParts): ExerciseParts {
  const taken = new Set([...idsIn(others), ...idsIn(parts)]);
  const own = new Map<string, string>();
  const theirs = new Set(idsIn(others));
  for (const id of idsIn(parts).filter((each) => theirs.has(each))) {
    let turn = 2;
    while (taken.has(`${id}-${turn}`)) turn += 1;
    taken.add(`${id}-${turn}`);
    own.set(id, `${id}-${turn}`);
  }
  const idFor: IdFor = (id) => own.get(id) ?? id;
  const { questions, ...keyRules } = parts.keyRules;
  const asked = questions && { questions: withIds(questions, idFor) as typeof questions };
  return {
    ...{ ...parts, keyRules: { ...keyRules, ...asked } },
    guide: withIds(parts.guide, idFor) as typeof parts.guide,
  };
}
