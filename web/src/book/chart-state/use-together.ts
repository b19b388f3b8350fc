import { useState } from 'react';
import { accountOfRow, type ChartOrder } from './chart-order';

const NOBODY: ReadonlySet<string> = new Set();

/** Several accounts taken together: a run of rows from an anchor, or single ones. */
export interface Together {
  /** When there are several: in the order of the chart. */
  readonly together: readonly string[];
  /** Takes all accounts from the selected one to this row together; null lets go of them. */
  takeUpTo(row: string | null): void;
  /** Takes one account into those taken together, or out of them. */
  takeAlso(id: string): void;
}

export function useTogether(order: ChartOrder, selected: string | null): Together {
  const [taken, setTaken] = useState<ReadonlySet<string>>(NOBODY);
  const [anchor, setAnchor] = useState<string | null>(null);
  const rows = [...order.left, ...order.right];
  const takeUpTo = (row: string | null) => {
    if (row === null) {
      setAnchor(null);
      return setTaken(NOBODY);
    }
    const from = anchor ?? selected ?? row;
    const [a, b] = [rows.indexOf(from), rows.indexOf(row)].sort((x, y) => x - y);
    setAnchor(from);
    setTaken(new Set(rows.slice(a, (b ?? 0) + 1).flatMap((each) => accountOfRow(each) ?? [])));
  };
  const takeAlso = (id: string) => {
    const own = accountOfRow(selected);
    const next = new Set(taken.size === 0 && own !== null ? [own] : taken);
    if (!next.delete(id)) next.add(id);
    setTaken(next);
  };
  const inOrder = rows.flatMap((row) => accountOfRow(row) ?? []).filter((id) => taken.has(id));
  return { together: inOrder.length > 1 ? inOrder : [], takeUpTo, takeAlso };
}
