import type { FoundSoFar } from '@gleddo/contract';

/** Faults of one kind together: how many, and at which of one’s own accounts. */
function byFault({ notMet }: FoundSoFar) {
  const kinds = new Map<string, { count: number; about: string[] }>();
  for (const { fault, about } of notMet) {
    const kind = kinds.get(fault) ?? { count: 0, about: [] };
    kinds.set(fault, kind);
    kind.count++;
    if (about !== '') kind.about.push(about);
  }
  return [...kinds];
}

/** What is met and what is not yet, without saying what would be right. */
export function FoundList({ found }: { found: FoundSoFar }) {
  const { met, notMet } = found;
  return (
    <>
      <p className="is-met">✓ {met} checks are met.</p>
      {notMet.length > 0 && (
        <>
          <p className="is-missed">
            × {notMet.length} {notMet.length === 1 ? 'is' : 'are'} not met yet:
          </p>
          <ul>
            {byFault(found).map(([fault, { count, about }]) => (
              <li key={fault}>
                {fault}
                {count > 1 && <strong> · {count} times</strong>}
                {about.length > 0 && <span className="quiet"> · {about.join(', ')}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
