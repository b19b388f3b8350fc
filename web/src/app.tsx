import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { App as AntApp, ConfigProvider } from 'antd';
import { Suspense } from 'react';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import { get, Problem } from './api/client';
import { Asking } from './shell/Asking';
import { Head } from './shell/Head';
import { Mended } from './shell/Mended';
import { SignIn } from './shell/SignIn';
import { SkipLink } from './shell/SkipLink';
import { theme } from './shell/theme';
import { lazyPage } from './work/lazy-view';

const CompaniesPage = lazyPage(() => import('./companies/CompaniesPage'));
const NewCompanyPage = lazyPage(() => import('./companies/NewCompanyPage'));
const CompanyPage = lazyPage(() => import('./companies/CompanyPage'));
const ExercisesPage = lazyPage(() => import('./exercises/ExercisesPage'));
const ExercisePage = lazyPage(() => import('./exercises/ExercisePage'));
const GroupsPage = lazyPage(() => import('./groups/GroupsPage'));
const GroupPage = lazyPage(() => import('./groups/GroupPage'));
const PeoplePage = lazyPage(() => import('./people/PeoplePage'));
const PasswordPage = lazyPage(() => import('./people/PasswordPage'));
const ResultsPage = lazyPage(() => import('./results/ResultsPage'));
const ClassResultsPage = lazyPage(() => import('./results/ClassResultsPage'));
const WorkBookPage = lazyPage(() => import('./results/WorkBookPage'));
const MarkedWorkPage = lazyPage(() => import('./results/MarkedWorkPage'));
const MyExercisesPage = lazyPage(() => import('./student/MyExercisesPage'));
const MyTryPage = lazyPage(() => import('./student/MyTryPage'));

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => !(error instanceof Problem) && count < 3,
      staleTime: 5_000,
    },
  },
});

export function App() {
  return (
    <ConfigProvider theme={theme} wave={{ disabled: true }} modal={{ mask: { closable: false } }}>
      <AntApp style={{ height: '100%' }}>
        <QueryClientProvider client={queries}>
          <BrowserRouter>
            <Doorway />
          </BrowserRouter>
        </QueryClientProvider>
      </AntApp>
    </ConfigProvider>
  );
}

function Doorway() {
  const { pathname } = useLocation();
  const me = useQuery({ queryKey: ['me'], queryFn: () => get<Me>('me'), staleTime: Infinity });
  if (me.error instanceof Problem && me.error.status === 401 && !me.data) return <SignIn />;
  if (!me.data) return <Asking of={me} what="The application" />;
  return (
    <div className="app">
      <SkipLink />
      <Head me={me.data} />
      <Mended what={pathname}>
        <Suspense fallback={<div className="desk" aria-busy="true" />}>
          {me.data.role === 'instructor' ? <InstructorRoutes me={me.data} /> : <StudentRoutes />}
        </Suspense>
      </Mended>
    </div>
  );
}

function InstructorRoutes({ me }: { me: Me }) {
  return (
    <Routes>
      <Route path="/companies" element={<CompaniesPage />} />
      <Route path="/companies/new" element={<NewCompanyPage />} />
      <Route path="/companies/:bookId/:part" element={<CompanyPage />} />
      <Route path="/companies/:bookId/:part/:leaf" element={<CompanyPage />} />
      <Route path="/exercises" element={<ExercisesPage />} />
      <Route path="/exercises/:id/:tab" element={<ExercisePage />} />
      <Route path="/exercises/:id/:tab/:part" element={<ExercisePage />} />
      <Route path="/exercises/:id/:tab/:part/:leaf" element={<ExercisePage />} />
      <Route path="/groups" element={<GroupsPage />} />
      <Route path="/groups/:id" element={<GroupPage />} />
      <Route path="/results" element={<ResultsPage />} />
      <Route path="/results/:id" element={<ClassResultsPage />} />
      <Route path="/marking/:tryId" element={<MarkedWorkPage />} />
      <Route path="/results/:id/book/:bookId/:part" element={<WorkBookPage />} />
      <Route path="/password" element={<PasswordPage />} />
      {me.isHead && <Route path="/people" element={<PeoplePage />} />}
      <Route path="*" element={<Navigate to="/companies" replace />} />
    </Routes>
  );
}

function StudentRoutes() {
  return (
    <Routes>
      <Route path="/mine" element={<MyExercisesPage />} />
      <Route path="/mine/:id" element={<MyTryPage />} />
      <Route path="/mine/:id/:tab" element={<MyTryPage />} />
      <Route path="/password" element={<PasswordPage />} />
      <Route path="*" element={<Navigate to="/mine" replace />} />
    </Routes>
  );
}
