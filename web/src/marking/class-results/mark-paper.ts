import type { Marked, Note, ShownResult } from '@gleddo/contract';
import {
  inOneText,
  marksSheet,
  markSheets,
  together,
  type Book,
  type Handout,
  type Period,
  type Remark,
} from '@gleddo/core';
import type { ClassResults } from '@gleddo/contract';
import { comparedPeriod } from '../marks/compared-period';
import { booksOf } from '../marks/marked-books';
import { markedRows, type MarkedRows } from '../marks/marked-rows';
import { ruleOf, underRule } from '../marks/one-rule';
import { missedBy } from './ByStudent';
import { asItCounts, stateSays } from '../marks/work-states';

interface MarkPaperOf {
  readonly student: string;
  readonly exercise: string;
  readonly points: number | null;
  readonly of: number | null;
  readonly work: Book;
  readonly keyBook: Book | null;
  readonly period: Period;
  readonly rows: MarkedRows;
  readonly notes: readonly Note[];
}

/** What stands above several faults against one rule; their points stand at each. */
function ruleRemark(faults: readonly ShownResult[]): Remark[] {
  const rule = ruleOf(faults);
  if (!rule) return [];
  const says = [rule.why, rule.now].filter(Boolean).join(' ');
  return [{ number: null, what: rule.name, says, points: null }];
}

/** The notes in the margin and those of the instructor, in the order in which they stand there. */
function remarksOf({ rows: { margin }, notes }: MarkPaperOf): Remark[] {
  const own = (ref: string | null): Remark[] =>
    notes
      .filter((note) => (margin.numberOf(note.ref ?? '') === null ? null : note.ref) === ref)
      .map(({ text, points }) => ({ number: null, what: 'Instructor’s note', says: text, points }));
  const found = together(margin.faults).flatMap((faults): Remark[] => [
    ...ruleRemark(faults),
    ...faults.flatMap((fault): Remark[] => [
      {
        number: margin.numberOf(fault.ref),
        what: fault.fault,
        says: inOneText(underRule(fault, faults).told),
        points: fault.of === 0 ? null : fault.points - fault.of,
        isUnder: faults.length > 1,
      },
      ...own(fault.ref),
    ]),
  ]);
  return [...found, ...own(null)];
}

/** A marked work on paper. */
export function markPaper(of: MarkPaperOf): Handout[] {
  const { points, of: whole, rows, keyBook: key, ...rest } = of;
  return markSheets({
    ...rest,
    key,
    mark: points === null || whole === null ? null : { points, of: whole },
    sections: rows.sections,
    notesOn: rows.notesOn,
    remarks: remarksOf(of),
  });
}

/** A marked work on paper, as its instructor has it. */
export function paperOfMarked(marked: Marked): Handout[] {
  const { student, title, points, of, notes, pairs, results } = marked;
  const { key, work } = booksOf(marked);
  const period = comparedPeriod(results, work);
  const rows = markedRows({ key, work, pairs, results, period });
  return markPaper({
    student,
    exercise: title,
    points,
    of,
    notes,
    work,
    keyBook: key,
    period,
    rows,
  });
}

const namesOf = (groups: ClassResults['groups'], ids: readonly string[]): string =>
  groups
    .filter(({ id }) => ids.includes(id))
    .map(({ name }) => name)
    .join(', ');

/** The marks of a class on paper. */
export const classPaper = ({ title, rows, groups }: ClassResults): Handout[] => [
  marksSheet(
    title,
    '',
    rows.map((row) => ({
      ...asItCounts(row),
      classes: namesOf(groups, row.groups),
      state: stateSays(row),
      day: row.handedInOn,
      missed: missedBy(row),
    })),
  ),
];
