import type { ClassResults } from '@gleddo/contract';
import classResultsStyles from './class-results.module.css';
import matrixStyles from './matrix.module.css';

/** Where accounts were placed: a row for each section of the key, a column for each section of the class. */
export function Placements({ results }: { results: ClassResults }) {
  return (
    <section className="paper">
      <div className={classResultsStyles['head']}>
        <h2>Where accounts were placed</h2>
        <span className="quiet">rows: the key · columns: the class</span>
      </div>
      <div className={matrixStyles['scroll']}>
        <PlacementTable results={results} />
      </div>
    </section>
  );
}

function PlacementTable({ results }: { results: ClassResults }) {
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
    <table className={matrixStyles['placements']} data-cells>
      <PlacementHead columns={columns} />
      <tbody>
        {used.map((from) => (
          <tr key={from.id}>
            <th scope="row">{from.name}</th>
            {columns.map((to) => (
              <Count
                key={to.id}
                n={count(from.id, to.id)}
                isRight={from.id === to.id}
                worst={worst}
              />
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function PlacementHead({ columns }: { columns: ClassResults['sections'] }) {
  return (
    <thead>
      <tr>
        <th scope="col">
          <span className="sr-only">Section of the key</span>
        </th>
        {columns.map((section) => (
          <th key={section.id} scope="col" className={matrixStyles['turned']}>
            <span>{section.name}</span>
          </th>
        ))}
      </tr>
    </thead>
  );
}

interface CountProps {
  readonly n: number;
  readonly isRight: boolean;
  /** The most that any wrong place has: it is shown the strongest. */
  readonly worst: number;
}

function Count({ n, isRight, worst }: CountProps) {
  const depth = 0.25 + (0.55 * n) / worst;
  const isWrong = n > 0 && !isRight;
  return (
    <td
      className={isRight ? 'right' : isWrong ? 'wrong' : ''}
      style={isWrong ? { background: `rgb(179 54 30 / ${depth * 0.75})` } : undefined}
    >
      {n === 0 ? '·' : n}
    </td>
  );
}
