import { lazy, Suspense } from 'react';
import { NavLink } from 'react-router';

const ChartView = lazy(() => import('../chart/ChartView').then((m) => ({ default: m.ChartView })));
const OpeningView = lazy(() =>
  import('../opening/OpeningView').then((m) => ({ default: m.OpeningView })),
);
const JournalView = lazy(() =>
  import('../journal/JournalView').then((m) => ({ default: m.JournalView })),
);
const StatementsView = lazy(() =>
  import('../statements/StatementsView').then((m) => ({ default: m.StatementsView })),
);

const HistoryView = lazy(() =>
  import('../history/HistoryView').then((m) => ({ default: m.HistoryView })),
);

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

const VIEWS: Readonly<Record<string, typeof ChartView>> = {
  chart: ChartView,
  opening: OpeningView,
  journal: JournalView,
  statements: StatementsView,
  history: HistoryView,
};

/** One part of the open book. */
export function WorkView({ part }: { part: string }) {
  const View = VIEWS[part] ?? ChartView;
  return (
    <Suspense fallback={<div className="book-desk" aria-busy="true" />}>
      <View />
    </Suspense>
  );
}
