import {
  capacityOf,
  sectionById,
  typeOf,
  typesOfSection,
  type Band,
  type Book,
  type NumberPlan,
} from '@gleddo/core';
import { useMemo } from 'react';
import { BandRuler } from './BandRuler';
import { TableHead } from '../../platform/figures/TableHead';

const bandName = (book: Book, band: Band): string =>
  typeOf(book.scheme, band.type ?? null)?.name ??
  sectionById(book.scheme, band.section ?? '')?.name ??
  'no section of this scheme';

/** Each section's band, then those of its types, in the order of the scheme; strangers last. */
function inOrder({ scheme }: Book, plan: NumberPlan): Band[] {
  const known = scheme.sections.flatMap(({ id }) => {
    const types = new Set(typesOfSection(scheme, id).map((type) => type.id));
    const own = plan.bands.filter((band) => band.section === id && band.type === undefined);
    return [...own, ...plan.bands.filter((band) => types.has(band.type ?? ''))];
  });
  return [...known, ...plan.bands.filter((band) => !known.includes(band))];
}

/** The bands of a plan and how full each is: used, free, the longest free run. */
export function PlanBands({ book, plan }: { book: Book; plan: NumberPlan }) {
  const rows = useMemo(
    () => inOrder(book, plan).map((band) => ({ band, ...capacityOf(book, band) })),
    [book, plan],
  );
  return (
    <table className="lines-table">
      <TableHead
        names={['Band', 'Numbers', 'Where they are taken']}
        figures={['used', 'free', 'longest free run']}
      />
      <tbody>
        {rows.map(({ band, used, free, longestRun }) => (
          <tr key={`${band.from} ${band.to}`}>
            <td style={band.type === undefined ? {} : { paddingInlineStart: 16 }}>
              {bandName(book, band)}
            </td>
            <td style={{ whiteSpace: 'nowrap' }}>
              {band.from}–{band.to}
            </td>
            <td>
              <BandRuler book={book} band={band} />
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
