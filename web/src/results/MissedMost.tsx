import type { ClassResults } from '@gleddo/contract';

export function MissedMost({ results }: { results: ClassResults }) {
  return (
    <section className="paper">
      <div className="paper-head">
        <h2>Missed most often</h2>
        <span className="quiet">share of those who handed in</span>
      </div>
      {results.missed.length === 0 && <p className="quiet">Nothing was missed.</p>}
      {results.missed.map(({ fault, about, share }) => (
        <div key={`${fault} ${about}`} className="missed">
          <span>
            {fault}
            {about !== '' && <span className="quiet"> · {about}</span>}
          </span>
          <span className="bar" aria-hidden="true">
            <i style={{ width: `${100 * share}%` }} />
          </span>
          <strong>{Math.round(100 * share)}%</strong>
        </div>
      ))}
    </section>
  );
}
