import { Navigate, useLocation } from 'react-router';
import { useOpenBook } from '../open-book/open-book';
import { HealthCard } from './HealthCard';

/** The health of the book beside its other parts, where a student is told of it. */
export function HealthView() {
  const { by, help } = useOpenBook().answer;
  const base = useLocation().pathname.replace(/\/health$/, '');
  if (by === 'student' && !help.health) return <Navigate to={`${base}/chart`} replace />;
  return (
    <div className="desk">
      <HealthCard base={base} />
    </div>
  );
}
