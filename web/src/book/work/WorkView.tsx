import { Suspense } from 'react';
import { NavLink } from 'react-router';
import { useOpenBook } from '../open-book/open-book';
import { Recovering } from '../../platform/shell/Recovering';
import { lazyView, type LazyView } from '../../platform/shell/lazy-view';

const CHART = lazyView(() => import('../chart/ChartView').then((m) => m.ChartView));

const VIEWS: Readonly<Record<string, LazyView>> = {
  company: lazyView(() => import('../profile/OwnCompany').then((m) => m.OwnCompany)),
  chart: CHART,
  opening: lazyView(() => import('../opening/OpeningView').then((m) => m.OpeningView)),
  documents: lazyView(() => import('../documents/DocumentsView').then((m) => m.DocumentsView)),
  journal: lazyView(() => import('../journal/JournalView').then((m) => m.JournalView)),
  statements: lazyView(() => import('../statements/StatementsView').then((m) => m.StatementsView)),
  health: lazyView(() => import('../profile/HealthView').then((m) => m.HealthView)),
  history: lazyView(() => import('../history/HistoryView').then((m) => m.HistoryView)),
};

/** Fetches the chart ahead of the first book that is opened. */
export const chartAhead = CHART.ahead;

export const WORK_PARTS = [
  ['chart', 'Chart'],
  ['opening', 'Opening'],
  ['documents', 'Documents'],
  ['journal', 'Journal'],
  ['statements', 'Statements'],
  ['history', 'History'],
] as const;

/** The parts of a try: the company among them where that is set up in it, its health where that is told. */
export const TRY_PARTS = [['company', 'Company'], ...WORK_PARTS, ['health', 'Health']] as const;

/** The parts of a book that an instructor keeps: a company, a start, a key. */
export const KEPT_PARTS = [['profile', 'Profile'], ...WORK_PARTS] as const;

interface WorkTabsProps {
  readonly base: string;
  readonly parts?: readonly (readonly [string, string])[];
}

/** The parts of a book, wherever it is worked on: a company, a start, a key, a try. */
export function WorkTabs({ base, parts = WORK_PARTS }: WorkTabsProps) {
  return (
    <nav className="tabs" aria-label="Parts of the book">
      {parts.map(([part, name]) => (
        <NavLink key={part} to={`${base}/${part}`}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}

/** The parts of an open try: each only where the exercise has it. */
export function TryTabs({ base, parts = TRY_PARTS }: WorkTabsProps) {
  const { enters, by, setsCompany, help } = useOpenBook().answer;
  const left = new Set([
    ...(by === 'student' && enters === 'entries' ? ['documents'] : []),
    ...(setsCompany ? [] : ['company']),
    ...(by === 'student' && help.health ? [] : ['health']),
  ]);
  return <WorkTabs base={base} parts={parts.filter(([part]) => !left.has(part))} />;
}

/** One part of the open book. */
export function WorkView({ part }: { part: string }) {
  const { View } = VIEWS[part] ?? CHART;
  return (
    <Recovering what={part}>
      <Suspense fallback={<div className="book-desk" aria-busy="true" />}>
        <main className="no-box">
          <View key={part} />
        </main>
      </Suspense>
    </Recovering>
  );
}
