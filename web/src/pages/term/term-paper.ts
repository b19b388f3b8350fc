import type { TermMarks, TermRow } from '@gleddo/contract';
import { percentOfTenths, type Handout, type HandoutCell, OF_NO_COMPANY } from '@gleddo/core';
import { COUNTS } from './counts-words';

const SAID = [
  { of: 'number', name: 'Number', share: 1.2 },
  { of: 'email', name: 'E-mail', share: 2.4 },
] as const;

const cellOf = ({ points, counts }: TermRow['marks'][number]): HandoutCell => {
  if (points !== null) return { amount: points };
  return counts === 'not-yet' ? '' : COUNTS[counts];
};

/** The marks of the term on a sheet: printed, or saved as a table. */
export function termPaper({ group, exercises, rows }: TermMarks): Handout[] {
  const said = SAID.filter(({ of }) => rows.some((row) => row[of] !== ''));
  return [
    {
      ...{ title: 'Marks over the term', company: '', subtitle: group },
      ...{ currency: null, ...OF_NO_COMPANY },
      columns: [
        { name: 'Student', share: 2.4, isFigure: false },
        ...said.map(({ name, share }) => ({ name, share, isFigure: false })),
        ...exercises.map(({ title, weight }) => ({
          name: weight === 1 ? title : `${title} (weight ${weight})`,
          ...{ share: 1.6, isFigure: true },
        })),
        { name: 'Term', share: 1.2, isFigure: true },
      ],
      rows: rows.map((row) => ({
        ...{ kind: 'row' as const, depth: 0 },
        cells: [
          ...[row.student, ...said.map(({ of }) => row[of])],
          ...row.marks.map(cellOf),
          percentOfTenths(row.tenths),
        ],
      })),
    },
  ];
}
