import { lazy, Suspense, type ComponentType } from 'react';
import { Navigate, NavLink } from 'react-router';

interface PartProps {
  readonly bookId: string;
  /** The address of the book. */
  readonly base: string;
}

interface ProfileProps extends PartProps {
  readonly inner: string;
}

const CompanyParticulars = lazy(() =>
  import('./CompanyParticulars').then((m) => ({ default: m.CompanyParticulars })),
);
const HowKept = lazy(() => import('./HowKept').then((m) => ({ default: m.HowKept })));
const SchemeView = lazy(() =>
  import('../scheme/SchemeView').then((m) => ({ default: m.SchemeView })),
);
const NumbersCard = lazy(() =>
  import('../numbers/NumbersCard').then((m) => ({ default: m.NumbersCard })),
);
const TaxListsCard = lazy(() =>
  import('./TaxListsCard').then((m) => ({ default: m.TaxListsCard })),
);
const HandoutsView = lazy(() =>
  import('../handouts/HandoutsView').then((m) => ({ default: m.HandoutsView })),
);
const HealthCard = lazy(() => import('./HealthCard').then((m) => ({ default: m.HealthCard })));
const YearEnd = lazy(() => import('./YearEnd').then((m) => ({ default: m.YearEnd })));
const BookFiles = lazy(() => import('./BookFiles').then((m) => ({ default: m.BookFiles })));

const PARTS: readonly (readonly [string, string, ComponentType<PartProps>])[] = [
  ['company', 'The company', TheCompany],
  ['scheme', 'Scheme', SchemeView],
  ['numbers', 'Account numbers', NumbersCard],
  ['taxes', 'Tax lists', TaxListsCard],
  ['year-end', 'Year end', YearEnd],
  ['handouts', 'Sheets', HandoutsView],
  ['health', 'Health', HealthCard],
  ['files', 'Files', BookFiles],
];

function TheCompany() {
  return (
    <div>
      <CompanyParticulars />
      <HowKept />
    </div>
  );
}

/** What a book is apart from its accounts, tab by tab. */
export function ProfileView({ bookId, base, inner }: ProfileProps) {
  const View = PARTS.find(([id]) => id === inner)?.[2];
  if (!View) return <Navigate to={`${base}/profile/company`} replace />;
  return (
    <main className="desk">
      <div className="leaves">
        <nav aria-label="Profile of the company">
          {PARTS.map(([id, name]) => (
            <NavLink key={id} to={`${base}/profile/${id}`}>
              {name}
            </NavLink>
          ))}
        </nav>
        <Suspense fallback={<div className="paper" aria-busy="true" />}>
          <View bookId={bookId} base={base} />
        </Suspense>
      </div>
    </main>
  );
}
