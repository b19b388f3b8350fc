import type { ClassResults } from '@gleddo/contract';
import { Link } from 'react-router';
import { isMarked, stateSays } from './work-states';

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
    <section className="paper matrix-paper">
      <div className="paper-head">
        <h2>Every student, every check</h2>
        <span className="quiet">✓ met · × not met · ↳ follows from another</span>
      </div>
      <div className="matrix-scroll">
        <table className="matrix">
          <thead>
            <tr>
              <th scope="col">
                <span className="sr-only">Student</span>
              </th>
              {columns.map((column) => (
                <th key={column.id} scope="col" className="turned">
                  <span title={column.name}>{column.name}</span>
                </th>
              ))}
              <th scope="col" className="figure">
                mark
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.login}>
                <th scope="row">
                  {isMarked(row) ? (
                    <Link to={`/marking/${row.tryId}`}>{row.student}</Link>
                  ) : (
                    row.student
                  )}
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
                  columns.map((column) => {
                    const outcome = row.cells[column.id] ?? '';
                    const [sign, says] = SIGNS[outcome] ?? ['', ''];
                    return (
                      <td
                        key={column.id}
                        className={`cell ${outcome}`}
                        title={`${column.name}: ${says}`}
                      >
                        {sign}
                      </td>
                    );
                  })
                )}
                <td className="figure">{row.points === null ? '' : `${row.points}/${row.of}`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
