import type { Goes, SourceBalances } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { keepFor, kept } from '../../platform/kept/kept-here';

interface Kept extends Omit<SourceBalances, 'going'> {
  readonly going: readonly (readonly [number, Goes])[];
  /** Rows ticked by hand. */
  readonly ticks: readonly number[];
}

const nameOf = (bookId: string): string => `gleddo.sheet-beside.${bookId}`;

function keptFor(bookId: string): Kept | null {
  try {
    return JSON.parse(kept('local', nameOf(bookId)) ?? 'null') as Kept | null;
  } catch {
    return null;
  }
}

/** The balance sheet that lies beside a book's opening balances, kept in this browser until it is put away. */
export function useSheetBeside(bookId: string) {
  const [held, hold] = useState(() => keptFor(bookId));
  const keep = (next: Kept | null) => {
    keepFor('local', nameOf(bookId), next && JSON.stringify(next));
    hold(next);
  };
  const source = useMemo(
    (): SourceBalances | null => held && { ...held, going: new Map(held.going) },
    [held],
  );
  return {
    source,
    isTicked: (row: number) => held?.ticks.includes(row) === true,
    lay: (laid: SourceBalances) => keep({ ...laid, going: [...laid.going], ticks: [] }),
    putAway: () => keep(null),
    tick(row: number) {
      if (!held) return;
      const { ticks } = held;
      const others = ticks.filter((each) => each !== row);
      keep({ ...held, ticks: others.length < ticks.length ? others : [...ticks, row] });
    },
  };
}

export type Beside = ReturnType<typeof useSheetBeside>;
