import type { Book } from '../../model/book/book.js';
import { withSubledgers } from '../../model/book/subledgers.js';
import { numberedAnew } from '../../model/placing/renumber-chart.js';
import { textHash } from '../../model/chance/text-hash.js';
import type { OwnFigures } from '../../model/exercise-shapes/own-figures.js';
import type { Question } from '../../model/exercise-shapes/question.js';
import type { Guide, Step } from '../../model/exercise-shapes/guide.js';
import { keyOfRules, type AnswerKey, type StatementDate } from '../../assessment/key/index.js';
import {
  proposedGuide,
  RULE_SETS,
  USUAL_RULES,
  type Exercise,
} from '../../teaching/exercise/index.js';
import {
  givenToStudents,
  startingPoint,
  usualKeyRules,
  type StartKind,
} from '../../teaching/start/index.js';
import { bookOfSheet } from '../sheet/ledger-sheet.js';
import type { Begins, ReadySheet } from './ready-sheet.js';
import { toldRows, type ToldRows } from './told-rows.js';

const KINDS: Readonly<Record<Begins, StartKind>> = {
  'from-nothing': 'company-only',
  open: 'accounts',
  'go-on': 'everything',
  place: 'place-them',
  number: 'number-them',
  mend: 'mend-it',
  read: 'everything',
};

const PLANTED = {
  ...{ 'wrong-statement': 2, 'wrong-section': 1, 'no-contra': 1, 'no-parent': 1 },
  ...{ 'number-outside-band': 1, 'opening-side': 1 },
};

const idsOf = (names: string | undefined): ReadonlySet<string> =>
  new Set((names ?? '').split(/[\s,]+/).filter((each) => each !== ''));

/** The company’s book with what happened: the key. */
function keyBook(sheet: ReadySheet, { entries }: ToldRows): Book {
  const { company, adds = '', without, opensEmpty } = sheet;
  const { accounts, inventory, ...frame } = company;
  const gone = idsOf(without);
  const rows = `${accounts.trim()}\n${adds.trim()}`
    .trim()
    .split('\n')
    .filter((row) => !gone.has(row.split('|')[0]?.trim() ?? ''))
    .map((row) => row.replace('|', '||'));
  const book = bookOfSheet({ ...frame, accounts: rows.join('\n'), entries: '' });
  const opening = opensEmpty ? { ...book.opening, balances: {} } : book.opening;
  const numbered = numberedAnew({ ...book, opening, entries });
  return inventory ? withSubledgers(numbered, { inventory }) : numbered;
}

/** What students begin with. */
function startOf(sheet: ReadySheet, book: Book, { given }: ToldRows): Book {
  const { id, begins, adds = '', missing } = sheet;
  const kind = KINDS[begins];
  const seed = textHash(id, 1);
  const cut = startingPoint(book, kind, { faults: PLANTED, seed });
  const added = adds
    .trim()
    .split('\n')
    .map((row) => row.split('|')[0]?.trim() ?? '');
  const left = new Set([...(begins === 'go-on' ? added : []), ...idsOf(missing)]);
  const balances = Object.entries(cut.opening.balances).filter(([each]) => !left.has(each));
  const start = {
    ...cut,
    accounts: cut.accounts.filter((each) => !left.has(each.id)),
    opening: { ...cut.opening, balances: Object.fromEntries(balances) },
    entries: begins === 'go-on' ? cut.entries.filter((each) => given.has(each.id)) : cut.entries,
  };
  return givenToStudents(start, kind, seed);
}

/** At the last entry, else where the books begin; of the whole time since the year began. */
function datesOf({ company, opening, entries }: Book): StatementDate[] {
  const last =
    entries
      .map(({ date }) => date)
      .sort()
      .at(-1) ?? opening.date;
  const sheet: StatementDate = { statement: 'balance-sheet', at: last };
  return last < company.firstDay
    ? [sheet]
    : [sheet, { statement: 'profit-and-loss', from: company.firstDay, to: last }];
}

/** `name from..to/step`, with commas between. */
const quantitiesOf = (rows = ''): NonNullable<OwnFigures['quantities']> =>
  rows.split(',').map((row) => {
    const [name = '', range = ''] = row.trim().split(' ');
    const [from = '', rest = ''] = range.split('..');
    const [to = '', step = ''] = rest.split('/');
    return { name, from, to, step };
  });

function figuresOf({ quantities }: ReadySheet, { formulas }: ToldRows): OwnFigures {
  return {
    each: { from: '0.6', to: '1.4' },
    ...(quantities ? { quantities: quantitiesOf(quantities) } : {}),
    ...(formulas.length > 0 ? { formulas: [...formulas] } : {}),
  };
}

const questionsOf = ({ questions }: ReadySheet): Question[] =>
  questions.map(({ at: _, ...asked }, i) => ({ id: `q${i + 1}`, ...asked }) as Question);

/** The steps that say what to do before anything happens, those that are told, and at last what is asked. */
function guideOf(sheet: ReadySheet, told: ToldRows, { key, start }: Made): Guide {
  const proposed = proposedGuide(key, start);
  const before = (proposed.steps ?? []).filter(({ id }) =>
    ['place', 'accounts', 'openings'].includes(id),
  );
  const kept = new Set(before.flatMap((step) => step.sheets ?? []));
  const askedAt = (step: string): string[] =>
    sheet.questions.flatMap((asked, i) => ((asked.at ?? 'read') === step ? [`q${i + 1}`] : []));
  const read: Step = {
    id: 'read',
    title: 'What the books say',
    words: 'Look at the statements as they stand now, and answer.',
  };
  const withQuestions = (step: Step): Step => {
    const questions = askedAt(step.id === 'read' ? 'read' : step.title);
    return questions.length > 0 ? { ...step, questions } : step;
  };
  return {
    steps: [...before, ...told.steps, read].map(withQuestions),
    sheets: (proposed.sheets ?? []).filter(({ id }) => kept.has(id)),
  };
}

interface Made {
  readonly key: AnswerKey;
  readonly start: Book;
}

/** A ready exercise, whole. Throws where its sheet is wrong: a test makes each. */
export function readyExercise(sheet: ReadySheet): Exercise {
  const told = toldRows(sheet.told ?? '');
  const book = keyBook(sheet, told);
  const start = startOf(sheet, book, told);
  const made = keyOfRules(book, {
    ...usualKeyRules(KINDS[sheet.begins]),
    statementDates: datesOf(book),
    figures: figuresOf(sheet, told),
    questions: questionsOf(sheet),
  });
  if (!made.ok) throw new Error(`${sheet.id}: ${made.refusals.map(({ says }) => says).join(' ')}`);
  const key = made.value;
  return {
    title: sheet.title,
    brief: sheet.brief,
    key,
    start,
    rules: { ...USUAL_RULES, ...RULE_SETS.learn },
    guide: guideOf(sheet, told, { key, start }),
  };
}
