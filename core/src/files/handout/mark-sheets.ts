import { accountLabel, type Book } from '../../model/book/book.js';
import { type Period, dayText } from '../../model/day/calendar.js';
import type { SideRow, SideSection } from '../../assessment/mark/side-by-side.js';
import type { Amount } from '../../model/money/amount.js';
import {
  resultName,
  spreadFigures,
  type SpreadFigures,
} from '../../accounting/statement/spread-figures.js';
import {
  sheetOf,
  type Handout,
  type HandoutCell,
  type HandoutRow,
  OF_NO_COMPANY,
} from './sheet.js';
import { saidOn } from '../../model/place/writing.js';

/** A remark on a work: what was found, or what its instructor wrote. */
export interface Remark {
  /** Null: a note of the instructor's own. */
  readonly number: number | null;
  readonly what: string;
  readonly says: string;
  /** Points lost (below zero) or given; null where marks are not shown. */
  readonly points: number | null;
  /** Whether it stands under a rule that several go against. */
  readonly isUnder?: boolean;
}

/** A marked work, as it is put on paper. */
export interface MarkedOnPaper {
  readonly student: string;
  readonly exercise: string;
  /** Null where marks are not shown. */
  readonly mark: { readonly points: number; readonly of: number } | null;
  readonly work: Book;
  /** Null where the key is not shown. */
  readonly key: Book | null;
  readonly period: Period;
  readonly sections: readonly SideSection[];
  notesOn(row: SideRow): readonly number[];
  readonly remarks: readonly Remark[];
}

/** What a marked work is on paper: the spread beside the key, and the remarks with their points. */
export const markSheets = (marked: MarkedOnPaper): Handout[] => [
  spreadOnPaper(marked),
  remarksOnPaper(marked),
];

const markSays = ({ student, mark }: MarkedOnPaper): string =>
  mark === null ? student : `${student}, ${mark.points} of ${mark.of}`;

function spreadOnPaper(marked: MarkedOnPaper): Handout {
  const { work, key, period, sections, exercise } = marked;
  const used = sections.filter(({ rows }) => rows.length > 0);
  const theirs = spreadFigures(work, period);
  const wanted = key && spreadFigures(key, period);
  const figure = (amount: Amount | null): HandoutCell => (amount === null ? '' : { amount });
  const cells = (
    name: string,
    of: Amount | null,
    { by, notes }: { readonly by: Amount | null; readonly notes: string },
  ) => [name, figure(of), ...(key ? [figure(by)] : []), notes];
  const rows = used.flatMap(({ name, rows: accounts }): HandoutRow[] => [
    { kind: 'heading', depth: 0, cells: cells(name, null, { by: null, notes: '' }) },
    ...accounts.map((row): HandoutRow => ({
      kind: 'row',
      depth: 1,
      cells: cells(nameOf(row), row.theirs, {
        by: row.wanted,
        notes: marked.notesOn(row).join(', '),
      }),
    })),
  ]);
  const totals = totalsOf(work, theirs, wanted).map(([name, of, by]): HandoutRow => ({
    kind: 'total',
    depth: 0,
    cells: cells(name, of, { by, notes: '' }),
  }));
  return sheetOf(work, {
    title: exercise,
    subtitle: `${markSays(marked)}; ${saidOn(work, period.from)} to ${saidOn(work, period.to)}`,
    columns: [
      { name: 'Account', share: 5, isFigure: false, isIndented: true },
      { name: 'In this work', share: 1.6, isFigure: true },
      ...(key ? [{ name: 'In the key', share: 1.6, isFigure: true }] : []),
      { name: 'Note', share: 1, isFigure: false },
    ],
    rows: [...rows, ...totals],
  });
}

const nameOf = ({ works, keys }: SideRow): string =>
  [...(works.length > 0 ? works : keys)].map(accountLabel).join(', ');

