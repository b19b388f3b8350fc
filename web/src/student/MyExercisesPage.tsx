import { useQuery } from '@tanstack/react-query';
import type { MyTry, TryState } from '@gleddo/contract';
import { Link } from 'react-router';
import { get } from '../api/client';
import { momentText } from '../figures/days';
import { Asking } from '../shell/Asking';

const SAYS: Readonly<Record<TryState, string>> = {
  'not-started': 'not begun',
  working: 'you are working on it',
  'handed-in': 'handed in',
  'given-back': 'given back',
};

/** What a student has to do, and what has come back. */
export default function MyExercisesPage() {
  const mine = useQuery({
    queryKey: ['mine'],
    queryFn: () => get<MyTry[]>('my-exercises'),
    staleTime: 0,
  });
  return (
    <>
      <div className="sheet-head">
        <h1>My exercises</h1>
      </div>
      {!mine.data ? (
        <Asking of={mine} what="The list of exercises" />
      ) : (
        <main className="desk">
          <div className="paper">
            {mine.data.length === 0 ? (
              <p className="state-line">
                Nothing has been handed out to you yet. It will stand here as soon as it is.
              </p>
            ) : (
              <ul className="plain-list">
                {mine.data.map((each) => (
                  <li key={each.exerciseId}>
                    <Link className="row-link" to={`/mine/${each.exerciseId}`}>
                      <strong>{each.title}</strong>
                      <span className="quiet">{each.company}</span>
                      <span className="end">
                        {SAYS[each.state]}
                        {each.handedInAt && ` ${momentText(each.handedInAt)}`}
                        {each.points !== null && ` · ${each.points} of ${each.of}`}
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
            )}
          </div>
        </main>
      )}
    </>
  );
}
