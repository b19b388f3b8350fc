import type { ClassResults, ClassRow } from '@gleddo/contract';
import { Link } from 'react-router';
import { GroupsCompared } from './ByGroup';
import { TableHead } from '../../platform/figures/TableHead';
import { LongRows } from '../../platform/figures/LongRows';
import { EarlierLinks } from '../marks/EarlierLinks';
import { isMarked, stateSays } from '../marks/work-states';
import { Recovering } from '../../platform/shell/Recovering';
import { lazyView } from '../../platform/shell/lazy-view';
import { Suspense } from 'react';
import styles from './class-results.module.css';

/** The rows can be read before what draws the chart is there. */
const CHART = lazyView(() => import('./MarksChart').then(({ MarksChart }) => MarksChart));

const ROW_HEIGHT = 30;

const bookAddress = ({ exerciseId }: ClassResults, { bookId }: ClassRow): string =>
  `/results/${exerciseId}/book/${bookId}/chart`;

export const missedBy = (row: ClassRow): number =>
  Object.values(row.cells).filter((outcome) => outcome === 'not-met').length;

/** Each student with state, mark and number of faults; beside it, the spread of the marks. */
export function ByStudent({ results }: { results: ClassResults }) {
  return (
    <div className="columns">
      <section className="paper">
        <table className="lines-table">
          <TableHead names={['Student', 'State']} figures={['Not met', 'Mark']} />
          <LongRows
            of={results.rows}
            rowHeight={ROW_HEIGHT}
            row={(row) => <StudentRow key={row.login} row={row} results={results} />}
          />
        </table>
      </section>
      <div>
        <section className="paper">
          <h2>The spread of the marks</h2>
          <Recovering what="chart">
            <Suspense fallback={<div aria-busy="true" style={{ height: '15rem' }} />}>
              <CHART.View rows={results.rows} />
            </Suspense>
          </Recovering>
        </section>
        <GroupsCompared {...results} />
      </div>
    </div>
  );
}

/** What counts of several tries, beside the mark of the one that there is now. */
const Counts = ({ of: { points, of } }: { of: NonNullable<ClassRow['counted']> }) => (
  <span className="quiet">
    {' '}
    counts {points} of {of}
  </span>
);

/** The tries before the one that a student is at. */
const before = ({ tryNumber }: ClassRow) =>
  Array.from({ length: tryNumber - 1 }, (_, i) => ({ number: i + 1, points: null, of: null }));

function StudentRow({ row, results }: { row: ClassRow; results: ClassResults }) {
  return (
    <tr>
      <td style={{ whiteSpace: 'nowrap' }}>
        {isMarked(row) ? <Link to={`/marking/${row.tryId}`}>{row.student}</Link> : row.student}
      </td>
      <td className={row.checked === 'failed' ? 'is-missed' : 'quiet'}>
        {stateSays(row)}
        {row.tryId !== null && <EarlierLinks tryId={row.tryId} earlier={before(row)} />}
        {row.checkFault && <span className={styles['fault']}>{row.checkFault}</span>}
        {row.bookId !== null && !isMarked(row) && (
          <Link className={styles['look-at']} to={bookAddress(results, row)}>
            Look at the book
          </Link>
        )}
      </td>
      <td className="figure">{row.points === null ? '' : missedBy(row)}</td>
      <td className="figure">
        {row.points === null ? '' : `${row.points} of ${row.of}`}
        {row.counted && <Counts of={row.counted} />}
      </td>
    </tr>
  );
}
