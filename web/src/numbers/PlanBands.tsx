import {
  capacityOf,
  sectionById,
  typeOf,
  type Band,
  type Book,
  type NumberPlan,
} from '@gleddo/core';
import { useMemo } from 'react';

const bandName = (book: Book, band: Band): string =>
  typeOf(book.scheme, band.type ?? null)?.name ??
  sectionById(book.scheme, band.section ?? '')?.name ??
  'no section of this scheme';

/** The bands of a plan and how full each is: used, free, the longest free run. */
export function PlanBands({ book, plan }: { book: Book; plan: NumberPlan }) {
  const rows = useMemo(
    () => plan.bands.map((band) => ({ band, ...capacityOf(book, band) })),
    [book, plan],
  );
  return (
    <table className="lines-table">
      <thead>
        <tr>
          <th>Band</th>
          <th>Numbers</th>
          <th className="figure">used</th>
          <th className="figure">free</th>
          <th className="figure">longest free run</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ band, used, free, longestRun }) => (
          <tr key={`${band.from} ${band.to}`}>
            <td>{bandName(book, band)}</td>
            <td style={{ whiteSpace: 'nowrap' }}>
              {band.from}–{band.to}
            </td>
            <td className="figure">{used}</td>
            <td className="figure">{free}</td>
            <td className="figure">{longestRun}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
