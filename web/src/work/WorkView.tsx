import { Suspense } from 'react';
import { NavLink } from 'react-router';
import { lazyView, type LazyView } from './lazy-view';

const CHART = lazyView(() => import('../chart/ChartView').then((m) => m.ChartView));

const VIEWS: Readonly<Record<string, LazyView>> = {
  chart: CHART,
  opening: lazyView(() => import('../opening/OpeningView').then((m) => m.OpeningView)),
  journal: lazyView(() => import('../journal/JournalView').then((m) => m.JournalView)),
  statements: lazyView(() => import('../statements/StatementsView').then((m) => m.StatementsView)),
  history: lazyView(() => import('../history/HistoryView').then((m) => m.HistoryView)),
};

/** Fetches the chart ahead of the first book that is opened. */
export const chartAhead = CHART.ahead;

export const WORK_PARTS = [
  ['chart', 'Chart'],
  ['opening', 'Opening'],
  ['journal', 'Journal'],
  ['statements', 'Statements'],
  ['history', 'History'],
] as const;

/** The parts of a book, wherever it is worked on: a company, a start, a key, a try. */
export function WorkTabs({
  base,
  more = [],
}: {
  base: string;
  more?: readonly (readonly [string, string])[];
}) {
  return (
    <nav className="tabs" aria-label="Parts of the book">
      {[...more, ...WORK_PARTS].map(([part, name]) => (
        <NavLink key={part} to={`${base}/${part}`}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}

/** One part of the open book. */
export function WorkView({ part }: { part: string }) {
  const { View } = VIEWS[part] ?? CHART;
  return (
    <Suspense fallback={<div className="book-desk" aria-busy="true" />}>
      <View key={part} />
    </Suspense>
  );
}
