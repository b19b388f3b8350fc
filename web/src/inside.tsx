import type { Me } from '@gleddo/contract';
import { withoutEval } from '@gleddo/core';
import { LoadingOutlined } from '@ant-design/icons';
import { App as AntApp, ConfigProvider } from 'antd';
import { Suspense } from 'react';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import { Head } from './pages/head/Head';
import { Recovering } from './platform/shell/Recovering';
import { NothingHere } from './platform/shell/NothingHere';
import { PAGE_TOLD, usePageTitle } from './pages/head/use-page-title';
import { SkipLink } from './pages/head/SkipLink';
import { TOLD } from './platform/shell/tell';
import { useLook } from './platform/shell/look';
import { themeOf } from './platform/shell/theme';
import { lazyPage } from './platform/shell/lazy-view';
import './book/spread/page.css';
import './book/spread/row.css';

// The pages’ security policy lets no code be made on the spot.
withoutEval();

const TodayPage = lazyPage(() => import('./pages/today/TodayPage'));
const CalendarPage = lazyPage(() => import('./pages/calendar/CalendarPage'));
const CompaniesPage = lazyPage(() => import('./pages/companies/CompaniesPage'));
const NewCompanyPage = lazyPage(() => import('./pages/companies/NewCompanyPage'));
const CompanyPage = lazyPage(() => import('./pages/companies/CompanyPage'));
const ExercisesPage = lazyPage(() => import('./pages/exercises/ExercisesPage'));
const ProblemPage = lazyPage(() => import('./pages/problem/ProblemPage'));
const ShelfPage = lazyPage(() => import('./pages/shelf/ShelfPage'));
const ExercisePage = lazyPage(() => import('./pages/exercises/ExercisePage'));
const GroupsPage = lazyPage(() => import('./pages/groups/GroupsPage'));
const GroupPage = lazyPage(() => import('./pages/groups/GroupPage'));
const PeoplePage = lazyPage(() => import('./pages/people/PeoplePage'));
const HousePage = lazyPage(() => import('./pages/people/HousePage'));
const WhoComes = lazyPage(() => import('./pages/from-platform/WhoComes'));
const PlaceLeads = lazyPage(() => import('./pages/from-platform/PlaceLeads'));
const OwnSignInPage = lazyPage(() => import('./pages/people/OwnSignInPage'));
const TermPage = lazyPage(() => import('./pages/term/TermPage'));
const MixUpsPage = lazyPage(() => import('./pages/mix-ups/MixUpsPage'));
const PracticePage = lazyPage(() => import('./pages/practice/PracticePage'));
const DrillPage = lazyPage(() => import('./pages/practice/DrillPage'));
const PracticeWork = lazyPage(() => import('./pages/practice/PracticeWork'));
const ResultsPage = lazyPage(() => import('./marking/class-results/ResultsPage'));
const ClassResultsPage = lazyPage(() => import('./marking/class-results/ClassResultsPage'));
const WorkBookPage = lazyPage(() => import('./marking/marked-work/WorkBookPage'));
const FilesPage = lazyPage(() => import('./marking/filed/FilesPage'));
const PairsPage = lazyPage(() => import('./marking/pairs/PairsPage'));
const MarkedWorkPage = lazyPage(() => import('./marking/marked-work/MarkedWorkPage'));
const EarlierWorkPage = lazyPage(() => import('./marking/marked-work/EarlierWorkPage'));
const MyExercisesPage = lazyPage(() => import('./pages/student/MyExercisesPage'));
const GuidePage = lazyPage(() => import('./pages/guide/GuidePage'));
const MyTryPage = lazyPage(() => import('./pages/student/MyTryPage'));

/** A second click on what opened a window does not close it again. */
const STAYS_OPEN = { mask: { closable: false } } as const;

/** The usual sign that something is under way stays behind, unseen but read out, where it is over too soon. */
const LEAVES_AT_ONCE = { loadingIcon: <LoadingOutlined /> };

/** All that one sees who is signed in. */
export function Inside({ me }: { me: Me }) {
  const look = useLook();
  return (
    <ConfigProvider
      direction={document.dir === 'rtl' ? 'rtl' : 'ltr'}
      theme={themeOf(look)}
      wave={{ disabled: true }}
      modal={STAYS_OPEN}
      button={LEAVES_AT_ONCE}
    >
      <AntApp style={{ height: '100%' }}>
        {/* What is typed may stand in the address: one letter is drawn before the next comes. */}
        <BrowserRouter useTransitions={false}>
          <Pages me={me} />
        </BrowserRouter>
      </AntApp>
    </ConfigProvider>
  );
}

