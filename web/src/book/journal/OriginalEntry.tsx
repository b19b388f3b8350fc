import { totalsByKind, type Book, type EntryKind } from '@gleddo/core';
import { useMemo } from 'react';
import { useMoney } from '../../platform/figures/money';
import { TableHead } from '../../platform/figures/TableHead';
import { KIND_NAMES } from './entry-draft';

interface OriginalEntryProps {
  readonly book: Book;
  onChoose(kind: EntryKind): void;
}

/** The books of original entry: the one journal by kind, with what each comes to. */
export function OriginalEntry({ book, onChoose }: OriginalEntryProps) {
  const money = useMoney(book);
  const kinds = useMemo(() => totalsByKind(book.entries), [book.entries]);
  if (kinds.length === 0) return null;
  return (
    <table className="lines-table" aria-label="Books of original entry">
      <TableHead names={['Books of original entry']} figures={['Entries', 'Total']} />
      <tbody>
        {kinds.map(({ kind, count, total }) => (
          <tr key={kind}>
            <td>
              <button type="button" className="link-button" onClick={() => onChoose(kind)}>
                {KIND_NAMES[kind]}
              </button>
            </td>
            <td className="figure">{count}</td>
            <td className="figure">{money(total)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
