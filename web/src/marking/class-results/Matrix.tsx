import type { ClassResults, ClassRow } from '@gleddo/contract';
import { Link } from 'react-router';
import { LongRows } from '../../platform/figures/LongRows';
import { usePrinting } from '../../platform/figures/use-printing';
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

/** So many columns have room on a sheet of paper, beside the names and the mark. */
const ON_A_SHEET = 28;

type Columns = ClassResults['columns'];

/** On paper what is wider than a sheet goes on below, with the names again; on a screen it is one. */
function blocksOf(columns: Columns, isPrinting: boolean): readonly Columns[] {
  if (!isPrinting || columns.length <= ON_A_SHEET) return [columns];
  const count = Math.ceil(columns.length / ON_A_SHEET);
  const each = Math.ceil(columns.length / count);
  return Array.from({ length: count }, (_, i) => columns.slice(i * each, (i + 1) * each));
}

/** Every student in a row, everything that was checked in a column. */
export function Matrix({ results }: { results: ClassResults }) {
  const { rows, columns } = results;
  const blocks = blocksOf(columns, usePrinting());
  return (
    <section className={`paper ${matrixStyles['paper']}`}>
      <div className={classResultsStyles['head']}>
        <h2>Every student, every check</h2>
        <span className="quiet">✓ met · × not met · ↳ follows from another</span>
      </div>
      {blocks.map((block, i) => (
        <div key={block[0]?.id ?? 'none'} className={matrixStyles['scroll']}>
          <Block rows={rows} columns={block} hasMarks={i === blocks.length - 1} />
        </div>
      ))}
    </section>
  );
}

interface BlockProps {
  readonly rows: readonly ClassRow[];
  readonly columns: Columns;
  readonly hasMarks: boolean;
}

const Block = ({ rows, columns, hasMarks }: BlockProps) => (
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
        {hasMarks && (
          <th scope="col" className="figure">
            mark
          </th>
        )}
      </tr>
    </thead>
    <LongRows
      of={rows}
      rowHeight={ROW_HEIGHT}
      row={(row) => <StudentRow key={row.login} {...{ row, columns, hasMarks }} />}
    />
  </table>
);

interface StudentRowProps {
  readonly row: ClassRow;
  readonly columns: Columns;
  readonly hasMarks: boolean;
}

function StudentRow({ row, columns, hasMarks }: StudentRowProps) {
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
      {hasMarks && (
        <td className="figure">{row.points === null ? '' : `${row.points}/${row.of}`}</td>
      )}
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