function totalsOf(
  { scheme }: Book,
  theirs: SpreadFigures,
  wanted: SpreadFigures | null,
): [string, Amount, Amount | null][] {
  const sheet = theirs.sheet.totals;
  const keySheet = wanted?.sheet.totals;
  return [
    ['Total assets', sheet.assets, keySheet?.assets ?? null],
    ['Total liabilities', sheet.liabilities, keySheet?.liabilities ?? null],
    ['Total equity', sheet.equity, keySheet?.equity ?? null],
    [
      resultName(scheme, theirs.profit.totals.profit),
      theirs.profit.totals.profit,
      wanted?.profit.totals.profit ?? null,
    ],
  ];
}

const signed = (points: number | null): string =>
  points === null || points === 0 ? '' : points > 0 ? `+${points}` : `−${-points}`;

function remarksOnPaper(marked: MarkedOnPaper): Handout {
  const rows = marked.remarks.map(({ number, what, says, points, isUnder }): HandoutRow => ({
    kind: 'row',
    depth: isUnder ? 1 : 0,
    cells: [number === null ? '' : String(number), what, says, signed(points)],
  }));
  return sheetOf(marked.work, {
    title: 'Notes',
    subtitle: `${marked.exercise}: ${markSays(marked)}`,
    columns: [
      { name: 'Note', share: 0.7, isFigure: false },
      { name: 'What', share: 2.4, isFigure: false, isIndented: true },
      { name: 'Why', share: 6, isFigure: false },
      { name: 'Points', share: 0.9, isFigure: true },
    ],
    rows,
  });
}

/** A student of a class, as the sheet of marks names them. */
export interface MarkOnPaper {
  readonly student: string;
  readonly login: string;
  /** What the school’s own lists call them; empty: not said. */
  readonly number: string;
  readonly email: string;
  /** The class groups through which they have the exercise. */
  readonly classes: string;
  readonly state: string;
  /** The day of handing in; null before. */
  readonly day: string | null;
  readonly points: number | null;
  readonly of: number | null;
  readonly missed: number;
}

const number = (n: number | null): HandoutCell => (n === null ? '' : { amount: n });

/** Columns that are there only where somebody has something in them. */
const SAID = [
  { of: 'number', name: 'Number', share: 1.4 },
  { of: 'email', name: 'E-mail', share: 3 },
  { of: 'classes', name: 'Class', share: 2.4 },
] as const;

const pointsOf = ({ points, of, missed }: MarkOnPaper): HandoutCell[] => [
  ...[points === null ? '' : number(missed), number(points), number(of)],
  points === null || !of ? '' : { amount: Math.round((100 * points) / of) },
];

/** The marks of a class on one sheet; points are whole. */
export function marksSheet(
  exercise: string,
  company: string,
  marks: readonly MarkOnPaper[],
): Handout {
  const said = SAID.filter(({ of }) => marks.some((mark) => mark[of] !== ''));
  return {
    ...{ title: 'Marks', company, subtitle: exercise, currency: null, ...OF_NO_COMPANY },
    columns: [
      { name: 'Student', share: 3, isFigure: false },
      { name: 'Signs in as', share: 2.4, isFigure: false },
      ...said.map(({ name, share }) => ({ name, share, isFigure: false })),
      { name: 'State', share: 1.8, isFigure: false },
      { name: 'Handed in', share: 1.6, isFigure: false },
      { name: 'Not met', share: 1.1, isFigure: true },
      { name: 'Points', share: 1.1, isFigure: true },
      { name: 'Of', share: 1, isFigure: true },
      { name: 'Percent', share: 1.1, isFigure: true },
    ],
    rows: marks.map((mark): HandoutRow => ({
      kind: 'row',
      depth: 0,
      cells: [
        ...[mark.student, mark.login, ...said.map(({ of }) => mark[of])],
        ...[mark.state, mark.day === null ? '' : dayText(mark.day)],
        ...pointsOf(mark),
      ],
    })),
  };
}
