import { createContext, use } from 'react';
import { useFiguresState, type FiguresState } from './figures-state';
import { useSelectionState, useFocusWish, type SelectionState } from './selection-state';
import { useViewState, type ViewState } from './view-state';
import { useWordsState, type WordsState } from './words-state';

/** Everything the chart's parts share: the book's figures, what of it is shown, what is selected, what is done. */
export interface ChartState extends FiguresState, ViewState, SelectionState, WordsState {}

export const ChartStateContext = createContext<ChartState | null>(null);

export function useChartState(): ChartState {
  const chartState = use(ChartStateContext);
  if (!chartState) throw new Error('no chart is open here');
  return chartState;
}

export function useStateOfChart(): ChartState {
  const view = useViewState();
  const figures = useFiguresState(view);
  const focus = useFocusWish();
  const words = useWordsState(figures, () => focus.wantFocus(true));
  const selection = useSelectionState(figures.order, focus, () => words.say(null));
  return { ...view, ...figures, ...words, ...selection };
}
