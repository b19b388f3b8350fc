import { createContext, use } from 'react';
import { useDeskFigures, type DeskFigures } from './desk-figures';
import { useDeskSelection, useFocusWish, type DeskSelection } from './desk-selection';
import { useDeskView, type DeskView } from './desk-view';
import { useDeskWords, type DeskWords } from './desk-words';

/** Everything the chart's parts share: the book's figures, what of it is shown, what is selected, what is done. */
export interface ChartDesk extends DeskFigures, DeskView, DeskSelection, DeskWords {}

export const ChartDeskContext = createContext<ChartDesk | null>(null);

export function useDesk(): ChartDesk {
  const desk = use(ChartDeskContext);
  if (!desk) throw new Error('no chart is open here');
  return desk;
}

export function useChartDesk(): ChartDesk {
  const view = useDeskView();
  const figures = useDeskFigures(view);
  const focus = useFocusWish();
  const words = useDeskWords(figures, () => focus.wantFocus(true));
  const selection = useDeskSelection(figures.order, focus, () => words.say(null));
  return { ...view, ...figures, ...words, ...selection };
}
