import { useDeferredValue, useState } from 'react';

/** What of the chart is hidden, folded or left out. */
export interface ViewState {
  /** False while only the first rows of each section are drawn, so that a long chart opens at once. */
  readonly isWhole: boolean;
  readonly showsRetired: boolean;
  readonly showsBudget: boolean;
  /** Parents whose accounts are folded away into their one figure. */
  readonly folded: ReadonlySet<string>;
  /** Whether only what is not given is shown. */
  readonly showsChangesOnly: boolean;
  showRetired(shown: boolean): void;
  showBudget(shown: boolean): void;
  /** Folds these parents away, and no others. */
  fold(parents: ReadonlySet<string>): void;
  showChangesOnly(only: boolean): void;
}

const NOTHING_FOLDED: ReadonlySet<string> = new Set();

export function useViewState(): ViewState {
  const [showsRetired, showRetired] = useState(false);
  const [showsChangesOnly, showChangesOnly] = useState(false);
  const [showsBudget, showBudget] = useState(false);
  const [folded, fold] = useState<ReadonlySet<string>>(NOTHING_FOLDED);
  const isWhole = useDeferredValue(true, false);
  const state = { isWhole, showsRetired, showsChangesOnly, showsBudget, folded };
  return { ...state, showRetired, showChangesOnly, showBudget, fold };
}
