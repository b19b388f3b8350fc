import type { ClassResults } from '@gleddo/contract';

/** Where accounts were placed: a row for each section of the key, a column for each section of the class. */
export function Placements({ results }: { results: ClassResults }) {
  const { placements, sections } = results;
  const used = sections.filter((section) =>
    placements.some((cell) => cell.from === section.id || cell.to === section.id),
  );
  const homeless = placements.some((cell) => cell.to === 'not-placed');
  const columns = homeless ? [...used, { id: 'not-placed', name: 'Not placed' }] : used;
  const count = (from: string, to: string) =>
    placements.find((cell) => cell.from === from && cell.to === to)?.count ?? 0;
  const worst = Math.max(
    1,
    ...placements.filter((each) => each.from !== each.to).map((each) => each.count),
  );
  return (
    <section className="paper">
      <div className="paper-head">
        <h2>Where accounts were placed</h2>
        <span className="quiet">rows: the key · columns: the class</span>
      </div>
      <div className="matrix-scroll">
        <table className="placements">
          <thead>
            <tr>
              <th scope="col">
                <span className="sr-only">Section of the key</span>
              </th>
              {columns.map((section) => (
                <th key={section.id} scope="col" className="turned">
                  <span>{section.name}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {used.map((from) => (
              <tr key={from.id}>
                <th scope="row">{from.name}</th>
                {columns.map((to) => {
                  const n = count(from.id, to.id);
                  const right = from.id === to.id;
                  const depth = n === 0 ? 0 : 0.25 + (0.55 * n) / worst;
                  const style =
                    n > 0 && !right
                      ? { background: `rgb(179 54 30 / ${depth * 0.75})` }
                      : undefined;
                  return (
                    <td
                      key={to.id}
                      className={right ? 'right' : n > 0 ? 'wrong' : ''}
                      style={style}
                    >
                      {n === 0 ? '·' : n}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
