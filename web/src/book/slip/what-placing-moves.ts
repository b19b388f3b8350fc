import { apply, whatMoves, type Moved, type Operation, type Result } from '@gleddo/core';
import type { ChartState } from '../chart-state/chart-state';

const NOTHING: readonly Moved[] = [];

/** What a change of places would move on both statements; nothing where figures are kept back. */
export function whatPlacingMoves(
  { book, help, period }: Pick<ChartState, 'book' | 'help' | 'period'>,
  change: Result<Operation>,
): readonly Moved[] {
  if (!help.totals || !change.ok) return NOTHING;
  const applied = apply(book, change.value);
  return applied.ok ? whatMoves(book, applied.value.book, period) : NOTHING;
}
