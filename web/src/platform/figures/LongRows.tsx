import type { ReactNode } from 'react';
import { useLongList } from './use-long-list';

interface LongRowsProps<T> {
  readonly of: readonly T[];
  /** In pixels: of all, or of each. */
  readonly rowHeight: number | ((each: T) => number);
  /** One row of the table, with its key. */
  row(each: T, i: number): ReactNode;
}

/** The rows of a table's body; of very many only those in view, the others as the room that they take. */
export function LongRows<T>({ of, rowHeight, row }: LongRowsProps<T>) {
  const { list, rows, before, after } = useLongList<HTMLTableSectionElement>(of.length, (i) =>
    typeof rowHeight === 'number' ? rowHeight : rowHeight(of[i] as T),
  );
  return (
    <tbody ref={list}>
      <Room height={before} />
      {rows.map((i) => {
        const each = of[i];
        return each === undefined ? null : row(each, i);
      })}
      <Room height={after} />
    </tbody>
  );
}

function Room({ height }: { height: number }) {
  if (height <= 0) return null;
  return (
    <tr aria-hidden="true">
      <td style={{ height, padding: 0, border: 0 }} />
    </tr>
  );
}
