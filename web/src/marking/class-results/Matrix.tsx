import type { ClassResults, ClassRow } from '@gleddo/contract';
import { Link } from 'react-router';
import { LongRows } from '../../platform/figures/LongRows';
import { isMarked, stateSays } from '../marks/work-states';
import matrixStyles from './matrix.module.css';
import classResultsStyles from './class-results.module.css';

const ROW_HEIGHT = 24;

const SIGNS: Readonly<Record<string, readonly [sign: string, says: string]>> = {
  met: ['✓', 'met'],
  'not-met': ['×', 'not met'],
  follows: ['↳', 'follows from another'],
  'cannot-judge': ['?', 'could not be judged'],
};

/** Every student in a row, everything that was checked in a column. */
export function Matrix({ results }: { results: ClassResults }) {
  const { rows, columns } = results;
  return (
    <section className={`paper ${matrixStyles['paper']}`}>
      <div className={classResultsStyles['head']}>
        <h2>Every student, every check</h2>
        <span className="quiet">✓ met · × not met · ↳ follows from another</span>
      </div>
      <div className={matrixStyles['scroll']}>
        <table className={matrixStyles['table']} data-cells>
          <thead>
            <tr>
              <th scope="col">
                <span className="sr-only">Student</span>
              </th>
              {columns.map((column) => (
                <th key={column.id} scope="col" className={matrixStyles['turned']}>
                  <span title={column.name}>{column.name}</span>
                </th>
              ))}
              <th scope="col" className="figure">
                mark
              </th>
            </tr>
          </thead>
          <LongRows
            of={rows}
            rowHeight={ROW_HEIGHT}
            row={(row) => <StudentRow key={row.login} row={row} columns={columns} />}
          />
        </table>
      </div>
    </section>
  );
}

interface StudentRowProps {
  readonly row: ClassRow;
  readonly columns: ClassResults['columns'];
}

function StudentRow({ row, columns }: StudentRowProps) {
  return (
    <tr>
      <th scope="row">
        {isMarked(row) ? <Link to={`/marking/${row.tryId}`}>{row.student}</Link> : row.student}
      </th>
      {row.points === null ? (
        <td
          colSpan={Math.max(1, columns.length)}
          className={`quiet state ${row.checked === 'failed' ? 'is-missed' : ''}`}
          title={row.checkFault ?? undefined}
        >
          {stateSays(row)}
        </td>
      ) : (
        columns.map((column) => (
          <Cell key={column.id} outcome={row.cells[column.id] ?? ''} name={column.name} />
        ))
      )}
      <td className="figure">{row.points === null ? '' : `${row.points}/${row.of}`}</td>
    </tr>
  );
}

function Cell({ outcome, name }: { outcome: string; name: string }) {
  const [sign, says] = SIGNS[outcome] ?? ['', ''];
  return (
    <td className={`${matrixStyles['cell']} ${outcome}`} title={`${name}: ${says}`}>
      {sign}
    </td>
  );
}
