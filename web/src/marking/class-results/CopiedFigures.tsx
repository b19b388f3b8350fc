import type { CopiedShown } from '@gleddo/contract';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { get } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import styles from './class-results.module.css';

const CHANGED: Readonly<Record<CopiedShown['how'], string>> = {
  'as they are': '',
  multiplied: ', all multiplied by one number',
  moved: ', all moved by one amount',
};

/** In whose works somebody else’s own figures stand: a fact, no verdict. */
export function CopiedFigures({ exerciseId }: { exerciseId: string }) {
  const found = useQuery({
    queryKey: ['copied-figures', exerciseId],
    queryFn: () => get(`exercises/${exerciseId}/copied-figures`),
    staleTime: 0,
  });
  if (!found.data || found.data.length === 0) return null;
  return (
    <section className="paper" aria-label="Somebody else’s figures">
      <h2>Somebody else’s figures</h2>
      <ul className={`plain-list ${styles['told'] ?? ''}`}>
        {found.data.map(({ tryId, student, whose, count, how }) => (
          <li key={tryId}>
            <Link to={`/marking/${tryId}`}>{student}</Link>: {counted(count, 'amount')} that{' '}
            {count === 1 ? 'is' : 'are'} {whose}’s{CHANGED[how]}, not their own.
          </li>
        ))}
      </ul>
      <p className="quiet">A fact, no verdict: they may have worked together.</p>
    </section>
  );
}
