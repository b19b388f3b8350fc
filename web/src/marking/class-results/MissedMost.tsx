import type { ClassResults } from '@gleddo/contract';
import styles from './class-results.module.css';

export function MissedMost({ results }: { results: ClassResults }) {
  return (
    <section className="paper">
      <div className={styles['head']}>
        <h2>Missed most often</h2>
        <span className="quiet">share of those who handed in</span>
      </div>
      {results.missed.length === 0 && <p className="quiet">Nothing was missed.</p>}
      {results.missed.map(({ fault, about, share }) => (
        <div key={`${fault} ${about}`} className={styles['missed']}>
          <span>
            {fault}
            {about !== '' && <span className="quiet"> · {about}</span>}
          </span>
          <span className={styles['bar']} data-drawn aria-hidden="true">
            <i style={{ width: `${100 * share}%` }} />
          </span>
          <strong>{Math.round(100 * share)}%</strong>
        </div>
      ))}
    </section>
  );
}
