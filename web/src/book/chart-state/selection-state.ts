import { useCallback, useRef, useState } from 'react';
import { useSteady } from '../../platform/kept/use-steady';
import { accountOfRow, accountRow, type ChartOrder } from './chart-order';
import { useSelected } from './use-selected';
import { useTogether, type Together } from './use-together';

type SlipKind = 'closed' | 'account' | 'lines';

/** Which row is selected, whether it has the focus, and what lies open over the other page. */
export interface SelectionState extends Together {
  readonly selected: string | null;
  /** The row that Tab comes to from outside: the selected one, else the first. */
  readonly entrance: string | null;
  readonly slip: SlipKind;
  /** A number picked on the ruler, for the empty line of its section. */
  readonly picked: { readonly section: string; readonly number: string } | null;
  /** Selects a row; what was taken together is let go of, unless it is kept. */
  select(row: string | null, slip?: SlipKind, keeps?: boolean): void;
  /** Selects an account and opens its slip; always the same function, so that rows need not be drawn again. */
  openAccount(id: string): void;
  /** Takes an account together with others; always the same function, too. */
  takeAccount(id: string): void;
  open(slip: SlipKind): void;
  pick(picked: SelectionState['picked']): void;
  /** Whether the selected row should take the focus when it is next drawn. */
  wantsFocus(): boolean;
  wantFocus(wanted: boolean): void;
}

/** Whether the selected row should have the focus: kept aside, since it changes nothing that is drawn. */
export function useFocusWish() {
  const wish = useRef(false);
  const wantsFocus = useCallback(() => wish.current, []);
  const wantFocus = useCallback((wanted: boolean) => {
    wish.current = wanted;
  }, []);
  return { wantsFocus, wantFocus };
}

/** The slip is open for whoever arrives at an account, from wherever. */
function useSlip(isGiven: boolean, arrival: string) {
  const [slip, open] = useState<SlipKind>(isGiven ? 'account' : 'closed');
  const [seen, setSeen] = useState(arrival);
  if (seen !== arrival) {
    setSeen(arrival);
    open(isGiven ? 'account' : 'closed');
  }
  return [slip, open] as const;
}

/** `moved` hears of each row that is selected. */
export function useSelectionState(
  order: ChartOrder,
  focus: ReturnType<typeof useFocusWish>,
  moved: () => void,
): SelectionState {
  const { selected, setSelected, isGiven, arrival } = useSelected();
  const [slip, open] = useSlip(isGiven, arrival);
  const [picked, pick] = useState<SelectionState['picked']>(null);
  const several = useTogether(order, selected);
  const select: SelectionState['select'] = (next, kind, keeps = false) => {
    if (!keeps) several.takeUpTo(null);
    focus.wantFocus(next !== null);
    setSelected(next);
    if (kind) open(kind);
    if (accountOfRow(next) === null || keeps) open('closed');
    moved();
  };
  const openAccount = useSteady((id: string) => select(accountRow(id), 'account'));
  const takeAccount = useSteady((id: string) => {
    open('closed');
    several.takeAlso(id);
  });
  const entrance = selected ?? order.left[0] ?? order.right[0] ?? null;
  const ways = { select, open, pick, openAccount, takeAccount };
  return { selected, entrance, slip, picked, ...several, ...focus, ...ways };
}