function Pages({ me }: { me: Me }) {
  const { pathname } = useLocation();
  usePageTitle();
  return (
    <div className="app">
      <SkipLink />
      <div id={PAGE_TOLD} className="sr-only" aria-live="polite" />
      <div id={TOLD} className="sr-only" aria-live="polite" />
      <Head me={me} />
      <Recovering what={pathname}>
        <Suspense fallback={<div className="desk" aria-busy="true" />}>
          {me.role === 'instructor' ? <InstructorRoutes me={me} /> : <StudentRoutes />}
        </Suspense>
      </Recovering>
    </div>
  );
}

function InstructorRoutes({ me }: { me: Me }) {
  return (
    <Routes>
      <Route path="/today" element={<TodayPage />} />
      <Route path="/term" element={<CalendarPage />} />
      <Route path="/companies" element={<CompaniesPage />} />
      <Route path="/companies/new" element={<NewCompanyPage />} />
      <Route path="/companies/:bookId/:part" element={<CompanyPage />} />
      <Route path="/companies/:bookId/:part/:inner" element={<CompanyPage />} />
      <Route path="/exercises" element={<ExercisesPage />} />
      <Route path="/exercises/from-a-text" element={<ProblemPage />} />
      <Route path="/exercises/shelf" element={<ShelfPage />} />
      <Route path="/exercises/shelf/:ready" element={<ShelfPage />} />
      <Route path="/exercises/:id/:tab" element={<ExercisePage />} />
      <Route path="/exercises/:id/:tab/:part" element={<ExercisePage />} />
      <Route path="/exercises/:id/:tab/:part/:inner" element={<ExercisePage />} />
      <Route path="/groups" element={<GroupsPage />} />
      <Route path="/groups/:id" element={<GroupPage />} />
      <Route path="/groups/:id/marks" element={<TermPage />} />
      <Route path="/groups/:id/mix-ups" element={<MixUpsPage />} />
      <Route path="/results" element={<ResultsPage />} />
      <Route path="/results/:id" element={<ClassResultsPage />} />
      <Route path="/results/:id/files" element={<FilesPage />} />
      <Route path="/marking/:tryId" element={<MarkedWorkPage />} />
      <Route path="/marking/:tryId/earlier/:number" element={<EarlierWorkPage />} />
      <Route path="/marking/:tryId/pairs" element={<PairsPage />} />
      <Route path="/results/:id/book/:bookId/:part" element={<WorkBookPage />} />
      <Route path="/from-platform/who/:token" element={<WhoComes />} />
      <Route path="/from-platform/link/:id" element={<PlaceLeads />} />
      <Route path="/password" element={<OwnSignInPage />} />
      <Route path="/guide" element={<GuidePage />} />
      <Route path="/guide/:topic" element={<GuidePage />} />
      {me.isHead && <Route path="/people" element={<PeoplePage />} />}
      {me.isHead && <Route path="/house" element={<HousePage />} />}
      <Route path="/" element={<Navigate to="/today" replace />} />
      <Route path="*" element={<NothingHere home="/today" homeName="today" />} />
    </Routes>
  );
}

function StudentRoutes() {
  return (
    <Routes>
      <Route path="/mine" element={<MyExercisesPage />} />
      <Route path="/mine/:id" element={<MyTryPage />} />
      <Route path="/mine/:id/:tab" element={<MyTryPage />} />
      <Route path="/mine/:id/:tab/:part" element={<MyTryPage />} />
      <Route path="/practice" element={<PracticePage />} />
      <Route path="/practice/drill" element={<DrillPage />} />
      <Route path="/practice/:id" element={<PracticeWork />} />
      <Route path="/practice/:id/:part" element={<PracticeWork />} />
      <Route path="/password" element={<OwnSignInPage />} />
      <Route path="/guide" element={<GuidePage />} />
      <Route path="/guide/:topic" element={<GuidePage />} />
      <Route path="/" element={<Navigate to="/mine" replace />} />
      <Route path="*" element={<NothingHere home="/mine" homeName="my exercises" />} />
    </Routes>
  );
}
