import type { ClassResults } from '@gleddo/contract';

/** Each column of the matrix as a line: how many met it, missed it, or had it follow. */
export function ByCheck({ results }: { results: ClassResults }) {
  const judged = results.rows.filter((row) => row.points !== null);
  const lines = results.columns.map((column) => {
    const count = (outcome: string) =>
      judged.filter((row) => row.cells[column.id] === outcome).length;
    const missed = judged.filter((row) => row.cells[column.id] === 'not-met');
    return { column, met: count('met'), follows: count('follows'), missed };
  });
  lines.sort((a, b) => b.missed.length - a.missed.length);
  return (
    <section className="paper">
      <table className="lines-table">
        <thead>
          <tr>
            <th>What was checked</th>
            <th className="figure">✓ met</th>
            <th className="figure">× not met</th>
            <th className="figure">↳ follows</th>
            <th style={{ paddingInlineStart: '1.5rem' }}>Who missed it</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ column, met, follows, missed }) => (
            <tr key={column.id}>
              <td>{column.name}</td>
              <td className="figure is-met">{met}</td>
              <td className="figure is-missed">{missed.length || '–'}</td>
              <td className="figure is-notice">{follows || '–'}</td>
              <td className="quiet" style={{ paddingInlineStart: '1.5rem' }}>
                {missed.map((row) => row.student).join(', ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
